package org.yonderarc.navigator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.navigator.NavigatorPlan.PLAN;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.RejectedExecutionException;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;

/** What listeners and observers of a navigator are told. */
class NavigatorObserversTest {
    private final List<RuntimeException> trouble = new ArrayList<>();

    private final Navigator navigator = new Navigator(PLAN, Runnable::run, trouble::add);

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
    void announcementsAreInTheCurrentLanguage() {
        var said = new ArrayList<String>();
        navigator.listen(moved -> said.add(moved.announcement()));
        navigator.choose("help");
        navigator.language("de");
        navigator.choose("projects");
        assertEquals(List.of("Help for north", "Projekte"), said);
        assertThrows(IllegalArgumentException.class, () -> navigator.language("fr"));
    }
}
