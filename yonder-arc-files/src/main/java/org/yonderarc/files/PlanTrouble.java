package org.yonderarc.files;

import java.util.List;
import org.yonderarc.finding.Finding;

/** A plan, or a file of journeys, that can't be used as it is. The message is the report: each error with its line and what to do. */
public final class PlanTrouble extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient List<Finding> findings;

    PlanTrouble(String report, List<Finding> findings) {
        super(report);
        this.findings = List.copyOf(findings);
    }

    PlanTrouble(FileTrouble trouble) {
        super(trouble.getMessage(), trouble);
        this.findings = List.of();
    }

    /** All that was found, warnings included; empty where the file could not be read. */
    public List<Finding> findings() {
        return findings;
    }
}
