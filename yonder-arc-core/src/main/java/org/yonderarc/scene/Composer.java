package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitter;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
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
        Art drawn = drawn(fitting, layout.content(), palette, measure);
        double scrolled = scrolled(fitting, layout.content(), drawn);
        double gone = gone(fitting, layout, scrolled);
        page.add(content(fitting, layout.content(), drawn, scrolled, gone));
        var over = new ArrayList<SceneNode>();
        for (Layout.Bar bar : layout.bars()) {
            boolean isDrawer = bar.fitted() instanceof FittedBar.Drawer;
            if (bar.scrim()) {
                over.add(scrim(layout.screen()));
            }
            if (gone > 0 && bar.fitted() instanceof FittedBar.Top) {
                leaving((SceneNode.Group) art.compose(bar), gone, fitting.device(), palette)
                        .ifPresent(page::add);
            } else {
                (isDrawer ? over : page).add(art.compose(bar));
            }
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

    private static Art drawn(Fitting fitting, Box content, Palette palette, TextMeasure measure) {
        double width = fills(fitting) ? content.width() : Math.min(content.width(), WIDEST_CONTENT);
        var room = new Box(content.centerX() - width / 2, content.y(), width, content.height());
        var art = new Art(room, palette, measure, fitting.device().textScale(), fitting.rows());
        if (fitting.picture().isPresent()) {
            String file = fitting.picture().get();
            art.nodes().add(new SceneNode.Picture("picture", content, 0, file, false));
        } else {
            Wireframes.draw(fitting.content(), art);
        }
        return art;
    }

    /** A map fills its screen and isn't scrolled. */
    private static boolean fills(Fitting fitting) {
        return fitting.content().kind() == Wireframe.Kind.MAP;
    }

    /** How far content that is so long can be scrolled. */
    private static double scrolled(Fitting fitting, Box content, Art drawn) {
        double beyond = fills(fitting) ? 0 : drawn.bottom() + Art.PAD - content.bottom();
        return Math.min(fitting.setting().scrolled(), Math.max(0, beyond));
    }

    /** How much of a top bar that leaves with its content is gone. */
    private static double gone(Fitting fitting, Layout layout, double scrolled) {
        boolean leaves = fitting.top()
                .filter(top -> top.form().scrolling() == Form.Scrolling.LEAVES)
                .isPresent();
        double height = layout.content().y() - fitting.device().safe().top();
        return leaves ? Math.min(scrolled, height) : 0;
    }

    /** The top bar on its way out: what is claimed by the hardware stays covered. */
    private static Optional<SceneNode> leaving(SceneNode.Group bar, double gone, Device device, Palette palette) {
        double safe = device.safe().top();
        Box area = bar.area();
        var box = new Box(area.x(), area.y(), area.width(), area.height() - gone);
        if (box.height() <= 0) {
            return Optional.empty();
        }
        var nodes = new ArrayList<SceneNode>();
        if (box.height() > safe) {
            nodes.addAll(new Shift(false, 1, 0, -gone).all(bar.children()));
        }
        var edge = new Box(area.x(), area.y(), area.width(), safe);
        nodes.add(new SceneNode.Rect("edge", edge, 0, palette.surface()));
        return Optional.of(new SceneNode.Group(bar.key(), bar.meaning(), box, Optional.of(0.0), nodes));
    }

    private static SceneNode content(Fitting fitting, Box content, Art drawn, double scrolled, double gone) {
        List<SceneNode> nodes = scrolled > 0 ? new Shift(false, 1, 0, -scrolled).all(drawn.nodes()) : drawn.nodes();
        return new SceneNode.Group(
                "screen:" + fitting.place().text(),
                new Meaning.Main(fitting.title()),
                new Box(content.x(), content.y() - gone, content.width(), content.height() + gone),
                Optional.of(0.0),
                nodes);
    }
}
