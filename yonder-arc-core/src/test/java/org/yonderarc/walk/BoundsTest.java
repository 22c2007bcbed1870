package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;

/** What holds at the very edge of a bound, or only where something odd comes together. */
class BoundsTest {
    private static final Plan PLAN = PlanBuilder.app("Brinelight")
            .start("tides")
            .screen("tides")
            .screen("map")
            .screen("islands", screen -> screen.under("tides"))
            .screen("island", screen -> screen.under("islands"))
            .menu("main", menu -> menu.item("tides").item("map"))
            .build();

    private static String trail(State state) {
        Trail trail = state.trail();
        String out = trail.top().text();
        for (Optional<Trail> at = trail.below(); at.isPresent(); at = at.get().below()) {
            out = at.get().top().text() + " " + out;
        }
        return out;
    }

    /** Up to a parent that was never visited: it takes the place of what is shown, and what lies below stays. */
    @Test
    void upToAParentNeverVisitedKeepsTheRestOfTheTrail() {
        Walk walk = Walk.of(PLAN);
        State there = walk.step(walk.start(), new Step.Open(new Place("map", java.util.Map.of())))
                .after();
        there = walk.step(there, new Step.Open(new Place("island", java.util.Map.of())))
                .after();
        assertEquals("tides map island", trail(there));
        State up = walk.step(there, new Step.Up()).after();
        assertEquals("tides map islands", trail(up));
        assertEquals("tides", trail(walk.step(up, new Step.Up()).after()), "a parent that was visited is gone back to");
        assertEquals("tides map", trail(walk.step(up, new Step.Back()).after()));
    }

    @Test
    void aTrailHasAThousandPlacesAndNoMore() {
        Walk walk = Walk.of(PLAN);
        State state = walk.start();
        for (int i = 1; i < 1000; i++) {
            Change change = walk.step(state, new Step.Open(Place.of(i % 2 == 0 ? "tides" : "map")));
            assertTrue(change.moved(), "place " + (i + 1));
            state = change.after();
        }
        assertEquals(1000, state.trail().depth());
        Change tooMany = walk.step(state, new Step.Open(Place.of("island")));
        assertTrue(tooMany.refusal().isPresent());
        assertEquals(1000, tooMany.after().trail().depth());
        assertTrue(walk.step(state, new Step.Replace(Place.of("island"))).moved(), "replaced it may be");
    }

    /** Screens that stand in for one another: fifty are followed, one more is refused. */
    @ParameterizedTest
    @ValueSource(ints = {49, 50, 51})
    void fiftyScreensStandInForOneAnother(int count) {
        PlanBuilder builder =
                PlanBuilder.app("Brinelight").start("home").fact("in", false).screen("home");
        for (int i = 0; i < count; i++) {
            String next = i + 1 < count ? "s" + (i + 1) : "home";
            builder = builder.screen("s" + i, screen -> screen.needs("in", next));
        }
        PlanBuilder whole = builder.menu("main", menu -> menu.item("home").item("s0"));
        if (count > 50) {
            assertTrue(assertThrows(InvalidPlanException.class, whole::build)
                    .getMessage()
                    .contains("too-deep at /screens/s0/otherwise"));
        } else {
            whole.build();
        }
    }

    /** Who isn't let in and has nowhere else to go is told; the start, too. */
    @Test
    void aGuardWithoutAnotherScreenIsTold() {
        PlanBuilder builder = PlanBuilder.app("Brinelight")
                .start("home")
                .fact("in", false)
                .screen("home", screen -> screen.needsOnly("in"))
                .screen("map")
                .menu("main", menu -> menu.item("home").item("map"));
        String told = assertThrows(InvalidPlanException.class, builder::build).getMessage();
        assertTrue(told.contains("no-way-round at /screens/home/needs"), told);
        assertTrue(told.contains("start-guarded at /app/start"), told);
        String unsaid = assertThrows(InvalidPlanException.class, () -> PlanBuilder.app("Brinelight")
                        .fact("in", false)
                        .screen("home", screen -> screen.needsOnly("in"))
                        .menu("main", menu -> menu.item("home"))
                        .build())
                .getMessage();
        assertTrue(unsaid.contains("start-guarded at /app:"), unsaid);
    }

    private static Layout.Bar rail(String title, double textScale) {
        Plan plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> screen.title(title).icon("droplet"))
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("tides").item("map"))
                .bar(bar -> bar.menu("main").form(FormBuilder.rail()))
                .build();
        Walk walk = Walk.of(plan);
        return Layouter.layOut(Fitter.fit(walk, Device.TABLET.withText(textScale), walk.start()), new PlainMeasure())
                .one(Form.Kind.RAIL)
                .orElseThrow();
    }

    private static double label(Layout.Bar rail) {
        return rail.slots().get(0).label().get(0).type().size();
    }

    /** Labels of rails grow to one and a half times their size, and no further; where they have no room, less. */
    @Test
    void labelsOfRailsGrowAsFarAsThereIsRoom() {
        double usual = label(rail("Tides", 1));
        assertEquals(usual * 1.5, label(rail("Tides", 1.5)), 0.01);
        assertEquals(usual * 1.5, label(rail("Tides", 3)), 0.01);
        double large = label(rail("Noticeboard", 3));
        assertTrue(large < usual * 1.5 && large >= usual, "it shrinks to its usual size at the most: " + large);
    }
}
