package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Severity;

/** Things are found by their names, and taken out with whatever refers to them. */
class ThingsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Shore, start: tides }
            facts:
              drafts: 2
            styles:
              quiet: { label-size: 12 }
            screens:
              tides:
                wireframe:
                  kind: list
                  rows:
                    - { title: Pool, screen: pool }
                    - Plain
              pool: { under: tides }
              map: Map      # the chart
              legend: { title: Legend, under: map }
            menus:
              main:
                - tides
                - { screen: map, badge: drafts, style: quiet }
                # to the pool
                - pool
                - section: More
                  items: [ { screen: legend, when: drafts > 0 } ]
              side: [ map ]
            bars:
              - { menu: main, footer: [ map ], form: drawer }
              - { menu: side, id: side, form: bottom }
              - top
            """;

    private static final SourceText SOURCE = new SourceText("plan.yaml", PLAN);

    @ParameterizedTest
    @CsvSource({
        "app, /app",
        "plan, ''",
        "motion, /motion",
        "screen:pool, /screens/pool",
        "item:legend, /menus/main/3/items/0",
        "bar:main, /bars/0",
        "bar:top, /bars/2",
        "fact:drafts, /facts/drafts",
        "style:quiet, /styles/quiet",
        "row:tides/1, /screens/tides/wireframe/rows/1",
        "section:main/3, /menus/main/3",
    })
    void thingsAreFound(String thing, String pointer) throws Exception {
        assertEquals(pointer, Things.of(SOURCE).pointer(thing));
    }

    @ParameterizedTest
    @CsvSource({
        "screen:pol, There is no screen \\\"pol\\\". Did you mean \\\"pool\\\"?",
        "bar:mian, There is no bar \\\"mian\\\". Did you mean \\\"main\\\"?",
        "row:tides/2, any more",
        "shelf:a, is not a thing of a plan",
        "app:a, is not a thing of a plan",
    })
    void whatIsNotThereIsTold(String thing, String message) {
        EditException told =
                assertThrows(EditException.class, () -> Things.of(SOURCE).pointer(thing));
        assertTrue(told.getMessage().contains(message.replace("\\\"", "\"")), told.getMessage());
    }

    @Test
    void aScreenGoesWithTheItemsThatLeadToIt() throws Exception {
        String after = edited(PLAN, "remove:screen/pool");
        String expected = PLAN.replace("{ title: Pool, screen: pool }", "{ title: Pool }")
                .replace("  pool: { under: tides }\n", "")
                .replace("    # to the pool\n    - pool\n", "");
        assertEquals(expected, after);
    }

    @Test
    void whatIsBelowAScreenStaysWithoutIt() throws Exception {
        String after = edited(PLAN.replace("footer: [ map ], ", ""), "remove:screen/map");
        PlanFile read = PlanFile.read(new SourceText("plan.yaml", after), IconNames.ANY);
        assertTrue(after.contains("legend: { title: Legend }"), after);
        assertTrue(!after.contains("map"), after);
        // The menu that had nothing else is empty now.
        assertTrue(
                read.findings().stream()
                        .allMatch(one ->
                                one.spot().pointer().startsWith("/menus/side") || one.severity() != Severity.ERROR),
                read.findings().toString());
    }

    @Test
    void aFactGoesWithConditionsAndBadges() throws Exception {
        String after = edited(PLAN, "remove:fact/drafts");
        assertTrue(!after.contains("drafts"), after);
        assertTrue(
                PlanFile.read(new SourceText("plan.yaml", after), IconNames.ANY)
                        .plan()
                        .isPresent(),
                after);
    }

    @Test
    void aMenuGoesWithItsBarAndAStyleWithItsMentions() throws Exception {
        String after = edited(edited(PLAN, "remove:menu/side"), "remove:style/quiet");
        assertTrue(!after.contains("side:") && !after.contains("id: side"), after);
        assertTrue(!after.contains("quiet"), after);
        assertTrue(
                PlanFile.read(new SourceText("plan.yaml", after), IconNames.ANY)
                        .plan()
                        .isPresent(),
                after);
    }

    @Test
    void anItemGoesFromBarsThatNameIt() throws Exception {
        String after = edited(PLAN, "remove:item/legend");
        assertTrue(!after.contains("when: drafts"), after);
    }
}
