package org.yonderarc.check;

import org.yonderarc.finding.Code;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Timing;
import org.yonderarc.plan.Transition;

/** Motions that people can follow, and don't wait for. */
final class MotionRules {
    /** Below this a motion is seen as a jump, in ms. */
    private static final double SHORTEST = 50;
    /** Above this people wait for a bar or a drawer, in ms. */
    private static final double LONGEST_BAR = 500;
    /** A spring may take so many times longer: nobody waits while it creeps the last hundredth of its way. */
    private static final double CREEP = 1.5;
    /** Above this people wait for a screen, in ms. */
    private static final double LONGEST_SCREEN = 800;

    private MotionRules() {}

    static void look(Subject subject) {
        Motion motion = subject.plan().motion();
        timing(subject, motion.select(), LONGEST_BAR, "/motion/select");
        timing(subject, motion.states(), LONGEST_BAR, "/motion/states");
        timing(subject, motion.drawers(), LONGEST_BAR, "/motion/drawers");
        subject.mentioned().transitions.forEach(at -> transition(subject, at.value(), at.pointer()));
    }

    private static void transition(Subject subject, Transition transition, String pointer) {
        if (transition.kind() != Transition.Kind.NONE) {
            timing(subject, transition.timing(), LONGEST_SCREEN, pointer);
        }
    }

    private static void timing(Subject subject, Timing timing, double longest, String pointer) {
        double moving = timing.takes();
        double all = timing.delay() + moving;
        double most = timing instanceof Timing.Sprung ? longest * CREEP : longest;
        if (all > most) {
            subject.tell(
                    Code.ODD_MOTION,
                    pointer,
                    "The motion takes " + Math.round(all) + " ms.",
                    "Shorten it to " + Math.round(most) + " ms or less.");
        } else if (moving > 0 && moving < SHORTEST) {
            subject.tell(
                    Code.ODD_MOTION,
                    pointer,
                    "The motion takes " + Math.round(moving) + " ms.",
                    "Lengthen it to at least " + Math.round(SHORTEST) + " ms, or write 0 for none.");
        }
    }
}
