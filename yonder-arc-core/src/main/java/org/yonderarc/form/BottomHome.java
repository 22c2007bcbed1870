package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import org.yonderarc.plan.RadialForm;
import org.yonderarc.shape.BottomShape;

/** Bottom bars. */
final class BottomHome extends FormHome<BottomForm> {
    /** The narrowest slot in dp. */
    private static final double NARROWEST = 48;
    /** More items than this in a bar that only scrolls or wraps can't be taken in at a glance. */
    private static final int MOST_AT_ONCE = 7;

    private static final UsualLook LOOK = UsualLook.of(UsualLook.sizes(24, 12, 17, 48, 0, 0, 4, 64), Indicator.NONE);

    BottomHome() {
        super(BottomForm.class, BottomForm.DEFAULT, BottomShape.SHAPE);
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
