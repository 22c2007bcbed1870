package org.yonderarc.plan;

import java.util.Set;
import org.yonderarc.tree.Decimals;

/**
 * A colour in sRGB.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 * @param alpha 0, invisible, to 1, opaque
 */
public record Colour(int red, int green, int blue, double alpha) {
    private static final String HEX = "0123456789abcdef";

    public Colour {
        if (((red | green | blue) & ~255) != 0 || !(alpha >= 0 && alpha <= 1)) {
            throw new IllegalArgumentException(
                    "no colour: " + red + ", " + green + ", " + blue + ", " + Decimals.text(alpha));
        }
    }

    /** An opaque colour from {@code 0xRRGGBB}. */
    public static Colour rgb(int rgb) {
        return new Colour(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 1);
    }

    /**
     * Reads a colour as CSS Color 4 writes it: {@code #rgb}, {@code #rgba}, {@code #rrggbb}, {@code #rrggbbaa} (section
     * 5.2), {@code rgb(10 108 116 / 0.5)} (5.1) or {@code hsl(184 84% 25%)} (7), with the older commas too.
     *
     * @throws IllegalArgumentException with the reason, if it isn't one of these
     */
    public static Colour parse(String text) {
        return ColourParser.parse(text);
    }

    /** The nearest shade that is neither this one nor taken; it is taken then. */
    Colour unlike(Set<Colour> taken) {
        for (int by = 1; ; by++) {
            var shade = new Colour(red, green, blue < 128 ? blue + by : blue - by, alpha);
            if (taken.add(shade)) {
                return shade;
            }
        }
    }

    /** This colour with another alpha. */
    public Colour withAlpha(double other) {
        return new Colour(red, green, blue, other);
    }

    /** The colour without its alpha as CSS Color 4, section 5.2 writes it: {@code #0a6c74}. */
    public String hex() {
        var out = new StringBuilder("#");
        for (int channel : new int[] {red, green, blue}) {
            out.append(HEX.charAt(channel >> 4)).append(HEX.charAt(channel & 15));
        }
        return out.toString();
    }

    /** The colour as CSS Color 4 writes it; reading it gives an equal colour. */
    public String css() {
        return alpha == 1 ? hex() : "rgb(" + red + " " + green + " " + blue + " / " + Decimals.text(alpha) + ")";
    }

    /** The colour mixed with another, channel by channel in sRGB: 0 gives this one, 1 the other. */
    public Colour mixedWith(Colour other, double share) {
        return new Colour(
                (int) Math.round(red + (other.red - red) * share),
                (int) Math.round(green + (other.green - green) * share),
                (int) Math.round(blue + (other.blue - blue) * share),
                alpha + (other.alpha - alpha) * share);
    }

    /** The relative luminance of WCAG 2.2, from 0 for black to 1 for white; the alpha is left out. */
    public double luminance() {
        return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
    }

    /** The contrast ratio of WCAG 2.2, success criterion 1.4.3: from 1 to 21. */
    public double contrastWith(Colour other) {
        double a = luminance();
        double b = other.luminance();
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double linear(int channel) {
        double share = channel / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    /** The colour of what is read on this one: white or near-black, whichever stands out more. */
    public Colour ink() {
        Colour white = rgb(0xFFFFFF);
        Colour dark = rgb(0x061417);
        return contrastWith(white) >= contrastWith(dark) ? white : dark;
    }
}
