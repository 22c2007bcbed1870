package org.yonderarc.scene;

import java.util.Optional;
import org.yonderarc.tree.Decimals;
import org.yonderarc.walk.Step;

/** What a group of nodes is to a person who doesn't see it; the names are those of WAI-ARIA 1.2 roles. */
public sealed interface Meaning {
    /** Nothing but looks. */
    record Plain() implements Meaning {}

    /** The banner: the top bar. */
    record Banner() implements Meaning {}

    /** The heading of the page, of level 1. */
    record Heading(String text) implements Meaning {}

    /**
     * The main content.
     *
     * @param label what it is called
     * @param reach how far it can be scrolled, in dp; 0 where all of it shows
     */
    record Main(String label, double reach) implements Meaning {
        // The platform's own way to write a double would be a twentieth of a page's script.
        @Override
        public String toString() {
            return "Main[label=" + label + ", reach=" + Decimals.text(reach) + "]";
        }
    }

    /**
     * A part that scrolls where it holds more than it shows.
     *
     * @param across how far it can be scrolled in reading direction, in dp; 0 where all of its width shows
     * @param down how far it can be scrolled downwards, in dp; 0 where all of its height shows
     * @param navigation what it is called where it is a navigation too; empty where it is none
     */
    record Scroll(double across, double down, String navigation) implements Meaning {
        @Override
        public String toString() {
            return "Scroll[across=" + Decimals.text(across) + ", down=" + Decimals.text(down)
                    + (navigation.isEmpty() ? "" : ", navigation=" + navigation) + "]";
        }
    }

    /** A navigation with links. */
    record Navigation(String label) implements Meaning {}

    /**
     * A picture that says something.
     *
     * @param text what it says
     */
    record Figure(String text) implements Meaning {}

    /**
     * A field into which people type what they look for: a searchbox.
     *
     * @param label its accessible name
     * @param fact the fact that is typed
     * @param text what is typed now
     */
    record Field(String label, String fact, String text) implements Meaning {}

    /**
     * A link.
     *
     * @param label its accessible name
     * @param address the address it leads to: of a place of the app, which begins with a slash, or on the web
     * @param step the step that following it takes
     * @param current whether it leads to where the person is
     * @param enabled whether it can be followed
     */
    record Link(String label, String address, Step step, boolean current, boolean enabled) implements Meaning {}

    /**
     * A button.
     *
     * @param label its accessible name
     * @param step the step that pressing it takes
     * @param enabled whether it can be pressed
     * @param pressed whether what it switches is on; no value for one that switches nothing
     */
    record Button(String label, Step step, boolean enabled, Optional<Boolean> pressed) implements Meaning {
        /** A button that switches nothing. */
        public Button(String label, Step step, boolean enabled) {
            this(label, step, enabled, Optional.empty());
        }

        /** A button that can be pressed. */
        public Button(String label, Step step) {
            this(label, step, true);
        }

        // Optional.toString would bring text formatting into a page's script: a tenth of it.
        @Override
        public String toString() {
            String holds = pressed.map(on -> on ? ", pressed" : ", not pressed").orElse("");
            return "Button[label=" + label + ", step=" + step.text() + (enabled ? "" : ", disabled") + holds + "]";
        }
    }
}
