package org.yonderarc.bind;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.Context;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Words;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/**
 * Texts of another language, put beside those of the plan. The keys are {@code screens.ID.title}, {@code items.ID.label},
 * {@code items.ID.short-label}, {@code items.ID.spoken-label}, {@code bars.ID.spoken-label} and {@code sections.HEADING}, the heading in lower case with
 * hyphens.
 */
public final class TranslatedTexts {
    private static final List<String> ITEM_KEYS = List.of("label", "short-label", "spoken-label");

    private final String base;
    private final String language;
    private final Map<String, String> texts;
    private final Set<String> used = new HashSet<>();
    private final Set<String> known = new HashSet<>();

    private TranslatedTexts(String base, String language, Map<String, String> texts) {
        this.base = base;
        this.language = language;
        this.texts = texts;
    }

    /**
     * The plan's tree with the texts of a language beside its own. Where the plan has a text in that language already,
     * the plan's counts.
     *
     * @param plan the plan as far as the tree could be read before any texts were put into it
     * @param base the language of the plan's plain texts
     * @param language the language of the texts
     * @param texts the texts by key
     * @param file the file they are from, for findings
     */
    public static MergedTree apply(
            Value root, Plan plan, String base, String language, Map<String, String> texts, String file) {
        if (!(root instanceof MapValue map)) {
            return new MergedTree(root, List.of());
        }
        var run = new TranslatedTexts(base, language, texts);
        var entries = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry entry : map.entries()) {
            entries.add(
                    switch (entry.key()) {
                        case "app" -> run.app(entry, plan);
                        case "screens" -> run.screens(entry, plan);
                        case "menus" -> run.menus(entry);
                        case "bars" -> run.bars(entry, plan);
                        default -> entry;
                    });
        }
        var findings = new ArrayList<Finding>();
        texts.keySet().stream()
                .filter(key -> !run.used.contains(key))
                .sorted()
                .forEach(key -> findings.add(new Finding(
                        Code.UNUSED_TEXT,
                        Spot.at("/app/text-files"),
                        "In " + file + ", \"" + key + "\" belongs to nothing in the plan.",
                        Suggestion.sentence(key, run.known, "Remove it."))));
        return new MergedTree(new MapValue(map.spot(), entries), findings);
    }

    private MapValue.Entry app(MapValue.Entry app, Plan plan) {
        if (!(app.value() instanceof MapValue map)) {
            return app;
        }
        Value worded =
                map.entry("built-in-texts").map(MapValue.Entry::value).orElse(new MapValue(map.spot(), List.of()));
        Value says = worded;
        for (BuiltInText word : BuiltInText.values()) {
            String own = Optional.ofNullable(plan.app().builtInTexts().get(word))
                    .map(words -> words.in(base).source())
                    .orElse(word.in(base));
            says = member(says, word.word(), "built-in-texts." + word.word(), own);
        }
        if (says == worded) {
            return app;
        }
        var entries = new ArrayList<>(map.entries());
        entries.removeIf(entry -> entry.key().equals("built-in-texts"));
        entries.add(new MapValue.Entry("built-in-texts", worded.spot(), says));
        return new MapValue.Entry(app.key(), app.keySpot(), new MapValue(map.spot(), entries));
    }

    private MapValue.Entry screens(MapValue.Entry screens, Plan plan) {
        if (!(screens.value() instanceof MapValue map)) {
            return screens;
        }
        var entries = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry screen : map.entries()) {
            String title = plan.screens()
                    .find(screen.key())
                    .map(read -> read.title().in(base).source())
                    .orElse(screen.key());
            Value value = screen.value();
            String key = "screens." + screen.key() + ".title";
            entries.add(new MapValue.Entry(
                    screen.key(),
                    screen.keySpot(),
                    value instanceof TextValue ? shortForm(key, value, title) : member(value, "title", key, title)));
        }
        return new MapValue.Entry(screens.key(), screens.keySpot(), new MapValue(map.spot(), entries));
    }

    private Value shortForm(String key, Value value, String title) {
        Value both = both(key, value, title);
        return both == value
                ? value
                : new MapValue(value.spot(), List.of(new MapValue.Entry("title", value.spot(), both)));
    }

    /** Bars stand in a plan as they do in its tree, so each is found by its place. */
    private MapValue.Entry bars(MapValue.Entry bars, Plan plan) {
        List<Bar> read = plan.bars().stream().collect(toList());
        if (!(bars.value() instanceof ListValue list) || list.items().size() != read.size()) {
            return bars;
        }
        var items = new ArrayList<Value>();
        for (int i = 0; i < read.size(); i++) {
            Bar bar = read.get(i);
            String own = bar.spokenLabel()
                    .map(words -> words.in(base).source())
                    .orElseGet(() -> Ids.asTitle(bar.menu().orElse(bar.id())));
            items.add(member(list.items().get(i), "spoken-label", "bars." + bar.id() + ".spoken-label", own));
        }
        return new MapValue.Entry(bars.key(), bars.keySpot(), new ListValue(list.spot(), items));
    }

    private MapValue.Entry menus(MapValue.Entry menus) {
        if (!(menus.value() instanceof MapValue map)) {
            return menus;
        }
        var entries = new ArrayList<MapValue.Entry>();
        map.entries().forEach(menu -> entries.add(new MapValue.Entry(menu.key(), menu.keySpot(), lines(menu.value()))));
        return new MapValue.Entry(menus.key(), menus.keySpot(), new MapValue(map.spot(), entries));
    }

    private Value lines(Value menu) {
        return menu instanceof ListValue list
                ? new ListValue(
                        list.spot(), list.items().stream().map(this::line).collect(toList()))
                : menu;
    }

    private Value line(Value line) {
        if (!(line instanceof MapValue map)) {
            return line;
        }
        if (map.entry("section").isPresent()) {
            var entries = new ArrayList<MapValue.Entry>();
            for (MapValue.Entry entry : map.entries()) {
                Value value = entry.key().equals("items")
                        ? lines(entry.value())
                        : entry.key().equals("section") && entry.value() instanceof TextValue text
                                ? both("sections." + Ids.slug(text.text()), text, text.text())
                                : entry.value();
                entries.add(new MapValue.Entry(entry.key(), entry.keySpot(), value));
            }
            return new MapValue(map.spot(), entries);
        }
        var item = MenuShape.ENTRY.read(line, new Context("")).filter(Item.class::isInstance);
        if (item.isEmpty()) {
            return line;
        }
        Value with = map;
        for (String key : ITEM_KEYS) {
            String fallback = words((Item) item.get(), key);
            with = member(with, key, "items." + ((Item) item.get()).id() + "." + key, fallback);
        }
        return with;
    }

    private String words(Item item, String key) {
        var words =
                key.equals("label") ? item.label() : key.equals("short-label") ? item.shortLabel() : item.spokenLabel();
        return words.map((Words found) -> found.in(base).source()).orElse("");
    }

    /** A map with the text under {@code member} in both languages. */
    private Value member(Value value, String member, String key, String fallback) {
        known.add(key);
        if (!(value instanceof MapValue map) || !texts.containsKey(key)) {
            return value;
        }
        var entries = new ArrayList<MapValue.Entry>();
        boolean found = false;
        for (MapValue.Entry entry : map.entries()) {
            boolean isIt = entry.key().equals(member);
            found |= isIt;
            entries.add(isIt ? new MapValue.Entry(member, entry.keySpot(), both(key, entry.value(), fallback)) : entry);
        }
        if (!found && !fallback.isEmpty()) {
            entries.add(
                    new MapValue.Entry(member, map.spot(), both(key, new TextValue(map.spot(), fallback), fallback)));
        } else if (!found) {
            used.add(key);
        }
        return new MapValue(map.spot(), entries);
    }

    /** The text as a map of languages, the other language added. */
    private Value both(String key, Value value, String fallback) {
        known.add(key);
        String other = texts.get(key);
        if (other == null) {
            return value;
        }
        used.add(key);
        var languages = new ArrayList<MapValue.Entry>();
        if (value instanceof MapValue map) {
            languages.addAll(map.entries());
        } else {
            languages.add(new MapValue.Entry(base, value.spot(), new TextValue(value.spot(), fallback)));
        }
        if (languages.stream().noneMatch(entry -> entry.key().equals(language))) {
            languages.add(new MapValue.Entry(language, value.spot(), new TextValue(value.spot(), other)));
        }
        return new MapValue(value.spot(), languages);
    }
}
