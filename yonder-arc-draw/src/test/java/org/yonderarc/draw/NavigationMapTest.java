package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.sheet.Shot;

/** The map shows every screen once, what leads where, and nothing on top of anything else. */
class NavigationMapTest {
    private static Plan plan(int screens) {
        var builder = PlanBuilder.app("Map").start("s0").fact("in", false);
        for (int i = 0; i < screens; i++) {
            int number = i;
            builder.screen("s" + i, screen -> {
                if (number >= 4) {
                    screen.under("s" + (number / 3));
                }
                if (number == 2) {
                    screen.needs("in", "s1");
                }
                if (number == 1 && screens > 5) {
                    screen.wireframe(Wireframe.Kind.LIST).row("On", "", "", "s5");
                }
            });
        }
        return builder.menu("main", menu -> menu.item("s0")
                        .item("s1")
                        .item("s2")
                        .item("s3")
                        .web("https://tables.example/tides", item -> item.id("tables")
                                .label("Tables"))
                        .signal("send", item -> {}))
                .build();
    }

    private static Scene map(Plan plan) {
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        return NavigationMap.of(shot, new PlainMeasure());
    }

    private static List<Box> boxes(Scene map, String prefix) {
        var boxes = new ArrayList<Box>();
        for (SceneNode node : map.nodes()) {
            if (node.key().matches(prefix)) {
                node.box().ifPresent(boxes::add);
            }
        }
        return boxes;
    }

    @Test
    void everyScreenHasItsPictureAndItsOwnRoom() {
        Scene map = map(plan(30));
        List<Box> all = boxes(map, "screen:s[0-9]+");
        assertEquals(30, all.size());
        all.addAll(boxes(map, "menu:main"));
        var page = new Box(0, 0, map.width(), map.height());
        for (int i = 0; i < all.size(); i++) {
            Box box = all.get(i);
            assertTrue(box.x() >= 0 && box.y() >= 0 && box.right() <= page.right() && box.bottom() <= page.bottom());
            for (int j = i + 1; j < all.size(); j++) {
                assertFalse(box.overlaps(all.get(j)), i + " lies on " + j);
            }
        }
    }

    /** By their titles; what differs from place to place is left open. */
    @Test
    void screensAreCalledByTheirTitlesWithAndWithoutPictures() {
        Plan plan = PlanBuilder.app("Map")
                .start("surveys")
                .screen("surveys", screen -> screen.title("All surveys"))
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .path("/surveys/{survey}")
                        .under("surveys"))
                .menu("main", menu -> menu.item("surveys"))
                .build();
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        Scene names = NavigationMap.ofNames(shot, new PlainMeasure());
        assertTrue(names.nodes().stream().noneMatch(SceneNode.Group.class::isInstance), "no thumbnails");
        for (Scene map : List.of(map(plan), names)) {
            assertEquals(
                    List.of("All surveys", "Survey \u2026"),
                    map.nodes().stream()
                            .filter(node -> node.key().matches("screen:.*-name"))
                            .map(node -> ((SceneNode.Text) node).line().text())
                            .sorted()
                            .toList());
        }
    }

    @Test
    void guardsAndWhatLeadsOutAreMarked() {
        List<SceneNode> nodes = map(plan(8)).nodes();
        List<String> icons = nodes.stream()
                .filter(SceneNode.Icon.class::isInstance)
                .filter(node -> !node.key().startsWith("legend"))
                .map(node -> node.key() + " " + ((SceneNode.Icon) node).name())
                .toList();
        assertTrue(icons.contains("screen:s2-lock lock"), icons::toString);
        assertTrue(icons.contains("out:tables-icon arrow-up-right"), icons::toString);
        assertTrue(icons.contains("out:send-icon bolt"), icons::toString);
        assertFalse(icons.contains("screen:s1-lock lock"), icons::toString);
    }

    /** Six items; three screens under others, the one that a row leads to left out; the row; the guard. */
    @Test
    void anArcForEverythingThatLeadsSomewhereEndsAtAnEdge() {
        Scene map = map(plan(8));
        List<SceneNode.Path> arcs = map.nodes().stream()
                .filter(node -> node.key().matches("arc-[0-9]+"))
                .map(SceneNode.Path.class::cast)
                .toList();
        assertEquals(6 + 3 + 1 + 1, arcs.size());
        List<Box> targets = boxes(map, "(screen:s[0-9]+|menu:main)");
        for (SceneNode.Path arc : arcs) {
            var start = (Outline.Move) arc.outline().parts().get(0);
            boolean touches = targets.stream()
                    .anyMatch(box -> Math.abs(start.x() - box.x()) < 0.01 || Math.abs(start.x() - box.right()) < 0.01);
            assertTrue(touches, arc.key() + " starts at " + start);
        }
    }

    @Test
    void hundredsOfScreensAreShownByTheirNames() {
        Scene map = map(plan(300));
        assertEquals(300, boxes(map, "screen:s[0-9]+").size());
        assertTrue(map.nodes().stream().noneMatch(node -> node.key().matches("screen:.*-path")));
        assertTrue(map.nodes().stream()
                .anyMatch(node -> node instanceof SceneNode.Text text
                        && text.line().text().equals("S299")));
    }
}
