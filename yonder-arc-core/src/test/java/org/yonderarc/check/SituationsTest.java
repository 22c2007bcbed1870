package org.yonderarc.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;

class SituationsTest {
    private static final Map<String, FactValue> TYPES = Map.of(
            "a", new FactValue.Flag(false),
            "b", new FactValue.Flag(false),
            "n", new FactValue.Number(0),
            "t", new FactValue.Text(""));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "a and not a              | false",
                "n > 3 and n < 4          | true",
                "n > 3 and n < 3          | false",
                "n >= 3 and n <= 3        | true",
                "n >= 3 and n <= 3 and n != 3 | false",
                "n < 0                    | true",
                "t = 'x' and t != 'x'     | false",
                "t > 'x' and t < 'y'      | true",
                "t != 'x' and t != ''     | true",
                "(a or b) and not a and not b | false",
            })
    void knowsWhatCanHold(String condition, boolean expected) {
        assertEquals(expected, Situations.any(Condition.parse(condition), TYPES));
    }

    /** Whatever a plain search over small values finds, and nothing that it can rule out, can hold. */
    @Test
    void agreesWithAPlainSearch() {
        var random = new Random(3);
        int possible = 0;
        for (int i = 0; i < 2000; i++) {
            Condition condition = random(random, 3);
            boolean found = search(condition);
            assertEquals(found, Situations.any(condition, TYPES), condition::text);
            possible += found ? 1 : 0;
        }
        assertTrue(possible > 200 && possible < 1980, "both kinds are tried: " + possible);
    }

    /** The constants are 0, 1 and 2, so steps of a half from -1 to 3 reach every case. */
    private static boolean search(Condition condition) {
        for (int flags = 0; flags < 4; flags++) {
            for (double n = -1; n <= 3; n += 0.5) {
                var facts = Map.<String, FactValue>of(
                        "a", new FactValue.Flag((flags & 1) == 1),
                        "b", new FactValue.Flag((flags & 2) == 2),
                        "n", new FactValue.Number(n));
                if (condition.holds(facts)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static Condition random(Random random, int depth) {
        return switch (depth == 0 ? random.nextInt(2) : random.nextInt(5)) {
            case 0 -> new Condition.Is(random.nextBoolean() ? "a" : "b");
            case 1 ->
                new Condition.Compare(
                        "n", Condition.Operator.values()[random.nextInt(6)], new FactValue.Number(random.nextInt(3)));
            case 2 -> new Condition.Not(random(random, depth - 1));
            case 3 -> new Condition.And(random(random, depth - 1), random(random, depth - 1));
            default -> new Condition.Or(random(random, depth - 1), random(random, depth - 1));
        };
    }

    @Test
    void tooManySituationsAreNotTried() {
        var condition = new StringBuilder("f0");
        var types = new java.util.HashMap<String, FactValue>();
        for (int i = 0; i < 40; i++) {
            condition.append(" and f").append(i);
            types.put("f" + i, new FactValue.Flag(false));
        }
        assertTrue(Situations.any(Condition.parse(condition.toString()), types));
        assertFalse(Situations.any(Condition.parse("f0 and not f0"), types));
    }
}
