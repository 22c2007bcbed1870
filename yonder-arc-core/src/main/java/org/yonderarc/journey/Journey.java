package org.yonderarc.journey;

import java.util.List;
import java.util.Objects;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Plan;

/**
 * Steps through an app, with what is to be found after each.
 *
 * @param name its name
 * @param device the device that it is walked on: a preset, one of the plan's own, or a size in dp
 * @param facts the facts that hold at its start: {@code drafts=3}
 * @param legs its legs in order
 */
public record Journey(String name, String device, List<String> facts, List<Leg> legs) {
    public Journey {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(device, "device");
        facts = List.copyOf(facts);
        legs = List.copyOf(legs);
    }

    /**
     * The device that it is walked on.
     *
     * @throws IllegalArgumentException with the reason, if neither the plan nor the presets have it
     */
    public Device on(Plan plan) {
        return Device.named(device, plan);
    }

    /**
     * One step and what is expected after it.
     *
     * @param step the step, as the command line writes it; empty for none
     * @param expected what is expected
     * @param line the line in the journey's file, or 0
     */
    public record Leg(String step, List<Expectation> expected, int line) {
        public Leg {
            expected = List.copyOf(expected);
        }
    }

    /** What can be expected. */
    public enum What {
        /** The place that is shown. */
        AT("The place that is shown."),
        /** The item that is selected, or none. */
        SELECTED("The item that is selected, or none."),
        /** Items that show. */
        SHOWN("Items that show."),
        /** Items that don't show. */
        HIDDEN("Items that don't show."),
        /** An effect. */
        EFFECT("An effect."),
        /** The place to which going back leads, or leave. */
        BACK("The place to which going back leads, or leave."),
        /** The title of the place. */
        TITLE("The title of the place."),
        /** The step is refused for this reason, or a part of it. */
        REFUSED("The step is refused for this reason, or a part of it.");

        private final String about;

        What(String about) {
            this.about = about;
        }

        /** What it expects, in one sentence. */
        public String about() {
            return about;
        }

        /** The word for it in a journey's file. */
        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * One expectation.
     *
     * @param what what is looked at
     * @param value what it should be
     */
    public record Expectation(What what, String value) {}
}
