package org.yonderarc.plan;

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
    /** In so many steps a colour goes all the way to black or white. */
    private static final int STEPS = 32;

    private Contrast() {}

    static Theme more(Theme theme) {
        return new Theme(more(theme, Scheme.LIGHT), more(theme, Scheme.DARK), theme.style(), theme.tokens());
    }

    private static Map<Role, Colour> more(Theme theme, Scheme scheme) {
        var colours = new EnumMap<Role, Colour>(Role.class);
        colours.putAll(theme.own(scheme));
        List<Colour> grounds = Stream.of(Role.SURFACE, Role.BACKGROUND, Role.QUIET, Role.TINT)
                .map(role -> theme.colour(scheme, role))
                .toList();
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
        Colour end = grounds.get(0).ink();
        for (int step = 0; step < STEPS; step++) {
            Colour colour = from.mixedWith(end, (double) step / STEPS);
            if (grounds.stream().allMatch(ground -> colour.contrastWith(ground) >= least)) {
                return colour;
            }
        }
        return end;
    }
}
