package org.yonderarc.codec;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * The shape of a map in a plan file: its keys, and how a thing is made of their values. Filled once, then only read.
 *
 * @param <R> what it is in Java
 */
public final class Shape<R> implements Codec<R> {
    private final String name;
    private final String doc;
    private final List<Field<R, ?>> fields = new ArrayList<>();
    private final LinkedHashMap<String, Value> rules = new LinkedHashMap<>();
    private Optional<Field<R, ?>> shortField = Optional.empty();
    private boolean listsToo;
    private @Nullable Function<FieldValues, Optional<R>> make;

    /**
     * @param name its name in the schema and the reference: {@code screen}
     * @param doc what it is, in one sentence
     */
    public Shape(String name, String doc) {
        this.name = name;
        this.doc = doc;
    }

    /** Adds a key with a fallback that depends on the thing's id. */
    public <T> Field<R, T> derived(
            String key, Codec<T> kind, Function<R, T> get, @Nullable Function<String, T> fallback, String about) {
        var field = new Field<R, T>(key, kind, get, fallback, about);
        fields.add(field);
        return field;
    }

    /** Adds a key with a constant fallback. */
    public <T> Field<R, T> field(String key, Codec<T> kind, Function<R, T> get, T fallback, String about) {
        return derived(key, kind, get, id -> fallback, about);
    }

    /** Adds a key that may be absent. */
    public <T> Field<R, Optional<T>> optional(String key, Codec<T> kind, Function<R, Optional<T>> get, String about) {
        return field(key, new OptionalCodec<>(kind), get, Optional.empty(), about);
    }

    /** Adds a key that must be there. */
    public <T> Field<R, T> required(String key, Codec<T> kind, Function<R, T> get, String about) {
        return derived(key, kind, get, null, about);
    }

    /** Lets a value that is no map stand for a map with this key alone. */
    public Shape<R> shortForm(Field<R, ?> field) {
        shortField = Optional.of(field);
        return this;
    }

    /** Lets a list stand for a map with the key of the short form, too. */
    public Shape<R> shortForLists() {
        listsToo = true;
        return this;
    }

    /** Says how the thing is made; called only when no required value is missing. */
    public Shape<R> makes(Function<FieldValues, R> maker) {
        return mayMake(got -> Optional.of(maker.apply(got)));
    }

    /** As {@link #makes}, for things that may be refused with a report. */
    public Shape<R> mayMake(Function<FieldValues, Optional<R>> maker) {
        make = maker;
        return this;
    }

    /** Adds a rule to the schema that the keys alone can't say. */
    public Shape<R> schemaRule(String key, Value rule) {
        rules.put(key, rule);
        return this;
    }

    public String name() {
        return name;
    }

    public String doc() {
        return doc;
    }

    @Override
    public void visit(R thing, String pointer, Mentions to) {
        fields.forEach(field -> visitField(field, thing, pointer, to));
    }

    @Override
    public void collect(Set<Shape<?>> shapes) {
        if (shapes.add(this)) {
            fields.forEach(field -> field.codec().collect(shapes));
        }
    }

    @Override
    public void compare(R before, R after, String key, Changes to) {
        fields.forEach(field -> compareField(field, before, after, key, to));
    }

    private static <R, T> void compareField(Field<R, T> field, R before, R after, String key, Changes to) {
        String inner = key.isEmpty() ? field.key() : key + "." + field.key();
        field.codec().compare(field.get().apply(before), field.get().apply(after), inner, to);
    }

    private static <R, T> void visitField(Field<R, T> field, R thing, String pointer, Mentions to) {
        field.codec().visit(field.get().apply(thing), JsonPointer.child(pointer, field.key()), to);
    }

    public List<Field<R, ?>> fields() {
        return fields;
    }

    public Optional<Field<R, ?>> shortField() {
        return shortField;
    }

    @Override
    public Optional<R> read(Value value, Context context) {
        return read("", value, context.of(name));
    }

    /** Reads a thing that stands under {@code id}. */
    public Optional<R> read(String id, Value value, Context context) {
        var got = new FieldValues(id, value, context);
        if (value instanceof MapValue map) {
            var all = new Fields(map, context);
            readFields(all, got);
            all.done();
        } else if (shortField.isPresent() && (listsToo || !(value instanceof org.yonderarc.tree.ListValue))) {
            readField(shortField.get(), value, got);
            fields.stream()
                    .filter(Field::isRequired)
                    .filter(field -> !got.has(field))
                    .forEach(field -> got.lacks());
        } else {
            context.wrongType(value, takes(), remedy());
            return Optional.empty();
        }
        return made(got);
    }

