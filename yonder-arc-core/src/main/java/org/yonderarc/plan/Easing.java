package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.yonderarc.tree.NumberValue;

/** How a motion is spread over its time, as CSS Easing Functions Level 2 defines it. */
public sealed interface Easing {
    /** The standard has no bound for progress; beyond this nothing is on any screen. */
    double FARTHEST = 10;

    /** The easing as CSS writes it; reading it gives an equal easing. */
    String text();

    /**
     * Reads an easing: {@code linear}, {@code ease}, {@code ease-in}, {@code ease-out}, {@code ease-in-out}, {@code
     * step-start}, {@code step-end}, {@code cubic-bezier()}, {@code steps()} or {@code linear()}.
     *
     * @throws IllegalArgumentException with the reason, if it isn't one
     */
    static Easing parse(String text) {
        return EasingParser.parse(text);
    }

    /**
     * A cubic Bezier curve from 0, 0 to 1, 1 (section 2.3).
     *
     * @param x1 the time of the first control point, 0 to 1
     * @param y1 the progress of the first control point, -10 to 10
     * @param x2 the time of the second control point, 0 to 1
     * @param y2 the progress of the second control point, -10 to 10
     */
    record CubicBezier(double x1, double y1, double x2, double y2) implements Easing {
        /** The curve of {@code ease}. */
        public static final CubicBezier EASE = new CubicBezier(0.25, 0.1, 0.25, 1);
        /** The curve of {@code ease-in}. */
        public static final CubicBezier EASE_IN = new CubicBezier(0.42, 0, 1, 1);
        /** The curve of {@code ease-out}. */
        public static final CubicBezier EASE_OUT = new CubicBezier(0, 0, 0.58, 1);
        /** The curve of {@code ease-in-out}. */
        public static final CubicBezier EASE_IN_OUT = new CubicBezier(0.42, 0, 0.58, 1);

        public CubicBezier {
            if (!(x1 >= 0 && x1 <= 1 && x2 >= 0 && x2 <= 1)) {
                throw new IllegalArgumentException("the times of a cubic-bezier() are 0 to 1");
            }
            if (!(Math.abs(y1) <= FARTHEST && Math.abs(y2) <= FARTHEST)) {
                throw new IllegalArgumentException("the progress of a cubic-bezier() is -10 to 10");
            }
        }

        @Override
        public String text() {
            return "cubic-bezier(" + NumberValue.plain(x1) + ", " + NumberValue.plain(y1) + ", " + NumberValue.plain(x2)
                    + ", " + NumberValue.plain(y2) + ")";
        }
    }

    /**
     * Progress in jumps (section 2.4).
     *
     * @param count how many steps, at least 1; at least 2 for {@link Jump#NONE}
     * @param jump where the jumps are
     */
    record Steps(int count, Jump jump) implements Easing {
        public Steps {
            Objects.requireNonNull(jump, "jump");
            if (count < (jump == Jump.NONE ? 2 : 1)) {
                throw new IllegalArgumentException("steps() takes at least " + (jump == Jump.NONE ? 2 : 1)
                        + (jump == Jump.NONE ? " steps with jump-none" : " step"));
            }
        }

        @Override
        public String text() {
            return "steps(" + count + ", " + jump.word() + ")";
        }
    }

    /** Where the jumps of {@link Steps} are. */
    enum Jump {
        /** At the start. */
        START,
        /** At the end. */
        END,
        /** At neither end. */
        NONE,
        /** At both ends. */
        BOTH;

        /** The word that CSS has for it. */
        public String word() {
            return "jump-" + name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /**
     * Straight lines between points (section 2.2).
     *
     * @param stops the points, at least two, their times not falling
     */
    record Linear(List<Stop> stops) implements Easing {
        /** One line from 0 to 1. */
        public static final Linear PLAIN = new Linear(List.of(new Stop(0, 0), new Stop(1, 100)));

        public Linear {
            stops = List.copyOf(stops);
            if (stops.size() < 2) {
                throw new IllegalArgumentException("linear() takes at least two points");
            }
        }

        @Override
        public String text() {
            return equals(PLAIN)
                    ? "linear"
                    : stops.stream()
                            .map(stop -> NumberValue.plain(stop.progress) + " " + NumberValue.plain(stop.percent) + "%")
                            .collect(Collectors.joining(", ", "linear(", ")"));
        }
    }

    /**
     * A point of {@link Linear}.
     *
     * @param progress the progress there, -10 to 10
     * @param percent its time, in percent of the duration, -1000 to 1000
     */
    record Stop(double progress, double percent) {
        public Stop {
            if (!(Math.abs(progress) <= FARTHEST && Math.abs(percent) <= 100 * FARTHEST)) {
                throw new IllegalArgumentException("a point of linear() is -10 to 10, at -1000 % to 1000 %");
            }
        }
    }
}
