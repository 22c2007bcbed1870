package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Template;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/**
 * The one reader: binds a neutral tree to a plan. What can't be bound is reported and left out, so that one run finds
 * everything. Whether links lead somewhere is the check's business, not the reader's.
 */
public final class PlanReader {
    private final List<Finding> findings = new ArrayList<>();

    private PlanReader() {}

    /** Reads {@code root}; the findings are those of the reader alone. */
    public static Reading read(Value root) {
        var reader = new PlanReader();
        Plan draft = root instanceof MapValue map ? reader.plan(map) : reader.noPlan(root);
        return new Reading(draft, reader.findings);
    }

    private Plan noPlan(Value root) {
        findings.add(new Finding(
                Code.WRONG_TYPE,
                root.spot(),
                "A plan is a map, but here is " + root.kind() + ".",
                "Start the file with \"yonder: " + Plan.FORMAT + "\" and the keys app, screens and menus."));
        return new Plan(
                new App("App", Optional.empty()),
                Catalog.of(List.of()),
                Catalog.of(List.of()),
                Catalog.of(List.of()),
                List.of());
    }

    private Plan plan(MapValue map) {
        var fields = new Fields(map, "the plan", findings);
        format(fields);
        App app = fields.required("app", "Add \"app: { name: ..., start: ... }\".")
                .flatMap(value -> fieldsOf(value, "app", "Write \"app: { name: ..., start: ... }\"."))
                .map(this::app)
                .orElse(new App("App", Optional.empty()));
        var facts = catalog(fields, "facts", "fact", this::fact);
        fields.required("screens", "Add \"screens:\" and below it one line for each screen.");
        var screens = catalog(fields, "screens", "screen", this::screen);
        var menus = catalog(fields, "menus", "menu", this::menu);
        List<Bar> bars = fields.value("bars").map(value -> bars(value)).orElseGet(() -> defaultBars(menus));
        fields.done();
        return new Plan(app, facts, screens, menus, bars);
    }

    private void format(Fields fields) {
        Optional<Value> format = fields.required("yonder", "Add \"yonder: " + Plan.FORMAT + "\" as the first line.");
        boolean fits = format.isEmpty() || format.get() instanceof NumberValue number && number.number() == Plan.FORMAT;
        if (!fits) {
            fields.report(
                    Code.BAD_VALUE,
                    format.get().spot(),
                    "\"yonder\" is the version of the format, and this library reads version " + Plan.FORMAT + ".",
                    "Write \"yonder: " + Plan.FORMAT + "\", or use a newer release.");
        }
    }

    private App app(Fields fields) {
        fields.required("name", "Add \"name: ...\", the app's name as people read it.");
        var app = new App(fields.text("name").orElse("App"), fields.text("start"));
        fields.done();
        return app;
    }

    private Optional<Fact> fact(String id, Value value) {
        FactValue initial =
                switch (value.kind()) {
                    case "true or false" -> new FactValue.Flag(((FlagValue) value).on());
                    case "a text" -> new FactValue.Text(((TextValue) value).text());
                    case "a number" -> number((NumberValue) value);
                    default -> null;
                };
        if (initial == null) {
            findings.add(new Finding(
                    Code.WRONG_TYPE,
                    value.spot(),
                    "The fact \"" + id + "\" takes true, false, a finite number or a text, but here is " + value.kind()
                            + ".",
                    "Write the value it has until the app tells another, such as 0, false or \"\"."));
        }
        return Optional.ofNullable(initial).map(known -> new Fact(id, known));
    }

    private static FactValue number(NumberValue value) {
        return Double.isFinite(value.number()) ? new FactValue.Number(value.number()) : null;
    }

    private Optional<Screen> screen(String id, Value value) {
        if (value instanceof TextValue title) {
            var fields = new Fields(new MapValue(value.spot(), List.of()), screenNamed(id), findings);
            return Optional.of(new Screen(
                    id,
                    fields.parsed(title, title.text(), Template::parse, TITLE_REMEDY)
                            .orElse(Screen.defaultTitle(id)),
                    Optional.empty(),
                    Screen.defaultPath(id),
                    Optional.empty(),
                    org.yonderarc.plan.Wireframe.EMPTY));
        }
        return fieldsOf(value, screenNamed(id), "Write \"" + id + ": { title: ... }\".")
                .map(fields -> screen(id, fields));
    }

    private static final String TITLE_REMEDY = "Write a title such as \"Survey {survey}\".";

    private static String screenNamed(String id) {
        return "screen \"" + id + "\"";
    }

    private Screen screen(String id, Fields fields) {
        var screen = new Screen(
                id,
                fields.parsed("title", Template::parse, TITLE_REMEDY).orElse(Screen.defaultTitle(id)),
                fields.text("icon"),
                fields.parsed("path", PathTemplate::parse, "Write a path such as \"/surveys/{survey}\".")
                        .orElse(Screen.defaultPath(id)),
                fields.text("under"),
                WireframeReader.read(fields, findings));
        fields.done();
        return screen;
    }

