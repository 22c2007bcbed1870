package org.yonderarc.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.FactValue;

/**
 * Finds out whether a condition can hold at all. Facts matter only by how they compare with the constants in the
 * condition, so a value below, between, at and above the constants stands for all values.
 */
final class Situations {
    /** More situations than this are not tried; the condition is taken to be able to hold. */
    static final int MOST = 50_000;

    private Situations() {}

    /** Whether there are values of the facts with which {@code condition} holds. */
    static boolean any(Condition condition, Map<String, FactValue> types) {
        var values = new HashMap<String, List<FactValue>>();
        long count = 1;
        for (String fact : condition.facts()) {
            FactValue type = types.get(fact);
            if (type == null) {
                return true;
            }
            List<FactValue> tried = samples(type, constants(condition, fact));
            values.put(fact, tried);
            count *= tried.size();
            if (count > MOST) {
                return true;
            }
        }
        return any(condition, List.copyOf(condition.facts()), 0, values, new HashMap<>());
    }

    private static boolean any(
            Condition condition,
            List<String> facts,
            int next,
            Map<String, List<FactValue>> values,
            Map<String, FactValue> chosen) {
        if (next == facts.size()) {
            return condition.holds(chosen);
        }
        for (FactValue value : Objects.requireNonNull(values.get(facts.get(next)))) {
            chosen.put(facts.get(next), value);
            if (any(condition, facts, next + 1, values, chosen)) {
                return true;
            }
        }
        return false;
    }

    private static List<FactValue> samples(FactValue type, Set<FactValue> constants) {
        if (type instanceof FactValue.Flag) {
            return List.of(new FactValue.Flag(true), new FactValue.Flag(false));
        }
        var samples = new ArrayList<FactValue>();
        // A list is compared by its count.
        if (type instanceof FactValue.Number || type instanceof FactValue.Entries) {
            var numbers = new TreeSet<Double>();
            for (FactValue constant : constants) {
                if (constant instanceof FactValue.Number number) {
                    numbers.add(number.number());
                }
            }
            double before = numbers.isEmpty() ? 0 : below(numbers.first());
            samples.add(new FactValue.Number(before));
            for (double number : numbers) {
                samples.add(new FactValue.Number(before / 2 + number / 2));
                samples.add(new FactValue.Number(number));
                before = number;
            }
            samples.add(new FactValue.Number(-below(-before)));
            return samples;
        }
        samples.add(new FactValue.Text(""));
        for (FactValue constant : constants) {
            samples.add(constant);
            samples.add(new FactValue.Text(constant.text() + "a"));
        }
        return samples;
    }

    /** A smaller number, also where one less is the same for a double; the least of all stays. */
    private static double below(double number) {
        double below = number - 1 < number ? number - 1 : Math.nextDown(number);
        return Double.isFinite(below) ? below : number;
    }

    private static Set<FactValue> constants(Condition condition, String fact) {
        var constants = new HashSet<FactValue>();
        collect(condition, fact, constants);
        return constants;
    }

    private static void collect(Condition condition, String fact, Set<FactValue> constants) {
        if (condition instanceof Condition.And and) {
            collect(and.left(), fact, constants);
            collect(and.right(), fact, constants);
        } else if (condition instanceof Condition.Or or) {
            collect(or.left(), fact, constants);
            collect(or.right(), fact, constants);
        } else if (condition instanceof Condition.Not not) {
            collect(not.inner(), fact, constants);
        } else if (condition instanceof Condition.Compare compare
                && compare.fact().equals(fact)) {
            constants.add(compare.value());
        }
    }
}
