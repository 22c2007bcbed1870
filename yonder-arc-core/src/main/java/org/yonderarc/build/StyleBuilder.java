package org.yonderarc.build;

import java.util.function.Consumer;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;
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

    /** Sets the mark of the selected item, with sizes of its own. */
    public StyleBuilder indicator(Consumer<? super IndicatorBuilder> define) {
        return put("indicator", Defined.by(new IndicatorBuilder(), define).tree());
    }

    /** Sets a tile behind every icon. */
    public StyleBuilder tile(Tile.Shape shape) {
        return put("tile", shape);
    }

    /** Sets a tile behind every icon, with a size of its own. */
    public StyleBuilder tile(Consumer<? super TileBuilder> define) {
        return put("tile", Defined.by(new TileBuilder(), define).tree());
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

    /** What stands under the key {@code style} for a style of one's own. */
    static Value own(Consumer<? super StyleBuilder> define) {
        return Defined.by(new StyleBuilder(), define).tree();
    }
}
