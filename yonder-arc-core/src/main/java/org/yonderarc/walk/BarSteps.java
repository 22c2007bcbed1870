package org.yonderarc.walk;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** The steps that open, close and fold bars, and move nobody. */
final class BarSteps {
    private final Plan plan;
    /** The bars, each in the forms that it has on some kind of device. */
    private final Map<String, Collection<Form>> bars = new LinkedHashMap<>();

    /** The sections that can be folded, and how they are at first. */
    private final Map<String, Entry.Collapsible> sections = new LinkedHashMap<>();

    BarSteps(Plan plan) {
        this.plan = plan;
        plan.bars().forEach(bar -> bars.put(bar.id(), bar.forms().values()));
        plan.menus().forEach(menu -> menu.entries().stream()
                .flatMap(entry -> entry.folding().stream())
                .forEach(section -> sections.put(section.key(menu), section.collapsible())));
    }

    /** The sections that are folded at first. */
    Set<String> collapsed() {
        return sections.entrySet().stream()
                .filter(section -> section.getValue() != Entry.Collapsible.OPEN)
                .map(Map.Entry::getKey)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Whether there is a bar or a section with this id to fold. */
    boolean folds(String id) {
        return bars.containsKey(id) || sections.containsKey(id);
    }

    /** Whether the plan has a bar with this id. */
    boolean has(String id) {
        return bars.containsKey(id);
    }

    Change toggle(State state, Step.Toggle step, Place shown) {
        if (!bars.containsKey(step.owner())) {
            return noBar(state, step, step.owner());
        }
        if (bars.get(step.owner()).stream().noneMatch(form -> opens(form, step))) {
            return Change.refused(
                    state,
                    step,
                    "The bar \"" + step.owner()
                            + "\" has nothing that opens: no drawer that closes, no fan, no overflow.");
        }
        boolean isOpen = state.open().filter(step.bar()::equals).isPresent();
        if (!isOpen && !stands(step.owner(), shown)) {
            return Change.refused(
                    state,
                    step,
                    "The bar \"" + step.owner() + "\" doesn't stand on \"" + shown.screen() + "\", which is shown.");
        }
        return isOpen
                ? Change.moved(state, step, state.withOpen(Optional.empty()), "It was open: it closes.")
                : Change.moved(state, step, state.withOpen(Optional.of(step.bar())), "It opens.");
    }

    /** An overflow needs a menu with more than one item. */
    private boolean opens(Form form, Step.Toggle step) {
        boolean overflows = plan.bars().stream()
                .filter(bar -> bar.id().equals(step.owner()))
                .flatMap(bar -> bar.menu().flatMap(plan.menus()::find).stream())
                .anyMatch(menu -> menu.items().size() > 1
                        || menu.items().stream().anyMatch(item -> item.repeat().isPresent()));
        return form.overflows().isPresent() && overflows || form.isOpened() && !Step.Toggle.isOverflow(step.bar());
    }

    /** Whether a bar with this id stands on the screen of a place, on some device. */
    private boolean stands(String id, Place place) {
        return plan.screens().get(place.screen()).bars().shows(id)
                && plan.bars().stream().filter(bar -> bar.id().equals(id)).anyMatch(bar -> bar.within()
                        .map(within -> plan.isWithin(place.screen(), within))
                        .orElse(true));
    }

    Change close(State state, Step.Close step) {
        return state.open().isPresent()
                ? Change.moved(state, step, state.withOpen(Optional.empty()), "It closes.")
                : new Change(step, state, state, List.of(), "Nothing is open.");
    }

    Change collapse(State state, Step.Collapse step) {
        if (!folds(step.bar())) {
            return noBar(state, step, step.bar());
        }
        boolean isBar = bars.containsKey(step.bar());
        if (isBar && Objects.requireNonNull(bars.get(step.bar())).stream().noneMatch(Form::collapses)) {
            return Change.refused(
                    state,
                    step,
                    "The bar \"" + step.bar() + "\" can't be collapsed: only a drawer that is always open can.");
        }
        var folded = new LinkedHashSet<>(state.collapsed());
        boolean expands = folded.remove(step.bar());
        if (!expands) {
            folded.add(step.bar());
        }
        State after = new State(state.branch(), state.trails(), state.facts(), state.open(), folded, state.visited());
        return Change.moved(
                state,
                step,
                after,
                expands
                        ? isBar ? "It expands." : "The section unfolds."
                        : isBar ? "It collapses to icons." : "The section folds.");
    }

    private Change noBar(State state, Step step, String bar) {
        var known = new LinkedHashSet<>(bars.keySet());
        if (step instanceof Step.Collapse) {
            known.addAll(sections.keySet());
        }
        return Change.refused(
                state,
                step,
                "There is no bar \"" + bar + "\". "
                        + Suggestion.sentence(bar, known, "There are " + String.join(", ", known) + "."));
    }
}
