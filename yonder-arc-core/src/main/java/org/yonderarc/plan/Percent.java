package org.yonderarc.plan;

import java.util.Optional;

/** Percent-encoding by RFC 3986, section 2: UTF-8 bytes, all but the unreserved characters encoded. */
public final class Percent {
    private static final String HEX = "0123456789ABCDEF";

    private Percent() {}

    /** Whether a text has no half of a surrogate pair in it, which no encoding of Unicode takes (Unicode 15, D76). */
    public static boolean isEncodable(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isHighSurrogate(c) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))) {
                i++;
            } else if (c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE) {
                return false;
            }
        }
        return true;
    }

    /** The text with everything but {@code A-Z a-z 0-9 - . _ ~} encoded. */
    public static String encode(String text) {
        var out = new StringBuilder(text.length());
        for (byte b : Utf8.encode(text)) {
            char c = (char) (b & 0xFF);
            if (isUnreserved(c)) {
                out.append(c);
            } else {
                out.append('%').append(HEX.charAt(c >> 4)).append(HEX.charAt(c & 15));
            }
        }
        return out.toString();
    }

    /** The decoded text, or empty where a percent sign has no two hex digits behind it or the bytes aren't UTF-8. */
    public static Optional<String> decode(String text) {
        if (text.indexOf('%') < 0) {
            return Optional.of(text);
        }
        byte[] in = Utf8.encode(text);
        byte[] out = new byte[in.length];
        int length = 0;
        for (int i = 0; i < in.length; i++) {
            if (in[i] != '%') {
                out[length++] = in[i];
                continue;
            }
            int high = i + 2 < in.length ? hex(in[i + 1]) : -1;
            int low = i + 2 < in.length ? hex(in[i + 2]) : -1;
            if (high < 0 || low < 0) {
                return Optional.empty();
            }
            out[length++] = (byte) (high << 4 | low);
            i += 2;
        }
        return Utf8.decode(out, length);
    }

    private static int hex(byte digit) {
        char upper = (char) (digit >= 'a' && digit <= 'f' ? digit - 'a' + 'A' : digit);
        return HEX.indexOf(upper);
    }

    private static boolean isUnreserved(char c) {
        return (c >= 'A' && c <= 'Z') || (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || "-._~".indexOf(c) >= 0;
    }
}
