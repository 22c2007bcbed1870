package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.codec.SwitchCodec;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BottomForm;
import org.yonderarc.plan.BottomForm.Floating;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.RadialForm;

/** Bottom bars. */
final class BottomHome extends FormHome<BottomForm> {
    /** The narrowest slot in dp. */
    private static final double NARROWEST = 48;
    /** More items than this in a bar that only scrolls or wraps can't be taken in at a glance. */
    private static final int MOST_AT_ONCE = 7;

    private static final UsualLook LOOK = UsualLook.of(UsualLook.sizes(24, 12, 17, 48, 0, 0, 4, 64), Indicator.NONE);

    BottomHome() {
        super(BottomForm.class, BottomForm.DEFAULT, keys());
    }

    private static Shape<BottomForm> keys() {
        var shape = new Shape<BottomForm>("bottom", "A bar at the lower edge with a slot for each item.");
        var most = shape.field(
                "max-items",
                Codecs.whole(BottomForm.MOST),
                BottomForm::maxItems,
                BottomForm.DEFAULT.maxItems(),
                "How many items it holds at most, the overflow item included.");
        var whenFull = shape.field(
                "when-full",
                Codecs.choice(Form.WhenFull.values()),
                BottomForm::whenFull,
                BottomForm.DEFAULT.whenFull(),
                "What happens to the items that don't fit: an overflow item, more rows, or scrolling.");
        var overflow = SharedShapes.overflow(shape, BottomForm::overflow);
        var labels = SharedShapes.labels(shape, BottomForm::labels);
        var icons = SharedShapes.icons(shape, BottomForm::iconPosition);
        var action = shape.optional(
                "action",
                PlanCodecs.name(Noun.ITEM),
                BottomForm::action,
                "The item that stands raised in the middle as the main action; in a bar that wraps or scrolls it stands among the others.");
        var actionSize = shape.field(
                "action-size",
                Codecs.number(BottomForm.ACTION_SIZE),
                BottomForm::actionSize,
                BottomForm.DEFAULT.actionSize(),
                "The width and height of that item's circle, in dp.");
        var scrolling = shape.field(
                "on-scroll",
                Codecs.choice(Form.Scrolling.values()),
                BottomForm::onScroll,
                BottomForm.DEFAULT.onScroll(),
                "What it does when the content scrolls: it leaves as one scrolls down, and comes back as one scrolls up.");
        var floating = shape.field(
                "floating",
                new SwitchCodec<>(floating(), Floating.DEFAULT),
                BottomForm::floating,
                Optional.empty(),
                "How it floats. Without it, it reaches from edge to edge.");
        var style = SharedShapes.style(shape, BottomForm::style);
        return shape.makes(got -> new BottomForm(
                got.get(most),
                got.get(whenFull),
                got.get(overflow),
                got.get(labels),
                got.get(icons),
                got.get(action),
                got.get(actionSize),
                got.get(scrolling),
                got.get(floating),
                got.get(style)));
    }

    private static Shape<Floating> floating() {
        var shape = new Shape<Floating>("floating", "How a bar floats above the content.");
        var inset = shape.field(
                "inset",
                Codecs.number(Floating.INSET),
                Floating::inset,
                Floating.DEFAULT.inset(),
                "Its distance from the edges in dp, and never less than what the device claims of them.");
        var radius = shape.field(
                "radius",
                Codecs.number(Floating.RADIUS),
                Floating::radius,
                Floating.DEFAULT.radius(),
                "The radius of its corners in dp.");
        var shadow = shape.field(
                "shadow", Codecs.FLAG, Floating::shadow, Floating.DEFAULT.shadow(), "Whether it casts a shadow.");
        var lower = shape.optional(
                "bottom-offset",
                Codecs.number(Floating.INSET),
                Floating::bottomOffset,
                "Its distance from the lower edge in dp. Default: as from the others.");
        var widest = shape.optional(
                "max-width",
                Codecs.number(Floating.WIDEST),
                Floating::maxWidth,
                "How wide it is at most, in dp. Default: as wide as the device leaves room.");
        var align = shape.field(
                "align",
                Codecs.choice(Form.Alignment.values()),
                Floating::align,
                Floating.DEFAULT.align(),
                "Where it stands where it is narrower than that.");
        return shape.makes(got -> new Floating(
                got.get(inset), got.get(radius), got.get(shadow), got.get(lower), got.get(widest), got.get(align)));
    }

    @Override
    Map<String, String> idleStyle(BottomForm form) {
        return Map.ofEntries(
                Map.entry("item-padding", "items share the room; set \"item-width\""),
                Map.entry("title-bold", "a bottom bar has no title"),
                Map.entry("title-size", "a bottom bar has no title"),
                Map.entry("item-height", "items are as high as the bar; set \"thickness\""),
                Map.entry("padding-top", "its items stand beside each other"),
                Map.entry("padding-bottom", "its items stand beside each other"),
                Map.entry("indent", "a bottom bar has no headings"));
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    @Override
    List<Item> held(BottomForm form, List<Item> all, Device device) {
        List<Item> own = own(form, all);
        if (form.overflows().isEmpty()) {
            return own;
        }
        double inset = form.floating().map(Floating::inset).orElse(0.0);
        double width = device.width()
                - Math.max(device.safe().left(), inset)
                - Math.max(device.safe().right(), inset);
        double most = form.floating().flatMap(Floating::maxWidth).orElse(width);
        int slots = Math.max(2, (int) (Math.min(width, most) / NARROWEST));
        int taken = form.raised().isPresent() ? 1 : 0;
        return FitContext.held(own, Math.max(1, Math.min(form.maxItems(), slots) - taken), form.overflows());
    }

    /** The items of its menu, but for the one that stands raised in its middle. */
    private static List<Item> own(BottomForm form, List<Item> all) {
        return all.stream()
                .filter(item -> !form.raised().equals(Optional.of(item.id())))
                .collect(toList());
    }

    @Override
    void fit(Bar bar, BottomForm form, FitContext context, List<FittedBar> out) {
        List<Item> all = context.visible().items(context.menu(bar));
        List<FittedItem> raised = context.named(bar, form).stream()
                .map(item -> item.unselected().orIcon(RadialForm.DEFAULT.icon()))
                .collect(toList());
        context.overflowing(
                bar,
                form,
                own(form, all),
                held(form, all, context.device()),
                context.bare(bar, form).withApart(raised),
                bar.id(),
                out);
    }

    @Override
    Optional<Layout.Bar> layOut(BottomForm form, FittedBar bar, Room room) {
        return Optional.of(BottomBoxes.layOut(form, bar, room));
    }

    @Override
    Room remaining(BottomForm form, Layout.Bar bar, Room room) {
        return form.floating().isPresent()
                        || scrollsAway(form)
                        || bar.fitted().look().ground().isClear()
                ? room.clearOf(bar.box().y())
                : room.above(bar.box().y());
    }

    @Override
    boolean scrollsAway(BottomForm form) {
        return form.onScroll() == Form.Scrolling.HIDE;
    }

    @Override
    int mostAtOnce(BottomForm form) {
        return form.overflows().isPresent() ? Integer.MAX_VALUE : MOST_AT_ONCE;
    }
}
