package org.yonderarc.codec;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.StateLook;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Tile;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shapes of styles. */
public final class StyleShape {
    public static final Shape<Indicator> INDICATOR = indicator();
    public static final Shape<Tile> TILE = tile();
    public static final Shape<StateLook> LOOK = look();
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

    private static Shape<Indicator> indicator() {
        var shape = new Shape<Indicator>("indicator", "The mark of the selected item.");
        var kind = shape.required(
                "kind",
                Codecs.choice(Indicator.Kind.values()),
                Indicator::kind,
                "None, a line, a filled shape, a dot, a pair of brackets, or a raised circle in a curved notch of the bar.");
        var edge = shape.field(
                "edge",
                Codecs.choice(Indicator.Edge.values()),
                Indicator::edge,
                Indicator.NONE.edge(),
                "At which edge of the item a line or a dot stands: towards the content, or away from it.");
        var behind = shape.field(
                "behind",
                Codecs.choice(Indicator.Behind.values()),
                Indicator::behind,
                Indicator.NONE.behind(),
                "What a shape lies behind, or brackets stand around: the icon, or the whole item.");
        var width = shape.optional(
                "width", Codecs.number(Indicator.WIDTH), Indicator::width, "Its length along the bar in dp.");
        var thickness = shape.optional(
                "thickness",
                Codecs.number(Indicator.THICKNESS),
                Indicator::thickness,
                "Its extent across the bar in dp.");
        var radius = shape.optional(
                "radius", Codecs.number(Indicator.RADIUS), Indicator::radius, "The radius of its corners in dp.");
        var along = shape.optional(
                "length",
                Codecs.choice(Indicator.Length.values()),
                Indicator::length,
                "What a line is as long as, where it has no width: the icon, the label or the item.");
        var depth = shape.optional(
                "depth",
                Codecs.number(Indicator.DEPTH),
                Indicator::depth,
                "How far the middle of a notch's circle lies below the bar's edge in dp. Default: 6.");
        var distance = shape.optional(
                "distance",
                Codecs.number(Indicator.DISTANCE),
                Indicator::distance,
                "How far a line or a dot stands from the bar's edge, or how wide the room around a notch's circle is, in dp. Default: 0 for a line, 4 for a dot, 6 for a notch.");
        var picture = shape.optional(
                "picture",
                PlanCodecs.FILE,
                Indicator::picture,
                "The picture that a shape is, in place of a colour: a file in the plan's folder.");
        return shape.shortForm(kind)
                .makes(got -> new Indicator(
                        got.get(kind),
                        got.get(edge),
                        got.get(behind),
                        got.get(width),
                        got.get(thickness),
                        got.get(radius),
                        got.get(along),
                        got.get(depth),
                        got.get(distance),
                        got.get(picture)));
    }

    private static Shape<Tile> tile() {
        var shape = new Shape<Tile>("tile", "What lies behind every icon.");
        var form = shape.required("shape", Codecs.choice(Tile.Shape.values()), Tile::shape, "Its shape.");
        var size = shape.optional(
                "size",
                Codecs.number(Tile.SIZE),
                Tile::size,
                "Its width and height in dp. Default: 16 dp more than the icon.");
        return shape.shortForm(form).makes(got -> new Tile(got.get(form), got.get(size)));
    }

    private static Shape<StateLook> look() {
        var shape = new Shape<StateLook>("look", "The colours of an item in one state, each a role, a colour or none.");
        var icon = shape.optional("icon", PaintShape.PAINT, StateLook::icon, "Its icon.");
        var label = shape.optional("label", PaintShape.PAINT, StateLook::label, "Its label.");
        var fill = shape.optional("fill", PaintShape.PAINT, StateLook::fill, "What lies behind the whole item.");
        var indicator =
                shape.optional("indicator", PaintShape.PAINT, StateLook::indicator, "The mark of the selected item.");
        var outline =
                shape.optional("outline", PaintShape.PAINT, StateLook::outline, "The line around the whole item.");
        var tile = shape.optional(
                "tile", PaintShape.PAINT, StateLook::tile, "What lies behind its icon, where the style has a tile.");
        var badge = shape.optional(
                "badge", PaintShape.PAINT, StateLook::badge, "Its badge; what it says is black or white.");
        return shape.makes(got -> new StateLook(
                got.get(icon),
                got.get(label),
                got.get(fill),
                got.get(indicator),
                got.get(outline),
                got.get(tile),
                got.get(badge)));
    }

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
        var indicator = shape.optional("indicator", INDICATOR, Style::indicator, "The mark of the selected item.");
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
        var tile = shape.optional("tile", TILE, Style::tile, "What lies behind every icon.");
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
                            LOOK,
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
