package org.yonderarc.check;

import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;

/** Conditions: they ask about facts that exist, in ways that fit their types, and they decide something. */
final class ConditionRules {
    private ConditionRules() {}

    static void facts(Subject subject) {
        subject.mentioned().conditions.forEach(at -> types(subject, at.value(), at.pointer()));
    }

    private static void types(Subject subject, Condition condition, String pointer) {
        if (condition instanceof Condition.And and) {
            types(subject, and.left(), pointer);
            types(subject, and.right(), pointer);
        } else if (condition instanceof Condition.Or or) {
            types(subject, or.left(), pointer);
            types(subject, or.right(), pointer);
        } else if (condition instanceof Condition.Not not) {
            types(subject, not.inner(), pointer);
        } else if (condition instanceof Condition.Is is) {
            subject.fact(is.fact(), pointer);
            initial(subject.plan(), is.fact())
                    .filter(value -> !(value instanceof FactValue.Flag))
                    .ifPresent(value -> subject.tell(
                            Code.BAD_CONDITION,
                            pointer,
                            "\"" + is.fact() + "\" is " + value.kind() + "; by itself it is neither true nor false.",
                            "Compare it: \"" + is.fact() + (value instanceof FactValue.Text ? " != ''" : " > 0")
                                    + "\"."));
        } else if (condition instanceof Condition.Compare compare) {
            subject.fact(compare.fact(), pointer);
            initial(subject.plan(), compare.fact())
                    .filter(value -> !value.kind().equals(compare.value().kind()))
                    .filter(value ->
                            !(value instanceof FactValue.Entries && compare.value() instanceof FactValue.Number))
                    .ifPresent(value -> subject.tell(
                            Code.BAD_CONDITION,
                            pointer,
                            "\"" + compare.fact() + "\" is " + value.kind() + ", but it is compared with "
                                    + compare.value().kind() + ".",
                            "Compare it with " + value.kind() + "."));
        }
    }

    private static Optional<FactValue> initial(Plan plan, String fact) {
        return plan.facts().find(fact).map(known -> known.initial());
    }

    static void decide(Subject subject) {
        Map<String, FactValue> facts = subject.initialFacts();
        for (Mentioned.At<Condition> placed : subject.mentioned().conditions) {
            boolean can = Situations.any(placed.value(), facts);
            boolean cannot = Situations.any(new Condition.Not(placed.value()), facts);
            if (!can) {
                subject.tell(
                        Code.CONDITION_NEVER,
                        placed.pointer(),
                        "\"" + placed.value().text() + "\" never holds.",
                        "Correct it, or remove what depends on it.");
            } else if (!cannot) {
                subject.tell(
                        Code.CONDITION_ALWAYS,
                        placed.pointer(),
                        "\"" + placed.value().text() + "\" always holds.",
                        "Correct it, or remove it.");
            }
        }
    }
}
