package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.Shore;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

class SceneTest {
    private final Walk walk = Walk.of(Shore.plan());
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
                        })
                        .build();
                var one = Walk.of(plan);
                Scene scene = new View(one, Setting.of(Device.PHONE_SMALL).with(Scheme.DARK), new PlainMeasure())
                        .scene(one.start());
                List<String> keys = keys(scene.nodes().get(0));
                assertEquals(keys.size(), new HashSet<>(keys).size(), kind + " with " + rows + ": " + keys);
                assertTrue(rows == 0 || keys.size() > 3, kind + " draws its rows");
            }
        }
    }

    /** However large texts are: they stay in their screen, and no row reaches into the next. */
    @Test
    void contentGrowsWithTheTextAndStaysInItsPlace() {
        for (Wireframe.Kind kind : Wireframe.Kind.values()) {
            double before = 0;
            for (double text : new double[] {0.8, 1, 1.3, 2, 3}) {
                var device = Device.PHONE_SMALL.withText(text);
                var content = content(kind, Setting.of(device));
                double largest = 0;
                for (SceneNode node : flat(content)) {
                    if (node instanceof SceneNode.Text one) {
                        Box box = one.line().box();
                        assertTrue(box.x() >= 0 && box.right() <= device.width(), kind + " at " + text + ": " + one);
                        largest = Math.max(largest, one.line().type().size());
                    }
                }
                List<Box> rows = content.children().stream()
                        .filter(node -> node.key().startsWith("row:"))
                        .map(node -> ((SceneNode.Group) node).area())
                        .toList();
                for (int i = 0; i < rows.size(); i++) {
                    for (int j = i + 1; j < rows.size(); j++) {
                        assertFalse(rows.get(i).overlaps(rows.get(j)), kind + " at " + text + ": " + i + " and " + j);
                    }
                }
                assertTrue(kind == Wireframe.Kind.EMPTY || largest > before * 1.2, kind + " at " + text);
                before = largest;
            }
        }
    }

    @Test
    void contentIsScrolledToItsEndAndNoFarther() {
        var setting = Setting.of(Device.PHONE_SMALL);
        SceneNode.Group still = content(Wireframe.Kind.LIST, setting);
        SceneNode.Group some = content(Wireframe.Kind.LIST, setting.scrolledBy(50));
        SceneNode.Group most = content(Wireframe.Kind.LIST, setting.scrolledBy(5000));
        assertEquals(row(still, 0).y() - 50, row(some, 0).y());
        assertEquals(still.area().bottom() - 16, row(most, 8).bottom(), "the end, with the usual distance below");
        assertEquals(still.area(), most.area());
        assertEquals(
                content(Wireframe.Kind.MAP, setting).children(),
                content(Wireframe.Kind.MAP, setting.scrolledBy(50)).children(),
                "a map fills its screen");
        assertThrows(IllegalArgumentException.class, () -> setting.scrolledBy(-1));
        assertThrows(IllegalArgumentException.class, () -> setting.scrolledBy(Double.NaN));
    }

    @Test
    void aTopBarThatLeavesGoesWithItsContentAndLeavesTheCameraCovered() {
        var plan = org.yonderarc.build.PlanBuilder.app("A")
                .start("a")
                .screen("a", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST);
                    for (int i = 0; i < 20; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .bar(bar -> bar.form(FormBuilder.top().onScroll(Form.Scrolling.HIDE)))
                .build();
        var one = Walk.of(plan);
        for (double by : new double[] {0, 20, 56, 400}) {
            Scene scene = new View(one, Setting.of(Device.PHONE).scrolledBy(by), new PlainMeasure()).scene(one.start());
            SceneNode.Group top = scene.bar("top").orElseThrow();
            assertEquals(36 + Math.max(0, 56 - by), top.area().height(), "scrolled by " + by);
            assertEquals(by < 56, flat(top).stream().anyMatch(SceneNode.Text.class::isInstance), "a title at " + by);
            SceneNode.Group content = scene.screen().orElseThrow();
            assertEquals(top.area().bottom(), content.area().y());
            assertEquals(36 + 56 + 16 - by, row(content, 0).y());
        }
    }

    /** It leaves downwards with the content, and comes back as soon as the content goes up; its items stay in the order of focus. */
    @Test
    void aBottomBarThatLeavesGoesOverItsEdge() {
        var one = Walk.of(org.yonderarc.build.PlanBuilder.app("A")
                .start("a")
                .screen("a", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST).icon("droplet");
                    for (int i = 0; i < 20; i++) {
                        screen.row("Row " + i, "", "");
                    }
                })
                .menu("main", menu -> menu.item("a"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .build());
        Setting setting = Setting.of(Device.PHONE);
        double way = 64 + 20;
        for (double[] example : new double[][] {{0, 0}, {30, 30}, {84, 84}, {400, 84}}) {
            Scene scene = new View(one, setting.scrolledBy(example[0]), new PlainMeasure()).scene(one.start());
            Box bar = scene.bar("bottom").orElseThrow().area();
            assertEquals(824 - way + example[1], bar.y(), 1e-9, "scrolled by " + example[0]);
            assertEquals(824, scene.screen().orElseThrow().area().bottom(), "the content goes on beneath it");
        }
        Scene back = new View(one, setting.scrolledBy(400).retreat(10), new PlainMeasure()).scene(one.start());
        assertEquals(824 - way + 10, back.bar("bottom").orElseThrow().area().y(), 1e-9);
        // At its end, the last row is clear of the bar.
        Scene end =
                new View(one, setting.scrolledBy(Setting.FARTHEST).retreat(0), new PlainMeasure()).scene(one.start());
        assertTrue(row(end.screen().orElseThrow(), 19).bottom()
                <= end.bar("bottom").orElseThrow().area().y());
    }

    private static Box row(SceneNode.Group content, int index) {
        return content.children().stream()
                .filter(node -> node.key().equals("row:" + index))
                .map(node -> ((SceneNode.Group) node).area())
                .findFirst()
                .orElseThrow();
    }

    private static SceneNode.Group content(Wireframe.Kind kind, Setting setting) {
        var plan = org.yonderarc.build.PlanBuilder.app("A")
                .start("a")
                .screen("a", screen -> {
                    screen.wireframe(kind);
                    for (int i = 0; i < 9; i++) {
                        screen.row("Row " + i, "A note that is rather long", i % 2 == 0 ? "on" : "12 Oct", "a");
                    }
                })
                .build();
        var walk = Walk.of(plan);
        return new View(walk, setting, new PlainMeasure())
                .scene(walk.start())
                .screen()
                .orElseThrow();
    }

    private static List<SceneNode> flat(SceneNode.Group group) {
        var all = new ArrayList<SceneNode>();
        for (SceneNode node : group.children()) {
            all.add(node);
            if (node instanceof SceneNode.Group inner) {
                all.addAll(flat(inner));
            }
        }
        return all;
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
