package org.yonderarc.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Titles;

/**
 * The reducer of one plan: from a state and a step to a change. Pure and thread-safe; a step never throws, one that
 * can't be taken is refused with a reason.
 *
 * <ol>
 *   <li><b>Choose</b> an item: to its branch as it was left. Chosen while selected: back to the branch's root; at the
 *       root: {@link Effect.ChosenAgain}.
 *       An item that leads to a part with a bar of its own leads to that bar's item where the person was last.
 *       One that sets a fact does so, and the person stays.
 *   <li><b>Open</b> a place: on top of the current trail; the place that is shown already stays as it is.
 *   <li><b>Replace</b>: in place of the one that is shown. <b>Reset</b>: as the only place of its branch.
 *   <li><b>Finish</b>: as back within a trail, with a result for the place below.
 *   <li><b>Back</b>: down the trail; at the root as the plan says: to the start's branch, to the branch before, or
 *       {@link Effect.Leave}.
 *   <li><b>Up</b>: to the screen above, made if it isn't below on the trail.
 *   <li><b>Link</b>: to the place with an address, on its branch, with the screens above it on the trail; an address of a part
 *       leads to its tab as choosing does. The app starts so, too.
 *   <li><b>Visit</b>: the web page of the place that is shown opens in the person's browser; the place stays.
 *   <li><b>Toggle</b>, <b>close</b>: a drawer or an overflow opens or closes. Whatever moves the person closes it, and going
 *       back closes it before anything else.
 *   <li><b>Fold</b>: a bar is collapsed to icons or expanded; that stays.
 *   <li><b>Tell</b>: the fact has the new value; <b>tell all</b>: several have theirs at once.
 *   <li><b>Clear</b>: a branch is as if it was never visited; the one that the person is on is at its root.
 *   <li><b>Restart</b>: the person is at the start, every trail is gone, and all is folded as at first; facts stay.
 *   <li><b>Resume</b>: everything is as a saved state says.
 * </ol>
 */
public final class Walk {
    /** The most places of a trail: a person never goes back that far, and a state must not grow without bound. */
    public static final int DEEPEST = 1000;

    private final Plan plan;
    private final Places places;
    private final Guards guards;
    private final Items items;
    private final BarSteps bars;
    private final Parts parts;
    private final FactSteps facts;
    private final String startBranch;
    private final State start;

    private Walk(Plan plan) {
        this.plan = plan;
        this.places = new Places(plan);
        this.guards = new Guards(plan);
        this.items = new Items(plan);
        this.bars = new BarSteps(plan);
        this.parts = new Parts(plan);
        this.facts = new FactSteps(plan, guards);
        String screen = plan.start()
                .orElseThrow(() -> new IllegalArgumentException(
                        "the plan has no start screen; run the check before using a plan"));
        plan.screens().get(screen);
        Map<String, FactValue> initial = plan.initialFacts();
        Place first = entered(
                Place.of(screen), new State(State.LOOSE, Map.of(State.LOOSE, Trail.at(Place.of(screen))), initial));
        this.startBranch = places.branchAbove(first, initial).orElse(State.LOOSE);
        this.start = parts.remembered(new State(
                        startBranch,
                        Map.of(startBranch, places.trailTo(first, startBranch, item(startBranch, initial))),
                        initial)
                .withCollapsed(bars.collapsed()));
    }

    /**
     * The walk of a plan.
     *
     * @throws IllegalArgumentException if the plan has no start screen or it doesn't exist
     */
    public static Walk of(Plan plan) {
        return new Walk(plan);
    }

    /** The plan that is walked. */
    public Plan plan() {
        return plan;
    }

    /** Whether the plan has a bar with this id. */
    boolean hasBar(String id) {
        return bars.has(id);
    }

    /** Whether the plan has a bar, or a section, with this id to fold. */
    boolean collapses(String id) {
        return bars.folds(id);
    }

    /** The state of an app that was just started. */
    public State start() {
        return start;
    }

    /** The item on whose branch a person in {@code state} is; no value where no item leads there. */
    public Optional<String> selected(State state) {
        return Optional.of(state.branch()).filter(id -> item(id, state.facts()).isPresent());
    }

    /** The item with this id, those of lists included. */
    Optional<Item> item(String id, Map<String, FactValue> facts) {
        return items.find(id, facts);
    }

    /** Takes one step. */
    public Change step(State state, Step step) {
        Change change = taken(state, step);
        State after = parts.remembered(change.after());
        return after == change.after()
                ? change
                : new Change(change.step(), change.before(), after, change.effects(), change.because());
    }

