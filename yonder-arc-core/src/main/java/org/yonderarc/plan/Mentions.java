package org.yonderarc.plan;

/**
 * Told of everything that a plan mentions, each with the JSON Pointer (RFC 6901) to it in the long form of the plan. It is what
 * the reader's keys say of themselves, so that checks and renamings can't forget one.
 */
public interface Mentions {
    /** What a text is for. */
    enum Text {
        /** The title of a screen, which knows the parameters of its path too. */
        TITLE,
        /** A label, which has little room in bars. */
        LABEL,
        /** A name that is read aloud and never shown. */
        SPOKEN,
        /** A text of sample content, which may be empty and knows the parameters of its screen's path too. */
        SAMPLE,
        /** Any other. */
        OTHER
    }

    /** A name that refers to something of the plan. */
    default void name(Noun noun, String id, String pointer) {}

    /** A place: a screen with its parameters. */
    default void place(Place place, String pointer) {}

    /** A text that people read. */
    default void words(Words words, Text text, String pointer) {}

    /** The name of an icon. */
    default void icon(String name, String pointer) {}

    /** The path of a file in the plan's folder. */
    default void file(String path, String pointer) {}

    /** The path of a font file in the plan's folder. */
    default void font(String path, String pointer) {
        file(path, pointer);
    }

    /** A condition over facts. */
    default void condition(Condition condition, String pointer) {}

    /** A style that is no reference to a shared one. */
    default void style(Style style, String pointer) {}

    /** How one screen follows another. */
    default void transition(Transition transition, String pointer) {}

    /** A JSON Pointer into the plan itself. */
    default void pointer(String path, String pointer) {}
}
