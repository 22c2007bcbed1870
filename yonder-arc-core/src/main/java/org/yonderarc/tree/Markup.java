package org.yonderarc.tree;

/** Writes text into XML 1.0 and HTML. */
public final class Markup {
    private Markup() {}

    /** The text for an element or an attribute: markup escaped, characters that XML 1.0 forbids replaced by U+FFFD. */
    public static String escape(String text) {
        var out = new StringBuilder(text.length());
        text.codePoints().forEach(c -> {
            switch (c) {
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                case '&' -> out.append("&amp;");
                case '"' -> out.append("&quot;");
                // Bare ones become spaces in attributes (XML 1.0, section 3.3.3).
                case '\t', '\n', '\r' -> out.append("&#").append(c).append(';');
                default -> out.appendCodePoint(isAllowed(c) ? c : 0xFFFD);
            }
        });
        return out.toString();
    }

    /** XML 1.0, section 2.2, production 2. */
    private static boolean isAllowed(int c) {
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || (c >= 0x20 && c <= 0xD7FF)
                || (c >= 0xE000 && c <= 0xFFFD)
                || c >= 0x10000;
    }
}
