package org.yonderarc.examples;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.files.JsonTree;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Vectors;

/** Conformance vectors, read as a runtime in another language reads them. */
record StoredVectors(Plan plan, Map<String, List<Step>> walks) {
    /** A step, and what follows from it. */
    record Step(String step, Vectors.Outcome outcome) {}

    static StoredVectors read(Path file) throws Exception {
        var all = (MapValue) JsonTree.parse(Files.readString(file));
        var walks = new LinkedHashMap<String, List<Step>>();
        ((MapValue) value(all, "walks"))
                .entries()
                .forEach(walk -> walks.put(
                        walk.key(),
                        ((ListValue) walk.value())
                                .items().stream()
                                        .map(step -> step((MapValue) step))
                                        .toList()));
        return new StoredVectors(PlanReader.read(value(all, "plan")).plan().orElseThrow(), walks);
    }

    private static Step step(MapValue one) {
        return new Step(
                text(value(one, "step")),
                new Vectors.Outcome(
                        text(value(one, "shown")),
                        text(value(one, "address")),
                        texts(value(one, "trail")),
                        value(one, "selected") instanceof TextValue selected
                                ? Optional.of(text(selected))
                                : Optional.empty(),
                        texts(value(one, "effects"))));
    }

    private static Value value(MapValue map, String key) {
        return map.entry(key).orElseThrow().value();
    }

    private static String text(Value value) {
        return ((TextValue) value).text();
    }

    private static List<String> texts(Value list) {
        return ((ListValue) list).items().stream().map(StoredVectors::text).toList();
    }
}
