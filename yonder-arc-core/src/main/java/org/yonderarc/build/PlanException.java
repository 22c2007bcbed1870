package org.yonderarc.build;

import java.util.List;
import org.yonderarc.finding.Finding;

/** A plan that was built with errors; the message lists all of them. */
public final class PlanException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient List<Finding> findings;

    PlanException(List<Finding> findings) {
        super(message(findings));
        this.findings = List.copyOf(findings);
    }

    /** All findings, warnings included. */
    public List<Finding> findings() {
        return findings;
    }

    private static String message(List<Finding> findings) {
        var out = new StringBuilder("the plan has errors:");
        findings.forEach(finding -> out.append("\n  ")
                .append(finding.code().id())
                .append(" at ")
                .append(finding.spot().pointer())
                .append(": ")
                .append(finding.message())
                .append(' ')
                .append(finding.remedy()));
        return out.toString();
    }
}
