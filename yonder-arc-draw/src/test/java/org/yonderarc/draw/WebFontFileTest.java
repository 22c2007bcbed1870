package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.geom.Area;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.Inflater;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.fonts.BundledFonts;
import org.yonderarc.layout.Type;

/** The font of a page unpacked again, and read by the platform's own reader of fonts. */
class WebFontFileTest {
    private static final String LETTERS = "AVTo.,yWaÉß7";
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private static byte[] woff(Type.Weight weight) {
        return WebFont.woff(new InterFont(), weight, LETTERS.codePoints().toArray());
    }

    /** The tables of a WOFF file (W3C Recommendation, 13 December 2012), each with the sum that its directory has. */
    private static TreeMap<String, byte[]> unpacked(byte[] woff) throws Exception {
        var in = ByteBuffer.wrap(woff);
        assertEquals(0x774F4646, in.getInt(0), "its signature");
        assertEquals(woff.length, in.getInt(8), "its length");
        var tables = new TreeMap<String, byte[]>();
        for (int i = 0; i < in.getShort(12); i++) {
            int entry = 44 + 20 * i;
            int offset = in.getInt(entry + 4);
            int stored = in.getInt(entry + 8);
            byte[] table = new byte[in.getInt(entry + 12)];
            assertEquals(0, offset % 4, "tables begin at whole words");
            if (stored == table.length) {
                System.arraycopy(woff, offset, table, 0, stored);
            } else {
                var inflater = new Inflater();
                inflater.setInput(woff, offset, stored);
                assertEquals(table.length, inflater.inflate(table));
                inflater.end();
            }
            String tag = new String(woff, entry, 4, StandardCharsets.US_ASCII);
            if (!tag.equals("head")) {
                assertEquals(sum(table), in.getInt(entry + 16), tag);
            }
            tables.put(tag, table);
        }
        return tables;
    }

    /** The sum of a table as the OpenType specification has it. */
    private static int sum(byte[] table) {
        var words = ByteBuffer.wrap(Arrays.copyOf(table, table.length + 3 & ~3));
        int sum = 0;
        while (words.hasRemaining()) {
            sum += words.getInt();
        }
        return sum;
    }

    private static byte[] opentype(TreeMap<String, byte[]> tables) {
        int count = tables.size();
        int power = Integer.highestOneBit(count);
        int size = 12
                + 16 * count
                + tables.values().stream()
                        .mapToInt(table -> table.length + 3 & ~3)
                        .sum();
        var out = ByteBuffer.allocate(size);
        out.put("OTTO".getBytes(StandardCharsets.US_ASCII)).putShort((short) count);
        out.putShort((short) (16 * power)).putShort((short) Integer.numberOfTrailingZeros(power));
        out.putShort((short) (16 * (count - power)));
        int offset = 12 + 16 * count;
        for (var table : tables.entrySet()) {
            byte[] raw = table.getValue();
            byte[] counted = raw.clone();
            if (table.getKey().equals("head")) {
                ByteBuffer.wrap(counted).putInt(8, 0);
            }
            out.put(table.getKey().getBytes(StandardCharsets.US_ASCII)).putInt(sum(counted));
            out.putInt(offset).putInt(raw.length);
            System.arraycopy(raw, 0, out.array(), offset, raw.length);
            offset += raw.length + 3 & ~3;
        }
        return out.array();
    }

    private static Font font(InputStream in) throws Exception {
        return Font.createFont(Font.TRUETYPE_FONT, in)
                .deriveFont(Map.of(TextAttribute.KERNING, TextAttribute.KERNING_ON));
    }

    @ParameterizedTest
    @EnumSource(Type.Weight.class)
    void theWholeFileAddsUpToWhatTheSpecificationSays(Type.Weight weight) throws Exception {
        assertEquals(0xB1B0AFBA, sum(opentype(unpacked(woff(weight)))));
    }

    @ParameterizedTest
    @EnumSource(Type.Weight.class)
    void outlinesWidthsAndKerningAreThoseOfTheMakersFile(Type.Weight weight) throws Exception {
        Font own =
                font(new ByteArrayInputStream(opentype(unpacked(woff(weight))))).deriveFont(2048f);
        Font whole;
        try (InputStream in = BundledFonts.open(weight)) {
            whole = font(in).deriveFont(2048f);
        }
        int moved = 0;
        for (int i = 0; i < LETTERS.length(); i++) {
            String letter = LETTERS.substring(i, i + 1);
            var shape = new Area(own.createGlyphVector(EXACT, letter).getOutline());
            shape.exclusiveOr(new Area(whole.createGlyphVector(EXACT, letter).getOutline()));
            var rest = shape.getBounds2D();
            // Where two outlines are the same, what is left is no wider than a rounding error.
            assertTrue(shape.isEmpty() || Math.min(rest.getWidth(), rest.getHeight()) < 1.5, letter + ": " + rest);
            for (int k = 0; k < LETTERS.length(); k++) {
                String pair = letter + LETTERS.charAt(k);
                double is = width(own, pair);
                assertEquals(width(whole, pair), is, 0.6, pair);
                moved += Math.abs(is - width(own, letter) - width(own, pair.substring(1))) > 1 ? 1 : 0;
            }
        }
        assertTrue(moved > 40, "pairs that are kerned: " + moved);
    }

    private static double width(Font font, String text) {
        var glyphs = font.layoutGlyphVector(EXACT, text.toCharArray(), 0, text.length(), Font.LAYOUT_LEFT_TO_RIGHT);
        return glyphs.getGlyphPosition(glyphs.getNumGlyphs()).getX();
    }

    @ParameterizedTest
    @EnumSource(Type.Weight.class)
    void onlyWhatIsWantedIsInItAndTheMakersNamesStay(Type.Weight weight) throws Exception {
        Font own = font(new ByteArrayInputStream(opentype(unpacked(woff(weight)))));
        assertEquals(-1, own.canDisplayUpTo(LETTERS));
        assertFalse(own.canDisplay('B'));
        assertEquals(LETTERS.length() + 1, own.getNumGlyphs(), "and one for all that is missing");
        try (InputStream in = BundledFonts.open(weight)) {
            assertEquals(font(in).getPSName(), own.getPSName());
        }
    }
}
