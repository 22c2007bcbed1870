package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** Edits change what they are meant to change, and not one character more. */
class PlanEditorTest {
    private static final String PLAN =
            """
            # The shore.
            yonder: 1
            app: { name: Shore, start: tides }   # short

            screens:
              tides:            # first
                title: Tides
                wireframe:
                  kind: list
                  rows:
                    - { title: Pool, to: pool }
                    # the second
                    - Plain
              pool: { under: tides }
              map: Map

            menus:
              main:
                - tides
                # to the map
                - { screen: map, label: Map }   # here
                - section: More
                  items: [ { screen: pool, id: rock } ]

            bars:
              - { menu: main, form: drawer, footer: [ tides, rock ] }
              - top
            """;

    private static String edited(String plan, String... edits) throws EditTrouble {
        var editor = new PlanEditor(new SourceText("plan.yaml", plan));
        for (String edit : edits) {
            editor.apply(Edit.parse(edit));
        }
        return editor.source().text();
    }

    /** Expected lines that the edit puts in place of lines of the plan; the rest stays letter by letter. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "set:/app/name=Coast | name: Shore | name: Coast",
                "set:/app/name='1: 2' | name: Shore | name: \"1: 2\"",
                "set:/app/languages=[en, de] | start: tides } | start: tides, languages: [ en, de ] }",
                "set:/screens/map={title: Karte} | map: Map | map: { title: Karte }",
                "remove:/screens/pool/under | { under: tides } | {}",
                "icon:tides=droplet | `- tides\n    # to` | `- { screen: tides, icon: droplet }\n    # to`",
                "icon:map=anchor | label: Map } | label: Map, icon: anchor }",
                "relink:map=pool | `{ screen: map, label: Map }` | `{ screen: pool, label: Map, id: map }`",
                "remove:/bars/0/footer/0 | [ tides, rock ] | [ rock ]",
                "remove:/bars/0/footer/1 | [ tides, rock ] | [ tides ]",
                "move:/bars/0/footer/1=0 | [ tides, rock ] | [ rock, tides ]",
                "add:/bars/0/footer=map | rock ] } | rock, map ] }",
                "remove:/menus/main/0 | `    - tides\n` | ``",
                "remove:/screens/pool | `  pool: { under: tides }\n` | ``",
                "add:/menus/main=pool | `id: rock } ]\n` | `id: rock } ]\n    - pool\n`",
            })
    void oneChangeTouchesOnePlace(String edit, String from, String to) throws EditTrouble {
        String wanted = from.replace("\\n", "\n");
        assertEquals(2, PLAN.split(java.util.regex.Pattern.quote(wanted), -1).length, "the plan has it once");
        assertEquals(PLAN.replace(wanted, to == null ? "" : to.replace("\\n", "\n")), edited(PLAN, edit));
    }

    @Test
    void aMoveTakesTheCommentsAboveAlong() throws EditTrouble {
        String moved = edited(PLAN, "move:/menus/main/1=0");
        assertTrue(
                moved.contains("  main:\n    # to the map\n    - { screen: map, label: Map }   # here\n    - tides\n"),
                moved);
    }

    @Test
    void aRenamedScreenIsRenamedEverywhere() throws EditTrouble {
        String renamed = edited(PLAN, "screen:tides=today", "screen:pool=rock-pool", "item:rock=stone");
        assertFalse(renamed.replace("title: Tides", "").contains("tides"), renamed);
        assertTrue(renamed.contains("footer: [ today, stone ]"), renamed);
        assertTrue(renamed.contains("to: rock-pool"), renamed);
        var read = PlanFile.read(new SourceText("plan.yaml", renamed), IconNames.ANY);
        assertTrue(read.plan().isPresent(), () -> read.findings().toString());
    }

    /** What is accepted about a screen stays accepted, and whatever refers to it by a form follows. */
    @Test
    void aRenamingReachesWhatIsAcceptedAndEveryForm() throws EditTrouble {
        String plan = PLAN.replace(
                "  - top\n",
                """
                  - { form: top, actions: [ tides ], within: tides }
                  - { menu: main, id: fan, form: radial }
                  - { menu: main, id: cards, form: grid, screens: [ tides, map ] }
                  - { menu: main, id: side, forms: { phone: { form: rail, action: tides } } }
                accepted:
                  - { code: no-icon, at: /screens/tides/title, because: It has none }
                  - { code: no-icon, at: /screens/tidesx, because: Another }
                """);
        String renamed = edited(plan, "screen:tides=today");
        assertFalse(renamed.replace("title: Tides", "").replace("tidesx", "").contains("tides"), renamed);
        assertTrue(renamed.contains("at: /screens/today/title"), renamed);
        assertTrue(renamed.contains("screens: [ today, map ]"), renamed);
        assertTrue(renamed.contains("form: rail, action: today"), renamed);
    }

