package org.yonderarc.icons;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The small grammars of SVG 1.1 in which icons and pictures from outside may speak; whatever else stands there goes. The
 * patterns never look back, so that no text takes long.
 */
public final class SvgGrammar {
    private static final String NUMBER = "[+-]?+(?:[0-9]++(?:\\.[0-9]*+)?+|\\.[0-9]++)(?:[eE][+-]?+[0-9]++)?+";
    /** Numbers one after the other; those that start with a sign or a point need nothing between. */
    private static final String NUMBERS = "(?:[\\s,]*+" + NUMBER + ")++[\\s,]*+";

    /** Section 7.6: transforms, one after the other. */
    private static final Pattern TRANSFORM = Pattern.compile(
            "(?:[\\s,]*+(?:matrix|translate|scale|rotate|skewX|skewY)\\s*+\\(" + NUMBERS + "\\))*+\\s*+");

    /** Section 8.3: the letters of commands and their numbers; a path is drawn up to its first fault. */
    private static final Pattern PATH = Pattern.compile("[MmZzLlHhVvCcSsQqTtAa0-9eE+\\-.,\\s]*+");

    private static final Pattern POINTS = Pattern.compile(NUMBERS);
    private static final Pattern ONE = Pattern.compile(NUMBER);

    private SvgGrammar() {}

    /** Whether a text is a list of transforms, as in section 7.6. */
    public static boolean isTransform(String text) {
        return TRANSFORM.matcher(text).matches();
    }

    /** The same transform with one space between numbers: not every painter reads the compact way. */
    public static String spaced(String transform) {
        return ONE.matcher(transform)
                .replaceAll(" $0")
                .replaceAll("[\\s,]++", " ")
                .replace("( ", "(")
                .replace(" )", ")")
                .replace(" (", "(")
                .replace(")", ") ")
                .strip();
    }

    /** Whether a text has only what path data may have, as in section 8.3. */
    public static boolean isPath(String text) {
        return PATH.matcher(text).matches();
    }

    /** The numbers in a text, in their order. */
    static List<Double> numbers(String text) {
        var out = new ArrayList<Double>();
        for (Matcher number = ONE.matcher(text); number.find(); ) {
            out.add(Double.parseDouble(number.group()));
        }
        return out;
    }

    /** Section 9.7.1: pairs of numbers. */
    public static boolean isPoints(String text) {
        return POINTS.matcher(text).matches() && numbers(text).size() % 2 == 0;
    }
}
