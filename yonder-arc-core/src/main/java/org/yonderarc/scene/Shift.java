package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;

/**
 * Moves and scales nodes, or mirrors them left to right. Mirroring turns what points in reading direction, and leaves alone
 * what doesn't: letters, pictures and most icons.
 *
 * @param mirrors whether left becomes right
 * @param scale how much larger everything gets
 * @param by the distance to the right in dp; for a mirror, the width of what is mirrored
 * @param down the distance downwards in dp
 */
record Shift(boolean mirrors, double scale, double by, double down) {
    Shift(boolean mirrors, double by) {
        this(mirrors, 1, by, 0);
    }

    /** The icons that point in reading direction. */
    private static final Set<String> DIRECTED = Set.of(
            "arrow-left",
            "arrow-right",
            "arrow-back",
            "arrow-forward",
            "chevron-left",
            "chevron-right",
            "arrow-up-right",
            "external-link",
            "menu-2",
            "list",
            "list-details",
            "clipboard-list",
            "logout",
            "login",
            "send",
            "layout-sidebar-left-collapse",
            "layout-sidebar-left-expand",
            "book",
            "share",
            "message",
            "messages");

    List<SceneNode> all(List<SceneNode> nodes) {
        return nodes.stream().map(this::node).toList();
    }

    SceneNode node(SceneNode node) {
        if (node instanceof SceneNode.Rect rect) {
            return new SceneNode.Rect(rect.key(), box(rect.box()), rect.radius() * scale, rect.fill());
        }
        if (node instanceof SceneNode.Text text) {
            return new SceneNode.Text(text.key(), line(text.line()), text.fill());
        }
        if (node instanceof SceneNode.Icon icon) {
            boolean flips = mirrors && DIRECTED.contains(icon.name());
            return new SceneNode.Icon(
                    icon.key(), box(icon.box()), icon.name(), icon.filled(), icon.fill(), icon.flipped() ^ flips);
        }
        if (node instanceof SceneNode.Gradient gradient) {
            return new SceneNode.Gradient(
                    gradient.key(),
                    box(gradient.box()),
                    gradient.radius() * scale,
                    gradient.from(),
                    gradient.to(),
                    mirrors ? -gradient.angle() : gradient.angle());
        }
        if (node instanceof SceneNode.Picture picture) {
            return new SceneNode.Picture(
                    picture.key(), box(picture.box()), picture.radius() * scale, picture.file(), picture.whole());
        }
        if (node instanceof SceneNode.Path path) {
            return new SceneNode.Path(
                    path.key(),
                    outline(path.outline()),
                    path.fill(),
                    path.stroke().map(width -> width * scale));
        }
        var group = (SceneNode.Group) node;
        return new SceneNode.Group(
                group.key(),
                group.meaning(),
                box(group.area()),
                group.clip().map(radius -> radius * scale),
                all(group.children()),
                group.opacity());
    }

    private double x(double x) {
        return mirrors ? by - x : x * scale + by;
    }

    private double y(double y) {
        return y * scale + down;
    }

    Box box(Box box) {
        return new Box(
                mirrors ? by - box.right() : box.x() * scale + by,
                y(box.y()),
                box.width() * scale,
                box.height() * scale);
    }

    private TextLine line(TextLine line) {
        TextLine.Anchor anchor = line.anchor();
        if (mirrors && anchor != TextLine.Anchor.MIDDLE) {
            anchor = anchor == TextLine.Anchor.START ? TextLine.Anchor.END : TextLine.Anchor.START;
        }
        Type type = scale == 1
                ? line.type()
                : new Type(line.type().size() * scale, line.type().weight());
        return new TextLine(line.text(), anchor, x(line.x()), y(line.baseline()), line.width() * scale, type);
    }

    private Outline outline(Outline outline) {
        var parts = new ArrayList<Outline.Part>();
        for (Outline.Part part : outline.parts()) {
            if (part instanceof Outline.Move move) {
                parts.add(new Outline.Move(x(move.x()), y(move.y())));
            } else if (part instanceof Outline.Line line) {
                parts.add(new Outline.Line(x(line.x()), y(line.y())));
            } else if (part instanceof Outline.Curve curve) {
                parts.add(new Outline.Curve(
                        x(curve.x1()), y(curve.y1()), x(curve.x2()), y(curve.y2()), x(curve.x()), y(curve.y())));
            } else {
                parts.add(part);
            }
        }
        return new Outline(parts);
    }
}
