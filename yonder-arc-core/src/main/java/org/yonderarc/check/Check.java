package org.yonderarc.check;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/** The check: every rule over a plan. Pure; the same plan gives the same findings in the same order. */
public final class Check {
    private Check() {}

    /**
     * Everything noticed about {@code plan}. The findings know their JSON Pointer; their file position is looked up by
     * {@link Finding#locatedIn}.
     *
     * @param icons the icons that exist
     */
    public static List<Finding> plan(Plan plan, IconNames icons) {
        var findings = new ArrayList<Finding>();
        for (Rule rule : List.<Rule>of(
                Rules::start, Rules::parents, Rules::paths, Rules::items, Rules::rows, Rules::bars, Rules::holes)) {
            rule.look(plan, findings::add);
        }
        Rules.icons(plan, icons, findings::add);
        // With broken links anything may be out of reach; that would only repeat what was said.
        if (!Finding.anyError(findings)) {
            Reach.look(plan, findings::add);
        }
        return List.copyOf(findings);
    }
}
