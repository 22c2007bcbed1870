package org.yonderarc.draw;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.Deflater;

/** The container of a font: a directory of tables (OpenType 1.9, chapter "OpenType font file"). */
final class Sfnt {
    /** Outlines by a CFF table. */
    private static final int OTTO = 0x4F54544F;
    /** What the sum of a whole file and its adjustment come to (OpenType 1.9, chapter head). */
    private static final int WHOLE = 0xB1B0AFBA;
    /** Where the adjustment stands in the head table. */
    private static final int ADJUSTMENT = 8;

    private Sfnt() {}

    /**
     * The tables of a file by their tags.
     *
     * @throws IndexOutOfBoundsException if it says of one that it lies outside of the file
     */
    static SortedMap<String, byte[]> tables(byte[] file) {
        var tables = new TreeMap<String, byte[]>();
        var buffer = ByteBuffer.wrap(file);
        for (int i = 0; i < buffer.getShort(4); i++) {
            int entry = 12 + 16 * i;
            int offset = buffer.getInt(entry + 8);
            int length = buffer.getInt(entry + 12);
            tables.put(
                    new String(file, entry, 4, StandardCharsets.US_ASCII),
                    Arrays.copyOfRange(file, Objects.checkFromIndexSize(offset, length, file.length), offset + length));
        }
        return tables;
    }

    /** A WOFF 1.0 file (W3C Recommendation, 13 December 2012) of a whole font file, as it is. */
    static byte[] packed(byte[] file) {
        return woff(ByteBuffer.wrap(file).getInt(), tables(file));
    }

    /** A WOFF 1.0 file of these tables, made anew. */
    static byte[] woff(SortedMap<String, byte[]> tables) {
        adjust(OTTO, tables);
        return woff(OTTO, tables);
    }

    private static byte[] woff(int flavour, SortedMap<String, byte[]> tables) {
        int count = tables.size();
        int offset = 44 + 20 * count;
        int unpacked = 12 + 16 * count;
        var directory = ByteBuffer.allocate(20 * count);
        var data = new ByteArrayOutputStream();
        for (var table : tables.entrySet()) {
            byte[] raw = table.getValue();
            byte[] packed = deflate(raw);
            byte[] stored = packed.length < raw.length ? packed : raw;
            directory.put(tag(table.getKey()));
            directory.putInt(offset).putInt(stored.length).putInt(raw.length).putInt(sum(raw));
            data.writeBytes(stored);
            data.writeBytes(new byte[-stored.length & 3]);
            offset += stored.length + 3 & ~3;
            unpacked += raw.length + 3 & ~3;
        }
        var header = ByteBuffer.allocate(44)
                .putInt(0x774F4646)
                .putInt(flavour)
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

    /** Makes the sum of the whole file, as it is once unpacked, what it has to be; gives the directory of that file. */
    private static byte[] adjust(int flavour, SortedMap<String, byte[]> tables) {
        var head = ByteBuffer.wrap(tables.get("head")).putInt(ADJUSTMENT, 0);
        int count = tables.size();
        int power = Integer.highestOneBit(count);
        var directory = ByteBuffer.allocate(12 + 16 * count)
                .putInt(flavour)
                .putShort((short) count)
                .putShort((short) (16 * power))
                .putShort((short) Integer.numberOfTrailingZeros(power))
                .putShort((short) (16 * (count - power)));
        int offset = directory.capacity();
        int sum = 0;
        for (var table : tables.entrySet()) {
            byte[] raw = table.getValue();
            directory.put(tag(table.getKey())).putInt(sum(raw)).putInt(offset).putInt(raw.length);
            offset += raw.length + 3 & ~3;
            sum += sum(raw);
        }
        head.putInt(ADJUSTMENT, WHOLE - sum - sum(directory.array()));
        return directory.array();
    }

    /**
     * The same font with these of its tables alone.
     *
     * @throws IOException if it lacks a table without which a font is none
     */
    static byte[] only(byte[] file, Set<String> kept) throws IOException {
        SortedMap<String, byte[]> tables = tables(file);
        tables.keySet().retainAll(kept);
        if (tables.getOrDefault("head", new byte[0]).length < ADJUSTMENT + 4) {
            throw new IOException("it is a broken font");
        }
        var out = new ByteArrayOutputStream(file.length);
        out.writeBytes(adjust(ByteBuffer.wrap(file).getInt(), tables));
        for (byte[] raw : tables.values()) {
            out.writeBytes(raw);
            out.writeBytes(new byte[-raw.length & 3]);
        }
        return out.toByteArray();
    }

    private static byte[] tag(String tag) {
        return tag.getBytes(StandardCharsets.US_ASCII);
    }

    private static int sum(byte[] table) {
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
