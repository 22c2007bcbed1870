package org.yonderarc.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines one menu, or one section of a menu, of a {@link PlanBuilder}. */
public final class MenuBuilder {
    private final List<Value> entries = new ArrayList<>();

    MenuBuilder() {}

    /** Adds an item that leads to {@code place}: a screen's id, or {@code survey?survey=41}. */
    public MenuBuilder item(String place) {
        return item(place, any -> {});
    }

    /** Adds an item that leads to {@code place}. */
    public MenuBuilder item(String place, Consumer<? super ItemBuilder> define) {
        return add("screen", place, define);
    }

    /** Adds an item that leads to a web address. */
    public MenuBuilder web(String address, Consumer<? super ItemBuilder> define) {
        return add("web", address, define);
    }

    /** Adds an item that opens a document or a media file in the plan's folder. */
    public MenuBuilder document(String file, Consumer<? super ItemBuilder> define) {
        return add("document", file, define);
    }

    /** Adds an item that sends a signal to the app. */
    public MenuBuilder signal(String name, Consumer<? super ItemBuilder> define) {
        return add("signal", name, define);
    }

    /** Adds an item that sets a fact to a value. */
    public MenuBuilder sets(String fact, FactValue value, Consumer<? super ItemBuilder> define) {
        return add("sets", Trees.with(Trees.map("fact", Trees.text(fact)), "value", written(value)), define);
    }

    /** Adds an item that turns a fact from true to false, or back. */
    public MenuBuilder sets(String fact, Consumer<? super ItemBuilder> define) {
        return add("sets", fact, define);
    }

    /** Adds a section with a heading. */
    public MenuBuilder section(String heading, Consumer<? super MenuBuilder> define) {
        return section(Trees.text(heading), define);
    }

    /** Adds a section with a heading in several languages, by language tag. */
    public MenuBuilder section(Map<String, String> headings, Consumer<? super MenuBuilder> define) {
        return section(Translations.of(headings), define);
    }

    /** Adds a section that people can collapse, or a page of its own. */
    public MenuBuilder section(String heading, Entry.Collapsible how, Consumer<? super MenuBuilder> define) {
        return section(heading, define).last("collapsible", word(how));
    }

    /** As {@link #section(String, Entry.Collapsible, Consumer)}, with an id of its own and an icon. */
    public MenuBuilder section(
            String heading, Entry.Collapsible how, String id, String icon, Consumer<? super MenuBuilder> define) {
        return section(heading, how, define).last("id", Trees.text(id)).last("icon", Trees.text(icon));
    }

    private static Value word(Enum<?> word) {
        return Trees.text(word.name().toLowerCase(Locale.ROOT));
    }

    /** Adds a key to the last entry. */
    private MenuBuilder last(String key, Value value) {
        MapValue last = (MapValue) entries.remove(entries.size() - 1);
        entries.add(Trees.with(last, key, value));
        return this;
    }

    private MenuBuilder section(Value heading, Consumer<? super MenuBuilder> define) {
        var section = new LinkedHashMap<String, Value>();
        section.put("section", heading);
        section.put("items", Defined.by(new MenuBuilder(), define).tree());
        entries.add(Trees.map(section));
        return this;
    }

    /** Adds an item for each screen that stands under none, but for some. */
    public MenuBuilder allScreens(String... without) {
        return rule(Map.of("except", Trees.texts(List.of(without))));
    }

    /** Adds an item for each screen under another, but for some; {@code deep} for those below them too. */
    public MenuBuilder allScreensUnder(String screen, boolean deep, String... without) {
        var rule = new LinkedHashMap<String, Value>();
        rule.put("under", Trees.text(screen));
        rule.put("deep", Trees.flag(deep));
        rule.put("except", Trees.texts(List.of(without)));
        return rule(rule);
    }

    /** As {@link #allScreensUnder(String, boolean, String...)}, under a heading. */
    public MenuBuilder allScreensUnder(String heading, String screen, boolean deep, String... without) {
        return allScreensUnder(screen, deep, without).last("heading", Trees.text(heading));
    }

    private MenuBuilder rule(Map<String, Value> rule) {
        entries.add(Trees.map("all-screens", Trees.map(new LinkedHashMap<>(rule))));
        return this;
    }

    /** Adds a divider. */
    public MenuBuilder divider() {
        entries.add(Trees.text("divider"));
        return this;
    }

    private static Value written(FactValue value) {
        return value instanceof FactValue.Flag flag
                ? Trees.flag(flag.on())
                : value instanceof FactValue.Number number ? Trees.number(number.number()) : Trees.text(value.text());
    }

    private MenuBuilder add(String key, String target, Consumer<? super ItemBuilder> define) {
        return add(key, Trees.text(target), define);
    }

    private MenuBuilder add(String key, Value target, Consumer<? super ItemBuilder> define) {
        entries.add(Defined.by(new ItemBuilder().put(key, target), define).tree());
        return this;
    }

    Value tree() {
        return Trees.list(entries);
    }
}
