package org.yonderarc.plan;

import java.util.HashSet;
import java.util.List;
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

    /**
     * A list.
     *
     * @throws IllegalArgumentException if an id is there twice, or there are more than {@link Entries#MOST}
     */
    static FactValue of(List<ListEntry> entries) {
        return new Entries(entries);
    }

    /** The value as it is written. */
    String text();

    /** The value as people of a language (BCP 47) read it: numbers as they write them, of a list how many entries it has. */
    default String said(String language) {
        return text();
    }

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
        public String said(String language) {
            return LocalNumbers.in(text(), language);
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

    /** A list of things that the app has: projects, accounts, channels. In conditions and badges it is its count. */
    record Entries(List<ListEntry> entries) implements FactValue {
        /** More entries than this are no menu. */
        public static final int MOST = 1000;

        public Entries {
            entries = List.copyOf(entries);
            if (entries.size() > MOST) {
                throw new IllegalArgumentException("a list has at most " + MOST + " entries, not " + entries.size());
            }
            var ids = new HashSet<String>();
            for (ListEntry entry : entries) {
                if (!ids.add(entry.id())) {
                    throw new IllegalArgumentException("the entry \"" + entry.id() + "\" is there twice");
                }
            }
        }

        @Override
        public String text() {
            return ListEntry.text(entries);
        }

        @Override
        public String said(String language) {
            return LocalNumbers.in(Integer.toString(entries.size()), language);
        }

        @Override
        public String kind() {
            return "a list";
        }

        @Override
        public Optional<FactValue> parse(String other) {
            return ListEntry.parse(other).filter(all -> all.size() <= MOST).map(Entries::new);
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
