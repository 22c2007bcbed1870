package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A narrow bar at the leading edge.
 *
 * @param labels which items show their label
 * @param narrow whether it is as narrow as touch targets allow
 * @param action the id of the item that stands at its head as the main action
 * @param items where its items stand between top and bottom
 * @param line whether a line closes it at the side
 * @param icons where icons stand
 * @param logo whether the app's logo stands at its head, in its small form
 * @param style how it looks
 */
public record RailForm(
        Labels labels,
        boolean narrow,
        Optional<String> action,
        Side items,
        boolean line,
        IconSide icons,
        boolean logo,
        Optional<Style.Ref> style)
        implements Form {
    /** A rail with all defaults. */
    public static final RailForm DEFAULT = new RailForm(
            Labels.ALL, false, Optional.empty(), Side.START, false, IconSide.ABOVE, false, Optional.empty());

    public RailForm {
        Objects.requireNonNull(labels, "labels");
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
    public Edge edge() {
        return Edge.LEADING;
    }

    @Override
    public List<String> named() {
        return action.stream().toList();
    }

    @Override
    public Optional<Labels> labelled() {
        return Optional.of(labels);
    }

    @Override
    public RailForm withStyle(Style.Ref other) {
        return new RailForm(labels, narrow, action, items, line, icons, logo, Optional.of(other));
    }

    @Override
    public RailForm withLabels(Labels which) {
        return new RailForm(which, narrow, action, items, line, icons, logo, style);
    }

    @Override
    public RailForm withIcons(IconSide side) {
        return new RailForm(labels, narrow, action, items, line, side, logo, style);
    }
}
