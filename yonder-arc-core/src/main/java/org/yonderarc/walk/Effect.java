package org.yonderarc.walk;

import org.yonderarc.plan.Target;

/** Something that the app has to do, or to know, because of a step. */
public sealed interface Effect {
    /** The person wants to leave the app. */
    record Leave() implements Effect {}

    /** The selected item was chosen again at the root of its branch: a good moment to scroll to the top. */
    record ChosenAgain(String item) implements Effect {}

    /** An item was chosen that leaves the person where they are. */
    record Chosen(String item) implements Effect {}

    /** A signal for the app. */
    record Signal(String name) implements Effect {}

    /** A web address is to be opened. */
    record OpenWeb(String address, Target.Opens where) implements Effect {}

    /** A document or a media file in the plan's folder is to be opened. */
    record OpenDocument(String file) implements Effect {}

    /** The step can't be taken; nothing changed. */
    record Refused(String reason) implements Effect {}
}
