package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.codec.Codec;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.Definitions;
import org.yonderarc.codec.FieldValues;
import org.yonderarc.codec.Fields;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** A form: its word, or a map with the word under {@code form} and the form's own keys beside it. */
public final class FormCodec implements Codec<Form> {
    /** The codec. */
    public static final FormCodec FORM = new FormCodec();

    private FormCodec() {}

    @Override
    public Optional<Form> read(Value value, Context context) {
        if (!(value instanceof MapValue map)) {
            return kind(value, context).flatMap(kind -> byWord(kind, value, context));
        }
        var fields = new Fields(map, context);
        Optional<Value> named = fields.value("form");
        if (named.isEmpty()) {
            context.report(
                    Code.MISSING_KEY,
                    value.spot(),
                    "The form has no \"form\".",
                    "Add \"form: ...\": " + Suggestion.choice(words()) + ".");
            return Optional.empty();
        }
        Optional<Form.Kind> kind = kind(named.get(), context.of("\"form\""));
        Optional<Form> form = kind.flatMap(known -> readBeside(known, fields, new FieldValues("", value, context)));
        if (kind.isPresent()) {
            fields.done();
        }
        return form;
    }

    /** The kind that a word names, if it is one. */
    public static Optional<Form.Kind> kind(Value value, Context context) {
        if (!(value instanceof TextValue text)) {
            context.wrongType(value, "the word of a form", "Write " + Suggestion.choice(words()) + ".");
            return Optional.empty();
        }
        Optional<Form.Kind> kind = List.of(Form.Kind.values()).stream()
                .filter(one -> one.word().equals(text.text()))
                .findFirst();
        if (kind.isEmpty()) {
            context.findings()
                    .add(new Finding(
                            Code.BAD_VALUE,
                            value.spot(),
                            "There is no form \"" + text.text() + "\".",
                            Suggestion.sentence(text.text(), words(), "Write " + Suggestion.choice(words()) + "."),
                            Suggestion.fix(text.text(), words())));
        }
        return kind;
    }

    private static List<String> words() {
        return List.of(Form.Kind.values()).stream().map(Form.Kind::word).collect(toList());
    }

    /** A form that is named by its word alone: it has all defaults, if none of its keys is required. */
    public static Optional<Form> byWord(Form.Kind kind, Value value, Context context) {
        var nothing = new MapValue(value.spot(), List.of());
        return readBeside(kind, new Fields(nothing, context), new FieldValues("", value, context));
    }

    /** Reads the keys of a form out of a map that has others too. */
    public static Optional<Form> readBeside(Form.Kind kind, Fields fields, FieldValues outer) {
        return readBeside(Forms.of(kind), kind, fields, outer);
    }

    private static <F extends Form> Optional<Form> readBeside(
            FormHome<F> home, Form.Kind kind, Fields fields, FieldValues outer) {
        var got = new FieldValues("", outer.source(), outer.context().of(kind.word() + " bar"));
        home.shape().readFields(fields, got);
        return home.shape().made(got).map(form -> form);
    }

    @Override
    public Value write(Form form) {
        var out = new LinkedHashMap<String, Value>();
        writeBeside(form, out);
        return out.size() == 1 ? Objects.requireNonNull(out.get("form")) : Trees.map(out);
    }

    /** Writes a form's word and keys into a map that has others too. */
    public static void writeBeside(Form form, LinkedHashMap<String, Value> out) {
        writeBeside(Forms.of(form.kind()), form, out);
    }

    private static <F extends Form> void writeBeside(FormHome<F> home, Form form, LinkedHashMap<String, Value> out) {
        out.put("form", Trees.text(form.kind().word()));
        home.shape().writeFields("", home.own(form), out);
    }

    @Override
    public void visit(Form form, String pointer, Mentions to) {
        visit(Forms.of(form.kind()), form, pointer, to);
    }

    private static <F extends Form> void visit(FormHome<F> home, Form form, String pointer, Mentions to) {
        home.shape().visit(home.own(form), pointer, to);
    }

    @Override
    public void compare(Form before, Form after, String key, Changes to) {
        if (before.kind() != after.kind()) {
            String inner = key.isEmpty() ? "form" : key;
            to.changed(inner, Optional.of(write(before)), Optional.of(write(after)));
        } else {
            compare(Forms.of(before.kind()), before, after, key, to);
        }
    }

    private static <F extends Form> void compare(FormHome<F> home, Form before, Form after, String key, Changes to) {
        home.shape().compare(home.own(before), home.own(after), key, to);
    }

    @Override
    public Value schema(Definitions definitions) {
        return definitions.reference(
                "form",
                () -> Trees.map(
                        "anyOf",
                        Trees.list(List.of(Form.Kind.values()).stream()
                                .map(kind -> schema(kind, definitions))
                                .collect(toList()))));
    }

    /** The schema of one form: its word, or a map with the word under {@code form}. */
    public static Value schema(Form.Kind kind, Definitions definitions) {
        var shape = Forms.of(kind).shape();
        return definitions.reference("form-" + kind.word(), () -> {
            var properties = new LinkedHashMap<String, Value>();
            properties.put("form", Trees.map("const", Trees.text(kind.word())));
            properties.putAll(shape.properties(definitions));
            var object = new LinkedHashMap<String, Value>();
            shape.object(definitions).entries().forEach(entry -> object.put(entry.key(), entry.value()));
            object.put("properties", Trees.map(properties));
            var required = new java.util.ArrayList<>(List.of("form"));
            required.addAll(shape.requiredKeys());
            object.put("required", Trees.texts(required));
            return shape.requiredKeys().isEmpty()
                    ? Trees.map(
                            "anyOf",
                            Trees.list(List.of(Trees.map("const", Trees.text(kind.word())), Trees.map(object))))
                    : Trees.map(object);
        });
    }

    @Override
    public String takes() {
        return "a form's word or a map";
    }
}
