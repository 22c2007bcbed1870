package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.scene.SceneNode;

/** A node on its way from one scene to another. */
final class Tween implements SceneNode.Visitor {
    /** Added to the key of what is left behind, so that both can be there at once. */
    static final String LEAVING = "~";

    /** When what goes is gone, and another thing comes in its place, as a share of the way. */
    private static final double TURN = 0.5;
    /** How long each of them takes. */
    private static final double CHANGE = 0.4;

    private final SceneNode from;
    private final double p;
    private final List<SceneNode> out;

    private Tween(SceneNode from, double p, List<SceneNode> out) {
        this.from = from;
        this.p = p;
        this.out = out;
    }

    /** The node at progress {@code p}; two of them where one fades into the other. Groups are for the film. */
    static void node(SceneNode a, SceneNode b, double p, List<SceneNode> out) {
        b.accept(new Tween(a, p, out));
    }

    static double lerp(double a, double b, double p) {
        return a + (b - a) * p;
    }

    static Box lerp(Box a, Box b, double p) {
        return new Box(
                lerp(a.x(), b.x(), p),
                lerp(a.y(), b.y(), p),
                Math.max(0, lerp(a.width(), b.width(), p)),
                Math.max(0, lerp(a.height(), b.height(), p)));
    }

    private static double unit(double p) {
        return Math.max(0, Math.min(1, p));
    }

    private Colour mix(Colour a, Colour b) {
        return Oklab.mix(a, b, unit(p));
    }

    private double radius(double a, double b) {
        return Math.max(0, lerp(a, b, p));
    }

    /** The old node fades out under another key, the new one in. */
    private void cross(SceneNode to) {
        out.add(from.renamed(from.key() + LEAVING).faded(unit(1 - p)));
        out.add(to.faded(unit(p)));
    }

    @Override
    public void rect(SceneNode.Rect to) {
        // What lay and now stands would be a slab on its way.
        if (from instanceof SceneNode.Rect a && !turns(a.area(), to.area())) {
            out.add(new SceneNode.Rect(
                    to.key(), lerp(a.area(), to.area(), p), radius(a.radius(), to.radius()), mix(a.fill(), to.fill())));
        } else {
            cross(to);
        }
    }

    static boolean turns(Box a, Box b) {
        return a.width() > 3 * a.height() && b.height() > 3 * b.width()
                || a.height() > 3 * a.width() && b.width() > 3 * b.height();
    }

    @Override
    public void gradient(SceneNode.Gradient to) {
        if (!(from instanceof SceneNode.Gradient a)
                || a.shades().size() != to.shades().size()
                || a.within().isPresent() != to.within().isPresent()) {
            cross(to);
            return;
        }
        Optional<Outline> within =
                to.within().flatMap(outline -> a.within().orElseThrow().toward(outline, p));
        if (within.isPresent() != to.within().isPresent()) {
            // An outline that can't become the other would part from its box on the way.
            cross(to);
            return;
        }
        out.add(new SceneNode.Gradient(
                to.key(),
                lerp(a.area(), to.area(), p),
                radius(a.radius(), to.radius()),
                shades(a.shades(), to.shades()),
                lerp(a.angle(), to.angle(), p),
                within));
    }

    private List<Fill.Shade> shades(List<Fill.Shade> a, List<Fill.Shade> b) {
        var mixed = new ArrayList<Fill.Shade>();
        for (int i = 0; i < a.size(); i++) {
            mixed.add(new Fill.Shade(
                    unit(lerp(a.get(i).at(), b.get(i).at(), p)),
                    mix(a.get(i).colour(), b.get(i).colour())));
        }
        return mixed;
    }

    @Override
    public void picture(SceneNode.Picture to) {
        if (from instanceof SceneNode.Picture a) {
            out.add(new SceneNode.Picture(
                    to.key(),
                    lerp(a.area(), to.area(), p),
                    radius(a.radius(), to.radius()),
                    p < 0.5 ? a.file() : to.file(),
                    to.fit()));
        } else {
            cross(to);
        }
    }

