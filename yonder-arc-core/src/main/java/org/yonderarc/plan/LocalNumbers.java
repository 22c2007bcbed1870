package org.yonderarc.plan;

import java.util.Map;

/**
 * Numbers as people of a language write them: what stands between thousands and before decimals, as CLDR has it. A language
 * that isn't known here, or writes other digits, gets the number as plans write it.
 */
final class LocalNumbers {
    private static final String NO_BREAK = "\u00a0";

    /**
     * How a language writes numbers.
     *
     * @param group what stands between thousands
     * @param decimal what stands before decimals
     * @param least from how many digits on thousands are set apart
     */
    private record Style(String group, char decimal, int least) {}

    private static final Style POINT = new Style(",", '.', 4);
    private static final Style COMMA = new Style(".", ',', 4);
    private static final Style ROOM = new Style(NO_BREAK, ',', 4);
    private static final Style WIDE_ROOM = new Style(NO_BREAK, ',', 5);

    private static final Map<String, Style> STYLES = Map.ofEntries(
            Map.entry("en", POINT),
            Map.entry("ja", POINT),
            Map.entry("ko", POINT),
            Map.entry("zh", POINT),
            Map.entry("he", POINT),
            Map.entry("es-MX", POINT),
            Map.entry("de", COMMA),
            Map.entry("it", COMMA),
            Map.entry("pt", COMMA),
            Map.entry("nl", COMMA),
            Map.entry("da", COMMA),
            Map.entry("tr", COMMA),
            Map.entry("el", COMMA),
            Map.entry("id", COMMA),
            Map.entry("es", new Style(".", ',', 5)),
            Map.entry("fr", new Style("\u202f", ',', 4)),
            Map.entry("sv", ROOM),
            Map.entry("nb", ROOM),
            Map.entry("no", ROOM),
            Map.entry("fi", ROOM),
            Map.entry("cs", ROOM),
            Map.entry("sk", ROOM),
            Map.entry("uk", ROOM),
            Map.entry("ru", ROOM),
            Map.entry("de-AT", ROOM),
            Map.entry("pl", WIDE_ROOM),
            Map.entry("pt-PT", WIDE_ROOM),
            Map.entry("de-CH", new Style("\u2019", '.', 4)));

    private LocalNumbers() {}

    /** A number, written as in a plan, in a language (BCP 47). */
    static String in(String plain, String language) {
        Style style = STYLES.get(language);
        int hyphen = language.indexOf('-');
        if (style == null && hyphen > 0) {
            style = STYLES.get(language.substring(0, hyphen));
        }
        // India sets thousands apart by two digits.
        if (style == null || language.endsWith("-IN") || plain.indexOf('E') >= 0) {
            return plain;
        }
        int point = plain.indexOf('.');
        String whole = point < 0 ? plain : plain.substring(0, point);
        String sign = whole.startsWith("-") ? "-" : "";
        String digits = whole.substring(sign.length());
        var out = new StringBuilder(sign);
        for (int i = 0; i < digits.length(); i++) {
            boolean isApart = i > 0 && (digits.length() - i) % 3 == 0 && digits.length() >= style.least;
            out.append(isApart ? style.group : "").append(digits.charAt(i));
        }
        return point < 0
                ? out.toString()
                : out.append(style.decimal).append(plain.substring(point + 1)).toString();
    }
}
