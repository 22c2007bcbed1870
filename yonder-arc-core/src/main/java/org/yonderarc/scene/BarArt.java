package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.StateLook;
import org.yonderarc.walk.Step;

/** Composes bars. */
final class BarArt {
    /** The icon of what leads out of the app. */
    static final String LEAVES_ICON = "arrow-up-right";

    /** The thickness of a hairline in dp. */
    private static final double HAIRLINE = 1;
    /** The opacity of what can't be chosen, where no style says otherwise. */
    private static final double DISABLED = 0.4;
    /** The room between the circle in a notch and the notch, in dp. */
    private static final double NOTCH_GAP = 6;

    private final Fitting fitting;
    private final Palette palette;
    private final Scheme scheme;
    private final TextMeasure measure;

    BarArt(Fitting fitting, Palette palette, TextMeasure measure) {
        this.fitting = fitting;
        this.palette = palette;
        this.measure = measure;
        this.scheme = Scheme.of(palette.scheme()).orElse(Scheme.LIGHT);
    }

    private Colour in(Optional<Paint> paint) {
        return paint.orElse(Paint.NONE).in(fitting.theme(), scheme);
    }

    private Colour role(Role role) {
        return fitting.theme().colour(scheme, role);
    }

    SceneNode compose(Layout.Bar bar) {
        FittedBar fitted = bar.fitted();
        var nodes = new ArrayList<SceneNode>();
        ground(bar, nodes);
        bar.face().ifPresent(face -> face(face, bar, nodes));
        bar.logo().ifPresent(box -> logo(box, nodes));
        items(bar, nodes);
        titles(bar, nodes);
        bar.buttons().forEach(button -> nodes.add(button(button)));
        return new SceneNode.Group(key(fitted), meaning(fitted), bar.box(), Optional.empty(), nodes);
    }

    private static String key(FittedBar bar) {
        if (bar instanceof FittedBar.Top) {
            return "top";
        }
        if (bar instanceof FittedBar.Bottom) {
            return "bottom";
        }
        return bar instanceof FittedBar.Rail ? "rail" : bar instanceof FittedBar.Drawer ? "drawer" : "more";
    }

    private static Meaning meaning(FittedBar bar) {
        if (bar instanceof FittedBar.Top) {
            return new Meaning.Banner();
        }
        if (bar instanceof FittedBar.Bottom bottom) {
            return new Meaning.Navigation(bottom.name());
        }
        if (bar instanceof FittedBar.Rail rail) {
            return new Meaning.Navigation(rail.name());
        }
        return new Meaning.Navigation(
                bar instanceof FittedBar.Drawer drawer ? drawer.name() : ((FittedBar.More) bar).name());
    }

    /** A soft shadow: the lower and the wider, the fainter. */
    static void shadow(Box box, double radius, List<SceneNode> nodes) {
        for (int layer = 8; layer >= 1; layer--) {
            double spread = layer * 1.5;
            Box at = new Box(
                    box.x() - spread, box.y() - spread + 4, box.width() + 2 * spread, box.height() + 2 * spread);
            nodes.add(new SceneNode.Rect(
                    "shadow-" + layer, at, radius + spread, new Colour(8, 24, 30, layer > 5 ? 0.008 : 0.016)));
        }
    }

    /** The shadow of a bar with a notch: it follows the notch. */
    private static void notchedShadow(Layout.Bar bar, Box circle, List<SceneNode> nodes) {
        for (int layer = bar.raised() ? 6 : 2; layer >= 1; layer--) {
            double spread = layer * 1.5;
            Box at = new Box(
                    bar.box().x() - spread,
                    bar.box().y() - spread + 2,
                    bar.box().width() + 2 * spread,
                    bar.box().height() + 2 * spread);
            double around = Math.max(8, circle.width() / 2 + NOTCH_GAP - spread);
            nodes.add(new SceneNode.Path(
                    "shadow-" + layer,
                    Outline.notched(at, bar.radius() + spread, circle.centerX(), circle.centerY() + 2, around),
                    new Colour(8, 24, 30, 0.018),
                    Optional.empty()));
        }
    }

