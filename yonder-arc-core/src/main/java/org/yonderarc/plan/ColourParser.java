package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Split;

/** Reads colours in the syntax of CSS Color 4. */
final class ColourParser {
    private ColourParser() {}

    static Colour parse(String source) {
        String text = source.strip().toLowerCase(java.util.Locale.ROOT);
        if (text.startsWith("#")) {
            return hex(text.substring(1), source);
        }
        int open = text.indexOf('(');
        String name = open < 0 ? "" : text.substring(0, open);
        boolean isFunction = List.of("rgb", "rgba", "hsl", "hsla").contains(name) && text.endsWith(")");
        if (!isFunction) {
            throw no(source);
        }
        List<String> parts = parts(text.substring(open + 1, text.length() - 1), source);
        double alpha = parts.size() == 4 ? share(parts.get(3), 1, source) : 1;
        return name.startsWith("rgb")
                ? new Colour(
                        channel(parts.get(0), source),
                        channel(parts.get(1), source),
                        channel(parts.get(2), source),
                        alpha)
                : hsl(
                        hue(parts.get(0), source),
                        share(parts.get(1), 100, source),
                        share(parts.get(2), 100, source),
                        alpha);
    }

    private static Colour hex(String digits, String source) {
        boolean isHex =
                digits.chars().allMatch(c -> c >= '0' && c <= '9' || c >= 'a' && c <= 'f' || c >= 'A' && c <= 'F');
        if (!isHex || digits.length() < 3 || digits.length() == 5 || digits.length() == 7 || digits.length() > 8) {
            throw no(source);
        }
        int width = digits.length() <= 4 ? 1 : 2;
        int[] channels = {0, 0, 0, 255};
        for (int i = 0; i * width < digits.length(); i++) {
            int value = Integer.parseInt(digits.substring(i * width, (i + 1) * width), 16);
            channels[i] = width == 1 ? value * 17 : value;
        }
        return new Colour(channels[0], channels[1], channels[2], channels[3] / 255.0);
    }

    /** Three or four numbers: parted by commas, or by spaces with a slash before the alpha. */
    private static List<String> parts(String inside, String source) {
        var parts = new ArrayList<String>();
        boolean commas = inside.indexOf(',') >= 0;
        int slash = inside.indexOf('/');
        boolean hasSlash = slash >= 0;
        String plain = hasSlash && !commas ? inside.substring(0, slash) + " " + inside.substring(slash + 1) : inside;
        for (String part : commas ? Split.at(plain, ',') : Split.words(plain)) {
            parts.add(part.strip());
        }
        if (parts.size() < 3
                || parts.size() > 4
                || (!commas && hasSlash != (parts.size() == 4))
                || (commas && hasSlash)) {
            throw no(source);
        }
        return parts;
    }

    private static int channel(String part, String source) {
        double value = part.endsWith("%") ? share(part, 1, source) * 255 : number(part, source);
        return (int) Math.round(Math.max(0, Math.min(255, value)));
    }

    /** A percentage, or a number of which {@code whole} is all; clamped to 0 to 1. */
    private static double share(String part, double whole, String source) {
        double value = part.endsWith("%")
                ? number(part.substring(0, part.length() - 1), source) / 100
                : number(part, source) / whole;
        return Math.max(0, Math.min(1, value));
    }

    private static double hue(String part, String source) {
        double degrees = number(part.endsWith("deg") ? part.substring(0, part.length() - 3) : part, source);
        return ((degrees % 360) + 360) % 360;
    }

    private static double number(String text, String source) {
        return Decimals.parse(text).orElseThrow(() -> no(source));
    }

    /** CSS Color 4, section 7.1. */
    private static Colour hsl(double hue, double saturation, double lightness, double alpha) {
        return new Colour(
                hslChannel(0, hue, saturation, lightness),
                hslChannel(8, hue, saturation, lightness),
                hslChannel(4, hue, saturation, lightness),
                alpha);
    }

    private static int hslChannel(int n, double hue, double saturation, double lightness) {
        double k = (n + hue / 30) % 12;
        double a = saturation * Math.min(lightness, 1 - lightness);
        double value = lightness - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
        return (int) Math.round(value * 255);
    }

    private static IllegalArgumentException no(String source) {
        return new IllegalArgumentException("\"" + source + "\" is not a colour");
    }
}
