package org.yonderarc.layout;

/** The port through which layout learns how wide a text is. Implementations are pure and thread-safe. */
@FunctionalInterface
public interface TextMeasure {
    /** The advance width of {@code text} set on one line in {@code type}, in dp; 0 for an empty text. */
    double width(String text, Type type);
}
