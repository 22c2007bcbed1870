package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;
import static org.yonderarc.edit.EditedPlan.PLAN;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.files.YamlTree;
import org.yonderarc.finding.Severity;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** What edits do to a plan, and what they refuse. */
class PlanEditorTest {
    /** The places of accepted findings follow what stands there, whatever moves it. */
    @ParameterizedTest
    @CsvSource({
        "before:/menus/main/0=log, /menus/main/2/items/1, /screens/map",
        "before:/menus/main/2=log, /menus/main/1/items/1, /screens/map",
        "remove:/menus/main/0, /menus/main/0/items/1, /screens/map",
        "move:/menus/main/1=0, /menus/main/0/items/1, /screens/map",
        "move:/menus/main/0=2, /menus/main/0/items/1, /screens/map",
        "move:/menus/main/1/items/1=/menus/main/0, /menus/main/0, /screens/map",
        "move:/menus/main/0=/menus/main/1/items/0, /menus/main/0/items/2, /screens/map",
        "section:/menus/main/0..1=All, /menus/main/0/items/1/items/1, /screens/map",
        "before:/menus/main/1/items/0=log, /menus/main/1/items/2, /screens/map",
        "screen:map=chart, /menus/main/1/items/1, /screens/chart",
        "set:/app/name=Else, /menus/main/1/items/1, /screens/map",
    })
    void acceptedFindingsFollow(String edit, String item, String screen) throws EditException {
        String plan =
                """
                yonder: 1
                app: { name: Shore, start: tides }
                screens: { tides: Tides, map: Map, log: Log, pool: Pool, rock: Rock, crew: Crew }
                menus:
                  main: [ tides, { section: More, items: [ pool, rock ] }, crew ]
                accepted:
                  - { code: no-icon, at: /menus/main/1/items/1, because: It is plain }
                  - { code: dead-end, at: /screens/map, because: It is one }
                  - { code: dead-end, because: They are }
                """;
        String after = edited(plan, edit);
        assertTrue(after.contains("{ code: no-icon, at: " + item + ", because"), after);
        assertTrue(after.contains("{ code: dead-end, at: " + screen + ", because"), after);
    }

    @Test
    void aTextGetsAnotherLanguageBesideItsOwn() throws EditException {
        String plan =
                "yonder: 1\napp: { name: Shore, start: map, languages: [ en, de ] }\nscreens:\n  map: Map # all\n";
        String both = plan.replace("map: Map", "map: { title: { en: Map, de: Karte } }");
        assertEquals(both, edited(plan, "set:/screens/map/title/de=Karte"));
        assertEquals(both, edited(plan, "set:/screens/map={title: Map}", "set:/screens/map/title/de=Karte"));
        assertEquals(
                plan.replace("map: Map", "map: { title: Chart }"), edited(plan, "set:/screens/map/title/en=Chart"));
        assertEquals(plan.replace("map: Map", "map: Chart"), edited(plan, "set:/screens/map/title=Chart"));
    }

    @Test
    void neighboursGoIntoASectionTogether() throws EditException {
        String plan = "yonder: 1\nmenus:\n  main:\n    - tides\n    - { screen: map, id: m }\n    - crew # last\n";
        assertEquals(
                "yonder: 1\nmenus:\n  main:\n    - tides\n"
                        + "    - { section: Out there, items: [ { screen: map, id: m }, crew ] }\n",
                edited(plan.replace(" # last", ""), "section:/menus/main/1..2=Out there"));
        assertEquals(
                "yonder: 1\nmenus:\n  main:\n    - tides\n"
                        + "    - section: Out there\n      items:\n        - { screen: map, id: m }\n        - crew # last\n",
                edited(plan, "section:/menus/main/1..2=Out there"));
        assertThrows(EditException.class, () -> edited(plan, "section:/menus/main/2..3=Out there"));
        assertThrows(EditException.class, () -> edited(plan, "section:/menus/main/2..1=Out there"));
    }

    /** Two screens can't have one path, nor two items one id: the copy has its own. */
    @Test
    void aCopyHasAPathAndAnIdOfItsOwn() throws EditException {
        String plan =
                """
                yonder: 1
                app: { name: Shore, start: tides }
                screens:
                  tides: Tides
                  pool: { path: "/pools/{pool}", under: tides, title: Pool }
                menus: { main: [ tides, { screen: tides, id: low, label: Low } ] }
                """;
        String copied = edited(plan, "copy:screen/pool=dock");
        assertTrue(copied.contains("dock: { under: tides, title: Pool, path: \"/dock/pools/{pool}\" }"), copied);
        String twice = edited(plan, "copy:item/low=high");
        assertTrue(twice.contains("{ screen: tides, label: Low, id: high }"), twice);
        assertEquals(
                List.of(),
                PlanFile.read(new SourceText("p.yaml", copied), IconNames.ANY).findings().stream()
                        .filter(finding -> finding.severity() == Severity.ERROR)
                        .toList());
    }

