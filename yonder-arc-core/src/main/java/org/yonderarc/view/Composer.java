package org.yonderarc.view;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Setting;
import org.yonderarc.form.Forms;
import org.yonderarc.form.OwnIcons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.BarComposer;
import org.yonderarc.scene.BarGround;
import org.yonderarc.scene.Canvas;
import org.yonderarc.scene.Contents;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.scene.Shift;
import org.yonderarc.scene.WebContent;
import org.yonderarc.walk.Step;

/** Composes scenes from layouts, in the colours of the plan's theme. */
public final class Composer {
    /** The icons that scenes use of themselves, whatever the plan says. */
    public static final List<String> OWN_ICONS = Stream.of(
                    OwnIcons.ALL,
                    List.of(
                            BarComposer.LEAVES_ICON,
                            BarComposer.FIND_ICON,
                            WebContent.ICON,
                            Canvas.CHEVRON,
                            Canvas.PIN,
                            Canvas.PLACEHOLDER))
            .flatMap(List::stream)
            .collect(toList());

    /** What lies between the content and a bar over it. */
    private static final Colour SCRIM = new Colour(4, 12, 16, 0.44);

    private final Fitting fitting;
    private final Layout layout;
    private final Palette palette;
    private final TextMeasure measure;

    private Composer(Fitting fitting, Layout layout, TextMeasure measure) {
        this.fitting = fitting;
        this.layout = layout;
        this.measure = measure;
        this.palette = Palette.of(fitting.theme(), fitting.setting().scheme());
    }

    /** The scene of {@code layout}. */
    public static Scene compose(Fitting fitting, Layout layout, TextMeasure measure) {
        return new Composer(fitting, layout, measure).compose();
    }

    private Scene compose() {
        var page = new ArrayList<SceneNode>();
        var over = new ArrayList<SceneNode>();
        var head = new ArrayList<SceneNode>();
        layout.bars().stream().filter(Composer::isHead).forEach(bar -> head.add(composed(bar)));
        Canvas drawn = drawn();
        double reach = reach(drawn);
        double scrolled = Math.min(fitting.setting().scrolled(), reach);
        double gone = gone(scrolled);
        head.addAll(drawn.nodes());
        page.add(content(head, reach, scrolled, gone));
        for (Layout.Bar bar : layout.bars()) {
            List<SceneNode> to = Forms.isOutsidePage(bar.fitted()) ? over : page;
            if (bar.ground().scrim() != Layout.Scrim.NONE) {
                to.add(scrim(layout.screen(), bar.ground().scrim()));
            }
            if (gone > 0 && bar.fitted().form().edge() == Form.Edge.UPPER) {
                leaving(bar, gone).ifPresent(to::add);
            } else if (!isHead(bar)) {
                SceneNode.Group shown = composed(bar);
                double retreat = retreat(bar, scrolled);
                to.add(retreat > 0 ? shown.moved(0, retreat) : shown);
            }
        }
        var nodes = new ArrayList<SceneNode>();
        if (layout.aside().isPresent()) {
            fitting.bars().stream()
                    .filter(bar -> Forms.aside(bar, Optional.empty()).isPresent())
                    .findFirst()
                    .ifPresent(bar -> nodes.add(BarGround.beneath(
                            bar,
                            layout.screen(),
                            fitting.theme(),
                            fitting.setting().scheme())));
            nodes.addAll(over);
            aside(layout.aside().get(), page, nodes);
        } else {
            nodes.addAll(page);
            nodes.addAll(over);
        }
        double width = layout.screen().width();
        Scene scene = new Scene(
                width,
                layout.screen().height(),
                palette.background(),
                fitting.title() + " \u2013 " + fitting.app().name(),
                fitting.rightToLeft() ? Shift.mirror(width).all(nodes) : nodes);
        // It takes a fifth of a frame, so it is asked where assertions are on: in every test, and in an app that turns
        // them on.
        assert scene.doubled().isEmpty()
                : "two nodes beside each other have one key: " + scene.doubled().orElseThrow();
        return scene;
    }

    /** Whether a bar stands at the head of the content, and scrolls with it. */
    private static boolean isHead(Layout.Bar bar) {
        return bar.fitted().form().edge() == Form.Edge.CONTENT && bar.fitted().standing() == FittedBar.Standing.OPEN;
    }

