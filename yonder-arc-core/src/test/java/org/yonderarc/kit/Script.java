package org.yonderarc.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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

    /** The times of a film at which it is looked at, in ms after what began it. */
    private static final double[] LOOKS = {60, 120, 200};

    /**
     * A moment: either something is done, or everything is looked at.
     *
     * @param at the time in ms
     * @param does what is done; no value where it is looked at
     */
    public record Moment(double at, Optional<Input> does) {}

    /** What a random person does, so many times: chooses something, or pulls from an edge and lets go or gives up. */
    public static Script random(
            String name, Plan plan, Surroundings around, TextMeasure measure, int deeds, Random random) {
        var writer = new Writer(new Reference(plan, around, measure, true), random);
        writer.look();
        for (int i = 0; i < deeds; i++) {
            if (random.nextInt(3) > 0) {
                writer.choose();
            } else {
                writer.pull(around.device().width(), around.device().height());
            }
        }
        return new Script(name, plan, around, writer.moments);
    }

    /** Writes down what is done while it is done, since what can be done next depends on it. */
    private static final class Writer {
        private final Reference reference;
        private final Random random;
        private final List<Moment> moments = new ArrayList<>();
        private double now = START;

        Writer(Reference reference, Random random) {
            this.reference = reference;
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

        void choose() {
            List<Access> all = reference.stage().tree().all().stream()
                    .filter(part -> part.role() == Access.Role.BUTTON || part.role() == Access.Role.LINK)
                    .filter(part -> part.enabled() && !part.inert())
                    .toList();
            if (!all.isEmpty()) {
                does(new Input.Choose(all.get(random.nextInt(all.size())).path()));
                rest();
            }
        }

        /** A finger from a side, held midway, then let go: one way or the other. */
        void pull(double width, double height) {
            boolean fromLeft = random.nextBoolean();
            double y = Math.floor(height * (0.3 + random.nextDouble() / 2));
            double way = Math.floor(width * (0.2 + random.nextDouble() / 2));
            double from = fromLeft ? 6 : width - 6;
            does(new Input.Down(1, from, y, true, true));
            for (int part = 1; part <= 5; part++) {
                now += 16;
                does(new Input.Move(1, from + (fromLeft ? 1 : -1) * way * part / 5, y));
                if (part == 2 || part == 5) {
                    look();
                }
            }
            now += 200;
            does(random.nextInt(4) == 0 ? new Input.Cancel(1) : new Input.Up(1, from + (fromLeft ? 1 : -1) * way, y));
            rest();
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
