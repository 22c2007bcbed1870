package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

class SceneTest extends SceneFixture {
    private final View view = new View(walk, Device.PHONE, new PlainMeasure());

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
        for (Scheme scheme : Scheme.values()) {
            Palette palette = Palette.of(Theme.DEFAULT, scheme);
            for (Colour ground : List.of(palette.surface(), palette.background())) {
                for (Colour text : List.of(palette.text(), palette.muted(), palette.accent())) {
                    assertTrue(
                            text.contrastWith(ground) >= 4.5, palette.scheme().word() + ": " + text.hex());
                }
            }
            assertTrue(
                    palette.badgeText().contrastWith(palette.badge()) >= 4.5,
                    palette.scheme().word());
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
        assertTrue(
                shown.contains("droplet outline "
                        + Palette.of(Theme.DEFAULT, Scheme.LIGHT).muted().hex()),
                shown::toString);
        assertTrue(
                shown.contains("clipboard-list filled "
                        + Palette.of(Theme.DEFAULT, Scheme.LIGHT).accent().hex()),
                shown::toString);
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
        var bar = (SceneNode.Group) new View(one, Device.PHONE, new PlainMeasure())
                .scene(one.start())
                .nodes()
                .get(2);
        var list = (SceneNode.Group) bar.children().get(bar.children().size() - 1);
        var send = (SceneNode.Group) list.children().get(1);
        assertEquals(new Meaning.Button("Send", new org.yonderarc.walk.Step.Choose("send"), false), send.meaning());
        assertTrue(((SceneNode.Icon) send.children().get(0)).fill().alpha() < 0.5);
    }

    @Test
    void theBackButtonComesWithTheWayBack() {
        assertTrue(keys(view.scene(walk.start()).nodes().get(1)).stream().noneMatch("top/back/icon"::equals));
        Scene child = view.scene(after("choose:surveys", "open:survey?survey=41"));
        assertTrue(keys(child.nodes().get(1)).contains("top/back/icon"));
        assertEquals("Survey 41 \u2013 Brinelight", child.title());
    }

    @ParameterizedTest
    @CsvSource({"12, 12", "0.5, 0.5", "-3.125, -3.125", "0.0004, 0", "1.9996, 2", "-0.0001, 0", "10.05, 10.05"})
    void decimalsAreShort(double number, String expected) {
        assertEquals(expected, Decimals.brief(number));
    }

    private State after(String... steps) {
        State state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }
}
