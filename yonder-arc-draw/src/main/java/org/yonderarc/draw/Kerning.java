package org.yonderarc.draw;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * How far pairs of glyphs move together or apart, from and to the GPOS table (OpenType 1.9, chapter GPOS, pair
 * adjustment; only the advance of the first glyph, as in fonts that are set in lines).
 */
final class Kerning {
    private static final int PAIRS = 2;
    private static final int EXTENSION = 9;
    private static final int ADVANCE = 0x0004;

    private final ByteBuffer table;
    private final int[] glyphs;
    /** How far, by the places of both in the glyphs. */
    private final short[][] by;

    private Kerning(byte[] table, int[] glyphs) {
        this.table = ByteBuffer.wrap(table);
        this.glyphs = glyphs;
        this.by = new short[glyphs.length][glyphs.length];
    }

    /**
     * A GPOS table for these glyphs alone, in their order.
     *
     * @param gpos the table of the whole font
     * @param glyphs the numbers that the glyphs have there
     */
    static byte[] table(byte[] gpos, int[] glyphs) {
        var kerning = new Kerning(gpos, glyphs);
        kerning.read();
        return kerning.write();
    }

    private void read() {
        int features = at(6);
        int lookups = at(8);
        var used = new TreeSet<Integer>();
        for (int i = 0; i < at(features); i++) {
            int record = features + 2 + 6 * i;
            if (tag(record).equals("kern")) {
                int feature = features + at(record + 4);
                for (int k = 0; k < at(feature + 2); k++) {
                    used.add(at(feature + 4 + 2 * k));
                }
            }
        }
        used.forEach(lookup -> lookup(lookups + at(lookups + 2 + 2 * lookup)));
    }

    /** Of the parts of a lookup the first that knows the pair counts. */
    private void lookup(int lookup) {
        boolean[][] known = new boolean[glyphs.length][glyphs.length];
        for (int i = 0; i < at(lookup + 4); i++) {
            int part = lookup + at(lookup + 6 + 2 * i);
            boolean extended = at(lookup) == EXTENSION;
            int kind = extended ? at(part + 2) : at(lookup);
            int from = extended ? part + table.getInt(part + 4) : part;
            if (kind == PAIRS) {
                pairs(from, known);
            }
        }
    }

    private void pairs(int from, boolean[][] known) {
        int size = 2 * (Integer.bitCount(at(from + 4)) + Integer.bitCount(at(from + 6)));
        int skipped = 2 * Integer.bitCount(at(from + 4) & ADVANCE - 1);
        boolean moves = (at(from + 4) & ADVANCE) != 0;
        for (int first = 0; first < glyphs.length; first++) {
            int covered = coverage(from + at(from + 2), glyphs[first]);
            if (covered < 0) {
                continue;
            }
            for (int second = 0; second < glyphs.length; second++) {
                int value = at(from) == 1
                        ? pair(from + at(from + 10 + 2 * covered), glyphs[second], size)
                        : classes(from, glyphs[first], glyphs[second], size);
                if (value != 0 && !known[first][second]) {
                    known[first][second] = true;
                    by[first][second] += moves ? table.getShort(value + skipped) : 0;
                }
            }
        }
    }

    /** Where the value for a second glyph stands in a set of pairs, sorted by it; 0 for nowhere. */
    private int pair(int set, int second, int size) {
        int low = 0;
        int high = at(set) - 1;
        while (low <= high) {
            int middle = (low + high) / 2;
            int record = set + 2 + middle * (2 + size);
            if (at(record) == second) {
                return record + 2;
            }
            if (at(record) < second) {
                low = middle + 1;
            } else {
                high = middle - 1;
            }
        }
        return 0;
    }

    private int classes(int from, int first, int second, int size) {
        int row = kind(from + at(from + 8), first);
        int column = kind(from + at(from + 10), second);
        return from + 16 + (row * at(from + 14) + column) * size;
    }

