package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.files.YamlTree;
import org.yonderarc.finding.Severity;
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
                    - { title: Pool, screen: pool }
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

    /** What goes to another list takes its comments along, and is set in as its new neighbours are. */
    @Test
    void whatMovesToAnotherListTakesItsCommentsAlong() throws EditException {
        String plan =
                """
                yonder: 1
                menus:
                  main:
                    - tides   # first
                    # to the map
                    - { screen: map, label: Map }   # here
                    - section: More
                      items:
                          - pool
                          - rock
                    - crew
                  side: [ log ]
                """;
        assertEquals(
                plan.replace("    # to the map\n    - { screen: map, label: Map }   # here\n", "")
                        .replace(
                                "          - rock\n",
                                "          # to the map\n          - { screen: map, label: Map }   # here\n          - rock\n"),
                edited(plan, "move:/menus/main/1=/menus/main/2/items/1"));
        assertEquals(
                plan.replace("          - rock\n", "").replace("    - tides ", "    - rock\n    - tides "),
                edited(plan, "move:/menus/main/2/items/1=/menus/main/0"));
        assertEquals(
                plan.replace("    - crew\n", "").replace("          - rock\n", "          - rock\n          - crew\n"),
                edited(plan, "move:/menus/main/3=/menus/main/2/items"));
        assertEquals(
                plan.replace("    - crew\n", "").replace("[ log ]", "[ crew, log ]"),
                edited(plan, "move:/menus/main/3=/menus/side/0"));
        assertEquals(
                plan.replace("    - crew\n", "    - log\n    - crew\n").replace("[ log ]", "[]"),
                edited(plan, "move:/menus/side/0=/menus/main/3"));
        assertThrows(EditException.class, () -> edited(plan, "move:/menus/main/2=/menus/main/2/items/0"));
        assertThrows(EditException.class, () -> edited(plan, "move:/menus/main/9=/menus/side"));
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

    /** Where an empty line stands between all parts, it does so behind an edit too; where not, none is made. */
    @ParameterizedTest
    @ValueSource(strings = {"\n", "\r\n"})
    void emptyLinesBetweenPartsStay(String newline) throws EditException {
        String apart =
                "yonder: 1\n\n# The app.\napp: { name: A, start: a }\n\nscreens:\n  a: {}\n".replace("\n", newline);
        String fact = "\nfacts: { n: 0 }\n".replace("\n", newline);
        assertEquals(apart + fact, edited(apart, "set:/facts={ n: 0 }"));
        assertEquals(apart, edited(apart + fact, "remove:/facts"));
        assertEquals(
                apart.replace("# The app." + newline + "app: { name: A, start: a }" + newline + newline, ""),
                edited(apart, "remove:/app"));
        String close = "yonder: 1\n\napp: { name: A, start: a }\nscreens: { a: {} }\n".replace("\n", newline);
        assertEquals(close + "facts: { n: 0 }" + newline, edited(close, "set:/facts={ n: 0 }"));
        assertEquals(close, edited(close + "facts: { n: 0 }" + newline, "remove:/facts"));
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
                "copy:item/tides=low-tide | `- tides\n    # to` | `- tides\n    - { screen: tides, id: low-tide }\n    # to`",
                "copy:item/map=pier | `- { screen: map, label: Map }   # here\n` | `- { screen: map, label: Map }   # here\n    - { screen: map, label: Map, id: pier }\n`",
                "copy:screen/pool=dock | `  map: Map\n` | `  map: Map\n  dock: { under: tides }\n`",
                "relink:map=pool | `{ screen: map, label: Map }` | `{ screen: pool, label: Map, id: map }`",
                "remove:/bars/0/footer/0 | [ tides, rock ] | [ rock ]",
                "remove:/bars/0/footer/1 | [ tides, rock ] | [ tides ]",
                "move:/bars/0/footer/1=0 | [ tides, rock ] | [ rock, tides ]",
                "add:/bars/0/footer=map | rock ] } | rock, map ] }",
                "remove:/menus/main/0 | `    - tides\n` | ``",
                "remove:/screens/pool | `  pool: { under: tides }\n` | ``",
                "add:/menus/main=pool | `id: rock } ]\n` | `id: rock } ]\n    - pool\n`",
                "before:/menus/main/0=pool | `    - tides\n` | `    - pool\n    - tides\n`",
                "before:/menus/main/1=pool | `    # to the map\n` | `    - pool\n    # to the map\n`",
                "before:/bars/0/footer/1=map | [ tides, rock ] | [ tides, map, rock ]",
                "before:/screens/map=find: Find it | `  map: Map\n` | `  find: Find it\n  map: Map\n`",
                "before:/screens/map={ find: { icon: search } } | `  map: Map\n` | `  find: { icon: search }\n  map: Map\n`",
                "before:/app/start=languages: [ en ] | name: Shore, start | name: Shore, languages: [ en ], start",
                "section:/menus/main/0=Today | `- tides\n    # to` | `- { section: Today, items: [ tides ] }\n    # to`",
                "set:/screens/map/icon=map-pin | map: Map | map: { title: Map, icon: map-pin }",
                "set:/menus/main/0/badge=drafts | `- tides\n    # to` | `- { screen: tides, badge: drafts }\n    # to`",
                "set:/bars/1/on-scroll=hide | - top | - { form: top, on-scroll: hide }",
                "set:/bars/0/forms/tablet=rail | `{ menu: main, form: drawer, footer: [ tides, rock ] }` | `menu: main\n    forms:\n      phone: { form: drawer, footer: [ tides, rock ] }\n      tablet: rail\n      desktop: { form: drawer, footer: [ tides, rock ] }`",
                "set:/bars/0/forms/desktop/opens=always | `{ menu: main, form: drawer, footer: [ tides, rock ] }` | `menu: main\n    forms:\n      phone: { form: drawer, footer: [ tides, rock ] }\n      tablet: { form: drawer, footer: [ tides, rock ] }\n      desktop: { form: drawer, footer: [ tides, rock ], opens: always }`",
                "set:/app/name=Shore: east and west | name: Shore | `name: \"Shore: east and west\"`",
                "set:/app/name=#1 of {two} | name: Shore | `name: \"#1 of {two}\"`",
                "set:/app/name={two} | name: Shore | `name: \"{two}\"`",
            })
    void oneChangeTouchesOnePlace(String edit, String from, String to) throws EditException {
        String wanted = from.replace("\\n", "\n");
        assertEquals(2, PLAN.split(java.util.regex.Pattern.quote(wanted), -1).length, "the plan has it once");
        assertEquals(PLAN.replace(wanted, to == null ? "" : to.replace("\\n", "\n")), edited(PLAN, edit));
    }

    @Test
    void aMoveTakesTheCommentsAboveAlong() throws EditException {
        String moved = edited(PLAN, "move:/menus/main/1=0");
        assertTrue(
                moved.contains("  main:\n    # to the map\n    - { screen: map, label: Map }   # here\n    - tides\n"),
                moved);
    }

    private static final String COMMENTED =
            """
            yonder: 1
            app: { name: A, start: a, required: [ a, # keep me
                b ] }
            screens: { a: A, b: B, c: C, d: D }
            menus:
              main: [ a, # first is a
                      # above b
                      b, # second is b
                      c
                    ] # the whole
              other: [ a,
                       b ] # b is last
            """;

    /** A comment behind a member goes with it, and one above it too. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "move:/menus/main/1=0 | `[ # above b\n          b, # second is b\n          a, # first is a\n          c\n        ]`",
                "move:/menus/main/2=0 | `[ c,\n          a, # first is a\n          # above b\n          b # second is b\n        ]`",
                "remove:/menus/main/1 | `[ a, # first is a\n          c\n        ]`",
                "remove:/menus/main/0 | `[ # above b\n          b, # second is b\n          c\n        ]`",
                "add:/menus/main=d | `[ a, # first is a\n          # above b\n          b, # second is b\n          c,\n          d\n        ]`",
                "add:/app/required=c | `[ a, # keep me\n    b,\n    c ]`",
            })
    void commentsInFlowListsStayWithTheirMembers(String edit, String list) throws EditException {
        String edited = edited(COMMENTED, edit);
        assertTrue(edited.contains(list), edited);
        assertTrue(edited.contains(" # the whole\n"), edited);
    }

    @Test
    void aCommentThatCannotGoAlongIsNotLeftBehind() {
        for (String edit : List.of("move:/menus/other/1=0", "remove:/menus/other/1", "add:/menus/other=c")) {
            String plan = COMMENTED.replace("other: [ a,", "other: [ a, # one");
            EditException refused = assertThrows(EditException.class, () -> edited(plan, edit));
            assertTrue(refused.getMessage().contains("about its last member"), refused.getMessage());
        }
    }

    @Test
    void theCommentAboveALineGoesWithIt() throws EditException {
        assertFalse(edited(PLAN, "remove:/menus/main/1").contains("# to the map"));
        assertTrue(edited(PLAN, "remove:/menus/main/0").contains("# to the map"));
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

    /** A line that an edit makes far too long gets a line for each member; others stay as they are written, and comments. */
    @Test
    void longLinesAreBroken() throws Exception {
        String plan =
                """
                yonder: 1
                app: { name: Shore, start: tides }
                screens:
                  tides: { title: "Tides: \u00fcber 12", wireframe: { kind: list, rows: [ { title: One, note: "A note, with a comma" } ] } }
                  map: { title: A map with a name that is long by itself, wireframe: { kind: list, rows: [ Gull Point, North Ledge, Old Quay ] } } # stays
                menus:
                  main:
                    - tides
                    - { screen: map, label: Chart }
                """;
        String after = edited(
                plan,
                "add:/screens/tides/wireframe/rows={ title: Two, note: 'Another note that is long, so that all of it is too long for a line' }",
                "set:/menus/main/1/note=What is said about it where there is room, in tiles and in lists, which is a lot here",
                "set:/screens/map/icon=map");
        assertEquals(
                """
                yonder: 1
                app: { name: Shore, start: tides }
                screens:
                  tides:
                    title: "Tides: \u00fcber 12"
                    wireframe:
                      kind: list
                      rows:
                        - { title: One, note: "A note, with a comma" }
                        - title: Two
                          note: "Another note that is long, so that all of it is too long for a line"
                  map: { title: A map with a name that is long by itself, wireframe: { kind: list, rows: [ Gull Point, North Ledge, Old Quay ] }, icon: map } # stays
                menus:
                  main:
                    - tides
                    - { screen: map, label: Chart, note: "What is said about it where there is room, in tiles and in lists, which is a lot here" }
                """,
                after);
    }
}
