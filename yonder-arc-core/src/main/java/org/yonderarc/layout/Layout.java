package org.yonderarc.layout;

import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.plan.Indicator;

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

    /** The boxes of the bar of this form. */
    public <B extends FittedBar> Optional<Bar> one(Class<B> form) {
        return bars.stream().filter(bar -> form.isInstance(bar.fitted())).findFirst();
    }

    /**
     * What moved aside.
     *
     * @param distance how far, in dp
     * @param radius the radius of its corners in dp
     * @param shadow whether it casts a shadow
     */
    public record Aside(double distance, double radius, boolean shadow) {}

    /**
     * The boxes of a bar.
     *
     * @param fitted the bar
     * @param box the whole bar
     * @param radius the radius of its corners in dp; 0 for a bar that reaches to an edge
     * @param raised whether it casts a shadow
     * @param view what of its items can be seen; where they reach beyond, they scroll
     * @param slots its items
     * @param titles its title or its headings
     * @param lines the lines between its items
     * @param buttons its buttons
     * @param face the person, or the app
     * @param logo where the logo stands
     * @param scrim whether it lies over the content with a scrim between
     */
    public record Bar(
            FittedBar fitted,
            Box box,
            double radius,
            boolean raised,
            Box view,
            List<Slot> slots,
            List<TextLine> titles,
            List<Box> lines,
            List<Button> buttons,
            Optional<Face> face,
            Optional<Box> logo,
            boolean scrim) {
        public Bar {
            slots = List.copyOf(slots);
            titles = List.copyOf(titles);
            lines = List.copyOf(lines);
            buttons = List.copyOf(buttons);
        }

        /** A bar of which nothing but its own box is known. */
        static Bar of(FittedBar fitted, Box box) {
            return new Bar(
                    fitted,
                    box,
                    0,
                    false,
                    box,
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    Optional.empty(),
                    false);
        }
    }

    /**
     * A button.
     *
     * @param target where it can be touched, at least 48 dp each way
     * @param icon its icon
     * @param fitted what it is
     */
    public record Button(Box target, Box icon, FittedBar.Button fitted) {}

    /**
     * A person, or the app, in a bar.
     *
     * @param ground what lies behind
     * @param picture the picture, a circle
     * @param person who it is
     * @param texts what is said
     */
    public record Face(Box ground, Box picture, FittedBar.Person person, List<TextLine> texts) {
        public Face {
            texts = List.copyOf(texts);
        }
    }

    /**
     * The boxes of an item.
     *
     * @param item the item
     * @param target where it can be touched, at least 48 dp high
     * @param radius the radius in dp of what lies behind the whole item
     * @param icon its icon; of no size where it has none
     * @param label the lines of its label; none where it isn't shown
     * @param badge its badge
     * @param mark the mark of the selected item, where it is selected
     * @param leaves the sign that it leads out of the app
     */
    public record Slot(
            FittedItem item,
            Box target,
            double radius,
            Box icon,
            List<TextLine> label,
            Optional<Badge> badge,
            Optional<Mark> mark,
            Optional<Box> leaves) {
        public Slot {
            label = label.stream().filter(line -> !line.text().isEmpty()).toList();
        }
    }

    /**
     * The mark of the selected item.
     *
     * @param kind its kind
     * @param box its box
     * @param radius the radius of its corners in dp
     */
    public record Mark(Indicator.Kind kind, Box box, double radius) {}

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
