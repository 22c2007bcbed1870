package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * A narrow bar at a side edge.
 *
 * @param side the edge it stands at: the one where lines start, or the one where they end
 * @param labels which items show their label
 * @param narrow whether it is as narrow as touch targets allow; a thickness that its style says goes before
 * @param action the item that stands at its head as the main action
 * @param alignItems where its items stand between top and bottom
 * @param border whether a line closes it at the side
 * @param iconPosition where the icon stands, seen from its label
 * @param showLogo whether the app's logo stands at its head
 * @param floating how it stands free, as high as its items. Without it, it reaches from edge to edge
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "rail",
        copies = {"labels", "iconPosition", "style"})
public record RailForm(
        Side side,
        Labels labels,
        boolean narrow,
        @Key(names = Noun.ITEM) Optional<String> action,
        Alignment alignItems,
        boolean border,
        IconPosition iconPosition,
        boolean showLogo,
        Optional<Floating> floating,
        Optional<Style.Ref> style)
        implements Form {
    /** A rail with all defaults. */
    public static final RailForm DEFAULT = new RailForm(
            Side.LEADING,
            Labels.ALL,
            false,
            Optional.empty(),
            Alignment.START,
            false,
            IconPosition.ABOVE,
            false,
            Optional.empty(),
            Optional.empty());

    public RailForm {
        Objects.requireNonNull(side, "side");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(floating, "floating");
        Objects.requireNonNull(action, "action");
        Objects.requireNonNull(alignItems, "alignItems");
        Objects.requireNonNull(iconPosition, "iconPosition");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public Kind kind() {
        return Kind.RAIL;
    }

    @Override
    public Map<String, String> idle(boolean hasItems) {
        return border && floating.isPresent() ? Map.of("border", "a rail that stands free has no line") : Map.of();
    }

    @Override
    public Edge edge() {
        return side.edge();
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
        return RailCopies.style(this, other);
    }

    @Override
    public RailForm withLabels(Labels which) {
        return RailCopies.labels(this, which);
    }

    @Override
    public RailForm withIconPosition(IconPosition position) {
        return RailCopies.iconPosition(this, position);
    }

    /**
     * How a rail stands free of the edges.
     *
     * @param inset its distance in dp from the edges, from other bars, and from what the device claims, within {@link #INSET}
     * @param radius the radius of its corners in dp, within {@link #RADIUS}
     * @param shadow whether it casts a shadow
     * @param overContent whether the content goes on beneath it, as maps and canvases do; if not, it stands beside the rail
     */
    @Keys(value = "floating rail", isSwitch = true)
    public record Floating(
            @Key(range = "INSET") double inset,
            @Key(range = "RADIUS") double radius,
            boolean shadow,
            boolean overContent) {
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
