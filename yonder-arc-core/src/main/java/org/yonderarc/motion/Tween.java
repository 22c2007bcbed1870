package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.scene.Outline;
import org.yonderarc.scene.SceneNode;

/** A node on its way from one scene to another. */
final class Tween {
    /** Added to the key of what is left behind, so that both can be there at once. */
    static final String LEAVING = "~";

    private Tween() {}

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

    /** The node at progress {@code p}; two of them where one fades into the other. Groups are for the film. */
    static void node(SceneNode a, SceneNode b, double p, List<SceneNode> out) {
        if (a instanceof SceneNode.Rect from && b instanceof SceneNode.Rect to && turns(from.box(), to.box())) {
            // What lay and now stands would be a slab on its way.
            out.add(faded(renamed(from), 1 - p));
            out.add(faded(to, p));
        } else if (a instanceof SceneNode.Rect from && b instanceof SceneNode.Rect to) {
            out.add(new SceneNode.Rect(
                    to.key(),
                    lerp(from.box(), to.box(), p),
                    Math.max(0, lerp(from.radius(), to.radius(), p)),
                    Oklab.mix(from.fill(), to.fill(), unit(p))));
        } else if (a instanceof SceneNode.Text from && b instanceof SceneNode.Text to) {
            text(from, to, p, out);
        } else if (a instanceof SceneNode.Icon from && b instanceof SceneNode.Icon to) {
            icon(from, to, p, out);
        } else if (a instanceof SceneNode.Path from && b instanceof SceneNode.Path to) {
            path(from, to, p, out);
        } else if (a instanceof SceneNode.Gradient from && b instanceof SceneNode.Gradient to) {
            out.add(new SceneNode.Gradient(
                    to.key(),
                    lerp(from.box(), to.box(), p),
                    Math.max(0, lerp(from.radius(), to.radius(), p)),
                    Oklab.mix(from.from(), to.from(), unit(p)),
                    Oklab.mix(from.to(), to.to(), unit(p)),
                    lerp(from.angle(), to.angle(), p)));
        } else if (a instanceof SceneNode.Picture from && b instanceof SceneNode.Picture to) {
            out.add(new SceneNode.Picture(
                    to.key(),
                    lerp(from.box(), to.box(), p),
                    Math.max(0, lerp(from.radius(), to.radius(), p)),
                    p < 0.5 ? from.file() : to.file(),
                    to.whole()));
        } else {
            out.add(faded(renamed(a), 1 - p));
            out.add(faded(b, p));
        }
    }

    private static boolean turns(Box a, Box b) {
        return a.width() > 3 * a.height() && b.height() > 3 * b.width()
                || a.height() > 3 * a.width() && b.width() > 3 * b.height();
    }

    private static void text(SceneNode.Text from, SceneNode.Text to, double p, List<SceneNode> out) {
        TextLine a = from.line();
        TextLine b = to.line();
        double left = lerp(a.left(), b.left(), p);
        double baseline = lerp(a.baseline(), b.baseline(), p);
        double size = Math.max(0.1, lerp(a.type().size(), b.type().size(), p));
        var fill = Oklab.mix(from.fill(), to.fill(), unit(p));
        boolean same =
                a.text().equals(b.text()) && a.type().weight() == b.type().weight();
        if (same) {
            double width = Math.max(0, lerp(a.width(), b.width(), p));
            out.add(new SceneNode.Text(
                    to.key(),
                    line(
                            b.text(),
                            left,
                            baseline,
                            width,
                            new Type(size, b.type().weight())),
                    fill));
            return;
        }
        // The old one is gone before the new one comes: two words over each other can't be read.
        // Each text keeps its own middle or end where it is anchored there, so that neither jumps.
        double shiftA = anchor(a, lerp(anchor(a), anchor(b), p));
        double shiftB = anchor(b, lerp(anchor(a), anchor(b), p));
        out.add(new SceneNode.Text(
                to.key() + LEAVING,
                line(
                        a.text(),
                        shiftA,
                        baseline,
                        a.width(),
                        new Type(size, a.type().weight())),
                fill.withAlpha(fill.alpha() * unit(1 - 2 * p))));
        out.add(new SceneNode.Text(
                to.key(),
                line(
                        b.text(),
                        shiftB,
                        baseline,
                        b.width(),
                        new Type(size, b.type().weight())),
                fill.withAlpha(fill.alpha() * unit(2 * p - 1))));
    }

    private static double anchor(TextLine line) {
        return line.x();
    }

    /** The left end of a line whose anchor stands at {@code x}. */
    private static double anchor(TextLine line, double x) {
        return x - line.x() + line.left();
    }

    private static TextLine line(String text, double left, double baseline, double width, Type type) {
        return new TextLine(text, TextLine.Anchor.START, left, baseline, width, type);
    }

    private static void icon(SceneNode.Icon from, SceneNode.Icon to, double p, List<SceneNode> out) {
        Box box = lerp(from.box(), to.box(), p);
        var fill = Oklab.mix(from.fill(), to.fill(), unit(p));
        boolean same = from.name().equals(to.name()) && from.filled() == to.filled();
        if (!same) {
            // The new one comes early and the old one goes late, so that there is always one to see.
            out.add(new SceneNode.Icon(
                    to.key() + LEAVING,
                    box,
                    from.name(),
                    from.filled(),
                    fill.withAlpha(fill.alpha() * unit(2 - 2 * p)),
                    from.flipped()));
        }
        double seen = same ? 1 : unit(2 * p);
        out.add(new SceneNode.Icon(
                to.key(), box, to.name(), to.filled(), fill.withAlpha(fill.alpha() * seen), to.flipped()));
    }

