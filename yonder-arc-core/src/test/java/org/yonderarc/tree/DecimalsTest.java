package org.yonderarc.tree;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers and their texts, against the platform's own, which the core doesn't use. */
class DecimalsTest {
    /** So many numbers; more with -Dyonder.numbers=100000. */
    private static final int NUMBERS = Integer.getInteger("yonder.numbers", 150);

    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "-0.0, 0",
        "12, 12",
        "0.1, 0.1",
        "-3.125, -3.125",
        "0.00001, 0.00001",
        "120000, 120000",
        "1e300, 1e300",
        "0.30000000000000004, 3.0000000000000004e-1",
        "9007199254740993, 9.007199254740992e15",
        "5e-324, 5e-324",
        "1.7976931348623157e308, 1.7976931348623157e308",
        "NaN, NaN",
        "-Infinity, -Infinity",
    })
    void aNumberHasAsFewDigitsAsTellIt(double number, String text) {
        assertEquals(text, Decimals.text(number));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1",
                "+1.5",
                ".5",
                "-.5e1",
                "00012",
                "1e22",
                "1e23",
                "123456789012345678",
                "0.1e-400",
                "1e400",
                "-1e400",
                "2.2250738585072011e-308",
                "2.2250738585072012e-308",
                "2.2250738585072014e-308",
                "4.9406564584124654e-324",
                "2.4703282292062327208e-324",
                "2.4703282292062328e-324",
                "2.4703282292062327e-324",
                "1.7976931348623158e308",
                "1.797693134862315807e308",
                "1.797693134862315808e308",
                "9007199254740993",
                "9007199254740995",
                "9007199254740992.99999999",
                "0.000000000000000000000000001",
                "1e99999999999",
                "1e-99999999999",
                "0e5",
                "8.41e21",
                "9.5367431640625e-7",
                "6929495644600919.5",
                "3.2378839133029012895883524125015321e45"
            })
    void aTextIsTheNearestDouble(String text) {
        double expected = Double.parseDouble(text) + 0.0;
        assertEquals(
                Double.isInfinite(expected) ? OptionalDouble.empty() : OptionalDouble.of(expected),
                Decimals.parse(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "+", ".", "1.", "1e", "1e+", "e1", "0x1p3", "1f", "NaN", "Infinity", " 1", "1 ", "١"})
    void whatCssCallsNoNumberIsNone(String text) {
        assertEquals(OptionalDouble.empty(), Decimals.parse(text));
    }

    @Test
    void anyDoubleComesBackFromItsText() {
        var random = new Random(9);
        Stream.generate(() -> Double.longBitsToDouble(random.nextLong()))
                .limit(NUMBERS)
                .filter(Double::isFinite)
                .forEach(number -> {
                    String text = Decimals.text(number);
                    assertEquals(number, Double.parseDouble(text), text);
                    assertEquals(number, Decimals.parse(text).orElseThrow(), text);
                    int digits = new BigDecimal(text).stripTrailingZeros().precision();
                    int platforms = new BigDecimal(Double.toString(number))
                            .stripTrailingZeros()
                            .precision();
                    assertTrue(digits <= platforms, text + " is longer than " + number);
                });
    }

    @Test
    void whatLiesBetweenTwoDoublesGoesToTheNearerOne() {
        var random = new Random(11);
        for (int i = 0; i < NUMBERS; i++) {
            double low = Double.longBitsToDouble(random.nextLong() & Long.MAX_VALUE);
            double high = Math.nextUp(low);
            if (Double.isFinite(high)) {
                var middle = new BigDecimal(low).add(new BigDecimal(high)).divide(BigDecimal.valueOf(2));
                for (int digits : new int[] {16, 17, 18, 20, 28}) {
                    String text = middle.round(new MathContext(digits)).toString();
                    assertEquals(Double.parseDouble(text), Decimals.parse(text).orElseThrow(), text);
                }
            }
        }
    }

    @Test
    void numbersThatPeopleWriteComeBackAsTheyWere() {
        var random = new Random(5);
        for (int i = 0; i < 10 * NUMBERS; i++) {
            BigDecimal written = BigDecimal.valueOf(random.nextInt(10_000_000), random.nextInt(7));
            assertEquals(
                    written.stripTrailingZeros().toPlainString(),
                    Decimals.text(Decimals.parse(written.toPlainString()).orElseThrow()));
        }
    }
}
