package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** What the archive of the command holds of others, compared with the list of what somebody has looked at. */
class ShippedTest {
    private static final Set<String> LICENCES = Set.of("Apache-2.0", "MIT", "BSD-3-Clause");

    @Test
    void whatShipsIsWhatWasLookedAt() throws Exception {
        List<String> shipped = Files.readAllLines(Path.of("shipped.txt")).stream()
                .filter(line -> !line.startsWith("#"))
                .toList();
        assertEquals(String.join("\n", shipped), String.join("\n", bill()));
        for (String line : shipped) {
            assertTrue(LICENCES.contains(line.split(" +")[2]), line);
        }
    }

    /** A line for each library in the bill of materials that the build has made: name and version, SHA-256, licence. */
    private static List<String> bill() throws Exception {
        var out = new ArrayList<String>();
        Value bill = JsonText.read(Files.readString(Path.of("target/bom.json")));
        for (Value component : list(bill, "components")) {
            if (text(component, "group").equals("org.yonderarc")) {
                continue;
            }
            String hash = list(component, "hashes").stream()
                    .filter(one -> text(one, "alg").equals("SHA-256"))
                    .map(one -> text(one, "content"))
                    .findFirst()
                    .orElse("-");
            String licence = list(component, "licenses").stream()
                    .map(one -> get(one, "license")
                            .map(license -> text(license, "id").isEmpty() ? text(license, "name") : text(license, "id"))
                            .orElse(text(one, "expression")))
                    .sorted()
                    .findFirst()
                    .orElse("-");
            // The tool takes "BSD" in a pom for the oldest of its versions; both files hold the one with three clauses.
            licence = licence.equals("BSD-4-Clause") ? "BSD-3-Clause" : licence;
            out.add(text(component, "group") + ":" + text(component, "name") + ":" + text(component, "version") + " "
                    + hash + " " + licence.replace(' ', '-'));
        }
        return out.stream().sorted().toList();
    }

    private static Optional<Value> get(Value map, String key) {
        return map instanceof MapValue known ? known.entry(key).map(MapValue.Entry::value) : Optional.empty();
    }

    private static String text(Value map, String key) {
        return get(map, key).map(value -> ((TextValue) value).text()).orElse("");
    }

    private static List<Value> list(Value map, String key) {
        return get(map, key).map(value -> ((ListValue) value).items()).orElse(List.of());
    }
}
