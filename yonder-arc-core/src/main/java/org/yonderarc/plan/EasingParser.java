package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.yonderarc.plan.Easing.CubicBezier;
import org.yonderarc.plan.Easing.Jump;
import org.yonderarc.plan.Easing.Linear;
import org.yonderarc.plan.Easing.Steps;
import org.yonderarc.plan.Easing.Stop;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Split;

/** Reads easings in the syntax of CSS Easing Functions Level 2. */
final class EasingParser {
    /** More points than this are a mistake; a spring at 120 frames a second has fewer. */
    private static final int MOST_STOPS = 500;

    private EasingParser() {}

    static Easing parse(String source) {
        String text = source.strip().toLowerCase(Locale.ROOT);
        return switch (text) {
            case "linear" -> Linear.PLAIN;
            case "ease" -> CubicBezier.EASE;
            case "ease-in" -> CubicBezier.EASE_IN;
            case "ease-out" -> CubicBezier.EASE_OUT;
            case "ease-in-out" -> CubicBezier.EASE_IN_OUT;
            case "step-start" -> new Steps(1, Jump.START);
            case "step-end" -> new Steps(1, Jump.END);
            default -> function(text, source);
        };
    }

    private static Easing function(String text, String source) {
        int open = text.indexOf('(');
        if (open < 0 || !text.endsWith(")")) {
            throw new IllegalArgumentException("there is no easing \"" + source + "\"");
        }
        List<String> arguments = new ArrayList<>();
        for (String argument : Split.at(text.substring(open + 1, text.length() - 1), ',')) {
            arguments.add(argument.strip());
        }
        return switch (text.substring(0, open)) {
            case "cubic-bezier" -> bezier(arguments);
            case "steps" -> steps(arguments);
            case "linear" -> linear(arguments);
            default -> throw new IllegalArgumentException("there is no easing \"" + source + "\"");
        };
    }

    private static Easing bezier(List<String> arguments) {
        if (arguments.size() != 4) {
            throw new IllegalArgumentException("cubic-bezier() takes four numbers");
        }
        return new CubicBezier(
                number(arguments.get(0)), number(arguments.get(1)), number(arguments.get(2)), number(arguments.get(3)));
    }

    private static Easing steps(List<String> arguments) {
        double count = number(arguments.get(0));
        if (count != Math.rint(count) || Math.abs(count) > 10_000 || arguments.size() > 2) {
            throw new IllegalArgumentException("steps() takes a whole number and where it jumps");
        }
        return new Steps((int) count, arguments.size() == 1 ? Jump.END : jump(arguments.get(1)));
    }

    private static Jump jump(String word) {
        return switch (word) {
            case "start", "jump-start" -> Jump.START;
            case "end", "jump-end" -> Jump.END;
            case "jump-none" -> Jump.NONE;
            case "jump-both" -> Jump.BOTH;
            default ->
                throw new IllegalArgumentException(
                        "\"" + word + "\" is not a place to jump; it is jump-start, jump-end, jump-none or jump-both");
        };
    }

    /** Section 2.2.1: a point may have no time, one, or two; what is missing is spread evenly. */
    private static Easing linear(List<String> arguments) {
        var progress = new ArrayList<Double>();
        var percents = new ArrayList<Double>();
        for (String argument : arguments) {
            stop(argument, progress, percents);
        }
        if (progress.size() < 2 || progress.size() > MOST_STOPS) {
            throw new IllegalArgumentException("linear() takes 2 to " + MOST_STOPS + " points");
        }
        if (percents.get(0) == null) {
            percents.set(0, 0.0);
        }
        int last = percents.size() - 1;
        if (percents.get(last) == null) {
            percents.set(last, Math.max(100.0, largest(percents)));
        }
        double reached = percents.get(0);
        for (int i = 1; i <= last; i++) {
            if (percents.get(i) != null) {
                reached = Math.max(reached, percents.get(i));
                percents.set(i, reached);
            }
        }
        return new Linear(spread(progress, percents));
    }

    private static double largest(List<Double> percents) {
        return percents.stream()
                .filter(java.util.Objects::nonNull)
                .mapToDouble(percent -> percent)
                .max()
                .orElse(0);
    }

    private static List<Stop> spread(List<Double> progress, List<Double> percents) {
        var stops = new ArrayList<Stop>();
        for (int i = 0; i < progress.size(); i++) {
            if (percents.get(i) == null) {
                int to = i;
                while (percents.get(to) == null) {
                    to++;
                }
                double from = stops.get(i - 1).percent();
                percents.set(i, from + (percents.get(to) - from) / (to - i + 1));
            }
            stops.add(new Stop(progress.get(i), percents.get(i)));
        }
        return stops;
    }

    /** A number and up to two percentages, the number first or last; two percentages make two points. */
    private static void stop(String argument, List<Double> progress, List<Double> percents) {
        Double value = null;
        var times = new ArrayList<Double>();
        List<String> words = Split.words(argument);
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            if (word.endsWith("%")) {
                times.add(number(word.substring(0, word.length() - 1)));
            } else if (value == null && (i == 0 || i == words.size() - 1)) {
                value = number(word);
            } else {
                throw new IllegalArgumentException("\"" + argument + "\" is not a point of linear()");
            }
        }
        if (value == null || times.size() > 2) {
            throw new IllegalArgumentException("\"" + argument + "\" is not a point of linear()");
        }
        progress.add(value);
        percents.add(times.isEmpty() ? null : times.get(0));
        if (times.size() == 2) {
            progress.add(value);
            percents.add(times.get(1));
        }
    }

    private static double number(String text) {
        return Decimals.parse(text).orElseThrow(() -> new IllegalArgumentException("\"" + text + "\" is not a number"));
    }
}
