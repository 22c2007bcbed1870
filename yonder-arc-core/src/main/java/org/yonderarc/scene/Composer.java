package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.walk.Step;

/** Composes scenes from layouts. */
public final class Composer {
    /** The icon of the back button, in the bundled set. */
    public static final String BACK_ICON = "arrow-left";
    /** The icons that scenes use of themselves, whatever the plan says. */
    public static final List<String> OWN_ICONS = List.of(BACK_ICON, Art.CHEVRON, Art.PIN, Art.PLACEHOLDER);

    /** The thickness of a hairline in dp. */
    private static final double HAIRLINE = 1;

    /** The opacity of what can't be chosen. */
    private static final double DISABLED = 0.4;

    private Composer() {}

    /** The scene of {@code layout}. */
    public static Scene compose(Fitting fitting, Layout layout, Palette palette, TextMeasure measure) {
        var nodes = new ArrayList<SceneNode>();
        nodes.add(content(fitting, layout, palette, measure));
        layout.top().ifPresent(top -> nodes.add(top(fitting, top, palette)));
        layout.bottom().ifPresent(bottom -> nodes.add(bottom(fitting, bottom, palette)));
        return new Scene(
                layout.screen().width(),
                layout.screen().height(),
                palette.background(),
                fitting.title() + " \u2013 " + fitting.appName(),
                nodes);
    }

    private static SceneNode content(Fitting fitting, Layout layout, Palette palette, TextMeasure measure) {
        var art = new Art(layout.content(), palette, measure, fitting.rows());
        Wireframes.draw(fitting.content(), art);
        return new SceneNode.Group(
                "screen:" + fitting.place().text(),
                new Meaning.Main(fitting.title()),
                layout.content(),
                Optional.of(0.0),
                art.nodes());
    }

    private static SceneNode top(Fitting fitting, Layout.Top top, Palette palette) {
        var nodes = new ArrayList<SceneNode>();
        Box bar = top.bar();
        nodes.add(new SceneNode.Rect("ground", bar, 0, palette.surface()));
        nodes.add(hairline(bar, bar.bottom() - HAIRLINE, palette));
        top.back()
                .ifPresent(back -> nodes.add(new SceneNode.Group(
                        "back",
                        new Meaning.Button(back.name(), new Step.Back()),
                        back.target(),
                        Optional.empty(),
                        List.of(new SceneNode.Icon("icon", back.icon(), BACK_ICON, false, palette.text())))));
        nodes.add(new SceneNode.Group(
                "title",
                new Meaning.Heading(fitting.title()),
                top.title().box(),
                Optional.empty(),
                List.of(new SceneNode.Text("text", top.title(), palette.text()))));
        return new SceneNode.Group("top", new Meaning.Banner(), bar, Optional.empty(), nodes);
    }

    private static SceneNode bottom(Fitting fitting, Layout.Bottom bottom, Palette palette) {
        var nodes = new ArrayList<SceneNode>();
        Box bar = bottom.bar();
        nodes.add(new SceneNode.Rect("ground", bar, 0, palette.surface()));
        nodes.add(hairline(bar, bar.y(), palette));
        bottom.slots().forEach(slot -> nodes.add(slot(slot, palette)));
        String name = fitting.bottom().map(Fitting.BottomBar::menu).orElse("");
        return new SceneNode.Group("bottom", new Meaning.Navigation(name), bar, Optional.empty(), nodes);
    }

    private static SceneNode slot(Layout.Slot slot, Palette palette) {
        FittedItem item = slot.item();
        Colour colour = item.selected()
                ? palette.accent()
                : item.enabled() ? palette.muted() : palette.muted().withAlpha(DISABLED);
        var nodes = new ArrayList<SceneNode>();
        item.icon()
                .ifPresent(name -> nodes.add(new SceneNode.Icon("icon", slot.icon(), name, item.selected(), colour)));
        nodes.add(new SceneNode.Text("label", slot.label(), colour));
        slot.badge().ifPresent(badge -> {
            // The ring in the bar's colour keeps the badge off the icon's strokes.
            nodes.add(new SceneNode.Rect("badge-ring", badge.box().inset(-Layout.Badge.RING), 99, palette.surface()));
            nodes.add(new SceneNode.Rect("badge", badge.box(), 99, palette.badge()));
            badge.text().ifPresent(text -> nodes.add(new SceneNode.Text("badge-text", text, palette.onBadge())));
        });
        return new SceneNode.Group("item:" + item.id(), meaning(item), slot.target(), Optional.empty(), nodes);
    }

    private static Meaning meaning(FittedItem item) {
        String name = item.badge()
                .map(badge -> item.spoken() + (badge.isEmpty() ? ", new" : ", " + badge))
                .orElse(item.spoken());
        return item.address()
                .<Meaning>map(address -> new Meaning.Link(name, address, item.step(), item.selected()))
                .orElseGet(() -> new Meaning.Button(name, item.step()));
    }

    private static SceneNode hairline(Box bar, double y, Palette palette) {
        return new SceneNode.Rect("line", new Box(bar.x(), y, bar.width(), HAIRLINE), 0, palette.line());
    }
}
