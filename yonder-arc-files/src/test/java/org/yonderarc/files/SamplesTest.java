package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.Samples;

/** What a screen whose path takes parameters is shown with, where it is given none. */
class SamplesTest {
    private static PlanFile plan(String parameters, String rows) {
        return PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        screens:
                          a: { wireframe: { kind: list, rows: [ %s ] } }
                          d: { under: a, path: "/d/{x}{?y}", parameters: { %s } }
                        menus: { main: [ a ] }
                        """
                                .formatted(rows == null ? "Plain" : rows, parameters == null ? "" : parameters)),
                IconNames.ANY);
    }

    /** Its own sample, else what leads there, else something of its kind. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x: { sample: 41 } | '{ title: R, screen: \"d?x=7\" }' | d?x=41",
                "x: { sample: old harbour } | | d?x=old%20harbour",
                "| '{ title: R, screen: \"d?x=7&y=2\" }' | d?x=7",
                "| | d?x=x",
                "x: number | | d?x=1",
                "x: flag | | d?x=true",
            })
    void thePlaceOfAScreen(String parameters, String rows, String place) {
        var plan = plan(parameters, rows).plan().orElseThrow();
        assertEquals(place, Samples.of(plan).place(plan.screens().get("d")).text());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x: { sample: '' }                   | bad-value /screens/d/parameters/x/sample",
                "x: { sample: LONG }                 | bad-value /screens/d/parameters/x/sample",
                "x: { sample: [ 1 ] }                | wrong-type /screens/d/parameters/x/sample",
                "x: { kind: integer, sample: 1.5 }    | bad-parameter /screens/d/parameters/x/sample",
                "x: { kind: number, sample: north }  | bad-parameter /screens/d/parameters/x/sample",
                "y: { sample: 1 }                    | no-effect /screens/d/parameters/y/sample",
            },
            quoteCharacter = '"')
    void aSampleThatCantBeIsTold(String parameters, String told) {
        var first = plan(parameters.replace("LONG", "x".repeat(501)), null)
                .findings()
                .get(0);
        assertEquals(told, first.code().id() + " " + first.spot().pointer());
    }
}
