package org.yonderarc.files;

import static java.util.stream.Collectors.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Findings as JSON for programs. */
public final class FindingJson {
    private FindingJson() {}

    /** The report on a file: its name, how many findings of each severity, and the findings in the order of the file. */
    public static String report(PlanFile file) {
        return JsonText.write(tree(file));
    }

    /** The report on several files: how many findings of each severity in all, and a report on each, as on one. */
    public static String report(List<PlanFile> files) {
        var out = new LinkedHashMap<String, Value>();
        for (Severity severity : Severity.values()) {
            int sum = files.stream().mapToInt(file -> file.count(severity)).sum();
            out.put(severity.plural(), Trees.number(sum));
        }
        out.put("files", Trees.list(files.stream().map(FindingJson::tree).collect(toList())));
        return JsonText.write(Trees.map(out));
    }

    private static Value tree(PlanFile file) {
        var out = new LinkedHashMap<String, Value>();
        out.put("file", Trees.text(file.source().name()));
        for (Severity severity : Severity.values()) {
            out.put(severity.plural(), Trees.number(file.count(severity)));
        }
        out.put(
                "findings",
                Trees.list(file.findings().stream().map(FindingJson::one).collect(toList())));
        return Trees.map(out);
    }

    private static Value one(Finding finding) {
        Map<String, Value> out = new LinkedHashMap<>();
        out.put("code", Trees.text(finding.code().id()));
        out.put("severity", Trees.text(finding.severity().word()));
        out.put("line", Trees.number(finding.spot().line()));
        out.put("column", Trees.number(finding.spot().column()));
        out.put("length", Trees.number(finding.spot().length()));
        out.put("pointer", Trees.text(finding.spot().pointer()));
        out.put("message", Trees.text(finding.message()));
        out.put("why", Trees.text(finding.code().why()));
        out.put("remedy", Trees.text(finding.remedy()));
        return Trees.map(out);
    }
}
