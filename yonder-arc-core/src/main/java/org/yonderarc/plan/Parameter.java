package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * What a parameter of a screen's path takes.
 *
 * @param id its name in the path
 * @param kind what it takes; without it, {@link ParameterKinds} knows
 * @param sample its value in previews where none is given
 */
public record Parameter(String id, Optional<Kind> kind, Optional<String> sample) implements Identified {
    /** What a parameter takes. Its value stays a text, as it stands in an address. */
    public enum Kind {
        /** Any text. */
        TEXT("a text", new FactValue.Text("")),
        /** A finite number: digits, with a sign, a fraction and an exponent if it has them. */
        NUMBER("a number", new FactValue.Number(0)),
        /** A whole number: at most 15 digits without leading zeros, so that every language takes it exactly. */
        INTEGER("a whole number", new FactValue.Number(0)) {
            @Override
            public boolean takes(String value) {
                int from = value.startsWith("-") ? 1 : 0;
                int digits = value.length() - from;
                for (int i = from; i < value.length(); i++) {
                    if (value.charAt(i) < '0' || value.charAt(i) > '9') {
                        return false;
                    }
                }
                return digits == 1 && (from == 0 || value.charAt(1) != '0')
                        || digits > 1 && digits <= 15 && value.charAt(from) != '0';
            }
        },
        /** {@code true} or {@code false}. */
        FLAG("true or false", new FactValue.Flag(false));

        private final String words;
        private final FactValue example;

        Kind(String words, FactValue example) {
            this.words = words;
            this.example = example;
        }

        /** The kind in the words of a message: "a number". */
        public String words() {
            return words;
        }

        /** Whether a parameter of this kind takes {@code value}. */
        public boolean takes(String value) {
            return example.parse(value).isPresent();
        }
    }

    public Parameter {
        Ids.require(id, "parameter");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(sample, "sample");
    }
}
