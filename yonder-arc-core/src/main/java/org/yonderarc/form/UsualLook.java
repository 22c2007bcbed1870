package org.yonderarc.form;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.fit.Look;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Marks;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;

/**
 * How items look in a form where no style says otherwise.
 *
 * @param sizes every size but the width of items, which share the room
 * @param mark the mark of the selected item
 * @param plain the look with that mark, made once, as most items have it
 */
record UsualLook(Map<Size, Double> sizes, Indicator mark, Look plain) {
    private static final double ITEM_RADIUS = 12;
    private static final Paint MUTED = new Paint.ByRole(Role.MUTED);
    private static final StateLook DEFAULT = new StateLook(
                    Optional.of(MUTED), Optional.of(MUTED), Optional.of(Paint.NONE), Optional.of(Paint.NONE))
            .onTile(new Paint.ByRole(Role.QUIET));
    private static final StateLook HOVER = filled(Role.QUIET);
    private static final StateLook PRESSED = filled(Role.LINE);

    /** The usual look with these sizes and this mark. */
    static UsualLook of(Map<Size, Double> sizes, Indicator mark) {
        return new UsualLook(sizes, mark, new Look(style(sizes, mark)));
    }

    private static StateLook filled(Role role) {
        return new StateLook(Optional.empty(), Optional.empty(), Optional.of(new Paint.ByRole(role)), Optional.empty());
    }

    /** What is usual where a style asks for another mark. */
    Style with(Indicator other) {
        return style(sizes, other);
    }

    private static Style style(Map<Size, Double> sizes, Indicator mark) {
        MarkHome home = Marks.of(mark.kind());
        var selected = new StateLook(
                        Optional.of(home.usualIcon()),
                        Optional.of(new Paint.ByRole(Role.ACCENT)),
                        Optional.of(Paint.NONE),
                        Optional.of(home.usualFill()))
                .onTile(new Paint.ByRole(Role.TINT));
        return new Style(
                Optional.of(mark),
                Optional.of(Style.Which.SELECTED),
                Optional.of(true),
                Optional.of(Style.Which.SELECTED),
                Background.NONE,
                Optional.empty(),
                Optional.empty(),
                sizes,
                Map.of(
                        ItemState.DEFAULT, DEFAULT,
                        ItemState.SELECTED, selected,
                        ItemState.HOVER, HOVER,
                        ItemState.PRESSED, PRESSED));
    }

    /** The sizes of a form: icons, labels, titles, then the item's height, its spacing, padding and gap, the bar's thickness;
     * then, where it isn't the usual one, the radius of items. */
    static Map<Size, Double> sizes(double... dp) {
        Size[] order = {
            Size.ICON_SIZE,
            Size.LABEL_SIZE,
            Size.TITLE_SIZE,
            Size.ITEM_HEIGHT,
            Size.SPACING,
            Size.PADDING,
            Size.GAP,
            Size.THICKNESS
        };
        var sizes = new EnumMap<Size, Double>(Size.class);
        for (int i = 0; i < order.length; i++) {
            sizes.put(order[i], dp[i]);
        }
        sizes.put(Size.ITEM_RADIUS, dp.length > order.length ? dp[order.length] : ITEM_RADIUS);
        return Map.copyOf(sizes);
    }

    /** A shape behind the whole item. */
    static Indicator behindItem() {
        return new Indicator(
                Indicator.Kind.SHAPE,
                Indicator.Edge.INNER,
                Indicator.Behind.ITEM,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
