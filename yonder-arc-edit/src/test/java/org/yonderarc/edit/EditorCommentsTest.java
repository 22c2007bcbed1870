package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.edit.Edited.edited;
import static org.yonderarc.edit.EditedPlan.PLAN;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Comments, empty lines and line breaks are kept when a plan is edited. */
class EditorCommentsTest {
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
