package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * What a parameter of a screen's path takes.
 *
 * @param id its name in the path
 * @param kind what it takes
 * @param sample its value in previews where none is given
 */
public record Parameter(String id, Kind kind, Optional<String> sample) implements Identified {
    /** What a parameter takes. Its value stays a text, as it stands in an address. */
    public enum Kind {
        /** Any text. */
        TEXT("a text", new FactValue.Text("")),
        /** A finite number: digits, with a sign, a fraction and an exponent if it has them. */
        NUMBER("a number", new FactValue.Number(0)),
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
