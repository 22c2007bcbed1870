package org.yonderarc.draw;

import java.util.regex.Pattern;

/** The small grammars of SVG 1.1 in which icons and pictures from outside may speak; whatever else stands there goes. */
final class SvgGrammar {
    private static final String NUMBER = "[+-]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][+-]?[0-9]+)?";

    /** Section 7.6: transforms, one after the other. */
    private static final Pattern TRANSFORM =
            Pattern.compile("(?:\\s*,?\\s*(?:matrix|translate|scale|rotate|skewX|skewY)\\s*\\(\\s*" + NUMBER
                    + "(?:[\\s,]+" + NUMBER + ")*\\s*\\))*\\s*");

    /** Section 8.3: the letters of commands and their numbers; a path is drawn up to its first fault. */
    private static final Pattern PATH = Pattern.compile("[MmZzLlHhVvCcSsQqTtAa0-9eE+\\-.,\\s]*");

    private SvgGrammar() {}

    static boolean isTransform(String text) {
        return text.length() <= 1000 && TRANSFORM.matcher(text).matches();
    }

    static boolean isPath(String text) {
        return PATH.matcher(text).matches();
    }
}
