package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConditionTest {
    private static final Map<String, FactValue> FACTS = Map.of(
            "yes", new FactValue.Flag(true),
            "no", new FactValue.Flag(false),
            "drafts", new FactValue.Number(2),
            "name", new FactValue.Text("Maren"));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "yes                            | true",
                "no                             | false",
                "not no                         | true",
                "not not yes                    | true",
                "no and no or yes               | true",
                "no and (no or yes)             | false",
                "yes or no and no               | true",
                "not no and yes                 | true",
                "not (no or yes)                | false",
                "drafts > 1.5 and drafts <= 2   | true",
                "drafts != 2                    | false",
                "drafts >= -3                   | true",
                "name = 'Maren'                 | true",
                "name != \"Maren\"              | false",
                "name < 'N'                     | true",
                "yes = true and no != true      | true",
                "absent                         | false",
                "absent = 3 or absent != 3      | false",
                "drafts = '2'                   | false",
            })
    void holdsAsItReads(String text, boolean expected) {
        Condition condition = Condition.parse(text);
        assertEquals(expected, condition.holds(FACTS));
        assertEquals(condition, Condition.parse(condition.text()), condition::text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "                | 0  | a fact is missing at the end",
                "yes and         | 7  | a fact is missing at the end",
                "yes no          | 4  | \"and\" or \"or\" is missing before \"no\"",
                "(yes            | 4  | \")\" is missing",
                "yes)            | 3  | \")\" has no \"(\" before it",
                "drafts >        | 8  | a value is missing at the end",
                "drafts > many   | 9  | \"many\" is not a number; put a text in quotes, such as 'many'",
                "drafts > true   | 9  | true and false have no order; use \"=\" or \"!=\"",
                "name = 'Maren   | 7  | a quote is not closed",
                "a & b           | 2  | \"&\" has no meaning in a condition",
                "and             | 0  | a fact is expected instead of \"and\"",
                "Drafts          | 0  | a fact is expected instead of \"Drafts\"",
                "3 < drafts      | 0  | a fact is expected instead of \"3\"",
            })
    void whatIsNoConditionIsToldWhereItStops(String text, int offset, String message) {
        var trouble = assertThrows(ConditionException.class, () -> Condition.parse(text == null ? "" : text));
        assertEquals(message, trouble.getMessage());
        assertEquals(offset, trouble.offset());
    }

    @Test
    void randomConditionsReadBackAsTheyWereWritten() {
        var random = new Random(7);
        for (int i = 0; i < 3000; i++) {
            Condition condition = random(random, 4);
            assertEquals(condition, Condition.parse(condition.text()), condition::text);
            assertTrue(Set.of("yes", "no", "drafts", "name").containsAll(condition.facts()));
        }
    }

    /** Trees as the parser builds them: and and or lean to the left. */
    private static Condition random(Random random, int depth) {
        return switch (depth == 0 ? random.nextInt(3) : random.nextInt(6)) {
            case 0 -> new Condition.Is(random.nextBoolean() ? "yes" : "no");
            case 1 ->
                new Condition.Compare(
                        "drafts",
                        Condition.Operator.values()[random.nextInt(6)],
                        new FactValue.Number((random.nextInt(200) - 100) / 4.0));
            case 2 -> new Condition.Compare("name", Condition.Operator.EQUAL, new FactValue.Text("it's"));
            case 3 -> new Condition.Not(random(random, depth - 1));
            case 4 -> new Condition.And(random(random, depth - 1), random(random, depth - 1));
            default -> new Condition.Or(random(random, depth - 1), random(random, depth - 1));
        };
    }

    @ParameterizedTest
    @CsvSource({"0, phone", "599.9, phone", "600, tablet", "1024, desktop", "4000, desktop"})
    void deviceKindsAreToldByWidth(double width, String kind) {
        assertEquals(kind, DeviceKind.at(DeviceKind.DEFAULTS, width));
    }
}
