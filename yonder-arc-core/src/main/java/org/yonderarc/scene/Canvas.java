package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.IconSet;
import org.yonderarc.walk.Step;

/** A sheet of paper for sample content: collects nodes, and knows the colours and the measure. */
public final class Canvas {
    /** An icon of sample content. */
    public static final String CHEVRON = "chevron-right";
    /** An icon of sample content. */
    public static final String PIN = "map-pin";
    /** An icon of sample content. */
    public static final String PLACEHOLDER = "photo";

    /** The distance of content from the edges of the screen. */
    public static final double PAD = 16;
    /** The radius of cards. */
    static final double CARD_RADIUS = 16;

    static final Type HEADLINE = Type.semibold(34);
    static final Type LARGE = Type.semibold(20);
    static final Type BODY = Type.semibold(15);
    static final Type PLAIN = Type.regular(15);
    static final Type SMALL = Type.regular(13);

    private final Box area;
    private final Palette palette;
    private final TextMeasure measure;
    private final double textScale;
    private final IconSet icons;
    private final List<SceneNode> nodes = new ArrayList<>();
    private double bottom;

    /** A canvas for content in {@code area}. */
    public Canvas(Box area, Palette palette, TextMeasure measure, double textScale, IconSet icons) {
        this.area = area;
        this.palette = palette;
        this.measure = measure;
        this.textScale = textScale;
        this.icons = icons;
        this.bottom = area.y();
    }

    /** The room for the content. What is drawn below its lower edge is reached by scrolling. */
    Box area() {
        return area;
    }

    /** The lower edge of what was drawn; shadows reach a little further, and don't count. */
    public double bottom() {
        return bottom;
    }

    private void reaches(double edge) {
        bottom = Math.max(bottom, edge);
    }

    Palette palette() {
        return palette;
    }

    /** What was drawn. */
    public List<SceneNode> nodes() {
        return nodes;
    }

    void rect(String key, Box box, double radius, Colour fill) {
        nodes.add(new SceneNode.Rect(key, box, radius, fill));
        reaches(box.bottom());
    }

    /** A card with a soft shadow of three layers. */
    void card(String key, Box box) {
        for (int layer = 3; layer >= 1; layer--) {
            Box shadow =
                    new Box(box.x() - layer, box.y() - layer + 2, box.width() + 2 * layer, box.height() + 2 * layer);
            nodes.add(new SceneNode.Rect(
                    key + "-shadow-" + layer, shadow, CARD_RADIUS + layer, new Colour(8, 24, 30, 0.02)));
        }
        rect(key, box, CARD_RADIUS, palette.surface());
    }

    void path(String key, Outline outline, Colour fill) {
        nodes.add(new SceneNode.Path(key, outline, fill, Optional.empty()));
    }

    void stroke(String key, Outline outline, Colour fill, double width) {
        nodes.add(new SceneNode.Path(key, outline, fill, Optional.of(width)));
    }

    void icon(String key, Box box, String name, boolean filled, Colour fill) {
        nodes.add(new SceneNode.Icon(key, box, icons, name, filled, fill));
    }

    /** What is drawn in a part of the room. */
    void in(Box part, Consumer<Canvas> draw) {
        var inner = new Canvas(part, palette, measure, textScale, icons);
        draw.accept(inner);
        nodes.addAll(inner.nodes);
        reaches(inner.bottom);
    }

    /** Something drawn that says something; nothing where the text is empty. */
    void figure(Part part, String key, String text, Box box, Consumer<Canvas> draw) {
        var inner = new Canvas(box, palette, measure, textScale, icons);
        draw.accept(inner);
        Meaning meaning = text.isEmpty() ? new Meaning.Plain() : new Meaning.Figure(text);
        nodes.add(SceneNode.Group.of(part, key, meaning, box, inner.nodes));
        reaches(Math.max(box.bottom(), inner.bottom));
    }

    /** How much larger than usual texts are; sizes of type below are those at 1. */
    double textScale() {
        return textScale;
    }

    /** A type as large as the person wants it. */
    Type scaled(Type type) {
        return new Type(type.size() * textScale, type.weight());
    }

    /** Room for texts that needs {@code dp} at 1, on the 4 dp grid; never less. */
    double room(double dp) {
        return textScale <= 1 ? dp : Math.ceil(dp * textScale / 4) * 4;
    }

    /** A text that starts at {@code x}, its capitals centred on {@code y}, shortened to {@code most} dp; gives its width. */
    double left(String key, String text, Ink ink, double x, double y, double most) {
        return text(key, text, ink, TextLine.Anchor.START, x, y, most);
    }

    /** As {@link #left}, but ending at {@code x}. */
    double right(String key, String text, Ink ink, double x, double y, double most) {
        return text(key, text, ink, TextLine.Anchor.END, x, y, most);
    }