    private void ground(Layout.Bar bar, List<SceneNode> nodes) {
        Box box = bar.box();
        Optional<Layout.Mark> notch = bar.slots().stream()
                .flatMap(slot -> slot.mark().stream())
                .filter(mark -> mark.kind() == Indicator.Kind.NOTCH)
                .findFirst();
        boolean isMore = bar.fitted() instanceof FittedBar.More;
        Colour fill = isMore ? palette.background() : palette.surface();
        boolean isNotched = notch.isPresent() && bar.fitted() instanceof FittedBar.Bottom;
        if (bar.raised() && !isNotched) {
            shadow(box, bar.radius(), nodes);
        }
        if (isNotched) {
            Box circle = notch.get().box();
            notchedShadow(bar, circle, nodes);
            nodes.add(new SceneNode.Path(
                    "ground",
                    Outline.notched(
                            box, bar.radius(), circle.centerX(), circle.centerY(), circle.width() / 2 + NOTCH_GAP),
                    fill,
                    Optional.empty()));
            return;
        }
        nodes.add(new SceneNode.Rect("ground", box, bar.radius(), fill));
        line(bar, box, nodes);
    }

    /** The hairline towards the content. */
    private void line(Layout.Bar bar, Box box, List<SceneNode> nodes) {
        FittedBar fitted = bar.fitted();
        if (fitted instanceof FittedBar.Bottom bottom
                && bottom.form().floating().isEmpty()) {
            nodes.add(rect("line", new Box(box.x(), box.y(), box.width(), HAIRLINE), palette.line()));
        } else if (fitted instanceof FittedBar.Top top && top.form().line()) {
            nodes.add(rect("line", new Box(box.x(), box.bottom() - HAIRLINE, box.width(), HAIRLINE), palette.line()));
        } else if (fitted instanceof FittedBar.Rail rail && rail.form().line()
                || fitted instanceof FittedBar.Drawer drawer && isBeside(drawer)) {
            nodes.add(rect("line", new Box(box.right() - HAIRLINE, box.y(), HAIRLINE, box.height()), palette.line()));
        }
    }

    private static boolean isBeside(FittedBar.Drawer drawer) {
        return drawer.form().opens() == Form.Opening.KEPT || drawer.form().opens() == Form.Opening.BESIDE;
    }

    private static SceneNode rect(String key, Box box, Colour fill) {
        return new SceneNode.Rect(key, box, 0, fill);
    }

    private void items(Layout.Bar bar, List<SceneNode> nodes) {
        var inner = new ArrayList<SceneNode>();
        int divider = 0;
        for (Box line : bar.lines()) {
            inner.add(rect("divider:" + divider++, line, palette.line()));
        }
        // The mark belongs to the bar, not to the item: so it can glide from one to the other.
        bar.slots().forEach(slot -> slot.mark().ifPresent(mark -> mark(slot, mark, inner)));
        boolean isList = bar.fitted() instanceof FittedBar.Drawer || bar.fitted() instanceof FittedBar.More;
        if (isList) {
            headings(bar, inner);
        }
        var fixed = new ArrayList<SceneNode>();
        for (Layout.Slot slot : bar.slots()) {
            boolean scrolls = isIn(bar, slot);
            (scrolls ? inner : fixed).add(slot(bar, slot));
        }
        boolean clips =
                isList || bar.fitted() instanceof FittedBar.Rail || !bar.view().equals(bar.box());
        // One group in every form, so that items keep their keys when a bar becomes a rail.
        nodes.add(
                clips
                        ? new SceneNode.Group("list", new Meaning.Scroll(), bar.view(), Optional.of(0.0), inner)
                        : new SceneNode.Group("list", new Meaning.Plain(), bar.view(), Optional.empty(), inner));
        nodes.addAll(fixed);
    }

    /** Whether a slot scrolls with the others: those at the foot and the main action don't. */
    private static boolean isIn(Layout.Bar bar, Layout.Slot slot) {
        if (bar.fitted() instanceof FittedBar.Drawer drawer) {
            return drawer.lines().stream()
                    .anyMatch(line -> line.item().filter(slot.item()::equals).isPresent());
        }
        return !(bar.fitted() instanceof FittedBar.Rail rail
                && rail.action().filter(slot.item()::equals).isPresent());
    }

