package org.yonderarc.scene;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.MarkHome;
import org.yonderarc.layout.Marks;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Theme;
import org.yonderarc.walk.Step;

/** Composes bars from their boxes. It knows no form: what differs between forms is in the boxes. */
public final class BarComposer {
    /** The icon of what leads out of the app. */
    public static final String LEAVES_ICON = "arrow-up-right";
    /** The icon of a field into which people type what they look for. */
    public static final String FIND_ICON = "search";

    /** The opacity of what can't be chosen, where no style says otherwise. */
    private static final double DISABLED = 0.4;
    /** The radius of what lies behind a label. */
    private static final double LABEL_RADIUS = 10;
    /** Rounder than any box. */
    private static final double ROUND = 99;

    private final Fitting fitting;
    private final Scheme scheme;
    /** The theme as it is on the bar's ground. */
    private final Theme theme;

    private final Palette palette;
    /** The ids of the items that belong to one which folds them away. */
    private Set<String> nested = Set.of();

    private BarComposer(Fitting fitting, Background ground) {
        this.fitting = fitting;
        this.scheme = fitting.setting().scheme();
        this.theme = fitting.theme().on(scheme, ground.behind(fitting.theme(), scheme));
        this.palette = Palette.of(theme, scheme);
    }

    private Colour in(Optional<Paint> paint) {
        return paint.orElse(Paint.NONE).in(theme, scheme);
    }

    /** A colour that the plan says, else that of texts. */
    private Colour said(Optional<Paint> paint) {
        return paint.map(one -> one.in(theme, scheme)).orElse(palette.text());
    }

    private SceneNode.Icon icon(String key, Box box, String name, boolean filled, Colour ink) {
        return new SceneNode.Icon(key, box, theme.iconSet(), name, filled, ink);
    }

    private Colour role(Role role) {
        return theme.colour(scheme, role);
    }

    /** A bar on a ground that is painted already, as a group. */
    public static SceneNode.Group onGround(Fitting fitting, Layout.Bar bar, Part.Bar part, Meaning meaning) {
        SceneNode.Group whole = compose(fitting, bar, part, meaning);
        return whole.with(whole.children().stream()
                .filter(node -> !node.key().equals(BarGround.KEY))
                .collect(toList()));
    }

    /** The bar as a group. */
    public static SceneNode.Group compose(Fitting fitting, Layout.Bar bar, Part.Bar part, Meaning meaning) {
        // What has no ground of its own stands on that of the screen, whatever its style says.
        Background ground =
                bar.ground().fill().isPresent() ? bar.fitted().look().ground() : Background.NONE;
        return new BarComposer(fitting, ground).compose(bar, part, meaning);
    }

    private SceneNode.Group compose(Layout.Bar bar, Part.Bar part, Meaning meaning) {
        var nodes = new ArrayList<SceneNode>();
        nested = bar.fitted().nested();
        BarGround.compose(bar, fitting.theme(), palette, nodes);
        bar.head().face().ifPresent(face -> nodes.add(face(face)));
        bar.head().logo().ifPresent(logo -> nodes.add(logo(logo)));
        bar.head().field().ifPresent(field -> field(field, nodes));
        // A banner is no navigation, but the items in it are one.
        boolean navigates =
                meaning instanceof Meaning.Banner && bar.list().slots().size() > 1;
        nodes.add(list(bar.list(), navigates ? bar.fitted().name() : ""));
        BarGround.lower(bar, fitting.theme(), palette).ifPresent(colour -> goesOn(bar.list(), colour, nodes));
        // What stands apart from the others is marked like them: the items at the foot of a drawer.
        bar.apart().stream()
                .filter(slot -> !keepsItsMark(slot) && slot.mark().isPresent())
                .findFirst()
                .ifPresent(slot -> nodes.add(mark("mark", slot)));
        bar.apart().forEach(slot -> nodes.add(slot(slot, Optional.empty())));
        bar.head().title().ifPresent(line -> nodes.add(title(bar, line)));
        bar.buttons().forEach(button -> nodes.add(button(bar, button)));
        return SceneNode.Group.of(part, key(part), meaning, bar.box(), nodes);
    }

    /** No two bars of a form stand at one edge, but one may stand at each. */
    private static String key(Part.Bar part) {
        return part.edge() == Form.Edge.TRAILING ? part.word() + "-end" : part.word();
    }

