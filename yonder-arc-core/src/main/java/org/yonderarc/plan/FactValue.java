package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.NumberValue;

/** The value of a fact. */
public sealed interface FactValue {
    /** True or false. */
    static FactValue of(boolean on) {
        return new Flag(on);
    }

    /**
     * A number.
     *
     * @throws IllegalArgumentException if it isn't finite
     */
    static FactValue of(double number) {
        return new Number(number);
    }

    /** A text. */
    static FactValue of(String text) {
        return new Text(text);
    }

    /** The value as people read it. */
    String text();

    /** The type in the words of a message: "a number". */
    String kind();

    /** A value of the same type, written as text; empty if {@code text} isn't of this type. */
    Optional<FactValue> parse(String text);

    /** True or false. */
    record Flag(boolean on) implements FactValue {
        @Override
        public String text() {
            return Boolean.toString(on);
        }

        @Override
        public String kind() {
            return "true or false";
        }

        @Override
        public Optional<FactValue> parse(String text) {
            return text.equals("true") || text.equals("false")
                    ? Optional.of(new Flag(text.equals("true")))
                    : Optional.empty();
        }
    }

    /** A finite number. */
    record Number(double number) implements FactValue {
        public Number {
            if (!Double.isFinite(number)) {
                throw new IllegalArgumentException("a fact's number is finite, not " + Decimals.text(number));
            }
        }

        @Override
        public String text() {
            return NumberValue.plain(number);
        }

        @Override
        public String kind() {
            return "a number";
        }

        @Override
        public Optional<FactValue> parse(String text) {
            OptionalDouble parsed = Decimals.parse(text);
            return parsed.isPresent() ? Optional.of(new Number(parsed.getAsDouble())) : Optional.empty();
        }
    }

    /** A text, may be empty. */
    record Text(String text) implements FactValue {
        public Text {
            Objects.requireNonNull(text, "text");
        }

        @Override
        public String kind() {
            return "a text";
        }

        @Override
        public Optional<FactValue> parse(String other) {
            return Optional.of(new Text(other));
        }
    }
}
