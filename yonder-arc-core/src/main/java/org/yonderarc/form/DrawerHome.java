package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.PaintShape;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.DrawerForm.Beneath;
import org.yonderarc.plan.DrawerForm.Filter;
import org.yonderarc.plan.DrawerForm.Header;
import org.yonderarc.plan.DrawerForm.Opening;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Style;
import org.yonderarc.scene.Part;
import org.yonderarc.walk.Step;

/** Drawers. */
final class DrawerHome extends FormHome<DrawerForm> {
    private static final UsualLook LOOK =
            UsualLook.of(UsualLook.sizes(24, 15, 13, 48, 4, 12, 16, 300), UsualLook.behindItem());

    DrawerHome() {
        super(DrawerForm.class, DrawerForm.DEFAULT, keys());
    }

    private static Shape<DrawerForm> keys() {
        var shape = new Shape<DrawerForm>("drawer", "A panel at a side edge.");
        var edge = SharedShapes.edge(shape, DrawerForm::side);
        var opens = shape.field(
                "opens",
                Codecs.choice(Opening.values()),
                DrawerForm::opens,
                DrawerForm.DEFAULT.opens(),
                "How it opens: over the content, beside it, from beneath it; or it is always open.");
        var header = shape.optional("header", header(), DrawerForm::header, "What stands at its head.");
        var footer = shape.field(
                "footer",
                Codecs.list(PlanCodecs.name(Noun.ITEM)),
                DrawerForm::footer,
                List.of(),
                "The ids of the items that stand at its foot.");
        var width = shape.field(
                "width",
                DrawerWidth.CODEC,
                DrawerWidth::of,
                DrawerWidth.of(DrawerForm.DEFAULT),
                "Its width in dp, or as a part of the window's in percent: 70%.");
        var collapsed = shape.optional(
                "collapsed-width",
                Codecs.number(DrawerForm.COLLAPSED),
                DrawerForm::collapsedWidth,
                "Its width in dp while it is collapsed to icons; without it, it can't be.");
        var beneath = shape.field(
                "beneath",
                beneath(),
                DrawerForm::beneath,
                Beneath.DEFAULT,
                "How the content moves aside from a drawer beneath it.");
        var logo = SharedShapes.logo(shape, DrawerForm::showLogo);
        var search = SharedShapes.search(shape, DrawerForm::search);
        var filter = shape.optional(
                "filter",
                filter(),
                DrawerForm::filter,
                "The field above its items into which people type what they look for: a text fact.");
        var style = SharedShapes.style(shape, DrawerForm::style);
        return shape.makes(got -> new DrawerForm(
                got.get(edge),
                got.get(opens),
                got.get(header),
                got.get(footer),
                got.get(width).dp(),
                got.get(width).share(),
                got.get(collapsed),
                got.get(beneath),
                got.get(logo),
                got.get(search),
                got.get(filter),
                got.get(style)));
    }

    private static Shape<Filter> filter() {
        var shape = new Shape<Filter>(
                "filter",
                "A field into which people type what they look for; items whose name doesn't hold it aren't shown.");
        var fact = shape.required("fact", PlanCodecs.name(Noun.FACT), Filter::fact, "The text fact that is typed.");
        var label = shape.optional(
                "placeholder", PlanCodecs.WORDS, Filter::placeholder, "What it says while nothing is typed.");
        return shape.shortForm(fact).makes(got -> new Filter(got.get(fact), got.get(label)));
    }

    private static Shape<Beneath> beneath() {
        var shape = new Shape<Beneath>("beneath", "How the content moves aside from a drawer beneath it.");
        var share = shape.field(
                "shift",
                Codecs.number(Beneath.SHARE),
                Beneath::shift,
                Beneath.DEFAULT.shift(),
                "How far it moves, as a share of the drawer's width.");
        var radius = shape.field(
                "radius",
                Codecs.number(Beneath.RADIUS),
                Beneath::radius,
                Beneath.DEFAULT.radius(),
                "The radius of its corners in dp; less where it would cut the button of a top bar.");
        var shadow = shape.field(
                "shadow",
                Codecs.FLAG,
                Beneath::shadow,
                Beneath.DEFAULT.shadow(),
                "Whether it casts a shadow on the drawer.");
        var scale = shape.field(
                "scale",
                Codecs.number(Beneath.SCALE),
                Beneath::scale,
                Beneath.DEFAULT.scale(),
                "How large it is then, as a share of its size.");
        return shape.makes(got -> new Beneath(got.get(share), got.get(radius), got.get(shadow), got.get(scale)));
    }

    private static Shape<Header> header() {
        var shape = new Shape<Header>("header", "The head of a drawer.");
        var picture =
                shape.optional("picture", PlanCodecs.FILE, Header::picture, "A picture file in the plan's folder.");
        var title = shape.required("title", PlanCodecs.WORDS, Header::title, "Its first line: {observer}.");
        var note = shape.optional("note", PlanCodecs.WORDS, Header::note, "Its second line.");
        var background = shape.optional(
                "background", PaintShape.FILL, Header::background, "What lies behind it: a colour, or a gradient.");
        var photo = shape.optional("photo-fact", PlanCodecs.name(Noun.FACT), Header::photoFact, SharedShapes.PHOTO);
        var item = shape.optional("item", PlanCodecs.name(Noun.ITEM), Header::item, SharedShapes.PERSON_ITEM);
        return shape.shortForm(title)
                .makes(got -> new Header(
                        got.get(picture),
                        got.get(title),
                        got.get(note),
                        got.get(background),
                        got.get(photo),
                        got.get(item)));
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