    /** As {@link #left}, but with its middle at {@code x}. */
    double middle(String key, String text, Ink ink, double x, double y, double most) {
        return text(key, text, ink, TextLine.Anchor.MIDDLE, x, y, most);
    }

    private double text(String key, String text, Ink ink, TextLine.Anchor anchor, double x, double y, double most) {
        if (text.isEmpty()) {
            return 0;
        }
        Type type = scaled(ink.type());
        var line = TextLine.of(text, anchor, x, type.baselineAround(y), Math.max(0, most), type, measure);
        nodes.add(new SceneNode.Text(key, line, ink.colour()));
        reaches(line.baseline());
        return line.width();
    }

    TextMeasure measure() {
        return measure;
    }

    double width(String text, Type type) {
        return measure.width(text, scaled(type));
    }

    /** A paragraph of at most {@code most} lines; gives the lower edge of the last. */
    double paragraph(String key, String text, Ink ink, Box box, double lineHeight, int most) {
        double y = box.y();
        int index = 0;
        double height = lineHeight * textScale;
        for (String line : TextFit.wrap(text, scaled(ink.type()), box.width(), most, measure)) {
            left(key + "-" + index++, line, ink, box.x(), y + height / 2, box.width());
            y += height;
        }
        return y;
    }

    /** The content of the row {@code index}, as a link where the row leads somewhere. */
    void row(int index, FittedRow row, Box box, Consumer<Canvas> draw) {
        var inner = new Canvas(box, palette, measure, textScale, icons);
        draw.accept(inner);
        Meaning meaning = row.to().isPresent() && row.address().isPresent()
                ? new Meaning.Link(
                        spoken(row), row.address().get(), new Step.Open(row.to().get()), false, true)
                : new Meaning.Plain();
        nodes.add(SceneNode.Group.of(new Part.Row(index), "row:" + index, meaning, box, inner.nodes));
        reaches(box.bottom());
    }

    /** Something that leads out of the app. */
    void link(String key, String address, Step step, Box box, Consumer<Canvas> draw) {
        var inner = new Canvas(box, palette, measure, textScale, icons);
        draw.accept(inner);
        var meaning = new Meaning.Link(address, address, step, false, true);
        nodes.add(SceneNode.Group.of(Part.Plain.BUTTON, key, meaning, box, inner.nodes));
        reaches(box.bottom());
    }

    /** Something that belongs to the row {@code index} and stands elsewhere. */
    void besideRow(int index, String key, Box box, Consumer<Canvas> draw) {
        var inner = new Canvas(box, palette, measure, textScale, icons);
        draw.accept(inner);
        nodes.add(SceneNode.Group.of(new Part.Row(index), key, new Meaning.Plain(), box, inner.nodes));
        reaches(box.bottom());
    }

    private static String spoken(FittedRow row) {
        return Stream.of(row.title(), row.note(), row.value())
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** A made-up picture: a sky, a sun and hills or waves, chosen by {@code seed}. */
    void picture(String key, Box box, double radius, String seed) {
        int hash = seed.hashCode() * 0x9E3779B1 >>> 8;
        Palette.Tint tint = palette.tints().get(hash % palette.tints().size());
        double sunX = box.x() + box.width() * (0.25 + 0.5 * (hash >> 4 & 15) / 15);
        double sun = Math.min(box.width(), box.height()) * 0.3;
        var parts = new ArrayList<SceneNode>();
        parts.add(new SceneNode.Rect("sky", box, 0, tint.ground()));
        parts.add(new SceneNode.Rect(
                "sun", Box.around(sunX, box.y() + box.height() * 0.36, sun, sun), 99, palette.glow()));
        parts.add(new SceneNode.Path(
                "far", hills(box, 0.58, hash >> 8), tint.shape().withAlpha(0.55), Optional.empty()));
        parts.add(new SceneNode.Path("near", hills(box, 0.76, hash >> 12), tint.shape(), Optional.empty()));
        nodes.add(new SceneNode.Group(key, new Meaning.Plain(), box, Optional.of(radius), parts));
        reaches(box.bottom());
    }

    private static Outline hills(Box box, double level, int seed) {
        double[] points = new double[10];
        for (int i = 0; i < 5; i++) {
            points[2 * i] = box.x() + box.width() * i / 4;
            points[2 * i + 1] = box.y() + box.height() * (level + 0.18 * ((seed >> 2 * i & 3) / 3.0 - 0.5));
        }
        var parts = new ArrayList<>(Outline.smooth(points));
        parts.add(new Outline.Line(box.right(), box.bottom()));
        parts.add(new Outline.Line(box.x(), box.bottom()));
        parts.add(new Outline.Close());
        return new Outline(parts);
    }
}
