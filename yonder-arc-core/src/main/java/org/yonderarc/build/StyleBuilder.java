package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.function.Consumer;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a style. What it doesn't say is as in the style below it. */
public final class StyleBuilder extends MapBuilder<StyleBuilder> {
    StyleBuilder() {}

    @Override
    StyleBuilder self() {
        return this;
    }

    /** Sets the mark of the selected item. */
    public StyleBuilder indicator(Indicator.Kind kind) {
        return put("indicator", kind);
    }

    /** Sets the mark of the selected item: at which edge or behind what, and its size in dp. */
    public StyleBuilder indicator(
            Indicator.Kind kind,
            Indicator.Edge edge,
            Indicator.Behind behind,
            double width,
            double thickness,
            double radius) {
        var indicator = new LinkedHashMap<String, Value>();
        indicator.put("kind", word(kind));
        indicator.put("edge", word(edge));
        indicator.put("behind", word(behind));
        indicator.put("width", Trees.number(width));
        indicator.put("thickness", Trees.number(thickness));
        indicator.put("radius", Trees.number(radius));
        return put("indicator", Trees.map(indicator));
    }

    /** Sets a picture of the plan's folder as the mark of the selected item: behind what, and its size in dp. */
    public StyleBuilder pictureMark(String file, Indicator.Behind behind, double width, double height) {
        var indicator = new LinkedHashMap<String, Value>();
        indicator.put("kind", word(Indicator.Kind.SHAPE));
        indicator.put("behind", word(behind));
        indicator.put("width", Trees.number(width));
        indicator.put("thickness", Trees.number(height));
        indicator.put("picture", Trees.text(file));
        return put("indicator", Trees.map(indicator));
    }

    /** Sets a line or a dot as the mark of the selected item: at which edge of the bar, and how far from it in dp. */
    public StyleBuilder indicator(Indicator.Kind kind, Indicator.Edge edge, double distance) {
        var indicator = new LinkedHashMap<String, Value>();
        indicator.put("kind", word(kind));
        indicator.put("edge", word(edge));
        indicator.put("distance", Trees.number(distance));
        return put("indicator", Trees.map(indicator));
    }

    /** Sets a line as the mark of the selected item, as long as something: at which edge, and its thickness in dp. */
    public StyleBuilder line(Indicator.Edge edge, Indicator.Length along, double thickness) {
        var indicator = new LinkedHashMap<String, Value>();
        indicator.put("kind", word(Indicator.Kind.LINE));
        indicator.put("edge", word(edge));
        indicator.put("length", word(along));
        indicator.put("thickness", Trees.number(thickness));
        return put("indicator", Trees.map(indicator));
    }

    /** Sets a notch as the mark of the selected item: the width of its circle, and how far that lies below the edge, in dp. */
    public StyleBuilder notch(double width, double depth) {
        return put("indicator", notched(width, depth));
    }

    /** As {@link #notch(double, double)}, with a gap of this width around the circle, in dp. */
    public StyleBuilder notch(double width, double depth, double gap) {
        return put("indicator", Trees.with(notched(width, depth), "distance", Trees.number(gap)));
    }

    private static MapValue notched(double width, double depth) {
        MapValue kind = Trees.map("kind", word(Indicator.Kind.NOTCH));
        return Trees.with(Trees.with(kind, "width", Trees.number(width)), "depth", Trees.number(depth));
    }

    /** Sets a tile behind every icon. */
    public StyleBuilder tile(Tile.Shape shape) {
        return put("tile", shape);
    }

    /** Sets a tile behind every icon, so wide and high in dp. */
    public StyleBuilder tile(Tile.Shape shape, double size) {
        return put("tile", Trees.with(Trees.map("shape", word(shape)), "size", Trees.number(size)));
    }

    /** Sets where badges stand. */
    public StyleBuilder badgePosition(Style.BadgePosition place) {
        return put("badge-position", place);
    }

    /** Sets which labels are set in semibold. */
    public StyleBuilder bold(Style.Which which) {
        return put("bold", which);
    }

    /** Sets whether the title of a top bar, or the headings of a list, are set in semibold. */
    public StyleBuilder titleBold(boolean bold) {
        return put("title-bold", bold);
    }

    /** Sets which icons are shown filled. */
    public StyleBuilder filled(Style.Which which) {
        return put("filled", which);
    }

    /** Sets what lies behind the bar. */
    public StyleBuilder background(Consumer<? super BackgroundBuilder> define) {
        return put("background", Defined.by(new BackgroundBuilder(), define).tree());
    }

    /** Sets a size in dp. */
    public StyleBuilder size(Size size, double dp) {
        return put(size.word(), dp);
    }

    /** Sets the colours of a state. */
    public StyleBuilder state(ItemState state, Consumer<? super StateLookBuilder> define) {
        return put(state.word(), Defined.by(new StateLookBuilder(), define).tree());
    }

    private static Value word(Enum<?> word) {
        return Trees.text(word.name().toLowerCase(java.util.Locale.ROOT));
    }

    /** What stands under the key {@code style} for a style of one's own. */
    static Value own(Consumer<? super StyleBuilder> define) {
        return Defined.by(new StyleBuilder(), define).tree();
    }
}