    private Change taken(State state, Step step) {
        return switch (step.kind()) {
            case CHOOSE -> choose(state, (Step.Choose) step);
            case OPEN -> open(state, (Step.Open) step);
            case REPLACE -> replace(state, (Step.Replace) step);
            case RESET -> reset(state, (Step.Reset) step);
            case FINISH -> finish(state, (Step.Finish) step);
            case BACK -> back(state, (Step.Back) step);
            case UP -> up(state, (Step.Up) step);
            case LINK -> link(state, (Step.Link) step);
            case VISIT -> visit(state, (Step.Visit) step);
            case TOGGLE -> bars.toggle(state, (Step.Toggle) step, shown(state));
            case CLOSE -> bars.close(state, (Step.Close) step);
            case COLLAPSE -> bars.collapse(state, (Step.Collapse) step);
            case TELL -> facts.tell(state, (Step.Tell) step);
            case TELL_ALL -> facts.tellAll(state, (Step.TellAll) step);
            case CLEAR -> clear(state, (Step.Clear) step);
            case RESTART -> restart(state, (Step.Restart) step);
            case RESUME -> resume(state, (Step.Resume) step);
        };
    }

    private Change replace(State state, Step.Replace step) {
        Optional<String> problem = problem(step.place());
        if (problem.isPresent()) {
            return Change.refused(state, step, problem.get());
        }
        if (state.place().equals(step.place())) {
            return new Change(step, state, state.closed(), List.of(), "It is shown already.");
        }
        Trail trail =
                state.trail().below().map(below -> below.push(step.place())).orElseGet(() -> Trail.at(step.place()));
        return guards.arrived(
                state, step, state.at(state.branch(), trail), "It took the place of the one that was shown.");
    }

    private Change reset(State state, Step.Reset step) {
        Optional<String> problem = problem(step.place());
        if (problem.isPresent()) {
            return Change.refused(state, step, problem.get());
        }
        String branch = places.branchAbove(step.place(), state.facts()).orElse(state.branch());
        return guards.arrived(
                state,
                step,
                guards.turnedAway(state, branch).at(branch, Trail.at(step.place())),
                "The trail starts again here.");
    }

    private Change finish(State state, Step.Finish step) {
        Optional<Trail> below = state.trail().below();
        if (below.isEmpty()) {
            return Change.refused(state, step, "There is no place below to tell a result to.");
        }
        State after = state.at(state.branch(), below.get());
        return new Change(
                step,
                state,
                after,
                List.of(new Effect.Result(after.place(), step.result())),
                "It closed with a result for the place below.");
    }

    private Change visit(State state, Step.Visit step) {
        Place here = shown(state);
        return webOf(here)
                .map(address -> new Change(
                        step,
                        state,
                        state,
                        List.of(new Effect.OpenWeb(address, Target.OpenIn.BROWSER)),
                        "Its web page opens outside of the app."))
                .orElseGet(() -> Change.refused(state, step, "\"" + here.screen() + "\" is not a web page."));
    }

    private Change up(State state, Step.Up step) {
        Place here = shown(state);
        Optional<Place> above = places.above(here);
        if (above.isEmpty()) {
            return Change.refused(state, step, "\"" + here.screen() + "\" stands under no other screen.");
        }
        Place parent = above.get();
        if (problem(parent).isPresent()) {
            return Change.refused(state, step, problem(parent).get());
        }
        for (Optional<Trail> at = state.trail().below();
                at.isPresent();
                at = at.get().below()) {
            if (at.get().top().screen().equals(parent.screen())) {
                return guards.arrived(
                        state, step, state.at(state.branch(), at.get()), "To the screen above, as it was left.");
            }
        }
        Trail made = state.trail().root() == state.trail()
                ? Trail.at(parent)
                : state.trail().below().orElseThrow().push(parent);
        return guards.arrived(
                state, step, state.at(state.branch(), made), "To the screen above, which was never visited.");
    }

    private Change link(State state, Step.Link step) {
        List<String> paths = Addresses.paths(step.address());
        Optional<Place> place =
                paths.stream().flatMap(path -> placeAt(path).stream()).findFirst();
        if (place.isEmpty()) {
            return Change.refused(
                    state,
                    step,
                    "No screen has the address \"" + paths.get(0) + "\". Look at the paths of the plan's screens.");
        }
        Optional<String> problem = problem(place.get());
        if (problem.isPresent()) {
            return Change.refused(state, step, problem.get());
        }
        Place to = entered(place.get(), state);
        String branch = places.branchAbove(to, state.facts()).orElse(startBranch);
        State after = arriveAt(guards.turnedAway(state, branch), to);
        return guards.arrived(
                state, step, after, "Followed from outside: on its branch, with the screens above it below.");
    }

