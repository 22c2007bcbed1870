package org.yonderarc.draw;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.Deflater;
import org.yonderarc.layout.Type;

/**
 * The bundled font for a page: a WOFF 1.0 file (W3C Recommendation, 13 December 2012) with the outlines of the wanted
 * characters alone. The other glyphs stay, but empty, so nothing has to be renumbered; empty glyphs compress to nothing.
 */
public final class WebFont {
    /** The tables that browsers need to set text; kerning is in GPOS. */
    private static final Set<String> TABLES =
            Set.of("CFF ", "GPOS", "OS/2", "cmap", "head", "hhea", "hmtx", "maxp", "name", "post");
    /** The operator of the top DICT that gives the offset of the glyphs (Adobe note 5176, section 9). */
    private static final int CHAR_STRINGS = 17;
    /** The whole program of an empty glyph (Adobe note 5177, section 4.3). */
    private static final byte END_CHAR = 14;

    /** From this number on Java2D names what is never painted. */
    private static final int INVISIBLE = 0xFFFE;

    private WebFont() {}

    /**
     * The font file.
     *
     * @param characters the code points whose outlines are kept, sorted or not
     */
    public static byte[] woff(InterFont font, Type.Weight weight, int[] characters) {
        try (InputStream in = InterFont.open(weight)) {
            byte[] file = in.readAllBytes();
            var glyphs = new TreeMap<Integer, Integer>();
            Arrays.stream(characters).forEach(c -> glyphs.put(c, font.glyph(c, weight)));
            // Signs without an outline, such as line breaks, have numbers beyond all glyphs.
            glyphs.values().removeIf(glyph -> glyph == 0 || glyph >= INVISIBLE);
            var keep = new HashSet<Integer>(glyphs.values());
            keep.add(0);
            TreeMap<String, byte[]> tables = tables(file);
            tables.put("cmap", characters(glyphs));
            emptyMetrics(tables.get("hmtx"), ByteBuffer.wrap(tables.get("hhea")).getShort(34), keep);
            return pack(tables, keep, ByteBuffer.wrap(file).getInt());
        } catch (IOException failed) {
            throw new UncheckedIOException("the bundled font can't be read", failed);
        }
    }

    private static TreeMap<String, byte[]> tables(byte[] file) {
        var tables = new TreeMap<String, byte[]>();
        var buffer = ByteBuffer.wrap(file);
        int count = buffer.getShort(4);
        for (int i = 0; i < count; i++) {
            int entry = 12 + 16 * i;
            String tag = new String(file, entry, 4, java.nio.charset.StandardCharsets.US_ASCII);
            int offset = buffer.getInt(entry + 8);
            if (TABLES.contains(tag)) {
                tables.put(tag, Arrays.copyOfRange(file, offset, offset + buffer.getInt(entry + 12)));
            }
        }
        return tables;
    }

