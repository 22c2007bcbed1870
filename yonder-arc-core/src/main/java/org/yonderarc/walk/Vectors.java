package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Screen;

/**
 * Conformance vectors: walks through a plan with what follows from each step, for those who write a runtime of plans in another language
 * and want to know that it never disagrees. The same plan gives the same walks.
 */
public final class Vectors {
    /** How many steps the mixed walk has. */
    private static final int MIXED = 300;

    private final Plan plan;
    private final Walk walk;
    private final List<String> items;
    private final List<String> places;

    private Vectors(Plan plan) {
        this.plan = plan;
        this.walk = Walk.of(plan);
        this.items = plan.items()
                .flatMap(item -> item.repeated(plan.initialFacts()))
                .map(Item::id)
                .distinct()
                .collect(toList());
        Samples samples = Samples.of(plan);
        this.places = plan.screens().stream()
                .map(screen -> samples.place(screen).text())
                .collect(toList());
    }

    /**
     * A state, as a walk shows it.
     *
     * @param shown the place that is shown, as text: {@code survey?survey=41}
     * @param address its address: {@code /surveys/41}
     * @param trail the places of the branch, the first one first
     * @param selected the item that is selected; no value for none
     * @param effects what the app has to do or know because of the step, each as text; of a refusal, that it is one
     */
    public record Outcome(
            String shown, String address, List<String> trail, Optional<String> selected, List<String> effects) {
        /** All of it in one line, its parts divided by bars. */
        public String text() {
            return String.join(
                    " | ", shown, address, String.join(" > ", trail), selected.orElse(""), String.join("; ", effects));
        }
    }

    /** The walks of a plan, each by its name: its steps, as {@link Steps} reads them, in order. */
    public static Map<String, List<String>> walks(Plan plan) {
        var vectors = new Vectors(plan);
        var out = new LinkedHashMap<String, List<String>>();
        out.put("items", vectors.choosing());
        out.put("places", vectors.opening());
        out.put("links", vectors.following());
        out.put("facts", vectors.telling());
        out.put("mixed", vectors.mixed());
        return out;
    }

    /** What follows from each step of a walk that begins at the start; the first outcome is that of the start. */
    public static List<Outcome> outcomes(Plan plan, List<String> steps) {
        Walk walk = Walk.of(plan);
        State state = walk.start();
        var out = new ArrayList<Outcome>();
        out.add(outcome(walk, state, List.of()));
        for (String step : steps) {
            Change change = walk.step(state, Steps.parse(plan, step));
            state = change.after();
            out.add(outcome(walk, state, change.effects()));
        }
        return out;
    }

    private static Outcome outcome(Walk walk, State state, List<Effect> effects) {
        Place shown = walk.shown(state);
        return new Outcome(
                shown.text(),
                walk.addressOf(shown),
                state.trail().places().stream().map(Place::text).collect(toList()),
                walk.selected(state),
                effects.stream()
                        .map(effect -> effect instanceof Effect.Refused ? "refused" : effect.text())
                        .collect(toList()));
    }

    /** Each item, twice; then back until it goes no further. */
    private List<String> choosing() {
        var steps = new ArrayList<String>();
        items.forEach(item -> steps.addAll(List.of("choose:" + item, "choose:" + item)));
        for (int i = 0; i <= items.size(); i++) {
            steps.add("back");
        }
        return steps;
    }

    /** Each screen, opened from what was opened before it, with up and back between. */
    private List<String> opening() {
        var steps = new ArrayList<String>();
        int index = 0;
        for (String place : places) {
            steps.add("open:" + place);
            if (index++ % 3 == 2) {
                steps.addAll(List.of("up", "back"));
            }
        }
        steps.addAll(List.of("finish:done", "restart", "back"));
        return steps;
    }

    /** The address of each screen, and addresses that nothing has. */
    private List<String> following() {
        var steps = new ArrayList<String>();
        for (String place : places) {
            steps.addAll(List.of("link:" + walk.addressOf(Place.parse(place)), "back"));
        }
        steps.addAll(List.of("link:/no/such/place", "link:https://elsewhere.example/?a=b"));
        return steps;
    }

    /** Each fact with each of its values, on each screen that a condition guards. */
    private List<String> telling() {
        var steps = new ArrayList<String>();
        List<String> tells = told();
        for (Screen screen : plan.screens()) {
            if (screen.needs().isPresent()) {
                steps.add("reset:" + Samples.of(plan).place(screen).text());
                steps.addAll(tells);
            }
        }
        return steps.isEmpty() ? tells : steps;
    }

    private List<String> told() {
        var steps = new ArrayList<String>();
        for (Fact fact : plan.facts()) {
            List<String> values = fact.initial() instanceof FactValue.Flag
                    ? List.of("true", "false")
                    : fact.initial() instanceof FactValue.Number
                            ? List.of("0", "3", fact.initial().text())
                            : fact.initial() instanceof FactValue.Text
                                    ? List.of("a", fact.initial().text())
                                    : List.of();
            values.forEach(value -> steps.add("tell:" + fact.id() + "=" + value));
        }
        return steps;
    }

    /** Steps of all kinds but restored states, in an order that a linear congruential generator gives. */
    private List<String> mixed() {
        var all = new ArrayList<String>(told());
        items.forEach(item -> all.addAll(List.of("choose:" + item, "choose:" + item, "clear:" + item)));
        places.forEach(place -> all.addAll(List.of(
                "open:" + place,
                "open:" + place,
                "replace:" + place,
                "reset:" + place,
                "link:" + walk.addressOf(Place.parse(place)))));
        plan.bars().stream().map(Bar::id).forEach(bar -> all.addAll(List.of("toggle:" + bar, "collapse:" + bar)));
        for (int i = 0; i < all.size() / 8 + 1; i++) {
            all.addAll(List.of("back", "back", "up", "close", "finish:done"));
        }
        all.addAll(List.of("restart", "visit", "visit"));
        List<String> facts =
                told().stream().map(step -> step.substring("tell:".length())).collect(toList());
        if (facts.size() > 1) {
            all.add("tell-all:" + facts.get(0) + "&" + facts.get(facts.size() - 1));
        }
        var steps = new ArrayList<String>();
        long seed =
                plan.screens().stream().map(Identified::id).collect(toList()).hashCode() & 0x7fffffffL;
        for (int i = 0; i < MIXED; i++) {
            seed = (seed * 1_103_515_245L + 12_345L) & 0x7fffffffL;
            steps.add(all.get((int) ((seed >> 8) % all.size())));
        }
        return steps;
    }
}
