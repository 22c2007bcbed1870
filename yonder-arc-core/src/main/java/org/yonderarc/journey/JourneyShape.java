package org.yonderarc.journey;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.Fields;
import org.yonderarc.codec.Shape;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Ids;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The shape of a file of journeys. */
final class JourneyShape {
    /** A text, a number or a flag, as the text that a step would write. */
    private static final Codec<String> PLAIN = new Codec<>() {
        @Override
        public Optional<String> read(Value value, Context context) {
            if (value instanceof TextValue text) {
                return Optional.of(text.text());
            }
            if (value instanceof NumberValue number) {
                return Optional.of(NumberValue.plain(number.number()));
            }
            if (value instanceof FlagValue flag) {
                return Optional.of(Boolean.toString(flag.on()));
            }
            context.wrongType(value, takes(), "Write one value.");
            return Optional.empty();
        }

        @Override
        public Value write(String value) {
            return Trees.text(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map("type", Trees.texts(List.of("string", "number", "boolean")));
        }

        @Override
        public String takes() {
            return "a text, a number, true or false";
        }
    };

    private static final Codec<List<String>> ONE_OR_MORE = new Codec<>() {
        private final Codec<List<String>> many = Codecs.list(PLAIN);

        @Override
        public Optional<List<String>> read(Value value, Context context) {
            return value instanceof ListValue
                    ? many.read(value, context)
                    : PLAIN.read(value, context).map(List::of);
        }

        @Override
        public Value write(List<String> values) {
            return values.size() == 1 ? PLAIN.write(values.get(0)) : many.write(values);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map("anyOf", Trees.list(List.of(PLAIN.schema(definitions), many.schema(definitions))));
        }

        @Override
        public String takes() {
            return "one value, or a list";
        }
    };

    /** Which devices there are depends on the plan too, so it is looked up when a journey is walked. */
    private static final Codec<String> DEVICE = Codecs.parsed(
            "a device",
            JourneyShape::named,
            name -> name,
            "^([a-z][a-z0-9]*(-[a-z0-9]+)*|[0-9]+x[0-9]+)$",
            "Write the name of a device, or a size in dp: 500x700.");

    private static final Shape<Journey.Leg> LEG = leg();
    static final Shape<JourneyFileContent> FILE = file();

    private JourneyShape() {}

    private static String named(String text) {
        if (!Ids.is(text) && !isSize(text)) {
            throw new IllegalArgumentException("\"" + text + "\" is not the name of a device");
        }
        return text;
    }

    private static boolean isSize(String text) {
        int by = text.indexOf('x');
        return by > 0 && isNumber(text.substring(0, by)) && isNumber(text.substring(by + 1));
    }

    private static boolean isNumber(String text) {
        return !text.isEmpty() && text.chars().allMatch(c -> c >= '0' && c <= '9');
    }

    /** What a file of journeys says. */
    record JourneyFileContent(String device, Map<String, String> facts, Map<String, List<Journey.Leg>> journeys) {
        List<Journey> list() {
            List<String> told = facts.entrySet().stream()
                    .map(fact -> fact.getKey() + "=" + fact.getValue())
                    .collect(toList());
            var list = new ArrayList<Journey>();
            journeys.forEach((name, legs) -> list.add(new Journey(name, device, told, legs)));
            return list;
        }
    }

    private static Shape<Journey.Leg> leg() {
        var shape = new Shape<Journey.Leg>("leg", "One step, and what is expected after it.");
        var step = shape.field(
                "do",
                Codecs.TEXT,
                Journey.Leg::step,
                "",
                "The step, as `yonder walk` takes it; without it, nothing is done.");
        var fields = new EnumMap<Journey.What, Field<Journey.Leg, List<String>>>(Journey.What.class);
        for (Journey.What what : Journey.What.values()) {
            fields.put(
                    what,
                    shape.field(
                            what.word(),
                            ONE_OR_MORE,
                            leg -> leg.expected().stream()
                                    .filter(one -> one.what() == what)
                                    .map(Journey.Expectation::value)
                                    .collect(toList()),
                            List.of(),
                            what.about()));
        }
        return shape.shortForm(step).makes(got -> {
            var expected = new ArrayList<Journey.Expectation>();
            fields.forEach((what, field) ->
                    got.get(field).forEach(value -> expected.add(new Journey.Expectation(what, value))));
            return new Journey.Leg(got.get(step), expected, got.source().spot().line());
        });
    }

    private static Shape<JourneyFileContent> file() {
        var shape = new Shape<JourneyFileContent>("file", "Steps through an app, with what is to be found after each.");
        var device = shape.field(
                "device",
                DEVICE,
                JourneyFileContent::device,
                Device.PHONE.id(),
                "The device that all of them are walked on: a preset, one of the plan's own, or a size in dp.");
        var facts = shape.field(
                "facts",
                named(PLAIN),
                JourneyFileContent::facts,
                Map.of(),
                "The facts that hold at the start of each, by their ids.");
        var journeys = shape.required(
                "journeys",
                named(Codecs.list(LEG)),
                JourneyFileContent::journeys,
                "The journeys by their names, each a list of legs.");
        return shape.makes(got -> new JourneyFileContent(got.get(device), got.get(facts), got.get(journeys)));
    }

    /** A map whose keys are names of any letters. */
    private static <T> Codec<Map<String, T>> named(Codec<T> inner) {
        return new Codec<>() {
            @Override
            public Optional<Map<String, T>> read(Value value, Context context) {
                if (!(value instanceof MapValue map)) {
                    context.wrongType(value, takes(), "Write the names as keys below it.");
                    return Optional.empty();
                }
                var fields = new Fields(map, context);
                var all = new LinkedHashMap<String, T>();
                for (MapValue.Entry entry : map.entries()) {
                    fields.value(entry.key())
                            .flatMap(one -> inner.read(one, context.of("\"" + entry.key() + "\"")))
                            .ifPresent(read -> all.put(entry.key(), read));
                }
                return Optional.of(all);
            }

            @Override
            public Value write(Map<String, T> value) {
                var out = new LinkedHashMap<String, Value>();
                value.forEach((name, one) -> out.put(name, inner.write(one)));
                return Trees.map(out);
            }

            @Override
            public Value schema(Definitions definitions) {
                var out = new LinkedHashMap<String, Value>();
                out.put("type", Trees.text("object"));
                out.put("additionalProperties", inner.schema(definitions));
                return Trees.map(out);
            }

            @Override
            public String takes() {
                return "a map of names";
            }

            @Override
            public void collect(Set<Shape<?>> shapes) {
                inner.collect(shapes);
            }
        };
    }
}
