package org.yonderarc.scene;

import org.yonderarc.walk.Step;

/** What a group of nodes is to a person who doesn't see it; the names are those of WAI-ARIA 1.2 roles. */
public sealed interface Meaning {
    /** Nothing but looks. */
    record Plain() implements Meaning {}

    /** The banner: the top bar. */
    record Banner() implements Meaning {}

    /** The heading of the page, of level 1. */
    record Heading(String text) implements Meaning {}

    /** The main content. Where it is higher than its clip, it scrolls. */
    record Main(String label) implements Meaning {}

    /** A part that scrolls where it holds more than it shows. */
    record Scroll() implements Meaning {}

    /** A navigation with links. */
    record Navigation(String label) implements Meaning {}

    /**
     * A link.
     *
     * @param label its accessible name
     * @param address the address it leads to
     * @param step the step that following it takes
     * @param current whether it leads to where the person is
     */
    record Link(String label, String address, Step step, boolean current) implements Meaning {}

    /**
     * A button.
     *
     * @param label its accessible name
     * @param step the step that pressing it takes
     */
    record Button(String label, Step step) implements Meaning {}
}
