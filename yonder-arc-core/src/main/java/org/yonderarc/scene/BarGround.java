package org.yonderarc.scene;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Marks;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Shadow;
import org.yonderarc.plan.Theme;

/** Composes what lies behind a bar: its shadow, its fill and its edge. */
public final class BarGround {
    /** The key of what lies behind everything in a bar. */
    static final String KEY = "ground";

    /** What a shadow hides of what lies beneath it, where it is darkest. */
    private static final Colour FAINT = new Colour(8, 24, 30, 0.1);

    /** How far a shadow that is carved is moved down by itself, in dp. */
    private static final double NOTCH_DOWN = 2;

    private static final int LAYERS = 8;
    /** Three layers of one part, five of two. */
    private static final int PARTS = 13;
    /** An opaque shadow would have no soft edge. */
    private static final double DARKEST = 0.95;

    private final Layout.Ground ground;
    private final Form.Edge side;
    private final Background said;
    private final boolean isPlace;
    private final Theme theme;
    private final Palette palette;
    private final List<SceneNode> nodes;

    private BarGround(Layout.Bar bar, Theme theme, Palette palette, List<SceneNode> nodes) {
        this.ground = bar.ground();
        this.side = bar.fitted().form().edge();
        this.said = bar.fitted().look().ground();
        this.isPlace = bar.fitted().standing() == FittedBar.Standing.OVERFLOW;
        this.theme = theme;
        this.palette = palette;
        this.nodes = nodes;
    }

    /**
     * Adds the ground of a bar.
     *
     * @param theme the plan's theme, in whose colours the ground is
     * @param palette the colours of what stands on it
     */
    static void compose(Layout.Bar bar, Theme theme, Palette palette, List<SceneNode> nodes) {
        if (bar.ground().fill().isPresent()) {
            var ground = new BarGround(bar, theme, palette, nodes);
            ground.compose(ground.hole(bar));
        }
    }

    /** The ground of a drawer that lies beneath everything else, under the whole window; seen through, the background shows. */
    public static SceneNode beneath(FittedBar bar, Box window, Theme theme, Scheme scheme) {
        Background said = bar.look().ground();
        Colour below = theme.colour(scheme, Role.BACKGROUND);
        List<Fill.Shade> shades = shades(said, Role.SURFACE, said.opacity().orElse(1.0), theme, scheme).stream()
                .map(shade -> new Fill.Shade(
                        shade.at(),
                        below.mixedWith(
                                shade.colour().withAlpha(1), shade.colour().alpha())))
                .collect(toList());
        return filled("beneath", window, 0, shades, said.fill().map(Fill::angle).orElse(Fill.USUAL_ANGLE));
    }

    /** The colour that a bar has on the whole. */
    public static Colour middle(Layout.Bar bar, Theme theme, Palette palette) {
        return Fill.middle(new BarGround(bar, theme, palette, List.of()).shades());
    }

    /** The colour that a bar has at its lower edge; no value where it can be seen through, or has none. */
    static Optional<Colour> lower(Layout.Bar bar, Theme theme, Palette palette) {
        if (bar.ground().fill().isEmpty()) {
            return Optional.empty();
        }
        var ground = new BarGround(bar, theme, palette, List.of());
        List<Fill.Shade> shades = ground.shades();
        boolean isDown = ground.said.fill().map(Fill::angle).orElse(180.0) == 180;
        return Optional.of(shades.get(shades.size() - 1).colour())
                .filter(colour -> colour.alpha() == 1 && (shades.size() == 1 || isDown));
    }

    /** The usual soft shadow: the lower and the wider, the fainter. */
    public static SceneNode.Group shadow(Box box, double radius) {
        return shadow(box, radius, Shadow.USUAL, FAINT);
    }

    private static SceneNode.Group shadow(Box box, double radius, Shadow how, Colour colour) {
        var layers = new ArrayList<SceneNode>();
        for (int layer = LAYERS; layer >= 1; layer--) {
            double spread = layer * how.blur() / LAYERS;
            Box wider = spread(box, spread, how.y());
            layers.add(new SceneNode.Rect(
                    "shadow-" + layer,
                    new Box(wider.x() + how.x(), wider.y(), wider.width(), wider.height()),
                    radius + spread,
                    layer(colour, layer)));
        }
        return SceneNode.Group.of(Part.Plain.SHADOW, "shadow", new Meaning.Plain(), box, layers);
    }

    /** The colour of a layer: all of them on each other have that of the shadow, the outer ones half as much of it. */
    private static Colour layer(Colour colour, int layer) {
        double part = layer > 5 ? 1 : 2;
        double clear = 1 - Math.min(colour.alpha(), DARKEST);
        return colour.withAlpha(Math.round((1 - Math.pow(clear, part / PARTS)) * 1000) / 1000.0);
    }

    static Box spread(Box box, double by, double down) {
        return new Box(box.x() - by, box.y() - by + down, box.width() + 2 * by, box.height() + 2 * by);
    }

    /** A rectangle in a colour or a gradient. */
    static SceneNode filled(String key, Box box, double radius, List<Fill.Shade> shades, double angle) {
        return shades.size() == 1
                ? new SceneNode.Rect(key, box, radius, shades.get(0).colour())
                : new SceneNode.Gradient(key, box, radius, shades, angle);
    }

    private double angle() {
        return said.fill().map(Fill::angle).orElse(Fill.USUAL_ANGLE);
    }

