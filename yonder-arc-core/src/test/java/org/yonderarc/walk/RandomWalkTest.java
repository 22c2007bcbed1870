package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.App;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/**
 * Random steps over random plans, a hundred thousand each time, a million with {@code -Dyonder.walks=500}: the reducer does what a model of plain lists does, and what always has to
 * hold, holds. A failure is shrunk to the shortest walk that shows it.
 */
class RandomWalkTest {
    private static final int PLANS = Integer.getInteger("yonder.walks", 50);
    private static final int STEPS = 2_100;

    private static Plan plan(Random random) {
        var builder = PlanBuilder.app("Random").start("s0").back(App.Back.values()[random.nextInt(3)]);
        builder.fact("in", false).screen("door");
        int open = 1 + random.nextInt(4);
        int guarded = random.nextInt(4);
        for (int i = 0; i < open; i++) {
            builder.screen("s" + i).screen("c" + i);
        }
        builder.screen("p", screen -> screen.path("/p/{n}").under("s0"));
        for (int i = 0; i < guarded; i++) {
            builder.screen("g" + i, screen -> screen.needs("in", "door"));
        }
        return builder.menu("main", menu -> {
                    for (int i = 0; i < open; i++) {
                        menu.item("s" + i);
                    }
                    for (int i = 0; i < guarded; i += 2) {
                        menu.item("g" + i);
                    }
                    menu.item("c0", item -> item.id("hidden").when("in"));
                    menu.item("p?n=1", item -> item.id("one"));
                    menu.item("p?n=2", item -> item.id("two"));
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .bar(bar -> bar.id("side")
                        .menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.ALWAYS)
                                .collapsedWidth(80)))
                .build();
    }

    private static String step(Plan plan, Random random) {
        List<String> items = plan.items().map(Item::id).toList();
        List<String> screens = List.copyOf(plan.screens().ids());
        String screen = screens.get(random.nextInt(screens.size()));
        if (screen.equals("p")) {
            return "link:/p/" + (1 + random.nextInt(3));
        }
        return switch (random.nextInt(16)) {
            case 0, 1, 2 -> "choose:" + items.get(random.nextInt(items.size()));
            case 3, 4 -> "open:" + screen;
            case 5 -> "replace:" + screen;
            case 6 -> "finish:done";
            case 7 -> random.nextBoolean() ? "toggle:main" : "tell:in=" + random.nextBoolean();
            case 8 -> "link:/" + screen;
            case 9 -> random.nextInt(4) > 0 ? "clear:" + items.get(random.nextInt(items.size())) : "restart";
            case 10 -> "reset:" + screen;
            case 11 -> "up";
            case 12 -> "collapse:side";
            default -> "back";
        };
    }

    @Test
    void theReducerDoesWhatTheModelDoes() {
        for (int seed = 0; seed < PLANS; seed++) {
            var random = new Random(seed);
            Plan plan = plan(random);
            var steps = new ArrayList<String>();
            for (int i = 0; i < STEPS; i++) {
                steps.add(step(plan, random));
            }
            Optional<String> difference = difference(plan, steps);
            if (difference.isPresent()) {
                List<String> shortest = shrunk(plan, steps);
                fail("seed " + seed + ", back: " + plan.app().back() + ", after " + shortest + ": "
                        + difference(plan, shortest).orElseThrow());
            }
        }
    }

    /** The steps without every one that the difference shows without. */
    private static List<String> shrunk(Plan plan, List<String> steps) {
        List<String> all = steps;
        for (int length = all.size() / 2; length >= 1; length /= 2) {
            for (int from = 0; from < all.size(); ) {
                var fewer = new ArrayList<>(all.subList(0, from));
                fewer.addAll(all.subList(Math.min(all.size(), from + length), all.size()));
                if (difference(plan, fewer).isPresent()) {
                    all = fewer;
                } else {
                    from += length;
                }
            }
        }
        return all;
    }

    private static Optional<String> difference(Plan plan, List<String> steps) {
        Walk walk = Walk.of(plan);
        var model = new WalkModel(plan.app().back(), plan.items().map(Item::id).toList());
        State state = walk.start();
        int count = 0;
        for (String text : steps) {
            Change change = walk.step(state, Steps.parse(plan, text));
            boolean mayBeRefused = text.startsWith("finish") || text.equals("up") || text.equals("choose:hidden");
            boolean arrives = change.refusal().isPresent() && !mayBeRefused;
            if (arrives) {
                return Optional.of(text + " was refused: " + change.refusal().get());
            }
            model.take(text);
            state = change.after();
            List<String> trail =
                    state.trail().places().stream().map(Place::text).toList();
            String is = state.branch() + " " + trail + " " + walk.shown(state).text() + " " + effect(change) + " "
                    + state.open().isPresent() + " " + state.visited() + " " + state.collapsed();
            String wanted = model.branch + " " + model.trail() + " " + model.shown() + " " + model.effect + " "
                    + model.open + " " + model.visited + " " + model.folded;
            if (!is.equals(wanted)) {
                return Optional.of("is " + is + ", should be " + wanted);
            }
            if (count++ % 100 == 0) {
                invariants(walk, state);
            }
        }
        return Optional.empty();
    }

    private static void invariants(Walk walk, State state) {
        assertTrue(state.visited().size() < walk.plan().items().count() + 1, "history is bounded");
        SavedState.Restored restored = SavedState.read(walk, SavedState.write(state));
        assertEquals(state, restored.state(), "saving and restoring is the identity");
        assertEquals(List.of(), restored.dropped());
        State again = walk.step(state, new Step.Choose("s0")).after();
        again = walk.step(again, new Step.Choose("s0")).after();
        assertEquals(again, walk.step(again, new Step.Choose("s0")).after(), "choosing at the root changes nothing");
        int most = state.trails().values().stream().mapToInt(Trail::depth).sum() + 3;
        State at = state;
        for (int i = 0; i <= most; i++) {
            Change change = walk.step(at, new Step.Back());
            if (change.effects().contains(new Effect.Leave())) {
                return;
            }
            at = change.after();
        }
        fail("back never leaves from " + state);
    }

    private static String effect(Change change) {
        return change.effects().stream()
                .map(effect -> effect instanceof Effect.Leave
                        ? "leave"
                        : effect instanceof Effect.ChosenAgain
                                ? "again"
                                : effect instanceof Effect.Result ? "result" : "refused")
                .findFirst()
                .orElse("");
    }
}
