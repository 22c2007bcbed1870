package org.yonderarc.layout;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Role;

/**
 * The boxes of a fitting, for a person who reads from left to right; a scene is mirrored as a whole.
 *
 * @param screen the whole device
 * @param content where the screen's content stands
 * @param bars the bars, those that lie over others later
 * @param aside how far all but the drawer moved aside from a drawer beneath; no value where none lies there
 */
public record Layout(Box screen, Box content, List<Bar> bars, Optional<Aside> aside) {
    public Layout {
        bars = List.copyOf(bars);
    }

    /** The boxes of the bar of this form; no value where none shows. */
    public Optional<Bar> one(Form.Kind kind) {
        return bars.stream()
                .filter(bar -> bar.fitted().standing() != FittedBar.Standing.OVERFLOW)
                .filter(bar -> bar.fitted().form().kind() == kind)
                .findFirst();
    }

    /** The boxes of the place that lists what didn't fit into a bar; no value where it isn't open. */
    public Optional<Bar> overflow() {
        return bars.stream()
                .filter(bar -> bar.fitted().standing() == FittedBar.Standing.OVERFLOW)
                .findFirst();
    }

    /**
     * What moved aside.
     *
     * @param distance how far, in dp; below 0 towards the leading edge
     * @param radius the radius of its corners in dp
     * @param shadow whether it casts a shadow
     * @param scale how large it is, as a share of its size; smaller, it stays in the middle between top and bottom
     */
    public record Aside(double distance, double radius, boolean shadow, double scale) {}

    /**
     * The boxes of a bar.
     *
     * @param fitted the bar
     * @param ground what lies behind all of it
     * @param list its items, in the order in which they scroll
     * @param apart the items that don't scroll with the others
     * @param head what stands in it beside items and buttons
     * @param buttons its buttons
     */
    public record Bar(
            FittedBar fitted, Ground ground, ItemList list, List<Slot> apart, Head head, List<Button> buttons) {
        public Bar {
            apart = List.copyOf(apart);
            buttons = List.copyOf(buttons);
        }

        /** The whole bar. */
        public Box box() {
            return ground.box();
        }

        /** All items, those that scroll first. */
        public List<Slot> slots() {
            return Stream.concat(list.slots().stream(), apart.stream()).collect(toList());
        }
    }

    /**
     * What lies behind a bar.
     *
     * @param box its box
     * @param radius the radius of its corners in dp; 0 for a bar that reaches to an edge
     * @param raised whether it casts a shadow
     * @param fill its colour; no value where what lies behind the bar shows
     * @param line the hairline towards the content
     * @param scrim what keeps the content from being touched while the bar is open
     */
    public record Ground(Box box, double radius, boolean raised, Optional<Role> fill, Optional<Box> line, Scrim scrim) {
        /** The ground of a bar in the colour of surfaces, with square corners. */
        public static Ground of(Box box, Optional<Box> line) {
            return new Ground(box, 0, false, Optional.of(Role.SURFACE), line, Scrim.NONE);
        }
    }

    /** What lies between the content and a bar over it. */
    public enum Scrim {
        /** Nothing: the content can be touched. */
        NONE,
        /** Something that can't be seen; touching it closes the bar. */
        CLEAR,
        /** Something dark; touching it closes the bar. */
        DIM
    }

    /**
     * Items below or beside each other.
     *
     * @param view what of them can be seen; where they reach beyond, they scroll
     * @param clips whether they are cut off at the edges of the view
     * @param slots the items
     * @param headings what stands above groups of them
     * @param dividers the lines between them
     * @param origin what they come out of when they open, one after the other; no value where they stand by themselves
     */
    public record ItemList(
            Box view,
            boolean clips,
            List<Slot> slots,
            List<TextLine> headings,
            List<Box> dividers,
            Optional<Box> origin) {
        /** Below the last item of a list that scrolls, in dp: there it is clear of what hints that the list goes on. */
        public static final double END = 24;

        public ItemList {
            slots = List.copyOf(slots);
            headings = List.copyOf(headings);
            dividers = List.copyOf(dividers);
        }

        /** How far its items reach beyond the right edge of the view, in dp. */
        public double across() {
            double end = slots.stream()
                    .mapToDouble(slot -> slot.target().right())
                    .max()
                    .orElse(0);
            return Math.max(0, end - view.right());
        }

        /** How far its items reach below the view, with the room behind the last one, in dp; 0 where all of them show. */
        public double down() {
            double end = slots.stream()
                    .mapToDouble(slot -> slot.target().bottom())
                    .max()
                    .orElse(0);
            return end > view.bottom() ? end + END - view.bottom() : 0;
        }

        /** The same, seen beyond the edges of its view too. */
        public ItemList unclipped() {
            return new ItemList(view, false, slots, headings, dividers, origin);
        }

        /** Items without headings and dividers. */
        public static ItemList of(Box view, boolean clips, List<Slot> slots) {
            return new ItemList(view, clips, slots, List.of(), List.of(), Optional.empty());
        }
    }

