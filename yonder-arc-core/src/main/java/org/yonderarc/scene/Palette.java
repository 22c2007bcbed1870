package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;

/**
 * The colours of a scheme, by role.
 *
 * @param scheme which of the two it is
 * @param background behind the screen's content
 * @param surface behind bars and cards
 * @param quiet behind fields and other quiet areas
 * @param text for what is read
 * @param muted for what is read second
 * @param accent for what is selected or can be followed
 * @param line for hairlines
 * @param badge behind a badge's text
 * @param badgeText a badge's text
 * @param glow the sun in sample pictures
 * @param shadow what lies under raised things
 * @param tints the grounds of sample pictures
 */
public record Palette(
        Scheme scheme,
        Colour background,
        Colour surface,
        Colour quiet,
        Colour text,
        Colour muted,
        Colour accent,
        Colour line,
        Colour badge,
        Colour badgeText,
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

    private static final List<Tint> LIGHT_TINTS = List.of(
            tint(0xC4E0E3, 0x8FC1C7),
            tint(0xF0E2C6, 0xDDC08A),
            tint(0xD0E4D2, 0x9FC6A5),
            tint(0xEBD5CC, 0xD3A796),
            tint(0xD6D8EC, 0xAAAFD6),
            tint(0xCDDFEE, 0x97BAD9));

    private static final List<Tint> DARK_TINTS = List.of(
            tint(0x23454A, 0x356A70),
            tint(0x4A4029, 0x75643A),
            tint(0x2A4431, 0x42694B),
            tint(0x4A342C, 0x755043),
            tint(0x35385A, 0x50568A),
            tint(0x263F57, 0x3B6286));

    /** The colours of a theme in a scheme. */
    public static Palette of(Theme theme, Scheme scheme) {
        boolean isLight = scheme == Scheme.LIGHT;
        return new Palette(
                scheme,
                theme.colour(scheme, Role.BACKGROUND),
                theme.colour(scheme, Role.SURFACE),
                theme.colour(scheme, Role.QUIET),
                theme.colour(scheme, Role.TEXT),
                theme.colour(scheme, Role.MUTED),
                theme.colour(scheme, Role.ACCENT),
                theme.colour(scheme, Role.LINE),
                theme.colour(scheme, Role.BADGE),
                theme.colour(scheme, Role.BADGE_TEXT),
                Colour.rgb(0xFFFFFF).withAlpha(isLight ? 0.55 : 0.14),
                Colour.rgb(isLight ? 0x08181E : 0x000000).withAlpha(isLight ? 0.2 : 0.4),
                isLight ? LIGHT_TINTS : DARK_TINTS);
    }

    public Palette {
        tints = List.copyOf(tints);
    }

    private static Tint tint(int ground, int shape) {
        return new Tint(Colour.rgb(ground), Colour.rgb(shape));
    }
}
