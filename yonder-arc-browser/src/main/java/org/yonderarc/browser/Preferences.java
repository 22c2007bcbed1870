package org.yonderarc.browser;

import java.util.List;
import org.yonderarc.plan.Scheme;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Split;

/**
 * How one device of the page is wanted.
 *
 * @param device the name of a preset; empty for the window itself
 * @param turned whether it is turned by a quarter
 * @param trueSize whether it is shown as large as it is, and not scaled to fit
 * @param scheme "light" or "dark"; empty for that of the system
 * @param language the language tag of the texts; empty for the plan's own
 * @param text how much larger texts are than usual
 * @param motion "less" or "slow"; empty for what the system says
 * @param contrast "more" or "usual"; empty for what the system says
 */
record Preferences(
        String device,
        boolean turned,
        boolean trueSize,
        String scheme,
        String language,
        double text,
        String motion,
        String contrast) {
    private static final char BETWEEN = '~';

    /** What a page starts with. */
    static Preferences first(String device) {
        return new Preferences(device, false, false, "", "", 1, "", "");
    }

    Scheme scheme(boolean systemIsDark) {
        boolean dark = scheme.isEmpty() ? systemIsDark : scheme.equals("dark");
        return dark ? Scheme.DARK : Scheme.LIGHT;
    }

    /** As a short text. */
    String written() {
        return String.join(
                Character.toString(BETWEEN),
                device,
                turned ? "turned" : "",
                trueSize ? "true" : "",
                scheme,
                language,
                Decimals.brief(text),
                motion,
                contrast);
    }

    /** What {@link #written()} wrote; what can't be read is as at first. */
    static Preferences read(String text, Preferences first) {
        List<String> parts = Split.at(text, BETWEEN);
        // A link of before has nothing of contrast.
        if (parts.size() != 7 && parts.size() != 8) {
            return first;
        }
        double size = number(parts.get(5));
        return new Preferences(
                parts.get(0),
                parts.get(1).equals("turned"),
                parts.get(2).equals("true"),
                parts.get(3),
                parts.get(4),
                size >= 0.8 && size <= 3 ? size : 1,
                parts.get(6),
                parts.size() == 8 ? parts.get(7) : "");
    }

    private static double number(String text) {
        return Decimals.parse(text).orElse(1);
    }
}
