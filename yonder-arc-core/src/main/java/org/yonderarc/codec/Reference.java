package org.yonderarc.codec;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** The reference of files as Markdown, made from the shapes that their reader reads by. */
public final class Reference {
    private Reference() {}

    /** A heading and a table of keys for each shape, in the order in which a file is written. */
    public static String markdown(Shape<?> root) {
        var out = new StringBuilder();
        for (Shape<?> shape : shapes(root)) {
            out.append("### ").append(shape.name()).append("\n\n").append(shape.doc());
            shape.shortField()
                    .ifPresent(field ->
                            out.append(" Short form: the `").append(field.key()).append("` alone."));
            out.append("\n\n| key | takes | default | meaning |\n|---|---|---|---|\n");
            shape.fields().forEach(field -> row(out, field));
            out.append('\n');
        }
        return out.toString();
    }

    private static Set<Shape<?>> shapes(Shape<?> root) {
        var shapes = new LinkedHashSet<Shape<?>>();
        root.collect(shapes);
        return shapes;
    }

    private static <R, T> void row(StringBuilder out, Field<R, T> field) {
        out.append("| `")
                .append(field.key())
                .append("` | ")
                .append(field.codec().takes())
                .append(" | ")
                .append(field.isRequired() ? "required" : defaultOf(field))
                .append(" | ")
                .append(field.doc())
                .append(" |\n");
    }

    /** The default as a plan would write it; nothing where it is nothing, or follows from the id. */
    private static <R, T> String defaultOf(Field<R, T> field) {
        if (field.codec() instanceof OptionalCodec) {
            return "";
        }
        T first = field.absent("a");
        if (!first.equals(field.absent("b"))) {
            return "from the id";
        }
        Value value = field.codec().write(first);
        if (value instanceof TextValue text) {
            return text.text().isEmpty() ? "" : "`" + text.text() + "`";
        }
        if (value instanceof NumberValue number) {
            return "`" + NumberValue.plain(number.number()) + "`";
        }
        if (value instanceof FlagValue flag) {
            return "`" + flag.on() + "`";
        }
        if (value instanceof MapValue map && !map.entries().isEmpty()) {
            return map.entries().stream()
                    .map(entry -> "`" + entry.key() + ": " + text(entry.value()) + "`")
                    .collect(Collectors.joining(" "));
        }
        return "none";
    }

    /** The default, where it is one text, number or flag, whatever the thing's id. */
    static <R, T> Optional<Value> usual(Field<R, T> field) {
        if (field.isRequired() || field.codec() instanceof OptionalCodec) {
            return Optional.empty();
        }
        T first = field.absent("a");
        boolean isOfId = !first.equals(field.absent("b"));
        return Optional.of(field.codec().write(first))
                .filter(value -> !isOfId)
                .filter(value -> value instanceof TextValue text && !text.text().isEmpty()
                        || value instanceof NumberValue
                        || value instanceof FlagValue);
    }

    private static String text(Value scalar) {
        return scalar instanceof NumberValue number ? NumberValue.plain(number.number()) : "...";
    }
}