    private Optional<Menu> menu(String id, Value value) {
        if (!(value instanceof ListValue list)) {
            wrongType(value, "menu \"" + id + "\"", "a list of items", "Put \"- \" before each item.");
            return Optional.empty();
        }
        var items = new ArrayList<Item>();
        list.items().forEach(item -> item(item).ifPresent(items::add));
        return Optional.of(new Menu(id, items));
    }

    private Optional<Item> item(Value value) {
        if (value instanceof TextValue text) {
            return item(text.text(), text.text(), value.spot(), Optional.empty(), Optional.empty(), Optional.empty());
        }
        return fieldsOf(value, "item", "Write a screen's id, or \"{ screen: ..., label: ... }\".")
                .flatMap(this::item);
    }

    private Optional<Item> item(Fields fields) {
        fields.required("screen", "Add \"screen: ...\", the id of the screen it leads to.");
        Optional<String> screen = fields.text("screen");
        Optional<String> id = fields.text("id");
        Optional<String> label = fields.text("label");
        Optional<String> icon = fields.text("icon");
        Optional<String> badge = fields.text("badge");
        fields.done();
        return screen.flatMap(to -> item(id.orElse(to), to, fields.spot(), label, icon, badge));
    }

    private Optional<Item> item(
            String id,
            String screen,
            Spot spot,
            Optional<String> label,
            Optional<String> icon,
            Optional<String> badge) {
        var problem = Ids.problem(id);
        if (problem.isPresent()) {
            findings.add(new Finding(
                    Code.BAD_VALUE,
                    spot,
                    "\"" + id + "\" is no id for an item: " + problem.get() + ".",
                    "Write the id of a screen, such as \"shore-map\"."));
            return Optional.empty();
        }
        return Optional.of(new Item(id, screen, label, icon, badge));
    }

    private List<Bar> bars(Value value) {
        if (!(value instanceof ListValue list)) {
            wrongType(value, "\"bars\"", "a list of bars", "Put \"- \" before each bar.");
            return List.of();
        }
        var bars = new ArrayList<Bar>();
        for (Value item : list.items()) {
            if (item instanceof TextValue text && text.text().equals("top")) {
                bars.add(new Bar.Top());
            } else {
                fieldsOf(item, "bar", "Write \"top\", or \"{ menu: ..., form: bottom }\".")
                        .flatMap(this::bar)
                        .ifPresent(bars::add);
            }
        }
        return bars;
    }

    private Optional<Bar> bar(Fields fields) {
        Optional<String> menu = fields.text("menu");
        Optional<String> form = fields.value("form").isEmpty()
                ? Optional.of("bottom")
                : fields.parsed("form", PlanReader::form, "Write \"form: bottom\" or \"form: top\".");
        fields.done();
        if (form.isEmpty()) {
            return Optional.empty();
        }
        if (form.get().equals("top")) {
            fields.value("menu")
                    .ifPresent(value -> fields.report(
                            Code.BAD_VALUE,
                            value.spot(),
                            "A top bar shows no menu.",
                            "Remove \"menu\", or write \"form: bottom\"."));
            return Optional.of(new Bar.Top());
        }
        fields.required("menu", "Add \"menu: ...\", the id of the menu it shows.");
        return menu.map(Bar.Bottom::new);
    }

    private static String form(String word) {
        if (!word.equals("top") && !word.equals("bottom")) {
            throw new IllegalArgumentException("there is no form \"" + word + "\"");
        }
        return word;
    }

    private static List<Bar> defaultBars(Catalog<Menu> menus) {
        var bars = new ArrayList<Bar>();
        menus.stream().findFirst().ifPresent(menu -> bars.add(new Bar.Bottom(menu.id())));
        bars.add(new Bar.Top());
        return bars;
    }

    private <T extends Identified> Catalog<T> catalog(
            Fields parent, String key, String kind, BiFunction<String, Value, Optional<T>> read) {
        var all = new ArrayList<T>();
        parent.value(key)
                .flatMap(value -> fieldsOf(value, "\"" + key + "\"", "Write the ids as keys below it."))
                .ifPresent(fields -> fields.byId(kind)
                        .forEach(entry -> read.apply(entry.key(), entry.value()).ifPresent(all::add)));
        return Catalog.of(all);
    }

    private Optional<Fields> fieldsOf(Value value, String what, String remedy) {
        if (value instanceof MapValue map) {
            return Optional.of(new Fields(map, what, findings));
        }
        wrongType(value, what, "a map", remedy);
        return Optional.empty();
    }

    private void wrongType(Value value, String subject, String wanted, String remedy) {
        findings.add(new Finding(
                Code.WRONG_TYPE,
                value.spot(),
                Fields.capitalised(subject) + " takes " + wanted + ", but here is " + value.kind() + ".",
                remedy));
    }
}
