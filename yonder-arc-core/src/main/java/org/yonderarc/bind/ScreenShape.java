package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import org.yonderarc.codec.Bounds;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.plan.BarsOn;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.plan.Words;
import org.yonderarc.shape.MotionShape;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shape of a screen and its sample content. */
final class ScreenShape {
    static final Shape<Row> ROW = row();

    /** A text or a number, as a place may have it. */
    private static final Codec<String> SAMPLE = new Codec<>() {
        @Override
        public Optional<String> read(Value value, Context context) {
            Optional<String> text = FactShape.SCALAR.read(value, context);
            if (text.filter(any -> any.isEmpty() || any.length() > Place.LONGEST_VALUE)
                    .isPresent()) {
                context.badValue(
                        value,
                        "a sample has 1 to " + Place.LONGEST_VALUE + " characters",
                        "Write a value that an address of this screen could have.");
                return Optional.empty();
            }
            return text;
        }

        @Override
        public Value write(String value) {
            return Trees.text(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            MapValue text = Trees.with(
                    Trees.with(Trees.type("string"), "minLength", Trees.number(1)),
                    "maxLength",
                    Trees.number(Place.LONGEST_VALUE));
            return Trees.map("anyOf", Trees.list(List.of(text, Trees.type("number"))));
        }

        @Override
        public String takes() {
            return "a text or a number";
        }
    };

    static final Shape<Parameter> PARAMETER = parameter();
    static final Shape<Wireframe> WIREFRAME = wireframe();
    static final Shape<Screen> SCREEN = screen();

    private ScreenShape() {}

    private static Shape<Row> row() {
        var shape = new Shape<Row>("row", "One row of sample content.");
        Codec<Words> text = PlanCodecs.words(Mentions.Text.SAMPLE);
        var title = shape.required("title", text, Row::title, "What it is called.");
        var note = shape.field("note", text, Row::note, Row.NOTHING, "A smaller second line.");
        var value = shape.field(
                "value", text, Row::value, Row.NOTHING, "What stands at the end: a time, a count, \"on\" or \"off\".");
        var to = shape.optional("screen", PlanCodecs.PLACE, Row::screen, "The place it opens: survey?survey=41.");
        var when = shape.optional("when", PlanCodecs.CONDITION, Row::when, "It is shown only while this holds.");
        return shape.shortForm(title)
                .makes(got -> new Row(got.get(title), got.get(note), got.get(value), got.get(to), got.get(when)));
    }

    private static Shape<Parameter> parameter() {
        var shape = new Shape<Parameter>("parameter", "What a parameter of a path takes.");
        var kind = shape.optional(
                "kind",
                Codecs.choice(Parameter.Kind.values()),
                Parameter::kind,
                "What it takes. Default: what another screen says whose path begins the same way, else text.");
        var sample = shape.optional(
                "sample",
                SAMPLE,
                Parameter::sample,
                "Its value in pictures, prototypes and the map where none is given. Default: the one in a row or an item that leads there.");
        return shape.shortForm(kind).makes(got -> new Parameter(got.id(), got.get(kind), got.get(sample)));
    }

    private static Shape<Wireframe> wireframe() {
        var shape = new Shape<Wireframe>("wireframe", "Sample content, so that previews look like an app.");
        var kind = shape.required(
                "kind", Codecs.choice(Wireframe.Kind.values()), Wireframe::kind, "What kind of content.");
        var rows = shape.field(
                "rows", Codecs.list(ROW, Bounds.ROWS), Wireframe::rows, List.of(), "The rows of the content.");
        return shape.shortForm(kind).makes(got -> new Wireframe(got.get(kind), got.get(rows)));
    }

    private static Shape<Screen> screen() {
        var shape = new Shape<Screen>("screen", "A place a person can be.");
        var title = shape.derived(
                "title",
                PlanCodecs.words(Mentions.Text.TITLE),
                Screen::title,
                Screen::defaultTitle,
                "Its title; {name} is filled with a parameter or a fact. Default: the id in words.");
        var icon = shape.optional("icon", PlanCodecs.ICON, Screen::icon, "The name of its icon.");
        var path = shape.derived(
                "path",
                PlanCodecs.PATH,
                Screen::path,
                Screen::defaultPath,
                "Its address, with {parameters} as whole segments and those that may be left out at its end: {?near,sort}. Default: a slash and the id.");
        var parameters = shape.field(
                "parameters",
                Codecs.catalog("parameter", CatalogCodec.of(PARAMETER), Bounds.PARAMETERS),
                Screen::parameters,
                Catalog.of(List.of()),
                "What parameters of its path take; any text, where nothing is said.");
        var under = shape.optional(
                "under", PlanCodecs.name(Noun.SCREEN), Screen::under, "The screen above it, from which it is opened.");
        var needs = shape.optional("needs", PlanCodecs.CONDITION, Screen::needs, "It is shown only while this holds.");
        var otherwise = shape.optional(
                "otherwise",
                PlanCodecs.name(Noun.SCREEN),
                Screen::otherwise,
                "The screen that is shown while \"needs\" doesn't hold.");
        var bars = shape.field(
                "bars",
                new BarsOnCodec(),
                Screen::bars,
                BarsOn.ALL,
                "Which bars show on it: all, none, or a list of ids.");
        var transition = shape.optional(
                "transition",
                MotionShape.TRANSITION,
                Screen::transition,
                "How it follows another. Default: as the plan's motion says.");
        var wireframe =
                shape.field("wireframe", WIREFRAME, Screen::wireframe, Wireframe.EMPTY, "What previews show in it.");
        var picture = shape.optional(
                "picture",
                PlanCodecs.FILE,
                Screen::picture,
                "A picture file that previews show in place of the wireframe.");
        var web = shape.optional(
                "web",
                PlanCodecs.ADDRESS,
                Screen::web,
                "The web page that it shows, with {parameters}; the host opens it, previews say where it leads.");
        return shape.shortForm(title)
                .makes(got -> new Screen(
                        got.id(),
                        got.get(title),
                        got.get(icon),
                        got.get(path),
                        got.get(parameters),
                        got.get(under),
                        got.get(needs),
                        got.get(otherwise),
                        got.get(bars),
                        got.get(transition),
                        got.get(wireframe),
                        got.get(picture),
                        got.get(web)));
    }
}
