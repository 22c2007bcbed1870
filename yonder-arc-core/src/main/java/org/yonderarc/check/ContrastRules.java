package org.yonderarc.check;

import org.yonderarc.finding.Code;
import org.yonderarc.plan.Role;

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
                        + pair.ground().word() + " has a contrast of " + pair.rounded() + ":1; at least " + LEAST
                        + ":1 is needed.",
                "Write \"" + pair.front().word() + ": '" + pair.proposal().hex() + "'\", or another background.");
    }

    /** Rounded down, so that a ratio that fails never reads as one that passes. */
    static String oneDecimal(double ratio) {
        long tenths = (long) Math.floor(ratio * 10);
        return tenths / 10 + "." + tenths % 10;
    }
}
