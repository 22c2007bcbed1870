package org.yonderarc.fit;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;

/**
 * How an item looks in a form, resolved: the item's own style over that of the bar's form, over the theme's, over what is
 * usual for the form.
 *
 * @param style the style, with every size and the colours of every state but those that only shade others
 */
public record Look(Style style) {
    private static final Paint ACCENT = new Paint.ByRole(Role.ACCENT);
    private static final Paint MUTED = new Paint.ByRole(Role.MUTED);
    private static final Paint QUIET = new Paint.ByRole(Role.QUIET);
    private static final Paint LINE = new Paint.ByRole(Role.LINE);
    private static final Paint TINT = new Paint.ByRole(Role.TINT);
    private static final Paint ON_ACCENT = new Paint.ByRole(Role.ON_ACCENT);

    private static final Map<Size, Double> BOTTOM = sizes(24, 12, 17, 48, 0, 0, 4, 64);
    private static final Map<Size, Double> TOP = sizes(24, 14, 17, 48, 4, 4, 6, 56);
    private static final Map<Size, Double> RAIL = sizes(24, 12, 14, 64, 4, 12, 4, 88);
    private static final Map<Size, Double> DRAWER = sizes(24, 15, 13, 48, 4, 12, 16, 300);

    private static final Look PLAIN_BOTTOM = plain(Form.Bottom.DEFAULT);
    private static final Look PLAIN_TOP = plain(Form.Top.DEFAULT);
    private static final Look PLAIN_RAIL = plain(Form.Rail.DEFAULT);
    private static final Look PLAIN_DRAWER = plain(Form.Drawer.DEFAULT);

    private static Look plain(Form form) {
        return new Look(usual(form, mark(form)));
    }

    /** The style of an item in a form. */
    public static Look of(Plan plan, Form form, Optional<Item> item) {
        Style top = item.flatMap(Item::style).map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        return of(plan, form, top);
    }

    /** The style of something in a form, with a style of its own. */
    public static Look of(Plan plan, Form form, Style own) {
        Style bar = form.style().map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        Style theme = plan.theme().style().map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        if (own.equals(Style.NONE) && bar.equals(Style.NONE) && theme.equals(Style.NONE)) {
            return byDefault(form);
        }
        Style said = own.over(bar).over(theme);
        return new Look(said.over(usual(form, said.indicator().orElseGet(() -> mark(form)))));
    }

    /** The look of items that no style says anything about: made once, as most items are. */
    private static Look byDefault(Form form) {
        if (form instanceof Form.Bottom) {
            return PLAIN_BOTTOM;
        }
        return form instanceof Form.Top ? PLAIN_TOP : form instanceof Form.Rail ? PLAIN_RAIL : PLAIN_DRAWER;
    }

    private static Indicator mark(Form form) {
        if (form instanceof Form.Rail) {
            return Indicator.of(Indicator.Kind.SHAPE);
        }
        return form instanceof Form.Drawer
                ? new Indicator(
                        Indicator.Kind.SHAPE,
                        Indicator.Edge.INNER,
                        Indicator.Behind.ITEM,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty())
                : Indicator.NONE;
    }

    /** What is usual for a form and a mark. */
    private static Style usual(Form form, Indicator mark) {
        boolean carries = mark.kind() == Indicator.Kind.NOTCH;
        Paint behind = mark.kind() == Indicator.Kind.SHAPE ? TINT : ACCENT;
        var selected = new StateLook(
                Optional.of(carries ? ON_ACCENT : ACCENT),
                Optional.of(ACCENT),
                Optional.of(Paint.NONE),
                Optional.of(behind));
        var plain =
                new StateLook(Optional.of(MUTED), Optional.of(MUTED), Optional.of(Paint.NONE), Optional.of(Paint.NONE));
        var touched = new StateLook(Optional.empty(), Optional.empty(), Optional.of(QUIET), Optional.empty());
        var pressed = new StateLook(Optional.empty(), Optional.empty(), Optional.of(LINE), Optional.empty());
        Map<Size, Double> sizes = form instanceof Form.Rail
                ? RAIL
                : form instanceof Form.Drawer ? DRAWER : form instanceof Form.Top ? TOP : BOTTOM;
        return new Style(
                Optional.of(mark),
                Optional.of(Style.Which.SELECTED),
                Optional.of(Style.Which.SELECTED),
                sizes,
                Map.of(
                        ItemState.DEFAULT, plain,
                        ItemState.SELECTED, selected,
                        ItemState.HOVER, touched,
                        ItemState.PRESSED, pressed));
    }

    private static Map<Size, Double> sizes(
            double icon,
            double label,
            double title,
            double height,
            double spacing,
            double padding,
            double gap,
            double thickness) {
        return Map.of(
                Size.ICON_SIZE, icon,
                Size.LABEL_SIZE, label,
                Size.TITLE_SIZE, title,
                Size.ITEM_HEIGHT, height,
                Size.SPACING, spacing,
                Size.PADDING, padding,
                Size.GAP, gap,
                Size.THICKNESS, thickness);
    }

    /** A size in dp. */
    public double size(Size size) {
        return style.sizes().get(size);
    }

    /** The width of each item in dp, where it is fixed. */
    public Optional<Double> itemWidth() {
        return Optional.ofNullable(style.sizes().get(Size.ITEM_WIDTH));
    }

    /** The mark of the selected item. */
    public Indicator indicator() {
        return style.indicator().orElse(Indicator.NONE);
    }

    /** Whether a label is set in semibold. */
    public boolean isBold(boolean selected) {
        return style.bold().orElse(Style.Which.SELECTED).takes(selected);
    }

    /** Whether an icon is shown filled. */
    public boolean isFilled(boolean selected) {
        return style.filled().orElse(Style.Which.SELECTED).takes(selected);
    }

    /** Whether the style says how disabled items look; otherwise they are shown faintly. */
    public boolean saysDisabled() {
        return style.states().containsKey(ItemState.DISABLED);
    }

    /** The colours in these states; the later ones of {@link ItemState} lie over the earlier ones. */
    public StateLook in(Set<ItemState> states) {
        StateLook look = style.states().getOrDefault(ItemState.DEFAULT, StateLook.NONE);
        for (ItemState state : states.isEmpty() ? EnumSet.noneOf(ItemState.class) : EnumSet.copyOf(states)) {
            look = style.states().getOrDefault(state, StateLook.NONE).over(look);
        }
        return look;
    }
}
