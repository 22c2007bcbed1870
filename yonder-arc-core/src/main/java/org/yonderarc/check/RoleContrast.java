package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;

/**
 * Two colours of a theme that stand on each other, and how much they stand out: WCAG 2.2, success criterion 1.4.3.
 *
 * @param scheme in which scheme
 * @param front what stands in front
 * @param ground what it stands on
 * @param ratio the contrast ratio, 1 to 21
 * @param proposal the colour nearest to the one in front that stands out enough from all that it stands on
 */
public record RoleContrast(Scheme scheme, Role front, Role ground, double ratio, Colour proposal) {
    /** The least contrast of text that is not large. */
    public static final double LEAST = 4.5;

    private record Pair(Role front, Role ground) {}

    private static final List<Pair> PAIRS = List.of(
            new Pair(Role.TEXT, Role.SURFACE),
            new Pair(Role.TEXT, Role.BACKGROUND),
            new Pair(Role.MUTED, Role.SURFACE),
            new Pair(Role.MUTED, Role.BACKGROUND),
            new Pair(Role.ACCENT, Role.SURFACE),
            new Pair(Role.ACCENT, Role.BACKGROUND),
            new Pair(Role.BADGE_TEXT, Role.BADGE),
            new Pair(Role.ACCENT_TEXT, Role.ACCENT));

    /** Whether it is enough. */
    public boolean isEnough() {
        return ratio >= LEAST;
    }

    /** The ratio with one decimal, rounded down, so that a ratio that fails never reads as one that passes. */
    public String rounded() {
        return ContrastRules.oneDecimal(ratio);
    }

    /** All pairs of a theme, the light scheme first. */
    public static List<RoleContrast> of(Theme theme) {
        var out = new ArrayList<RoleContrast>();
        for (Scheme scheme : Scheme.values()) {
            for (Pair pair : PAIRS) {
                Colour front = theme.colour(scheme, pair.front);
                Colour ground = theme.colour(scheme, pair.ground);
                Colour seen = front.withAlpha(1);
                Colour mixed = ground.mixedWith(seen, front.alpha()).withAlpha(1);
                out.add(new RoleContrast(
                        scheme,
                        pair.front,
                        pair.ground,
                        mixed.contrastWith(ground),
                        enough(seen, grounds(theme, scheme, pair.front))));
            }
        }
        return out;
    }

    /** Everything that a role has to stand out from. */
    private static List<Colour> grounds(Theme theme, Scheme scheme, Role front) {
        return PAIRS.stream()
                .filter(pair -> pair.front == front)
                .map(pair -> theme.colour(scheme, pair.ground))
                .collect(toList());
    }

    /** The colour nearest to {@code front}, on the way to black or to white, that stands out enough from all grounds. */
    private static Colour enough(Colour front, List<Colour> grounds) {
        Colour black = Colour.rgb(0);
        Colour white = Colour.rgb(0xFFFFFF);
        Colour best = black;
        for (int percent = 0; percent <= 100; percent++) {
            for (Colour end : List.of(black, white)) {
                Colour tried = front.mixedWith(end, percent / 100.0);
                if (least(tried, grounds) >= LEAST) {
                    return tried;
                }
                best = least(tried, grounds) > least(best, grounds) ? tried : best;
            }
        }
        // Grounds that are too far apart from each other leave no such colour: the one that comes nearest.
        return best;
    }

    private static double least(Colour front, List<Colour> grounds) {
        return grounds.stream().mapToDouble(front::contrastWith).min().orElse(1);
    }
}
