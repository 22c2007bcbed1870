package org.yonderarc.check;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;

/** Colours that people can tell apart: the contrast of WCAG 2.2, success criterion 1.4.3, in both schemes. */
final class ContrastRules {
    /** The least contrast of text that is not large. */
    private static final double LEAST = RoleContrast.LEAST;

    private ContrastRules() {}

    static void look(Subject subject) {
        RoleContrast.of(subject.plan().theme()).stream()
                .filter(pair -> !pair.isEnough())
                .forEach(pair -> pair(subject, pair));
    }

    private static void pair(Subject subject, RoleContrast pair) {
        Role own = subject.plan().theme().own(pair.scheme()).containsKey(pair.front()) ? pair.front() : pair.ground();
        subject.tell(
                Code.LOW_CONTRAST,
                Subject.pointer("theme", pair.scheme().word(), own.word()),
                "In the " + pair.scheme().word() + " scheme, " + pair.front().word() + " on "
                        + pair.ground().word() + " has a contrast of " + pair.rounded() + " to 1; it takes " + LEAST
                        + ".",
                "Write \"" + pair.front().word() + ": '" + pair.proposal().hex() + "'\", or another ground.");
    }

    /**
     * What a style colours, on what is really painted beneath it: each bar on a device of each kind, closed and open, in both
     * schemes, with all of its items in each state. The theme's own colours are looked at by themselves.
     */
    static void drawn(Subject subject) {
        if (subject.mentioned().styles.isEmpty()) {
            return;
        }
        var worst = new LinkedHashMap<String, Worst>();
        new DrawnStates(subject).look((fitting, state, scene) -> {
            var uses = new StyleUses(subject, fitting);
            for (PaintedContrast.Seen seen : PaintedContrast.of(scene)) {
                Optional<String> cause = seen.ratio() < seen.least() ? uses.cause(seen, state) : Optional.empty();
                cause.ifPresent(pointer -> worst.merge(
                        pointer + " " + seen.what(),
                        new Worst(
                                pointer,
                                state,
                                seen,
                                EnumSet.of(fitting.setting().scheme())),
                        Worst::and));
            }
        });
        worst.values().forEach(found -> found.tell(subject));
    }

    /** What stands out least of all that has one cause. */
    private record Worst(String pointer, ItemState state, PaintedContrast.Seen seen, Set<Scheme> schemes) {
        Worst and(Worst other) {
            Worst less = other.seen.ratio() < seen.ratio() ? other : this;
            var both = EnumSet.copyOf(schemes);
            both.addAll(other.schemes);
            return new Worst(pointer, less.state, less.seen, both);
        }

        void tell(Subject subject) {
            String where = schemes.size() > 1
                    ? "both schemes"
                    : "the " + schemes.iterator().next().word() + " scheme";
            String what = seen.item().isPresent()
                    ? "the " + seen.what() + " in the state " + state.word()
                    : "the " + seen.what() + " of the bar \"" + seen.bar() + "\"";
            subject.tell(
                    Code.LOW_CONTRAST,
                    pointer,
                    "In " + where + ", " + what + " has a contrast of " + oneDecimal(seen.ratio()) + " to 1; it takes "
                            + seen.least() + ".",
                    "Choose a colour that stands out more, or another ground.");
        }
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
