package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.Shore;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

class SceneTest {
    private final Walk walk = Walk.of(Shore.plan());
    private final View view = new View(walk, Device.PHONE, Palette.LIGHT, new PlainMeasure());

    /** WCAG 2.2 defines the ratio; these pairs and values are published with its techniques. */
    @ParameterizedTest
    @CsvSource({
        "0x000000, 0xffffff, 21",
        "0x777777, 0xffffff, 4.48",
        "0x0000ff, 0xffffff, 8.59",
        "0xff0000, 0xffffff, 4.00"
    })
    void contrastIsThatOfTheStandard(String a, String b, double expected) {
        double ratio = Colour.rgb(Integer.decode(a)).contrastWith(Colour.rgb(Integer.decode(b)));
        assertEquals(expected, ratio, 0.005);
    }

    @Test
    void textIsReadableInBothSchemes() {
        for (Palette palette : List.of(Palette.LIGHT, Palette.DARK)) {
            for (Colour ground : List.of(palette.surface(), palette.background())) {
                for (Colour text : List.of(palette.text(), palette.muted(), palette.accent())) {
                    assertTrue(text.contrastWith(ground) >= 4.5, palette.scheme() + ": " + text.hex());
                }
            }
            assertTrue(palette.onBadge().contrastWith(palette.badge()) >= 4.5, palette.scheme());
        }
    }

    @Test
    void barsKeepTheirKeysFromScreenToScreen() {
        State surveys = after("choose:surveys");
        assertEquals(
                keys(view.scene(walk.start()).nodes().get(2)),
                keys(view.scene(surveys).nodes().get(2)));
        assertEquals("screen:surveys", view.scene(surveys).nodes().get(0).key());
    }

    @Test
    void theSelectedItemIsFilledAndColouredAndTheBadgeShowsTheFact() {
        List<String> shown = shown(
                view.scene(after("choose:surveys", "tell:drafts=120")).nodes().get(2));
        assertTrue(shown.contains("droplet outline " + Palette.LIGHT.muted().hex()), shown::toString);
        assertTrue(
                shown.contains("clipboard-list filled " + Palette.LIGHT.accent().hex()), shown::toString);
        assertTrue(shown.contains("99+"), shown::toString);
        assertTrue(shown(view.scene(after("tell:drafts=0")).nodes().get(2)).stream()
                .noneMatch(text -> text.equals("0")));
    }

    @Test
    void itemsThatLeadToNoPlaceAreButtonsAndPaleWhileDisabled() {
        var plan = org.yonderarc.build.PlanBuilder.app("A")
                .start("a")
                .fact("ready", false)
                .screen("a")
                .menu("main", menu -> menu.item("a")
                        .signal("send", item -> item.icon("send").enabled("ready")))
                .build();
        var one = Walk.of(plan);
        var bar = (SceneNode.Group) new View(one, Device.PHONE, Palette.LIGHT, new PlainMeasure())
                .scene(one.start())
                .nodes()
                .get(2);
        var list = (SceneNode.Group) bar.children().get(bar.children().size() - 1);
        var send = (SceneNode.Group) list.children().get(1);
        assertEquals(new Meaning.Button("Send", new org.yonderarc.walk.Step.Choose("send")), send.meaning());
        assertTrue(((SceneNode.Icon) send.children().get(0)).fill().alpha() < 0.5);
    }

    @Test
    void theBackButtonComesWithTheWayBack() {
        assertTrue(keys(view.scene(walk.start()).nodes().get(1)).stream().noneMatch("top/back/icon"::equals));
        Scene child = view.scene(after("choose:surveys", "open:survey?survey=41"));
        assertTrue(keys(child.nodes().get(1)).contains("top/back/icon"));
        assertEquals("Survey 41 \u2013 Brinelight", child.title());
    }

    @Test
    void everyWireframeDrawsWithAndWithoutRowsAndWithUniqueKeys() {
        for (Wireframe.Kind kind : Wireframe.Kind.values()) {
            for (int rows : new int[] {0, 1, 9}) {
                var plan = org.yonderarc.build.PlanBuilder.app("A")
                        .start("a")
                        .screen("a", screen -> {
                            screen.wireframe(kind);
                            for (int i = 0; i < rows; i++) {
                                screen.row("Row " + i, "A note that is rather long", i % 2 == 0 ? "on" : "", "a");
                            }
                            return screen;
                        })
                        .build();
                var one = Walk.of(plan);
                Scene scene = new View(one, Device.PHONE_SMALL, Palette.DARK, new PlainMeasure()).scene(one.start());
                List<String> keys = keys(scene.nodes().get(0));
                assertEquals(keys.size(), new HashSet<>(keys).size(), kind + " with " + rows + ": " + keys);
                assertTrue(rows == 0 || keys.size() > 3, kind + " draws its rows");
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "0.5, 0.5", "-3.125, -3.125", "0.0004, 0", "1.9996, 2", "-0.0001, 0", "10.05, 10.05"})
    void decimalsAreShort(double number, String expected) {
        assertEquals(expected, Decimals.text(number));
    }

    private State after(String... steps) {
        State state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }

    private static List<String> keys(SceneNode node) {
        var keys = new ArrayList<String>();
        collect(node, "", keys, new ArrayList<>());
        return keys;
    }

    private static List<String> shown(SceneNode node) {
        var shown = new ArrayList<String>();
        collect(node, "", new ArrayList<>(), shown);
        return shown;
    }

    private static void collect(SceneNode node, String path, List<String> keys, List<String> shown) {
        String full = path + node.key();
        keys.add(full);
        if (node instanceof SceneNode.Group group) {
            group.children().forEach(child -> collect(child, full + "/", keys, shown));
        } else if (node instanceof SceneNode.Icon icon) {
            shown.add(icon.name()
                    + (icon.filled() ? " filled " : " outline ")
                    + icon.fill().hex());
        } else if (node instanceof SceneNode.Text text) {
            shown.add(text.line().text());
        }
    }
}
