package org.yonderarc.navigator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Transition;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Step;

/** What listeners can rely on. */
class NavigatorTest {
    private final List<RuntimeException> thrown = new ArrayList<>();
    private final Navigator navigator = new Navigator(Shore.plan(), Runnable::run, thrown::add);

    @SuppressWarnings("unchecked") // a mock of a generic type
    private static <T> Consumer<T> listener() {
        return mock(Consumer.class);
    }

    @Test
    void everyStepIsToldOnceWithWhatAnAppNeeds() {
        Consumer<Moved> listener = listener();
        navigator.listen(listener);
        navigator.choose("surveys");
        navigator.open("survey", Map.of("survey", "41"));
        navigator.back();
        var order = inOrder(listener);
        order.verify(listener)
                .accept(argThat(moved -> moved.number() == 1
                        && moved.from().text().equals("tides")
                        && moved.to().text().equals("surveys")
                        && moved.announcement().equals("Surveys")
                        && moved.passage().orElseThrow().forward()));
        order.verify(listener)
                .accept(argThat(moved -> moved.number() == 2
                        && moved.announcement().equals("Survey 41")
                        && moved.passage().orElseThrow().transition().kind() == Transition.Kind.PUSH));
        order.verify(listener)
                .accept(argThat(moved ->
                        moved.number() == 3 && !moved.passage().orElseThrow().forward()));
        order.verifyNoMoreInteractions();
    }

    @Test
    void effectsReachTheListener() {
        Consumer<Moved> listener = listener();
        navigator.listenToAll(listener);
        navigator.choose("tides");
        navigator.back();
        navigator.choose("nothing");
        verify(listener)
                .accept(argThat(moved -> moved.change().effects().equals(List.of(new Effect.ChosenAgain("tides")))));
        verify(listener).accept(argThat(moved -> moved.change().effects().equals(List.of(new Effect.Leave()))));
        verify(listener)
                .accept(argThat(moved -> moved.announcement().contains("There is no item")
                        && moved.passage().isEmpty()));
    }

    @Test
    void oneThatThrowsHarmsNobody() {
        Consumer<Moved> bad = listener();
        Consumer<Moved> good = listener();
        var broken = new IllegalStateException("broken");
        doThrow(broken).when(bad).accept(any());
        navigator.listen(bad);
        navigator.listen(good);
        navigator.choose("map");
        navigator.choose("surveys");
        verify(good, times(2)).accept(any());
        verify(bad, times(2)).accept(any());
        assertEquals(List.of(broken, broken), thrown);
        assertEquals("surveys", navigator.place().text());
    }

    @Test
    void aStepTakenByAListenerIsToldAfterTheOneItWasToldOf() {
        var told = new ArrayList<String>();
        navigator.listen(moved -> {
            told.add("first " + moved.to());
            if (moved.to().text().equals("map")) {
                navigator.choose("surveys");
            }
            told.add("first done");
        });
        navigator.listen(moved -> told.add("second " + moved.to()));
        navigator.choose("map");
        assertEquals(
                List.of("first map", "first done", "first surveys", "first done"),
                told.stream().filter(text -> text.startsWith("first")).toList());
        assertEquals(
                List.of("second map", "second surveys"),
                told.stream().filter(text -> text.startsWith("second")).toList());
    }

    @Test
    void oneValueCanBeObservedWithoutTheRest() {
        Consumer<FactValue> drafts = listener();
        var subscription = navigator.observeFact("drafts", drafts);
        var badges = new ArrayList<String>();
        navigator.observeItem(
                "surveys",
                Device.PHONE,
                item -> badges.add(item.orElseThrow().badge().orElse("none")));
        FactValue first = navigator.state().facts().get("drafts");
        verify(drafts).accept(first);
        navigator.choose("map");
        navigator.tell("observer", "Oda");
        verify(drafts, times(1)).accept(any());
        navigator.tell("drafts", 9);
        verify(drafts).accept(new FactValue.Number(9));
        assertEquals("9", badges.get(badges.size() - 1));
        int told = badges.size();
        navigator.tell("drafts", 9);
        assertEquals(told, badges.size());
        subscription.close();
        navigator.tell("drafts", 10);
        verify(drafts, times(2)).accept(any());
    }

