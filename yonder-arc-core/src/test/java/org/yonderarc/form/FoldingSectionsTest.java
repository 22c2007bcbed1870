package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Plan;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.view.Explanation;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Sections that fold, and those that are a page of their own, in a drawer that is kept open. */
class FoldingSectionsTest {
    private static final Plan PLAN = PlanBuilder.app("Quay")
            .start("home")
            .screen("home", screen -> screen.title("Home").icon("home"))
            .screen("crew", screen -> screen.title("Crew").icon("user"))
            .screen("rota", screen -> screen.title("Rota").icon("calendar"))
            .screen("rules", screen -> screen.title("Rules").icon("book"))
            .screen("ways", screen -> screen.title("Path").icon("map-pin"))
            .menu("main", menu -> menu.item("home")
                    .section("At the hut", Entry.Collapsible.OPEN, in -> in.item("crew"))
                    .section("Plans", Entry.Collapsible.COLLAPSED, "plans", "calendar", in -> in.item("rota"))
                    .section("Papers", Entry.Collapsible.PAGE, in -> in.item("rules"))
                    .section("Ways", in -> in.item("ways")))
            .bar(bar -> bar.menu("main")
                    .form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(72)))
            .build();

    private final Walk walk = Walk.of(PLAN);

    private State after(String... steps) {
        State state = walk.start();
        for (String step : steps) {
            var change = walk.step(state, Steps.parse(PLAN, step));
            assertEquals(Optional.empty(), change.refusal());
            state = change.after();
        }
        return state;
    }

    private FittedBar bar(State state) {
        return Fitter.fit(walk, Device.DESKTOP, state).bars().get(0);
    }

    private List<String> lines(State state) {
        return bar(state).lines().stream()
                .map(line -> line.item()
                        .map(item -> (line.below() ? "  " : "")
                                + item.label()
                                + item.sign().map(sign -> " " + sign).orElse(""))
                        .orElse(line.heading().orElse("---")))
                .toList();
    }

    @Test
    void foldAndUnfold() {
        assertEquals(
                List.of(
                        "Home",
                        "At the hut chevron-up",
                        "  Crew",
                        "Plans chevron-down",
                        "Papers chevron-right",
                        "Ways",
                        "  Path"),
                lines(walk.start()));
        assertEquals(
                List.of(
                        "Home",
                        "At the hut chevron-down",
                        "Plans chevron-up",
                        "  Rota",
                        "Papers chevron-right",
                        "Ways",
                        "  Path"),
                lines(after("collapse:main.at-the-hut", "collapse:main.plans")));
        assertEquals(lines(walk.start()), lines(after("collapse:main.plans", "collapse:main.plans")));
    }

    @Test
    void aPageStandsInPlaceOfTheOthersAndLeadsBack() {
        State open = after("collapse:main.papers");
        assertEquals(List.of("Papers", "Rules"), lines(open));
        assertEquals(
                Optional.of("arrow-left"),
                bar(open).lines().get(0).item().orElseThrow().icon());
        assertEquals(lines(walk.start()), lines(after("collapse:main.papers", "collapse:main.papers")));
    }

    @Test
    void aFoldedSectionThatHoldsThePersonIsMarked() {
        State state = after("choose:crew", "collapse:main.at-the-hut");
        var heading = bar(state).lines().get(1).item().orElseThrow();
        assertTrue(heading.states().contains(ItemState.SELECTED));
        assertFalse(
                bar(after("choose:crew")).lines().get(1).item().orElseThrow().selected());
    }

    @Test
    void whereIconsStandAloneNothingIsFolded() {
        assertEquals(
                List.of("Home", "At the hut", "  Crew", "Plans", "  Rota", "Papers", "  Rules", "Ways", "  Path"),
                lines(after("collapse:main")));
    }

    @Test
    void whatIsFoldedIsSavedAndStartsOver() {
        State state = after("collapse:main.at-the-hut", "collapse:main.plans");
        assertEquals(
                state.collapsed(),
                SavedState.read(walk, SavedState.write(state)).state().collapsed());
        assertEquals(
                walk.start().collapsed(),
                walk.step(state, new Step.Restart()).after().collapsed());
        var refused = walk.step(state, new Step.Collapse("main.plams"));
        assertTrue(refused.refusal().orElseThrow().contains("Did you mean \"main.plans\"?"), refused.because());
    }

    @Test
    void whyAnItemIsHiddenIsSaid() {
        List<String> first = Explanation.explain(walk, Setting.of(Device.DESKTOP), walk.start());
        assertTrue(first.contains("  item crew: shown"), first.toString());
        assertTrue(first.contains("  item rota: hidden, its section is collapsed"), first.toString());
        List<String> paged = Explanation.explain(walk, Setting.of(Device.DESKTOP), after("collapse:main.papers"));
        assertTrue(paged.contains("  item rules: shown"), paged.toString());
        assertTrue(
                paged.stream().anyMatch(line -> line.startsWith("  item home: hidden, a section")), paged.toString());
    }

    @Test
    void itemsBelowAreSetIn() {
        var fitting = Fitter.fit(walk, Device.DESKTOP, walk.start());
        List<Layout.Slot> slots =
                Layouter.layOut(fitting, new PlainMeasure()).bars().get(0).slots();
        assertEquals(slots.get(1).target().x() + 12, slots.get(2).target().x());
        assertEquals(slots.get(1).target().x(), slots.get(3).target().x());
        assertEquals(slots.get(1).target().x(), slots.get(5).target().x(), "nothing folds below a plain heading");
    }

    @Test
    void whoDoesNotSeeItHearsWhatIsOpen() {
        var stage = new Stage(walk, walk.start(), Surroundings.of(Device.DESKTOP), new PlainMeasure(), step -> false);
        assertEquals(Optional.of(true), heard(stage, "At the hut").expanded());
        assertEquals(Optional.of(false), heard(stage, "Plans").expanded());
        assertEquals(Access.Role.BUTTON, heard(stage, "Papers").role());
    }

    private static Access heard(Stage stage, String name) {
        return stage.tree().all().stream()
                .filter(part -> part.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
