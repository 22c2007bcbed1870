package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A theme for people who want more contrast: texts and what can be chosen stand out as WCAG 2.2 asks at its highest level
 * (success criterion 1.4.6, 7 to 1), hairlines as what has a meaning (1.4.11, 3 to 1). Colours keep their hue as far as
 * that allows; grounds stay. Colours that a style names by themselves stay as they are.
 */
final class Contrast {
    private static final double TEXTS = 7;
    private static final double LINES = 3;
    private static final double READABLE = 4.5;
    /** A badge has a ring around it; it needs to differ, no more. */
    private static final double BADGES = 1.6;
    /** In so many steps a colour goes all the way to black or white. */
    private static final int STEPS = 32;

    private Contrast() {}

    static Theme more(Theme theme) {
        return theme.with(Scheme.LIGHT, more(theme, Scheme.LIGHT)).with(Scheme.DARK, more(theme, Scheme.DARK));
    }

    /** The theme as it is on grounds. */
    static Theme on(Theme theme, Scheme scheme, List<Colour> grounds) {
        var colours = new EnumMap<Role, Colour>(Role.class);
        colours.putAll(theme.own(scheme));
        Colour ground = grounds.get(0);
        for (int i = 1; i < grounds.size(); i++) {
            ground = ground.mixedWith(grounds.get(i), 1.0 / (i + 1));
        }
        Colour ink = ink(ground, grounds);
        // What a state colours goes towards the ink only where that leaves enough contrast.
        Colour shade = ground.contrastWith(ink) >= TEXTS ? ink : ink.ink();
        Colour quiet = ground.mixedWith(shade, 0.06);
        Colour line = ground.mixedWith(shade, 0.1);
        var behind = new ArrayList<>(grounds);
        behind.addAll(List.of(quiet, line));
        Colour accent = theme.colour(scheme, Role.ACCENT);
        boolean accentStands = stands(accent, behind, READABLE);
        Colour badge = theme.colour(scheme, Role.BADGE);
        boolean badgeStands = stands(badge, grounds, BADGES);
        colours.put(Role.SURFACE, ground);
        colours.put(Role.QUIET, quiet);
        colours.put(Role.LINE, line);
        colours.put(Role.TEXT, away(theme.colour(scheme, Role.TEXT), ink, behind, READABLE));
        colours.put(Role.MUTED, away(theme.colour(scheme, Role.MUTED), ink, behind, READABLE));
        colours.put(Role.ACCENT, accentStands ? accent : ink);
        colours.put(Role.ACCENT_TEXT, accentStands ? theme.colour(scheme, Role.ACCENT_TEXT) : ground);
        colours.put(Role.TINT, ground.mixedWith(accentStands ? accent : shade, 0.16));
        colours.put(Role.BADGE, badgeStands ? badge : ink);
        colours.put(Role.BADGE_TEXT, badgeStands ? theme.colour(scheme, Role.BADGE_TEXT) : ground);
        return theme.with(scheme, colours);
    }

    /** What is read best on all of them; on middling colours only pure black is dark enough. */
    private static Colour ink(Colour ground, List<Colour> grounds) {
        return Stream.of(ground.ink(), Colour.rgb(0), Colour.rgb(0xFFFFFF))
                .filter(colour -> stands(colour, grounds, READABLE))
                .findFirst()
                .orElse(ground.ink());
    }

    private static boolean stands(Colour colour, List<Colour> grounds, double least) {
        return grounds.stream().allMatch(ground -> colour.contrastWith(ground) >= least);
    }

    private static Map<Role, Colour> more(Theme theme, Scheme scheme) {
        var colours = new EnumMap<Role, Colour>(Role.class);
        colours.putAll(theme.own(scheme));
        List<Colour> grounds = Stream.of(Role.SURFACE, Role.BACKGROUND, Role.QUIET, Role.TINT)
                .map(role -> theme.colour(scheme, role))
                .collect(toList());
        // What is behind what is selected stays: by itself it would follow the accent.
        colours.put(Role.TINT, theme.colour(scheme, Role.TINT));
        for (Role role : List.of(Role.TEXT, Role.MUTED, Role.ACCENT)) {
            colours.put(role, away(theme.colour(scheme, role), grounds, TEXTS));
        }
        colours.put(Role.LINE, away(theme.colour(scheme, Role.LINE), grounds.subList(0, 2), LINES));
        colours.put(
                Role.ACCENT_TEXT,
                away(theme.colour(scheme, Role.ACCENT_TEXT), List.of(colours.get(Role.ACCENT)), TEXTS));
        colours.put(
                Role.BADGE_TEXT,
                away(theme.colour(scheme, Role.BADGE_TEXT), List.of(theme.colour(scheme, Role.BADGE)), TEXTS));
        return colours;
    }

    /** The colour, as far away from grounds as it takes. */
    private static Colour away(Colour from, List<Colour> grounds, double least) {
        return away(from, grounds.get(0).ink(), grounds, least);
    }

    private static Colour away(Colour from, Colour end, List<Colour> grounds, double least) {
        for (int step = 0; step < STEPS; step++) {
            Colour colour = from.mixedWith(end, (double) step / STEPS);
            if (stands(colour, grounds, least)) {
                return colour;
            }
        }
        return end;
    }
}
