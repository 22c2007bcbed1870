package org.yonderarc.draw;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.AttributedString;
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

    /** For what the font lacks: Arabic, Hebrew, Greek, Cyrillic and many signs. */
    private final Map<Type.Weight, Font> fallbacks = new EnumMap<>(Type.Weight.class);

    /** Loads the font. */
    public InterFont() {
        for (Type.Weight weight : Type.Weight.values()) {
            fonts.put(weight, load(open(weight)));
            String style = weight == Type.Weight.SEMIBOLD ? "-Bold" : "";
            fallbacks.put(weight, load(resource("net/sf/jasperreports/fonts/dejavu/DejaVuSans" + style + ".ttf")));
        }
    }

    private static Font load(InputStream opened) {
        try (InputStream in = opened) {
            return Font.createFont(Font.TRUETYPE_FONT, in)
                    .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
        } catch (IOException | FontFormatException failed) {
            throw new UncheckedIOException(new IOException("the bundled font can't be read", failed));
        }
    }

    /** The PostScript name of a weight, which is that of its file, too. */
    static String name(Type.Weight weight) {
        return switch (weight) {
            case REGULAR -> "Inter-Regular";
            case SEMIBOLD -> "Inter-SemiBold";
        };
    }

    /** The OpenType file of a weight. */
    static InputStream open(Type.Weight weight) {
        return resource("com/formdev/flatlaf/fonts/inter/" + name(weight) + ".otf");
    }

    private static InputStream resource(String path) {
        InputStream in = InterFont.class.getClassLoader().getResourceAsStream(path);
        if (in == null) {
            throw new IllegalStateException(path + " is not on the class path");
        }
        return in;
    }

    /** The outline of a text on one line, kerned, its left end at {@code x}. */
    Shape outline(String text, Type type, double x, double baseline) {
        return covers(text, type)
                ? glyphs(text, type).getOutline((float) x, (float) baseline)
                : mixed(text, type).getOutline(AffineTransform.getTranslateInstance(x, baseline));
    }

    /** The advance width of a text on one line. */
    double width(String text, Type type) {
        if (!covers(text, type)) {
            return mixed(text, type).getAdvance();
        }
        GlyphVector glyphs = glyphs(text, type);
        return glyphs.getGlyphPosition(glyphs.getNumGlyphs()).getX();
    }

    private boolean covers(String text, Type type) {
        return fonts.get(type.weight()).canDisplayUpTo(text) < 0;
    }

    private GlyphVector glyphs(String text, Type type) {
        char[] chars = text.toCharArray();
        Font font = fonts.get(type.weight()).deriveFont((float) type.size());
        return font.layoutGlyphVector(EXACT, chars, 0, chars.length, Font.LAYOUT_LEFT_TO_RIGHT);
    }

    /** A text with characters that the font lacks: those come from the fallback font, joined and ordered as Unicode says. */
    private TextLayout mixed(String text, Type type) {
        Font own = fonts.get(type.weight()).deriveFont((float) type.size());
        Font other = fallbacks.get(type.weight()).deriveFont((float) type.size());
        var attributed = new AttributedString(text);
        int start = 0;
        while (start < text.length()) {
            boolean covered = own.canDisplay(text.codePointAt(start));
            int end = start;
            while (end < text.length() && own.canDisplay(text.codePointAt(end)) == covered) {
                end += Character.charCount(text.codePointAt(end));
            }
            attributed.addAttribute(TextAttribute.FONT, covered ? own : other, start, end);
            start = end;
        }
        return new TextLayout(attributed.getIterator(), EXACT);
    }

    /** The index of the glyph for a code point; 0 if the font has none. */
    int glyph(int codePoint, Type.Weight weight) {
        return fonts.get(weight)
                .createGlyphVector(EXACT, Character.toString(codePoint))
                .getGlyphCode(0);
    }

    /** A glyph as it was designed, by its index; its outline runs upwards. */
    Cff.Glyph cut(int glyph, Type.Weight weight, int unitsPerEm) {
        GlyphVector one = fonts.get(weight).deriveFont((float) unitsPerEm).createGlyphVector(EXACT, new int[] {glyph});
        Shape upwards = AffineTransform.getScaleInstance(1, -1).createTransformedShape(one.getGlyphOutline(0));
        return new Cff.Glyph(
                "g" + glyph, upwards, Math.round(one.getGlyphMetrics(0).getAdvanceX()));
    }
}
