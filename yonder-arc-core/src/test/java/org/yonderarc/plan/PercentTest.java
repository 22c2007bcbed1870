package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URLEncoder;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Percent-encoding against the platform's own UTF-8, which the core doesn't use. */
class PercentTest {
    @Test
    void everyCodePointIsEncodedAsUtf8AndComesBack() {
        for (int c = 0; c <= Character.MAX_CODE_POINT; c += c < 0x900 || c > 0xD700 && c < 0xE100 ? 1 : 37) {
            String text = "a" + Character.toString(c) + "b";
            String encoded = Percent.encode(text);
            String expected = URLEncoder.encode(text, StandardCharsets.UTF_8)
                    .replace("+", "%20")
                    .replace("*", "%2A")
                    .replace("%7E", "~");
            assertEquals(expected, encoded);
            boolean isSurrogate = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
            assertEquals(Optional.of(isSurrogate ? "a?b" : text), Percent.decode(encoded));
        }
    }

    @Test
    void bytesThatAreNotUtf8AreRefusedAsThePlatformRefusesThem() {
        var random = new Random(3);
        int refused = 0;
        for (int i = 0; i < 20_000; i++) {
            byte[] bytes = new byte[1 + random.nextInt(5)];
            random.nextBytes(bytes);
            // Rather starts and continuations than ASCII.
            for (int k = 0; k < bytes.length; k++) {
                bytes[k] |= (byte) (random.nextInt(3) == 0 ? 0 : 0x80);
            }
            var text = new StringBuilder();
            for (byte b : bytes) {
                text.append(String.format("%%%02x", b));
            }
            Optional<String> expected = platforms(bytes);
            assertEquals(expected, Percent.decode(text.toString()), text.toString());
            refused += expected.isEmpty() ? 1 : 0;
        }
        assertTrue(refused > 10_000 && refused < 19_500, "refused: " + refused);
    }

    private static Optional<String> platforms(byte[] bytes) {
        try {
            return Optional.of(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException no) {
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"%", "%4", "%zz", "a%4", "%c3", "%c3%28", "%ed%a0%80", "%f5%80%80%80", "%c0%af", "%-1"})
    void whatIsNoEncodingIsEmpty(String text) {
        assertEquals(Optional.empty(), Percent.decode(text));
    }
}