    private static byte[] pack(TreeMap<String, byte[]> tables, Set<Integer> keep, int flavor) {
        empty(tables.get("CFF "), keep);
        int count = tables.size();
        int offset = 44 + 20 * count;
        int unpacked = 12 + 16 * count;
        var directory = ByteBuffer.allocate(20 * count);
        var data = new ByteArrayOutputStream();
        for (var table : tables.entrySet()) {
            byte[] raw = table.getValue();
            byte[] packed = deflate(raw);
            byte[] stored = packed.length < raw.length ? packed : raw;
            directory.put(table.getKey().getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            directory.putInt(offset).putInt(stored.length).putInt(raw.length).putInt(checksum(raw));
            data.writeBytes(stored);
            data.writeBytes(new byte[-stored.length & 3]);
            offset += stored.length + 3 & ~3;
            unpacked += raw.length + 3 & ~3;
        }
        var header = ByteBuffer.allocate(44)
                .putInt(0x774F4646)
                .putInt(flavor)
                .putInt(offset)
                .putShort((short) count)
                .putShort((short) 0)
                .putInt(unpacked)
                .putShort((short) 1)
                .putShort((short) 0);
        var out = new ByteArrayOutputStream();
        out.writeBytes(header.array());
        out.writeBytes(directory.array());
        out.writeBytes(data.toByteArray());
        return out.toByteArray();
    }

    /** Which glyph each character has: a cmap table with one part, of format 12 (OpenType 1.9, chapter cmap). */
    private static byte[] characters(TreeMap<Integer, Integer> glyphs) {
        var groups = new ArrayList<int[]>();
        glyphs.forEach((character, glyph) -> {
            int[] last = groups.isEmpty() ? null : groups.get(groups.size() - 1);
            boolean goesOn = last != null && last[1] == character - 1 && last[2] + character - last[0] == glyph;
            if (goesOn) {
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

    /** The widths of glyphs that nobody asks for, all the same: they compress to nothing. */
    private static void emptyMetrics(byte[] hmtx, int widths, Set<Integer> keep) {
        for (int glyph = 0; glyph < widths; glyph++) {
            if (!keep.contains(glyph)) {
                Arrays.fill(hmtx, 4 * glyph, 4 * glyph + 4, (byte) 0);
            }
        }
    }

    /** Empties every glyph of a CFF table but those to keep, in place. */
    private static void empty(byte[] cff, Set<Integer> keep) {
        var names = new Index(cff, cff[2] & 0xFF);
        var tops = new Index(cff, names.end);
        var glyphs = new Index(cff, charStrings(cff, tops.start(0), tops.start(1)));
        for (int glyph = 0; glyph < glyphs.count; glyph++) {
            if (!keep.contains(glyph) && glyphs.start(glyph) < glyphs.start(glyph + 1)) {
                Arrays.fill(cff, glyphs.start(glyph), glyphs.start(glyph + 1), (byte) 0);
                cff[glyphs.start(glyph)] = END_CHAR;
            }
        }
    }

    /** Reads a top DICT up to the operator that is looked for; its operand is the number before it. */
    private static int charStrings(byte[] cff, int from, int to) {
        var buffer = ByteBuffer.wrap(cff);
        int operand = 0;
        for (int at = from; at < to; ) {
            int b = cff[at] & 0xFF;
            if (b == CHAR_STRINGS) {
                return operand;
            }
            if (b == 28) {
                operand = buffer.getShort(at + 1);
                at += 3;
            } else if (b == 29) {
                operand = buffer.getInt(at + 1);
                at += 5;
            } else if (b == 30) {
                at++;
                while ((cff[at] & 0x0F) != 0x0F && (cff[at] & 0xF0) != 0xF0) {
                    at++;
                }
                at++;
            } else if (b >= 247 && b <= 254) {
                at += 2;
            } else {
                at += b == 12 ? 2 : 1;
            }
        }
        throw new IllegalStateException("the font's top DICT names no glyphs");
    }

    /** An INDEX of a CFF table (Adobe note 5176, section 5). */
    private static final class Index {
        private final byte[] cff;
        private final int at;
        private final int offsetSize;
        final int count;
        final int end;

        Index(byte[] cff, int at) {
            this.cff = cff;
            this.at = at;
            this.count = (cff[at] & 0xFF) << 8 | cff[at + 1] & 0xFF;
            this.offsetSize = count == 0 ? 0 : cff[at + 2] & 0xFF;
            this.end = count == 0 ? at + 2 : start(count);
        }

        /** Where entry {@code i} starts; for {@code count}, where the last one ends. */
        int start(int i) {
            int offset = 0;
            for (int k = 0; k < offsetSize; k++) {
                offset = offset << 8 | cff[at + 3 + i * offsetSize + k] & 0xFF;
            }
            return at + 2 + (count + 1) * offsetSize + offset;
        }
    }

    private static int checksum(byte[] table) {
        var buffer = ByteBuffer.wrap(Arrays.copyOf(table, table.length + 3 & ~3));
        int sum = 0;
        while (buffer.hasRemaining()) {
            sum += buffer.getInt();
        }
        return sum;
    }

    private static byte[] deflate(byte[] raw) {
        var deflater = new Deflater(Deflater.BEST_COMPRESSION);
        deflater.setInput(raw);
        deflater.finish();
        var out = new ByteArrayOutputStream();
        byte[] buffer = new byte[1 << 16];
        while (!deflater.finished()) {
            out.write(buffer, 0, deflater.deflate(buffer));
        }
        deflater.end();
        return out.toByteArray();
    }
}
