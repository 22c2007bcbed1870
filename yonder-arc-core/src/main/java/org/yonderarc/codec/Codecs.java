package org.yonderarc.codec;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.ConditionException;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Range;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The kinds that shapes are put together from. */
public final class Codecs {
    private Codecs() {}

    /** Any text. */
    public static final Codec<String> TEXT = new Codec<>() {
        @Override
        public Optional<String> read(Value value, Context context) {
            if (value instanceof TextValue text) {
                return Optional.of(context.within(text));
            }
            context.wrongType(value, takes(), "Write a text; put it in quotes if it looks like something else.");
            return Optional.empty();
        }

        @Override
        public Value write(String value) {
            return Trees.text(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.with(Trees.type("string"), "maxLength", Trees.number(Bounds.TEXT));
        }

        @Override
        public String takes() {
            return "a text";
        }
    };

    /** True or false. */
    public static final Codec<Boolean> FLAG = new Codec<>() {
        @Override
        public Optional<Boolean> read(Value value, Context context) {
            if (value instanceof FlagValue flag) {
                return Optional.of(flag.on());
            }
            context.wrongType(value, takes(), "Write true or false, without quotes.");
            return Optional.empty();
        }

        @Override
        public Value write(Boolean value) {
            return Trees.flag(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.type("boolean");
        }

        @Override
        public String takes() {
            return "true or false";
        }
    };

    /** A finite number from {@code min} to {@code max}, both inclusive. */
    public static Codec<Double> number(double min, double max) {
        return new NumberCodec(min, max, false);
    }

    /** A whole number from {@code min} to {@code max}, both inclusive. */
    public static Codec<Integer> whole(int min, int max) {
        return map(new NumberCodec(min, max, true), Double::intValue, Integer::doubleValue);
    }

    /**
     * A text with a grammar of its own.
     *
     * @param pattern a regular expression (ECMA 262) that every proper text matches, for the schema
     */
    public static <T> Codec<T> parsed(
            String takes, Function<String, T> parse, Function<T, String> write, String pattern, String remedy) {
        return new ParsedCodec<>(takes, parse, write, pattern, remedy);
    }

    /** One word of an enum: its constants in lower case with hyphens. */
    public static <E extends Enum<E>> Codec<E> choice(E[] constants) {
        return new ChoiceCodec<>(List.of(constants));
    }

    /** A list of at most 1,000 items, each of the same kind. */
    public static <T> Codec<List<T>> list(Codec<T> item) {
        return list(item, Bounds.LIST);
    }

    /** A list of at most {@code most} items, each of the same kind. */
    public static <T> Codec<List<T>> list(Codec<T> item, int most) {
        return new ListCodec<>(item, most);
    }

    /** A map with at most 10,000 ids as keys. */
    public static <T extends Identified> Codec<Catalog<T>> catalog(String noun, CatalogCodec.Entry<T> entry) {
        return catalog(noun, entry, Bounds.CATALOG);
    }

    /** A map with at most {@code most} ids as keys. */
    public static <T extends Identified> Codec<Catalog<T>> catalog(String noun, CatalogCodec.Entry<T> entry, int most) {
        return new CatalogCodec<>(noun, entry, most);
    }

    /** Another view of a kind. */
    public static <A, B> Codec<B> map(Codec<A> kind, Function<A, B> to, Function<B, A> from) {
        return new Codec<>() {
            @Override
            public Optional<B> read(Value value, Context context) {
                return kind.read(value, context).map(to);
            }

            @Override
            public Value write(B value) {
                return kind.write(from.apply(value));
            }

            @Override
            public Value schema(Definitions definitions) {
                return kind.schema(definitions);
            }

            @Override
            public String takes() {
                return kind.takes();
            }

            @Override
            public void visit(B value, String pointer, Mentions to) {
                kind.visit(from.apply(value), pointer, to);
            }

            @Override
            public void compare(B before, B after, String key, Changes to) {
                kind.compare(from.apply(before), from.apply(after), key, to);
            }

            @Override
            public void collect(Set<Shape<?>> shapes) {
                kind.collect(shapes);
            }
        };
    }

    /** Tells {@link Mentions} what a value is. */
    @FunctionalInterface
    public interface Seen<T> {
        void tell(Mentions to, T value, String pointer);
    }

    /** The same values, each of which is told of. */
    public static <T> Codec<T> seen(Codec<T> codec, Seen<T> seen) {
        return new Codec<>() {
            @Override
            public Optional<T> read(Value value, Context context) {
                return codec.read(value, context);
            }

            @Override
            public Value write(T value) {
                return codec.write(value);
            }

            @Override
            public Value schema(Definitions definitions) {
                return codec.schema(definitions);
            }

            @Override
            public String takes() {
                return codec.takes();
            }

            @Override
            public String takesBriefly() {
                return codec.takesBriefly();
            }

            @Override
            public void visit(T value, String pointer, Mentions to) {
                seen.tell(to, value, pointer);
                codec.visit(value, pointer, to);
            }

            @Override
            public void compare(T before, T after, String key, Changes to) {
                codec.compare(before, after, key, to);
            }

            @Override
            public void collect(Set<Shape<?>> shapes) {
                codec.collect(shapes);
            }
        };
    }

    /** A finite number of a range. */
    public static Codec<Double> number(Range range) {
        return number(range.least(), range.most());
    }

    /** A whole number of a range. */
    public static Codec<Integer> whole(Range range) {
        return whole((int) range.least(), (int) range.most());
    }

    private record NumberCodec(double min, double max, boolean isWhole) implements Codec<Double> {
        @Override
        public Optional<Double> read(Value value, Context context) {
            if (!(value instanceof NumberValue number)) {
                context.wrongType(value, takes(), "Write a number, without quotes or a unit.");
                return Optional.empty();
            }
            double is = number.number();
            if (!(is >= min && is <= max) || (isWhole && is != Math.rint(is))) {
                context.badValue(
                        value,
                        context.subject() + " takes " + takes() + ", not " + NumberValue.plain(is),
                        min == max ? "Write " + NumberValue.plain(min) + "." : "Write a number in this range.");
                return Optional.empty();
            }
            return Optional.of(is);
        }

        @Override
        public Value write(Double value) {
            return Trees.number(value);
        }

        @Override
        public Value schema(Definitions definitions) {
            MapValue type = Trees.type(isWhole ? "integer" : "number");
            return Trees.with(Trees.with(type, "minimum", Trees.number(min)), "maximum", Trees.number(max));
        }

        @Override
        public String takes() {
            return (isWhole ? "a whole number from " : "a number from ") + NumberValue.plain(min) + " to "
                    + NumberValue.plain(max);
        }
    }

    private record ParsedCodec<T>(
            String takes, Function<String, T> parse, Function<T, String> text, String pattern, String remedy)
            implements Codec<T> {
        @Override
        public Optional<T> read(Value value, Context context) {
            return TEXT.read(value, context).flatMap(read -> {
                try {
                    return Optional.of(parse.apply(read));
                } catch (ConditionException trouble) {
                    context.report(
                            Code.BAD_CONDITION,
                            within(value.spot(), read, trouble.offset()),
                            Context.capitalised(Brief.of(trouble)) + ".",
                            remedy);
                } catch (IllegalArgumentException refused) {
                    context.badValue(value, Brief.of(refused), remedy);
                }
                return Optional.empty();
            });
        }

        /** The spot of a part of a text: known only where the text stands in the file letter by letter. */
        private static Spot within(Spot spot, String text, int offset) {
            int quotes = spot.length() - text.length();
            return quotes == 0 || quotes == 2
                    ? new Spot(spot.pointer(), spot.line(), spot.column() + quotes / 2 + offset, 1)
                    : spot;
        }

        @Override
        public Value write(T value) {
            return Trees.text(text.apply(value));
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.with((MapValue) TEXT.schema(definitions), "pattern", Trees.text(pattern));
        }
    }

    private record ChoiceCodec<E extends Enum<E>>(List<E> constants) implements Codec<E> {
        @Override
        public Optional<E> read(Value value, Context context) {
            Optional<String> word = TEXT.read(value, context);
            Optional<E> chosen = word.flatMap(text ->
                    constants.stream().filter(one -> word(one).equals(text)).findFirst());
            if (word.isPresent() && chosen.isEmpty()) {
                context.findings()
                        .add(new Finding(
                                Code.BAD_VALUE,
                                value.spot(),
                                context.opening() + " can't be \"" + word.get() + "\".",
                                Suggestion.sentence(word.get(), words(), "Write " + Suggestion.choice(words()) + "."),
                                Suggestion.fix(word.get(), words())));
            }
            return chosen;
        }

        private static String word(Enum<?> one) {
            return one.name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        private List<String> words() {
            return constants.stream().map(ChoiceCodec::word).collect(toList());
        }

        @Override
        public Value write(E value) {
            return Trees.text(word(value));
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.map("enum", Trees.texts(words()));
        }

        @Override
        public String takes() {
            return Suggestion.choice(words()).replace('"', '`');
        }
    }

    private record ListCodec<T>(Codec<T> item, int most) implements Codec<List<T>> {
        @Override
        public Optional<List<T>> read(Value value, Context context) {
            if (!(value instanceof ListValue list)) {
                context.wrongType(value, "a list", "Write \"[ ... ]\", or put \"- \" before each item.");
                return Optional.empty();
            }
            var all = new ArrayList<T>();
            for (Value one : context.within(list.items(), most, value.spot())) {
                item.read(one, context).ifPresentOrElse(all::add, () -> context.dropped()
                        .add(one.spot().pointer()));
            }
            return Optional.of(all);
        }

        @Override
        public Value write(List<T> value) {
            return Trees.list(value.stream().map(item::write).collect(toList()));
        }

        @Override
        public Value schema(Definitions definitions) {
            return Trees.with(
                    Trees.with(Trees.type("array"), "items", item.schema(definitions)), "maxItems", Trees.number(most));
        }

        @Override
        public String takes() {
            return "a list, each " + item.takes();
        }

        @Override
        public void visit(List<T> value, String pointer, Mentions to) {
            for (int i = 0; i < value.size(); i++) {
                item.visit(value.get(i), pointer + "/" + i, to);
            }
        }

        @Override
        public void collect(Set<Shape<?>> shapes) {
            item.collect(shapes);
        }
    }
}