    /** Where somebody comes who is led to a place: to one of the tabs, where it is that of a part with a bar of its own. */
    private Place entered(Place place, State state) {
        return places.branchAbove(place, state.facts())
                .flatMap(branch -> item(branch, state.facts()))
                .filter(item -> item.place().equals(Optional.of(place)))
                .flatMap(item -> parts.tab(item, state))
                .flatMap(Item::place)
                .orElse(place);
    }

    private Change choose(State state, Step.Choose step) {
        Optional<Item> known = item(step.item(), state.facts());
        if (known.isEmpty()) {
            return Change.refused(
                    state,
                    step,
                    "There is no item \"" + step.item() + "\". "
                            + Suggestion.sentence(step.item(), items.ids(), "The plan has no item like it."));
        }
        Item item = known.get();
        if (item.when().filter(condition -> !condition.holds(state.facts())).isPresent()) {
            return Change.refused(state, step, "The item " + Titles.of(plan, item) + " is hidden now.");
        }
        if (!isEnabled(item, state)) {
            return Change.refused(state, step, "The item " + Titles.of(plan, item) + " can't be chosen now.");
        }
        Optional<String> problem = item.of().isPresent() ? item.place().flatMap(this::problem) : Optional.empty();
        if (problem.isPresent()) {
            // What an entry fills is known only now.
            return Change.refused(state, step, problem.get());
        }
        if (item.target() instanceof Target.ToFact to) {
            return facts.chosen(state, step, item, to);
        }
        if (item.place().isEmpty()) {
            return new Change(
                    step, state, state.closed(), List.of(Effect.of(item)), "The person stays; the app is told.");
        }
        return chosen(state, step, parts.tab(item, state).orElse(item));
    }

    private Change chosen(State state, Step.Choose step, Item item) {
        String branch = item.id();
        if (!branch.equals(state.branch())) {
            Trail trail = state.trails().get(branch);
            Trail there = trail == null ? Trail.at(item.place().get()) : trail;
            return guards.arrived(
                    state,
                    step,
                    guards.turnedAway(state, branch).at(branch, there),
                    trail == null ? "The branch is visited for the first time." : "The branch is as it was left.");
        }
        Trail root = state.trail().root();
        if (root != state.trail()) {
            return Change.moved(
                    state, step, state.at(branch, root), "Chosen while selected: back to the branch's root.");
        }
        return new Change(
                step,
                state,
                state.closed(),
                List.of(new Effect.ChosenAgain(branch)),
                "Chosen again at the branch's root: the app is told.");
    }

    private static boolean isEnabled(Item item, State state) {
        return item.enabled().map(condition -> condition.holds(state.facts())).orElse(true);
    }

    private Change open(State state, Step.Open step) {
        Optional<String> problem = problem(step.place());
        if (problem.isPresent()) {
            return Change.refused(state, step, problem.get());
        }
        if (state.place().equals(step.place())) {
            return new Change(step, state, state.closed(), List.of(), "It is shown already.");
        }
        if (state.trail().depth() >= DEEPEST) {
            return Change.refused(
                    state, step, "The trail has " + DEEPEST + " places already. Replace the one that is shown.");
        }
        State after = state.at(state.branch(), state.trail().push(step.place()));
        return guards.arrived(state, step, after, "Opened on top of the trail.");
    }

    private Change back(State state, Step.Back step) {
        if (state.open().isPresent()) {
            return Change.moved(state, step, state.closed(), "What was open closes first.");
        }
        Optional<Trail> below = state.trail().below();
        if (below.isPresent()) {
            return Change.moved(state, step, state.at(state.branch(), below.get()), "One place down the trail.");
        }
        Optional<String> to = branchBack(state);
        if (to.isPresent()) {
            Trail there = state.trails().getOrDefault(to.get(), start.trail());
            State after = guards.turnedAway(state, to.get()).at(to.get(), there);
            // The way back is used up: it isn't walked a second time.
            var visited = new ArrayList<>(state.visited());
            visited.removeAll(List.of(to.get(), state.branch()));
            return Change.moved(
                    state,
                    step,
                    new State(after.branch(), after.trails(), after.facts(), after.open(), after.collapsed(), visited),
                    to.get().equals(startBranch)
                            ? "At the branch's root: to the start's branch."
                            : "At the branch's root: to the branch before.");
        }
        return new Change(step, state, state, List.of(new Effect.Leave()), "At the root: the person wants to leave.");
    }

