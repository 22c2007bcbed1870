package org.yonderarc.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.PlanException;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Axis;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;

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
    void sheetsShowThem() {
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty());
        var axis = Axes.parse("device=kiosk,phone", shot);
        var scene = Sheet.of(shot, axis, Axis.NONE, new PlainMeasure());
        assertTrue(scene.width() >= 1080 + 360, "both beside each other: " + scene.width());
    }

    @Test
    void sizesHaveBounds() {
        var told = assertThrows(PlanException.class, () -> builder()
                .device("wall", 9000, 100, Visibility.Pointer.FINE)
                .build());
        assertTrue(told.getMessage().contains("/devices/wall/width"), told.getMessage());
        assertTrue(told.getMessage().contains("/devices/wall/height"), told.getMessage());
    }
}
