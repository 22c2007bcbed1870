package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.RailForm;
import org.yonderarc.plan.RailForm.Floating;
import org.yonderarc.shape.RailShape;

/** Rails. */
final class RailHome extends FormHome<RailForm> {
    /** More items than this can't be taken in at a glance. */
    private static final int MOST_AT_ONCE = 7;

    /** Its usual width in dp. */
    static final double THICKNESS = 88;

    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 12, 14, 64, 4, 12, 4, THICKNESS), UsualLook.behindItem());

    RailHome() {
        super(RailForm.class, RailForm.DEFAULT, RailShape.SHAPE);
    }

    @Override
    Map<String, String> idleStyle(RailForm form) {
        return Map.ofEntries(
                Map.entry("item-padding", "items are as wide as the rail; set \"thickness\""),
                Map.entry("title-bold", "a rail has no title"),
                Map.entry("title-size", "a rail has no title"),
                Map.entry("item-width", "items are as wide as the rail; set \"thickness\""),
                Map.entry("padding-start", "its items stand below each other"),
                Map.entry("padding-end", "its items stand below each other"),
                Map.entry("indent", "a rail has no headings"));
    }

    @Override
    Map<String, String> idleItem(RailForm form) {
        var idle = new HashMap<>(super.idleItem(form));
        idle.put("slot", "it has no overflow");
        return idle;
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    @Override
    void fit(Bar bar, RailForm form, FitContext context, List<FittedBar> out) {
        Menu menu = context.menu(bar);
        List<FittedItem> items = context.visible().items(menu).stream()
                .filter(item -> form.action().filter(item.id()::equals).isEmpty())
                .map(item -> context.item(menu, item, form))
                .collect(toList());
        out.add(context.bare(bar, form).withItems(items).withApart(context.named(bar, form)));
    }

    @Override
    Optional<Layout.Bar> layOut(RailForm form, FittedBar bar, Room room) {
        return Optional.of(RailBoxes.layOut(form, bar, room));
    }

    @Override
    Room remaining(RailForm form, Layout.Bar bar, Room room) {
        double inset = form.floating().map(Floating::inset).orElse(0.0);
        return form.floating().filter(Floating::overContent).isPresent()
                ? room
                : form.side().isTrailing()
                        ? room.before(bar.box().x() - inset)
                        : room.behind(bar.box().right() + inset);
    }

    @Override
    boolean standsFree(RailForm form) {
        return form.floating().isPresent();
    }

    @Override
    boolean showsLogo(RailForm form) {
        return form.showLogo();
    }

    @Override
    int mostAtOnce(RailForm form) {
        return MOST_AT_ONCE;
    }
}
