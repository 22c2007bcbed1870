package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;

/** Parts with a bar of their own: an item that leads there leads to the tab where the person was. */
class PartsTest {
    private static PlanBuilder guide() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> {})
                .screen("guide", screen -> {})
                .screen("plants", screen -> screen.under("guide"))
                .screen("animals", screen -> screen.under("guide"))
                .screen("wrack", screen -> screen.under("plants"))
                .menu("main", menu -> menu.item("tides").item("guide"))
                .menu("kinds", menu -> menu.item("plants").item("animals"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .bar(bar -> bar.form(FormBuilder.top()));
    }

    private static Plan plan() {
        return guide().bar(bar -> bar.menu("kinds").within("guide").form(FormBuilder.bottom()))
                .build();
    }

    private final Walk walk = Walk.of(plan());

    private State after(String... steps) {
        State state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }

    private void shows(String place, String tab, State state) {
        assertEquals(place, walk.shown(state).text());
        FittedBar bar =
                Fitter.fit(walk, Device.PHONE, state).one(Form.Kind.BOTTOM).orElseThrow();
        assertEquals("kinds", bar.id());
        assertEquals(
                List.of(tab),
                bar.items().stream()
                        .filter(item -> item.selected())
                        .map(item -> item.id())
                        .toList());
    }

    @Test
    void atFirstItIsTheFirstTab() {
        shows("plants", "plants", after("choose:guide"));
    }

    /** An address of the part leads to its tab, as choosing does, and so does the start. */
    @Test
    void aLinkToAPartLeadsToItsTab() {
        shows("plants", "plants", after("link:/guide"));
        shows("animals", "animals", after("link:/animals", "choose:tides", "link:/guide"));
        assertEquals("animals", after("link:/animals", "link:/guide").place().text());
        Plan started = guide().start("guide")
                .bar(bar ->
                        bar.menu("kinds").within("guide").defaultItem("animals").form(FormBuilder.bottom()))
                .build();
        Walk other = Walk.of(started);
        assertEquals("animals", other.shown(other.start()).text());
        assertEquals(Optional.of("animals"), other.selected(other.start()));
        assertEquals(
                other.start().trail(),
                other.step(other.start(), new Step.Restart()).after().trail());
    }

    @Test
    void laterItIsTheTabWhereThePersonWasWithItsTrail() {
        shows("animals", "animals", after("choose:guide", "choose:animals", "choose:tides", "choose:guide"));
        shows("wrack", "plants", after("choose:guide", "open:wrack", "choose:tides", "choose:guide"));
        shows("animals", "animals", after("choose:guide", "choose:animals", "back", "choose:guide"));
        shows("animals", "animals", after("link:/animals", "choose:tides", "choose:guide"));
        shows(
                "wrack",
                "plants",
                after("choose:guide", "open:wrack", "choose:animals", "choose:tides", "choose:guide", "choose:plants"));
    }

    @Test
    void chosenFromWithinItLeadsToTheRootOfTheTab() {
        shows("plants", "plants", after("choose:guide", "open:wrack", "choose:guide"));
        Change again = walk.step(after("choose:guide"), new Step.Choose("guide"));
        assertEquals(List.of(new Effect.ChosenAgain("plants")), again.effects());
    }

    @Test
    void whatIsRememberedIsSavedAndForgotten() {
        State left = after("choose:guide", "choose:animals", "choose:tides");
        State read = SavedState.read(walk, SavedState.write(left)).state();
        assertEquals(left, read);
        State cleared = walk.step(left, new Step.Clear("guide")).after();
        shows("plants", "plants", walk.step(cleared, new Step.Choose("guide")).after());
        State restarted = walk.step(left, new Step.Restart()).after();
        shows("plants", "plants", walk.step(restarted, new Step.Choose("guide")).after());
    }

    @Test
    void theFirstMayBeNamedAndOneThatDoesNotShowIsPassedOver() {
        Walk named = Walk.of(guide().bar(bar ->
                        bar.menu("kinds").within("guide").defaultItem("animals").form(FormBuilder.bottom()))
                .build());
        assertEquals(
                "animals",
                named.step(named.start(), new Step.Choose("guide"))
                        .after()
                        .place()
                        .text());
        Walk hidden = Walk.of(guide().fact("expert", false)
                .menu("some", menu -> menu.item(
                                "plants", item -> item.id("weeds").when("expert"))
                        .item("animals", item -> item.id("beasts")))
                .bar(bar -> bar.menu("some").within("guide").form(FormBuilder.rail()))
                .build());
        assertEquals(
                Optional.of("beasts"),
                hidden.selected(
                        hidden.step(hidden.start(), new Step.Choose("guide")).after()));
    }

    @Test
    void theFirstIsAnItemOfTheBarOfAPart() {
        var other = assertThrows(InvalidPlanException.class, () -> guide().bar(bar ->
                        bar.menu("kinds").within("guide").defaultItem("tides").form(FormBuilder.bottom()))
                .build());
        assertTrue(other.getMessage().contains("There is no item of this bar \"tides\""), other.getMessage());
        var everywhere = assertThrows(InvalidPlanException.class, () -> guide().bar(
                        bar -> bar.menu("kinds").defaultItem("plants").form(FormBuilder.rail()))
                .build());
        assertTrue(everywhere.getMessage().contains("stands everywhere"), everywhere.getMessage());
    }

    @Test
    void whereTheOuterBarGivesWayTheTopBarLeadsOut() {
        FittedBar top = Fitter.fit(walk, Device.PHONE, after("choose:guide"))
                .one(Form.Kind.TOP)
                .orElseThrow();
        assertEquals(
                List.of("Back to Tides"),
                top.buttons().stream().map(FittedBar.Button::name).toList());
        FittedBar outside =
                Fitter.fit(walk, Device.PHONE, walk.start()).one(Form.Kind.TOP).orElseThrow();
        assertTrue(outside.buttons().isEmpty());
    }

    @Test
    void whateverIsDoneTheTabOfThePlaceIsSelected() {
        var random = new Random(3);
        State state = walk.start();
        List<String> steps = List.of(
                "choose:guide",
                "choose:plants",
                "choose:animals",
                "choose:tides",
                "back",
                "up",
                "open:wrack",
                "link:/wrack",
                "link:/animals",
                "restart",
                "clear:plants");
        var view = new org.yonderarc.view.View(walk, Device.PHONE, new PlainMeasure());
        for (int i = 0; i < 500; i++) {
            state = walk.step(state, Steps.parse(walk.plan(), steps.get(random.nextInt(steps.size()))))
                    .after();
            view.scene(state);
            String screen = walk.shown(state).screen();
            if (walk.plan().isWithin(screen, "plants") || screen.equals("animals")) {
                FittedBar bar = Fitter.fit(walk, Device.PHONE, state)
                        .one(Form.Kind.BOTTOM)
                        .orElseThrow();
                assertEquals(
                        1, bar.items().stream().filter(item -> item.selected()).count(), screen);
            }
        }
    }
}
