package org.yonderarc.tree;

import java.util.ArrayList;
import java.util.List;

/** Texts taken apart without regular expressions, which would be the largest part of a page's script. */
public final class Split {
    private Split() {}

    /** The parts between a character, empty ones included; the text itself where it isn't there. */
    public static List<String> at(String text, char between) {
        var parts = new ArrayList<String>();
        int from = 0;
        for (int at = text.indexOf(between); at >= 0; at = text.indexOf(between, from)) {
            parts.add(text.substring(from, at));
            from = at + 1;
        }
        parts.add(text.substring(from));
        return parts;
    }

    /** The words between white space in ASCII; none in a text that is empty or blank. */
    public static List<String> words(String text) {
        var words = new ArrayList<String>();
        int from = -1;
        for (int i = 0; i <= text.length(); i++) {
            boolean isBlank = i == text.length() || isBlank(text.charAt(i));
            if (isBlank && from >= 0) {
                words.add(text.substring(from, i));
                from = -1;
            } else if (!isBlank && from < 0) {
                from = i;
            }
        }
        return words;
    }

    private static boolean isBlank(char c) {
        return c == ' ' || c >= '\t' && c <= '\r';
    }
}
