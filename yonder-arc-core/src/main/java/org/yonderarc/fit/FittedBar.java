package org.yonderarc.fit;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Form;
import org.yonderarc.walk.Step;

/** A bar as a device shows it. */
public sealed interface FittedBar {
    /** The bar's id. */
    String id();

    /** How its items look where they have no style of their own. */
    Look look();

    /**
     * A line of a drawer, or of the place that lists what didn't fit into a bar.
     *
     * @param heading what a heading says; no value for an item or a divider
     * @param item the item; no value for a heading or a divider
     */
    record Line(Optional<String> heading, Optional<FittedItem> item) {
        /** A line between items. */
        static final Line DIVIDER = new Line(Optional.empty(), Optional.empty());

        static Line of(FittedItem item) {
            return new Line(Optional.empty(), Optional.of(item));
        }

        static Line of(String heading) {
            return new Line(Optional.of(heading), Optional.empty());
        }
    }

    /**
     * A person, with a picture.
     *
     * @param picture the picture's file
     * @param title what is said first
     * @param note what is said second; empty for nothing
     */
    record Person(Optional<String> picture, String title, String note) {}

    /**
     * A button of a bar.
     *
     * @param name what it says to a screen reader
     * @param icon its icon
     * @param step the step that it takes
     */
    record Button(String name, String icon, Step step) {}

    /**
     * A bottom bar.
     *
     * @param id its id
     * @param name its menu's id, its name for a screen reader
     * @param form its form
     * @param look how its items look
     * @param items its items in order, the overflow item last where there is one
     */
    record Bottom(String id, String name, Form.Bottom form, Look look, List<FittedItem> items) implements FittedBar {
        public Bottom {
            items = List.copyOf(items);
        }
    }

    /**
     * A top bar.
     *
     * @param id its id
     * @param form its form
     * @param look how its items look
     * @param title the place's title
     * @param leading the back button or the menu button; no value where there is neither
     * @param items the items that stand in it with their labels
     * @param actions the items that stand in it as buttons
     * @param person the person who uses the app
     */
    record Top(
            String id,
            Form.Top form,
            Look look,
            String title,
            Optional<Button> leading,
            List<FittedItem> items,
            List<FittedItem> actions,
            Optional<Person> person)
            implements FittedBar {
        public Top {
            items = List.copyOf(items);
            actions = List.copyOf(actions);
        }

        /** What the back button says to a screen reader; no value where there is no way back. */
        public Optional<String> back() {
            return leading.filter(button -> button.step() instanceof Step.Back).map(Button::name);
        }
    }

    /**
     * A rail.
     *
     * @param id its id
     * @param name its menu's id
     * @param form its form
     * @param look how its items look
     * @param items its items in order
     * @param action the main action at its head
     */
    record Rail(String id, String name, Form.Rail form, Look look, List<FittedItem> items, Optional<FittedItem> action)
            implements FittedBar {
        public Rail {
            items = List.copyOf(items);
        }
    }

    /**
     * A drawer.
     *
     * @param id its id
     * @param name its menu's id
     * @param form its form
     * @param look how its items look
     * @param lines its items, headings and dividers in order
     * @param footer the items at its foot
     * @param head the person, or the app, at its head
     * @param open whether it is open
     * @param collapsed whether it shows icons only
     * @param fold the button that collapses and expands it
     */
    record Drawer(
            String id,
            String name,
            Form.Drawer form,
            Look look,
            List<Line> lines,
            List<FittedItem> footer,
            Optional<Person> head,
            boolean open,
            boolean collapsed,
            Optional<Button> fold)
            implements FittedBar {
        public Drawer {
            lines = List.copyOf(lines);
            footer = List.copyOf(footer);
        }
    }

    /**
     * The place that lists the items that didn't fit into a bar.
     *
     * @param id the bar's id
     * @param name what the overflow item says
     * @param look how its items look
     * @param lines its items, headings and dividers in order
     * @param person the person who uses the app
     */
    record More(String id, String name, Look look, List<Line> lines, Optional<Person> person) implements FittedBar {
        public More {
            lines = List.copyOf(lines);
        }
    }
}
