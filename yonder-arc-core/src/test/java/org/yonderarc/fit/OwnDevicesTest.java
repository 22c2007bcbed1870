package org.yonderarc.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Body;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Axis;
import org.yonderarc.sheet.Frame;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Devices of a plan's own. */
class OwnDevicesTest {
    private static PlanBuilder builder() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> screen.icon("droplet"))
                .menu("main", menu -> menu.item("tides"));
    }

    private final Plan plan = builder()
            .device("kiosk", 1080, 1920, Visibility.Pointer.COARSE)
            .device("phone", 360, 700, Visibility.Pointer.COARSE, 30, 0, 10, 0)
            .build();

    @Test
    void theyStandBesideTheUsualOnesAndTakeThePlaceOfThoseWithTheirName() {
        List<String> names = Device.presets(plan).stream().map(Device::id).toList();
        assertEquals(Device.PRESETS.size() + 1, names.size());
        assertEquals("kiosk", names.get(names.size() - 1));
        Device phone = Device.named("phone", plan);
        assertEquals(360, phone.width());
        assertEquals(new Insets(30, 0, 10, 0), phone.safe());
        assertEquals(Device.TABLET, Device.named("tablet", plan));
        assertEquals(500, Device.named("500x700", plan).width());
    }

    @Test
    void aNameThatIsNoneIsToldWithThoseThatAre() {
        var told = assertThrows(IllegalArgumentException.class, () -> Device.named("kiosc", plan));
        assertTrue(told.getMessage().contains("Did you mean \"kiosk\"?"), told.getMessage());
        assertThrows(IllegalArgumentException.class, () -> Device.named("kiosk"));
    }

    @Test
    void journeysAreWalkedOnThem() {
        var legs = List.of(new Journey.Leg("", List.of(new Journey.Expectation(Journey.What.AT, "tides")), 0));
        assertEquals(
                1080, new Journey("Look", "kiosk", List.of(), legs).on(plan).width());
        assertEquals(
                Optional.empty(),
                Rehearsal.of(plan, new Journey("Look", "kiosk", List.of(), legs))
                        .difference());
        var told = assertThrows(
                IllegalArgumentException.class, () -> Rehearsal.of(plan, new Journey("Look", "kisk", List.of(), legs)));
        assertTrue(told.getMessage().contains("Did you mean \"kiosk\"?"), told.getMessage());
    }

    @Test
    void bodiesShowWhatIsTheirs() {
        Plan squared = builder()
                .device("reader", 600, 800, Visibility.Pointer.COARSE, 30, 0, 40, 0)
                .deviceBody("reader", Body.SQUARE)
                .build();
        assertEquals(List.of("key0", "key1", "key2"), parts(Device.named("reader", squared), "key"));
        assertEquals(List.of("eye", "lens", "strip"), parts(Device.PHONE_ROUND, "eye", "lens", "strip"));
        assertEquals(List.of("fold"), parts(Device.FOLDABLE, "fold", "key", "strip"));
        assertEquals(List.of("window"), parts(Device.DESKTOP, "window", "lens"));
        assertEquals(List.of("lens"), parts(Device.PHONE, "lens", "strip", "key", "fold", "window"));
    }

    private List<String> parts(Device device, String... names) {
        var walk = Walk.of(plan);
        var scene = Frame.around(new View(walk, device, new PlainMeasure()).scene(walk.start()), device);
        return scene.nodes().stream()
                .map(SceneNode::key)
                .filter(key -> Stream.of(names).anyMatch(key::startsWith))
                .toList();
    }

    @Test
    void sheetsShowThem() {
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        var axis = Axes.parse("device=kiosk,phone", shot);
        var scene = Sheet.of(shot, axis, Axis.NONE, new PlainMeasure());
        assertTrue(scene.width() >= 1080 + 360, "both beside each other: " + scene.width());
    }

    @Test
    void sizesHaveBounds() {
        var told = assertThrows(InvalidPlanException.class, () -> builder()
                .device("wall", 9000, 100, Visibility.Pointer.FINE)
                .build());
        assertTrue(told.getMessage().contains("/devices/wall/width"), told.getMessage());
        assertTrue(told.getMessage().contains("/devices/wall/height"), told.getMessage());
    }
}
