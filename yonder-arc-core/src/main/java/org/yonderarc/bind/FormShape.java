package org.yonderarc.bind;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * The shape of one form of bars.
 *
 * @param word the word for it
 * @param type its class
 * @param byDefault the form with all defaults
 * @param shape its keys
 */
record FormShape<F extends Form>(String word, Class<F> type, F byDefault, Shape<F> shape) {
    /** All forms, the usual one first. */
    static final List<FormShape<?>> ALL = List.of(
            new FormShape<>("bottom", Form.Bottom.class, Form.Bottom.DEFAULT, Forms.bottom()),
            new FormShape<>("top", Form.Top.class, Form.Top.DEFAULT, Forms.top()),
            new FormShape<>("rail", Form.Rail.class, Form.Rail.DEFAULT, Forms.rail()),
            new FormShape<>("drawer", Form.Drawer.class, Form.Drawer.DEFAULT, Forms.drawer()));

    /** A form: its word, or a map with the word under {@code form}. */
    static final Kind<Form> KIND = new Kind<>() {
        @Override
        public Optional<Form> read(Value value, Context context) {
            if (!(value instanceof MapValue map)) {
                return FormShape.word(value, context).map(word -> named(word).byDefault());
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
            Optional<String> word = FormShape.word(named.get(), context.of("\"form\""));
            Optional<Form> form = word.flatMap(known -> named(known).readBeside(fields, new Got("", value, context)));
            if (word.isPresent()) {
                fields.done();
            }
            return form;
        }

        @Override
        public Value write(Form form) {
            var out = new LinkedHashMap<String, Value>();
            of(form).writeBeside(form, out);
            return out.size() == 1 ? out.get("form") : Trees.map(out);
        }

        @Override
        public Value schema(Definitions definitions) {
            return definitions.reference("form", () -> {
                return Trees.map(
                        "anyOf",
                        Trees.list(ALL.stream()
                                .map(form -> form.schema(definitions))
                                .toList()));
            });
        }

        @Override
        public String takes() {
            return "a form's word or a map";
        }
    };

    /** The word of a form, if it is one. */
    static Optional<String> word(Value value, Context context) {
        Optional<String> word = value instanceof TextValue text ? Optional.of(text.text()) : Optional.empty();
        if (word.isEmpty()) {
            context.wrongType(value, "the word of a form", "Write " + Suggestion.choice(words()) + ".");
        } else if (!words().contains(word.get())) {
            context.findings()
                    .add(new Finding(
                            Code.BAD_VALUE,
                            value.spot(),
                            "There is no form \"" + word.get() + "\".",
                            Suggestion.sentence(word.get(), words(), "Write " + Suggestion.choice(words()) + "."),
                            Suggestion.fix(word.get(), words())));
            return Optional.empty();
        }
        return word;
    }

    private static List<String> words() {
        return ALL.stream().map(FormShape::word).toList();
    }

    static FormShape<?> named(String word) {
        return ALL.stream().filter(form -> form.word.equals(word)).findFirst().orElseThrow();
    }

    static FormShape<?> of(Form form) {
        return named(form.word());
    }

    /** Reads the keys of this form out of a map that has others too. */
    Optional<Form> readBeside(Fields fields, Got outer) {
        var got = new Got("", outer.source(), outer.context().of(word + " bar"));
        shape.readFields(fields, got);
        return shape.made(got).map(form -> form);
    }

    /** The schema of this form: its word, or a map with the word under {@code form}. */
    Value schema(Definitions definitions) {
        return definitions.reference("form-" + word, () -> {
            var properties = new LinkedHashMap<String, Value>();
            properties.put("form", Trees.map("const", Trees.text(word)));
            properties.putAll(shape.properties(definitions));
            var object = new LinkedHashMap<String, Value>();
            shape.object(definitions).entries().forEach(entry -> object.put(entry.key(), entry.value()));
            object.put("properties", Trees.map(properties));
            object.put("required", Trees.texts(List.of("form")));
            return Trees.map("anyOf", Trees.list(List.of(Trees.map("const", Trees.text(word)), Trees.map(object))));
        });
    }

    void writeBeside(Form form, LinkedHashMap<String, Value> out) {
        out.put("form", Trees.text(word));
        shape.writeFields("", type.cast(form), out);
    }
}
