package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Parameter;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** A parameter takes the same along a path, whichever screen says it. */
class ParameterKindsTest {
    private static PlanFile plan(String survey, String sightings) {
        return PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Quay, start: log }
                        screens:
                          log: Log
                          survey: { under: log, path: "/surveys/{survey}{?page}", parameters: { %s } }
                          sightings: { under: log, path: "/surveys/{survey}/sightings{?page}", parameters: { %s } }
                          other: { under: log, path: "/other/{survey}" }
                        menus: { main: [ log ] }
                        """
                                .formatted(survey == null ? "" : survey, sightings == null ? "" : sightings)),
                IconNames.ANY);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "survey: integer | | link:/surveys/41/sightings | ",
                "survey: integer | | link:/surveys/first/sightings | {survey} of \"sightings\" takes a whole number, not \"first\".",
                " | survey: integer | link:/surveys/first | {survey} of \"survey\" takes a whole number, not \"first\".",
                "survey: integer | survey: { sample: 7 } | link:/surveys/4.5/sightings | {survey} of \"sightings\" takes a whole number, not \"4.5\".",
                "survey: integer | survey: integer | link:/surveys/first/sightings | {survey} of \"sightings\" takes a whole number, not \"first\".",
                "survey: integer | | link:/other/first | ",
                "page: integer | | link:/surveys/a/sightings?page=b | ",
                " | | link:/surveys/first/sightings | ",
            },
            quoteCharacter = '\'')
    void aKindHoldsAlongThePath(String survey, String sightings, String step, String refused) {
        PlanFile file = plan(survey, sightings);
        assertEquals(0, file.count(Severity.ERROR), () -> file.findings().toString());
        Walk walk = Walk.of(file.plan().orElseThrow());
        String told = walk.step(walk.start(), Steps.parse(walk.plan(), step)).effects().stream()
                .map(Effect::text)
                .collect(Collectors.joining());
        assertEquals(refused == null ? "" : "refused: " + refused, told);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "survey: integer | survey: text | {survey} takes a text on \"Sightings\", but a whole number on \"Survey\", whose path begins the same way.",
                "survey: number | survey: integer | {survey} takes a whole number on \"Sightings\", but a number on \"Survey\", whose path begins the same way.",
                "survey: text | survey: text | ",
                "page: integer | page: text | ",
            },
            quoteCharacter = '\'')
    void whatContradictsIsTold(String survey, String sightings, String told) {
        assertEquals(
                told == null ? "" : "/screens/sightings/parameters/survey " + told,
                plan(survey, sightings).findings().stream()
                        .filter(finding -> finding.severity() == Severity.ERROR)
                        .map(finding -> finding.spot().pointer() + " " + finding.message())
                        .collect(Collectors.joining("\n")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "7", "-7", "41", "999999999999999", "-999999999999999"})
    void wholeNumbers(String value) {
        assertTrue(Parameter.Kind.INTEGER.takes(value));
        assertEquals(value, Long.valueOf(value).toString(), "one way to write each, in every language");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "-",
                "-0",
                "007",
                "+7",
                "4.5",
                "4.0",
                "1e3",
                "1000000000000000",
                "a",
                "\u0667",
                " 7",
                "--7",
                "0-"
            })
    void othersAreNone(String value) {
        assertFalse(Parameter.Kind.INTEGER.takes(value));
    }
}
