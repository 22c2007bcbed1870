package org.yonderarc.finding;

import java.util.List;

/** A plan, or a file of journeys, that can't be used as it is. The message is a report: each error, where it is and what to do. */
public final class InvalidPlanException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final transient List<Finding> findings;

    /**
     * A plan with errors.
     *
     * @param report the errors, for people
     * @param findings all that was found
     */
    public InvalidPlanException(String report, List<Finding> findings) {
        super(report);
        this.findings = List.copyOf(findings);
    }

    /** A plan that can't be read at all, for this reason. */
    public InvalidPlanException(Exception reason) {
        super(reason.getMessage(), reason);
        this.findings = List.of();
    }

    /** A plan that was built in Java: its errors have no lines, but the paths of what is wrong. */
    public static InvalidPlanException ofBuilt(List<Finding> findings) {
        var out = new StringBuilder("the plan has errors:");
        findings.forEach(finding -> out.append("\n  ")
                .append(finding.code().id())
                .append(" at ")
                .append(finding.spot().pointer())
                .append(": ")
                .append(finding.message())
                .append(' ')
                .append(finding.remedy()));
        return new InvalidPlanException(out.toString(), findings);
    }

    /** All that was found, warnings included; empty where the plan could not be read. */
    public List<Finding> findings() {
        return findings;
    }
}
