package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

class PlanFileTest {
    private static final String YAML =
            """
            yonder: 1
            app: { name: "Brinelight: yes", start: tides }
            facts: { signed-in: false, drafts: 2, depth: -0.25, observer: "", code: "007" }
            screens:
              tides: Tides
              surveys:
                title: Surveys
                icon: clipboard-list
                wireframe:
                  kind: list
                  rows:
                    - Plain
                    - { title: "true", note: "12", value: "off", screen: "survey?survey=4%201" }
              survey: { title: "Survey {survey}", under: surveys, path: "/surveys/{survey}", wireframe: chart }
            menus:
              main:
                - tides
                - { screen: surveys, id: log, label: Log, icon: book, badge: drafts }
            bars:
              - { menu: main, form: bottom }
              - top
            """;

    private static final String JSON =
            """
            { "yonder": 1,
              "app": { "name": "Brinelight: yes", "start": "tides" },
              "facts": { "signed-in": false, "drafts": 2, "depth": -0.25, "observer": "", "code": "007" },
              "screens": {
                "tides": "Tides",
                "surveys": { "title": "Surveys", "icon": "clipboard-list", "wireframe": { "kind": "list",
                  "rows": [ "Plain", { "title": "true", "note": "12", "value": "off", "screen": "survey?survey=4%201" } ] } },
                "survey": { "title": "Survey {survey}", "under": "surveys", "path": "/surveys/{survey}", "wireframe": "chart" }
              },
              "menus": { "main": [ "tides",
                { "screen": "surveys", "id": "log", "label": "Log", "icon": "book", "badge": "drafts" } ] },
              "bars": [ { "menu": "main" }, { "form": "top" } ] }
            """;

    private static final Plan BUILT = PlanBuilder.app("Brinelight: yes")
            .start("tides")
            .fact("signed-in", false)
            .fact("drafts", 2)
            .fact("depth", -0.25)
            .fact("observer", "")
            .fact("code", "007")
            .screen("tides")
            .screen("surveys", screen -> screen.icon("clipboard-list")
                    .wireframe(Wireframe.Kind.LIST)
                    .row("Plain", "", "")
                    .row("true", "12", "off", "survey?survey=4%201"))
            .screen("survey", screen -> screen.title("Survey {survey}")
                    .under("surveys")
                    .path("/surveys/{survey}")
                    .wireframe(Wireframe.Kind.CHART))
            .menu("main", menu -> menu.item("tides")
                    .item(
                            "surveys",
                            item -> item.id("log").label("Log").icon("book").badge("drafts")))
            .bottomBar("main")
            .topBar()
            .build();

    @Test
    void yamlJsonAndBuildersGiveEqualPlans() {
        assertEquals(BUILT, plan("plan.yaml", YAML));
        assertEquals(BUILT, plan("plan.json", JSON));
    }

    @Test
    void whatIsWrittenReadsBackEqual() {
        assertEquals(BUILT, plan("plan.yaml", PlanFile.toYaml(BUILT)));
        assertEquals(BUILT, plan("plan.json", PlanFile.toJson(BUILT)));
    }

    /** Texts that YAML would take for something else, or that would end the text early. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "yes",
                "true",
                "null",
                "~",
                "1",
                "1.0",
                "0x1F",
                ".inf",
                "- a",
                "a: b",
                "a #b",
                "#a",
                "[",
                "]",
                "{{}}",
                "'",
                "\"",
                "*a",
                "&a",
                "!a",
                "%a",
                "@a",
                "|",
                ">",
                "?",
                "a\nb",
                " a ",
                "\\",
                "\u00e9\u2026\ud83d\udc1a",
                "\t",
                "---",
                "..."
            })
    void trickyTextsSurviveBothFormats(String text) {
        Plan plan = PlanBuilder.app(text)
                .start("a")
                .screen("a", screen -> screen.wireframe(Wireframe.Kind.LIST).row(text, text, text))
                .build();
        assertEquals(plan, plan("plan.yaml", PlanFile.toYaml(plan)));
        assertEquals(plan, plan("plan.json", PlanFile.toJson(plan)));
    }

    @Test
    void theSmallestUsefulPlanIsAFewLines() {
        Plan plan = plan(
                "plan.yaml",
                """
                yonder: 1
                app: { name: Small, start: home }
                screens: { home: Home, more: More }
                menus: { main: [ home, more ] }
                """);
        assertEquals(2, plan.bars().size(), "a bottom bar with the first menu, and a top bar");
        assertEquals("/more", plan.screens().get("more").path().text());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ \"yonder\": 1, }        | 1:16 syntax",
                "{ \"yonder\": 1 } { }     | 1:17 syntax",
                "{ \"a\": NaN }            | 1:11 syntax",
                "[ 1 ]                     | 1:1 wrong-type",
            })
    void faultyJsonIsFoundWhereItStands(String json, String expected) {
        var finding = PlanFile.read(new SourceText("plan.json", json), IconNames.ANY)
                .findings()
                .get(0);
        String found = finding.spot().line() + ":" + finding.spot().column() + " "
                + finding.code().id();
        assertEquals(expected, found, finding::message);
    }

    @Test
    void reportsShowTheLineTheMarkAndTheWayOut() {
        String yaml =
                "yonder: 1\napp: { name: \"A\\x1B\", start: hoem }\nscreens: { home: Home }\nmenus: { main: [ home ] }\n";
        String report = FindingText.report(
                PlanFile.read(new SourceText("plan.yaml", yaml), IconNames.ANY), FindingText.Colours.NONE);
        assertEquals(
                """
                plan.yaml:2:30  error [unknown-screen]
                  There is no screen "hoem".
                  2 | app: { name: "A\\x1B", start: hoem }
                    |                              ~~~~
                  Why it matters: The link leads nowhere.
                  What to do: Did you mean "home"?

                plan.yaml: 1 error, 0 warnings
                """,
                report);
    }

    private static Plan plan(String name, String text) {
        PlanFile file = PlanFile.read(new SourceText(name, text), IconNames.ANY);
        assertTrue(file.plan().isPresent(), () -> text + FindingText.report(file, FindingText.Colours.NONE));
        return file.plan().get();
    }
}