    private static SceneNode.Group plain(Part.Plain part, String key, Box area, List<SceneNode> children) {
        return SceneNode.Group.of(part, key, new Meaning.Plain(), area, children);
    }

    /** What is cut off at the lower edge fades into the bar, so that a half of an item reads as more to come. */
    private static void goesOn(Layout.ItemList list, Colour colour, List<SceneNode> nodes) {
        if (!list.clips() || list.down() == 0) {
            return;
        }
        Box view = list.view();
        double height = Math.min(Layout.ItemList.END, view.height());
        var box = new Box(view.x(), view.bottom() - height, view.width(), height);
        var shades = List.of(new Fill.Shade(0, colour.withAlpha(0)), new Fill.Shade(1, colour));
        // As a shadow, so that touches go through it.
        nodes.add(
                plain(Part.Plain.SHADOW, "goes-on", box, List.of(new SceneNode.Gradient("fade", box, 0, shades, 180))));
    }

    /** One group in every form, so that items keep their keys when a bar becomes another. */
    private SceneNode list(Layout.ItemList list, String navigation) {
        var nodes = new ArrayList<SceneNode>();
        int divider = 0;
        for (Box line : list.dividers()) {
            nodes.add(new SceneNode.Rect("divider:" + divider++, line, 0, palette.line()));
        }
        // The mark belongs to the bar, not to the item: so it can glide from one to the other.
        boolean isFirst = true;
        for (Layout.Slot slot : list.slots()) {
            if (slot.mark().isPresent() && !keepsItsMark(slot)) {
                // The check looks at all items selected at once.
                nodes.add(mark(isFirst ? "mark" : "mark:" + slot.item().id(), slot));
                isFirst = false;
            }
        }
        int heading = 0;
        for (TextLine line : list.headings()) {
            nodes.add(new SceneNode.Text("heading:" + heading++, line, palette.muted()));
        }
        int turn = 0;
        for (Layout.Slot slot : list.slots()) {
            int before = turn++;
            nodes.add(slot(slot, list.origin().map(from -> new Part.Entrance(from, before))));
        }
        if (list.down() > 0) {
            // For hosts that scroll by what an element holds.
            var end = new Box(list.view().x(), list.view().bottom() + list.down() - 1, 1, 1);
            nodes.add(new SceneNode.Rect("end", end, 0, new Colour(0, 0, 0, 0)));
        }
        SceneNode.Group group = SceneNode.Group.of(
                Part.Plain.LIST,
                "list",
                list.clips()
                        ? new Meaning.Scroll(list.across(), list.down(), navigation)
                        : navigation.isEmpty() ? new Meaning.Plain() : new Meaning.Navigation(navigation),
                list.view(),
                nodes);
        return list.clips() ? group.clipped(0) : group;
    }

    /** Of items on plates, and of those that set facts, any number may be selected: their marks go nowhere. */
    private static boolean keepsItsMark(Layout.Slot slot) {
        return slot.plate().isPresent() || slot.item().tells();
    }

    /** The mark of an item that has one. */
    private SceneNode mark(String key, Layout.Slot slot) {
        FittedItem item = slot.item();
        Layout.Mark mark = slot.mark().orElseThrow();
        Colour fill = in(item.look().in(item.states()).indicator());
        MarkHome home = Marks.of(mark.kind());
        var nodes = new ArrayList<SceneNode>();
        int index = 0;
        for (Layout.Shape shape : mark.shapes()) {
            if (home.isRaised()) {
                nodes.add(BarGround.shadow(shape.box().inset(2), shape.radius()));
            }
            nodes.add(shape(item.look().indicator(), shape, "shape-" + index++, fill));
        }
        if (home.isRaised()) {
            // It carries the icon, wherever it is on its way.
            Colour ink = in(item.look().in(item.states()).icon());
            boolean filled = item.look().isFilled(true);
            item.icon().ifPresent(name -> nodes.add(icon("icon", slot.icon(), name, filled, ink)));
        }
        return plain(Part.Plain.MARK, key, mark.box(), nodes);
    }

