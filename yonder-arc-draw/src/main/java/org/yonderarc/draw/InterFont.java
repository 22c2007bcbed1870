package org.yonderarc.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import org.yonderarc.layout.Type;

/** The bundled font in the weights that scenes use. Thread-safe. */
public final class InterFont {
    /** The name of its family, as CSS and SVG write it. */
    public static final String FAMILY = "Inter";

    /** Outlines as designed: no hinting, no rounding to pixels. */
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final Map<Type.Weight, Font> fonts = new EnumMap<>(Type.Weight.class);

    /** Loads the font. */
    public InterFont() {
        for (Type.Weight weight : Type.Weight.values()) {
            fonts.put(weight, load(weight));
        }
    }

    private static Font load(Type.Weight weight) {
        try (InputStream in = open(weight)) {
            return Font.createFont(Font.TRUETYPE_FONT, in)
                    .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        } catch (IOException | FontFormatException failed) {
            throw new UncheckedIOException(new IOException("the bundled font can't be read", failed));
        }
    }

    /** The OpenType file of a weight. */
    static InputStream open(Type.Weight weight) throws IOException {
        String style =
                switch (weight) {
                    case REGULAR -> "Regular";
                    case SEMIBOLD -> "SemiBold";
                };
        InputStream in = InterFont.class
                .getClassLoader()
                .getResourceAsStream("com/formdev/flatlaf/fonts/inter/Inter-" + style + ".otf");
        if (in == null) {
            throw new IOException("Inter-" + style + ".otf is not on the class path");
        }
        return in;
    }

    /** The glyphs of a text on one line, kerned, at the origin. */
    GlyphVector glyphs(String text, Type type) {
        char[] chars = text.toCharArray();
        Font font = fonts.get(type.weight()).deriveFont((float) type.size());
        return font.layoutGlyphVector(EXACT, chars, 0, chars.length, Font.LAYOUT_LEFT_TO_RIGHT);
    }

    /** The index of the glyph for a code point; 0 if the font has none. */
    int glyph(int codePoint, Type.Weight weight) {
        return fonts.get(weight)
                .createGlyphVector(EXACT, Character.toString(codePoint))
                .getGlyphCode(0);
    }
}