    /**
     * What stands in a bar beside items and buttons.
     *
     * @param title the title of the place
     * @param note what stands below the title
     * @param logo the app's logo
     * @param face the person, or the app
     * @param field the field into which people type
     */
    public record Head(
            Optional<TextLine> title,
            Optional<TextLine> note,
            Optional<Logo> logo,
            Optional<Face> face,
            Optional<Field> field) {
        /** Without a field. */
        public Head(Optional<TextLine> title, Optional<TextLine> note, Optional<Logo> logo, Optional<Face> face) {
            this(title, note, logo, face, Optional.empty());
        }

        /** The same with a field. */
        public Head with(Optional<Field> other) {
            return new Head(title, note, logo, face, other);
        }

        /** Without anything below the title. */
        public Head(Optional<TextLine> title, Optional<Logo> logo, Optional<Face> face) {
            this(title, Optional.empty(), logo, face);
        }

        /** Nothing. */
        public static final Head NONE = new Head(Optional.empty(), Optional.empty(), Optional.empty());

        /** A person, or the app. */
        public static Head of(Optional<Face> face) {
            return new Head(Optional.empty(), Optional.empty(), face);
        }
    }

    /**
     * A field into which people type.
     *
     * @param target where it can be touched
     * @param plate what lies behind it
     * @param icon its icon
     * @param text what is typed, or what it says while nothing is
     * @param fitted what it is
     */
    public record Field(Box target, Plate plate, Box icon, TextLine text, FittedBar.Filter fitted) {}

    /**
     * The app's logo.
     *
     * @param box where it stands
     * @param name the app's name, or its first letter, which stands in for it
     * @param small whether its small form is wanted
     * @param atStart whether it stands at the start of the box, and not in its middle
     */
    public record Logo(Box box, TextLine name, boolean small, boolean atStart) {}

    /**
     * A button.
     *
     * @param target where it can be touched, at least 48 dp each way
     * @param icon its icon
     * @param fitted what it is
     * @param plate what lies behind it
     */
    public record Button(Box target, Box icon, FittedBar.Button fitted, Optional<Plate> plate) {}

    /**
     * What always lies behind something, whatever its state.
     *
     * @param box its box
     * @param radius the radius of its corners in dp
     * @param fill its colour
     * @param ink the colour of what stands on it; no value where its style says so
     * @param raised whether it casts a shadow
     */
    public record Plate(Box box, double radius, Role fill, Optional<Role> ink, boolean raised) {}

    /**
     * A person, or the app, in a bar.
     *
     * @param ground what lies behind
     * @param picture the picture, a circle
     * @param initials what stands in the circle where there is no picture
     * @param person who it is
     * @param texts what is said
     * @param background the colours behind it
     */
    public record Face(
            Box ground,
            Box picture,
            TextLine initials,
            FittedBar.Person person,
            List<TextLine> texts,
            Optional<Fill> background) {
        public Face {
            texts = List.copyOf(texts);
        }
    }

    /**
     * The boxes of an item.
     *
     * @param item the item
     * @param target where it can be touched, at least 48 dp high
     * @param behind what a state colours behind the whole item
     * @param radius the radius of its corners in dp
     * @param body its icon, its label and what belongs to them
     * @param mark the mark of the selected item, where it is selected
     * @param plate what always lies behind it
     */
    public record Slot(
            FittedItem item,
            Box target,
            Box behind,
            double radius,
            Body body,
            Optional<Mark> mark,
            Optional<Plate> plate) {
        /** Its icon; of no size where it has none. */
        public Box icon() {
            return body.icon();
        }

        /** The lines of its label; none where it isn't shown. */
        public List<TextLine> label() {
            return body.label();
        }

        /** Its badge. */
        public Optional<Badge> badge() {
            return body.badge();
        }

        /** The same, another box filled by the colour of a state. */
        public Slot filling(Box other) {
            return new Slot(item, target, other, radius, body, mark, plate);
        }

        /** The same on a plate. */
        public Slot on(Plate other) {
            return new Slot(item, target, behind, radius, body, mark, Optional.of(other));
        }
    }

    /**
     * What is read of an item.
     *
     * @param icon its icon; of no size where it has none
     * @param label the lines of its label; none where it isn't shown
     * @param note the lines of what is said about it
     * @param value what stands at its end
     * @param badge its badge
     * @param sign the sign at its end
     * @param plates what lies behind the lines of its label; none where they stand on the bar
     */
    public record Body(
            Box icon,
            List<TextLine> label,
            List<TextLine> note,
            Optional<TextLine> value,
            Optional<Badge> badge,
            Optional<Box> sign,
            List<Box> plates) {
        /** Texts that stand on the bar itself. */
        public Body(Box icon, List<TextLine> label, List<TextLine> note, Optional<Badge> badge, Optional<Box> sign) {
            this(icon, label, note, Optional.empty(), badge, sign, List.of());
        }

        /** The same, its label on plates. */
        public Body on(List<Box> other) {
            return new Body(icon, label, note, value, badge, sign, other);
        }

        public Body {
            plates = List.copyOf(plates);
            label = label.stream().filter(line -> !line.text().isEmpty()).collect(toList());
            note = note.stream().filter(line -> !line.text().isEmpty()).collect(toList());
        }
    }

    /**
     * The mark of the selected item.
     *
     * @param kind its kind
     * @param shapes the shapes that it is made of; never empty
     */
    public record Mark(Indicator.Kind kind, List<Shape> shapes) {
        public Mark {
            shapes = List.copyOf(shapes);
        }

        /** The box of its first shape. */
        public Box box() {
            return shapes.get(0).box();
        }
    }

    /**
     * A filled shape.
     *
     * @param box its box
     * @param radius the radius of its corners in dp
     */
    public record Shape(Box box, double radius) {}

    /**
     * A badge: a dot where there is no text.
     *
     * @param box its outline, round at both ends
     * @param text what it says
     */
    public record Badge(Box box, Optional<TextLine> text) {
        /** The width in dp of the ring in the bar's colour that keeps a badge off what lies below. */
        public static final double RING = 2;
    }
}