    /** Where going back leads at the root of a branch; no value where it leads out of the app. */
    public Optional<Place> backFromRoot(State state) {
        return branchBack(state)
                .map(branch ->
                        state.trails().getOrDefault(branch, start.trail()).top());
    }

    /** The branch to which going back leads at the root of the current one. */
    private Optional<String> branchBack(State state) {
        return switch (plan.app().back()) {
            case START -> Optional.of(startBranch).filter(branch -> !branch.equals(state.branch()));
            case HISTORY ->
                state.visited().isEmpty()
                        ? Optional.empty()
                        : Optional.of(state.visited().get(state.visited().size() - 1));
            case LEAVE -> Optional.empty();
        };
    }

    private Change clear(State state, Step.Clear step) {
        if (!state.trails().containsKey(step.branch())) {
            boolean isItem = item(step.branch(), state.facts()).isPresent();
            return isItem
                    ? new Change(step, state, state, List.of(), "The branch was not visited.")
                    : Change.refused(
                            state,
                            step,
                            "There is no branch \"" + step.branch() + "\". "
                                    + Suggestion.sentence(
                                            step.branch(), items.ids(), "A branch has the id of its item."));
        }
        if (step.branch().equals(state.branch())) {
            return guards.arrived(
                    state, step, state.at(state.branch(), state.trail().root()), "The trail was cleared to its root.");
        }
        var trails = new HashMap<>(state.trails());
        trails.remove(step.branch());
        var visited = new ArrayList<>(state.visited());
        visited.remove(step.branch());
        return Change.moved(
                state,
                step,
                new State(state.branch(), trails, state.facts(), state.open(), state.collapsed(), visited),
                "The branch is as if it was never visited.");
    }

    /** Facts are the app's own business: it tells another value where one no longer holds. */
    private Change restart(State state, Step.Restart step) {
        return Change.moved(state, step, start.withFacts(state.facts()), "Everything starts over; facts stay.");
    }

    private Change resume(State state, Step.Resume step) {
        try {
            return Change.moved(
                    state, step, SavedState.read(this, step.saved()).state(), "A saved state was taken up again.");
        } catch (IllegalArgumentException unreadable) {
            return Change.refused(state, step, Change.sentence(Brief.of(unreadable)));
        }
    }

    /**
     * The place that a person in {@code state} is shown. Conditions are settled here, so that a place that isn't
     * allowed is never shown, and is there as soon as it is: where its screen needs what doesn't hold, the screen that
     * the plan names otherwise; where there is none, the place below it on the trail, at last the start.
     */
    public Place shown(State state) {
        for (Optional<Trail> at = Optional.of(state.trail());
                at.isPresent();
                at = at.get().below()) {
            Optional<Place> settled = guards.settled(at.get().top(), state.facts());
            if (settled.isPresent()) {
                return settled.get();
            }
        }
        Place first = start.place();
        return guards.settled(first, state.facts()).orElse(first);
    }

    /** The items of the bar of the part that an item leads to, the one to start with first; none where it leads to a screen itself. */
    public List<Item> tabs(String item) {
        return parts.tabs(item);
    }

    /** Why {@code place} can't be shown: its screen or a parameter doesn't exist, is missing or of another kind. */
    public Optional<String> problem(Place place) {
        return places.problem(place);
    }

    /**
     * The state of a person who came to {@code place} straight from outside: on the branch it belongs to, with the
     * screens above it on the trail; on top of the start where no item leads to it or above it.
     *
     * @throws IllegalArgumentException if there is no such place
     */
    public State arriveAt(State state, Place place) {
        problem(place).ifPresent(problem -> {
            throw new IllegalArgumentException(problem);
        });
        Optional<String> branch = places.branchAbove(place, state.facts());
        if (branch.isPresent()) {
            return state.at(branch.get(), places.trailTo(place, branch.get(), item(branch.get(), state.facts())));
        }
        // No item leads there: it opens on top of the start, so that there is a way back.
        Trail root = start.trail();
        return state.at(startBranch, place.equals(root.top()) ? root : root.push(place));
    }

    /** The address of a place: its screen's path with the parameters filled in. */
    public String addressOf(Place place) {
        return places.addressOf(place);
    }

    /** The address of the web page that a place shows, its parameters filled in; no value for a place of the app's own. */
    public Optional<String> webOf(Place place) {
        return places.webOf(place);
    }

    /** The place that has this address; a static segment counts before a parameter. It may have a {@link #problem}. */
    public Optional<Place> placeAt(String address) {
        return places.at(address);
    }
}
