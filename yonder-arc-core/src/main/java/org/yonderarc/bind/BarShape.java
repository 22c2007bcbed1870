package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Transition;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * A bar: its own keys, and either the keys of one form beside them, or {@code forms} with a form for each device kind.
 */
final class BarShape implements Kind<Bar> {
    private final Shape<Bar> own = new Shape<>("bar", "Where and how a menu, or the place's title, is shown.");
    private final Field<Bar, Optional<String>> id = own.optional(
            "id",
            Basics.ID,
            bar -> bar.id().equals(defaultId(bar.menu(), bar.forms())) ? Optional.empty() : Optional.of(bar.id()),
            "Its id. Default: that of its menu, or its form.");
    private final Field<Bar, Optional<String>> menu = own.optional("menu", Basics.ID, Bar::menu, "The menu it shows.");
    private final Field<Bar, Optional<String>> within = own.optional(
            "within", Basics.ID, Bar::within, "The screen on which, and below which, it stands. Default: everywhere.");
    private final Field<Bar, Optional<Transition>> transition = own.optional(
            "transition",
            MotionShape.TRANSITION,
            Bar::transition,
            "How screens that are chosen in it follow each other. Default: as item, screen or plan say.");
    private final java.util.function.Function<Got, org.yonderarc.plan.Visibility> visibility =
            Basics.visibility(own, Bar::visibility);

    Shape<Bar> ownShape() {
        return own;
    }

    @Override
    public Optional<Bar> read(Value value, Context outer) {
        Context context = outer.of("bar");
        if (value instanceof TextValue) {
            return FormShape.word(value, context)
                    .flatMap(word -> bar(
                            new Got("", value, context),
                            Map.of(Bar.ANY_KIND, FormShape.named(word).byDefault())));
        }
        if (!(value instanceof MapValue map)) {
            context.wrongType(value, takes(), "Write \"top\", or \"{ menu: ..., form: bottom }\".");
            return Optional.empty();
        }
        var fields = new Fields(map, context);
        var got = new Got("", value, context);
        own.readFields(fields, got);
        Map<String, Form> forms = fields.has("forms") ? forms(fields, context) : form(fields, got);
        fields.done();
        return forms.isEmpty() ? Optional.empty() : bar(got, forms);
    }

    private Map<String, Form> form(Fields fields, Got got) {
        Optional<Value> named = fields.value("form");
        Optional<String> word = named.isEmpty()
                ? Optional.of("bottom")
                : FormShape.word(named.get(), got.context().of("\"form\""));
        if (word.isEmpty()) {
            // Which keys the form takes can't be known, so none of the others is reported.
            fields.map().entries().forEach(entry -> fields.value(entry.key()));
            return Map.of();
        }
        return FormShape.named(word.get())
                .readBeside(fields, got)
                .map(form -> Map.of(Bar.ANY_KIND, form))
                .orElse(Map.of());
    }

    private static Map<String, Form> forms(Fields fields, Context context) {
        Value value = fields.value("forms").orElseThrow();
        var forms = new LinkedHashMap<String, Form>();
        if (!(value instanceof MapValue map)) {
            context.of("\"forms\"").wrongType(value, "a map of device kinds", "Write \"forms: { phone: bottom }\".");
            return forms;
        }
        if (map.entries().isEmpty()) {
            context.badValue(value, "\"forms\" names no device kind", "Write \"forms: { phone: bottom }\".");
        }
        for (MapValue.Entry entry : new Fields(map, context.of("\"forms\"")).byId("device kind")) {
            FormShape.KIND.read(entry.value(), context.of("form")).ifPresent(form -> forms.put(entry.key(), form));
        }
        return forms;
    }

    private Optional<Bar> bar(Got got, Map<String, Form> forms) {
        Optional<String> shown = got.get(menu);
        boolean needsMenu = forms.values().stream().anyMatch(Form::showsMenu);
        if (needsMenu && shown.isEmpty()) {
            got.context()
                    .report(
                            Code.MISSING_KEY,
                            got.source().spot(),
                            "The bar has no \"menu\".",
                            "Add \"menu: ...\", the id of the menu it shows.");
            return Optional.empty();
        }
        return Optional.of(new Bar(
                got.get(id).orElseGet(() -> defaultId(shown, forms)),
                shown,
                forms,
                got.get(within),
                visibility.apply(got),
                got.get(transition)));
    }

    private static String defaultId(Optional<String> menu, Map<String, Form> forms) {
        return menu.orElseGet(() -> forms.values().iterator().next().word());
    }

    @Override
    public Value write(Bar bar) {
        var out = new LinkedHashMap<String, Value>();
        own.writeFields("", bar, out);
        Form only = bar.forms().get(Bar.ANY_KIND);
        if (only != null && bar.forms().size() == 1) {
            FormShape.of(only).writeBeside(only, out);
            return out.size() == 1 ? out.get("form") : Trees.map(out);
        }
        var forms = new LinkedHashMap<String, Value>();
        bar.forms().forEach((kind, form) -> forms.put(kind, FormShape.KIND.write(form)));
        out.put("forms", Trees.map(forms));
        return Trees.map(out);
    }

    @Override
    public Value schema(Definitions definitions) {
        return definitions.reference("bar", () -> {
            var variants = new ArrayList<Value>();
            variants.add(Trees.map("const", Trees.text("top")));
            for (FormShape<?> form : FormShape.ALL) {
                variants.add(variant(form, definitions));
            }
            Value any = FormShape.KIND.schema(definitions);
            variants.add(object(many(any, definitions), List.of("forms", "menu")));
            variants.add(object(many(FormShape.named("top").schema(definitions), definitions), List.of("forms")));
            return Trees.map("anyOf", Trees.list(variants));
        });
    }

    /** The keys of a bar with a form of this schema for each device kind. */
    private LinkedHashMap<String, Value> many(Value form, Definitions definitions) {
        var forms = new LinkedHashMap<String, Value>();
        forms.put("type", Trees.text("object"));
        forms.put("propertyNames", Trees.map("pattern", Trees.text(CatalogKind.ID_PATTERN)));
        forms.put("additionalProperties", form);
        forms.put("minProperties", Trees.number(1));
        forms.put("description", Trees.text("The form on each device kind; on a kind without one it doesn't show."));
        var properties = own.properties(definitions);
        properties.put("forms", Trees.map(forms));
        return properties;
    }

    private Value variant(FormShape<?> form, Definitions definitions) {
        var properties = own.properties(definitions);
        properties.put("form", Trees.map("const", Trees.text(form.word())));
        properties.putAll(form.shape().properties(definitions));
        var required = new ArrayList<String>();
        if (!form.word().equals("bottom")) {
            required.add("form");
        }
        if (form.byDefault().showsMenu()) {
            required.add("menu");
        }
        return object(properties, required);
    }

    private static Value object(LinkedHashMap<String, Value> properties, List<String> required) {
        var out = new LinkedHashMap<String, Value>();
        out.put("type", Trees.text("object"));
        out.put("properties", Trees.map(properties));
        out.put("required", Trees.texts(required));
        out.put("additionalProperties", Trees.flag(false));
        return Trees.map(out);
    }

    @Override
    public String takes() {
        return "`top`, or a map";
    }
}
