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
            return Trees.map(
                    "anyOf", Trees.list(List.of(Trees.type("string"), Trees.type("number"), Trees.type("boolean"))));
        }

        @Override
        public String takes() {
            return "a text, a number, true or false";
        }
    };

    /** Which devices there are depends on the plan too, so it is looked up when a journey is walked. */
    private static final Codec<String> DEVICE = Codecs.parsed(
            "a device",
            JourneyShape::named,
            name -> name,
            "^([a-z][a-z0-9]*(-[a-z0-9]+)*|[0-9]+x[0-9]+)$",
            "Write the name of a device, or a size in dp: 500x700.");

    private static final Codec<List<String>> VALUES = oneOrMore(PLAIN, "one value, or a list");
    private static final Codec<List<String>> DEVICES = oneOrMore(DEVICE, "a device, or a list of devices");
    private static final Shape<Journey.Leg> LEG = leg();
    private static final Shape<Walked> WALKED = walked();

    private JourneyShape() {}

    private static Codec<List<String>> oneOrMore(Codec<String> one, String takes) {
        Codec<List<String>> many = Codecs.list(one);
        return new Codec<>() {
            @Override
            public Optional<List<String>> read(Value value, Context context) {
                if (value instanceof ListValue list && list.items().isEmpty()) {
                    context.badValue(value, "the list is empty", "Name at least one.");
                    return Optional.empty();
                }
                return value instanceof ListValue
                        ? many.read(value, context)
                        : one.read(value, context).map(List::of);
            }

            @Override
            public Value write(List<String> values) {
                return values.size() == 1 ? one.write(values.get(0)) : many.write(values);
            }

            @Override
            public Value schema(Definitions definitions) {
                return Trees.map("anyOf", Trees.list(List.of(one.schema(definitions), many.schema(definitions))));
            }

            @Override
            public String takes() {
                return takes;
            }
        };
    }

    /**
     * A journey as its file has it.
     *
     * @param devices the devices that it is walked on; none for those of the file
     * @param legs its legs in order
     */
    private record Walked(List<String> devices, List<Journey.Leg> legs) {}

    /** The legs alone, or with the devices on which they are walked. */
    private static final Codec<Walked> JOURNEY = new Codec<>() {
        private final Codec<List<Journey.Leg>> legs = Codecs.list(LEG);

        @Override
        public Optional<Walked> read(Value value, Context context) {
            return value instanceof MapValue
                    ? WALKED.read(value, context)
                    : legs.read(value, context).map(list -> new Walked(List.of(), list));
        }

        @Override
        public Value write(Walked journey) {
            return journey.devices().isEmpty() ? legs.write(journey.legs()) : WALKED.write(journey);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map("anyOf", Trees.list(List.of(legs.schema(definitions), WALKED.schema(definitions))));
        }

        @Override
        public String takes() {
            return "a list of legs, or a map";
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            WALKED.collect(shapes);
        }
    };

    static final Shape<JourneyFileContent> FILE = file();

    private static Shape<Walked> walked() {
        var shape = new Shape<Walked>("journey", "A journey that is walked on devices of its own.");
        var device = shape.field(
                "device",
                DEVICES,
                Walked::devices,
                List.of(),
                "The devices that it is walked on. Default: the file's.");
        var legs = shape.required("legs", Codecs.list(LEG), Walked::legs, "Its legs in order.");
        return shape.makes(got -> new Walked(got.get(device), got.get(legs)));
    }

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
    record JourneyFileContent(List<String> devices, Map<String, String> facts, Map<String, Walked> journeys) {
        List<Journey> list() {
            List<String> told = facts.entrySet().stream()
                    .map(fact -> fact.getKey() + "=" + fact.getValue())
                    .collect(toList());
            var list = new ArrayList<Journey>();
            journeys.forEach((name, journey) -> {
                List<String> all = journey.devices().isEmpty() ? devices : journey.devices();
                for (String device : all) {
                    String whole = all.size() == 1 ? name : name + " (" + device + ")";
                    list.add(new Journey(whole, device, told, journey.legs()));
                }
            });
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
                            VALUES,
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
                DEVICES,
                JourneyFileContent::devices,
                List.of(Device.PHONE.id()),
                "The device that all of them are walked on, or a list: presets, the plan's own, or sizes in dp.");
        var facts = shape.field(
                "facts",
                named(PLAIN),
                JourneyFileContent::facts,
                Map.of(),
                "The facts that hold at the start of each, by their ids.");
        var journeys = shape.required(
                "journeys",
                named(JOURNEY),
                JourneyFileContent::journeys,
                "The journeys by their names, each a list of legs, or a map with devices of its own.");
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
