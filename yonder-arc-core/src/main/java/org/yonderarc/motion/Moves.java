package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.scene.Outline;
import org.yonderarc.scene.SceneNode;

/** Moves nodes by a distance. */
final class Moves {
    private Moves() {}

    static SceneNode.Group by(SceneNode.Group group, double dx, double dy) {
        return (SceneNode.Group) node(group, dx, dy);
    }

    static SceneNode node(SceneNode node, double dx, double dy) {
        if (dx == 0 && dy == 0) {
            return node;
        }
        if (node instanceof SceneNode.Rect rect) {
            return new SceneNode.Rect(rect.key(), box(rect.box(), dx, dy), rect.radius(), rect.fill());
        }
        if (node instanceof SceneNode.Text text) {
            TextLine line = text.line();
            return new SceneNode.Text(
                    text.key(),
                    new TextLine(
                            line.text(), line.anchor(), line.x() + dx, line.baseline() + dy, line.width(), line.type()),
                    text.fill());
        }
        if (node instanceof SceneNode.Icon icon) {
            return new SceneNode.Icon(
                    icon.key(), box(icon.box(), dx, dy), icon.name(), icon.filled(), icon.fill(), icon.flipped());
        }
        if (node instanceof SceneNode.Gradient gradient) {
            return new SceneNode.Gradient(
                    gradient.key(),
                    box(gradient.box(), dx, dy),
                    gradient.radius(),
                    gradient.from(),
                    gradient.to(),
                    gradient.angle());
        }
        if (node instanceof SceneNode.Picture picture) {
            return new SceneNode.Picture(
                    picture.key(), box(picture.box(), dx, dy), picture.radius(), picture.file(), picture.whole());
        }
        if (node instanceof SceneNode.Path path) {
            return new SceneNode.Path(path.key(), outline(path.outline(), dx, dy), path.fill(), path.stroke());
        }
        var group = (SceneNode.Group) node;
        return new SceneNode.Group(
                group.key(),
                group.meaning(),
                box(group.area(), dx, dy),
                group.clip(),
                group.children().stream().map(child -> node(child, dx, dy)).toList(),
                group.opacity());
    }

    private static Box box(Box box, double dx, double dy) {
        return new Box(box.x() + dx, box.y() + dy, box.width(), box.height());
    }

    private static Outline outline(Outline outline, double dx, double dy) {
        var parts = new ArrayList<Outline.Part>();
        for (Outline.Part part : outline.parts()) {
            if (part instanceof Outline.Move move) {
                parts.add(new Outline.Move(move.x() + dx, move.y() + dy));
            } else if (part instanceof Outline.Line line) {
                parts.add(new Outline.Line(line.x() + dx, line.y() + dy));
            } else if (part instanceof Outline.Curve curve) {
                parts.add(new Outline.Curve(
                        curve.x1() + dx,
                        curve.y1() + dy,
                        curve.x2() + dx,
                        curve.y2() + dy,
                        curve.x() + dx,
                        curve.y() + dy));
            } else {
                parts.add(part);
            }
        }
        return new Outline(parts);
    }

    /** The boxes of all nodes by their path. */
    static Map<String, Box> boxes(List<SceneNode> nodes) {
        var out = new HashMap<String, Box>();
        collect(nodes, "", out);
        return out;
    }

    private static void collect(List<SceneNode> nodes, String path, Map<String, Box> out) {
        for (SceneNode node : nodes) {
            String full = path + "/" + node.key();
            box(node).ifPresent(box -> out.put(full, box));
            if (node instanceof SceneNode.Group group) {
                collect(group.children(), full, out);
            }
        }
    }

    private static Optional<Box> box(SceneNode node) {
        if (node instanceof SceneNode.Rect rect) {
            return Optional.of(rect.box());
        }
        if (node instanceof SceneNode.Text text) {
            return Optional.of(text.line().box());
        }
        if (node instanceof SceneNode.Icon icon) {
            return Optional.of(icon.box());
        }
        if (node instanceof SceneNode.Group group) {
            return Optional.of(group.area());
        }
        return Optional.empty();
    }

    /** The nodes, each moved by a share of how far it went from {@code then} to {@code now}. */
    static List<SceneNode> carried(
            List<SceneNode> nodes, String path, Map<String, Box> then, Map<String, Box> now, double weight) {
        var out = new ArrayList<SceneNode>();
        for (SceneNode node : nodes) {
            String full = path + "/" + node.key();
            Box a = then.get(full);
            Box b = now.get(full);
            double dx = a == null || b == null ? 0 : (b.centerX() - a.centerX()) * weight;
            double dy = a == null || b == null ? 0 : (b.centerY() - a.centerY()) * weight;
            if (node instanceof SceneNode.Group group) {
                out.add(new SceneNode.Group(
                        group.key(),
                        group.meaning(),
                        box(group.area(), dx, dy),
                        group.clip(),
                        carried(group.children(), full, then, now, weight),
                        group.opacity()));
            } else {
                out.add(node(node, dx, dy));
            }
        }
        return out;
    }
}
