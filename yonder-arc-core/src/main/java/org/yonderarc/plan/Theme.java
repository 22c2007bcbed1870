package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The colours of a plan, by scheme and role. A role that the plan leaves out has the default colour.
 *
 * @param light the plan's own colours in the light scheme
 * @param dark the plan's own colours in the dark scheme
 * @param style how items look in every bar
 * @param named colours by names of the plan's own, for styles to refer to
 * @param iconSet the set that icons are of
 * @param font the font of texts, in place of the bundled one
 * @param schemeFact the id of the fact that says which scheme is shown
 * @param tokenFile the file with the design tokens that colours and sizes may name, inside of the plan's folder
 */
public record Theme(
        Map<Role, Colour> light,
        Map<Role, Colour> dark,
        Optional<Style.Ref> style,
        Catalog<NamedColour> named,
        IconSet iconSet,
        Optional<FontFiles> font,
        Optional<String> schemeFact,
        Optional<String> tokenFile) {
    /** The theme of a plan that defines none. */
    public static final Theme DEFAULT = new Theme(
            Map.of(),
            Map.of(),
            Optional.empty(),
            Catalog.of(List.of()),
            IconSet.LINE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final Map<Role, Colour> DEFAULT_LIGHT =
            colours(0xF6F8F9, 0xFFFFFF, 0xE9EFF1, 0x14252B, 0x56666D, 0x0A6C74, 0xDCE4E7, 0xBE3A2B, 0xFFFFFF);

    private static final Map<Role, Colour> DEFAULT_DARK =
            colours(0x0D1518, 0x152024, 0x1E2B30, 0xE7EFF1, 0x9AABB1, 0x66CBD0, 0x27353A, 0xF08A7C, 0x33100A);

    public Theme {
        light = Map.copyOf(light);
        dark = Map.copyOf(dark);
        Objects.requireNonNull(style, "style");
        Objects.requireNonNull(named, "named");
        Objects.requireNonNull(iconSet, "iconSet");
        Objects.requireNonNull(font, "font");
        Objects.requireNonNull(schemeFact, "schemeFact");
        Objects.requireNonNull(tokenFile, "tokenFile");
    }

    /** The plan's own colours of a scheme. */
    public Map<Role, Colour> own(Scheme scheme) {
        return scheme == Scheme.LIGHT ? light : dark;
    }

    /** The colour of a role in a scheme. */
    public Colour colour(Scheme scheme, Role role) {
        Colour own = own(scheme).get(role);
        if (own != null) {
            return own;
        }
        if (role == Role.TINT) {
            double share = scheme == Scheme.LIGHT ? 0.13 : 0.2;
            return colour(scheme, Role.SURFACE).mixedWith(colour(scheme, Role.ACCENT), share);
        }
        if (role == Role.ACCENT_TEXT) {
            return colour(scheme, Role.ACCENT).ink();
        }
        return Objects.requireNonNull((scheme == Scheme.LIGHT ? DEFAULT_LIGHT : DEFAULT_DARK).get(role));
    }

    /** The same for people who want more contrast: texts at 7 to 1, hairlines at 3 to 1 (WCAG 2.2, 1.4.6 and 1.4.11). */
    public Theme moreContrast() {
        return Contrast.more(this);
    }

    /**
     * The same as it is on a ground: the roles are what can be read there. What stands out enough stays as it is, the others
     * go as far towards black or white as WCAG 2.2 asks (success criterion 1.4.3, 4.5 to 1).
     *
     * @param grounds the colours of the ground; empty for the usual one
     */
    public Theme on(Scheme scheme, List<Colour> grounds) {
        return grounds.isEmpty() ? this : Contrast.on(this, scheme, grounds);
    }

    /** The same with other colours of its own in a scheme. */
    Theme with(Scheme scheme, Map<Role, Colour> own) {
        return new Theme(
                scheme == Scheme.LIGHT ? own : light,
                scheme == Scheme.DARK ? own : dark,
                style,
                named,
                iconSet,
                font,
                schemeFact,
                tokenFile);
    }

    /**
     * The same in which every role and every name has a colour of its own in a scheme, a shade away from its real one: what is drawn
     * in it tells where each colour comes from.
     */
    public Theme distinct(Scheme scheme) {
        var taken = new HashSet<Colour>();
        var own = new EnumMap<Role, Colour>(Role.class);
        for (Role role : Role.values()) {
            own.put(role, colour(scheme, role).unlike(taken));
        }
        var names = named.stream()
                .map(name -> {
                    Colour shade = name.in(scheme).unlike(taken);
                    return new NamedColour(
                            name.id(),
                            scheme == Scheme.LIGHT ? shade : name.light(),
                            scheme == Scheme.DARK ? shade : name.dark());
                })
                .collect(toList());
        Theme all = with(scheme, own);
        return new Theme(all.light, all.dark, style, Catalog.of(names), iconSet, font, schemeFact, tokenFile);
    }

    /** In the order of the roles; the last ones follow from the others. */
    private static Map<Role, Colour> colours(int... rgb) {
        var colours = new EnumMap<Role, Colour>(Role.class);
        for (int i = 0; i < rgb.length; i++) {
            colours.put(Role.values()[i], Colour.rgb(rgb[i]));
        }
        return colours;
    }
}