    /** The place of a glyph in a coverage table, or -1. */
    private int coverage(int from, int glyph) {
        boolean list = at(from) == 1;
        for (int i = 0; i < at(from + 2); i++) {
            int entry = from + 4 + (list ? 2 : 6) * i;
            if (list && at(entry) == glyph) {
                return i;
            }
            if (!list && at(entry) <= glyph && glyph <= at(entry + 2)) {
                return at(entry + 4) + glyph - at(entry);
            }
        }
        return -1;
    }

    /** The class of a glyph; 0 for those that are in none. */
    private int kind(int from, int glyph) {
        if (at(from) == 1) {
            int place = glyph - at(from + 2);
            return place >= 0 && place < at(from + 4) ? at(from + 6 + 2 * place) : 0;
        }
        for (int i = 0; i < at(from + 2); i++) {
            int range = from + 4 + 6 * i;
            if (at(range) <= glyph && glyph <= at(range + 2)) {
                return at(range + 4);
            }
        }
        return 0;
    }

    private int at(int place) {
        return table.getShort(place) & 0xFFFF;
    }

    private String tag(int place) {
        return new String(table.array(), place, 4, StandardCharsets.US_ASCII);
    }

    /** One script, one feature, one lookup: glyphs that move alike are one class, so the matrix stays small. */
    private byte[] write() {
        int count = glyphs.length;
        int[] rows = alike(by);
        short[][] turned = new short[count][count];
        for (int first = 0; first < count; first++) {
            for (int second = 0; second < count; second++) {
                turned[second][first] = by[first][second];
            }
        }
        int[] columns = alike(turned);
        short[][] matrix = new short[1 + top(rows)][1 + top(columns)];
        for (int first = 0; first < count; first++) {
            for (int second = 0; second < count; second++) {
                matrix[rows[first]][columns[second]] = by[first][second];
            }
        }
        byte[] coverage = words(2, 1, 0, count - 1, 0);
        byte[] firsts = classes(rows);
        byte[] seconds = classes(columns);
        int start = 16 + 2 * matrix.length * matrix[0].length;
        var out = new ArrayList<byte[]>();
        out.add(words(1, 0, 10, 10 + 20, 10 + 20 + 14));
        // The scripts: the default one, with the only feature.
        out.add(words(1));
        out.add(ascii("DFLT"));
        out.add(words(8, 4, 0, 0, 0xFFFF, 1, 0));
        // The features: kerning, with the only lookup.
        out.add(words(1));
        out.add(ascii("kern"));
        out.add(words(8, 0, 1, 0));
        // The lookups: one, with one part.
        out.add(words(1, 4, PAIRS, 0, 1, 8));
        out.add(words(
                2,
                start + firsts.length + seconds.length,
                ADVANCE,
                0,
                start,
                start + firsts.length,
                matrix.length,
                matrix[0].length));
        for (short[] row : matrix) {
            var line = ByteBuffer.allocate(2 * row.length);
            for (short value : row) {
                line.putShort(value);
            }
            out.add(line.array());
        }
        out.add(firsts);
        out.add(seconds);
        out.add(coverage);
        return joined(out);
    }

    /** The class of each row: rows with the same values have the same, those with none have 0. */
    private static int[] alike(short[][] rows) {
        Map<String, Integer> classes = new LinkedHashMap<>();
        classes.put(Arrays.toString(new short[rows.length]), 0);
        return Arrays.stream(rows)
                .mapToInt(row -> classes.computeIfAbsent(Arrays.toString(row), key -> classes.size()))
                .toArray();
    }

    private static int top(int[] classes) {
        return Arrays.stream(classes).max().orElse(0);
    }

    /** A class definition of format 1. */
    private static byte[] classes(int[] of) {
        var out = ByteBuffer.allocate(6 + 2 * of.length)
                .putShort((short) 1)
                .putShort((short) 0)
                .putShort((short) of.length);
        Arrays.stream(of).forEach(kind -> out.putShort((short) kind));
        return out.array();
    }

    private static byte[] words(int... values) {
        var out = ByteBuffer.allocate(2 * values.length);
        Arrays.stream(values).forEach(value -> out.putShort((short) value));
        return out.array();
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] joined(List<byte[]> parts) {
        var out =
                ByteBuffer.allocate(parts.stream().mapToInt(part -> part.length).sum());
        parts.forEach(out::put);
        return out.array();
    }
}
