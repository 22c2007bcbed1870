package org.yonderarc.shape;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Shape;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Background;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.NamedColour;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Shadow;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shapes of what things are painted with. */
public final class PaintShape {
    private static final String COLOUR_PATTERN = "\\s*(#[0-9a-fA-F]{3,8}|(rgb|hsl)a?\\(.*\\)|\\{[^{}]+\\})\\s*";

    /** A colour as CSS writes it. */
    public static final Codec<Colour> COLOUR = Codecs.parsed(
            "a colour",
            Colour::parse,
            Colour::css,
            "^" + COLOUR_PATTERN + "$",
            "Write a colour such as \"#0a6c74\", in quotes, or rgb(10 108 116).");

    private static final Codec<Paint> ONE = Codecs.parsed(
            "a role or a colour",
            Paint::parse,
            Paint::text,
            "^([a-z][a-z0-9]*(-[a-z0-9]+)*|" + COLOUR_PATTERN + ")$",
            "Write a role such as accent, a colour such as \"#0a6c74\", or none.");

    /** A role's word, a name of the theme, a colour, none; or one of them for each scheme. */
    public static final Codec<Paint> PAINT = new Codec<>() {
        @Override
        public Optional<Paint> read(Value value, Context context) {
            return value instanceof MapValue
                    ? BY_SCHEME.read(value, context).map(paint -> paint)
                    : ONE.read(value, context);
        }

        @Override
        public Value write(Paint paint) {
            return paint instanceof Paint.ByScheme by ? BY_SCHEME.write(by) : ONE.write(paint);
        }

        @Override
        public Value schema(Definitions definitions) {
            return either(ONE.schema(definitions), BY_SCHEME.schema(definitions));
        }

        @Override
        public String takes() {
            return "a role or a colour, or one for each scheme";
        }

        @Override
        public void visit(Paint paint, String pointer, Mentions to) {
            if (paint instanceof Paint.ByScheme by) {
                visit(by.light(), pointer + "/light", to);
                visit(by.dark(), pointer + "/dark", to);
            } else if (paint instanceof Paint.ByName by) {
                to.name(Noun.COLOUR, by.name(), pointer);
            }
        }
    };

    private static final Shape<Paint.ByScheme> BY_SCHEME = byScheme();

    /** A colour or a gradient. */
    public static final Shape<Fill> FILL = fill();

    /** What lies behind a bar. */
    public static final Shape<Background> GROUND = ground();

    /** The entry of the map {@code colours}: one for both schemes, or one for each. */
    public static final CatalogCodec.Entry<NamedColour> NAMED = new CatalogCodec.Entry<>() {
        @Override
        public Optional<NamedColour> read(String id, Value value, Context context) {
            boolean isRole =
                    List.of(Role.values()).stream().anyMatch(role -> role.word().equals(id));
            if (isRole || id.equals("none")) {
                context.report(
                        Code.BAD_VALUE,
                        value.spot(),
                        "\"" + id + "\" is a role already.",
                        "Write it below \"light\" and \"dark\", or choose another name.");
                return Optional.empty();
            }
            if (value instanceof MapValue) {
                return EACH.read(value, context)
                        .map(each -> new NamedColour(
                                id,
                                Objects.requireNonNull(each.get(Scheme.LIGHT)),
                                Objects.requireNonNull(each.get(Scheme.DARK))));
            }
            return COLOUR.read(value, context).map(colour -> new NamedColour(id, colour, colour));
        }

        @Override
        public Value write(NamedColour named) {
            return named.light().equals(named.dark())
                    ? COLOUR.write(named.light())
                    : EACH.write(Map.of(Scheme.LIGHT, named.light(), Scheme.DARK, named.dark()));
        }

        @Override
        public Value schema(Definitions definitions) {
            return either(COLOUR.schema(definitions), EACH.schema(definitions));
        }
    };

    private static final Shape<Map<Scheme, Colour>> EACH = each();

    private PaintShape() {}

    private static Value either(Value one, Value other) {
        return Trees.map("anyOf", Trees.list(List.of(one, other)));
    }

    private static Shape<Paint.ByScheme> byScheme() {
        var shape = new Shape<Paint.ByScheme>("paint-by-scheme", "One paint for each scheme.");
        var light = shape.required("light", ONE, Paint.ByScheme::light, "What it is in the light scheme.");
        var dark = shape.required("dark", ONE, Paint.ByScheme::dark, "What it is in the dark scheme.");
        return shape.makes(got -> new Paint.ByScheme(got.get(light), got.get(dark)));
    }

