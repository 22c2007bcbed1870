package org.yonderarc.files;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** What contents are known by: SHA-256 (FIPS 180-4), in hexadecimal. */
public final class Digest {
    private Digest() {}

    /** The digest of a text in UTF-8. */
    public static String of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }

    /** The digest of bytes. */
    public static String of(byte[] bytes) {
        try {
            var hex = new StringBuilder();
            for (byte one : MessageDigest.getInstance("SHA-256").digest(bytes)) {
                hex.append(Character.forDigit(one >> 4 & 15, 16)).append(Character.forDigit(one & 15, 16));
            }
            return hex.toString();
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java platform has SHA-256", impossible);
        }
    }
}
