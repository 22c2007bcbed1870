package org.yonderarc.draw;

import java.util.Optional;
import org.yonderarc.check.IconNames;

/** A set of icons that can be drawn. Thread-safe. */
public interface Icons extends IconNames {
    /**
     * The drawing of an icon. Without a filled twin, the outline stands in.
     *
     * @return the drawing, or empty if there is no icon with this name
     */
    Optional<IconArt> art(String name, boolean filled);
}
