package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.DrawerForm.Beneath;
import org.yonderarc.plan.DrawerForm.Opening;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Style;
import org.yonderarc.scene.Part;
import org.yonderarc.shape.DrawerShape;
import org.yonderarc.walk.Step;

/** Drawers. */
final class DrawerHome extends FormHome<DrawerForm> {
    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 15, 13, 48, 4, 12, 16, 300), UsualLook.behindItem());

    DrawerHome() {
        super(DrawerForm.class, DrawerForm.DEFAULT, DrawerShape.SHAPE);
    }

    @Override
    public Form onSheet(Plan plan) {
        return usual().opening(Opening.ALWAYS);
    }

    @Override
    Map<String, String> idleStyle(DrawerForm form) {
        return Map.ofEntries(
                Map.entry("item-width", "items are as wide as the drawer: set its \"width\""),
                Map.entry("thickness", "a drawer has a \"width\""));
    }

    @Override
    Map<String, String> idleItem(DrawerForm form) {
        return Map.of("short-label", "long labels wrap", "slot", "it has room for all items");
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    /** The bar that shows, at this edge, as a drawer which a button opens. */
    static Optional<Bar> opened(FitContext context, Form.Side flank) {
        return context.bars().stream()
                .filter(bar -> context.visible().form(bar) instanceof DrawerForm drawer
                        && drawer.opens() != Opening.ALWAYS
                        && drawer.side() == flank)
                .findFirst();
    }

    @Override
    void fit(Bar bar, DrawerForm form, FitContext context, List<FittedBar> out) {
        Menu menu = context.menu(bar);
        boolean kept = form.opens() == Opening.ALWAYS;
        boolean collapsed = form.collapsedWidth().isPresent()
                && kept
                && context.state().collapsed().contains(bar.id());
        List<FittedItem> foot = context.apart(bar, form, form.named(), form.search());
        List<Item> inFoot = context.visible().items(menu).stream()
                .filter(item -> form.footer().contains(item.id())
                        || form.search().equals(Optional.of(item.id()))
                        || form.ofPerson().equals(Optional.of(item.id())))
                .collect(toList());
        FittedBar.Standing standing = collapsed
                ? FittedBar.Standing.COLLAPSED
                : kept || context.isOpen(bar.id()) ? FittedBar.Standing.OPEN : FittedBar.Standing.CLOSED;
        Optional<FittedBar.Filter> filter =
                form.filter().filter(any -> !collapsed).map(context::filter);
        var lines = new MenuLines(context, menu, form, Style.NONE)
                .matching(filter.map(FittedBar.Filter::text).orElse(""));
        out.add(context.bare(bar, form)
                .withLines(lines.folding(!collapsed)
                        .but(inFoot.stream().map(Item::id).collect(Collectors.toSet())))
                .withApart(foot)
                .withFilter(filter)
                .withButtons(
                        form.collapsedWidth().isPresent() && kept
                                ? List.of(fold(bar, form, collapsed, context))
                                : List.of())
                .withPerson(form.header()
                        .map(header -> new FittedBar.Person(
                                context.photo(header.photoFact()).or(header::picture),
                                context.filled(header.title()),
                                header.note().map(context::filled).orElse(""),
                                context.ofPerson(bar, form))))
                .standing(standing));
    }

    private static FittedBar.Button fold(Bar bar, DrawerForm form, boolean collapsed, FitContext context) {
        return new FittedBar.Button(
                context.own(collapsed ? BuiltInText.EXPAND : BuiltInText.COLLAPSE),
                OwnIcons.folds(form.side(), collapsed),
                new Step.Collapse(bar.id()));
    }

    @Override
    Optional<Layout.Bar> layOut(DrawerForm form, FittedBar bar, Room room) {
        return bar.isOpen() ? Optional.of(DrawerBoxes.layOut(form, bar, room)) : Optional.empty();
    }

    @Override
    Room remaining(DrawerForm form, Layout.Bar bar, Room room) {
        if (!form.opens().takesRoom()) {
            return room;
        }
        return form.side().isTrailing()
                ? room.before(bar.box().x())
                : room.behind(bar.box().right());
    }

    @Override
    Optional<Layout.Aside> aside(DrawerForm form, Optional<Layout.Bar> bar) {
        if (form.opens() != Opening.BENEATH) {
            return Optional.empty();
        }
        Beneath how = form.beneath();
        double width = bar.map(placed -> placed.box().width()).orElse(0.0);
        return Optional.of(new Layout.Aside(
                width * how.shift() * (form.side().isTrailing() ? -1 : 1),
                bar.isPresent() ? how.radius() : 0,
                how.shadow() && bar.isPresent(),
                bar.isPresent() ? how.scale() : 1));
    }

    @Override
    boolean showsLogo(DrawerForm form) {
        return form.showLogo();
    }

    @Override
    Part.Tempo tempo() {
        return Part.Tempo.DRAWERS;
    }

    @Override
    boolean isPulled(DrawerForm form) {
        return form.opens() != Opening.ALWAYS;
    }

    @Override
    boolean isOutsidePage() {
        return true;
    }
}