    /** Reads the keys of this shape out of a map that may hold others too. */
    public void readFields(Fields from, FieldValues got) {
        for (Field<R, ?> field : fields) {
            Optional<Value> value = from.value(field.key());
            if (value.isPresent()) {
                readField(field, value.get(), got);
            } else if (field.isRequired()) {
                got.lacks();
                got.context()
                        .report(
                                Code.MISSING_KEY,
                                from.map().spot(),
                                got.context().opening() + " has no \"" + field.key() + "\".",
                                "Add \"" + field.key() + ": ...\": " + field.doc());
            }
        }
    }

    private <T> void readField(Field<R, T> field, Value value, FieldValues got) {
        Optional<T> read = field.codec().read(value, got.context().of("\"" + field.key() + "\""));
        read.ifPresent(present -> got.put(field, present));
        if (read.isEmpty() && field.isRequired()) {
            got.lacks();
        }
    }

    /** The thing, if all that is required is there and it accepts its values. */
    public Optional<R> made(FieldValues got) {
        if (!got.isComplete()) {
            return Optional.empty();
        }
        try {
            return Objects.requireNonNull(make, "make").apply(got);
        } catch (IllegalArgumentException refused) {
            got.context().badValue(got.source(), Brief.of(refused), "Change the value.");
            return Optional.empty();
        }
    }

    /** The thing, whatever is missing; for shapes whose maker can do without. */
    public R draft(FieldValues got) {
        return Objects.requireNonNull(make, "make").apply(got).orElseThrow();
    }

    @Override
    public Value write(R thing) {
        return write("", thing);
    }

    /** Writes a thing that stands under {@code id}: what equals its fallback is left out. */
    public Value write(String id, R thing) {
        var out = new LinkedHashMap<String, Value>();
        writeFields(id, thing, out);
        boolean isShort = shortField.isPresent()
                && out.keySet().equals(Set.of(shortField.get().key()));
        Value only = isShort ? out.values().iterator().next() : null;
        boolean isPlain = only instanceof TextValue || only instanceof NumberValue || only instanceof FlagValue;
        return isPlain ? Objects.requireNonNull(only) : Trees.map(out);
    }

    public void writeFields(String id, R thing, LinkedHashMap<String, Value> out) {
        fields.forEach(field -> writeField(field, id, thing, out));
    }

    private static <R, T> void writeField(Field<R, T> field, String id, R thing, LinkedHashMap<String, Value> out) {
        T value = field.get().apply(thing);
        if (field.isRequired() || !value.equals(field.absent(id))) {
            out.put(field.key(), field.codec().write(value));
        }
    }

    @Override
    public Value schema(Definitions definitions) {
        return definitions.reference(name, () -> {
            MapValue object = object(definitions);
            return shortField
                    .<Value>map(field -> anyOf(object, field, definitions))
                    .orElse(object);
        });
    }

    /** A map is always the long form, even where the short form could be a map too. */
    private static Value anyOf(MapValue object, Field<?, ?> field, Definitions definitions) {
        var brief = new LinkedHashMap<String, Value>();
        brief.put("not", Trees.type("object"));
        brief.put("allOf", Trees.list(List.of(field.codec().schema(definitions))));
        return Trees.map("anyOf", Trees.list(List.of(object, Trees.map(brief))));
    }

    /** The keys that must be there. */
    public List<String> requiredKeys() {
        return fields.stream().filter(Field::isRequired).map(Field::key).collect(toList());
    }

    /** The schema of the long form. */
    public MapValue object(Definitions definitions) {
        var out = new LinkedHashMap<String, Value>();
        out.put("type", Trees.text("object"));
        out.put("description", Trees.text(doc));
        out.put("properties", Trees.map(properties(definitions)));
        List<String> required = requiredKeys();
        if (!required.isEmpty()) {
            out.put("required", Trees.texts(required));
        }
        out.put("additionalProperties", Trees.flag(false));
        out.putAll(rules);
        return Trees.map(out);
    }

    public LinkedHashMap<String, Value> properties(Definitions definitions) {
        var out = new LinkedHashMap<String, Value>();
        for (Field<R, ?> field : fields) {
            Value schema = field.codec().schema(definitions);
            out.put(field.key(), schema instanceof MapValue map ? annotated(map, field) : schema);
        }
        return out;
    }

    private static <R, T> MapValue annotated(MapValue schema, Field<R, T> field) {
        MapValue told = Trees.with(schema, "description", Trees.text(field.doc()));
        return Reference.usual(field)
                .map(value -> Trees.with(told, "default", value))
                .orElse(told);
    }

    @Override
    public String takes() {
        return shortField
                .map(field -> field.codec().takesBriefly() + " or a map")
                .orElse("a map");
    }

    private String remedy() {
        return "Write \"{ " + fields.get(0).key() + ": ... }\".";
    }
}
