package org.yonderarc.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.yonderarc.fonts.BundledFonts;
import org.yonderarc.layout.Type;

/** The bundled font in the weights that scenes use. Thread-safe. */
public final class InterFont {
    /** The name of its family, as CSS and SVG write it. */
    public static final String FAMILY = "Inter";

    /** Outlines as designed: no hinting, no rounding to pixels. */
    static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    /** Loaded once: reading the files takes longer than setting a page's texts in them. */
    private static final class Loaded {
        static final Map<Type.Weight, Font> FONTS = new EnumMap<>(Type.Weight.class);
        /** For what the font lacks: Arabic, Hebrew, Greek, Cyrillic and many signs. */
        static final Map<Type.Weight, Font> FALLBACKS = new EnumMap<>(Type.Weight.class);

        static {
            for (Type.Weight weight : Type.Weight.values()) {
                FONTS.put(weight, load(BundledFonts.open(weight)));
                FALLBACKS.put(weight, load(BundledFonts.openFallback(weight)));
            }
        }
    }

    private final Map<Type.Weight, Font> fonts = Loaded.FONTS;
    private final Map<Type.Weight, Font> fallbacks = Loaded.FALLBACKS;

    /** The font, loaded when it is first asked for. */
    public InterFont() {}

    private static Font load(InputStream opened) {
        try (InputStream in = opened) {
            return Font.createFont(Font.TRUETYPE_FONT, in)
                    .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        } catch (IOException | FontFormatException failed) {
            throw new UncheckedIOException(new IOException("the bundled font can't be read", failed));
        }
    }

    /** The fonts of a weight: the one, and the one for letters that it lacks. */
    List<Font> fonts(Type.Weight weight) {
        return List.of(fonts.get(weight), fallbacks.get(weight));
    }

    /** The index of the glyph for a code point; 0 if the font has none. */
    int glyph(int codePoint, Type.Weight weight) {
        return Objects.requireNonNull(fonts.get(weight))
                .createGlyphVector(EXACT, Character.toString(codePoint))
                .getGlyphCode(0);
    }

    /** A glyph as it was designed, by its index; its outline runs upwards. */
    Cff.Glyph cut(int glyph, Type.Weight weight, int unitsPerEm) {
        GlyphVector one = Objects.requireNonNull(fonts.get(weight))
                .deriveFont((float) unitsPerEm)
                .createGlyphVector(EXACT, new int[] {glyph});
        Shape upwards = AffineTransform.getScaleInstance(1, -1).createTransformedShape(one.getGlyphOutline(0));
        return new Cff.Glyph(
                "g" + glyph, upwards, Math.round(one.getGlyphMetrics(0).getAdvanceX()));
    }
}
