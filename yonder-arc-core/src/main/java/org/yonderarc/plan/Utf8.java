package org.yonderarc.plan;

import java.util.Arrays;
import java.util.Optional;

/**
 * UTF-8 by RFC 3629, on its own: what the platform brings for all encodings is a large part of what a page would have
 * to load.
 */
final class Utf8 {
    /** The smallest code point that takes so many bytes. */
    private static final int[] LEAST = {0, 0, 0x80, 0x800, 0x10000};

    private Utf8() {}

    /** The bytes of a text; a lone surrogate becomes a question mark. */
    static byte[] encode(String text) {
        byte[] out = new byte[3 * text.length()];
        int length = 0;
        for (int i = 0; i < text.length(); ) {
            int c = text.codePointAt(i);
            i += Character.charCount(c);
            if (c < 0x80) {
                out[length++] = (byte) c;
            } else if (c >= 0xD800 && c <= 0xDFFF) {
                out[length++] = '?';
            } else {
                int more = c < 0x800 ? 1 : c < 0x10000 ? 2 : 3;
                out[length++] = (byte) (0xFF00 >> more + 1 | c >> 6 * more);
                while (more-- > 0) {
                    out[length++] = (byte) (0x80 | c >> 6 * more & 0x3F);
                }
            }
        }
        return Arrays.copyOf(out, length);
    }

    /** The text of {@code length} bytes; empty where they are not UTF-8. */
    static Optional<String> decode(byte[] in, int length) {
        var out = new StringBuilder(length);
        for (int i = 0; i < length; ) {
            int size = size(in[i]);
            if (size == 0 || i + size > length) {
                return Optional.empty();
            }
            int c = size == 1 ? in[i] : in[i] & 0xFF >> size + 1;
            for (int k = 1; k < size; k++) {
                if ((in[i + k] & 0xC0) != 0x80) {
                    return Optional.empty();
                }
                c = c << 6 | in[i + k] & 0x3F;
            }
            if (c < LEAST[size] || c > Character.MAX_CODE_POINT || c >= 0xD800 && c <= 0xDFFF) {
                return Optional.empty();
            }
            out.appendCodePoint(c);
            i += size;
        }
        return Optional.of(out.toString());
    }

    /** How many bytes the character has that begins with {@code first}; 0 where none begins so. */
    private static int size(byte first) {
        int ones = Integer.numberOfLeadingZeros(~(first << 24));
        return ones == 0 ? 1 : ones == 1 || ones > 4 ? 0 : ones;
    }
}
