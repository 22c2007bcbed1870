package org.yonderarc.bind;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.codec.CatalogCodec;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.Field;
import org.yonderarc.codec.FieldValues;
import org.yonderarc.codec.Fields;
import org.yonderarc.codec.PlanCodecs;
import org.yonderarc.codec.Shape;
import org.yonderarc.finding.Code;
import org.yonderarc.form.FormCodec;
import org.yonderarc.form.FormHome;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Words;
import org.yonderarc.shape.MotionShape;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * A bar: its own keys, and either the keys of one form beside them, or {@code forms} with a form for each device kind.
 */
final class BarShape implements Codec<Bar> {
    private final Shape<Bar> own = new Shape<>("bar", "Where and how a menu, or the place's title, is shown.");
    private final Field<Bar, Optional<String>> id = own.optional(
            "id",
            PlanCodecs.ID,
            bar -> bar.id().equals(defaultId(bar.menu(), bar.forms())) ? Optional.empty() : Optional.of(bar.id()),
            "Its id. Default: that of its menu, or its form.");
    private final Field<Bar, Optional<String>> menu =
            own.optional("menu", PlanCodecs.name(Noun.MENU), Bar::menu, "The menu it shows.");
    private final Field<Bar, Optional<Words>> spoken = own.optional(
            "spoken-label",
            PlanCodecs.words(Mentions.Text.SPOKEN),
            Bar::spokenLabel,
            "Its name for screen readers. Default: the app's word for a menu, or the menu's id where there are several.");
    private final Field<Bar, Optional<String>> within = own.optional(
            "within",
            PlanCodecs.name(Noun.SCREEN),
            Bar::within,
            "The screen on which, and below which, it stands. Default: everywhere.");
    private final Field<Bar, Optional<String>> first = own.optional(
            "default-item",
            PlanCodecs.name(Noun.ITEM),
            Bar::defaultItem,
            "Of a bar within a part: the item to which whatever leads to the part leads at first, later to the one where the person was. Default: the first.");
    private final Field<Bar, Map<String, List<String>>> order = own.field(
            "order",
            new OrderCodec(),
            Bar::order,
            Map.of(),
            "The items that stand first, in this order, or one order for each device kind; each stays in its section.");
    private final Field<Bar, Optional<Transition>> transition = own.optional(
            "transition",
            MotionShape.TRANSITION,
            Bar::transition,
            "How screens that are chosen in it follow each other. Default: as item, screen or plan say.");
    private final java.util.function.Function<FieldValues, org.yonderarc.plan.Visibility> visibility =
            PlanCodecs.visibility(own, Bar::visibility);

    Shape<Bar> ownShape() {
        return own;
    }

    @Override
    public Optional<Bar> read(Value value, Context outer) {
        Context context = outer.of("bar");
        if (value instanceof TextValue) {
            return FormCodec.kind(value, context)
                    .flatMap(kind -> FormCodec.byWord(kind, value, context))
                    .flatMap(form -> bar(new FieldValues("", value, context), Map.of(Bar.ANY_KIND, form)));
        }
        if (!(value instanceof MapValue map)) {
            context.wrongType(value, takes(), "Write \"top\", or \"{ menu: ..., form: bottom }\".");
            return Optional.empty();
        }
        var fields = new Fields(map, context);
        var got = new FieldValues("", value, context);
        own.readFields(fields, got);
        Map<String, Form> forms = fields.has("forms") ? forms(fields, context) : form(fields, got);
        fields.done();
        return forms.isEmpty() ? Optional.empty() : bar(got, forms);
    }

