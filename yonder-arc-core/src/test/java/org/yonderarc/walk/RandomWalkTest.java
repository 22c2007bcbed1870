package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.fail;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.plan.Place;

/** Random walks, compared step by step with a model that is as plain as possible. */
class RandomWalkTest {
    private static final int WALKS = 400;
    private static final int STEPS = 250;

    /** Lists of texts, changed in place. */
    private static final class Model {
        final Map<String, List<String>> trails = new HashMap<>(Map.of("tides", new ArrayList<>(List.of("tides"))));
        String branch = "tides";
        String effect = "";

        void choose(String item) {
            effect = "";
            List<String> trail = trails.computeIfAbsent(item, root -> new ArrayList<>(List.of(root)));
            if (item.equals(branch)) {
                if (trail.size() == 1) {
                    effect = "again";
                }
                trail.subList(1, trail.size()).clear();
            }
            branch = item;
        }

        void open(String place) {
            effect = "";
            List<String> trail = trails.get(branch);
            if (!trail.get(trail.size() - 1).equals(place)) {
                trail.add(place);
            }
        }

        void back() {
            effect = "";
            List<String> trail = trails.get(branch);
            if (trail.size() > 1) {
                trail.remove(trail.size() - 1);
            } else if (branch.equals("tides")) {
                effect = "leave";
            } else {
                branch = "tides";
            }
        }
    }

    @Test
    void theReducerDoesWhatTheModelDoes() {
        Walk walk = Walk.of(Shore.plan());
        List<String> items = List.of("tides", "surveys", "map");
        List<String> places = List.of("survey?survey=1", "survey?survey=2", "map", "tides", "sightings?survey=1");
        for (int seed = 0; seed < WALKS; seed++) {
            var random = new Random(seed);
            var model = new Model();
            State state = walk.start();
            var told = new ArrayList<String>();
            for (int i = 0; i < STEPS; i++) {
                String step =
                        switch (random.nextInt(3)) {
                            case 0 -> "choose:" + items.get(random.nextInt(items.size()));
                            case 1 -> "open:" + places.get(random.nextInt(places.size()));
                            default -> "back";
                        };
                told.add(step);
                Change change = walk.step(state, Steps.parse(walk.plan(), step));
                switch (step.charAt(0)) {
                    case 'c' -> model.choose(step.substring(7));
                    case 'o' -> model.open(step.substring(5));
                    default -> model.back();
                }
                state = change.after();
                String context = "seed " + seed + ": " + told;
                assertEquals(model.branch, state.branch(), context);
                assertEquals(
                        model.trails.get(model.branch),
                        state.trail().places().stream().map(Place::text).toList(),
                        context);
                assertEquals(model.effect, effect(change), context);
            }
            assertLeavesInBoundedSteps(walk, state);
        }
    }

    private static String effect(Change change) {
        return change.effects().stream()
                .map(effect -> effect instanceof Effect.Leave ? "leave" : "again")
                .findFirst()
                .orElse("");
    }

    private static void assertLeavesInBoundedSteps(Walk walk, State state) {
        int most = state.trails().values().stream().mapToInt(Trail::depth).sum() + 1;
        State at = state;
        for (int i = 0; i < most; i++) {
            Change change = walk.step(at, new Step.Back());
            if (!change.effects().isEmpty()) {
                return;
            }
            at = change.after();
        }
        fail("back never leaves from " + state);
    }
}
