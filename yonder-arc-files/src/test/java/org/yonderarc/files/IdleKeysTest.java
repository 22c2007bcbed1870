package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;

/** Keys of items, sections and screens are told where nothing has a use for them. */
class IdleKeysTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bottom  | note: N, value: V, short-label: S, slot: bar, selected-icon: star | note value",
                "bottom, max-items: 2 | note: N, short-label: S | ",
                "rail    | note: N, value: V, short-label: S, slot: bar, selected-icon: star | note slot value",
                "drawer  | note: N, value: V, short-label: S, slot: bar, selected-icon: star | short-label slot",
                "radial  | note: N, short-label: S | short-label",
                "'grid, on-screens: [ a ]' | note: N, value: V, short-label: S, slot: bar, selected-icon: star | selected-icon short-label slot value",
                "'grid, on-screens: [ a ], layout: rows' | note: N, value: V | ",
                "bottom  | open-in: app | open-in",
                "bottom  | navigates: false | ",
                "bottom  | max-items: 3 | max-items",
            })
    void ofItems(String form, String keys, String told) {
        assertEquals(
                told == null ? "" : told,
                told(form, "{ screen: b, " + keys + " }", "{ screen: c }", "b: {}", "/menus/main/1/"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "drawer | collapsible: collapsed, icon: star | ",
                "drawer | icon: star | icon",
                "rail   | collapsible: collapsed, icon: star | collapsible",
                "bottom | collapsible: collapsed | collapsible",
                "'bottom, max-items: 2' | collapsible: collapsed | ",
            })
    void ofSections(String form, String keys, String told) {
        assertEquals(
                told == null ? "" : told,
                told(form, "b", "{ section: More, items: [ c ], " + keys + " }", "b: {}", "/menus/main/2/"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "otherwise: a | otherwise",
                "'otherwise: a, needs: f' | ",
                "'path: \"/b{?y}\", parameters: { y: { sample: 1 } }' | parameters/y/sample",
            })
    void ofScreens(String keys, String told) {
        assertEquals(told == null ? "" : told, told("bottom", "b", "c", "b: { " + keys + " }", "/screens/b/"));
    }

    /** An item stands once in a bar: what names it again says so. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'drawer, header: { title: Ana, item: b }, footer: [ c, b ]' | footer/1",
                "'drawer, header: { title: Ana, item: b }, search: b' | search",
                "'drawer, search: b, footer: [ b ]' | footer/0",
                "'drawer, footer: [ b, c, b ]' | footer/2",
                "'drawer, header: { title: Ana, item: b }, footer: [ c ]' | ",
            })
    void ofItemsThatStandElsewhere(String form, String told) {
        assertEquals(told == null ? "" : told, told(form, "b", "c", "b: {}", "/bars/0/"));
    }

    @Test
    void ofActionsThatStandWithThePerson() {
        String bars =
                "bottom }, { id: head, menu: main, form: top, profile: { text: Ana, item: b }, actions: [ b, c ] ";
        assertEquals("actions/0", told(bars, "b", "c", "b: {}", "/bars/1/", ""));
    }

    /** A shadow that isn't shown has no looks. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shown: false, blur: 20, y: 2 | blur y",
                "blur: 20, colour: accent | ",
            })
    void ofShadows(String keys, String told) {
        String form = "bottom, style: { background: { shadow: { " + keys + " } } }";
        assertEquals(told == null ? "" : told, told(form, "b", "c", "b: {}", "/bars/0/style/background/shadow/"));
    }

    private static String told(String form, String second, String third, String screen, String at) {
        return told(form, second, third, screen, at, ", top");
    }

    private static String told(String form, String second, String third, String screen, String at, String more) {
        PlanFile file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        facts: { f: false }
                        screens: { a: {}, %s, c: {} }
                        menus: { main: [ a, %s, %s ] }
                        bars: [ { menu: main, form: %s }%s ]
                        """
                                .formatted(screen, second, third, form, more)),
                IconNames.ANY);
        file.plan().orElseThrow(() -> new AssertionError(file.findings().toString()));
        return String.join(
                " ",
                file.findings().stream()
                        .filter(finding -> finding.code() == Code.NO_EFFECT)
                        .map(finding -> finding.spot().pointer())
                        .filter(pointer -> pointer.startsWith(at))
                        .map(pointer -> pointer.substring(at.length()))
                        .sorted()
                        .toList());
    }
}
