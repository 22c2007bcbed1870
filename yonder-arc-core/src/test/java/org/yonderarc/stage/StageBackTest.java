package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;

/** A system's own gesture to go back, and views of the app's own that scroll. */
class StageBackTest {
    private static Plan plan() {
        return PlanBuilder.app("Tarn")
                .start("list")
                .screen("list", screen -> {})
                .screen("fish", screen -> screen.under("list"))
                .screen("pond", screen -> screen.under("list"))
                .menu("main", menu -> menu.item("list"))
                .menu("side", menu -> menu.item("fish"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer()))
                .build();
    }

    private static double fish(Theatre on) {
        return on.stage
                .scene(on.now)
                .first(part -> part instanceof Part.Screen screen
                        && screen.place().screen().equals("fish"))
                .map(SceneNode.Group::area)
                .orElseThrow()
                .x();
    }

    @Test
    void whatItLeadsToFollowsTheGesture() {
        var on = new Theatre(plan(), Device.PHONE);
        assertFalse(on.stage.take(new Input.BackGesture(0.1), on.now), "there is nothing to go back to");
        assertFalse(on.stage.take(new Input.BackEnd(true), on.now));
        on.step("open:fish");
        on.rest();
        assertTrue(on.stage.take(new Input.BackGesture(0.5), on.now));
        assertTrue(on.stage.isSwiped());
        assertTrue(fish(on) > 100, "at " + fish(on));
        assertEquals("fish", on.place());
        assertTrue(on.stage.take(new Input.BackEnd(false), on.now));
        on.rest();
        assertEquals(0, fish(on), 1e-9);
        on.stage.take(new Input.BackGesture(0.2), on.now);
        on.stage.take(new Input.BackEnd(true), on.now);
        on.rest();
        assertEquals("list", on.place());
        assertEquals(List.of("back"), on.taken);
    }

    @Test
    void whatIsOpenClosesFirst() {
        var on = new Theatre(plan(), Device.PHONE);
        on.step("open:fish");
        on.step("toggle:side");
        on.rest();
        on.stage.take(new Input.BackGesture(0.6), on.now);
        on.stage.take(new Input.BackEnd(true), on.now);
        on.rest();
        assertEquals("fish", on.place());
        assertFalse(on.stage.isOpen());
    }

    @Test
    void whoGoesBackTwiceInAHurryGoesBackTwice() {
        var on = new Theatre(plan(), Device.PHONE);
        on.step("open:fish");
        on.step("open:pond");
        on.rest();
        on.stage.take(new Input.BackGesture(0.3), on.now);
        on.stage.take(new Input.BackEnd(true), on.now);
        on.pass(16);
        on.stage.take(new Input.BackEnd(true), on.now);
        on.rest();
        assertEquals(List.of("back", "back"), on.taken);
    }

    @Test
    void aFingerThatSwipesKeepsTheStage() {
        var on = new Theatre(plan(), Device.PHONE);
        on.step("open:fish");
        on.rest();
        on.stage.take(new Input.Down(0, 4, 300, true, true), on.now);
        on.stage.take(new Input.Move(0, 204, 300), on.now);
        double held = fish(on);
        assertFalse(on.stage.take(new Input.BackGesture(0.1), on.now));
        assertEquals(held, fish(on), 1e-9);
    }

    @Test
    void withoutAGestureItGoesBackAtOnce() {
        var on = new Theatre(plan(), Device.PHONE);
        on.step("open:fish");
        on.rest();
        assertTrue(on.stage.take(new Input.BackEnd(true), on.now));
        on.rest();
        assertEquals("list", on.place());
        assertThrows(IllegalArgumentException.class, () -> new Input.BackGesture(1.01));
        assertThrows(IllegalArgumentException.class, () -> new Input.BackGesture(Double.NaN));
    }

    @Test
    void aViewOfTheAppsOwnScrollsAsFarAsItSays() {
        var on = new Theatre(plan(), Device.PHONE, "list");
        double rest = bar(on);
        String content = on.stage.tree().content().orElseThrow();
        assertTrue(on.stage.take(new Input.Scrolled(content, 0, 5000), on.now));
        on.rest();
        assertEquals(824, bar(on), 1e-9);
        assertEquals(5000, on.stage.scrolled(content), 1e-9);
        assertFalse(on.stage.take(new Input.Wheel(200, 300, 0, 50), on.now), "it scrolls itself");
        assertTrue(on.stage.take(new Input.Scrolled(content, 0, 0), on.now));
        on.rest();
        assertEquals(rest, bar(on), 1e-9);
    }

    private static double bar(Theatre on) {
        return on.stage.scene(on.now).bar("bottom").orElseThrow().area().y();
    }

    @Test
    void aSurfaceSaysWhereInTheSceneItStands() {
        var on = new Theatre(plan(), Device.PHONE, "fish");
        on.step("open:fish");
        on.pass(16);
        RunningTracks film = on.stage.tracks(on.now).orElseThrow();
        List<Surface> surfaces = on.stage.layers(film.tracks().scene()).stream()
                .filter(Layer.Content.class::isInstance)
                .map(layer -> ((Layer.Content) layer).surface())
                .toList();
        assertEquals(1, surfaces.size());
        String path = surfaces.get(0).path();
        assertTrue(
                film.tracks().tracks().stream().anyMatch(track -> (path + "/").startsWith(track.path() + "/")),
                path + " is moved by none of them");
    }
}