    private SceneNode.Group composed(Layout.Bar bar) {
        // What lies under the whole window is painted there, so that it goes on without a seam.
        boolean isBeneath = layout.aside().isPresent()
                && bar.fitted().standing() != FittedBar.Standing.OVERFLOW
                && Forms.aside(bar.fitted(), Optional.empty()).isPresent();
        return isBeneath
                ? BarComposer.onGround(fitting, bar, Forms.part(bar.fitted()), Forms.meaning(bar.fitted()))
                : BarComposer.compose(fitting, bar, Forms.part(bar.fitted()), Forms.meaning(bar.fitted()));
    }

    private SceneNode scrim(Box screen, Layout.Scrim how) {
        boolean isDim = how == Layout.Scrim.DIM;
        return SceneNode.Group.of(
                Part.Plain.SCRIM,
                "scrim",
                new Meaning.Button(fitting.own(BuiltInText.CLOSE), new Step.Close()),
                screen,
                isDim ? List.of(new SceneNode.Rect("ground", screen, 0, SCRIM)) : List.of());
    }

    /** Everything but the drawer, moved aside from it. */
    private void aside(Layout.Aside aside, List<SceneNode> page, List<SceneNode> nodes) {
        double down = layout.screen().height() * (1 - aside.scale()) / 2;
        // What moves towards the leading edge keeps its distance there from the trailing one.
        double across = aside.distance() < 0 ? layout.screen().width() * (1 - aside.scale()) : 0;
        var shift = new Shift(false, aside.scale(), aside.distance() + across, down);
        Box moved = shift.box(layout.screen());
        double radius = Math.min(aside.radius(), uncut(aside.scale()));
        if (aside.shadow()) {
            nodes.add(SceneNode.Group.of(
                    Part.Plain.PAGE_SHADOW,
                    "page-shadow",
                    new Meaning.Plain(),
                    moved,
                    BarGround.shadow(moved, radius).children()));
        }
        var inner = new ArrayList<SceneNode>();
        inner.add(new SceneNode.Rect("page-ground", moved, 0, palette.background()));
        inner.addAll(shift.all(page));
        if (aside.distance() != 0) {
            inner.add(scrim(moved, Layout.Scrim.CLEAR));
        }
        nodes.add(SceneNode.Group.of(Part.Plain.PAGE, "page", new Meaning.Plain(), moved, inner)
                .clipped(Math.min(radius, moved.height() / 2)));
    }

    /** The largest radius in dp of a page's corners that doesn't cut the icon of a top bar's first button. */
    private double uncut(double scale) {
        double in = Metrics.EDGE + (Metrics.TARGET - Metrics.ICON) / 2;
        double x = in * scale;
        double y = (in + fitting.device().safe().top()) * scale;
        // Where the corner's arc goes through the icon's own corner.
        return x + y + Math.sqrt(2 * x * y);
    }

    /** The sample content, below the bars at its head. */
    private Canvas drawn() {
        Box content = content();
        double head = layout.bars().stream()
                .filter(Composer::isHead)
                .mapToDouble(bar -> bar.box().bottom() - content.y())
                .max()
                .orElse(0);
        double width =
                Math.min(content.width(), Contents.widest(fitting.content().kind()));
        double height = Math.max(0, content.height() - head);
        var room = new Box(content.centerX() - width / 2, content.y() + head, width, height);
        var canvas = new Canvas(
                room,
                palette,
                measure,
                fitting.device().textScale(),
                fitting.theme().iconSet());
        if (fitting.picture().isPresent()) {
            var below = new Box(content.x(), room.y(), content.width(), height);
            var picture =
                    new SceneNode.Picture("picture", below, 0, fitting.picture().get(), SceneNode.Picture.Fit.COVER);
            canvas.nodes()
                    .add(SceneNode.Group.of(
                            Part.Plain.OTHER, "figure", new Meaning.Figure(fitting.title()), below, List.of(picture)));
        } else if (isStandIn()) {
            WebContent.draw(fitting.web().orElseThrow(), fitting.title(), canvas);
        } else if (room.width() >= Contents.NARROWEST) {
            Contents.draw(fitting.content(), canvas);
        }
        return canvas;
    }

