package org.yonderarc.scene;

import java.util.List;
import java.util.Optional;

/**
 * The colours of a scheme, by role.
 *
 * @param scheme its name: {@code light} or {@code dark}
 * @param background behind the screen's content
 * @param surface behind bars and cards
 * @param quiet behind fields and other quiet areas
 * @param text for what is read
 * @param muted for what is read second
 * @param accent for what is selected or can be followed
 * @param line for hairlines
 * @param badge behind a badge's text
 * @param onBadge a badge's text
 * @param glow the sun in sample pictures
 * @param shadow what lies under raised things
 * @param tints the grounds of sample pictures
 */
public record Palette(
        String scheme,
        Colour background,
        Colour surface,
        Colour quiet,
        Colour text,
        Colour muted,
        Colour accent,
        Colour line,
        Colour badge,
        Colour onBadge,
        Colour glow,
        Colour shadow,
        List<Tint> tints) {
    /**
     * The two tones of a sample picture.
     *
     * @param ground the larger part
     * @param shape what stands before it
     */
    public record Tint(Colour ground, Colour shape) {}

    /** Dark on light. */
    public static final Palette LIGHT = new Palette(
            "light",
            Colour.rgb(0xF6F8F9),
            Colour.rgb(0xFFFFFF),
            Colour.rgb(0xE9EFF1),
            Colour.rgb(0x14252B),
            Colour.rgb(0x56666D),
            Colour.rgb(0x0A6C74),
            Colour.rgb(0xDCE4E7),
            Colour.rgb(0xBE3A2B),
            Colour.rgb(0xFFFFFF),
            Colour.rgb(0xFFFFFF).withAlpha(0.55),
            Colour.rgb(0x08181E).withAlpha(0.2),
            List.of(
                    tint(0xC4E0E3, 0x8FC1C7),
                    tint(0xF0E2C6, 0xDDC08A),
                    tint(0xD0E4D2, 0x9FC6A5),
                    tint(0xEBD5CC, 0xD3A796),
                    tint(0xD6D8EC, 0xAAAFD6),
                    tint(0xCDDFEE, 0x97BAD9)));

    /** Light on dark. */
    public static final Palette DARK = new Palette(
            "dark",
            Colour.rgb(0x0D1518),
            Colour.rgb(0x152024),
            Colour.rgb(0x1E2B30),
            Colour.rgb(0xE7EFF1),
            Colour.rgb(0x9AABB1),
            Colour.rgb(0x66CBD0),
            Colour.rgb(0x27353A),
            Colour.rgb(0xF08A7C),
            Colour.rgb(0x33100A),
            Colour.rgb(0xFFFFFF).withAlpha(0.14),
            Colour.rgb(0x000000).withAlpha(0.4),
            List.of(
                    tint(0x23454A, 0x356A70),
                    tint(0x4A4029, 0x75643A),
                    tint(0x2A4431, 0x42694B),
                    tint(0x4A342C, 0x755043),
                    tint(0x35385A, 0x50568A),
                    tint(0x263F57, 0x3B6286)));

    /** Both schemes. */
    public static final List<Palette> SCHEMES = List.of(LIGHT, DARK);

    public Palette {
        tints = List.copyOf(tints);
    }

    /** The palette of the scheme with this name. */
    public static Optional<Palette> scheme(String name) {
        return SCHEMES.stream().filter(palette -> palette.scheme.equals(name)).findFirst();
    }

    private static Tint tint(int ground, int shape) {
        return new Tint(Colour.rgb(ground), Colour.rgb(shape));
    }
}