    private static SceneNode shape(Indicator said, Layout.Shape shape, String key, Colour fill) {
        return said.picture()
                .filter(file -> said.kind() == Indicator.Kind.SHAPE)
                .<SceneNode>map(file ->
                        new SceneNode.Picture(key, shape.box(), shape.radius(), file, SceneNode.Picture.Fit.WHOLE))
                .orElseGet(() -> new SceneNode.Rect(key, shape.box(), shape.radius(), fill));
    }

    private SceneNode slot(Layout.Slot slot, Optional<Part.Entrance> entrance) {
        FittedItem item = slot.item();
        StateLook look = item.look().in(item.states());
        double seen = item.enabled() || item.look().saysDisabled() ? 1 : DISABLED;
        Optional<Colour> ink = slot.plate().flatMap(Layout.Plate::ink).map(this::role);
        var nodes = new ArrayList<SceneNode>();
        slot.plate().ifPresent(plate -> plate(plate, nodes));
        if (slot.mark().isPresent() && keepsItsMark(slot)) {
            nodes.add(mark("mark", slot));
        }
        Colour fill = in(look.fill());
        if (fill.alpha() > 0) {
            nodes.add(new SceneNode.Rect("fill", slot.behind(), slot.radius(), fill));
        }
        Colour outline = in(look.outline());
        if (outline.alpha() > 0) {
            Box box = slot.behind().inset(0.5);
            nodes.add(new SceneNode.Path("outline", Outline.rounded(box, slot.radius()), outline, Optional.of(1.0)));
        }
        if (item.states().contains(ItemState.FOCUSED)) {
            Box around = slot.plate().map(Layout.Plate::box).orElse(slot.target());
            nodes.add(new SceneNode.Path(
                    "focus",
                    Outline.rounded(around.inset(3), slot.radius()),
                    ink.orElse(palette.accent()),
                    Optional.of(2.0)));
        }
        boolean isCarried =
                slot.mark().filter(mark -> Marks.of(mark.kind()).isRaised()).isPresent();
        body(slot.body(), item, look, ink, isCarried, seen, nodes);
        return SceneNode.Group.of(
                new Part.Item(item.id(), entrance, nested.contains(item.id())),
                "item:" + item.id(),
                meaning(item),
                slot.target(),
                nodes);
    }

    private void plate(Layout.Plate plate, List<SceneNode> nodes) {
        if (plate.raised()) {
            var shadow = new ArrayList<SceneNode>();
            for (int layer = 3; layer >= 1; layer--) {
                shadow.add(new SceneNode.Rect(
                        "shadow-" + layer,
                        BarGround.spread(plate.box(), layer, 2),
                        plate.radius() + layer,
                        new Colour(8, 24, 30, 0.03)));
            }
            nodes.add(plain(Part.Plain.SHADOW, "plate-shadow", plate.box(), shadow));
        }
        nodes.add(new SceneNode.Rect("plate", plate.box(), plate.radius(), role(plate.fill())));
    }

    private void body(
            Layout.Body body,
            FittedItem item,
            StateLook look,
            Optional<Colour> ink,
            boolean isCarried,
            double seen,
            List<SceneNode> nodes) {
        Colour icon = faint(ink.orElseGet(() -> in(look.icon())), seen);
        Colour label = faint(ink.orElseGet(() -> in(look.label())), seen);
        boolean filled = item.look().isFilled(item.selected());
        item.look()
                .tile()
                .filter(tile -> ink.isEmpty() && !isCarried && body.icon().width() > 0)
                .ifPresent(tile -> {
                    double size = item.look().iconCell();
                    Box box = Box.around(body.icon().centerX(), body.icon().centerY(), size, size);
                    nodes.add(new SceneNode.Rect("tile", box, tile.radius(size), faint(in(look.tile()), seen)));
                });
        item.icon()
                .filter(any -> !isCarried)
                .ifPresent(name -> nodes.add(icon("icon", body.icon(), name, filled, icon)));
        int plate = 0;
        for (Box box : body.plates()) {
            plate(new Layout.Plate(box, LABEL_RADIUS, Role.SURFACE, Optional.empty(), true), plate++, nodes);
        }
        texts("label", body.label(), label, nodes);
        texts("note", body.note(), faint(palette.muted(), seen), nodes);
        texts("value", body.value().stream().collect(toList()), faint(palette.muted(), seen), nodes);
        item.sign().ifPresent(sign -> body.sign()
                .ifPresent(box -> nodes.add(icon("sign", box, sign, false, palette.muted()))));
        body.badge().ifPresent(badge -> nodes.add(badge(badge, look.badge().map(paint -> paint.in(theme, scheme)))));
    }

