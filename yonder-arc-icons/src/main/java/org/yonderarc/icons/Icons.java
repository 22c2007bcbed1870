package org.yonderarc.icons;

import java.util.Optional;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.IconSet;

/** A set of icons that can be drawn. Thread-safe. */
public interface Icons extends IconNames {
    @Override
    default Icons in(IconSet set) {
        return this;
    }

    /**
     * The drawing of an icon. Without a filled variant, the outline stands in.
     *
     * @return the drawing, or empty if there is no icon with this name
     */
    Optional<IconArt> art(String name, boolean filled);

    /** These icons, and others where these lack one: for pictures of two plans beside each other. */
    default Icons or(Icons others) {
        return new EitherIcons(this, others);
    }
}
