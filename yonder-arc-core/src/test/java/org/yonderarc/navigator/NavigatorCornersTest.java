package org.yonderarc.navigator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.RejectedExecutionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Template;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;

/** The corners that an outside app ran into. */
class NavigatorCornersTest {
    private static final Plan PLAN = PlanBuilder.app("Quay")
            .languages("en", "de")
            .start("projects")
            .fact("crates", 2)
            .fact("port", "north")
            .fact("signed-in", false)
            .screen("projects", screen -> screen.title(Map.of("en", "Projects", "de", "Projekte")))
            .screen("project", screen -> screen.path("/projects/{project}")
                    .parameter("project", Parameter.Kind.NUMBER)
                    .under("projects")
                    .title("Project {project}"))
            .screen("named", screen -> screen.path("/projects/{project}/{name}").under("projects"))
            .screen("any", screen -> screen.path("/{first}/{second}"))
            .screen("help", screen -> screen.title("Help for {port}"))
            .screen("office", screen -> screen.needs("signed-in", "projects"))
            .menu("main", menu -> menu.item("projects", item -> item.badge("crates"))
                    .item("project?project=7", item -> item.id("seven"))
                    .item("project?project=8", item -> item.id("eight"))
                    .item("help")
                    .item("office"))
            .menu("side", menu -> menu.item("help"))
            .bar(bar -> bar.menu("main"))
            .bar(bar -> bar.id("drawer").menu("side").within("help").form(FormBuilder.drawer()))
            .build();

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
    void anObserverIsToldTheFirstValueAndThenOtherOnes() {
        var facts = new ArrayList<String>();
        var badges = new ArrayList<String>();
        var selected = new ArrayList<String>();
        navigator.observeFact("crates", value -> facts.add(value.text()));
        navigator.observeBadge("projects", Device.PHONE, badge -> badges.add(badge.orElse("none")));
        navigator.observeSelected(item -> selected.add(item.orElse("none")));
        navigator.tell("port", "south");
        navigator.tell("crates", 2);
        navigator.tell("crates", 5);
        navigator.choose("help");
        navigator.choose("nowhere");
        assertEquals(List.of("2", "5"), facts);
        assertEquals(List.of("2", "5"), badges);
        assertEquals(List.of("projects", "help"), selected);
    }

    /** However many observe items of a device, a step fits it once: all are told the very same item. */
    @Test
    void aStepIsFittedOnceHoweverManyObserve() {
        var seen = new ArrayList<FittedItem>();
        for (int i = 0; i < 20; i++) {
            navigator.observeItem("projects", Device.PHONE, item -> seen.add(item.orElseThrow()));
        }
        seen.clear();
        navigator.tell("crates", 9);
        assertEquals(20, seen.size());
        seen.forEach(item -> assertSame(seen.get(0), item));
        assertEquals(Optional.of("9"), seen.get(0).badge());
    }

    @Test
    void observersOutliveAChangeOfThePlan() {
        var facts = new ArrayList<String>();
        var badges = new ArrayList<String>();
        navigator.observeFact("crates", value -> facts.add(value.text()));
        navigator.observeFact("port", value -> facts.add(value.text()));
        navigator.observeBadge("projects", Device.PHONE, badge -> badges.add(badge.orElse("none")));
        var causes = new ArrayList<Moved.Cause>();
        navigator.listen(moved -> causes.add(moved.cause()));
        Plan smaller = PlanBuilder.app("Quay")
                .start("projects")
                .fact("crates", 2)
                .screen("projects")
                .screen("help")
                .menu("main", menu -> menu.item("projects", item -> item.badge("crates"))
                        .item("help"))
                .build();
        navigator.use(smaller);
        navigator.tell("crates", 9);
        assertEquals(List.of("2", "north", "9"), facts);
        assertEquals(List.of("2", "9"), badges);
        assertEquals(List.of(Moved.Cause.PLAN, Moved.Cause.STEP), causes);
    }

    @Test
    void whatChangesNothingReachesOnlyWhoAskedForAll() {
        var news = new ArrayList<String>();
        var all = new ArrayList<String>();
        navigator.listen(moved -> news.add(moved.change().step().text()));
        navigator.listenToAll(moved -> all.add(moved.change().step().text()));
        navigator.tell("crates", 2);
        navigator.choose("nowhere");
        navigator.open("projects");
        navigator.choose("projects");
        navigator.choose("help");
        assertEquals(List.of("choose:projects", "choose:help"), news);
        assertEquals(5, all.size(), all.toString());
    }

    @Test
    void severalFactsAreToldAsOneStepOrNotAtAll() {
        var told = new ArrayList<Moved>();
        navigator.listen(told::add);
        navigator.tellAll(Map.of("crates", FactValue.of(4), "port", FactValue.of("south & east")));
        assertEquals(1, told.size());
        assertEquals(
                "tell-all:crates=4&port=south%20%26%20east",
                told.get(0).change().step().text());
        assertTrue(navigator
                .tellAll(Map.of("crates", FactValue.of(5), "port", FactValue.of(true)))
                .refusal()
                .isPresent());
        assertEquals(FactValue.of(4), navigator.state().facts().get("crates"));
    }

    /** What a frame had no time for is told as one: of many values an observer sees the last. */
    @Test
    void anObserverThatWasBusySeesTheLastValue() {
        var later = new ArrayDeque<Runnable>();
        var slow = new Navigator(PLAN, later::add);
        var facts = new ArrayList<String>();
        slow.observeFact("crates", value -> facts.add(value.text()));
        later.remove().run();
        for (int i = 10; i < 20; i++) {
            slow.tell("crates", i);
        }
        assertEquals(1, later.size(), "one task for a frame");
        later.remove().run();
        assertEquals(List.of("2", "19"), facts);
    }

    @Test
    void anErrorOrARefusingExecutorLeavesNobodyDeaf() {
        var told = new ArrayList<String>();
        navigator.listen(moved -> {
            throw new AssertionError("a bug of the app");
        });
        navigator.listen(moved -> told.add(moved.to().text()));
        assertThrows(AssertionError.class, () -> navigator.choose("help"));
        assertThrows(AssertionError.class, () -> navigator.choose("projects"));
        assertEquals(List.of("help", "projects"), told);
        boolean[] full = {true};
        var sometimes = new Navigator(
                PLAN,
                task -> {
                    if (full[0]) {
                        throw new RejectedExecutionException("full");
                    }
                    task.run();
                },
                trouble::add);
        sometimes.listen(moved -> told.add("then " + moved.to().text()));
        sometimes.choose("help");
        assertEquals(1, trouble.size());
        full[0] = false;
        sometimes.choose("projects");
        assertEquals(List.of("help", "projects", "then help", "then projects"), told);
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
        var asked = new ArrayList<String>();
        navigator.gate(step -> {
            asked.add(step.here().text() + " " + step.wanted().text() + " "
                    + step.shown().text());
            return Gate.Answer.WAIT;
        });
        navigator.choose("nowhere");
        navigator.open("projects");
        navigator.tell("crates", 3);
        assertEquals(List.of(), asked);
        navigator.choose("office");
        assertEquals(List.of("projects office projects"), asked);
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

    @Test
    void announcementsAreInTheCurrentLanguage() {
        var said = new ArrayList<String>();
        navigator.listen(moved -> said.add(moved.announcement()));
        navigator.choose("help");
        navigator.language("de");
        navigator.choose("projects");
        assertEquals(List.of("Help for north", "Projekte"), said);
        assertThrows(IllegalArgumentException.class, () -> navigator.language("fr"));
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
