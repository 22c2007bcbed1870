package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/** A small expression over facts: {@code signed-in and drafts > 0}. */
public sealed interface Condition {
    /** Never holds. */
    Condition NEVER = parse("n < 0 and n > 0");

    /** Whether it holds with these facts; a fact that has no value makes every comparison with it fail. */
    boolean holds(Map<String, FactValue> facts);

    /** The condition as a plan file writes it; reading it gives an equal condition. */
    String text();

    /** Adds the facts that it asks about. */
    void collectFacts(Set<String> facts);

    /** The facts that it asks about, in alphabetical order. */
    default Set<String> facts() {
        var facts = new TreeSet<String>();
        collectFacts(facts);
        return facts;
    }

    /**
     * Reads a condition: {@code or} binds weakest, then {@code and}, then {@code not}; comparisons are {@code =},
     * {@code !=}, {@code <}, {@code <=}, {@code >} and {@code >=}; values are facts, numbers, texts in quotes,
     * {@code true} and {@code false}; parentheses group.
     *
     * @throws ConditionException with the reason and where it stands
     */
    static Condition parse(String text) {
        return new ConditionParser(text).parse();
    }

    /**
     * All of these hold. They are joined in pairs, so that many of them nest a few levels deep only.
     *
     * @param conditions at least one
     */
    static Condition all(List<Condition> conditions) {
        int half = conditions.size() / 2;
        return half == 0
                ? conditions.get(0)
                : new And(all(conditions.subList(0, half)), all(conditions.subList(half, conditions.size())));
    }

    /** The text of a condition with another name for a fact; all else stays as it was written. */
    static String renamed(String text, String fact, String to) {
        return new ConditionParser(text).renamed(text, fact, to);
    }

    /** Both hold. */
    record And(Condition left, Condition right) implements Condition {
        @Override
        public boolean holds(Map<String, FactValue> facts) {
            return left.holds(facts) && right.holds(facts);
        }

        @Override
        public String text() {
            return grouped(left, left instanceof Or) + " and "
                    + grouped(right, right instanceof Or || right instanceof And);
        }

        @Override
        public void collectFacts(Set<String> facts) {
            left.collectFacts(facts);
            right.collectFacts(facts);
        }
    }

    /** At least one holds. */
    record Or(Condition left, Condition right) implements Condition {
        @Override
        public boolean holds(Map<String, FactValue> facts) {
            return left.holds(facts) || right.holds(facts);
        }

        @Override
        public String text() {
            return left.text() + " or " + grouped(right, right instanceof Or);
        }

        @Override
        public void collectFacts(Set<String> facts) {
            left.collectFacts(facts);
            right.collectFacts(facts);
        }
    }

    /** It doesn't hold. */
    record Not(Condition inner) implements Condition {
        @Override
        public boolean holds(Map<String, FactValue> facts) {
            return !inner.holds(facts);
        }

        @Override
        public String text() {
            return "not " + grouped(inner, inner instanceof And || inner instanceof Or);
        }

        @Override
        public void collectFacts(Set<String> facts) {
            inner.collectFacts(facts);
        }
    }

    /** A fact that is true or false, by itself. */
    record Is(String fact) implements Condition {
        public Is {
            Ids.require(fact, "fact");
        }

        @Override
        public boolean holds(Map<String, FactValue> facts) {
            return facts.get(fact) instanceof FactValue.Flag flag && flag.on();
        }

        @Override
        public String text() {
            return fact;
        }

        @Override
        public void collectFacts(Set<String> facts) {
            facts.add(fact);
        }
    }

    /** A fact compared with a value; numbers by size, texts by the order of their UTF-16 units. */
    record Compare(String fact, Operator operator, FactValue value) implements Condition {
        public Compare {
            Ids.require(fact, "fact");
            Objects.requireNonNull(operator, "operator");
            Objects.requireNonNull(value, "value");
        }

        @Override
        public boolean holds(Map<String, FactValue> facts) {
            FactValue actual = facts.get(fact);
            if (actual instanceof FactValue.Number a && value instanceof FactValue.Number b) {
                return operator.accepts(Double.compare(a.number(), b.number()));
            }
            if (actual instanceof FactValue.Entries a && value instanceof FactValue.Number b) {
                return operator.accepts(Double.compare(a.entries().size(), b.number()));
            }
            if (actual instanceof FactValue.Text a && value instanceof FactValue.Text b) {
                return operator.accepts(a.text().compareTo(b.text()));
            }
            boolean flags = actual instanceof FactValue.Flag && value instanceof FactValue.Flag;
            return flags && operator.accepts(value.equals(actual) ? 0 : 1);
        }

        @Override
        public String text() {
            boolean isText = value instanceof FactValue.Text;
            String quote = isText ? value.text().indexOf('\'') >= 0 ? "\"" : "'" : "";
            return fact + " " + operator.sign() + " " + quote + value.text() + quote;
        }

        @Override
        public void collectFacts(Set<String> facts) {
            facts.add(fact);
        }
    }

    /** How a fact is compared. */
    enum Operator {
        /** Equal. */
        EQUAL("="),
        /** Not equal. */
        UNEQUAL("!="),
        /** Less. */
        LESS("<"),
        /** Less or equal. */
        AT_MOST("<="),
        /** Greater. */
        MORE(">"),
        /** Greater or equal. */
        AT_LEAST(">=");

        private final String sign;

        Operator(String sign) {
            this.sign = sign;
        }

        /** The sign in a plan file. */
        public String sign() {
            return sign;
        }

        /** Whether the order of two values, as {@link Comparable} tells it, is the one that is wanted. */
        boolean accepts(int order) {
            return switch (this) {
                case EQUAL -> order == 0;
                case UNEQUAL -> order != 0;
                case LESS -> order < 0;
                case AT_MOST -> order <= 0;
                case MORE -> order > 0;
                case AT_LEAST -> order >= 0;
            };
        }
    }

    private static String grouped(Condition condition, boolean needed) {
        return needed ? "(" + condition.text() + ")" : condition.text();
    }
}
