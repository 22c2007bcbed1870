package org.yonderarc.fit;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.ItemState;
import org.yonderarc.walk.Step;

/**
 * A bar as a device shows it, before anything has a size.
 *
 * @param id the bar's id
 * @param name what it is called for a person who doesn't see it
 * @param form its form
 * @param look how its items look where they have no style of their own
 * @param lines its items, headings and dividers in order
 * @param apart the items that stand apart from the others: at the foot, at the head, as buttons
 * @param buttons its buttons
 * @param person the person, or the app, at its head
 * @param filter the field above its items into which people type
 * @param title the title that stands in it; empty for none
 * @param note what stands below the title; empty for nothing
 * @param standing how it stands
 */
public record FittedBar(
        String id,
        String name,
        Form form,
        Look look,
        List<Line> lines,
        List<FittedItem> apart,
        List<Button> buttons,
        Optional<Person> person,
        Optional<Filter> filter,
        String title,
        String note,
        Standing standing) {
    public FittedBar {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(form, "form");
        Objects.requireNonNull(look, "look");
        lines = List.copyOf(lines);
        apart = List.copyOf(apart);
        buttons = List.copyOf(buttons);
        Objects.requireNonNull(person, "person");
        Objects.requireNonNull(filter, "filter");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(note, "note");
        Objects.requireNonNull(standing, "standing");
    }

    /** A bar with nothing in it, open. */
    public FittedBar(String id, String name, Form form, Look look) {
        this(
                id,
                name,
                form,
                look,
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                "",
                "",
                Standing.OPEN);
    }

    /**
     * A field into which people type what they look for.
     *
     * @param fact the fact that is typed
     * @param text what is typed now
     * @param label what it says while nothing is typed
     */
    public record Filter(String fact, String text, String label) {}

    /** How a bar stands. */
    public enum Standing {
        /** All of it shows. */
        OPEN,
        /** It shows icons only. */
        COLLAPSED,
        /** None of its items shows. */
        CLOSED,
        /** It is the place that lists what didn't fit into a bar. */
        OVERFLOW
    }

    /**
     * A line of a bar.
     *
     * @param heading what a heading says; no value for an item or a divider
     * @param item the item; no value for a heading or a divider
     * @param below whether the item belongs to the heading above it
     */
    public record Line(Optional<String> heading, Optional<FittedItem> item, boolean below) {
        /** A line between items. */
        public static final Line DIVIDER = new Line(Optional.empty(), Optional.empty(), false);

        /** An item, by itself or below a heading. */
        public static Line of(FittedItem item, boolean below) {
            return new Line(Optional.empty(), Optional.of(item), below);
        }

        /** A heading. */
        public static Line of(String heading) {
            return new Line(Optional.of(heading), Optional.empty(), false);
        }
    }

    /**
     * A person, with a picture.
     *
     * @param picture the picture's file
     * @param title what is said first
     * @param note what is said second; empty for nothing
     * @param item the item that is chosen with it
     */
    public record Person(Optional<String> picture, String title, String note, Optional<FittedItem> item) {
        /** The icon of a person of whom nothing is known yet. */
        public static final String ICON = "user";
    }

    /**
     * A button of a bar.
     *
     * @param name what it says to a screen reader
     * @param icon its icon
     * @param step the step that it takes
     * @param turn by how much the icon is turned, in degrees clockwise
     * @param atEnd whether it stands where lines end, and not where they start
     */
    public record Button(String name, String icon, Step step, double turn, boolean atEnd) {
        /** A button whose icon stands upright. */
        public Button(String name, String icon, Step step) {
            this(name, icon, step, 0, false);
        }

        /** The same where lines end. */
        public Button toEnd() {
            return new Button(name, icon, step, turn, true);
        }
    }

    /** The items among its lines, in order. */
    public List<FittedItem> items() {
        return lines.stream().flatMap(line -> line.item().stream()).collect(toList());
    }

    /** Every item that a person sees in it. */
    public List<FittedItem> shown() {
        return standing == Standing.CLOSED
                ? List.of()
                : Stream.concat(apart.stream(), items().stream()).collect(toList());
    }

    /** Whether some of it shows its items. */
    public boolean isOpen() {
        return standing != Standing.CLOSED;
    }

    /** Whether it shows icons only. */
    public boolean isCollapsed() {
        return standing == Standing.COLLAPSED;
    }

    /** The word for it on the command line: that of its form, or {@code more}. */
    public String word() {
        return standing == Standing.OVERFLOW ? "more" : form.kind().word();
    }

    /** What the button says that goes back; no value where there is none. */
    public Optional<String> back() {
        return buttons.stream()
                .filter(button -> button.step() instanceof Step.Back)
                .map(Button::name)
                .findFirst();
    }

    /** The ids of the items that belong to one which folds them away. */
    public Set<String> nested() {
        var out = new HashSet<String>();
        boolean isInFold = false;
        for (Line line : lines) {
            boolean folds = line.item().filter(FittedItem::folds).isPresent();
            isInFold = folds || isInFold && line.below();
            if (isInFold && !folds) {
                line.item().ifPresent(item -> out.add(item.id()));
            }
        }
        return out;
    }

    /** The same with these lines. */
    public FittedBar withLines(List<Line> other) {
        return new FittedBar(id, name, form, look, other, apart, buttons, person, filter, title, note, standing);
    }

    /** The same with all of its items in these states. */
    public FittedBar in(Set<ItemState> states) {
        return withLines(lines.stream()
                        .map(line -> new Line(line.heading(), line.item().map(item -> item.in(states)), line.below()))
                        .collect(toList()))
                .withApart(apart.stream().map(item -> item.in(states)).collect(toList()));
    }

    /** The same with these items in order. */
    public FittedBar withItems(List<FittedItem> items) {
        return withLines(items.stream().map(item -> Line.of(item, false)).collect(toList()));
    }

    /** The same with these items apart. */
    public FittedBar withApart(List<FittedItem> other) {
        return new FittedBar(id, name, form, look, lines, other, buttons, person, filter, title, note, standing);
    }

    /** The same with these buttons. */
    public FittedBar withButtons(List<Button> other) {
        return new FittedBar(id, name, form, look, lines, apart, other, person, filter, title, note, standing);
    }

    /** The same with a person. */
    public FittedBar withPerson(Optional<Person> other) {
        return new FittedBar(id, name, form, look, lines, apart, buttons, other, filter, title, note, standing);
    }

    /** The same with a field into which people type. */
    public FittedBar withFilter(Optional<Filter> other) {
        return new FittedBar(id, name, form, look, lines, apart, buttons, person, other, title, note, standing);
    }

    /** The same with a title. */
    public FittedBar withTitle(String other) {
        return new FittedBar(id, name, form, look, lines, apart, buttons, person, filter, other, note, standing);
    }

    /** The same with something below the title. */
    public FittedBar withNote(String other) {
        return new FittedBar(id, name, form, look, lines, apart, buttons, person, filter, title, other, standing);
    }

    /** The same, standing otherwise. */
    public FittedBar standing(Standing other) {
        return new FittedBar(id, name, form, look, lines, apart, buttons, person, filter, title, note, other);
    }
}