    private void mark(Layout.Slot slot, Layout.Mark mark, List<SceneNode> nodes) {
        Colour fill = in(slot.item().look().in(slot.item().states()).indicator());
        if (mark.kind() == Indicator.Kind.NOTCH) {
            shadow(mark.box().inset(2), mark.radius(), nodes);
        }
        nodes.add(new SceneNode.Rect("mark", mark.box(), mark.radius(), fill));
    }

    private SceneNode slot(Layout.Bar bar, Layout.Slot slot) {
        FittedItem item = slot.item();
        Set<ItemState> states = item.states();
        StateLook look = item.look().in(states);
        double faint = item.enabled() || item.look().saysDisabled() ? 1 : DISABLED;
        var nodes = new ArrayList<SceneNode>();
        boolean isAction = bar.fitted() instanceof FittedBar.Rail rail
                && rail.action().filter(item::equals).isPresent();
        Colour container = isAction ? palette.accent() : in(look.container());
        if (container.alpha() > 0) {
            boolean floats = bar.fitted() instanceof FittedBar.Bottom || bar.fitted() instanceof FittedBar.Rail;
            Box behind = floats && !isAction ? slot.target().inset(4) : slot.target();
            nodes.add(new SceneNode.Rect("container", behind, slot.radius(), container));
        }
        if (states.contains(ItemState.FOCUSED)) {
            nodes.add(new SceneNode.Path(
                    "focus",
                    Outline.rounded(slot.target().inset(3), slot.radius()),
                    palette.accent(),
                    Optional.of(2.0)));
        }
        Colour icon = faded(isAction ? role(Role.ON_ACCENT) : in(look.icon()), faint);
        Colour label = faded(in(look.label()), faint);
        boolean filled = item.look().isFilled(item.selected());
        item.icon().ifPresent(name -> nodes.add(new SceneNode.Icon("icon", slot.icon(), name, filled, icon)));
        int index = 0;
        for (TextLine line : slot.label()) {
            nodes.add(new SceneNode.Text(index == 0 ? "label" : "label-" + index, line, label));
            index++;
        }
        slot.leaves()
                .ifPresent(box -> nodes.add(new SceneNode.Icon("leaves", box, LEAVES_ICON, false, palette.muted())));
        slot.badge().ifPresent(badge -> {
            // The ring in the bar's colour keeps the badge off the icon's strokes.
            nodes.add(new SceneNode.Rect("badge-ring", badge.box().inset(-Layout.Badge.RING), 99, palette.surface()));
            nodes.add(new SceneNode.Rect("badge", badge.box(), 99, palette.badge()));
            badge.text().ifPresent(text -> nodes.add(new SceneNode.Text("badge-text", text, palette.onBadge())));
        });
        return new SceneNode.Group("item:" + item.id(), meaning(item), slot.target(), Optional.empty(), nodes);
    }

    private static Colour faded(Colour colour, double share) {
        return share < 1 ? colour.withAlpha(colour.alpha() * share) : colour;
    }

    private static Meaning meaning(FittedItem item) {
        String name = item.badge()
                .map(badge -> item.spoken() + (badge.isEmpty() ? ", new" : ", " + badge))
                .orElse(item.spoken());
        return item.address()
                .<Meaning>map(address -> new Meaning.Link(name, address, item.step(), item.selected()))
                .orElseGet(() -> new Meaning.Button(name, item.step()));
    }

    private void headings(Layout.Bar bar, List<SceneNode> nodes) {
        int index = 0;
        for (TextLine line : bar.titles()) {
            nodes.add(new SceneNode.Text("heading:" + index++, line, palette.muted()));
        }
    }

