package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;

/** How much a plan may hold, and how much is told of what is wrong. */
class BoundsTest {
    private static final String MENUS = "menus: { main: [ a, b ] }\n";

    private static PlanFile read(String rest) {
        String head = "yonder: 1\napp: { name: A, start: a }\n";
        return PlanFile.read(new SourceText("p.yaml", head + rest), IconNames.ANY);
    }

    private static List<Finding> told(String rest, Code code) {
        return read(rest).findings().stream()
                .filter(finding -> finding.code() == code)
                .toList();
    }

    private static String lines(int count, String line) {
        return IntStream.range(0, count).mapToObj(line::formatted).collect(Collectors.joining());
    }

    /** Fifty are told; behind them, one more says how many there are, and shows the next. */
    @ParameterizedTest
    @ValueSource(ints = {50, 51, 300})
    void fiftyOfACodeAreToldAndTheRestIsCounted(int count) {
        List<Finding> told = told(
                "screens:\n  a: A\n  b: B\n" + lines(count, "  s%d: { under: nowhere }\n") + MENUS,
                Code.UNKNOWN_SCREEN);
        assertEquals(Math.min(51, count), told.size());
        if (count > 50) {
            Finding last = told.get(50);
            assertEquals(6 + 50, last.spot().line() - 0, last.toString());
            assertTrue(last.message().contains(count == 51 ? "one more finding" : "250 more findings"), last.message());
        }
    }

    /** Keys that nobody reads are counted too, without looking for what each may have meant. */
    @Test
    void unknownKeysAreCounted() {
        List<Finding> told = told(
                "screens:\n  a: A\n  b: B\n" + lines(120, "  s%d: { under: a, tilte: x }\n") + MENUS, Code.UNKNOWN_KEY);
        assertEquals(51, told.size());
        assertTrue(
                told.get(50).message().contains("70 more findings"),
                told.get(50).message());
    }

    /** Of more than there may be, the first are read, and the plan has one finding for it. */
    @Test
    void whatGoesBeyondABoundIsOneFinding() {
        String bars = "bars:\n" + lines(101, "  - { id: x%1$d, menu: main, within: b, show-on: [ phone ] }\n");
        List<Finding> told = told("screens: { a: A, b: B }\n" + MENUS + bars, Code.TOO_LARGE);
        assertEquals(1, told.size());
        assertEquals(
                "\"bars\" takes at most 100, but here are 101.", told.get(0).message());
    }

    /** A text is counted as JSON Schema counts it: by code points. */
    @Test
    void aTextIsCountedByItsCharacters() {
        String shell = "\ud83d\udc1a";
        for (String text : List.of("x", shell)) {
            String fits = "screens: { a: \"" + text.repeat(2000) + "\", b: B }\n" + MENUS;
            assertEquals(List.of(), told(fits, Code.TOO_LARGE));
            List<Finding> told = told(fits.replace("\", b", text + "\", b"), Code.TOO_LARGE);
            assertEquals(
                    "\"title\" takes at most 2000 characters, but here are 2001.",
                    told.get(0).message());
        }
    }

    /** Those that lead into a loop are not deep; those above one another without end are told once. */
    @Test
    void aWayUpIsALoopOrTooDeepAndNeverBoth() {
        String loop = "screens:\n  a: A\n  b: { under: c }\n  c: { under: b }\n  d: { under: c }\n" + MENUS;
        assertEquals(List.of(), told(loop, Code.TOO_DEEP));
        assertEquals(2, told(loop, Code.PARENT_LOOP).size());
        String deep = "screens:\n  a: A\n  b: B\n  s0: { under: a }\n"
                + IntStream.range(1, 150)
                        .mapToObj(i -> "  s" + i + ": { under: s" + (i - 1) + " }\n")
                        .collect(Collectors.joining())
                + MENUS;
        assertEquals(List.of(), told(deep, Code.PARENT_LOOP));
        List<Finding> told = told(deep, Code.TOO_DEEP);
        assertEquals(1, told.size());
        assertEquals("More than 100 screens stand above \"S100\".", told.get(0).message());
    }

    @Test
    void aWayOfGuardsThatGoesOnAndOnIsTold() {
        String guards = "facts: { f: false }\nscreens:\n  a: A\n  b: B\n"
                + IntStream.range(0, 60)
                        .mapToObj(i -> "  s" + i + ": { under: a, needs: f, otherwise: s" + (i + 1) + " }\n")
                        .collect(Collectors.joining())
                + "  s60: { under: a }\n" + MENUS;
        assertTrue(told(guards, Code.TOO_DEEP).get(0).message().contains("more than 50 screens lead on"));
    }
}
