package org.yonderarc.layout;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;

/** Everything about one kind of mark. To add a kind, write one of these, and list it in {@link Marks}. */
public interface MarkHome {
    /** The edge of an item that lies towards the content. */
    enum Inner {
        /** Its upper edge: a bar below the content. */
        UPPER,
        /** Its lower edge: a bar above the content. */
        LOWER,
        /** Its trailing edge: a bar before the content. */
        TRAILING,
        /** Its leading edge: a bar behind the content. */
        LEADING;

        /** The edge of items in a bar at a side edge. */
        public static Inner of(Form.Side flank) {
            return flank.isTrailing() ? LEADING : TRAILING;
        }

        /** Whether the bar stands, and its items lie below each other. */
        public boolean stands() {
            return this == TRAILING || this == LEADING;
        }
    }

    /**
     * Where a mark can stand.
     *
     * @param indicator what the style says
     * @param icon the icon, or icon and label where they stand beside each other; of no size where there is no icon
     * @param label the label; of no size where none shows
     * @param target the item
     * @param radius the radius of the corners of what lies behind the item, in dp
     * @param bar the bar's box, without the safe insets
     * @param inner which edge lies towards the content
     */
    record Room(Indicator indicator, Box icon, Box label, Box target, double radius, Box bar, Inner inner) {
        /** Whether the bar stands, and its items lie below each other. */
        public boolean stands() {
            return inner.stands();
        }

        /** Whether the mark's edge is the one of the larger coordinate. */
        public boolean isFar() {
            boolean innerIsFar = inner == Inner.LOWER || inner == Inner.TRAILING;
            return (indicator.edge() == Indicator.Edge.INNER) == innerIsFar;
        }
    }

    /** The shapes of the mark; empty for no mark. */
    List<Layout.Shape> shapes(Room room);

    /** The keys of an indicator that do nothing to this mark, each with the reason: "a dot is as wide as it is thick". */
    default Map<String, String> idle() {
        return Map.of();
    }

    /** Its usual colour. */
    default Paint usualFill() {
        return new Paint.ByRole(Role.ACCENT);
    }

    /** The usual colour of the icon of the selected item. */
    default Paint usualIcon() {
        return new Paint.ByRole(Role.ACCENT);
    }

    /** Whether the icon of the selected item stands on it. */
    default boolean isBehindIcon() {
        return false;
    }

    /** Whether it casts a shadow. */
    default boolean isRaised() {
        return false;
    }

    /** The room that it wants at the ends of a bar that lies, in dp. */
    default double padding(Indicator indicator) {
        return 0;
    }

    /** The room that it wants above the items of a bar that lies, in dp. */
    default double above(Indicator indicator) {
        return 0;
    }

    /** The extent of an icon with the mark behind it, across a bar that lies. */
    default double across(Indicator indicator, double icon) {
        return icon;
    }

    /** The least y of labels below icons in a bar that lies, so that the mark covers none. */
    default double labelTop(Indicator indicator, Box bar) {
        return bar.y();
    }

    /** The y of the middle of the selected item's icon in a bar that lies; no value where it stays with the others. */
    default Optional<Double> iconMiddle(Indicator indicator, Box bar) {
        return Optional.empty();
    }

    /**
     * The outline of a bar at the lower edge that gives way to the mark, everything larger by {@code spread} dp; no value where
     * the bar keeps its shape.
     */
    default Optional<Outline> carved(Indicator indicator, Box bar, double radius, Box mark, double spread) {
        return Optional.empty();
    }
}