    /** What is written short and takes no keys says so, and what stands in the way is told. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "set:/app/start/x=1 | takes no keys",
                "set:/bars/0/forms/watch=rail | There is no device kind \"watch\"",
                "set:/screens/tides/title/de=Gezeiten | set:/app/languages=[en, de]",
                "before:/menus/main/9=map | There is nothing at \"/menus/main/9\"",
                "before:/screens/map=Find | Write a key and its value",
                "before:/screens/map=pool: Pool | has a key \"pool\" already",
                "set:/app/name={a: | is not a value",
                "copy:item/map=tides | is the id of another item already",
                "copy:item/mat=tides | There is no item \"mat\"",
                "copy:screen/map=The pier | is no id",
                "copy:map=pier | neither a path nor a name",
            })
    void whatCanNotBeDoneIsToldWithTheReason(String edit, String reason) {
        EditException trouble = assertThrows(EditException.class, () -> edited(PLAN, edit));
        assertTrue(trouble.getMessage().contains(reason), trouble.getMessage());
    }

    /** Ways of writing that can't be changed safely are refused in words, and never break the file. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "`? b` | set:/screens/b=Other",
                "`? b` | remove:/screens/b",
                "`b: { wireframe: { kind: list, rows: [ one, &r two, *r ] } }` | move:/screens/b/wireframe/rows/2=0",
                "`b: { wireframe: { kind: list, rows: [ one, &r two, *r ] } }` | remove:/screens/b/wireframe/rows/1",
                "`b: B` | move:/menus/main/4294967295=0",
                "`b: B` | move:/menus/main/0=4294967295",
                "`b: B` | remove:/menus/main/99999999999999999999",
                "`b: B` | set:/menus/main/-1=b",
            })
    void whatCannotBeChangedSafelyIsRefused(String screen, String edit) {
        String plan = "yonder: 1\napp: { name: A, start: a }\nscreens:\n  a: A\n  " + screen
                + "\nmenus: { main: [ a, a ] }\n";
        assertThrows(EditException.class, () -> edited(plan, edit));
    }

    /** A colour needs no quotes of its own. */
    @Test
    void aColourIsAValue() throws EditException {
        assertTrue(edited(PLAN, "set:/theme/light/surface=#f4e6d4").contains("surface: \"#f4e6d4\""));
    }

    @Test
    void aRenamedScreenIsRenamedEverywhere() throws EditException {
        String renamed = edited(PLAN, "screen:tides=today", "screen:pool=rock-pool", "item:rock=stone");
        assertFalse(renamed.replace("title: Tides", "").contains("tides"), renamed);
        assertTrue(renamed.contains("footer: [ today, stone ]"), renamed);
        assertTrue(renamed.contains("screen: rock-pool"), renamed);
        var read = PlanFile.read(new SourceText("plan.yaml", renamed), IconNames.ANY);
        assertTrue(read.plan().isPresent(), () -> read.findings().toString());
    }

    /** What is accepted about a screen stays accepted, and whatever refers to it by a form follows. */
    @Test
    void aRenamingReachesWhatIsAcceptedAndEveryForm() throws EditException {
        String plan = PLAN.replace(
                "  - top\n",
                """
                  - { form: top, actions: [ tides ], within: tides }
                  - { menu: main, id: fan, form: radial }
                  - { menu: main, id: cards, form: grid, on-screens: [ tides, map ] }
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
        var trouble = assertThrows(EditException.class, () -> edited(plan, "screen:tides=today"));
        assertTrue(trouble.getMessage().contains("can't be read"), trouble.getMessage());
        assertTrue(trouble.getMessage().contains("Fix"), trouble.getMessage());
    }

    @Test
    void jsonStaysJson() throws EditException {
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
                } catch (EditException trouble) {
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

    @Test
    void whatCannotBeDoneIsRefusedWithTheReason() {
        var aliased = PLAN.replace("{ under: tides }", "&a { under: tides }").replace("map: Map", "map: *a");
        for (String[] wrong : new String[][] {
            {PLAN, "screen:tidse=x", "Did you mean \"tides\"?"},
            {PLAN, "screen:tides=pool", "already"},
            {PLAN, "screen:tides=Not An Id", "not an id"},
            {PLAN, "set:/app/name=Shore", "already"},
            {PLAN, "remove:/menus/main/9", "nothing at"},
            {PLAN, "move:/app/name=0", "list"},
            {PLAN + "  broken: [", "set:/app/name=x", "Fix it first"},
            {aliased, "set:/screens/map/under=pool", "by hand"},
        }) {
            var trouble = assertThrows(EditException.class, () -> edited(wrong[0], wrong[1]), wrong[1]);
            assertTrue(trouble.getMessage().contains(wrong[2]), trouble.getMessage());
        }
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
}
