package org.yonderarc.finding;

/** Keeps messages short, whatever stands in a plan. */
public final class Brief {
    /** The most characters of a value that a message repeats. */
    public static final int LONGEST_VALUE = 200;
    /** The most characters of a message. */
    public static final int LONGEST = 2000;

    private Brief() {}

    /** A message in which no text in quotes is longer than {@link #LONGEST_VALUE}, and which is no longer than {@link #LONGEST}. */
    public static String message(String text) {
        if (text.length() <= LONGEST_VALUE) {
            return text;
        }
        var out = new StringBuilder();
        int from = 0;
        while (from < text.length() && out.length() <= LONGEST) {
            int open = text.indexOf('"', from);
            int close = open < 0 ? -1 : text.indexOf('"', open + 1);
            if (close < 0) {
                break;
            }
            out.append(text, from, open + 1)
                    .append(value(text.substring(open + 1, close)))
                    .append('"');
            from = close + 1;
        }
        String rest = out.append(text, from, text.length()).toString();
        return cut(rest, LONGEST);
    }

    /** The start of a value that is too long to be repeated. */
    public static String value(String text) {
        return cut(text, LONGEST_VALUE);
    }

    private static String cut(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        int end = Character.isHighSurrogate(text.charAt(most - 2)) ? most - 2 : most - 1;
        return text.substring(0, end) + "\u2026";
    }

    /** The reason that an exception tells; what it is, where it tells none. */
    public static String of(Throwable wrong) {
        String message = wrong.getMessage();
        return message == null ? wrong.getClass().getName() : message;
    }
}
