package org.yonderarc.plan;

import java.util.Objects;

/**
 * A colour that a theme names, for styles to refer to.
 *
 * @param id its name; never that of a {@link Role}
 * @param light what it is in the light scheme
 * @param dark what it is in the dark scheme
 */
public record NamedColour(String id, Colour light, Colour dark) implements Identified {
    public NamedColour {
        Ids.require(id, "colour");
        Objects.requireNonNull(light, "light");
        Objects.requireNonNull(dark, "dark");
    }

    /** What it is in a scheme. */
    public Colour in(Scheme scheme) {
        return scheme == Scheme.LIGHT ? light : dark;
    }
}
