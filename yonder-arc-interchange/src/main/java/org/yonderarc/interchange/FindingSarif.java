package org.yonderarc.interchange;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.files.Digest;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.Version;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Percent;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Findings as SARIF 2.1.0 (OASIS Standard), which code hosts and editors show beside the lines. */
public final class FindingSarif {
    private FindingSarif() {}

    /** The report on a file: one run, with the rules that were broken. */
    public static String report(PlanFile file) {
        return report(List.of(file));
    }

    /** The report on several files as one run. A relative name is a reference from the folder that the run is about. */
    public static String report(List<PlanFile> files) {
        List<Code> codes = files.stream()
                .flatMap(file -> file.findings().stream())
                .map(Finding::code)
                .distinct()
                .sorted(Comparator.comparing(Code::id))
                .toList();
        Value driver = map(
                "name", Trees.text("yonder"),
                "version", Trees.text(Version.number()),
                "rules", Trees.list(codes.stream().map(FindingSarif::rule).toList()));
        Value run = map(
                "tool", map("driver", driver),
                "columnKind", Trees.text("unicodeCodePoints"),
                "results",
                        Trees.list(files.stream()
                                .flatMap(file -> file.findings().stream()
                                        .map(finding -> result(file.source().name(), finding, codes)))
                                .toList()));
        return JsonText.write(map(
                "$schema", Trees.text("https://json.schemastore.org/sarif-2.1.0.json"),
                "version", Trees.text("2.1.0"),
                "runs", Trees.list(List.of(run))));
    }

    private static Value rule(Code code) {
        return map(
                "id", Trees.text(code.id()),
                "shortDescription", map("text", Trees.text(code.why())),
                "defaultConfiguration", map("level", Trees.text(level(code))));
    }

    private static Value result(String name, Finding finding, List<Code> codes) {
        return map(
                "ruleId", Trees.text(finding.code().id()),
                "ruleIndex", Trees.number(codes.indexOf(finding.code())),
                "level", Trees.text(level(finding.code())),
                "message", map("text", Trees.text(finding.message() + " " + finding.remedy())),
                "locations", Trees.list(List.of(location(name, finding.spot()))),
                // The same finding, when lines above it come and go (section 3.27.17).
                "partialFingerprints",
                        map(
                                "codeAndPlace/v1",
                                Trees.text(Digest.of(finding.code().id() + " "
                                        + finding.spot().pointer()))));
    }

    private static Value location(String name, Spot spot) {
        var physical = new LinkedHashMap<String, Value>();
        physical.put("artifactLocation", map("uri", Trees.text(uri(name))));
        if (spot.isLocated()) {
            physical.put(
                    "region",
                    map(
                            "startLine", Trees.number(spot.line()),
                            "startColumn", Trees.number(spot.column()),
                            "endColumn", Trees.number(spot.column() + Math.max(1, spot.length()))));
        }
        Value logical = map("fullyQualifiedName", Trees.text(spot.pointer()), "kind", Trees.text("member"));
        return map("physicalLocation", Trees.map(physical), "logicalLocations", Trees.list(List.of(logical)));
    }

    /** SARIF 2.1.0, section 3.27.10. */
    private static String level(Code code) {
        return switch (code.severity()) {
            case ERROR -> "error";
            case WARNING -> "warning";
            case ADVICE -> "note";
        };
    }

    /** The file's name as a URI reference (RFC 3986, section 4.1). */
    private static String uri(String name) {
        String path = Stream.of(name.replace('\\', '/').split("/", -1))
                .map(Percent::encode)
                .collect(Collectors.joining("/"));
        return path.startsWith("/") ? "file://" + path : path;
    }

    private static Value map(String key, Value value) {
        return Trees.map(key, value);
    }

    private static Value map(Object... pairs) {
        var out = new LinkedHashMap<String, Value>();
        for (int i = 0; i < pairs.length; i += 2) {
            out.put((String) pairs[i], (Value) pairs[i + 1]);
        }
        return Trees.map(out);
    }
}
