package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.plan.Wireframe.Kind;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Reads the key {@code wireframe} of a screen: a kind alone, or a kind and its rows. */
final class WireframeReader {
    private static final List<String> KINDS =
            Arrays.stream(Kind.values()).map(Kind::word).toList();

    private WireframeReader() {}

    static Wireframe read(Fields screen, List<Finding> findings) {
        return screen.value("wireframe")
                .map(value -> value instanceof MapValue map
                        ? full(new Fields(map, "wireframe", findings), findings)
                        : new Wireframe(kind(screen, "wireframe"), List.of()))
                .orElse(Wireframe.EMPTY);
    }

    private static Wireframe full(Fields fields, List<Finding> findings) {
        fields.required("kind", "Add \"kind: ...\": " + Suggestion.choice(KINDS) + ".");
        var rows = new ArrayList<Row>();
        fields.value("rows").ifPresent(value -> {
            if (value instanceof ListValue list) {
                list.items().forEach(item -> row(item, fields, findings).ifPresent(rows::add));
            } else {
                fields.wrongType(value, "\"rows\"", "a list", "Put \"- \" before each row.");
            }
        });
        var wireframe = new Wireframe(kind(fields, "kind"), rows);
        fields.done();
        return wireframe;
    }

    private static Kind kind(Fields fields, String key) {
        return fields.parsed(key, WireframeReader::kind, "Write " + Suggestion.choice(KINDS) + ".")
                .orElse(Kind.EMPTY);
    }

    private static Kind kind(String word) {
        return Kind.of(word).orElseThrow(() -> new IllegalArgumentException("there is no wireframe \"" + word + "\""));
    }

    private static Optional<Row> row(Value value, Fields parent, List<Finding> findings) {
        if (value instanceof TextValue text) {
            return Optional.of(new Row(text.text(), "", "", Optional.empty()));
        }
        if (!(value instanceof MapValue map)) {
            parent.wrongType(value, "a row", "a text or a map", "Write \"{ title: ..., note: ..., value: ... }\".");
            return Optional.empty();
        }
        var fields = new Fields(map, "row", findings);
        fields.required("title", "Add \"title: ...\".");
        var row = new Row(
                fields.text("title").orElse(""),
                fields.text("note").orElse(""),
                fields.text("value").orElse(""),
                fields.parsed("to", Place::parse, "Write a screen's id, or \"survey?survey=41\"."));
        fields.done();
        return Optional.of(row);
    }
}
