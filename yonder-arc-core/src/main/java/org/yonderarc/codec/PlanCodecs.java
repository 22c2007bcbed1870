package org.yonderarc.codec;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Template;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Split;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The kinds of values that many shapes share. */
public final class PlanCodecs {
    public static final Codec<String> ID = Codecs.parsed(
            "an id",
            text -> Ids.require(text, "id"),
            text -> text,
            CatalogCodec.ID_PATTERN,
            "Write an id such as \"shore-map\".");

    /** The name of an icon. */
    public static final Codec<String> ICON = Codecs.seen(Codecs.TEXT, Mentions::icon);
    /** The path of a file in the plan's folder. */
    public static final Codec<String> FILE = Codecs.seen(Codecs.TEXT, Mentions::file);

    /** A font file in the plan's folder. */
    public static final Codec<String> FONT_FILE = Codecs.seen(Codecs.TEXT, Mentions::font);

    public static final Codec<PathTemplate> PATH = Codecs.parsed(
            "a path", PathTemplate::parse, PathTemplate::text, "^/", "Write a path such as \"/surveys/{survey}\".");

    public static final Codec<Place> PLACE = Codecs.seen(
            Codecs.parsed(
                    "a place",
                    Place::parse,
                    Place::text,
                    "^[a-z][a-z0-9]*(-[a-z0-9]+)*(\\?.+)?$",
                    "Write a screen's id, or \"survey?survey=41\"."),
            Mentions::place);

    public static final Codec<Condition> CONDITION = Codecs.seen(
            Codecs.parsed(
                    "a condition",
                    Condition::parse,
                    Condition::text,
                    "\\S",
                    "Write a condition such as \"signed-in and drafts > 0\"."),
            Mentions::condition);

    public static final Codec<String> LANGUAGE = Codecs.parsed(
            "a language tag",
            PlanCodecs::language,
            text -> text,
            "^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$",
            "Write a language tag such as \"en\" or \"pt-BR\".");

    private static final Codec<Template> TEMPLATE =
            Codecs.parsed("a text", Template::parse, Template::source, "", "Write a text such as \"Survey {survey}\".");

    /** A web address with holes for parameters. */
    public static final Codec<Template> ADDRESS = Codecs.parsed(
            "a web address",
            Template::parse,
            Template::source,
            "",
            "Write an address such as \"https://tables.example/{station}\".");

    /** A text that people read: one for all languages, or a map of languages. */
    private static final Codec<Words> ANY_WORDS = new Codec<>() {
        @Override
        public Optional<Words> read(Value value, Context context) {
            if (!(value instanceof MapValue map)) {
                return TEMPLATE.read(value, context).map(template -> new Words(Map.of(Words.ANY, template)));
            }
            var byLanguage = new LinkedHashMap<String, Template>();
            var fields = new Fields(map, context);
            for (MapValue.Entry entry : map.entries()) {
                fields.value(entry.key());
                Codecs.parsed("", PlanCodecs::language, text -> text, "", "Write a language tag such as \"en\".")
                        .read(new org.yonderarc.tree.TextValue(entry.keySpot(), entry.key()), context)
                        .flatMap(tag -> TEMPLATE.read(entry.value(), context))
                        .ifPresent(template -> byLanguage.putIfAbsent(entry.key(), template));
            }
            if (byLanguage.isEmpty()) {
                context.badValue(value, context.subject() + " has no text in any language", "Write \"{ en: ... }\".");
                return Optional.empty();
            }
            return Optional.of(new Words(byLanguage));
        }

        @Override
        public Value write(Words value) {
            Template any = value.byLanguage().get(Words.ANY);
            if (any != null) {
                return Trees.text(any.source());
            }
            var out = new LinkedHashMap<String, Value>();
            value.byLanguage().forEach((language, template) -> out.put(language, Trees.text(template.source())));
            return Trees.map(out);
        }

        @Override
        public Value schema(Definitions definitions) {
            return definitions.reference("words", () -> {
                var languages = new LinkedHashMap<String, Value>();
                languages.put("type", Trees.text("object"));
                languages.put("propertyNames", LANGUAGE.schema(definitions));
                languages.put("additionalProperties", Codecs.TEXT.schema(definitions));
                languages.put("minProperties", Trees.number(1));
                return Trees.map("anyOf", Trees.list(List.of(Codecs.TEXT.schema(definitions), Trees.map(languages))));
            });
        }

        @Override
        public String takes() {
            return "a text, or one for each language";
        }

        @Override
        public String takesBriefly() {
            return "a text";
        }
    };

    /** A text that is no title and no label. */
    public static final Codec<Words> WORDS = words(Mentions.Text.OTHER);

    private PlanCodecs() {}

    /** A text that people read: one for all languages, or a map of languages. */
    public static Codec<Words> words(Mentions.Text text) {
        return Codecs.seen(ANY_WORDS, (to, words, pointer) -> to.words(words, text, pointer));
    }

    /** An id that refers to something of the plan. */
    public static Codec<String> name(Noun noun) {
        return Codecs.seen(ID, (to, id, pointer) -> to.name(noun, id, pointer));
    }

    private static String language(String tag) {
        List<String> parts = Split.at(tag, '-');
        for (int i = 0; i < parts.size(); i++) {
            String part = parts.get(i);
            boolean fits = part.length() >= (i == 0 ? 2 : 1)
                    && part.length() <= 8
                    && part.chars().allMatch(c -> isLetter(c) || c >= '0' && c <= '9');
            if (!fits || (i == 0 && !part.chars().allMatch(PlanCodecs::isLetter))) {
                throw new IllegalArgumentException("\"" + tag + "\" is not a language tag");
            }
        }
        return tag;
    }

    private static boolean isLetter(int c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
    }

    /** Adds the keys that say where a bar or an item shows; gives the function that puts them together. */
    public static <R> Function<FieldValues, Visibility> visibility(Shape<R> shape, Function<R, Visibility> get) {
        var on = shape.field(
                "show-on",
                Codecs.list(name(Noun.KIND)),
                thing -> get.apply(thing).showOn(),
                List.of(),
                "The device kinds it shows on; without it, all.");
        var off = shape.field(
                "hide-on",
                Codecs.list(name(Noun.KIND)),
                thing -> get.apply(thing).hideOn(),
                List.of(),
                "The device kinds it doesn't show on.");
        var minWidth = shape.optional(
                "min-window-width",
                Codecs.number(0, 4000),
                thing -> get.apply(thing).minWindowWidth(),
                "The narrowest window it shows in, in dp, inclusive.");
        var maxWidth = shape.optional(
                "max-window-width",
                Codecs.number(0, 4000),
                thing -> get.apply(thing).maxWindowWidth(),
                "The widest window it shows in, in dp, exclusive.");
        var orientation = shape.optional(
                "orientation",
                Codecs.choice(Visibility.Orientation.values()),
                thing -> get.apply(thing).orientation(),
                "The orientation it shows in.");
        var pointer = shape.optional(
                "pointer",
                Codecs.choice(Visibility.Pointer.values()),
                thing -> get.apply(thing).pointer(),
                "The pointer it shows for: coarse is a finger, fine a mouse or a pen.");
        return got -> new Visibility(
                got.get(on),
                got.get(off),
                got.get(minWidth),
                got.get(maxWidth),
                got.get(orientation),
                got.get(pointer));
    }
}
