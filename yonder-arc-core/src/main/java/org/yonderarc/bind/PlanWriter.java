package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** The one writer: a plan as a neutral tree, in short forms where they say as much. Reading it gives an equal plan. */
public final class PlanWriter {
    private PlanWriter() {}

    /** The plan as a tree without file positions. */
    public static MapValue write(Plan plan) {
        var out = new Entries();
        out.add("yonder", new NumberValue(Spot.ROOT, Plan.FORMAT));
        var app = new Entries();
        app.add("name", text(plan.app().name()));
        app.addIfPresent("start", plan.app().start());
        out.add("app", app.map());
        addCatalog(out, "facts", plan.facts(), PlanWriter::fact);
        out.add("screens", catalog(plan.screens(), PlanWriter::screen));
        addCatalog(out, "menus", plan.menus(), PlanWriter::menu);
        out.add("bars", list(plan.bars(), PlanWriter::bar));
        return out.map();
    }

    private static Value fact(Fact fact) {
        FactValue value = fact.initial();
        if (value instanceof FactValue.Flag flag) {
            return new FlagValue(Spot.ROOT, flag.on());
        }
        return value instanceof FactValue.Number number
                ? new NumberValue(Spot.ROOT, number.number())
                : text(value.text());
    }

    private static Value screen(Screen screen) {
        var out = new Entries();
        out.add("title", text(screen.title().source()));
        out.addIfPresent("icon", screen.icon());
        if (!screen.path().equals(Screen.defaultPath(screen.id()))) {
            out.add("path", text(screen.path().text()));
        }
        out.addIfPresent("under", screen.under());
        if (!screen.wireframe().equals(Wireframe.EMPTY)) {
            out.add("wireframe", wireframe(screen.wireframe()));
        }
        return out.size() == 1 ? text(screen.title().source()) : out.map();
    }

    private static Value wireframe(Wireframe wireframe) {
        if (wireframe.rows().isEmpty()) {
            return text(wireframe.kind().word());
        }
        var out = new Entries();
        out.add("kind", text(wireframe.kind().word()));
        out.add("rows", list(wireframe.rows(), PlanWriter::row));
        return out.map();
    }

    private static Value row(Row row) {
        var out = new Entries();
        out.add("title", text(row.title()));
        out.addIfPresent("note", notEmpty(row.note()));
        out.addIfPresent("value", notEmpty(row.value()));
        out.addIfPresent("to", row.to().map(Place::text));
        return out.size() == 1 ? text(row.title()) : out.map();
    }

    private static Value menu(Menu menu) {
        return list(menu.items(), PlanWriter::item);
    }

    private static Value item(Item item) {
        var out = new Entries();
        out.add("screen", text(item.screen()));
        if (!item.id().equals(item.screen())) {
            out.add("id", text(item.id()));
        }
        out.addIfPresent("label", item.label());
        out.addIfPresent("icon", item.icon());
        out.addIfPresent("badge", item.badge());
        return out.size() == 1 ? text(item.screen()) : out.map();
    }

    private static Value bar(Bar bar) {
        var out = new Entries();
        if (bar instanceof Bar.Bottom bottom) {
            out.add("menu", text(bottom.menu()));
        }
        out.add("form", text(bar.form()));
        return out.map();
    }

    private static Optional<String> notEmpty(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    private static Value text(String text) {
        return new TextValue(Spot.ROOT, text);
    }

    private static <T> Value list(List<T> all, Function<T, Value> write) {
        return new ListValue(Spot.ROOT, all.stream().map(write).toList());
    }

    private static <T extends Identified> void addCatalog(
            Entries out, String key, Catalog<T> all, Function<T, Value> write) {
        if (!all.list().isEmpty()) {
            out.add(key, catalog(all, write));
        }
    }

    private static <T extends Identified> Value catalog(Catalog<T> all, Function<T, Value> write) {
        var out = new Entries();
        all.forEach(one -> out.add(one.id(), write.apply(one)));
        return out.map();
    }

    private static final class Entries {
        private final List<MapValue.Entry> entries = new ArrayList<>();

        void add(String key, Value value) {
            entries.add(new MapValue.Entry(key, Spot.ROOT, value));
        }

        void addIfPresent(String key, Optional<String> value) {
            value.ifPresent(present -> add(key, text(present)));
        }

        int size() {
            return entries.size();
        }

        MapValue map() {
            return new MapValue(Spot.ROOT, entries);
        }
    }
}
