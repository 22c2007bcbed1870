package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.stage.StagePlans.ROWS;
import static org.yonderarc.stage.StagePlans.bottom;
import static org.yonderarc.stage.StagePlans.builder;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** What is scrolled on a stage, and the bars that leave with it. */
class StageScrollTest {
    @Test
    void aFingerScrollsAndWhatItFlingsGoesOn() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        on.drag(200, 600, 200, 400);
        double dropped = on.stage.scrolled(content);
        assertEquals(200, dropped, 21, "it starts where the finger has moved far enough to say");
        assertTrue(on.stage.until().orElseThrow() > on.now);
        on.rest();
        double flung = on.stage.scrolled(content);
        assertTrue(flung > dropped + 100, flung + " after " + dropped);
        assertEquals(List.of(), on.taken, "no row was chosen");
        on.down(200, 500);
        on.up(200, 500);
        assertEquals(1, on.taken.size(), "at rest a tap chooses again");
    }

    @Test
    void aFingerOnWhatScrollsStopsItAndChoosesNothing() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        on.drag(200, 600, 200, 300);
        on.pass(50);
        on.down(200, 500);
        double stopped = on.stage.scrolled(on.part("Surveys").path());
        on.pass(200);
        on.up(200, 500);
        on.rest();
        assertEquals(stopped, on.stage.scrolled(on.part("Surveys").path()), 0.001);
        assertEquals(List.of(), on.taken);
    }

    @Test
    void wheelsAndKeysScrollToTheEndsAndNoFurther() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        assertFalse(on.stage.take(new Input.Wheel(200, 400, 0, -50), on.now), "the host may scroll what it is in");
        assertTrue(on.stage.take(new Input.Wheel(200, 400, 0, 120), on.now));
        assertEquals(120, on.stage.scrolled(content));
        assertTrue(on.key(Input.Meant.END));
        on.rest();
        double end = on.stage.scrolled(content);
        assertFalse(on.key(Input.Meant.DOWN));
        assertFalse(on.stage.take(new Input.Wheel(200, 400, 0, 50), on.now));
        Box last = on.part("Survey 30, on the shore").box();
        assertTrue(last.bottom() <= on.part("Surveys").box().bottom(), "the last row shows");
        assertTrue(on.key(Input.Meant.PAGE_UP));
        on.rest();
        assertTrue(on.stage.scrolled(content) < end - 400);
        on.step("choose:surveys");
        on.rest();
        assertEquals(0, on.stage.scrolled(content), "chosen again: back to the top");
        on.stage.take(new Input.Wheel(200, 400, 0, 600), on.now);
        double right = on.now;
        on.now = right - 10_000;
        on.step("choose:surveys");
        on.now = right + 16;
        on.stage.scene(on.now);
        assertTrue(on.stage.scrolled(content) > 300, "with a clock that was set back it is on its way, not there");
    }

    @Test
    void aHostThatScrollsItselfTellsHowFar() {
        var on = new Theatre(bottom(), Surroundings.of(Device.PHONE), true);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        on.stage.take(new Input.Scrolled(content, 0, 144), on.now);
        assertEquals(144, on.stage.scrolled(content));
        Access third = on.part("Survey 3, on the shore");
        on.down(200, third.box().centerY() - 144);
        on.up(200, third.box().centerY() - 144);
        assertEquals(List.of("open:survey?survey=3"), on.taken, "it is hit where it is seen");
        assertFalse(on.key(Input.Meant.DOWN), "its own keys scroll");
    }

    @Test
    void aTopBarThatHasLeftIsNotHitAndWhatIsUnderItIs() {
        Plan plan = PlanBuilder.app("Leaves")
                .start("surveys")
                .screen("surveys", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST);
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "", "", "survey?survey=" + i);
                    }
                })
                .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
                .bar(bar -> bar.form(FormBuilder.top().onScroll(Form.Scrolling.HIDE)))
                .build();
        var on = new Theatre(plan, Surroundings.of(Device.PHONE), true);
        Access row = on.part("Survey 9");
        double seenAt = 50;
        assertTrue(on.stage.leaving() > 40, "it leaves by " + on.stage.leaving());
        on.stage.take(new Input.Scrolled(on.part("Surveys").path(), 0, row.box().centerY() - seenAt), on.now);
        on.down(200, seenAt);
        on.up(200, seenAt);
        assertEquals(List.of("open:survey?survey=9"), on.taken);
    }

    /** Down with the content, back as soon as that goes up, wherever it is; and whole again for whoever is in it, or elsewhere. */
    @Test
    void aBottomBarLeavesAndComesBack() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), true);
        String content = on.part("Surveys").path();
        double[][] steps = {{0, 0}, {50, 50}, {300, 84}, {290, 74}, {250, 34}, {100, 0}, {184, 84}};
        for (double[] step : steps) {
            on.stage.take(new Input.Scrolled(content, 0, step[0]), on.now);
            assertEquals(step[1], on.stage.retreat().orElseThrow().distance(), 1e-9, "at " + step[0]);
        }
        String item = on.stage.tree().order().stream()
                .filter(path -> path.contains("item:"))
                .findFirst()
                .orElseThrow();
        on.stage.take(new Input.Focus(Optional.of(item)), on.now);
        assertEquals(0, on.stage.retreat().orElseThrow().distance(), "whoever is in it sees it");
        on.stage.take(new Input.Focus(Optional.empty()), on.now);
        assertEquals(84, on.stage.retreat().orElseThrow().distance(), 1e-9);
        on.step("choose:map");
        assertEquals(0, on.stage.retreat().orElseThrow().distance(), "another place starts with its bar");
    }

    /** Only the content takes the bar with it, and not a list that is scrolled beside it. */
    @Test
    void aListInABarLeavesTheLowerBarAlone() {
        Plan plan = PlanBuilder.app("Beside")
                .start("a")
                .screen("a", screen -> screen.wireframe(Wireframe.Kind.LIST))
                .menu("main", menu -> menu.item("a"))
                .menu("side", menu -> {
                    for (int i = 1; i <= ROWS; i++) {
                        menu.signal("signal-" + i, item -> {});
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
                .build();
        var on = new Theatre(plan, Surroundings.of(Device.DESKTOP), true);
        String list = on.part("Signal 1").path();
        list = list.substring(0, list.lastIndexOf('/'));
        assertTrue(on.stage.take(new Input.Scrolled(list, 0, 200), on.now));
        assertEquals(0, on.stage.retreat().orElseThrow().distance());
    }

    /** Where the bar has left, what lies below it is hit. */
    @Test
    void whatABarThatHasLeftCoveredIsHit() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), true);
        on.down(290, 780);
        on.up(290, 780);
        assertEquals(List.of("choose:map"), on.taken);
        on.step("choose:surveys");
        on.pass(2000);
        on.stage.take(new Input.Scrolled(on.part("Surveys").path(), 0, 300), on.now);
        on.down(290, 780);
        on.up(290, 780);
        assertEquals(List.of("choose:map"), on.taken, "the bar is away");
    }

    /** A stage that scrolls by itself shows the same. */
    @Test
    void aStageThatScrollsMovesTheBar() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), false);
        double rest = on.stage.scene(on.now).bar("bottom").orElseThrow().area().y();
        on.stage.take(new Input.Wheel(200, 300, 0, 300), on.now);
        on.pass(3000);
        assertEquals(
                824, on.stage.scene(on.now).bar("bottom").orElseThrow().area().y(), 1e-9);
        on.stage.take(new Input.Wheel(200, 300, 0, -30), on.now);
        on.pass(3000);
        assertEquals(
                rest + 84 - 30,
                on.stage.scene(on.now).bar("bottom").orElseThrow().area().y(),
                1e-9);
    }

    @Test
    void whatIsScrolledSidewaysIsHitWhereItIsSeen() {
        Plan plan = builder()
                .languages("en", "ar")
                .screen("one")
                .screen("two")
                .screen("three")
                .screen("four")
                .menu("long", menu -> menu.item("tides")
                        .item("surveys")
                        .item("map")
                        .item("one")
                        .item("two")
                        .item("three")
                        .item("four"))
                .bar(bar -> bar.menu("long").form(FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL)))
                .build();
        for (boolean hostScrolls : new boolean[] {true, false}) {
            for (String language : List.of("en", "ar")) {
                var on = new Theatre(plan, Surroundings.of(Device.PHONE_SMALL).in(language), hostScrolls);
                double side = language.equals("ar") ? -1 : 1;
                Access list = on.stage.tree().all().stream()
                        .filter(part -> part.role() == Access.Role.NAVIGATION)
                        .findFirst()
                        .orElseThrow();
                Box four = on.part("Four").box();
                assertFalse(four.x() >= 0 && four.right() <= 320, "it is out of sight: " + four);
                double by = side > 0 ? four.right() - 320 : four.x();
                if (hostScrolls) {
                    on.stage.take(new Input.Scrolled(list.path() + "/list", by, 0), on.now);
                } else {
                    assertTrue(on.stage.take(new Input.Wheel(160, list.box().centerY(), by, 0), on.now));
                    by = 0;
                }
                Access seen = on.part("Four");
                double x = seen.box().centerX() - by;
                on.down(x, seen.box().centerY());
                on.up(x, seen.box().centerY());
                assertEquals(List.of("choose:four"), on.taken, language + ", the host scrolls: " + hostScrolls);
            }
        }
    }

    @Test
    void theFocusIsScrolledIntoViewSidewaysToo() {
        Plan plan = builder()
                .screen("one")
                .screen("two")
                .screen("three")
                .screen("four")
                .menu("long", menu -> menu.item("tides")
                        .item("surveys")
                        .item("map")
                        .item("one")
                        .item("two")
                        .item("three")
                        .item("four"))
                .bar(bar -> bar.menu("long").form(FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL)))
                .build();
        var on = new Theatre(plan, Device.PHONE_SMALL);
        on.key(Input.Meant.PREVIOUS);
        on.rest();
        assertEquals("Four", on.focused());
        assertTrue(on.part("Four").box().right() <= 320.5, on.part("Four").box().toString());
    }

    private static Plan retreating() {
        return PlanBuilder.app("Retreats")
                .start("surveys")
                .screen("surveys", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST).icon("list");
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "", "");
                    }
                })
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("surveys").item("map"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .build();
    }
}
