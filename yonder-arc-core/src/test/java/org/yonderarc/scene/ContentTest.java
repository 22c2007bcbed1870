package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Sample content: wireframes, scrolling, bars that leave with it. */
class ContentTest extends SceneFixture {
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
}
