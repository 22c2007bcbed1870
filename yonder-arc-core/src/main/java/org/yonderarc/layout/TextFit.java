package org.yonderarc.layout;

import java.util.ArrayList;
import java.util.List;

/** Makes texts fit: shortens them with an ellipsis, or breaks them into lines. Never splits a character in two. */
public final class TextFit {
    private static final String ELLIPSIS = "\u2026";

    private TextFit() {}

    /** The text, or as much of its start as fits into {@code width} dp with an ellipsis behind; empty if not even that. */
    public static String shorten(String text, Type type, double width, TextMeasure measure) {
        if (measure.width(text, type) <= width) {
            return text;
        }
        if (measure.width(ELLIPSIS, type) > width) {
            return "";
        }
        int fits = 0;
        int cannot = text.length();
        while (cannot - fits > 1) {
            int middle = (fits + cannot) >>> 1;
            if (measure.width(text.substring(0, middle).stripTrailing() + ELLIPSIS, type) <= width) {
                fits = middle;
            } else {
                cannot = middle;
            }
        }
        return text.substring(0, boundary(text, fits)).stripTrailing() + ELLIPSIS;
    }

    /** Whether this looks like what {@link #shorten} leaves of a longer text. */
    public static boolean isShortened(String text) {
        return text.endsWith(ELLIPSIS);
    }

    /** The text on at most {@code most} lines of {@code width} dp, broken at spaces; the last one is shortened. */
    public static List<String> wrap(String text, Type type, double width, int most, TextMeasure measure) {
        var lines = new ArrayList<String>();
        String rest = text.strip();
        while (!rest.isEmpty() && lines.size() < most) {
            int end = lines.size() == most - 1 ? rest.length() : lineEnd(rest, type, width, measure);
            lines.add(shorten(rest.substring(0, end).stripTrailing(), type, width, measure));
            rest = rest.substring(end).stripLeading();
        }
        return lines;
    }

    private static int lineEnd(String text, Type type, double width, TextMeasure measure) {
        int end = -1;
        for (int space = nextSpace(text, 0); ; space = nextSpace(text, space + 1)) {
            boolean fits = measure.width(text.substring(0, space), type) <= width;
            if (fits || end < 0) {
                end = space;
            }
            if (!fits || space == text.length()) {
                return end;
            }
        }
    }

    private static int nextSpace(String text, int from) {
        int space = text.indexOf(' ', from);
        return space < 0 ? text.length() : space;
    }

    /** The last index at or before {@code index} where a character as people see it ends. */
    private static int boundary(String text, int index) {
        int at = index;
        while (at > 0 && at < text.length() && !isBoundary(text, at)) {
            at--;
        }
        return at;
    }

    private static boolean isBoundary(String text, int at) {
        if (Character.isLowSurrogate(text.charAt(at)) && Character.isHighSurrogate(text.charAt(at - 1))) {
            return false;
        }
        return !joins(text.codePointAt(at)) && text.charAt(at - 1) != '\u200D';
    }

    /** Whether a code point belongs to the character before it: a combining mark, a joiner, a variation selector. */
    static boolean joins(int c) {
        int type = Character.getType(c);
        return type == Character.NON_SPACING_MARK
                || type == Character.ENCLOSING_MARK
                || c == 0x200D
                || (c >= 0xFE00 && c <= 0xFE0F)
                || (c >= 0x1F3FB && c <= 0x1F3FF);
    }
}
