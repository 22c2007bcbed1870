package org.yonderarc.shape;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shapes of styles. */
public final class StyleShape {
    public static final Shape<Style> STYLE = style();

    /** The name of a shared style, or a map with a style of one's own. */
    public static final Codec<Style.Ref> REF = new Codec<>() {
        @Override
        public Optional<Style.Ref> read(Value value, Context context) {
            return value instanceof MapValue
                    ? STYLE.read(value, context).map(Style.Ref::own)
                    : PlanCodecs.ID.read(value, context).map(Style.Ref::to);
        }

        @Override
        public Value write(Style.Ref ref) {
            return ref.name().<Value>map(Trees::text).orElseGet(() -> STYLE.write(ref.own()));
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map(
                    "anyOf", Trees.list(List.of(PlanCodecs.ID.schema(definitions), STYLE.schema(definitions))));
        }

        @Override
        public String takes() {
            return "the name of a style, or a style";
        }

        @Override
        public void visit(Style.Ref ref, String pointer, Mentions to) {
            ref.name().ifPresentOrElse(name -> to.name(Noun.STYLE, name, pointer), () -> {
                to.style(ref.own(), pointer);
                STYLE.visit(ref.own(), pointer, to);
            });
        }

        @Override
        public void compare(Style.Ref before, Style.Ref after, String key, Changes to) {
            if (before.name().isEmpty() && after.name().isEmpty()) {
                STYLE.compare(before.own(), after.own(), key, to);
            } else {
                Codec.super.compare(before, after, key, to);
            }
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            STYLE.collect(shapes);
        }
    };

    /** The entry of the map {@code styles}. */
    public static final CatalogCodec.Entry<Style.Named> NAMED = new CatalogCodec.Entry<>() {
        @Override
        public Optional<Style.Named> read(String id, Value value, Context context) {
            return STYLE.read(value, context).map(style -> new Style.Named(id, style));
        }

        @Override
        public Value write(Style.Named named) {
            return STYLE.write(named.style());
        }

        @Override
        public Value schema(Definitions definitions) {
            return STYLE.schema(definitions);
        }

        @Override
        public void visit(Style.Named named, String pointer, Mentions to) {
            to.style(named.style(), pointer);
            STYLE.visit(named.style(), pointer, to);
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            STYLE.collect(shapes);
        }
    };

    private StyleShape() {}

    /** A number; an editor may also see the name of a design token there, which is settled before the plan is read. */
    private static Codec<Double> orToken(Codec<Double> number) {
        return new Codec<>() {
            @Override
            public Optional<Double> read(Value value, Context context) {
                return number.read(value, context);
            }

            @Override
            public Value write(Double value) {
                return number.write(value);
            }

            @Override
            public Value schema(Definitions definitions) {
                Value token = Trees.with(Trees.type("string"), "pattern", Trees.text("^\\{[^{}]+\\}$"));
                return Trees.map("anyOf", Trees.list(List.of(number.schema(definitions), token)));
            }

            @Override
            public String takes() {
                return number.takes();
            }
        };
    }

    private static Shape<Style> style() {
        var shape = new Shape<Style>("style", "How items look. What it doesn't say is as in the style below it.");
        var indicator =
                shape.optional("indicator", IndicatorShape.SHAPE, Style::indicator, "The mark of the selected item.");
        var bold = shape.optional(
                "bold", Codecs.choice(Style.Which.values()), Style::bold, "Which labels are set in semibold.");
        var titleBold = shape.optional(
                "title-bold",
                Codecs.FLAG,
                Style::titleBold,
                "Whether the title of a top bar, or the headings of a list, are set in semibold. Default: they are.");
        var filled = shape.optional(
                "filled",
                Codecs.choice(Style.Which.values()),
                Style::filled,
                "Which icons are shown filled; without a filled variant the outline stands in.");
        var ground = shape.field(
                "background",
                PaintShape.GROUND,
                Style::background,
                Background.NONE,
                "What lies behind the bar; an item has none.");
        var tile = shape.optional("tile", TileShape.SHAPE, Style::tile, "What lies behind every icon.");
        var badgeAt = shape.optional(
                "badge-position",
                Codecs.choice(Style.BadgePosition.values()),
                Style::badgePosition,
                "Where badges stand: as usual, or at the icon's upper or lower corner, in lists too.");
        var sizes = new LinkedHashMap<Size, Field<Style, Optional<Double>>>();
        for (Size size : Size.values()) {
            sizes.put(
                    size,
                    shape.optional(
                            size.word(),
                            orToken(Codecs.number(size.range())),
                            style -> Optional.ofNullable(style.sizes().get(size)),
                            size.meaning()));
        }
        var states = new LinkedHashMap<ItemState, Field<Style, Optional<StateLook>>>();
        for (ItemState state : ItemState.values()) {
            states.put(
                    state,
                    shape.optional(
                            state.word(),
                            StateLookShape.SHAPE,
                            style -> Optional.ofNullable(style.states().get(state)),
                            "Colours where this holds: " + state.meaning()));
        }
        return shape.makes(got -> {
            var ownSizes = new EnumMap<Size, Double>(Size.class);
            sizes.forEach((size, field) -> got.get(field).ifPresent(dp -> ownSizes.put(size, dp)));
            var ownStates = new EnumMap<ItemState, StateLook>(ItemState.class);
            states.forEach((state, field) -> got.get(field).ifPresent(look -> ownStates.put(state, look)));
            return new Style(
                    got.get(indicator),
                    got.get(bold),
                    got.get(titleBold),
                    got.get(filled),
                    got.get(ground),
                    got.get(tile),
                    got.get(badgeAt),
                    Map.copyOf(ownSizes),
                    Map.copyOf(ownStates));
        });
    }
}
