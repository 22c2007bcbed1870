package org.yonderarc.check;

import java.util.function.Consumer;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;

/** One concern of the check: looks at a whole plan and tells what it notices. */
@FunctionalInterface
interface Rule {
    void look(Plan plan, Consumer<Finding> tell);
}
