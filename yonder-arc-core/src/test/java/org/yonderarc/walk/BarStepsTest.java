package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;

/** What is not there is neither opened nor folded, and the next step back goes back. */
class BarStepsTest {
    private static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a")
                .screen("b")
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(form))
                .build();
    }

    private static FormBuilder<?> form(String name) {
        return switch (name) {
            case "over" -> FormBuilder.drawer();
            case "kept" -> FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS);
            case "collapsible" ->
                FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(72);
            case "bottom" -> FormBuilder.bottom();
            case "wrapping" -> FormBuilder.bottom().whenFull(Form.WhenFull.WRAP);
            default -> FormBuilder.radial();
        };
    }

    @ParameterizedTest
    @CsvSource({
        "over, toggle:main, true",
        "over, collapse:main, false",
        "kept, toggle:main, false",
        "kept, collapse:main, false",
        "collapsible, toggle:main, false",
        "collapsible, collapse:main, true",
        "bottom, toggle:main, true",
        "bottom, collapse:main, false",
        "wrapping, toggle:main, false",
        "radial, toggle:main, true",
    })
    void onlyWhatOpensOpensAndOnlyWhatCollapsesFolds(String form, String step, boolean taken) {
        Walk walk = Walk.of(plan(form(form)));
        State there =
                walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")).after();
        Change change = walk.step(there, Steps.parse(walk.plan(), step));
        assertEquals(taken, change.refusal().isEmpty(), change.because());
        if (!taken) {
            assertSame(there, change.after());
            assertEquals(Optional.empty(), change.after().open());
            State back =
                    walk.step(change.after(), Steps.parse(walk.plan(), "back")).after();
            assertEquals("a", walk.shown(back).screen());
        }
    }

    private static Change step(Walk walk, State state, String step) {
        return walk.step(state, Steps.parse(walk.plan(), step));
    }

    @Test
    void whatIsOpenClosesByTheSameStep() {
        Walk walk = Walk.of(plan(form("over")));
        Change opened = step(walk, walk.start(), "toggle:main");
        assertEquals("It opens.", opened.because());
        assertEquals(Optional.of("main"), opened.after().open());
        Change closed = step(walk, opened.after(), "toggle:main");
        assertEquals("It was open: it closes.", closed.because());
        assertEquals(walk.start(), closed.after());
        assertEquals("It closes.", step(walk, opened.after(), "close").because());
        assertEquals("Nothing is open.", step(walk, walk.start(), "close").because());
    }

    @Test
    void whatCollapsesExpandsByTheSameStep() {
        Walk walk = Walk.of(plan(form("collapsible")));
        Change collapsed = step(walk, walk.start(), "collapse:main");
        assertEquals("It collapses to icons.", collapsed.because());
        assertEquals(Set.of("main"), collapsed.after().collapsed());
        Change expanded = step(walk, collapsed.after(), "collapse:main");
        assertEquals("It expands.", expanded.because());
        assertEquals(walk.start(), expanded.after());
    }

    /** A section is folded at first unless the plan says that it is open; one that is not collapsible is no section of a step. */
    @Test
    void sectionsFoldAndUnfold() {
        Walk walk = Walk.of(PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a")
                .screen("b")
                .screen("c")
                .menu("main", menu -> menu.section("Open", Entry.Collapsible.OPEN, section -> section.item("a"))
                        .section("Closed", Entry.Collapsible.COLLAPSED, section -> section.item("b"))
                        .section("Fixed", section -> section.item("c")))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
                .build());
        assertEquals(Set.of("main.closed"), walk.start().collapsed());
        Change unfolded = step(walk, walk.start(), "collapse:main.closed");
        assertEquals("The section unfolds.", unfolded.because());
        assertEquals(Set.of(), unfolded.after().collapsed());
        Change folded = step(walk, unfolded.after(), "collapse:main.open");
        assertEquals("The section folds.", folded.because());
        assertEquals(Set.of("main.open"), folded.after().collapsed());
        Change fixed = walk.step(walk.start(), new Step.Collapse("main.fixed"));
        assertTrue(fixed.refusal().isPresent());
        assertTrue(walk.collapses("main.open") && walk.collapses("main") && !walk.collapses("main.fixed"));
        assertTrue(walk.hasBar("main") && !walk.hasBar("main.open"));
    }

    @Test
    void aBarIsOpenedWhereItStands() {
        Walk walk = Walk.of(PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a")
                .screen("part")
                .screen("in", screen -> screen.under("part"))
                .menu("main", menu -> menu.item("a").item("part"))
                .menu("inner", menu -> menu.item("in"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .bar(bar -> bar.menu("inner").within("part").form(FormBuilder.drawer()))
                .build());
        Change outside = step(walk, walk.start(), "toggle:inner");
        assertEquals("The bar \"inner\" doesn't stand on \"a\", which is shown.", outside.because());
        State there = step(walk, walk.start(), "choose:part").after();
        assertEquals("It opens.", step(walk, there, "toggle:inner").because());
        Change unknown = walk.step(there, new Step.Toggle("nothing"));
        assertTrue(unknown.refusal().isPresent() && unknown.because().contains("main"), unknown.because());
    }

    @ParameterizedTest
    @CsvSource({"1, false", "2, true"})
    void oneItemOverflowsNowhere(int items, boolean opens) {
        Walk walk = Walk.of(PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a")
                .screen("b")
                .menu("main", menu -> {
                    menu.item("a");
                    if (items > 1) {
                        menu.item("b");
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .build());
        assertEquals(opens, step(walk, walk.start(), "toggle:main").moved());
    }
}
