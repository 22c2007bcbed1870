package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.FileNames;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;

/** The check looks at every place of a plan where something can stand, and points at it exactly. */
class ForgottenPlacesTest {
    private static final String PLAN =
            """
            yonder: 1
            app: { name: Shore, start: tides, languages: [ en, de ] }
            facts: { who: Maren }
            screens:
              tides: { title: { en: Tides, de: Gezeiten }, icon: droplet }
              map: { title: { en: Map, de: Karte }, icon: map-pin }
            menus:
              main:
                - ITEM
                - map
                - section: SECTION
                  items: [ { signal: send, label: { en: 'Send {who}', de: Senden }, icon: send } ]
            bars:
              - { menu: main, form: drawer, header: { title: TITLE, note: NOTE } }
              - { form: top, profile: PROFILE }
            """;

    private static String plan(String item, String section, String title, String note, String profile) {
        return PLAN.replace("ITEM", item)
                .replace("SECTION", section)
                .replace("TITLE", title)
                .replace("NOTE", note)
                .replace("PROFILE", profile);
    }

    private static List<String> found(String plan) {
        return PlanFile.read(new SourceText("plan.yaml", plan), IconNames.ANY).findings().stream()
                .filter(finding -> !finding.code().id().equals("unused-fact"))
                .map(finding -> finding.code().id() + " " + finding.spot().pointer())
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ screen: tides, short-label: 'T {x}' } | People | Hello | Note | Me | unknown-fact /menus/main/0/short-label",
                "{ screen: tides, spoken-label: 'T {x}' } | People | Hello | Note | Me | unknown-fact /menus/main/0/spoken-label",
                "{ screen: tides, note: 'T {x}' } | People | Hello | Note | Me | unknown-fact /menus/main/0/note",
                "tides | '{x}' | Hello | Note | Me | unknown-fact /menus/main/2/section",
                "tides | People | '{x}' | Note | Me | unknown-fact /bars/0/header/title",
                "tides | People | Hello | '{x}' | Me | unknown-fact /bars/0/header/note",
                "tides | People | Hello | Note | '{x}' | unknown-fact /bars/1/profile",
            })
    void aHoleThatNothingFillsIsFoundWhereverItStands(
            String item, String section, String title, String note, String profile, String finding) {
        List<String> found = found(plan(quoted(item), quoted(section), quoted(title), quoted(note), quoted(profile)));
        assertTrue(found.stream().anyMatch(one -> one.startsWith(finding)), found.toString());
    }

    /** In a plan, a brace starts a map: texts with holes stand in quotes. */
    private static String quoted(String text) {
        return text.startsWith("{") && !text.startsWith("{ ") ? "'" + text + "'" : text.strip();
    }

    @Test
    void aLanguageThatAHeaderLacksIsFound() {
        List<String> found = found(plan("tides", "{ en: People, de: Leute }", "{ en: Hello }", "'{who}'", "'{who}'"));
        assertEquals(List.of("missing-language /bars/0/header/title"), found);
    }

    @Test
    void aTransitionOfABarThatTakesTooLongIsFound() {
        String plan = simple("- { menu: main, form: bottom, transition: { kind: fade, duration: 9000 } }");
        assertEquals(List.of("odd-motion /bars/0/transition"), found(plan));
    }

    private static String simple(String bars) {
        return """
                yonder: 1
                app: { name: Shore, start: tides }
                screens: { tides: { icon: droplet }, map: { icon: map-pin }, settings: { icon: settings } }
                menus:
                  main: [ tides, map, settings ]
                bars:
                """
                + "  " + bars + "\n";
    }

    /** An item in a drawer's footer leads to its screen as any other does, even if no bar shows its menu. */
    @Test
    void theFooterOfADrawerReachesItsScreens() {
        String plan = simple("- { menu: main, form: drawer, footer: [ settings ] }")
                .replace("main: [ tides, map, settings ]", "main: [ tides, map ]\n  feet: [ settings ]");
        assertEquals(List.of(), found(plan));
    }

    @Test
    void anIconWithoutATwinIsPointedAtWhereItStands() {
        String plan = simple("- { menu: main, form: bottom }").replace("icon: map-pin", "icon: ripple");
        IconNames some = new IconNames() {
            @Override
            public boolean has(String name) {
                return true;
            }

            @Override
            public boolean hasFilled(String name) {
                return !name.equals("ripple");
            }

            @Override
            public List<String> all() {
                return List.of();
            }
        };
        List<Finding> findings =
                PlanFile.read(new SourceText("plan.yaml", plan), some).findings();
        assertEquals(
                List.of("no-filled-icon /screens/map/icon 3:51"),
                findings.stream()
                        .map(one -> one.code().id() + " " + one.spot().pointer() + " "
                                + one.spot().line() + ":" + one.spot().column())
                        .toList());
    }

    @Test
    void aFileThatIsNotThereIsPointedAtWhereItIsNamed() {
        String plan = simple("- { menu: main, form: drawer, header: { picture: none.png, title: Me } }");
        FileNames none = name -> false;
        List<Finding> findings = PlanFile.read(new SourceText("plan.yaml", plan), IconNames.ANY, none)
                .findings();
        assertEquals(
                List.of("missing-file /bars/0/header/picture"),
                findings.stream()
                        .map(one -> one.code().id() + " " + one.spot().pointer())
                        .toList());
    }

    /** A phone is less than 600 dp wide, so these two never meet; those of the second row do from 600 to 699. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "show-on: [ phone ] | min-window-width: 600 | 0",
                "max-window-width: 699 | min-window-width: 600 | 1",
                "max-window-width: 599 | min-window-width: 600 | 0",
                "show-on: [ tablet ] | show-on: [ phone, desktop ] | 0",
                "show-on: [ tablet ] | min-window-width: 600 | 1",
            })
    void barsClashWhereTheirWidthsMeet(String one, String other, int clashes) {
        String plan = simple("- { menu: main, id: a, form: bottom, " + one
                + " }\n  - { menu: main, id: b, form: bottom, " + other + " }");
        assertEquals(
                clashes,
                found(plan).stream()
                        .filter(text -> text.startsWith("bar-clash"))
                        .count(),
                found(plan).toString());
    }

    /** Two menus may lead to one screen, and nobody has to invent ids. */
    @Test
    void oneScreenInTwoMenusNeedsNoInventedIds() {
        String plan = simple("- { menu: main, form: bottom }\n  - { menu: side, form: drawer }")
                .replace("bars:", "  side: [ tides, map, settings ]\nbars:");
        assertEquals(List.of(), found(plan));
        String twice = plan.replace("main: [ tides, map, settings ]", "main: [ tides, tides, settings ]");
        assertTrue(
                found(twice).contains("duplicate-id /menus/main/1"),
                found(twice).toString());
    }

    /** The colour that the check advises passes the check. */
    @Test
    void theColourThatIsAdvisedPasses() {
        String plan = simple("- { menu: main, form: bottom }")
                .replace("screens:", "theme: { light: { muted: '#aaaaaa' } }\nscreens:");
        Finding finding = PlanFile.read(new SourceText("plan.yaml", plan), IconNames.ANY).findings().stream()
                .filter(one -> one.code().id().equals("low-contrast"))
                .findFirst()
                .orElseThrow();
        var colour = java.util.regex.Pattern.compile("#[0-9a-f]{6}").matcher(finding.remedy());
        assertTrue(colour.find(), finding.remedy());
        assertEquals(List.of(), found(plan.replace("#aaaaaa", colour.group())), finding.remedy());
    }
}