    @Override
    public void group(SceneNode.Group to) {
        cross(to);
    }

    @Override
    public void text(SceneNode.Text to) {
        if (!(from instanceof SceneNode.Text old)) {
            cross(to);
            return;
        }
        TextLine a = old.line();
        TextLine b = to.line();
        double baseline = lerp(a.baseline(), b.baseline(), p);
        double size = Math.max(0.1, lerp(a.type().size(), b.type().size(), p));
        Colour fill = mix(old.fill(), to.fill());
        Type typeA = new Type(size, a.type().weight());
        Type typeB = new Type(size, b.type().weight());
        if (a.text().equals(b.text()) && a.type().weight() == b.type().weight()) {
            double width = Math.max(0, lerp(a.width(), b.width(), p));
            double left = lerp(a.left(), b.left(), p);
            out.add(new SceneNode.Text(to.key(), line(b.text(), left, baseline, width, typeB), fill));
            return;
        }
        // Each text keeps its own middle or end where it is anchored there, so that neither jumps.
        double anchor = lerp(a.x(), b.x(), p);
        TextLine leaving = line(a.text(), leftOf(a, anchor), baseline, a.width(), typeA);
        TextLine arriving = line(b.text(), leftOf(b, anchor), baseline, b.width(), typeB);
        // The same word lies over itself; of two words, one has left before the other comes.
        boolean same = a.text().equals(b.text());
        out.add(new SceneNode.Text(to.key() + LEAVING, leaving, fill).faded(same ? unit(2 - 2 * p) : gone(p)));
        out.add(new SceneNode.Text(to.key(), arriving, fill).faded(same ? unit(2 * p) : come(p)));
    }

    /** How much there is of what goes. */
    static double gone(double p) {
        return unit((TURN - p) / CHANGE);
    }

    /** How much there is of what comes in its place. */
    static double come(double p) {
        return unit((p - TURN) / CHANGE);
    }

    /** The left end of a line whose anchor stands at {@code x}. */
    static double leftOf(TextLine line, double x) {
        return x - line.x() + line.left();
    }

    static TextLine line(String text, double left, double baseline, double width, Type type) {
        return new TextLine(text, TextLine.Anchor.START, left, baseline, width, type);
    }

    @Override
    public void icon(SceneNode.Icon to) {
        if (!(from instanceof SceneNode.Icon a)) {
            cross(to);
            return;
        }
        Box box = lerp(a.area(), to.area(), p);
        Colour fill = mix(a.fill(), to.fill());
        double turn = lerp(a.turn(), to.turn(), p);
        boolean same = a.name().equals(to.name());
        // A circle that carries an icon is never empty on its way.
        boolean travels = !a.area().equals(to.area());
        if (same && a.filled() == to.filled() || travels && !same) {
            SceneNode.Icon now = p < TURN && !same ? a : to;
            out.add(new SceneNode.Icon(to.key(), box, now.set(), now.name(), now.filled(), fill, now.flipped(), turn));
            return;
        }
        // An icon's twin lies over it; another one comes when it has left.
        out.add(new SceneNode.Icon(to.key() + LEAVING, box, a.set(), a.name(), a.filled(), fill, a.flipped(), turn)
                .faded(same ? unit(2 - 2 * p) : gone(p)));
        out.add(new SceneNode.Icon(to.key(), box, to.set(), to.name(), to.filled(), fill, to.flipped(), turn)
                .faded(same ? unit(2 * p) : come(p)));
    }

    @Override
    public void path(SceneNode.Path to) {
        Optional<Outline> between =
                from instanceof SceneNode.Path a ? a.outline().toward(to.outline(), p) : Optional.empty();
        if (between.isEmpty() || !(from instanceof SceneNode.Path a)) {
            cross(to);
            return;
        }
        Optional<Double> stroke =
                to.stroke().map(width -> Math.max(0, lerp(a.stroke().orElse(width), width, p)));
        out.add(new SceneNode.Path(to.key(), between.get(), mix(a.fill(), to.fill()), stroke));
    }
}
