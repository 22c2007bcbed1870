package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.bind.MergedTree;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** Reads and checks in one go: the findings of both, located and in the order of the file. */
public final class CheckedReading {
    private CheckedReading() {}

    /** Reads and checks a plan, its files taken to be there. */
    public static Reading of(Value root, IconNames icons) {
        return of(new MergedTree(root, List.of()), icons, FileNames.ANY);
    }

    /**
     * Reads and checks a plan into which other files were put.
     *
     * @param icons the icons that exist
     * @param files the files in the plan's folder
     */
    public static Reading of(MergedTree merged, IconNames icons, FileNames files) {
        return of(merged, icons, files, List.of());
    }

    /**
     * As {@link #of(MergedTree, IconNames, FileNames)}.
     *
     * @param own rules of one's own
     */
    public static Reading of(MergedTree merged, IconNames icons, FileNames files, List<PlanRule> own) {
        Value root = merged.root();
        Reading read = PlanReader.read(root);
        if (!(root instanceof MapValue) || PlanReader.isNewer(root)) {
            return read;
        }
        var all = new ArrayList<>(read.findings());
        merged.findings().forEach(finding -> all.add(finding.locatedIn(root)));
        boolean isWhole = !Finding.anyError(all);
        var noticed = isWhole ? Check.plan(read.draft(), icons, files, own) : Check.draft(read.draft(), icons, files);
        noticed.stream()
                .filter(finding -> !follows(finding, read.findings()))
                .map(finding -> read.inTheFile(finding).locatedIn(root))
                .forEach(all::add);
        all.sort((a, b) -> a.spot().line() != b.spot().line()
                ? Integer.compare(a.spot().line(), b.spot().line())
                : Integer.compare(a.spot().column(), b.spot().column()));
        return new Reading(read.draft(), all, read.dropped());
    }

    /** Whether a finding only repeats that {@code app} could not be read. */
    private static boolean follows(Finding finding, List<Finding> findings) {
        return finding.code() == Code.MISSING_START
                && findings.stream()
                        .anyMatch(other -> other.spot().pointer().startsWith("/app")
                                || other.message().contains("\"app\""));
    }
}