    private boolean isRaised() {
        return said.shadow().map(Shadow::shown).orElse(ground.raised());
    }

    private Colour shade(Shadow how) {
        return how.colour().map(paint -> paint.in(theme, palette.scheme())).orElse(FAINT);
    }

    private List<Fill.Shade> shades() {
        // What opens in place of the content hides it, however clear the bars are.
        double share = isPlace ? 1 : said.opacity().orElse(1.0);
        return shades(said, ground.fill().orElseThrow(), share, theme, palette.scheme());
    }

    private static List<Fill.Shade> shades(Background said, Role usual, double share, Theme theme, Scheme scheme) {
        List<Fill.Shade> shades = said.fill()
                .map(own -> own.in(theme, scheme))
                .orElseGet(() -> List.of(new Fill.Shade(0, theme.colour(scheme, usual))));
        return share == 1
                ? shades
                : shades.stream()
                        .map(shade -> new Fill.Shade(
                                shade.at(),
                                shade.colour().withAlpha(shade.colour().alpha() * share)))
                        .collect(toList());
    }

    /** What is carved out of the ground, larger by so many dp: around the mark, or the main action. */
    private Optional<DoubleFunction<Outline>> hole(Layout.Bar bar) {
        if (side != Form.Edge.LOWER) {
            return Optional.empty();
        }
        Optional<Layout.Slot> marked = bar.list().slots().stream()
                .filter(slot -> !slot.item().tells())
                .filter(slot -> slot.mark().isPresent() && carved(slot, 0).isPresent())
                .findFirst();
        if (marked.isPresent()) {
            return Optional.of(spread -> carved(marked.get(), spread).orElseThrow());
        }
        return bar.apart().stream()
                .flatMap(slot -> slot.plate().stream())
                .findFirst()
                .map(plate -> spread -> Marks.around(plate.box(), spread(spread), ground.radius(), spread));
    }

    private void compose(Optional<DoubleFunction<Outline>> hole) {
        List<Fill.Shade> shades = shades();
        if (hole.isPresent()) {
            Outline carved = hole.get().apply(0);
            // The shadow follows what is carved out of the bar.
            var shadow = new ArrayList<SceneNode>();
            Shadow how = said.shadow().orElse(Shadow.USUAL);
            // A bar from edge to edge has a hint of one, or its notch could not be seen.
            int layers = isRaised() ? LAYERS : said.shadow().isPresent() ? 0 : 2;
            for (int layer = layers; layer >= 1; layer--) {
                shadow.add(new SceneNode.Path(
                        "shadow-" + layer,
                        hole.get().apply(layer * how.blur() / LAYERS).moved(how.x(), how.y() - NOTCH_DOWN),
                        layer(shade(how), layer),
                        Optional.empty()));
            }
            nodes.add(SceneNode.Group.of(Part.Plain.SHADOW, "shadow", new Meaning.Plain(), ground.box(), shadow));
            nodes.add(
                    shades.size() == 1
                            ? new SceneNode.Path("ground", carved, shades.get(0).colour(), Optional.empty())
                            : new SceneNode.Gradient(
                                    "ground", ground.box(), ground.radius(), shades, angle(), Optional.of(carved)));
            said.border().ifPresent(edge -> stroke(edge, carved));
            return;
        }
        if (isRaised()) {
            Shadow how = said.shadow().orElse(Shadow.USUAL);
            nodes.add(shadow(ground.box(), ground.radius(), how, shade(how)));
        }
        nodes.add(filled(KEY, ground.box(), ground.radius(), shades, angle()));
        if (said.border().isPresent()) {
            edge(said.border().get());
        } else {
            ground.line().ifPresent(line -> nodes.add(new SceneNode.Rect("line", line, 0, palette.line())));
        }
    }

    private Box spread(double by) {
        return by > 0 ? spread(ground.box(), by, NOTCH_DOWN) : ground.box();
    }

    private Optional<Outline> carved(Layout.Slot slot, double spread) {
        Layout.Mark mark = slot.mark().orElseThrow();
        return Marks.of(mark.kind())
                .carved(slot.item().look().indicator(), spread(spread), ground.radius(), mark.box(), spread);
    }

    private void edge(Background.Border edge) {
        Box box = ground.box();
        if (edge.around() || ground.radius() > 0) {
            double inset = edge.width() / 2;
            stroke(edge, Outline.rounded(box.inset(inset), Math.max(0, ground.radius() - inset)));
            return;
        }
        double wide = edge.width();
        Box line =
                switch (side) {
                    case LOWER -> new Box(box.x(), box.y(), box.width(), wide);
                    case TRAILING -> new Box(box.x(), box.y(), wide, box.height());
                    case LEADING -> new Box(box.right() - wide, box.y(), wide, box.height());
                    default -> new Box(box.x(), box.bottom() - wide, box.width(), wide);
                };
        if (!edge.paint().equals(Paint.NONE)) {
            nodes.add(new SceneNode.Rect("line", line, 0, edge.paint().in(theme, palette.scheme())));
        }
    }

    private void stroke(Background.Border edge, Outline outline) {
        if (!edge.paint().equals(Paint.NONE)) {
            nodes.add(new SceneNode.Path(
                    "line", outline, edge.paint().in(theme, palette.scheme()), Optional.of(edge.width())));
        }
    }
}
