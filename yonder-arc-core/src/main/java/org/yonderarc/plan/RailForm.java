package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * A narrow bar at a side edge.
 *
 * @param flank which side edge
 * @param labels which items show their label
 * @param narrow whether it is as narrow as touch targets allow
 * @param action the id of the item that stands at its head as the main action
 * @param items where its items stand between top and bottom
 * @param line whether a line closes it at the side
 * @param icons where icons stand
 * @param logo whether the app's logo stands at its head, in its small form
 * @param floating how it stands free; no value where it reaches from edge to edge
 * @param style how it looks
 */
public record RailForm(
        Flank flank,
        Labels labels,
        boolean narrow,
        Optional<String> action,
        Side items,
        boolean line,
        IconSide icons,
        boolean logo,
        Optional<Floating> floating,
        Optional<Style.Ref> style)
        implements Form {
    /** A rail with all defaults. */
    public static final RailForm DEFAULT = new RailForm(
            Flank.LEADING,
            Labels.ALL,
            false,
            Optional.empty(),
            Side.START,
            false,
            IconSide.ABOVE,
            false,
            Optional.empty(),
            Optional.empty());

    public RailForm {
        Objects.requireNonNull(flank, "flank");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(floating, "floating");
        Objects.requireNonNull(action, "action");
        Objects.requireNonNull(items, "items");
        Objects.requireNonNull(icons, "icons");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.RAIL;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        return line && floating.isPresent() ? Map.of("line", "a rail that stands free has no line") : Map.of();
    }

    @Override
    public Edge edge() {
        return flank.edge();
    }

    @Override
    public List<String> named() {
        return action.stream().collect(toList());
    }

    @Override
    public Optional<Labels> labelled() {
        return Optional.of(labels);
    }

    @Override
    public RailForm withStyle(Style.Ref other) {
        return new RailForm(flank, labels, narrow, action, items, line, icons, logo, floating, Optional.of(other));
    }

    @Override
    public RailForm withLabels(Labels which) {
        return new RailForm(flank, which, narrow, action, items, line, icons, logo, floating, style);
    }

    @Override
    public RailForm withIcons(IconSide side) {
        return new RailForm(flank, labels, narrow, action, items, line, side, logo, floating, style);
    }

    /**
     * How a rail stands free of the edges, as high as its items.
     *
     * @param inset its distance from the edges in dp, within {@link #INSET}
     * @param radius the radius of its corners in dp, within {@link #RADIUS}
     * @param shadow whether it casts a shadow
     * @param over whether the content goes on beneath it; if not, the content stands beside it
     */
    public record Floating(double inset, double radius, boolean shadow, boolean over) {
        /** Distances from the edges in dp. */
        public static final Range INSET = new Range(0, 160);
        /** Radii of corners in dp. */
        public static final Range RADIUS = new Range(0, 64);
        /** With all defaults. */
        public static final Floating DEFAULT = new Floating(16, 24, true, false);

        public Floating {
            INSET.require(inset, "the inset of a floating rail");
            RADIUS.require(radius, "the radius of a floating rail");
        }
    }
}
