package org.yonderarc.bind;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.yonderarc.codec.Bounds;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Codecs;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Fields;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Schemas;
import org.yonderarc.codec.Shape;
import org.yonderarc.finding.Brief;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Target;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** A fact: its value alone, or a map with more about it. */
final class FactShape {
    /** A text or a number, as a text. */
    static final Codec<String> SCALAR = new Codec<>() {
        @Override
        public Optional<String> read(Value value, Context context) {
            return value instanceof NumberValue number && Double.isFinite(number.number())
                    ? Optional.of(NumberValue.plain(number.number()))
                    : Codecs.TEXT.read(value, context);
        }

        @Override
        public Value write(String value) {
            return Codecs.TEXT.write(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Codecs.TEXT.schema(definitions);
        }

        @Override
        public String takes() {
            return Codecs.TEXT.takes();
        }
    };

    /** The value of a fact that is no list. */
    private static final Codec<FactValue> SINGLE = new Codec<>() {
        @Override
        public Optional<FactValue> read(Value value, Context context) {
            if (value instanceof ListValue) {
                context.wrongType(value, takes(), "Write a single value; lists come from the app.");
                return Optional.empty();
            }
            return VALUE.read(value, context);
        }

        @Override
        public Value write(FactValue value) {
            return VALUE.write(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Schemas.textOr(Bounds.TEXT, "boolean", "number");
        }

        @Override
        public String takes() {
            return "true, false, a number or a text";
        }
    };

    /** What an item sets a fact to. */
    static final Shape<Target.ToFact> TOLD = told();

    /** The value of a fact: its type is that of the value. */
    private static final Codec<FactValue> VALUE = new Codec<>() {
        @Override
        public Optional<FactValue> read(Value value, Context context) {
            if (value instanceof FlagValue flag) {
                return Optional.of(new FactValue.Flag(flag.on()));
            }
            if (value instanceof TextValue) {
                return Codecs.TEXT.read(value, context).map(FactValue.Text::new);
            }
            if (value instanceof NumberValue number && Double.isFinite(number.number())) {
                return Optional.of(new FactValue.Number(number.number()));
            }
            if (value instanceof ListValue list) {
                return entries(list, context);
            }
            context.wrongType(
                    value, takes(), "Write the value it has until the app tells another, such as 0, false or \"\".");
            return Optional.empty();
        }

        private static Optional<FactValue> entries(ListValue list, Context context) {
            var entries = new ArrayList<ListEntry>();
            for (Value one : context.within(list.items(), FactValue.Entries.MOST, list.spot())) {
                entry(one, context).ifPresent(entries::add);
            }
            try {
                return Optional.of(new FactValue.Entries(entries));
            } catch (IllegalArgumentException refused) {
                context.badValue(list, Brief.of(refused), "Give each entry an id of its own.");
                return Optional.empty();
            }
        }

        private static Optional<ListEntry> entry(Value one, Context context) {
            var values = new LinkedHashMap<String, String>();
            if (one instanceof MapValue map) {
                var fields = new Fields(map, context);
                for (MapValue.Entry entry : map.entries()) {
                    fields.value(entry.key())
                            .flatMap(value -> SCALAR.read(value, context.of("\"" + entry.key() + "\"")))
                            .ifPresent(text -> values.put(entry.key(), text));
                }
            } else {
                Optional<String> label = SCALAR.read(one, context);
                if (label.isEmpty()) {
                    return Optional.empty();
                }
                values.put("label", label.get());
            }
            try {
                return Optional.of(ListEntry.of(values));
            } catch (IllegalArgumentException refused) {
                context.badValue(one, Brief.of(refused), "Write \"{ id: scarf, label: Blue scarf }\".");
                return Optional.empty();
            }
        }

        @Override
        public Value write(FactValue value) {
            if (value instanceof FactValue.Flag flag) {
                return Trees.flag(flag.on());
            }
            if (value instanceof FactValue.Entries list) {
                return Trees.list(list.entries().stream().map(ListEntry::tree).collect(toList()));
            }
            return value instanceof FactValue.Number number ? Trees.number(number.number()) : Trees.text(value.text());
        }

        @Override
        public Value schema(Definitions definitions) {
            Value plain = Schemas.textOr(Bounds.TEXT, "boolean", "number");
            Value scalar = Schemas.textOr(Place.LONGEST_VALUE, "number");
            Value written = Trees.with(
                    Trees.with(Trees.type("string"), "pattern", Trees.text("^[a-z0-9]+(-[a-z0-9]+)*$")),
                    "maxLength",
                    Trees.number(ListEntry.LONGEST_ID));
            Value counted = Trees.with(Trees.type("integer"), "minimum", Trees.number(0));
            Value id = Trees.map("anyOf", Trees.list(List.of(written, counted)));
            Value map = Trees.with(
                    Trees.with(
                            Trees.with(
                                    Trees.type("object"),
                                    "properties",
                                    Trees.with(Trees.map("id", id), "label", scalar)),
                            "additionalProperties",
                            scalar),
                    "required",
                    Trees.texts(List.of("label")));
            Value list = Trees.with(
                    Trees.with(Trees.type("array"), "items", Trees.map("anyOf", Trees.list(List.of(scalar, map)))),
                    "maxItems",
                    Trees.number(FactValue.Entries.MOST));
            return Trees.map("anyOf", Trees.list(List.of(plain, list)));
        }

        @Override
        public String takes() {
            return "true, false, a finite number, a text or a list";
        }
    };

    static final Shape<Fact> FACT = fact();

    private FactShape() {}

    private static Shape<Fact> fact() {
        var shape = new Shape<Fact>("fact", "A live value that the app tells.");
        var value = shape.required("value", VALUE, Fact::initial, "The value it has until the app tells another.");
        var saved = shape.field(
                "saved",
                Codecs.FLAG,
                Fact::saved,
                true,
                "Whether it is kept in saved states; \"false\" for what another person on the device must not see.");
        return shape.shortForm(value).shortForLists().makes(got -> new Fact(got.id(), got.get(value), got.get(saved)));
    }

    private static Shape<Target.ToFact> told() {
        var shape = new Shape<Target.ToFact>("told", "A fact that an item sets, and to what.");
        var fact = shape.required("fact", PlanCodecs.name(Noun.FACT), Target.ToFact::fact, "The fact that is set.");
        var value = shape.optional(
                "value",
                SINGLE,
                Target.ToFact::value,
                "The value that it gets. Default: the opposite of true or false.");
        return shape.shortForm(fact).makes(got -> new Target.ToFact(got.get(fact), got.get(value)));
    }
}