    /** An item can be observed in whatever form its menu stands. */
    @Test
    void anItemIsObservedInEveryForm() {
        for (FormBuilder<?> form : List.of(
                FormBuilder.bottom(),
                FormBuilder.rail(),
                FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS),
                FormBuilder.top(),
                FormBuilder.grid("a"))) {
            Plan plan = PlanBuilder.app("A")
                    .start("a")
                    .fact("n", 1)
                    .screen("a")
                    .screen("b")
                    .menu("m", menu -> menu.item("a").item("b", item -> item.badge("n")))
                    .bar(bar -> bar.menu("m").form(form))
                    .build();
            var told = new ArrayList<String>();
            var observed = new Navigator(plan, Runnable::run);
            observed.observeItem(
                    "b",
                    Device.PHONE,
                    item -> told.add(item.flatMap(FittedItem::badge).orElse("none")));
            observed.tell("n", 7);
            assertEquals(List.of("1", "7"), told, plan.bars().get(0).forms().toString());
        }
    }

    @Test
    void aStepCanWaitForAnAnswerAndIsSupersededByTheNext() {
        navigator.gate(asked -> asked.wanted().screen().equals("map") ? Gate.Answer.WAIT : Gate.Answer.GO);
        assertFalse(navigator.choose("map").moved());
        Gate.Asked first = navigator.pending().orElseThrow();
        assertEquals(new Step.Choose("map"), first.change().step());
        assertEquals("tides", navigator.place().text(), "nothing is shown of it");
        navigator.tell("drafts", 3);
        assertTrue(navigator.pending().isPresent(), "a fact doesn't supersede a step");
        navigator.choose("surveys");
        assertTrue(navigator.pending().isEmpty());
        navigator.answer(first, true);
        assertEquals("surveys", navigator.place().text(), "an answer that comes too late changes nothing");
        navigator.choose("map");
        assertEquals(
                Optional.empty(), navigator.answer(first, true), "nor does it settle an equal step that waits now");
        assertEquals("surveys", navigator.place().text());
        Gate.Asked second = navigator.pending().orElseThrow();
        assertTrue(navigator.answer(second, true).isPresent());
        assertEquals("map", navigator.place().text());
        navigator.choose("tides");
        navigator.choose("map");
        Gate.Asked third = navigator.pending().orElseThrow();
        navigator.cancel();
        navigator.answer(third, true);
        assertEquals("tides", navigator.place().text());
    }

    @Test
    void savedStatesAndOtherPlansKeepThePlace() {
        navigator.choose("surveys");
        navigator.open("survey", Map.of("survey", "41"));
        String saved = navigator.save();
        var other = new Navigator(Shore.plan(), Runnable::run);
        Consumer<Moved> listener = listener();
        other.listen(listener);
        assertEquals(List.of(), other.restore(saved));
        assertEquals("survey?survey=41", other.place().text());
        assertThrows(IllegalArgumentException.class, () -> other.restore("nonsense"));
        assertEquals("survey?survey=41", other.place().text());
        var smaller = PlanBuilder.app("Shore")
                .start("tides")
                .screen("tides")
                .screen("surveys")
                .menu("main", menu -> menu.item("tides").item("surveys"))
                .build();
        assertTrue(other.use(smaller).toString().contains("no screen \"survey\""));
        assertEquals("surveys", other.place().text());
        assertSame(smaller, other.plan());
        verify(listener, times(2)).accept(any());
    }

    /** Eight threads at once: no step is lost, and every listener hears all of them in one order. */
    @Test
    void manyThreadsLoseNothing() throws Exception {
        int threads = 8;
        int each = 2_000;
        var pool = Executors.newFixedThreadPool(threads);
        var telling = Executors.newFixedThreadPool(3);
        var safe = new Navigator(Shore.plan(), telling, thrown::add);
        List<Long> first = Collections.synchronizedList(new ArrayList<>());
        List<Long> second = Collections.synchronizedList(new ArrayList<>());
        var done = new CountDownLatch(2 * threads * each);
        var broken = Collections.synchronizedList(new ArrayList<String>());
        for (List<Long> heard : List.of(first, second)) {
            var last = new org.yonderarc.walk.State[1];
            safe.listen(moved -> {
                if (last[0] != null && last[0] != moved.change().before()) {
                    broken.add("step " + moved.number() + " doesn't start where the one before ended");
                }
                last[0] = moved.change().after();
                heard.add(moved.number());
                done.countDown();
            });
        }
        for (int t = 0; t < threads; t++) {
            String item = List.of("tides", "surveys", "map").get(t % 3);
            int add = t;
            pool.execute(() -> {
                for (int i = 0; i < each; i++) {
                    if (i % 3 == 0) {
                        safe.tell("drafts", add * each + i);
                    } else if (i % 3 == 1) {
                        safe.choose(item);
                    } else {
                        safe.back();
                    }
                }
            });
        }
        assertTrue(done.await(60, TimeUnit.SECONDS), "left: " + done.getCount());
        pool.shutdownNow();
        telling.shutdownNow();
        List<Long> inOrder = java.util.stream.LongStream.rangeClosed(1, (long) threads * each)
                .boxed()
                .toList();
        assertEquals(inOrder, first);
        assertEquals(inOrder, second);
        assertEquals(List.of(), broken);
        assertEquals(List.of(), thrown);
    }
}
