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
 * @param maxItems how many items it holds at most, the overflow item included; within {@link #MOST}
 * @param whenFull what happens to the items that don't fit
 * @param overflow the item that leads to the others
 * @param labels which items show their label
 * @param iconPosition where icons stand
 * @param action the id of the item that stands raised in the middle, as the main action
 * @param actionSize the diameter of its circle in dp, within {@link #ACTION_SIZE}
 * @param onScroll what it does when the content scrolls
 * @param floating its inset from the edges, where it floats
 * @param style how it looks
 */
public record BottomForm(
        int maxItems,
        WhenFull whenFull,
        Overflow overflow,
        Labels labels,
        IconPosition iconPosition,
        Optional<String> action,
        double actionSize,
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
        return new BottomForm(
                maxItems,
                whenFull,
                overflow,
                labels,
                iconPosition,
                action,
                actionSize,
                onScroll,
                floating,
                Optional.of(other));
    }

    @Override
    public BottomForm withLabels(Labels which) {
        return new BottomForm(
                maxItems, whenFull, overflow, which, iconPosition, action, actionSize, onScroll, floating, style);
    }

    @Override
    public BottomForm withIconPosition(IconPosition side) {
        return new BottomForm(
                maxItems, whenFull, overflow, labels, side, action, actionSize, onScroll, floating, style);
    }

    /**
     * How a bar floats.
     *
     * @param inset its distance from the edges in dp, within {@link #INSET}
     * @param radius the radius of its corners in dp, within {@link #RADIUS}
     * @param shadow whether it casts a shadow
     * @param bottomOffset its distance from the lower edge in dp, within {@link #INSET}, where that is another
     * @param maxWidth how wide it is at most, in dp, within {@link #WIDEST}; by default as wide as the device leaves room
     * @param align where it stands where it is narrower than that
     */
    public record Floating(
            double inset,
            double radius,
            boolean shadow,
            Optional<Double> bottomOffset,
            Optional<Double> maxWidth,
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
