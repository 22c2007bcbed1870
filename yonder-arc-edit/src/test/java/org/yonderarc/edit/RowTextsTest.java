package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.fit.Setting;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Sample content says what the person's language, the place and the facts make of its texts. */
class RowTextsTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Glazery, start: shelf, languages: [ en, de ] }
            facts: { fired: 12 }
            screens:
              shelf:
                wireframe:
                  kind: list
                  rows:
                    - { title: { en: Bowl, de: Schale }, note: { en: "{fired} fired", de: "{fired} gebrannt" }, value: raku, screen: "pot?pot=7" }
                    - "{{ as it is }}"
              pot:
                path: "/pots/{pot}"
                under: shelf
                wireframe: { kind: detail, rows: [ Any pot, { title: "Pot {pot}", value: "{fired}" } ] }
            menus: { main: [ shelf ] }
            """;

    private static PlanFile read(String text) {
        return PlanFile.read(new SourceText("p.yaml", text), IconNames.ANY);
    }

    private static List<FittedRow> rows(String language, String... steps) {
        var walk = Walk.of(read(PLAN).plan().orElseThrow());
        var state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return Fitter.fit(walk, Setting.of(Device.PHONE).in(language), state)
                .content()
                .rows();
    }

    private static String said(List<FittedRow> rows) {
        return rows.stream()
                .map(row -> row.title() + "/" + row.note() + "/" + row.value())
                .collect(Collectors.joining(" "));
    }

    /** What leads to a place gives its name there too, in the same language; the made-up picture stays. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "none",
            value = {
                "en, none, Bowl/12 fired/raku { as it is }//",
                "de, none, Schale/12 gebrannt/raku { as it is }//",
                "de, tell:fired=3, Schale/3 gebrannt/raku { as it is }//",
                "en, open:pot?pot=7, Bowl/12 fired/ Pot 7//12",
                "de, open:pot?pot=7, Schale/12 gebrannt/ Pot 7//12",
                "de, open:pot?pot=8, Any pot// Pot 8//12",
            })
    void rowsSpeakTheLanguage(String language, String step, String said) {
        List<FittedRow> rows = step == null ? rows(language) : rows(language, step);
        assertEquals(said, said(rows));
        assertEquals(said.startsWith("Any") ? "Any pot" : "Bowl", rows.get(0).seed());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "value: raku       | value: '{glaze}'   | unknown-fact /screens/shelf/wireframe/rows/0/value",
                "Pot {pot}         | Pot {kiln}         | unknown-fact /screens/pot/wireframe/rows/1/title",
                "en: Bowl, de: Schale | en: Bowl        | missing-language /screens/shelf/wireframe/rows/0/title",
                "value: raku       | value: ''          | none",
            },
            quoteCharacter = '"')
    void whatARowCantSayIsTold(String before, String after, String told) {
        assertTrue(PLAN.contains(before), before);
        String first = read(PLAN.replace(before, after)).findings().stream()
                .filter(finding -> finding.spot().pointer().contains("/rows/"))
                .map(finding -> finding.code().id() + " " + finding.spot().pointer())
                .findFirst()
                .orElse("none");
        assertEquals(told, first);
    }

    /** A fact that is called otherwise is so in rows too; a hole with the name of a parameter is none of it. */
    @Test
    void renamingsReachRows() throws Exception {
        var editor = new PlanEditor(new SourceText("p.yaml", PLAN.replace("fired: 12", "fired: 12, pot: 1")));
        editor.apply(Edit.parse("fact:fired=done"));
        editor.apply(Edit.parse("fact:pot=pots"));
        assertEquals(
                PLAN.replace("fired: 12", "done: 12, pots: 1").replace("{fired}", "{done}"),
                editor.source().text());
    }
}
