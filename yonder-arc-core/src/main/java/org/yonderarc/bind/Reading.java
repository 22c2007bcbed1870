package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.check.Check;
import org.yonderarc.check.FileNames;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Value;

/**
 * What came of reading a plan.
 *
 * @param draft the plan as far as it could be read, for the check; not fit for use where there are errors
 * @param findings everything noticed, in the order of the file; never null, may be empty
 * @param dropped the JSON Pointers of the list items that could not be read, and are not in the draft
 */
public record Reading(Plan draft, List<Finding> findings, Set<String> dropped) {
    public Reading {
        findings = List.copyOf(findings);
        dropped = Set.copyOf(dropped);
    }

    /** Reads and checks in one go: the findings of both, located and in the order of the file. */
    public static Reading of(Value root, IconNames icons) {
        return of(root, icons, FileNames.ANY);
    }

    /** As {@link #of(Value, IconNames)}, with the files of the plan's folder at hand. */
    public static Reading of(Value root, IconNames icons, FileNames files) {
        return of(new Merged(root, List.of()), icons, files);
    }

    /** As {@link #of(Value, IconNames, FileNames)}, for a tree into which other files were put. */
    public static Reading of(Merged merged, IconNames icons, FileNames files) {
        Value root = merged.root();
        Reading read = PlanReader.read(root);
        if (!(root instanceof MapValue)) {
            return read;
        }
        var all = new ArrayList<>(read.findings());
        merged.findings().forEach(finding -> all.add(finding.locatedIn(root)));
        boolean isWhole = !Finding.anyError(all);
        var noticed = isWhole ? Check.plan(read.draft(), icons, files) : Check.draft(read.draft(), icons, files);
        noticed.stream()
                .filter(finding -> !read.follows(finding))
                .map(finding -> read.inTheFile(finding).locatedIn(root))
                .forEach(all::add);
        all.sort((a, b) -> a.spot().line() != b.spot().line()
                ? Integer.compare(a.spot().line(), b.spot().line())
                : Integer.compare(a.spot().column(), b.spot().column()));
        return new Reading(read.draft(), all, read.dropped());
    }

    /** Whether a finding only repeats that {@code app} could not be read. */
    private boolean follows(Finding finding) {
        return finding.code() == Code.MISSING_START
                && findings.stream()
                        .anyMatch(other -> other.spot().pointer().startsWith("/app")
                                || other.message().contains("\"app\""));
    }

    /** A finding about the draft, pointing into the file: behind a dropped list item, the numbers are higher there. */
    private Finding inTheFile(Finding finding) {
        if (dropped.isEmpty()) {
            return finding;
        }
        var pointer = new StringBuilder();
        for (String name : finding.spot().pointer().split("/")) {
            if (name.isEmpty()) {
                continue;
            }
            boolean isIndex = name.chars().allMatch(Character::isDigit);
            pointer.append('/');
            pointer.append(isIndex ? Integer.toString(index(pointer.toString(), name)) : name);
        }
        return finding.at(Spot.at(pointer.toString()));
    }

    private int index(String list, String inDraft) {
        int index = -1;
        for (int kept = -1; kept < Integer.parseInt(inDraft); kept += dropped.contains(list + index) ? 0 : 1) {
            index++;
        }
        return index;
    }

    /** The plan, if nothing that was found is an error. */
    public Optional<Plan> plan() {
        return Finding.anyError(findings) ? Optional.empty() : Optional.of(draft);
    }
}