    private void plate(Layout.Plate plate, int index, List<SceneNode> nodes) {
        var inner = new ArrayList<SceneNode>();
        plate(plate, inner);
        nodes.add(plain(Part.Plain.OTHER, "label-ground-" + index, plate.box(), inner));
    }

    private static void texts(String key, List<TextLine> lines, Colour colour, List<SceneNode> nodes) {
        int index = 0;
        for (TextLine line : lines) {
            nodes.add(new SceneNode.Text(index == 0 ? key : key + "-" + index, line, colour));
            index++;
        }
    }

    private SceneNode badge(Layout.Badge badge, Optional<Colour> own) {
        var nodes = new ArrayList<SceneNode>();
        // The ring in the bar's colour keeps the badge off the icon's strokes.
        Box ring = badge.box().inset(-Layout.Badge.RING);
        nodes.add(new SceneNode.Rect("ring", ring, ROUND, palette.surface()));
        nodes.add(new SceneNode.Rect("ground", badge.box(), ROUND, own.orElse(palette.badge())));
        // What can be seen through is as bright as what lies below lets it be.
        Colour ink = own.map(colour -> palette.surface()
                        .mixedWith(colour.withAlpha(1), colour.alpha())
                        .ink())
                .orElse(palette.badgeText());
        badge.text().ifPresent(text -> nodes.add(new SceneNode.Text("text", text, ink)));
        return plain(Part.Plain.BADGE, "badge", ring, nodes);
    }

    private static Colour faint(Colour colour, double share) {
        return share < 1 ? colour.withAlpha(colour.alpha() * share) : colour;
    }

    private Meaning meaning(FittedItem item) {
        return meaning(item, "");
    }

    private Meaning meaning(FittedItem item, String before) {
        String name = before
                + item.badge()
                        .map(badge -> item.spoken() + ", " + (badge.isEmpty() ? fitting.own(BuiltInText.NEW) : badge))
                        .orElse(item.spoken());
        return item.address()
                .<Meaning>map(address -> new Meaning.Link(name, address, item.step(), item.selected(), item.enabled()))
                .orElseGet(() -> new Meaning.Button(name, item.step(), item.enabled(), item.pressed()));
    }

    /** What lies behind a field stands for itself: a host may have a field of its own in place of the text. */
    private void field(Layout.Field field, List<SceneNode> nodes) {
        FittedBar.Filter filter = field.fitted();
        var behind = new ArrayList<SceneNode>();
        plate(field.plate(), behind);
        behind.add(icon("icon", field.icon(), FIND_ICON, false, palette.muted()));
        nodes.add(plain(Part.Plain.OTHER, "field-ground", field.plate().box(), behind));
        Colour ink = filter.text().isEmpty() ? palette.muted() : palette.text();
        nodes.add(SceneNode.Group.of(
                Part.Plain.FIELD,
                "field",
                new Meaning.Field(filter.label(), filter.fact(), filter.text()),
                field.target(),
                List.of(new SceneNode.Text("typed", field.text(), ink))));
    }

    private SceneNode title(Layout.Bar bar, TextLine line) {
        Optional<TextLine> note = bar.head().note();
        // The app's name in place of the title isn't what the place is called.
        boolean isName = bar.fitted().title().equals(fitting.app().name());
        var texts = new ArrayList<SceneNode>();
        texts.add(
                new SceneNode.Text("text", line, said(bar.fitted().look().said().label())));
        note.ifPresent(below -> texts.add(new SceneNode.Text("note", below, palette.muted())));
        return SceneNode.Group.of(
                Part.Plain.TITLE,
                "title",
                new Meaning.Heading(isName ? fitting.title() : bar.fitted().title()),
                note.map(below -> line.box().with(below.box())).orElse(line.box()),
                texts);
    }

