package org.yonderarc.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;

/** Contrast is measured on what is painted, once for each cause. */
class ContrastTest {
    private static String told(String bars, String item) {
        PlanFile file = PlanFile.read(
                new SourceText(
                        "p.yaml",
                        """
                        yonder: 1
                        app: { name: Brinelight, start: a }
                        facts: { new: 3 }
                        screens: { a: { title: Tides, icon: droplet }, b: { title: Map, icon: map-pin }, c: { title: Crew, icon: user } }
                        menus: { main: [ a, { screen: b, badge: new }, { screen: c%s } ] }
                        bars: [ %s ]
                        """
                                .formatted(item, bars)),
                IconNames.ANY);
        file.plan().orElseThrow(() -> new AssertionError(file.findings().toString()));
        return String.join(
                "; ",
                file.findings().stream()
                        .filter(finding -> finding.code() == Code.LOW_CONTRAST)
                        .map(finding -> finding.spot().pointer()
                                + finding.message()
                                        .replace(", for people who want more contrast", " more")
                                        .replaceAll("^In (.*?)( scheme| schemes)( more)?, the (\\w+) .*", " $1$3 $4"))
                        .toList());
    }

    @Test
    void theHeadOfADrawerStandsOnItsOwnBackground() {
        String head = "{ menu: main, form: drawer, header: { title: Ana, background: %s } }, top";
        assertEquals(
                "/bars/0/header/background both header",
                told(head.formatted("{ from: '#ffffff', to: '#202020' }"), ""));
        assertEquals("", told(head.formatted("{ from: '#ffffff', to: '#e8e8e8' }"), ""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "default: { label: '#fafafa' }|/bars/0/style/default the light label",
                "default: { label: '#777777', icon: '#808080' }|/bars/0/style/default both label",
                "selected: { label: '#fafafa', icon: '#fafafa' }|/bars/0/style/selected the light icon; /bars/0/style/selected the light label",
                "selected: { fill: '#0b3d91', label: '#ffffff', icon: '#ffffff' }|",
                "selected: { fill: '#0b3d91', label: '#10409a', icon: '#ffffff' }|/bars/0/style/selected both label",
                "hover: { fill: '#57606a' }|/bars/0/style/hover both icon; /bars/0/style/hover both label",
                "indicator: { kind: shape, behind: icon }, selected: { indicator: '#0b3d91', icon: '#0b3d91' }|/bars/0/style/selected both icon",
                "tile: { shape: rounded, size: 36 }, default: { tile: '#0b3d91', icon: '#ffffff' }, selected: { tile: '#ffffff', icon: '#0b3d91' }|",
                "tile: { shape: rounded, size: 36 }, default: { tile: '#0b3d91', icon: '#0b3d99' }, selected: { tile: '#0b3d91', icon: '#ffffff' }|/bars/0/style/default both icon",
                "ground: '#101418', default: { label: '#e6edf3', icon: '#e6edf3' }, selected: { label: '#ffffff', icon: '#ffffff' }|",
                "selected: { fill: line, label: text, icon: '#7a8388' }|/bars/0/style/selected both more icon; /bars/0/style/selected the dark more label",
                "ground: '#101418', default: { label: '#303438', icon: '#e6edf3' }|/bars/0/style/default both label",
            })
    void whatAStyleColoursIsTold(String style, String told) {
        for (String form : new String[] {"bottom", "rail"}) {
            assertEquals(
                    told == null ? "" : told,
                    told("{ menu: main, form: " + form + ", style: { " + style + " } }, top", ""),
                    form);
        }
    }

    /** A style that the theme gives to everything is told where it stands. */
    @Test
    void theStyleOfTheThemeIsTold() {
        assertEquals(
                "/theme/style/default the light label",
                told(
                        "{ menu: main, form: bottom }, top ]\ntheme: { style: { default: { label: '#fafafa' } } }\naccepted: [",
                        ""));
    }

    /** A button of words has no icon that could be told of; where its words are too faint, it is told as a label. */
    @ParameterizedTest
    @CsvSource({"#ffffff,", "#10409a, /menus/main/3/style/default both label"})
    void aButtonOfWordsHasNoIcon(String colour, String told) {
        String item =
                " }, { signal: join, label: Join, style: { default: { fill: '#0b3d91', label: '" + colour + "' } }";
        assertEquals(told == null ? "" : told, told("{ menu: main, form: top, actions: [ join ] }", item));
    }
}
