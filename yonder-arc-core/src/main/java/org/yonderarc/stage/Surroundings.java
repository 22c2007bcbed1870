package org.yonderarc.stage;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;

/**
 * Where a person uses an app, and how they like it.
 *
 * @param device the size, the insets, the text scale and what they point with
 * @param language the language tag (BCP 47) of the texts; empty for that of the plan
 * @param scheme in which of the theme's two schemes
 * @param lessMotion whether they want less motion
 * @param moreContrast whether they want more contrast
 */
public record Surroundings(Device device, String language, Scheme scheme, boolean lessMotion, boolean moreContrast) {
    public Surroundings {
        Objects.requireNonNull(device, "device");
        Objects.requireNonNull(language, "language");
        Objects.requireNonNull(scheme, "scheme");
    }

    /** A device, in the plan's language and the light scheme, with all of the motion. */
    public static Surroundings of(Device device) {
        return new Surroundings(device, "", Scheme.LIGHT, false, false);
    }

    /** The same on another device. */
    public Surroundings on(Device other) {
        return new Surroundings(other, language, scheme, lessMotion, moreContrast);
    }

    /** The same in another scheme. */
    public Surroundings in(Scheme other) {
        return new Surroundings(device, language, other, lessMotion, moreContrast);
    }

    /** The same in another language. */
    public Surroundings in(String tag) {
        return new Surroundings(device, tag, scheme, lessMotion, moreContrast);
    }

    /** The same for a person who wants less motion, or all of it. */
    public Surroundings lessMotion(boolean less) {
        return new Surroundings(device, language, scheme, less, moreContrast);
    }

    /** The same for a person who wants more contrast, or the usual one. */
    public Surroundings moreContrast(boolean more) {
        return new Surroundings(device, language, scheme, lessMotion, more);
    }

    /** The colours of a theme by what they are for, in this scheme and contrast: for an app's own views, so that they look as the bars do. */
    public Map<Role, Colour> palette(Theme usual) {
        Theme theme = moreContrast ? usual.moreContrast() : usual;
        var colours = new EnumMap<Role, Colour>(Role.class);
        for (Role role : Role.values()) {
            colours.put(role, theme.colour(scheme, role));
        }
        return Collections.unmodifiableMap(colours);
    }

    Setting setting(Interaction touch, double scrolled) {
        return new Setting(device, language, touch, scrolled, scheme, moreContrast);
    }
}
