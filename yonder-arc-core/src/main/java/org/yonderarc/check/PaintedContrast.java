package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * How much the texts and icons of a scene's bars stand out from what is really painted beneath them: WCAG 2.2, success criteria
 * 1.4.3 and 1.4.11. Of a gradient, what counts is the colour that they stand out from least. What stands on a picture is left out.
 */
final class PaintedContrast implements SceneNode.Visitor {
    /** What the texts at the head of a drawer are called. */
    static final String HEADER = "header";
    /** The least contrast of text. */
    private static final double LEAST_TEXT = RoleContrast.LEAST;
    /** The least contrast of large text and of icons. */
    private static final double LEAST_GRAPHIC = 3;
    /** Text of this size in dp is large: 18 points. */
    private static final double LARGE = 24;
    /** So many colours are followed, where gradients lie on each other. */
    private static final int MOST_COLOURS = 16;

    /**
     * Something in a bar, and how much it stands out.
     *
     * @param bar the word for the bar
     * @param item the id of the item that it belongs to
     * @param what what a message calls it
     * @param ratio the contrast ratio, 1 to 21
     * @param least what it takes
     */
    record Seen(String bar, Optional<String> item, String what, double ratio, double least) {}

    /** Something painted: where, and its colours; none for a picture. */
    private record Layer(Box box, List<Colour> colours) {}

    private final Colour background;
    private final List<Layer> layers = new ArrayList<>();
    private final List<Seen> seen = new ArrayList<>();
    private Optional<String> bar = Optional.empty();
    private Optional<String> item = Optional.empty();
    private Optional<String> name = Optional.empty();

    /** What of the scene can be seen here. */
    private Box view;

    private PaintedContrast(Colour background, Box view) {
        this.background = background;
        this.view = view;
    }

    /** The texts and icons of all bars, in the order in which they are painted. */
    static List<Seen> of(Scene scene) {
        var contrast = new PaintedContrast(scene.background(), new Box(0, 0, scene.width(), scene.height()));
        scene.nodes().forEach(node -> node.accept(contrast));
        return contrast.seen;
    }

    @Override
    public void rect(SceneNode.Rect node) {
        layers.add(new Layer(node.area(), List.of(node.fill())));
    }

    @Override
    public void gradient(SceneNode.Gradient node) {
        layers.add(new Layer(
                node.area(), node.shades().stream().map(shade -> shade.colour()).collect(toList())));
    }

    @Override
    public void picture(SceneNode.Picture node) {
        layers.add(new Layer(node.area(), List.of()));
    }

    /** An outline counts as its box: what stands on it stands in its middle. */
    @Override
    public void path(SceneNode.Path node) {
        if (node.stroke().isEmpty()) {
            layers.add(new Layer(node.outline().bounds(), List.of(node.fill())));
        }
    }

    @Override
    public void text(SceneNode.Text node) {
        TextLine line = node.line();
        if (line.text().isBlank()) {
            return;
        }
        Type type = line.type();
        boolean isLarge = type.size() >= LARGE;
        look(
                line.box(),
                node.fill(),
                name.orElse(item.isPresent() ? "label" : "text"),
                isLarge ? LEAST_GRAPHIC : LEAST_TEXT);
    }

    @Override
    public void icon(SceneNode.Icon node) {
        look(node.area(), node.fill(), "icon", LEAST_GRAPHIC);
    }

    @Override
    public void group(SceneNode.Group node) {
        if (node.part() == Part.Plain.SHADOW || node.part() == Part.Plain.PAGE_SHADOW) {
            return;
        }
        Optional<String> outerBar = bar;
        Optional<String> outerItem = item;
        Optional<String> outerName = name;
        Box outerView = view;
        if (node.clip().isPresent()) {
            view = node.area();
        }
        if (node.part() instanceof Part.Bar own) {
            bar = Optional.of(own.word());
        } else if (node.part() instanceof Part.Item own) {
            item = Optional.of(own.id());
        } else if (node.part() == Part.Plain.BADGE) {
            name = Optional.of("badge");
        } else if (node.part() == Part.Plain.TITLE) {
            name = Optional.of("title");
        } else if (node.part() == Part.Plain.FACE) {
            name = Optional.of(HEADER);
        }
        node.children().forEach(child -> child.accept(this));
        bar = outerBar;
        item = outerItem;
        name = outerName;
        view = outerView;
    }

    private void look(Box box, Colour fill, String what, double least) {
        if (bar.isEmpty() || !view.contains(box)) {
            return;
        }
        behind(box.centerX(), box.centerY())
                .mapToDouble(colour -> over(fill, colour).contrastWith(colour))
                .min()
                .ifPresent(ratio -> seen.add(new Seen(bar.get(), item, what, ratio, least)));
    }

    /** The colours that lie beneath a point; none over a picture. */
    private Stream<Colour> behind(double x, double y) {
        List<Colour> colours = List.of(background.withAlpha(1));
        for (Layer layer : layers) {
            Box box = layer.box;
            if (x < box.x() || x > box.right() || y < box.y() || y > box.bottom()) {
                continue;
            }
            List<Colour> before = colours;
            colours = layer.colours.stream()
                    .flatMap(front -> before.stream().map(ground -> over(front, ground)))
                    .distinct()
                    .limit(MOST_COLOURS)
                    .collect(toList());
        }
        return colours.stream();
    }

    /** A colour laid over an opaque one. */
    private static Colour over(Colour front, Colour ground) {
        return ground.mixedWith(front.withAlpha(1), front.alpha()).withAlpha(1);
    }
}