    private Map<String, Form> form(Fields fields, FieldValues got) {
        Optional<Value> named = fields.value("form");
        Optional<Form.Kind> kind = named.isEmpty()
                ? Optional.of(Form.Kind.usual())
                : FormCodec.kind(named.get(), got.context().of("\"form\""));
        if (kind.isEmpty()) {
            // Which keys the form takes can't be known, so none of the others is reported.
            fields.map().entries().forEach(entry -> fields.value(entry.key()));
            return Map.of();
        }
        return FormCodec.readBeside(kind.get(), fields, got)
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
            FormCodec.FORM.read(entry.value(), context.of("form")).ifPresent(form -> forms.put(entry.key(), form));
        }
        return forms;
    }

    private Optional<Bar> bar(FieldValues got, Map<String, Form> forms) {
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
                got.get(spoken),
                forms,
                got.get(within),
                got.get(first),
                got.get(order),
                visibility.apply(got),
                got.get(transition)));
    }

    private static String defaultId(Optional<String> menu, Map<String, Form> forms) {
        return menu.orElseGet(() -> forms.values().iterator().next().kind().word());
    }

    @Override
    public Value write(Bar bar) {
        var out = new LinkedHashMap<String, Value>();
        own.writeFields("", bar, out);
        Form only = bar.forms().get(Bar.ANY_KIND);
        if (only != null && bar.forms().size() == 1) {
            FormCodec.writeBeside(only, out);
            return out.size() == 1 ? Objects.requireNonNull(out.get("form")) : Trees.map(out);
        }
        var forms = new LinkedHashMap<String, Value>();
        bar.forms().forEach((kind, form) -> forms.put(kind, FormCodec.FORM.write(form)));
        out.put("forms", Trees.map(forms));
        return Trees.map(out);
    }

    @Override
    public void visit(Bar bar, String pointer, Mentions to) {
        own.visit(bar, pointer, to);
        bar.forms().forEach((kind, form) -> {
            boolean isBeside = kind.equals(Bar.ANY_KIND) && bar.forms().size() == 1;
            String at = isBeside ? pointer : JsonPointer.child(pointer + "/forms", kind);
            if (!isBeside) {
                to.name(Noun.KIND, kind, at);
            }
            FormCodec.FORM.visit(form, at, to);
        });
    }

    @Override
    public void compare(Bar before, Bar after, String key, Changes to) {
        own.compare(before, after, key, to);
        var kinds = new LinkedHashSet<>(before.forms().keySet());
        kinds.addAll(after.forms().keySet());
        for (String kind : kinds) {
            Form old = before.forms().get(kind);
            Form now = after.forms().get(kind);
            String inner = kind.equals(Bar.ANY_KIND) ? key : "forms." + kind;
            if (old != null && now != null) {
                FormCodec.FORM.compare(old, now, inner, to);
            } else {
                to.changed(
                        inner.isEmpty() ? "form" : inner,
                        Optional.ofNullable(old).map(FormCodec.FORM::write),
                        Optional.ofNullable(now).map(FormCodec.FORM::write));
            }
        }
    }

    @Override
    public void collect(Set<Shape<?>> shapes) {
        own.collect(shapes);
        Forms.all().forEach(home -> home.shape().collect(shapes));
    }

    @Override
    public Value schema(Definitions definitions) {
        return definitions.reference("bar", () -> {
            var variants = new ArrayList<Value>();
            withoutMenu().forEach(kind -> variants.add(Trees.map("const", Trees.text(kind.word()))));
            for (Form.Kind kind : Form.Kind.values()) {
                variants.add(variant(kind, definitions));
            }
            Value any = FormCodec.FORM.schema(definitions);
            variants.add(object(many(any, definitions), List.of("forms", "menu")));
            withoutMenu()
                    .forEach(kind -> variants.add(
                            object(many(FormCodec.schema(kind, definitions), definitions), List.of("forms"))));
            return Trees.map("anyOf", Trees.list(variants));
        });
    }

    /** The forms that can do without a menu. */
    private static List<Form.Kind> withoutMenu() {
        return Forms.all().stream()
                .map(FormHome::usual)
                .filter(form -> !form.showsMenu())
                .map(Form::kind)
                .collect(toList());
    }

    /** The keys of a bar with a form of this schema for each device kind. */
    private LinkedHashMap<String, Value> many(Value form, Definitions definitions) {
        var forms = new LinkedHashMap<String, Value>();
        forms.put("type", Trees.text("object"));
        forms.put("propertyNames", Trees.map("pattern", Trees.text(CatalogCodec.ID_PATTERN)));
        forms.put("additionalProperties", form);
        forms.put("minProperties", Trees.number(1));
        forms.put("description", Trees.text("The form on each device kind; on a kind without one it doesn't show."));
        var properties = own.properties(definitions);
        properties.put("forms", Trees.map(forms));
        return properties;
    }

    private Value variant(Form.Kind kind, Definitions definitions) {
        FormHome<?> home = Forms.of(kind);
        var properties = own.properties(definitions);
        properties.put("form", Trees.map("const", Trees.text(kind.word())));
        properties.putAll(home.shape().properties(definitions));
        var required = new ArrayList<String>();
        if (kind != Form.Kind.usual()) {
            required.add("form");
        }
        if (home.usual().showsMenu()) {
            required.add("menu");
        }
        required.addAll(home.shape().requiredKeys());
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
