package org.yonderarc.bind;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Template;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The kinds of values that many shapes share. */
final class Basics {
    static final Kind<String> ID = Kinds.parsed(
            "an id",
            text -> Ids.require(text, "id"),
            text -> text,
            CatalogKind.ID_PATTERN,
            "Write an id such as \"shore-map\".");

    static final Kind<PathTemplate> PATH = Kinds.parsed(
            "a path", PathTemplate::parse, PathTemplate::text, "^/", "Write a path such as \"/surveys/{survey}\".");

    static final Kind<Place> PLACE = Kinds.parsed(
            "a place",
            Place::parse,
            Place::text,
            "^[a-z][a-z0-9]*(-[a-z0-9]+)*(\\?.+)?$",
            "Write a screen's id, or \"survey?survey=41\".");

    static final Kind<Condition> CONDITION = Kinds.parsed(
            "a condition",
            Condition::parse,
            Condition::text,
            "\\S",
            "Write a condition such as \"signed-in and drafts > 0\".");

    static final Kind<String> LANGUAGE = Kinds.parsed(
            "a language tag",
            Basics::language,
            text -> text,
            "^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$",
            "Write a language tag such as \"en\" or \"pt-BR\".");

    private static final Kind<Template> TEMPLATE =
            Kinds.parsed("a text", Template::parse, Template::source, "", "Write a text such as \"Survey {survey}\".");

    /** A text that people read: one for all languages, or a map of languages. */
    static final Kind<Words> WORDS = new Kind<>() {
        @Override
        public Optional<Words> read(Value value, Context context) {
            if (!(value instanceof MapValue map)) {
                return TEMPLATE.read(value, context).map(template -> new Words(Map.of(Words.ANY, template)));
            }
            var byLanguage = new LinkedHashMap<String, Template>();
            var fields = new Fields(map, context);
            for (MapValue.Entry entry : map.entries()) {
                fields.value(entry.key());
                Kinds.parsed("", Basics::language, text -> text, "", "Write a language tag such as \"en\".")
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
                languages.put("additionalProperties", Trees.type("string"));
                languages.put("minProperties", Trees.number(1));
                return Trees.map("anyOf", Trees.list(List.of(Trees.type("string"), Trees.map(languages))));
            });
        }

        @Override
        public String takes() {
            return "a text, or one for each language";
        }
    };

    private Basics() {}

    private static String language(String tag) {
        String[] parts = tag.split("-", -1);
        for (int i = 0; i < parts.length; i++) {
            String part = parts[i];
            boolean fits = part.length() >= (i == 0 ? 2 : 1)
                    && part.length() <= 8
                    && part.chars().allMatch(c -> c < 128 && (isLetter(c) || Character.isDigit(c)));
            if (!fits || (i == 0 && !part.chars().allMatch(Basics::isLetter))) {
                throw new IllegalArgumentException("\"" + tag + "\" is no language tag");
            }
        }
        return tag;
    }

    private static boolean isLetter(int c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
    }

    /** Adds the keys that say where a bar or an item shows; gives the function that puts them together. */
    static <R> Function<Got, Visibility> visibility(Shape<R> shape, Function<R, Visibility> get) {
        var on = shape.field(
                "on",
                Kinds.list(ID),
                thing -> get.apply(thing).on(),
                List.of(),
                "The device kinds it shows on; without it, all.");
        var off = shape.field(
                "off",
                Kinds.list(ID),
                thing -> get.apply(thing).off(),
                List.of(),
                "The device kinds it doesn't show on.");
        var minWidth = shape.optional(
                "min-width",
                Kinds.number(0, 4000),
                thing -> get.apply(thing).minWidth(),
                "The narrowest window it shows in, in dp, inclusive.");
        var maxWidth = shape.optional(
                "max-width",
                Kinds.number(0, 4000),
                thing -> get.apply(thing).maxWidth(),
                "The widest window it shows in, in dp, exclusive.");
        var orientation = shape.optional(
                "orientation",
                Kinds.choice(Visibility.Orientation.values()),
                thing -> get.apply(thing).orientation(),
                "The orientation it shows in.");
        var pointer = shape.optional(
                "pointer",
                Kinds.choice(Visibility.Pointer.values()),
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