    /** Whether a web page is shown of which previews have no sample. */
    private boolean isStandIn() {
        return fitting.web().isPresent() && fitting.content().kind() == Wireframe.Kind.EMPTY;
    }

    private boolean fills() {
        return Contents.fills(fitting.content().kind());
    }

    /** Where the content stands: what fills its screen goes on beneath what the hardware claims at the sides. */
    private Box content() {
        Box content = layout.content();
        if (!fills() || fitting.picture().isPresent()) {
            return content;
        }
        Box screen = layout.screen();
        Insets safe = fitting.device().safe();
        boolean isMirrored = fitting.rightToLeft();
        double claimedBefore = isMirrored ? safe.right() : safe.left();
        double claimedBehind = isMirrored ? safe.left() : safe.right();
        double left = content.x() <= claimedBefore ? 0 : content.x();
        double right = content.right() >= screen.width() - claimedBehind ? screen.width() : content.right();
        return new Box(left, content.y(), right - left, content.height());
    }

    /** How far content that is so long can be scrolled. */
    private double reach(Canvas drawn) {
        if (fitting.setting().ownContent()) {
            return Setting.FARTHEST;
        }
        return fills()
                ? 0
                : Math.max(
                        0,
                        drawn.bottom()
                                + Canvas.PAD
                                + covered()
                                - layout.content().bottom());
    }

    /** How much of the end of the content a bar over it covers, in dp: what is last can be scrolled clear of it. */
    private double covered() {
        double end = layout.content().bottom();
        return layout.bars().stream()
                .filter(bar -> bar.fitted().form().edge() == Form.Edge.LOWER)
                .mapToDouble(bar -> Math.max(0, end - bar.box().y()))
                .max()
                .orElse(0);
    }

    /** How far a bar at the lower edge has left. */
    private double retreat(Layout.Bar bar, double scrolled) {
        boolean leaves = bar.fitted().form().edge() == Form.Edge.LOWER
                && Forms.scrollsAway(bar.fitted().form());
        double distance = layout.screen().height() - bar.box().y();
        return leaves ? Math.min(distance, Math.min(scrolled, fitting.setting().retreat())) : 0;
    }

    /** Whether the content can be seen through the bar at its upper edge, and so goes on beneath it. */
    private boolean isUnderClearTop() {
        return layout.bars().stream()
                .anyMatch(bar -> bar.fitted().form().edge() == Form.Edge.UPPER
                        && bar.fitted().look().ground().isClear());
    }

    /** How much of a top bar that leaves with its content is gone. */
    private double gone(double scrolled) {
        double height = layout.content().y() - fitting.device().safe().top();
        return fitting.scrollsAway() ? Math.min(scrolled, height) : 0;
    }

    /** The top bar on its way out: what is claimed by the hardware stays covered. */
    private Optional<SceneNode> leaving(Layout.Bar placed, double gone) {
        SceneNode.Group bar = composed(placed);
        Device device = fitting.device();
        double safe = device.safe().top();
        Box area = bar.area();
        double height = area.height() - gone;
        if (height <= 0) {
            return Optional.empty();
        }
        var nodes = new ArrayList<SceneNode>();
        if (height > safe) {
            nodes.addAll(Shift.by(0, -gone).all(bar.children()));
        }
        var edge = new Box(area.x(), area.y(), area.width(), safe);
        nodes.add(new SceneNode.Rect("edge", edge, 0, BarGround.middle(placed, fitting.theme(), palette)));
        return Optional.of(bar.at(new Box(area.x(), area.y(), area.width(), height))
                .with(nodes)
                .clipped(0));
    }

    private SceneNode content(List<SceneNode> drawn, double reach, double scrolled, double gone) {
        Box content = content();
        double top = isUnderClearTop() ? 0 : content.y() - gone;
        return SceneNode.Group.of(
                        new Part.Screen(fitting.place()),
                        "screen:" + fitting.place().text(),
                        new Meaning.Main(fitting.title(), reach),
                        new Box(content.x(), top, content.width(), content.bottom() - top),
                        scrolled > 0 ? Shift.by(0, -scrolled).all(drawn) : drawn)
                .clipped(0);
    }
}
