package org.yonderarc.scene;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Set;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;

/**
 * Moves and scales nodes, or mirrors them left to right. Mirroring flips what points in reading direction, and leaves everything else as it is: letters, pictures and most icons.
 *
 * @param mirrors whether left becomes right
 * @param scale how much larger everything gets
 * @param by the distance to the right in dp; for a mirror, the width of what is mirrored
 * @param down the distance downwards in dp
 */
public record Shift(boolean mirrors, double scale, double by, double down) {
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
            "layout-sidebar-right-collapse",
            "layout-sidebar-right-expand",
            "book",
            "share",
            "message",
            "messages");

    /** Moves by a distance in dp. */
    public static Shift by(double right, double down) {
        return new Shift(false, 1, right, down);
    }

    /** Mirrors what is so wide, in dp. */
    public static Shift mirror(double width) {
        return new Shift(true, 1, width, 0);
    }

    /** The nodes, each moved. */
    public List<SceneNode> all(List<SceneNode> nodes) {
        return nodes.stream().map(node -> node.through(this)).collect(toList());
    }

    double x(double x) {
        return mirrors ? by - x : x * scale + by;
    }

    double y(double y) {
        return y * scale + down;
    }

    double length(double dp) {
        return dp * scale;
    }

    /** Whether an icon is turned round. */
    boolean flips(String icon) {
        return mirrors && DIRECTED.contains(icon);
    }

    /** The box, moved. */
    public Box box(Box box) {
        return new Box(
                mirrors ? by - box.right() : box.x() * scale + by,
                y(box.y()),
                box.width() * scale,
                box.height() * scale);
    }

    TextLine line(TextLine line) {
        TextLine.Anchor anchor = mirrors ? line.anchor().mirrored() : line.anchor();
        Type type = scale == 1
                ? line.type()
                : new Type(line.type().size() * scale, line.type().weight());
        return new TextLine(line.text(), anchor, x(line.x()), y(line.baseline()), line.width() * scale, type);
    }
}