    private void titles(Layout.Bar bar, List<SceneNode> nodes) {
        if (!(bar.fitted() instanceof FittedBar.Top)) {
            return;
        }
        for (TextLine line : bar.titles()) {
            nodes.add(new SceneNode.Group(
                    "title",
                    new Meaning.Heading(fitting.title()),
                    line.box(),
                    Optional.empty(),
                    List.of(new SceneNode.Text("text", line, palette.text()))));
        }
    }

    private SceneNode button(Layout.Button button) {
        FittedBar.Button fitted = button.fitted();
        return new SceneNode.Group(
                fitted.step() instanceof Step.Back
                        ? "back"
                        : "button:" + fitted.step().text(),
                new Meaning.Button(fitted.name(), fitted.step()),
                button.target(),
                Optional.empty(),
                List.of(new SceneNode.Icon("icon", button.icon(), fitted.icon(), false, palette.text())));
    }

    private void face(Layout.Face face, Layout.Bar bar, List<SceneNode> nodes) {
        var inner = new ArrayList<SceneNode>();
        Colour first = palette.text();
        Colour second = palette.muted();
        Optional<Form.Background> background =
                bar.fitted() instanceof FittedBar.Drawer drawer && !face.texts().isEmpty()
                        ? drawer.form().header().flatMap(Form.Header::background)
                        : Optional.empty();
        if (background.isPresent()) {
            Colour from = background.get().from().in(fitting.theme(), scheme);
            Colour to = background
                    .get()
                    .to()
                    .map(paint -> paint.in(fitting.theme(), scheme))
                    .orElse(from);
            inner.add(new SceneNode.Gradient(
                    "ground", face.ground(), 0, from, to, background.get().angle()));
            Colour middle = from.mixedWith(to, 0.5);
            Colour white = Colour.rgb(0xFFFFFF);
            Colour ink = Colour.rgb(0x061417);
            first = middle.contrastWith(white) >= middle.contrastWith(ink) ? white : ink;
            second = first.withAlpha(0.82);
        }
        FittedBar.Person person = face.person();
        inner.add(new SceneNode.Rect("picture-ground", face.picture(), 99, role(Role.TINT)));
        Type type = Type.semibold(face.picture().height() * 0.4);
        String initials = initials(person.title());
        inner.add(new SceneNode.Text(
                "initials",
                TextLine.of(
                        initials,
                        TextLine.Anchor.MIDDLE,
                        face.picture().centerX(),
                        type.baselineAround(face.picture().centerY()),
                        face.picture().width(),
                        type,
                        measure),
                palette.accent()));
        person.picture()
                .ifPresent(file -> inner.add(new SceneNode.Picture("picture", face.picture(), 99, file, false)));
        int index = 0;
        for (TextLine line : face.texts()) {
            inner.add(new SceneNode.Text("line-" + index, line, index == 0 ? first : second));
            index++;
        }
        nodes.add(new SceneNode.Group("face", new Meaning.Plain(), face.ground(), Optional.empty(), inner));
    }

    /** The first letters of the first and the last word. */
    private static String initials(String name) {
        String[] words = name.strip().split("\\s+");
        String first = letter(words[0]);
        return words.length > 1 ? first + letter(words[words.length - 1]) : first;
    }

    private static String letter(String word) {
        return word.isEmpty() ? "" : new String(Character.toChars(Character.toUpperCase(word.codePointAt(0))));
    }

    private void logo(Box box, List<SceneNode> nodes) {
        String file = fitting.logos().get(scheme);
        if (file != null) {
            nodes.add(new SceneNode.Group(
                    "logo",
                    new Meaning.Heading(fitting.appName()),
                    box,
                    Optional.empty(),
                    List.of(new SceneNode.Picture("picture", box, 0, file, true))));
            return;
        }
        Type type = Type.semibold(18);
        nodes.add(new SceneNode.Group(
                "logo",
                new Meaning.Heading(fitting.appName()),
                box,
                Optional.empty(),
                List.of(new SceneNode.Text(
                        "text",
                        TextLine.of(
                                fitting.appName(),
                                TextLine.Anchor.MIDDLE,
                                box.centerX(),
                                type.baselineAround(box.centerY()),
                                box.width(),
                                type,
                                measure),
                        palette.accent()))));
    }
}