    private SceneNode button(Layout.Bar bar, Layout.Button button) {
        FittedBar.Button fitted = button.fitted();
        var nodes = new ArrayList<SceneNode>();
        button.plate().ifPresent(plate -> plate(plate, nodes));
        Colour ink = button.plate()
                .flatMap(Layout.Plate::ink)
                .map(this::role)
                .orElseGet(() -> said(bar.fitted().look().said().icon()));
        nodes.add(new SceneNode.Icon(
                "icon", button.icon(), theme.iconSet(), fitted.icon(), false, ink, false, fitted.turn()));
        return SceneNode.Group.of(
                Part.Plain.BUTTON,
                fitted.step() instanceof Step.Back ? "back" : fitted.atEnd() ? "button-end" : "button",
                new Meaning.Button(fitted.name(), fitted.step()),
                button.target(),
                nodes);
    }

    private SceneNode face(Layout.Face face) {
        var inner = new ArrayList<SceneNode>();
        Colour first = palette.text();
        Colour second = palette.muted();
        if (face.background().isPresent()) {
            Fill background = face.background().get();
            List<Fill.Shade> shades = background.in(theme, scheme);
            inner.add(BarGround.filled("ground", face.ground(), 0, shades, background.angle()));
            first = Fill.middle(shades).ink();
            second = first.withAlpha(0.82);
        }
        inner.add(new SceneNode.Rect("picture-ground", face.picture(), ROUND, role(Role.TINT)));
        if (face.initials().text().isEmpty() && face.person().picture().isEmpty()) {
            double size = face.picture().height() * 0.6;
            Box icon = Box.around(face.picture().centerX(), face.picture().centerY(), size, size);
            inner.add(icon("icon", icon, FittedBar.Person.ICON, false, palette.accent()));
        } else {
            inner.add(new SceneNode.Text("initials", face.initials(), palette.accent()));
        }
        face.person()
                .picture()
                .ifPresent(file -> inner.add(
                        new SceneNode.Picture("picture", face.picture(), ROUND, file, SceneNode.Picture.Fit.COVER)));
        int index = 0;
        for (TextLine line : face.texts()) {
            boolean isTitle = line.type().equals(face.texts().get(0).type());
            inner.add(new SceneNode.Text("line-" + index, line, isTitle ? first : second));
            index++;
        }
        return face.person()
                .item()
                .map(item -> chosen(item, face, inner))
                .orElseGet(() -> plain(Part.Plain.FACE, "face", face.ground(), inner));
    }

    /** The person as an item that can be chosen. */
    private SceneNode.Group chosen(FittedItem item, Layout.Face face, List<SceneNode> inner) {
        Colour fill = in(item.look().in(item.states()).fill());
        Box around = face.ground().inset(2);
        if (fill.alpha() > 0) {
            inner.add(0, new SceneNode.Rect("fill", around, LABEL_RADIUS, fill));
        }
        if (item.states().contains(ItemState.FOCUSED)) {
            inner.add(new SceneNode.Path(
                    "focus", Outline.rounded(around, LABEL_RADIUS), palette.accent(), Optional.of(2.0)));
        }
        // What is seen is part of what is said: WCAG 2.2, success criterion 2.5.3.
        String said = face.person().title().isEmpty() ? "" : face.person().title() + ", ";
        return SceneNode.Group.of(
                new Part.Item(item.id(), Optional.empty(), false),
                "item:" + item.id(),
                meaning(item, said),
                face.ground(),
                inner);
    }

    private SceneNode logo(Layout.Logo logo) {
        // On a dark ground stands the logo of the dark scheme, whatever scheme it is.
        Scheme ground = palette.surface().ink().luminance() > 0.5 ? Scheme.DARK : Scheme.LIGHT;
        Map<Scheme, String> small = fitting.app().smallLogos();
        Map<Scheme, String> files =
                logo.small() && !small.isEmpty() ? small : fitting.app().logos();
        String file = files.getOrDefault(ground, files.get(scheme));
        var fit = logo.atStart() ? SceneNode.Picture.Fit.LEFT : SceneNode.Picture.Fit.WHOLE;
        return SceneNode.Group.of(
                Part.Plain.LOGO,
                "logo",
                new Meaning.Heading(fitting.app().name()),
                logo.box(),
                List.of(
                        file != null
                                ? new SceneNode.Picture("picture", logo.box(), 0, file, fit)
                                : new SceneNode.Text("text", logo.name(), palette.accent())));
    }
}
