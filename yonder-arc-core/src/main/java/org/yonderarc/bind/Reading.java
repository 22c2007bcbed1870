package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/**
 * What came of reading a plan.
 *
 * @param draft the plan as far as it could be read, for the check; not fit for use where there are errors
 * @param findings everything noticed, in the order of the file; never null, may be empty
 */
public record Reading(Plan draft, List<Finding> findings) {
    public Reading {
        findings = List.copyOf(findings);
    }

    /** Reads and checks in one go: the findings of both, located and in the order of the file. */
    public static Reading of(Value root, IconNames icons) {
        Reading read = PlanReader.read(root);
        if (!(root instanceof MapValue)) {
            return read;
        }
        var all = new ArrayList<>(read.findings());
        Check.plan(read.draft(), icons).stream()
                .map(finding -> finding.locatedIn(root))
                .forEach(all::add);
        all.sort((a, b) -> a.spot().line() != b.spot().line()
                ? Integer.compare(a.spot().line(), b.spot().line())
                : Integer.compare(a.spot().column(), b.spot().column()));
        return new Reading(read.draft(), all);
    }

    /** The plan, if nothing that was found is an error. */
    public Optional<Plan> plan() {
        return Finding.anyError(findings) ? Optional.empty() : Optional.of(draft);
    }
}