    private static void path(SceneNode.Path from, SceneNode.Path to, double p, List<SceneNode> out) {
        Optional<Outline> between = outline(from.outline(), to.outline(), p);
        if (between.isEmpty()) {
            out.add(faded(renamed(from), 1 - p));
            out.add(faded(to, p));
            return;
        }
        Optional<Double> stroke =
                to.stroke().map(width -> Math.max(0, lerp(from.stroke().orElse(width), width, p)));
        out.add(new SceneNode.Path(to.key(), between.get(), Oklab.mix(from.fill(), to.fill(), unit(p)), stroke));
    }

    /** The outline between two of equal structure. */
    private static Optional<Outline> outline(Outline a, Outline b, double p) {
        if (a.parts().size() != b.parts().size()) {
            return Optional.empty();
        }
        var parts = new ArrayList<Outline.Part>(a.parts().size());
        for (int i = 0; i < a.parts().size(); i++) {
            Outline.Part x = a.parts().get(i);
            Outline.Part y = b.parts().get(i);
            if (x instanceof Outline.Move m && y instanceof Outline.Move n) {
                parts.add(new Outline.Move(lerp(m.x(), n.x(), p), lerp(m.y(), n.y(), p)));
            } else if (x instanceof Outline.Line m && y instanceof Outline.Line n) {
                parts.add(new Outline.Line(lerp(m.x(), n.x(), p), lerp(m.y(), n.y(), p)));
            } else if (x instanceof Outline.Curve m && y instanceof Outline.Curve n) {
                parts.add(new Outline.Curve(
                        lerp(m.x1(), n.x1(), p),
                        lerp(m.y1(), n.y1(), p),
                        lerp(m.x2(), n.x2(), p),
                        lerp(m.y2(), n.y2(), p),
                        lerp(m.x(), n.x(), p),
                        lerp(m.y(), n.y(), p)));
            } else if (x instanceof Outline.Close && y instanceof Outline.Close) {
                parts.add(x);
            } else {
                return Optional.empty();
            }
        }
        return Optional.of(new Outline(parts));
    }

    /** The node with another key, so that it can stand beside its successor. */
    static SceneNode renamed(SceneNode node) {
        String key = node.key() + LEAVING;
        if (node instanceof SceneNode.Rect rect) {
            return new SceneNode.Rect(key, rect.box(), rect.radius(), rect.fill());
        }
        if (node instanceof SceneNode.Text text) {
            return new SceneNode.Text(key, text.line(), text.fill());
        }
        if (node instanceof SceneNode.Icon icon) {
            return new SceneNode.Icon(key, icon.box(), icon.name(), icon.filled(), icon.fill(), icon.flipped());
        }
        if (node instanceof SceneNode.Path path) {
            return new SceneNode.Path(key, path.outline(), path.fill(), path.stroke());
        }
        if (node instanceof SceneNode.Gradient gradient) {
            return new SceneNode.Gradient(
                    key, gradient.box(), gradient.radius(), gradient.from(), gradient.to(), gradient.angle());
        }
        if (node instanceof SceneNode.Picture picture) {
            return new SceneNode.Picture(key, picture.box(), picture.radius(), picture.file(), picture.whole());
        }
        var group = (SceneNode.Group) node;
        return new SceneNode.Group(key, group.meaning(), group.area(), group.clip(), group.children(), group.opacity());
    }

    /** The node, only so much of it to be seen. */
    static SceneNode faded(SceneNode node, double share) {
        double seen = unit(share);
        if (seen == 1) {
            return node;
        }
        if (node instanceof SceneNode.Rect rect) {
            return new SceneNode.Rect(
                    rect.key(),
                    rect.box(),
                    rect.radius(),
                    rect.fill().withAlpha(rect.fill().alpha() * seen));
        }
        if (node instanceof SceneNode.Text text) {
            return new SceneNode.Text(
                    text.key(), text.line(), text.fill().withAlpha(text.fill().alpha() * seen));
        }
        if (node instanceof SceneNode.Icon icon) {
            return new SceneNode.Icon(
                    icon.key(),
                    icon.box(),
                    icon.name(),
                    icon.filled(),
                    icon.fill().withAlpha(icon.fill().alpha() * seen),
                    icon.flipped());
        }
        if (node instanceof SceneNode.Path path) {
            return new SceneNode.Path(
                    path.key(),
                    path.outline(),
                    path.fill().withAlpha(path.fill().alpha() * seen),
                    path.stroke());
        }
        if (node instanceof SceneNode.Group group) {
            return new SceneNode.Group(
                    group.key(), group.meaning(), group.area(), group.clip(), group.children(), group.opacity() * seen);
        }
        Box area = node instanceof SceneNode.Gradient gradient ? gradient.box() : ((SceneNode.Picture) node).box();
        return new SceneNode.Group(
                node.key() + LEAVING,
                new org.yonderarc.scene.Meaning.Plain(),
                area,
                Optional.empty(),
                List.of(node),
                seen);
    }
}
