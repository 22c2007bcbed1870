package org.yonderarc.check;

import java.util.List;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;

/** Colours that people can tell apart: the contrast of WCAG 2.2, success criterion 1.4.3, in both schemes. */
final class ContrastRules {
    /** The least contrast of text that is not large. */
    private static final double LEAST = 4.5;

    private record Pair(Role front, Role ground) {}

    private static final List<Pair> PAIRS = List.of(
            new Pair(Role.TEXT, Role.SURFACE),
            new Pair(Role.TEXT, Role.BACKGROUND),
            new Pair(Role.MUTED, Role.SURFACE),
            new Pair(Role.MUTED, Role.BACKGROUND),
            new Pair(Role.ACCENT, Role.SURFACE),
            new Pair(Role.ACCENT, Role.BACKGROUND),
            new Pair(Role.ON_BADGE, Role.BADGE));

    private ContrastRules() {}

    static void look(Subject subject) {
        for (Scheme scheme : Scheme.values()) {
            PAIRS.forEach(pair -> pair(subject, scheme, pair));
        }
    }

    private static void pair(Subject subject, Scheme scheme, Pair pair) {
        Theme theme = subject.plan().theme();
        Colour front = theme.colour(scheme, pair.front);
        Colour ground = theme.colour(scheme, pair.ground);
        Colour seen = front.withAlpha(1);
        Colour mixed = ground.mixedWith(seen, front.alpha()).withAlpha(1);
        double ratio = mixed.contrastWith(ground);
        if (ratio < LEAST) {
            Role own = theme.own(scheme).containsKey(pair.front) ? pair.front : pair.ground;
            subject.tell(
                    Code.LOW_CONTRAST,
                    Subject.pointer("theme", scheme.word(), own.word()),
                    "In the " + scheme.word() + " scheme, " + pair.front.word() + " on " + pair.ground.word()
                            + " has a contrast of " + oneDecimal(ratio) + " to 1; it takes " + LEAST + ".",
                    "Write \"" + pair.front.word() + ": '"
                            + enough(seen, ground).hex() + "'\", or another ground.");
        }
    }

    /** The colour nearest to {@code front}, on the way to black or to white, that stands out enough. */
    private static Colour enough(Colour front, Colour ground) {
        Colour black = Colour.rgb(0);
        Colour white = Colour.rgb(0xFFFFFF);
        for (int percent = 0; percent <= 100; percent++) {
            for (Colour end : List.of(black, white)) {
                Colour tried = front.mixedWith(end, percent / 100.0);
                if (tried.contrastWith(ground) >= LEAST) {
                    return tried;
                }
            }
        }
        // One of the two always stands out: no ground is nearer than 4.5 to both.
        return ground.contrastWith(black) > ground.contrastWith(white) ? black : white;
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    private static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
