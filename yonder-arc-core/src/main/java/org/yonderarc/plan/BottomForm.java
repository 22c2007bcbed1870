package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A bar at the lower edge with a slot for each item.
 *
 * @param maxItems how many items it holds at most, the overflow item included, within {@link #MOST}
 * @param whenFull what happens to the items that don't fit: an overflow item, more rows, or scrolling
 * @param overflow the item that leads to those that don't fit
 * @param labels which items show their label
 * @param iconPosition where the icon stands, seen from its label
 * @param action the item that stands raised in the middle as the main action; in a bar that wraps or scrolls it stands among the others
 * @param actionSize the width and height of that item's circle, in dp, within {@link #ACTION_SIZE}
 * @param onScroll what it does when the content scrolls: it leaves as one scrolls down, and comes back as one scrolls up
 * @param floating how it floats. Without it, it reaches from edge to edge
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "bottom",
        copies = {"labels", "iconPosition", "style"})
public record BottomForm(
        @Key(range = "MOST") int maxItems,
        WhenFull whenFull,
        Overflow overflow,
        Labels labels,
        IconPosition iconPosition,
        @Key(names = Noun.ITEM) Optional<String> action,
        @Key(range = "ACTION_SIZE") double actionSize,
        Scrolling onScroll,
        Optional<Floating> floating,
        Optional<Style.Ref> style)
        implements Form {
    /** How many items it may hold. */
    public static final Range MOST = new Range(2, 12);

    /** The diameter of the main action's circle in dp. */
    public static final Range ACTION_SIZE = new Range(40, 96);

    /** A bottom bar with all defaults. */
    public static final BottomForm DEFAULT = new BottomForm(
            5,
            WhenFull.OVERFLOW,
            Overflow.DEFAULT,
            Labels.ALL,
            IconPosition.ABOVE,
            Optional.empty(),
            56,
            Scrolling.STAY,
            Optional.empty(),
            Optional.empty());

    public BottomForm {
        MOST.require(maxItems, "the number of items of a bottom bar");
        Objects.requireNonNull(whenFull, "whenFull");
        Objects.requireNonNull(overflow, "overflow");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(iconPosition, "iconPosition");
        Objects.requireNonNull(action, "action");
        ACTION_SIZE.require(actionSize, "the size of the main action");
        Objects.requireNonNull(onScroll, "onScroll");
        Objects.requireNonNull(floating, "floating");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.BOTTOM;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        var idle = new TreeMap<String, String>();
        if (action.isPresent() && raised().isEmpty()) {
            idle.put("action", "a bar that wraps or scrolls has no middle");
        }
        if (actionSize != DEFAULT.actionSize && raised().isEmpty()) {
            idle.put("action-size", "it has no main action in its middle; set \"action\"");
        }
        boolean isNarrow = floating.flatMap(Floating::maxWidth).isPresent();
        if (!isNarrow && floating.filter(how -> how.align() != Alignment.CENTER).isPresent()) {
            idle.put("floating/align", "a bar as wide as the window stands where it stands; set \"max-width\"");
        }
        return idle;
    }

    @Override
    public Edge edge() {
        return Edge.LOWER;
    }

    @Override
    public List<String> named() {
        return raised().stream().collect(toList());
    }

    /** The id of the item that stands raised in the middle: a bar of several rows, or one that scrolls, has no middle. */
    public Optional<String> raised() {
        return whenFull == WhenFull.OVERFLOW ? action : Optional.empty();
    }

    @Override
    public Optional<Labels> labelled() {
        return Optional.of(labels);
    }

    @Override
    public Optional<Overflow> overflows() {
        return whenFull == WhenFull.OVERFLOW ? Optional.of(overflow) : Optional.empty();
    }

    @Override
    public BottomForm withStyle(Style.Ref other) {
        return BottomCopies.style(this, other);
    }

    @Override
    public BottomForm withLabels(Labels which) {
        return BottomCopies.labels(this, which);
    }

    @Override
    public BottomForm withIconPosition(IconPosition side) {
        return BottomCopies.iconPosition(this, side);
    }

    /**
     * How a bar floats above the content.
     *
     * @param inset its distance from the edges in dp, and never less than what the device claims of them, within {@link #INSET}
     * @param radius the radius of its corners in dp, within {@link #RADIUS}
     * @param shadow whether it casts a shadow
     * @param bottomOffset its distance from the lower edge in dp, within {@link #INSET}. Default: as from the others
     * @param maxWidth how wide it is at most, in dp, within {@link #WIDEST}. Default: as wide as the device leaves room
     * @param align where it stands where it is narrower than that
     */
    @Keys(value = "floating", isSwitch = true)
    public record Floating(
            @Key(range = "INSET") double inset,
            @Key(range = "RADIUS") double radius,
            boolean shadow,
            @Key(range = "INSET") Optional<Double> bottomOffset,
            @Key(range = "WIDEST") Optional<Double> maxWidth,
            Alignment align) {
        /** Distances from the edges in dp. */
        public static final Range INSET = new Range(0, 160);
        /** Greatest widths in dp. */
        public static final Range WIDEST = new Range(120, 4000);
        /** Radii of corners in dp. */
        public static final Range RADIUS = new Range(0, 64);
        /** With all defaults. */
        public static final Floating DEFAULT =
                new Floating(16, 24, true, Optional.empty(), Optional.empty(), Alignment.CENTER);

        public Floating {
            INSET.require(inset, "the inset of a floating bar");
            RADIUS.require(radius, "the radius of a floating bar");
            INSET.require(bottomOffset, "the distance of a floating bar from the lower edge");
            WIDEST.require(maxWidth, "the greatest width of a floating bar");
            Objects.requireNonNull(align, "align");
        }
    }
}
