package org.yonderarc.draw;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.yonderarc.fonts.BundledFonts;
import org.yonderarc.layout.Type;

/**
 * The bundled font for a page: a WOFF 1.0 file (W3C Recommendation, 13 December 2012) of the wanted characters alone,
 * written anew from their outlines, widths and kerning. The makers' names and licence stay in it.
 */
public final class WebFont {
    /** From this number on Java2D names what is never painted. */
    private static final int INVISIBLE = 0xFFFE;
    /** A post table without names (OpenType 1.9, chapter post): they stand with the outlines. */
    private static final int NO_NAMES = 0x00030000;

    /** Most pages use the same letters, and a live page is made again and again. */
    private static final RecentCache<byte[]> MADE = new RecentCache<>(8);

    private WebFont() {}

    /**
     * The font file.
     *
     * @param characters the code points that are kept, sorted or not; those that the font lacks are left out
     */
    public static byte[] woff(InterFont font, Type.Weight weight, int[] characters) {
        return MADE.get(weight + Arrays.toString(characters), any -> made(font, weight, characters))
                .clone();
    }

    private static byte[] made(InterFont font, Type.Weight weight, int[] characters) {
        var numbers = new TreeMap<Integer, Integer>();
        Arrays.stream(characters).forEach(c -> numbers.put(c, font.glyph(c, weight)));
        // Signs without an outline, such as line breaks, have numbers beyond all glyphs.
        numbers.values().removeIf(glyph -> glyph == 0 || glyph >= INVISIBLE);
        int[] kept = IntStream.concat(IntStream.of(0), numbers.values().stream().mapToInt(Integer::intValue))
                .distinct()
                .sorted()
                .toArray();
        numbers.replaceAll((character, glyph) -> Arrays.binarySearch(kept, glyph));
        var whole = Sfnt.tables(file(weight));
        int unitsPerEm = ByteBuffer.wrap(whole.get("head")).getShort(18);
        List<Cff.Glyph> glyphs = new ArrayList<>();
        for (int glyph : kept) {
            glyphs.add(font.cut(glyph, weight, unitsPerEm));
        }
        var tables = new TreeMap<String, byte[]>();
        tables.put("CFF ", Cff.table(BundledFonts.name(weight), unitsPerEm, glyphs));
        tables.put("GPOS", Kerning.table(Objects.requireNonNull(whole.get("GPOS")), kept));
        tables.put("OS/2", whole.get("OS/2"));
        tables.put("cmap", characters(numbers));
        tables.put("head", whole.get("head"));
        tables.put("hhea", counted(Objects.requireNonNull(whole.get("hhea")), 34, kept.length));
        tables.put("hmtx", metrics(glyphs));
        tables.put("maxp", counted(Objects.requireNonNull(whole.get("maxp")), 4, kept.length));
        tables.put("name", whole.get("name"));
        tables.put(
                "post",
                ByteBuffer.wrap(Arrays.copyOf(whole.get("post"), 32))
                        .putInt(0, NO_NAMES)
                        .array());
        return Sfnt.woff(tables);
    }

    private static byte[] file(Type.Weight weight) {
        try (InputStream in = BundledFonts.open(weight)) {
            return in.readAllBytes();
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled font can't be read", failed);
        }
    }

    private static byte[] counted(byte[] table, int at, int count) {
        return ByteBuffer.wrap(table).putShort(at, (short) count).array();
    }

    /** The advance of each glyph, and where its outline begins. */
    private static byte[] metrics(List<Cff.Glyph> glyphs) {
        var table = ByteBuffer.allocate(4 * glyphs.size());
        glyphs.forEach(glyph -> table.putShort((short) glyph.advance())
                .putShort((short) Math.round(glyph.outline().getBounds2D().getX())));
        return table.array();
    }

    /** Which glyph each character has: a cmap table with one part, of format 12 (OpenType 1.9, chapter cmap). */
    private static byte[] characters(TreeMap<Integer, Integer> glyphs) {
        var groups = new ArrayList<int[]>();
        glyphs.forEach((character, glyph) -> {
            int[] last = groups.isEmpty() ? null : groups.get(groups.size() - 1);
            if (last != null && last[1] == character - 1 && last[2] + character - last[0] == glyph) {
                last[1] = character;
            } else {
                groups.add(new int[] {character, character, glyph});
            }
        });
        int length = 16 + 12 * groups.size();
        var table = ByteBuffer.allocate(12 + length)
                .putShort((short) 0)
                .putShort((short) 1)
                .putShort((short) 3)
                .putShort((short) 10)
                .putInt(12)
                .putShort((short) 12)
                .putShort((short) 0)
                .putInt(length)
                .putInt(0)
                .putInt(groups.size());
        groups.forEach(group -> table.putInt(group[0]).putInt(group[1]).putInt(group[2]));
        return table.array();
    }
}
