package org.yonderarc.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Target;

/** The steps with which the app tells facts. */
final class FactSteps {
    private final Plan plan;
    private final Guards guards;

    FactSteps(Plan plan, Guards guards) {
        this.plan = plan;
        this.guards = guards;
    }

    Change tell(State state, Step.Tell step) {
        Optional<String> problem = problem(state, step.fact(), step.value());
        return problem.isPresent()
                ? Change.refused(state, step, problem.get())
                : told(state, step, Map.of(step.fact(), step.value()), "The fact has");
    }

    /** An item is chosen that sets a fact. */
    Change chosen(State state, Step step, Item item, Target.ToFact to) {
        FactValue before = state.facts().get(to.fact());
        FactValue value = to.value().orElseGet(() -> FactValue.of(before instanceof FactValue.Flag flag && !flag.on()));
        Optional<String> problem = problem(state, to.fact(), value);
        if (problem.isPresent()) {
            return Change.refused(state, step, problem.get());
        }
        Change told = told(state.closed(), step, Map.of(to.fact(), value), "The fact has");
        var effects = new ArrayList<>(told.effects());
        effects.add(Effect.of(item));
        return new Change(step, state, told.after(), effects, told.because());
    }

    Change tellAll(State state, Step.TellAll step) {
        for (var fact : step.facts().entrySet()) {
            Optional<String> problem = problem(state, fact.getKey(), fact.getValue());
            if (problem.isPresent()) {
                return Change.refused(state, step, problem.get());
            }
        }
        return told(state, step, step.facts(), "The facts have");
    }

    private Optional<String> problem(State state, String fact, FactValue value) {
        FactValue before = state.facts().get(fact);
        if (before == null) {
            return Optional.of("There is no fact \"" + fact + "\". "
                    + Suggestion.sentence(fact, plan.facts().ids(), "Declare it below \"facts\" in the plan."));
        }
        if (!Percent.isEncodable(value.text())) {
            return Optional.of("The value of the fact \"" + fact + "\" holds half of a character.");
        }
        return before.kind().equals(value.kind())
                ? Optional.empty()
                : Optional.of("The fact \"" + fact + "\" takes " + before.kind() + ", not " + value.kind() + ".");
    }

    private Change told(State state, Step step, Map<String, FactValue> values, String subject) {
        FactTable facts = FactTable.of(state.facts());
        FactTable changed = facts;
        for (var value : values.entrySet()) {
            if (!value.getValue().equals(facts.get(value.getKey()))) {
                changed = changed.with(value.getKey(), value.getValue());
            }
        }
        if (changed == facts) {
            return new Change(step, state, state, List.of(), subject + " this value already.");
        }
        State after = state.withFacts(changed);
        State left = guards.withoutForbidden(state, after);
        return Change.moved(
                state,
                step,
                left,
                left == after
                        ? subject + " a new value."
                        : subject + " a new value; places that are no longer allowed left the trails.");
    }
}
