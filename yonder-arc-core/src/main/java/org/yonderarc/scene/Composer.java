package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitter;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.walk.Step;

/** Composes scenes from layouts. */
public final class Composer {
    /** The icons that scenes use of themselves, whatever the plan says. */
    public static final List<String> OWN_ICONS = List.of(
            Fitter.BACK_ICON,
            Fitter.MENU_ICON,
            Fitter.COLLAPSE_ICON,
            Fitter.EXPAND_ICON,
            BarArt.LEAVES_ICON,
            Art.CHEVRON,
            Art.PIN,
            Art.PLACEHOLDER);

    /** What lies between the content and a drawer over it. */
    private static final Colour SCRIM = new Colour(4, 12, 16, 0.44);
    /** Wider content is hard to read; it is centred. */
    private static final double WIDEST_CONTENT = 760;

    private Composer() {}

    /** The scene of {@code layout}. */
    public static Scene compose(Fitting fitting, Layout layout, Palette palette, TextMeasure measure) {
        var art = new BarArt(fitting, palette, measure);
        var page = new ArrayList<SceneNode>();
        page.add(content(fitting, layout, palette, measure));
        var over = new ArrayList<SceneNode>();
        for (Layout.Bar bar : layout.bars()) {
            boolean isDrawer = bar.fitted() instanceof FittedBar.Drawer;
            if (bar.scrim()) {
                over.add(scrim(layout.screen()));
            }
            (isDrawer ? over : page).add(art.compose(bar));
        }
        var nodes = new ArrayList<SceneNode>();
        if (layout.aside().isPresent()) {
            nodes.addAll(over);
            aside(layout, layout.aside().get(), page, palette, nodes);
        } else {
            nodes.addAll(page);
            nodes.addAll(over);
        }
        List<SceneNode> all =
                fitting.rightToLeft() ? new Shift(true, layout.screen().width()).all(nodes) : nodes;
        return new Scene(
                layout.screen().width(),
                layout.screen().height(),
                palette.background(),
                fitting.title() + " \u2013 " + fitting.appName(),
                all);
    }

    private static SceneNode scrim(Box screen) {
        return new SceneNode.Group(
                "scrim",
                new Meaning.Button("Close the menu", new Step.Close()),
                screen,
                Optional.empty(),
                List.of(new SceneNode.Rect("ground", screen, 0, SCRIM)));
    }

    /** Everything but the drawer, moved aside from it. */
    private static void aside(
            Layout layout, Layout.Aside aside, List<SceneNode> page, Palette palette, List<SceneNode> nodes) {
        var shift = new Shift(false, aside.distance());
        Box moved = shift.box(layout.screen());
        if (aside.shadow()) {
            var shadow = new ArrayList<SceneNode>();
            BarArt.shadow(moved, aside.radius(), shadow);
            nodes.add(new SceneNode.Group("page-shadow", new Meaning.Plain(), moved, Optional.empty(), shadow));
        }
        var inner = new ArrayList<SceneNode>();
        inner.add(new SceneNode.Rect("page-ground", moved, 0, palette.background()));
        inner.addAll(shift.all(page));
        if (aside.distance() > 0) {
            inner.add(new SceneNode.Group(
                    "scrim",
                    new Meaning.Button("Close the menu", new Step.Close()),
                    moved,
                    Optional.empty(),
                    List.of()));
        }
        nodes.add(new SceneNode.Group("page", new Meaning.Plain(), moved, Optional.of(aside.radius()), inner));
    }

    private static SceneNode content(Fitting fitting, Layout layout, Palette palette, TextMeasure measure) {
        Box content = layout.content();
        boolean fills = fitting.content().kind() == Wireframe.Kind.MAP;
        double width = fills ? content.width() : Math.min(content.width(), WIDEST_CONTENT);
        var room = new Box(content.centerX() - width / 2, content.y(), width, content.height());
        var art = new Art(room, palette, measure, fitting.device().textScale(), fitting.rows());
        if (fitting.picture().isPresent()) {
            art.nodes()
                    .add(new SceneNode.Picture(
                            "picture", content, 0, fitting.picture().get(), false));
        } else {
            Wireframes.draw(fitting.content(), art);
        }
        double beyond = fills ? 0 : art.bottom() + Art.PAD - content.bottom();
        double scrolled = Math.min(fitting.setting().scrolled(), Math.max(0, beyond));
        List<SceneNode> nodes = scrolled > 0 ? new Shift(false, 1, 0, -scrolled).all(art.nodes()) : art.nodes();
        return new SceneNode.Group(
                "screen:" + fitting.place().text(),
                new Meaning.Main(fitting.title()),
                content,
                Optional.of(0.0),
                nodes);
    }
}
