package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.codec.SwitchCodec;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.RailForm;
import org.yonderarc.plan.RailForm.Floating;

/** Rails. */
final class RailHome extends FormHome<RailForm> {
    /** More items than this can't be taken in at a glance. */
    private static final int MOST_AT_ONCE = 7;

    /** Its usual width in dp. */
    static final double THICKNESS = 88;

    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 12, 14, 64, 4, 12, 4, THICKNESS), UsualLook.behindItem());

    RailHome() {
        super(RailForm.class, RailForm.DEFAULT, keys());
    }

    private static Shape<RailForm> keys() {
        var shape = new Shape<RailForm>("rail", "A narrow bar at a side edge.");
        var edge = SharedShapes.edge(shape, RailForm::side);
        var labels = SharedShapes.labels(shape, RailForm::labels);
        var narrow = shape.field(
                "narrow",
                Codecs.FLAG,
                RailForm::narrow,
                RailForm.DEFAULT.narrow(),
                "Whether it is as narrow as touch targets allow; a thickness that its style says goes before.");
        var action = shape.optional(
                "action",
                PlanCodecs.name(Noun.ITEM),
                RailForm::action,
                "The item that stands at its head as the main action.");
        var items = shape.field(
                "align-items",
                Codecs.choice(Form.Alignment.values()),
                RailForm::alignItems,
                RailForm.DEFAULT.alignItems(),
                "Where its items stand between top and bottom.");
        var line = shape.field(
                "border",
                Codecs.FLAG,
                RailForm::border,
                RailForm.DEFAULT.border(),
                "Whether a line closes it at the side.");
        var icons = SharedShapes.icons(shape, RailForm::iconPosition);
        var logo = SharedShapes.logo(shape, RailForm::showLogo);
        var floating = shape.field(
                "floating",
                new SwitchCodec<>(floating(), Floating.DEFAULT),
                RailForm::floating,
                Optional.empty(),
                "How it stands free, as high as its items. Without it, it reaches from edge to edge.");
        var style = SharedShapes.style(shape, RailForm::style);
        return shape.makes(got -> new RailForm(
                got.get(edge),
                got.get(labels),
                got.get(narrow),
                got.get(action),
                got.get(items),
                got.get(line),
                got.get(icons),
                got.get(logo),
                got.get(floating),
                got.get(style)));
    }

    private static Shape<Floating> floating() {
        var shape = new Shape<Floating>("floating rail", "How a rail stands free of the edges.");
        var inset = shape.field(
                "inset",
                Codecs.number(Floating.INSET),
                Floating::inset,
                Floating.DEFAULT.inset(),
                "Its distance in dp from the edges, from other bars, and from what the device claims.");
        var radius = shape.field(
                "radius",
                Codecs.number(Floating.RADIUS),
                Floating::radius,
                Floating.DEFAULT.radius(),
                "The radius of its corners in dp.");
        var shadow = shape.field(
                "shadow", Codecs.FLAG, Floating::shadow, Floating.DEFAULT.shadow(), "Whether it casts a shadow.");
        var over = shape.field(
                "over-content",
                Codecs.FLAG,
                Floating::overContent,
                Floating.DEFAULT.overContent(),
                "Whether the content goes on beneath it, as maps and canvases do; if not, it stands beside the rail.");
        return shape.makes(got -> new Floating(got.get(inset), got.get(radius), got.get(shadow), got.get(over)));
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
