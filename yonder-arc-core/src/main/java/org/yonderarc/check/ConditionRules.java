package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;

/** Conditions: they ask about facts that exist, in ways that fit their types, and they decide something. */
final class ConditionRules {
    private ConditionRules() {}

    /** A condition and the JSON Pointer to it. */
    private record Placed(Condition condition, String pointer) {}

    private static List<Placed> all(Subject subject) {
        var all = new ArrayList<Placed>();
        for (Screen screen : subject.plan().screens()) {
            screen.needs().ifPresent(needs -> all.add(new Placed(needs, Subject.screen(screen, "needs"))));
        }
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().when().ifPresent(when -> all.add(new Placed(when, placed.pointer() + "/when")));
            placed.item().enabled().ifPresent(enabled -> all.add(new Placed(enabled, placed.pointer() + "/enabled")));
        }
        return all;
    }

    static void facts(Subject subject) {
        all(subject).forEach(placed -> types(subject, placed.condition, placed.pointer));
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
                            "Compare it: \"" + is.fact() + (value instanceof FactValue.Number ? " > 0" : " != ''")
                                    + "\"."));
        } else if (condition instanceof Condition.Compare compare) {
            subject.fact(compare.fact(), pointer);
            initial(subject.plan(), compare.fact())
                    .filter(value -> !value.kind().equals(compare.value().kind()))
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
        for (Placed placed : all(subject)) {
            Map<String, FactValue> facts = subject.plan().initialFacts();
            boolean can = Situations.any(placed.condition, facts);
            boolean cannot = Situations.any(new Condition.Not(placed.condition), facts);
            if (!can) {
                subject.tell(
                        Code.CONDITION_NEVER,
                        placed.pointer,
                        "\"" + placed.condition.text() + "\" never holds.",
                        "Correct it, or remove what depends on it.");
            } else if (!cannot) {
                subject.tell(
                        Code.CONDITION_ALWAYS,
                        placed.pointer,
                        "\"" + placed.condition.text() + "\" always holds.",
                        "Correct it, or remove it.");
            }
        }
    }
}
