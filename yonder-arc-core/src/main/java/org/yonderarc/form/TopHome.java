package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.TopForm;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.shape.TopShape;
import org.yonderarc.walk.Step;

/** Top bars. */
final class TopHome extends FormHome<TopForm> {
    /** More buttons than this at the end leave no room for the title. */
    private static final int MOST_ACTIONS = 3;
    /** The narrowest item in dp. */
    private static final double NARROWEST = 48;
    /** Between two items, in dp. */
    private static final double SPACING = 4;
    /** What a title takes at least, in dp. */
    static final double LEAST_TITLE = 96;
    /** The distances between what stands in it, in dp. */
    private static final double BETWEEN = 40;

    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 14, 17, 48, SPACING, 4, 6, 56), Indicator.NONE);

    TopHome() {
        super(TopForm.class, TopForm.DEFAULT, TopShape.SHAPE);
    }

    @Override
    Map<String, String> idleStyle(TopForm form) {
        return Map.of(
                "item-height", "items are as high as the bar; set \"thickness\"",
                "padding-top", "its items stand beside each other",
                "padding-bottom", "its items stand beside each other",
                "indent", "a top bar has no headings");
    }

    @Override
    UsualLook look() {
        return LOOK;
    }

    @Override
    List<Item> held(TopForm form, List<Item> all, Device device) {
        List<String> actions = actions(form, all, device);
        List<Item> own = own(form, actions, all);
        if (form.ownRow() && form.wraps()) {
            return FitContext.held(own, form.maxItems(), form.overflows());
        }
        double room = form.ownRow() ? width(device) : room(form, device) - Metrics.TARGET * actions.size();
        int slots = Math.max(1, (int) ((room + SPACING) / (NARROWEST + SPACING)));
        return FitContext.held(own, Math.min(form.maxItems(), slots), form.overflows(), 0);
    }

    private static double width(Device device) {
        return device.width() - device.safe().left() - device.safe().right();
    }

    /** What is left for items and actions beside a button, a title and a person. */
    private static double room(TopForm form, Device device) {
        return width(device)
                - 2 * Metrics.EDGE
                - Metrics.TARGET
                - (form.titleShows() == TopForm.TitleContent.NONE ? 0 : LEAST_TITLE + BETWEEN)
                - (form.profile().isEmpty() ? 0 : Metrics.TARGET);
    }

    /**
     * The actions that stand as buttons. Where there is too little room, the last of them give way: they go to the overflow, to
     * which the items went before.
     */
    private static List<String> actions(TopForm form, List<Item> all, Device device) {
        if (form.overflows().isEmpty()) {
            return form.actions();
        }
        List<String> showing = form.actions().stream()
                .filter(id -> all.stream().anyMatch(item -> item.id().equals(id)))
                .collect(toList());
        boolean isBeside = !form.ownRow() && !own(form, form.actions(), all).isEmpty();
        double room = room(form, device) - (isBeside ? NARROWEST : 0);
        int most = (int) (room / Metrics.TARGET);
        if (showing.size() <= most) {
            return form.actions();
        }
        // The button of the overflow takes the place of one of them, where none stands there yet.
        int kept = Math.max(0, isBeside ? most : most - 1);
        return form.actions().stream()
                .filter(id -> !showing.contains(id) || showing.indexOf(id) < kept)
                .collect(toList());
    }

    /** The items of its menu, but for those that stand elsewhere in it. */
    private static List<Item> own(TopForm form, List<String> actions, List<Item> all) {
        return all.stream()
                .filter(item -> !actions.contains(item.id()))
                .filter(item -> !form.search().equals(Optional.of(item.id())))
                .filter(item -> !form.ofPerson().equals(Optional.of(item.id())))
                .collect(toList());
    }

    @Override
    void fit(Bar bar, TopForm form, FitContext context, List<FittedBar> out) {
        List<Item> all = bar.menu()
                .map(menu -> context.visible().items(context.menu(bar)))
                .orElse(List.of());
        List<String> actions = actions(form, all, context.device());
        FittedBar bare = context.bare(bar, form)
                .withApart(context.apart(bar, form, actions, form.search()))
                .withButtons(Stream.concat(leading(context).stream(), trailing(context).stream())
                        .collect(toList()))
                .withPerson(form.profile().flatMap(profile -> context.person(profile, context.ofPerson(bar, form))))
                .withTitle(
                        form.titleShows() == TopForm.TitleContent.NAME
                                ? context.plan().app().name()
                                : context.title())
                .withNote(form.subtitle().map(context::filled).orElse(""));
        if (bar.menu().isEmpty()) {
            out.add(bare);
            return;
        }
        List<Item> own = own(form, actions, all);
        context.overflowing(bar, form, own, held(form, all, context.device()), bare, bar.id(), out);
    }

    /** Back where there is a way back, else the menu where a drawer can be opened. */
    private static Optional<FittedBar.Button> leading(FitContext context) {
        return context.state()
                .trail()
                .below()
                .map(below -> new FittedBar.Button(
                        context.own(BuiltInText.BACK_TO, context.titleOf(below.top())), OwnIcons.BACK, new Step.Back()))
                .or(() -> wayOut(context))
                .or(() -> DrawerHome.opened(context, Form.Side.LEADING)
                        .map(bar -> new FittedBar.Button(
                                context.own(BuiltInText.MENU), OwnIcons.MENU, new Step.Toggle(bar.id()))));
    }

    /** The menu at the other side, which has its own name where there are two. */
    private static Optional<FittedBar.Button> trailing(FitContext context) {
        boolean isSecond = DrawerHome.opened(context, Form.Side.LEADING).isPresent();
        return DrawerHome.opened(context, Form.Side.TRAILING).map(bar -> new FittedBar.Button(
                        isSecond ? context.nameOf(bar) : context.own(BuiltInText.MENU),
                        OwnIcons.MENU,
                        new Step.Toggle(bar.id()))
                .toEnd());
    }

    /** The way out of a part whose own bar stands in the place of the one that leads there. */
    private static Optional<FittedBar.Button> wayOut(FitContext context) {
        return context.visible().isInPlaceOfAnother()
                ? context.walk()
                        .backFromRoot(context.state())
                        .map(place -> new FittedBar.Button(
                                context.own(BuiltInText.BACK_TO, context.titleOf(place)),
                                OwnIcons.BACK,
                                new Step.Back()))
                : Optional.empty();
    }

    @Override
    Optional<Layout.Bar> layOut(TopForm form, FittedBar bar, Room room) {
        return Optional.of(TopBoxes.layOut(form, bar, room));
    }

    @Override
    Room remaining(TopForm form, Layout.Bar bar, Room room) {
        return room.below(bar.box().bottom());
    }

    @Override
    Meaning meaning(FittedBar bar) {
        return new Meaning.Banner();
    }

    @Override
    Part.Tempo tempo() {
        return Part.Tempo.SCREENS;
    }

    @Override
    boolean showsLogo(TopForm form) {
        return form.titleShows() == TopForm.TitleContent.LOGO;
    }

    @Override
    boolean scrollsAway(TopForm form) {
        return form.onScroll() == Form.Scrolling.HIDE;
    }

    @Override
    int mostNamed() {
        return MOST_ACTIONS;
    }
}
