package org.yonderarc.navigator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;
import static org.yonderarc.navigator.NavigatorPlan.PLAN;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Template;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;

/** Addresses, results, gates and journeys of a navigator at their edges. */
class NavigatorCornersTest {
    private final List<RuntimeException> trouble = new ArrayList<>();

    private final Navigator navigator = new Navigator(PLAN, Runnable::run, trouble::add);

    /** An exact place first, else the nearest parent's item, else the start. */
    @ParameterizedTest
    @CsvSource({
        "/projects/7, seven, project?project=7",
        "/projects/8, eight, project?project=8",
        "/projects/9, projects, projects > project?project=9",
        "/projects, projects, projects",
        "/projects/7/x, projects, projects > named?name=x&project=7",
        "/help, help, help",
        "/projects/north, projects, projects > any?first=projects&second=north",
    })
    void addressesLeadToTheBranchTheyBelongTo(String address, String branch, String trail) {
        Change change = navigator.follow(address);
        assertEquals(Optional.empty(), change.refusal());
        assertEquals(branch, navigator.state().branch());
        List<String> places = navigator.state().trail().places().stream()
                .map(place -> place.text())
                .toList();
        assertEquals(trail, String.join(" > ", places));
    }

    @Test
    void whatIsSavedCanBeChosen() {
        Plan secretive = PlanBuilder.app("S")
                .start("a")
                .fact("kept", 1)
                .fact("guest", "")
                .unsaved("guest")
                .screen("a")
                .screen("b")
                .menu("m", menu -> menu.item("a").item("b"))
                .build();
        var shared = new Navigator(secretive, Runnable::run);
        shared.tellAll(Map.of("kept", FactValue.of(8), "guest", FactValue.of("Maren")));
        assertFalse(shared.save().contains("Maren"));
        assertTrue(shared.save().contains("n8"));
        navigator.tellAll(Map.of("crates", FactValue.of(7), "port", FactValue.of("secret")));
        navigator.choose("help");
        String saved = navigator.save(id -> !id.equals("port"));
        assertFalse(saved.contains("secret"));
        var other = new Navigator(PLAN, Runnable::run);
        var causes = new ArrayList<Moved.Cause>();
        other.listen(moved -> causes.add(moved.cause()));
        other.restore(saved);
        assertEquals("help", other.place().text());
        assertEquals(FactValue.of("north"), other.state().facts().get("port"));
        assertEquals(FactValue.of(7), other.state().facts().get("crates"));
        assertEquals(List.of(Moved.Cause.RESTORED), causes);
    }

    @Test
    void gatesAreAskedOnlyAboutWhatCanBeTakenAndKnowBothPlaces() {
        Gate gate = mock(Gate.class);
        when(gate.ask(any())).thenReturn(Gate.Answer.WAIT);
        navigator.gate(gate);
        navigator.choose("nowhere");
        navigator.open("projects");
        navigator.tell("crates", 3);
        verifyNoInteractions(gate);
        navigator.choose("office");
        verify(gate)
                .ask(argThat(step -> step.here().text().equals("projects")
                        && step.wanted().text().equals("office")
                        && step.shown().text().equals("projects")));
        navigator.tell("signed-in", true);
        Change change =
                navigator.answer(navigator.pending().orElseThrow(), true).orElseThrow();
        assertTrue(change.moved());
        assertEquals("office", navigator.place().text());
        navigator.choose("help");
        assertFalse(navigator
                .answer(navigator.pending().orElseThrow(), false)
                .orElseThrow()
                .moved());
    }

    @Test
    void oddParametersAreRefusedAndNotThrown() {
        for (String odd : new String[] {"", "x".repeat(501)}) {
            assertTrue(
                    navigator.open("project", Map.of("project", odd)).refusal().isPresent());
        }
        assertTrue(navigator.open("project", Map.of("Odd Name", "1")).refusal().isPresent());
        assertTrue(navigator.open("No Screen").refusal().isPresent());
        assertEquals("projects", navigator.place().text());
    }

    /** What people and apps tell is no template: braces in it stay. */
    @Test
    void namesThatAreToldAreNeverTemplates() {
        navigator.tell("port", "{crates} {{x}}");
        navigator.choose("help");
        assertEquals("Help for {crates} {{x}}", navigator.on(Device.PHONE).title());
        assertEquals("{a} 7", Template.parse("{{a}} {n}").fill(name -> Optional.of("7")));
        assertEquals("}", Template.parse("}}").fill(name -> Optional.empty()));
        assertThrows(IllegalArgumentException.class, () -> Template.parse("{a"));
        assertThrows(IllegalArgumentException.class, () -> Template.parse("a}"));
    }

    @Test
    void aDrawerThatDoesNotStandThereCannotBeOpened() {
        Change refused = navigator.take(new Step.Toggle("drawer"));
        assertTrue(refused.refusal().orElseThrow().contains("doesn't stand on \"projects\""));
        navigator.choose("help");
        assertEquals(Optional.empty(), navigator.take(new Step.Toggle("drawer")).refusal());
        assertEquals(Optional.of("drawer"), navigator.state().open());
    }

