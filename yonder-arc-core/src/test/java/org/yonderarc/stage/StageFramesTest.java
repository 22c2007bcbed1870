package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.stage.StagePlans.bottom;
import static org.yonderarc.stage.StagePlans.builder;
import static org.yonderarc.stage.StagePlans.drawer;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.walk.Walk;

/** Swipes, frames, and what stands around a stage. */
class StageFramesTest {
    @Test
    void aSwipeGoesBackUnlessItIsSteepOrSlowOrTakenAway() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.drag(8, 300, 40, 400);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "too steep");
        on.down(8, 300);
        on.move(100, 300);
        on.pass(100);
        assertNotSame(on.stage.still(), on.stage.scene(on.now), "it follows the finger");
        on.up(100, 300);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "let go before the middle, after a rest");
        on.down(8, 300);
        on.move(300, 300);
        on.stage.take(new Input.Cancel(0), on.now);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "taken away by the system");
        assertSame(on.stage.still(), on.stage.scene(on.now));
        on.drag(8, 300, 300, 310);
        assertEquals(List.of(), on.taken, "the step is taken when it has arrived");
        on.rest();
        assertEquals(List.of("back"), on.taken);
        assertEquals("surveys", on.place());
    }

    @Test
    void aSwipeThatIsRefusedReturns() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.refuses = true;
        on.drag(8, 300, 360, 300);
        on.rest();
        assertEquals("survey?survey=1", on.place());
        assertSame(on.stage.still(), on.stage.scene(on.now));
    }

    @Test
    void aFactToldDuringASwipeOrAPressEndsNeither() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.down(8, 300);
        on.move(200, 300);
        on.step("tell:drafts=7");
        on.pass(16);
        on.move(380, 300);
        on.up(380, 300);
        on.rest();
        assertEquals("surveys", on.place());
        Box box = on.part("Surveys, 7").box();
        on.down(box.centerX(), box.centerY());
        on.step("tell:drafts=8");
        on.pass(16);
        on.up(box.centerX(), box.centerY());
        assertEquals(List.of("back", "choose:surveys"), on.taken);
    }

    @Test
    void manyFactsInOneFrameAreComposedOnce() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.asked = 0;
        on.step("tell:drafts=9");
        on.pass(16);
        int once = on.asked;
        Scene before = on.stage.scene(on.now);
        on.asked = 0;
        for (int i = 10; i < 60; i++) {
            on.step("tell:drafts=" + i);
        }
        on.step("choose:map");
        assertEquals(0, on.asked, "nothing is composed before somebody looks");
        on.pass(16);
        assertEquals(once, on.asked);
        assertNotSame(before, on.stage.still());
        on.rest();
        assertEquals(once, on.asked);
        assertEquals("Surveys, 59", on.part("Surveys, 59").name());
    }

    @Test
    void aHostThatRestsIsAskedForNoFrames() {
        var on = new Theatre(bottom(), Device.PHONE);
        assertFalse(on.stage.moves());
        assertEquals(Optional.empty(), on.stage.until());
        Scene scene = on.stage.scene(on.now);
        assertSame(scene, on.stage.scene(on.now + 100_000));
        on.tap("Map");
        assertTrue(on.stage.moves());
        on.pass(1);
        double until = on.stage.until().orElseThrow();
        on.pass(until - on.now);
        assertFalse(on.stage.moves(), "at the time it said");
    }

    /** A host paints only while something moves: each pull of a finger asks for a frame, and one that rests for none. */
    @Test
    void aPullAsksForAFrame() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE);
        on.rest();
        on.down(6, 300);
        on.move(60, 300);
        on.move(120, 300);
        assertTrue(on.stage.moves());
        double x = on.stage.scene(on.now).bar("drawer").orElseThrow().area().x();
        assertFalse(on.stage.moves(), "the finger rests");
        on.move(180, 300);
        assertTrue(on.stage.moves());
        assertEquals(
                x + 60,
                on.stage.scene(on.now).bar("drawer").orElseThrow().area().x(),
                0.5);
    }

    @Test
    void anAppsOwnViewsTakePartInFilmsAndDrawers() {
        var on = new Theatre(bottom(), Device.PHONE, "tides", "map");
        Surface tides = surfaces(on).get(0);
        assertTrue(tides.takesInput());
        assertTrue(on.stage.reachesContent(200, 300));
        assertFalse(on.stage.reachesContent(200, on.part("Map").box().centerY()));
        on.tap("Map");
        on.pass(1);
        on.pass(100);
        List<Surface> both = surfaces(on);
        assertEquals(2, both.size(), "both are there while one follows the other");
        assertEquals(
                List.of(false, true),
                both.stream()
                        .sorted((a, b) -> b.place().text().compareTo(a.place().text()))
                        .map(Surface::takesInput)
                        .toList());
        on.rest();
        assertEquals(1, surfaces(on).size());
        List<Layer> layers = on.stage.layers(on.now);
        assertTrue(layers.get(layers.size() - 1) instanceof Layer.Painted, "the bar lies above the view");
    }

    @Test
    void aDrawerLiesOverAnAppsOwnView() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE, "tides");
        on.tap("Menu");
        on.rest();
        assertFalse(surfaces(on).get(0).takesInput());
        List<Layer> layers = on.stage.layers(on.now);
        var last = (Layer.Painted) layers.get(layers.size() - 1);
        assertTrue(last.nodes().stream().anyMatch(node -> node.key().equals("drawer")));
        assertFalse(on.stage.reachesContent(370, 400));
        var beneath = new Theatre(drawer(DrawerForm.Opening.BENEATH), Device.PHONE, "tides");
        beneath.tap("Menu");
        beneath.rest();
        Surface moved = surfaces(beneath).get(0);
        assertTrue(moved.box().x() > 200, "the page moves aside, and the view with it: " + moved.box());
        assertTrue(moved.clips().get(0).radius() > 0, "and its corners are cut off with the page's");
    }

    @Test
    void turningResizingAndAnotherPlanAreFollowed() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.stage.surround(Surroundings.of(Device.PHONE_WIDE).in(Scheme.DARK), on.now);
        on.pass(20);
        assertTrue(on.stage.scene(on.now).width() > 384);
        on.rest();
        assertEquals(824, on.stage.scene(on.now).width());
        Plan other = builder()
                .screen("more")
                .bar(bar -> bar.menu("main").form(FormBuilder.rail()))
                .build();
        var next = Walk.of(other);
        on.stage.use(next, next.start());
        assertEquals(824, on.stage.scene(on.now).width());
        assertTrue(on.stage.scene(on.now).bar("rail").isPresent());
    }

    private static List<Surface> surfaces(Theatre on) {
        return on.stage.layers(on.now).stream()
                .filter(Layer.Content.class::isInstance)
                .map(layer -> ((Layer.Content) layer).surface())
                .toList();
    }
}
