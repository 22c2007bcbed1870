package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * A round button that fans its items out on an arc around it. It stands above the content.
 *
 * @param position where the button stands, in reading direction: a lower corner, or the middle of an edge
 * @param maxItems how many items it fans out at most, the overflow item included, within {@link #MOST}
 * @param overflow the item that leads to those that don't fit
 * @param labels where labels stand; below their icons where the arc leaves no room beside them
 * @param scrim whether the content is dimmed while it is open
 * @param label what the button is called; it is read aloud
 * @param icon the name of the button's icon
 * @param turn by how much the icon turns while it is open, in degrees clockwise, within {@link #TURN}
 * @param style how its items look: the name of a shared style, or a style of its own
 */
@Keys(
        value = "radial",
        copies = {"labels", "style"})
public record RadialForm(
        Corner position,
        @Key(range = "MOST") int maxItems,
        Overflow overflow,
        Beside labels,
        boolean scrim,
        Words label,
        @Key(codec = "PlanCodecs.ICON") String icon,
        @Key(range = "TURN") double turn,
        Optional<Style.Ref> style)
        implements Form {
    /** How many items it may fan out. */
    public static final Range MOST = new Range(2, 8);
    /** Turns in degrees. */
    public static final Range TURN = new Range(-360, 360);

    /** A radial menu with all defaults. */
    public static final RadialForm DEFAULT = new RadialForm(
            Corner.LOWER_END, 5, Overflow.DEFAULT, Beside.BESIDE, true, Words.of("Menu"), "plus", 45, Optional.empty());

    public RadialForm {
        Objects.requireNonNull(position, "position");
        MOST.require(maxItems, "the number of items of a radial menu");
        Objects.requireNonNull(overflow, "overflow");
        Objects.requireNonNull(labels, "labels");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(icon, "icon");
        TURN.require(turn, "the turn of a radial menu's icon");
        Objects.requireNonNull(style, "style");
    }

    @Override
    public boolean isOpened() {
        return true;
    }

    @Override
    public Kind kind() {
        return Kind.RADIAL;
    }

    @Override
    public boolean holdsPlaces() {
        return false;
    }

    @Override
    public Edge edge() {
        return Edge.ABOVE;
    }

    @Override
    public Optional<Labels> labelled() {
        return Optional.of(labels == Beside.NONE ? Labels.NONE : Labels.ALL);
    }

    @Override
    public Optional<Overflow> overflows() {
        return Optional.of(overflow);
    }

    @Override
    public RadialForm withStyle(Style.Ref other) {
        return RadialCopies.style(this, other);
    }

    @Override
    public RadialForm withLabels(Labels which) {
        Beside beside = which == Labels.NONE ? Beside.NONE : labels == Beside.NONE ? Beside.BESIDE : labels;
        return RadialCopies.labels(this, beside);
    }

    /** Where the button of a radial menu stands, in reading direction. */
    public enum Corner {
        /** In the lower corner where lines end. */
        LOWER_END,
        /** In the lower corner where lines start. */
        LOWER_START,
        /** Before the middle of the lower edge. */
        LOWER,
        /** Before the middle of the edge where lines end. */
        END,
        /** Before the middle of the edge where lines start. */
        START
    }

    /** Where the labels of fanned items stand. */
    public enum Beside {
        /** Beside their icons; below them where the arc leaves no room at the side. */
        BESIDE,
        /** Below their icons. */
        BELOW,
        /** Nowhere. */
        NONE
    }
}
