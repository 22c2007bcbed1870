package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;

class FixesTest {
    @Test
    void onlyTheWordsAtFaultChange() {
        var before = new SourceText(
                "plan.yaml",
                """
                # The shore.
                yonder: 1
                app: { name: "\ud83d\udc1a Brinelight", strat: 'tidse' }   # starts with the tides
                facts: { drafts: 0 }

                screens:
                    tides:   { titel: "Tides", wireframe: "gallrey" }
                    surveys: Surveys      # spaces stay
                menus:
                  main: [ tides, { screen: "survyes", bagde: draft } ]
                bars: [ { menu: mian, form: botom }, top ]
                """);
        Fixes.Outcome outcome = Fixes.apply(PlanFile.read(before, IconNames.ANY), IconNames.ANY);
        assertEquals(
                """
                # The shore.
                yonder: 1
                app: { name: "\ud83d\udc1a Brinelight", start: 'tides' }   # starts with the tides
                facts: { drafts: 0 }

                screens:
                    tides:   { title: "Tides", wireframe: "gallery" }
                    surveys: Surveys      # spaces stay
                menus:
                  main: [ tides, { screen: "surveys", badge: drafts } ]
                bars: [ { menu: main, form: bottom }, top ]
                """,
                outcome.file().source().text());
        assertEquals(List.of(), outcome.file().findings());
        assertEquals(9, outcome.applied().size());
    }

    @Test
    void whatIsNotCertainStays() {
        var before = new SourceText(
                "plan.json",
                """
                { "yonder": 1, "app": { "name": "A", "start": "tid" },
                  "screens": { "tida": "A", "tide": "B", "far": "C" },
                  "menus": { "main": [ "tida", "tide", "nowhere" ] } }
                """);
        PlanFile read = PlanFile.read(before, IconNames.ANY);
        Fixes.Outcome outcome = Fixes.apply(read, IconNames.ANY);
        assertEquals(before.text(), outcome.file().source().text());
        assertEquals(read.findings(), outcome.file().findings());
    }
}
