package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

    /** Lists of texts, changed in place. Screens that need the fact have an id that starts with g. */
    private static final class Model {
        final Map<String, List<String>> trails = new HashMap<>();
        final List<String> visited = new ArrayList<>();
        final App.Back rule;
        final List<String> items;
        String branch = "s0";
        final List<String> folded = new ArrayList<>();
        boolean in;
        boolean open;
        String effect = "";

        Model(App.Back rule, List<String> items) {
            this.rule = rule;
            this.items = items;
            trails.put("s0", new ArrayList<>(List.of("s0")));
        }

        List<String> trail() {
            return trails.get(branch);
        }

        String top() {
            return trail().get(trail().size() - 1);
        }

        boolean forbidden(String screen) {
            return screen.startsWith("g") && !in;
        }

        /** What is shown: a forbidden place is hidden behind the door. */
        String shown() {
            return forbidden(top()) ? "door" : top();
        }

        void leaveBranchFor(String next) {
            if (next.equals(branch)) {
                return;
            }
            List<String> old = trail();
            while (old.size() > 1 && forbidden(old.get(old.size() - 1))) {
                old.remove(old.size() - 1);
            }
            visited.removeAll(List.of(branch, next));
            visited.add(branch);
            branch = next;
        }

        void take(String step) {
            effect = "";
            String rest = step.substring(step.indexOf(':') + 1);
            if (step.equals("choose:hidden") && !in) {
                effect = "refused";
            } else if (step.startsWith("choose")) {
                open = false;
                if (rest.equals(branch)) {
                    if (trail().size() == 1) {
                        effect = "again";
                    }
                    trail().subList(1, trail().size()).clear();
                } else {
                    leaveBranchFor(rest);
                    trails.computeIfAbsent(rest, item -> new ArrayList<>(List.of(root(item))));
                }
            } else if (step.startsWith("open")) {
                open = false;
                if (!top().equals(rest)) {
                    trail().add(rest);
                }
            } else if (step.startsWith("replace")) {
                open = false;
                trail().set(trail().size() - 1, rest);
            } else if (step.equals("up")) {
                up();
            } else if (step.startsWith("collapse")) {
                if (!folded.remove(rest)) {
                    folded.add(rest);
                }
            } else if (step.equals("back")) {
                back();
            } else if (step.startsWith("finish")) {
                if (trail().size() > 1) {
                    open = false;
                    trail().remove(trail().size() - 1);
                    effect = "result";
                } else {
                    effect = "refused";
                }
            } else if (step.startsWith("link")) {
                open = false;
                List<String> to = linked(rest);
                leaveBranchFor(to.get(0));
                trails.put(branch, new ArrayList<>(to.subList(1, to.size())));
            } else if (step.startsWith("reset")) {
                open = false;
                leaveBranchFor(rest.equals("c0") ? "hidden" : items.contains(rest) ? rest : branch);
                trails.put(branch, new ArrayList<>(List.of(rest)));
            } else if (step.startsWith("clear")) {
                if (rest.equals(branch)) {
                    open = false;
                    trail().subList(1, trail().size()).clear();
                } else {
                    trails.remove(rest);
                    visited.remove(rest);
                }
            } else if (step.equals("restart")) {
                open = false;
                branch = "s0";
                folded.clear();
                visited.clear();
                trails.clear();
                trails.put("s0", new ArrayList<>(List.of("s0")));
            } else if (step.startsWith("toggle")) {
                open = !open;
            } else {
                tell(rest.endsWith("true"));
            }
        }

        private static String root(String item) {
            return switch (item) {
                case "one" -> "p?n=1";
                case "two" -> "p?n=2";
                case "hidden" -> "c0";
                default -> item;
            };
        }

        /** The branch of an address, and the trail there: an item that leads exactly there, else one above, else the start. */
        private List<String> linked(String address) {
            if (address.startsWith("/p/")) {
                String number = address.substring(3);
                return number.equals("1")
                        ? List.of("one", "p?n=1")
                        : number.equals("2") ? List.of("two", "p?n=2") : List.of("s0", "s0", "p?n=" + number);
            }
            String screen = address.substring(1);
            if (screen.equals("c0")) {
                return List.of("hidden", "c0");
            }
            return items.contains(screen) ? List.of(screen, screen) : List.of("s0", "s0", screen);
        }

        /** To the screen above what is shown, which takes its place where it isn't below on the trail. */
        private void up() {
            if (!shown().startsWith("p?")) {
                effect = "refused";
                return;
            }
            open = false;
            int above = trail().subList(0, trail().size() - 1).lastIndexOf("s0");
            if (above >= 0) {
                trail().subList(above + 1, trail().size()).clear();
            } else {
                trail().set(trail().size() - 1, "s0");
            }
        }

        private void back() {
            if (open) {
                open = false;
            } else if (trail().size() > 1) {
                trail().remove(trail().size() - 1);
            } else {
                String to = rule == App.Back.LEAVE
                        ? null
                        : rule == App.Back.START
                                ? branch.equals("s0") ? null : "s0"
                                : visited.isEmpty() ? null : visited.get(visited.size() - 1);
                if (to == null) {
                    effect = "leave";
                    return;
                }
                String from = branch;
                leaveBranchFor(to);
                trails.computeIfAbsent(to, item -> new ArrayList<>(List.of(root(item))));
                visited.removeAll(List.of(from, to));
            }
        }

        private void tell(boolean now) {
            boolean signedOut = in && !now;
            in = now;
            if (signedOut) {
                trails.values().forEach(trail -> {
                    List<String> kept = new ArrayList<>(trail.subList(1, trail.size()));
                    kept.removeIf(this::forbidden);
                    trail.subList(1, trail.size()).clear();
                    trail.addAll(kept);
                });
            }
        }
    }

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
        var model = new Model(plan.app().back(), plan.items().map(Item::id).toList());
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