    @Test
    void aRenamingWaitsForLinesThatCannotBeRead() {
        String plan = PLAN.replace("    - tides\n", "    - tides\n    - { label: Nowhere }\n");
        var trouble = assertThrows(EditTrouble.class, () -> edited(plan, "screen:tides=today"));
        assertTrue(trouble.getMessage().contains("can't be read"), trouble.getMessage());
        assertTrue(trouble.getMessage().contains("Mend"), trouble.getMessage());
    }

    @Test
    void jsonStaysJson() throws EditTrouble {
        String json = PlanFile.toJson(PlanFile.read(new SourceText("plan.yaml", PLAN), IconNames.ANY)
                .plan()
                .orElseThrow());
        var editor = new PlanEditor(new SourceText("plan.json", json));
        editor.apply(Edit.parse("icon:tides=droplet"));
        editor.apply(Edit.parse("set:/app/languages=[en]"));
        editor.apply(Edit.parse("screen:map=chart"));
        var read = PlanFile.read(editor.source(), IconNames.ANY);
        assertEquals(
                "chart",
                read.plan()
                        .orElseThrow()
                        .menus()
                        .get("main")
                        .items()
                        .get(1)
                        .place()
                        .get()
                        .screen());
        assertEquals(
                json.lines().count() + 1,
                editor.source().text().lines().count(),
                editor.source().text());
    }

    /** Random edits of every place: each is done right (the editor compares) or refused, and undone without a trace. */
    @Test
    void randomEditsAreUndoneWithoutATrace() throws Exception {
        var random = new Random(3);
        int refused = 0;
        for (int run = 0; run < 400; run++) {
            var editor = new PlanEditor(new SourceText("plan.yaml", PLAN));
            int done = 0;
            for (int i = 0; i < 4; i++) {
                List<String> pointers = new ArrayList<>();
                collect(YamlTree.parse(editor.source().text()), "", pointers);
                String at = pointers.get(random.nextInt(pointers.size()));
                String edit =
                        switch (random.nextInt(4)) {
                            case 0 -> "set:" + at + "=x" + i;
                            case 1 -> "remove:" + at;
                            case 2 -> "move:" + at + "=" + random.nextInt(3);
                            default -> "set:" + at + "/new=[ a, { b: c } ]";
                        };
                try {
                    editor.apply(Edit.parse(edit));
                    done++;
                } catch (EditTrouble trouble) {
                    refused += trouble.getMessage().contains("safely") ? 1 : 0;
                }
            }
            String last = editor.source().text();
            for (int i = 0; i < done; i++) {
                assertTrue(editor.undo());
            }
            assertEquals(PLAN, editor.source().text());
            for (int i = 0; i < done; i++) {
                assertTrue(editor.redo());
            }
            assertEquals(last, editor.source().text());
        }
        assertEquals(0, refused, "edits refused as unsafe");
    }

    private static void collect(Value value, String pointer, List<String> out) {
        if (value instanceof MapValue map) {
            map.entries().forEach(entry -> {
                out.add(JsonPointer.child(pointer, entry.key()));
                collect(entry.value(), JsonPointer.child(pointer, entry.key()), out);
            });
        } else if (value instanceof ListValue list) {
            for (int i = 0; i < list.items().size(); i++) {
                out.add(pointer + "/" + i);
                collect(list.items().get(i), pointer + "/" + i, out);
            }
        }
    }

    @Test
    void whatCannotBeDoneIsRefusedWithTheReason() {
        var aliased = PLAN.replace("{ under: tides }", "&a { under: tides }").replace("map: Map", "map: *a");
        for (String[] wrong : new String[][] {
            {PLAN, "screen:tidse=x", "Did you mean \"tides\"?"},
            {PLAN, "screen:tides=pool", "already"},
            {PLAN, "screen:tides=Not An Id", "no id"},
            {PLAN, "set:/app/name=Shore", "already"},
            {PLAN, "remove:/menus/main/9", "nothing at"},
            {PLAN, "move:/app/name=0", "list"},
            {PLAN + "  broken: [", "set:/app/name=x", "Mend it first"},
            {aliased, "set:/screens/map/under=pool", "by hand"},
        }) {
            var trouble = assertThrows(EditTrouble.class, () -> edited(wrong[0], wrong[1]), wrong[1]);
            assertTrue(trouble.getMessage().contains(wrong[2]), trouble.getMessage());
        }
    }
}
