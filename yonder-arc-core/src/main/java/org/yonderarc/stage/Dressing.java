package org.yonderarc.stage;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.ItemLayout;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.scene.Shift;

/**
 * What only the stage knows, added to a composed scene: lists are scrolled, an app's own content takes the place of the sample, and
 * rows and buttons show what pointer and focus are on. Items have looks of their own for that.
 *
 * @param offsets how far a list is scrolled, by its path
 * @param hosted the places whose content the app shows itself
 * @param touch what pointer and focus are on
 * @param palette the colours
 * @param measure how wide texts are
 */
record Dressing(
        Function<String, Offset> offsets, Predicate<Place> hosted, Touch touch, Palette palette, TextMeasure measure) {
    private static final double HOVERED = 0.05;
    private static final double PRESSED = 0.1;
    private static final double RING = 2;
    private static final double RADIUS = 12;
    /** From a name that is told to the edges of the screen, and from its text to its own. */
    private static final double MARGIN = 8;

    private static final double INSIDE = 12;
    private static final Type NAME = Type.semibold(14);

    Scene dress(Scene scene) {
        List<SceneNode> dressed = all(scene.nodes(), "");
        List<SceneNode> nodes = touch.told()
                .flatMap(target -> target.hint().map(name -> told(name, target.box(), scene)))
                .map(bubble ->
                        Stream.concat(dressed.stream(), Stream.of(bubble)).collect(toList()))
                .orElse(dressed);
        return nodes == scene.nodes()
                ? scene
                : new Scene(scene.width(), scene.height(), scene.background(), scene.title(), nodes);
    }

    /** The name of what a finger is held on, above the finger, or below where there is no room. */
    private SceneNode told(String name, Box held, Scene scene) {
        double most = scene.width() - 2 * (MARGIN + INSIDE);
        TextLine line = TextLine.of(name, TextLine.Anchor.MIDDLE, 0, 0, most, NAME, measure);
        double width = line.width() + 2 * INSIDE;
        double height = ItemLayout.lineHeight(NAME) + INSIDE;
        double x = Math.max(MARGIN, Math.min(held.centerX() - width / 2, scene.width() - MARGIN - width));
        double above = held.y() - INSIDE - height;
        var box = new Box(x, above >= MARGIN ? above : held.bottom() + INSIDE, width, height);
        TextLine text = TextLine.of(
                name, TextLine.Anchor.MIDDLE, box.centerX(), NAME.baselineAround(box.centerY()), most, NAME, measure);
        return SceneNode.Group.of(
                Part.Plain.SHADOW,
                "told",
                new Meaning.Plain(),
                box,
                List.of(
                        new SceneNode.Rect("ground", box, INSIDE / 2, palette.text()),
                        new SceneNode.Text("name", text, palette.surface())));
    }

    /** The same list where nothing is another. */
    private List<SceneNode> all(List<SceneNode> nodes, String above) {
        List<SceneNode> out = nodes;
        for (int i = 0; i < nodes.size(); i++) {
            SceneNode node = nodes.get(i);
            SceneNode next = node instanceof SceneNode.Group group ? group(group, above + "/" + group.key()) : node;
            if (next != node && out == nodes) {
                out = new ArrayList<>(nodes);
            }
            if (next != node) {
                out.set(i, next);
            }
        }
        return out;
    }

    private SceneNode.Group group(SceneNode.Group group, String path) {
        List<SceneNode> children = group.children();
        if (group.part() instanceof Part.Screen screen && hosted.test(screen.place())) {
            children = children.stream().filter(Dressing::isBar).collect(toList());
        }
        children = all(children, path);
        if (group.meaning() instanceof Meaning.Scroll) {
            Offset offset = offsets.apply(path);
            children = offset.isNone()
                    ? children
                    : Shift.by(-offset.across(), -offset.down()).all(children);
        }
        if (isRow(group) || group.part() == Part.Plain.BUTTON || group.part() == Part.Plain.FIELD) {
            children = touched(group, path, children);
        }
        return children == group.children() ? group : group.with(children);
    }

    private static boolean isBar(SceneNode node) {
        return node instanceof SceneNode.Group group && group.part() instanceof Part.Bar;
    }

    private static boolean isRow(SceneNode.Group group) {
        return group.part() instanceof Part.Row && group.meaning() instanceof Meaning.Link;
    }

    private List<SceneNode> touched(SceneNode.Group group, String path, List<SceneNode> children) {
        double share = touch.isPressed(path) ? PRESSED : touch.isHovered(path) ? HOVERED : 0;
        boolean isRinged = touch.isRinged(path);
        if (share == 0 && !isRinged) {
            return children;
        }
        var out = new ArrayList<SceneNode>(children);
        Box box = group.area().inset(4);
        double radius = isRow(group) ? RADIUS : Math.min(box.width(), box.height()) / 2;
        if (share > 0) {
            Colour veil = palette.text().withAlpha(share);
            // A row's veil lies on its card, below its texts; a button's lies on its plate.
            out.add(
                    group.part() == Part.Plain.BUTTON ? out.size() - 1 : 0,
                    new SceneNode.Rect("touch", box, radius, veil));
        }
        if (isRinged) {
            out.add(new SceneNode.Path("focus", Outline.rounded(box, radius), palette.accent(), Optional.of(RING)));
        }
        return out;
    }
}
