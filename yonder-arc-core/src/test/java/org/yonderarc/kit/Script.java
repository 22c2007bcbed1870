package org.yonderarc.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.IntPredicate;
import java.util.stream.Stream;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Surroundings;

/**
 * An app on a device, and what a person does there, moment by moment.
 *
 * @param name what the case is called
 * @param plan the app's
 * @param around the device, and how the person likes it
 * @param moments in the order of their times
 */
public record Script(String name, Plan plan, Surroundings around, List<Moment> moments) {
    /** When it begins, in ms of a clock that is set by hand. */
    public static final double START = 1000;

    /** In so many moves a finger goes its way. */
    private static final int MOVES = 5;

    /** The times of a film at which it is looked at, in ms after what began it. */
    private static final double[] LOOKS = {60, 120, 200};

    /**
     * A moment: either something is done, or everything is looked at.
     *
     * @param at the time in ms
     * @param does what is done; no value where it is looked at
     */
    public record Moment(double at, Optional<Input> does) {}

    /**
     * What a random person does, so many times: chooses something, or pulls from an edge and lets go or gives up.
     *
     * @param isTouched whether by a finger; by a mouse otherwise
     */
    public static Script random(
            String name,
            Plan plan,
            Surroundings around,
            TextMeasure measure,
            int inputs,
            boolean isTouched,
            Random random) {
        var writer = new Writer(new Reference(plan, around, measure, true), isTouched, random);
        writer.look();
        for (int i = 0; i < inputs; i++) {
            if (random.nextInt(3) > 0) {
                writer.choose();
            } else {
                writer.pull(around.device().width(), around.device().height());
            }
        }
        return new Script(name, plan, around, writer.moments);
    }

    /**
     * A finger pulls from a side and is seen at each of its moves; what it pulled is let go, and comes.
     *
     * @param first the accessible name of what is chosen before; empty for nothing
     */
    public static Script pulling(
            String name, Plan plan, Surroundings around, TextMeasure measure, String first, boolean fromLeft) {
        var writer = new Writer(new Reference(plan, around, measure, true), true, new Random(0));
        writer.parts().filter(part -> part.name().equals(first)).findFirst().ifPresent(writer::choose);
        double width = around.device().width();
        double middle = Math.floor(around.device().height() / 2);
        writer.does(writer.pull(fromLeft, width, middle, Math.floor(width * 0.7), move -> true));
        writer.rest();
        return new Script(name, plan, around, writer.moments);
    }

    /** Writes down what is done while it is done, since what can be done next depends on it. */
    private static final class Writer {
        private final Reference reference;
        private final boolean isTouched;
        private final Random random;
        private final List<Moment> moments = new ArrayList<>();
        private double now = START;

        Writer(Reference reference, boolean isTouched, Random random) {
            this.reference = reference;
            this.isTouched = isTouched;
            this.random = random;
        }

        void look() {
            reference.stage().scene(now);
            moments.add(new Moment(now, Optional.empty()));
        }

        private void does(Input input) {
            reference.take(input, now);
            moments.add(new Moment(now, Optional.of(input)));
        }

        Stream<Access> parts() {
            return reference.stage().tree().all().stream()
                    .filter(part -> part.role() == Access.Role.BUTTON || part.role() == Access.Role.LINK)
                    .filter(part -> part.enabled() && !part.inert());
        }

        void choose() {
            List<Access> all = parts().toList();
            if (!all.isEmpty()) {
                choose(all.get(random.nextInt(all.size())));
            }
        }

        private void choose(Access part) {
            does(new Input.Choose(part.path()));
            rest();
        }

        /** A finger from a side, held midway, then let go: one way or the other. */
        void pull(double width, double height) {
            boolean fromLeft = random.nextBoolean();
            double y = Math.floor(height * (0.3 + random.nextDouble() / 2));
            double way = Math.floor(width * (0.2 + random.nextDouble() / 2));
            Input.Up end = pull(fromLeft, width, y, way, move -> move == 2 || move == MOVES);
            does(random.nextInt(4) == 0 && isTouched ? new Input.Cancel(1) : end);
            rest();
        }

        /** A finger that comes down at a side and goes so far, and rests there; gives how it is lifted. */
        private Input.Up pull(boolean fromLeft, double width, double y, double way, IntPredicate looks) {
            double from = fromLeft ? 6 : width - 6;
            double x = from;
            does(new Input.Down(1, from, y, true, isTouched));
            for (int move = 1; move <= MOVES; move++) {
                now += 16;
                x = from + (fromLeft ? 1 : -1) * way * move / MOVES;
                does(new Input.Move(1, x, y));
                if (looks.test(move)) {
                    look();
                }
            }
            now += 200;
            look();
            return new Input.Up(1, x, y);
        }

        /** Frames at some times of the film, until nothing moves. */
        private void rest() {
            double began = now;
            look();
            for (double after : LOOKS) {
                now = began + after;
                look();
            }
            while (reference.stage().moves()) {
                now = Math.max(now + 16, reference.stage().until().orElse(now));
                look();
            }
        }
    }
}
