package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Journeys beside a plan follow its renamings, and go back with them. */
class JourneysBesideTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Shore, start: tides }
            facts: { drafts: 2, draft: 1 }
            screens:
              tides: { icon: home }
              survey: { under: tides, path: "/surveys/{survey}" }
              crew: { icon: users }
            menus:
              main: [ tides, { screen: crew, id: people } ]
            """;

    private static final String JOURNEYS =
            """
            # Walks.
            facts: { drafts: 3 }   # at first

            journeys:
              There and back:
                - choose:tides
                - { do: "open:survey?survey=41", at: "survey?survey=41", selected: tides, back: tides }
                - { do: choose:people, at: crew, shown: [ tides, people ], hidden: none }
                - { do: "tell:drafts=0", title: crew }
                - { do: "tell-all:draft=1&drafts=2" }   # both
                - { do: toggle:main }
                - { do: link:/tides, at: tides }
            """;

    @TempDir
    Path folder;

    private Path plan;
    private Path journeys;

    @BeforeEach
    void write() throws Exception {
        plan = Files.writeString(folder.resolve("shore.yaml"), PLAN);
        journeys = Files.writeString(folder.resolve("shore.journeys.yaml"), JOURNEYS);
    }

    private void edit(String... edits) throws Exception {
        try (var store = PlanStore.open(plan)) {
            var editor = new PlanEditor(store.source());
            for (String edit : edits) {
                editor.apply(Edit.parse(edit));
            }
            store.save(editor);
        }
    }

    private void undo(boolean back) throws Exception {
        try (var store = PlanStore.open(plan)) {
            if (back) {
                store.undo();
            } else {
                store.redo();
            }
        }
    }

    /** Whether a text needs quotes is for the writer to say. */
    private static String bare(String text) {
        return text.replace("\"", "");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "screen:survey=walk | survey?survey=41 | walk?survey=41",
                "item:people=team | people | team",
                "fact:draft=sketch | draft=1 | sketch=1",
                "menu:main=all | toggle:main | toggle:all",
                "style:a=b | '' | ''",
            })
    void whatIsNamedIsNamedAnew(String edit, String before, String after) throws Exception {
        if (edit.startsWith("style:")) {
            edit("set:/styles/a={ label-size: 12 }");
        }
        edit(edit);
        assertEquals(bare(JOURNEYS.replace(before, after)), bare(Files.readString(journeys)));
    }

    /** An item without an id of its own goes with its screen; addresses and titles are what people see, and stay. */
    @Test
    void aScreenTakesItsItemAlong() throws Exception {
        edit("screen:tides=today", "fact:drafts=sketches");
        String expected = JOURNEYS.replace("choose:tides", "choose:today")
                .replace("selected: tides, back: tides", "selected: today, back: today")
                .replace("[ tides, people ]", "[ today, people ]")
                .replace("at: tides }", "at: today }")
                .replace("drafts", "sketches");
        assertEquals(bare(expected), bare(Files.readString(journeys)));
        undo(true);
        assertEquals(PLAN, Files.readString(plan));
        assertEquals(JOURNEYS, Files.readString(journeys));
        undo(false);
        assertEquals(bare(expected), bare(Files.readString(journeys)));
        undo(true);
        assertEquals(JOURNEYS, Files.readString(journeys));
    }

    @Test
    void journeysThatWereChangedSinceAreLeftAlone() throws Exception {
        edit("item:people=team");
        String mine = Files.readString(journeys) + "    - back\n";
        Files.writeString(journeys, mine);
        undo(true);
        assertEquals(PLAN, Files.readString(plan));
        assertEquals(mine, Files.readString(journeys));
        Files.writeString(journeys, "journeys: [");
        edit("item:people=team");
        assertTrue(Files.readString(plan).contains("id: team"));
        assertEquals("journeys: [", Files.readString(journeys));
    }

    @Test
    void otherEditsTouchNothingBeside() throws Exception {
        edit("set:/app/name=Pier");
        assertEquals(JOURNEYS, Files.readString(journeys));
        assertTrue(Files.notExists(folder.resolve("shore.journeys.yaml.history")));
    }
}
