package org.yonderarc.walk;

/** Something that the app has to do, or to know, because of a step. */
public sealed interface Effect {
    /** The person wants to leave the app. */
    record Leave() implements Effect {}

    /** The selected item was chosen again at the root of its branch: a good moment to scroll to the top. */
    record ChosenAgain(String item) implements Effect {}

    /** The step can't be taken; nothing changed. */
    record Refused(String reason) implements Effect {}
}
