package org.yonderarc.draw;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Writes outlines as a CFF table (Adobe note 5176, The Compact Font Format) of Type 2 programs (Adobe note 5177), without
 * hints and without subroutines: what is written once has nothing to share.
 */
final class Cff {
    /** Strings from this number on are the font's own (note 5176, appendix A). */
    private static final int OWN_STRINGS = 391;
    /** Operators of the top DICT (note 5176, table 9). */
    private static final int CHARSET = 15;

    private static final int CHAR_STRINGS = 17;
    private static final int PRIVATE = 18;
    /** Operators of programs (note 5177, section 4). */
    private static final int RLINETO = 5;

    private static final int RRCURVETO = 8;
    private static final int ENDCHAR = 14;
    private static final int RMOVETO = 21;
    /** How many numbers a program may have waiting (note 5177, appendix B). */
    private static final int STACK = 48;

    private Cff() {}

    /** A glyph in units of the em, upwards as fonts count; its name is unique in the font. */
    record Glyph(String name, Shape outline, int advance) {}

    /**
     * The table.
     *
     * @param unitsPerEm how many units an em has
     * @param glyphs from the one for missing characters on
     */
    static byte[] table(String name, int unitsPerEm, List<Glyph> glyphs) {
        byte[] head = {1, 0, 4, 4};
        byte[] names = index(List.of(name.getBytes(StandardCharsets.US_ASCII)));
        byte[] strings = index(glyphs.stream()
                .skip(1)
                .map(glyph -> glyph.name().getBytes(StandardCharsets.US_ASCII))
                .toList());
        byte[] subroutines = index(List.of());
        byte[] charset = new Numbers()
                .bytes(2)
                .wide(OWN_STRINGS)
                .wide(Math.max(0, glyphs.size() - 2))
                .done();
        byte[] programs = index(glyphs.stream().map(Cff::program).toList());
        // The numbers in the top DICT have a fixed length, so its length is known before where things stand.
        int before = head.length + names.length + strings.length + subroutines.length;
        int start = before + index(List.of(top(unitsPerEm, 0, 0, 0))).length;
        byte[] top = top(unitsPerEm, start, start + charset.length, start + charset.length + programs.length);
        var out = new ByteArrayOutputStream();
        for (byte[] part : List.of(head, names, index(List.of(top)), strings, subroutines, charset, programs)) {
            out.writeBytes(part);
        }
        return out.toByteArray();
    }

    private static byte[] top(int unitsPerEm, int charset, int programs, int empty) {
        var unit = BigDecimal.ONE.divide(BigDecimal.valueOf(unitsPerEm), MathContext.DECIMAL32);
        return new Numbers()
                .real(unit)
                .number(0)
                .number(0)
                .real(unit)
                .number(0)
                .number(0)
                .bytes(12, 7)
                .offset(charset)
                .bytes(CHARSET)
                .offset(programs)
                .bytes(CHAR_STRINGS)
                .number(0)
                .offset(empty)
                .bytes(PRIVATE)
                .done();
    }

    /** An INDEX (note 5176, section 5). */
    private static byte[] index(List<byte[]> entries) {
        var numbers = new Numbers().wide(entries.size());
        if (entries.isEmpty()) {
            return numbers.done();
        }
        int total = 1 + entries.stream().mapToInt(entry -> entry.length).sum();
        int size = (Integer.SIZE - Integer.numberOfLeadingZeros(total) + 7) / 8;
        numbers.bytes(size);
        int offset = 1;
        numbers.big(offset, size);
        for (byte[] entry : entries) {
            offset += entry.length;
            numbers.big(offset, size);
        }
        entries.forEach(numbers::all);
        return numbers.done();
    }

    /** The program of a glyph: its width, then its contours, in steps from point to point. */
    private static byte[] program(Glyph glyph) {
        var program = new Program();
        program.out.number(glyph.advance());
        double[] at = new double[6];
        for (var path = glyph.outline().getPathIterator(null); !path.isDone(); path.next()) {
            switch (path.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> program.run(RMOVETO, at, 1);
                case PathIterator.SEG_LINETO -> program.run(RLINETO, at, 1);
                case PathIterator.SEG_CUBICTO -> program.run(RRCURVETO, at, 3);
                case PathIterator.SEG_CLOSE -> {
                    // Contours close by themselves.
                }
                default -> throw new IllegalStateException("the font has outlines of another kind");
            }
        }
        program.end();
        return program.out.bytes(ENDCHAR).done();
    }

    /** Steps of one kind go in one run, as long as the stack allows. */
    private static final class Program {
        private final Numbers out = new Numbers();
        private long x;
        private long y;
        private int operator;
        private int waiting;

        void run(int next, double[] points, int count) {
            if (next != operator || next == RMOVETO || waiting + 2 * count > STACK) {
                end();
                operator = next;
            }
            IntStream.range(0, count).forEach(i -> step(Math.round(points[2 * i]), Math.round(points[2 * i + 1])));
            waiting += 2 * count;
        }

        private void step(long toX, long toY) {
            out.number((int) (toX - x)).number((int) (toY - y));
            x = toX;
            y = toY;
        }

        void end() {
            if (waiting > 0) {
                out.bytes(operator);
            }
            waiting = 0;
        }
    }

    /** Numbers as DICTs and programs write them (note 5176, section 4; note 5177, section 3.2). */
    private static final class Numbers {
        private final ByteArrayOutputStream out = new ByteArrayOutputStream();

        Numbers bytes(int... values) {
            for (int value : values) {
                out.write(value);
            }
            return this;
        }

        void all(byte[] bytes) {
            out.writeBytes(bytes);
        }

        void big(int value, int size) {
            for (int shift = 8 * (size - 1); shift >= 0; shift -= 8) {
                out.write(value >> shift);
            }
        }

        Numbers wide(int value) {
            big(value, 2);
            return this;
        }

        /** A number of a DICT that always has five bytes. */
        Numbers offset(int value) {
            out.write(29);
            big(value, 4);
            return this;
        }

        Numbers number(int value) {
            if (value >= -107 && value <= 107) {
                return bytes(value + 139);
            }
            if (value >= 108 && value <= 1131) {
                return bytes((value - 108 >> 8) + 247, value - 108);
            }
            if (value <= -108 && value >= -1131) {
                return bytes((-value - 108 >> 8) + 251, -value - 108);
            }
            return bytes(28).wide(value);
        }

        /** A number of a DICT with decimals: a digit in each half of a byte, 0xA for the point, 0xF at the end. */
        Numbers real(BigDecimal value) {
            String text = value.toPlainString().replace('.', 'a') + "f";
            String even = text.length() % 2 == 0 ? text : text + "f";
            out.write(30);
            for (int i = 0; i < even.length(); i += 2) {
                out.write(Integer.parseInt(even.substring(i, i + 2), 16));
            }
            return this;
        }

        byte[] done() {
            return out.toByteArray();
        }
    }
}