    private static Shape<Map<Scheme, Colour>> each() {
        var shape = new Shape<Map<Scheme, Colour>>("named-colour", "One colour for each scheme.");
        var light = shape.required("light", COLOUR, each -> each.get(Scheme.LIGHT), "What it is in the light scheme.");
        var dark = shape.required("dark", COLOUR, each -> each.get(Scheme.DARK), "What it is in the dark scheme.");
        return shape.makes(got -> Map.of(Scheme.LIGHT, got.get(light), Scheme.DARK, got.get(dark)));
    }

    private static Shape<Fill.Stop> stop() {
        var shape = new Shape<Fill.Stop>("stop", "A colour that a gradient goes through.");
        var paint = shape.required("colour", PAINT, Fill.Stop::paint, "The colour.");
        var at = shape.optional(
                "offset",
                Codecs.number(Fill.Stop.AT),
                Fill.Stop::offset,
                "Where, from 0 at the start to 1 at the end. Default: evenly spread.");
        return shape.shortForm(paint).makes(got -> new Fill.Stop(got.get(paint), got.get(at)));
    }

    private static Shape<Fill> fill() {
        var shape = new Shape<Fill>("fill", "A colour, or a gradient.");
        var from = shape.required("from", PAINT, Fill::from, "Its colour, or where a gradient starts.");
        var through = shape.field(
                "through",
                Codecs.list(stop(), Fill.MOST_STOPS),
                Fill::through,
                List.of(),
                "The colours between its ends, in order.");
        var to = shape.optional("to", PAINT, Fill::to, "Where a gradient ends.");
        var angle = shape.field(
                "angle",
                Codecs.number(Fill.ANGLE),
                Fill::angle,
                Fill.USUAL_ANGLE,
                "The direction of a gradient in degrees, as in CSS: 0 upwards, 90 in reading direction.");
        var dependent = new LinkedHashMap<String, Value>();
        dependent.put("through", Trees.texts(List.of("to")));
        dependent.put("angle", Trees.texts(List.of("to")));
        return shape.shortForm(from)
                .schemaRule("dependentRequired", Trees.map(dependent))
                .makes(got -> new Fill(got.get(from), got.get(through), got.get(to), got.get(angle)));
    }

    private static Shape<Background.Border> edge() {
        var shape = new Shape<Background.Border>("border", "The border of a bar.");
        var paint = shape.required("colour", PAINT, Background.Border::paint, "Its colour; none for no edge.");
        var width = shape.field(
                "width", Codecs.number(Background.Border.WIDTH), Background.Border::width, 1.0, "Its width in dp.");
        var around = shape.field(
                "around",
                Codecs.FLAG,
                Background.Border::around,
                false,
                "Whether it goes all around; otherwise it lies towards the content.");
        return shape.shortForm(paint)
                .makes(got -> new Background.Border(got.get(paint), got.get(width), got.get(around)));
    }

    private static Shape<Shadow> shadow() {
        var shape = new Shape<Shadow>("shadow", "The shadow of a bar.");
        var shown = shape.field("shown", Codecs.FLAG, Shadow::shown, true, "Whether there is one.");
        var colour = shape.optional(
                "colour", PAINT, Shadow::colour, "Its colour where it is darkest. Default: a faint dark one.");
        var blur = shape.field(
                "blur",
                Codecs.number(Shadow.BLUR),
                Shadow::blur,
                Shadow.USUAL.blur(),
                "How far it reaches beyond the bar, ever fainter, in dp.");
        var x = shape.field(
                "x",
                Codecs.number(Shadow.OFFSET),
                Shadow::x,
                Shadow.USUAL.x(),
                "How far it is moved in reading direction, in dp.");
        var y = shape.field(
                "y", Codecs.number(Shadow.OFFSET), Shadow::y, Shadow.USUAL.y(), "How far it is moved down, in dp.");
        return shape.shortForm(shown).makes(got -> {
            if (!got.get(shown)) {
                List.of(colour, blur, x, y).forEach(field -> got.idle(field, "there is no shadow"));
            }
            return new Shadow(got.get(shown), got.get(colour), got.get(blur), got.get(x), got.get(y));
        });
    }

    private static Shape<Background> ground() {
        var shape = new Shape<Background>(
                "background", "What lies behind a bar. Roles of what stands on it are what can be read there.");
        var fill = shape.optional("fill", FILL, Background::fill, "Its colour or gradient.");
        var edge = shape.optional("border", edge(), Background::border, "Its border.");
        var shadow = shape.optional("shadow", shadow(), Background::shadow, "Its shadow.");
        var opacity = shape.optional(
                "opacity",
                Codecs.number(Background.OPACITY),
                Background::opacity,
                "How much of the content beneath it hides; below 1, the content goes on beneath.");
        return shape.shortForm(fill)
                .makes(got -> new Background(got.get(fill), got.get(edge), got.get(shadow), got.get(opacity)));
    }
}
