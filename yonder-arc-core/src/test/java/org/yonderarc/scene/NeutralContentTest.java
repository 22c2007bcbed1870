package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** A screen without rows looks like what it is, and not like an empty one. */
class NeutralContentTest {
    @ParameterizedTest
    @EnumSource(value = Wireframe.Kind.class, mode = EnumSource.Mode.EXCLUDE, names = "EMPTY")
    void contentWithoutRowsIsDrawn(Wireframe.Kind kind) {
        for (Device device : new Device[] {Device.PHONE_SMALL, Device.PHONE_WIDE, Device.DESKTOP}) {
            var walk = Walk.of(PlanBuilder.app("Brinelight")
                    .start("tides")
                    .screen("tides", screen -> screen.wireframe(kind))
                    .screen("map", screen -> {})
                    .menu("main", menu -> menu.item("tides").item("map"))
                    .build());
            Scene scene = new View(walk, device, new PlainMeasure()).scene(walk.start());
            SceneNode.Group screen =
                    scene.first(part -> part instanceof Part.Screen).orElseThrow();
            var all = new ArrayList<SceneNode>();
            screen.children().forEach(node -> all.add(node));
            assertFalse(
                    all.stream()
                            .anyMatch(node -> node instanceof SceneNode.Icon icon
                                    && icon.name().equals(Canvas.PLACEHOLDER)),
                    kind + " is a placeholder");
            assertTrue(all.size() >= 3, kind + " draws " + all.size());
            for (SceneNode node : all) {
                Box box = node.box().orElse(screen.area());
                assertTrue(box.x() >= -4 && box.right() <= device.width() + 4, kind + " leaves the window: " + node);
            }
        }
    }
}