    @Test
    void aResultIsTypedByWhoeverOpened() {
        var results = new ArrayList<Object>();
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.finish("42");
        assertEquals(List.of(Optional.of(42)), results);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.open("project", Map.of("project", "3"));
        navigator.back();
        assertEquals(1, results.size(), "it is still open below");
        navigator.back();
        assertEquals(List.of(Optional.of(42), Optional.empty()), results);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.finish("no number");
        assertEquals(2, results.size());
        assertEquals(NumberFormatException.class, trouble.get(0).getClass());
        navigator.gate(step -> Gate.Answer.WAIT);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.answer(navigator.pending().orElseThrow(), true);
        navigator.gate(step -> Gate.Answer.GO);
        navigator.restart();
        assertEquals(3, results.size(), "left without a result");
    }

    /** Whoever wants a result is told once, also where the place never opens. */
    @Test
    void aResultThatNeverComesIsToldToo() {
        var results = new ArrayList<Object>();
        navigator.openFor("nowhere", Map.of(), Integer::valueOf, results::add);
        navigator.openFor("project", Map.of("project", ""), Integer::valueOf, results::add);
        navigator.openFor("projects", Map.of(), Integer::valueOf, results::add);
        assertEquals(3, results.size(), "refused twice, and shown already");
        navigator.gate(step -> Gate.Answer.STAY);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        assertEquals(4, results.size(), "turned back");
        navigator.gate(step -> Gate.Answer.WAIT);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        assertEquals(5, results.size(), "the first was given up for the second");
        navigator.cancel();
        assertEquals(6, results.size(), "given up");
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.answer(navigator.pending().orElseThrow(), false);
        assertEquals(7, results.size(), "answered with no");
        results.forEach(result -> assertEquals(Optional.empty(), result));
    }

    /** An error of a listener's doesn't keep a result from who waits for it. */
    @Test
    void aResultIsToldWhateverAListenerThrows() {
        var results = new ArrayList<Object>();
        navigator.openFor("help", Map.of(), Integer::valueOf, results::add);
        navigator.listen(moved -> {
            throw new AssertionError("a bug of the app");
        });
        assertThrows(AssertionError.class, () -> navigator.finish("7"));
        assertEquals(List.of(Optional.of(7)), results);
    }

    /** Signing out leaves nothing behind. */
    @Test
    void branchesAreClearedAndEverythingStartsOver() {
        navigator.open("project", Map.of("project", "3"));
        navigator.choose("help");
        navigator.open("project", Map.of("project", "4"));
        navigator.clear("projects");
        assertEquals(List.of("help"), List.copyOf(navigator.state().trails().keySet()));
        navigator.clear("help");
        assertEquals("help", navigator.place().text());
        assertTrue(navigator.clear("nowhere").refusal().isPresent());
        navigator.tell("crates", 8);
        navigator.restart();
        State state = navigator.state();
        assertEquals("projects", state.branch());
        assertEquals(1, state.trails().size());
        assertEquals(List.of(), state.visited());
        assertEquals(FactValue.of(8), state.facts().get("crates"));
        assertEquals(List.of(new Effect.Leave()), navigator.back().effects());
    }

    /** What is selected is the branch, also while the drawer that shows it is closed. */
    @Test
    void aRehearsalTellsWhatIsSelectedInAClosedDrawer() {
        Plan plan = PlanBuilder.app("D")
                .start("a")
                .screen("a")
                .screen("b")
                .menu("m", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("m").form(FormBuilder.drawer()))
                .topBar()
                .build();
        var legs =
                List.of(new Journey.Leg("choose:b", List.of(new Journey.Expectation(Journey.What.SELECTED, "b")), 1));
        var journey = new Journey("Closed", "phone", List.of(), legs);
        assertEquals(Optional.empty(), Rehearsal.of(plan, journey).difference());
    }

    /** A journey runs a navigator with its gates. */
    @Test
    void aRehearsalRunsANavigatorWithItsGates() {
        navigator.gate(step -> step.wanted().screen().equals("help") ? Gate.Answer.STAY : Gate.Answer.GO);
        var legs = List.of(
                new Journey.Leg("choose:help", List.of(new Journey.Expectation(Journey.What.AT, "projects")), 1),
                new Journey.Leg("choose:seven", List.of(new Journey.Expectation(Journey.What.SELECTED, "seven")), 2));
        var journey = new Journey("Gates", "phone", List.of("crates=3"), legs);
        assertEquals(Optional.empty(), Rehearsal.of(navigator, journey).difference());
        assertEquals("seven", navigator.state().branch());
        assertTrue(Rehearsal.of(PLAN, journey).difference().orElseThrow().contains("at should be \"projects\""));
    }
}
