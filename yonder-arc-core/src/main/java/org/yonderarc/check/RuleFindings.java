package org.yonderarc.check;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Findings;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Acceptance;
import org.yonderarc.tree.Spot;

/** What the rules notice, but for what the author accepts. */
final class RuleFindings {
    private final List<Acceptance> accepted;
    private final Set<Acceptance> used = new HashSet<>();
    private final Findings remaining = new Findings();
    private final Set<Finding> told = new HashSet<>();
    private boolean anyError;

    RuleFindings(List<Acceptance> accepted) {
        this.accepted = accepted;
    }

    boolean anyError() {
        return anyError;
    }

    /** Whether the words of another finding are worth finding. */
    boolean wants(Code code) {
        return remaining.wants(code);
    }

    void add(Finding finding) {
        // Two items of one screen would tell of its icon twice.
        if (!told.add(finding)) {
            return;
        }
        anyError |= finding.severity() == Severity.ERROR;
        for (Acceptance acceptance : accepted) {
            if (accepts(acceptance, finding)) {
                used.add(acceptance);
                return;
            }
        }
        remaining.add(finding);
    }

    void leaveOut(Code code, Spot spot) {
        anyError |= code.severity() == Severity.ERROR;
        remaining.leaveOut(code, spot);
    }

    /** What is left; where all rules were asked, also what was accepted for nothing. */
    List<Finding> list(boolean isWhole) {
        if (isWhole) {
            unused();
        }
        return List.copyOf(remaining.list());
    }

    private void unused() {
        int index = 0;
        for (Acceptance acceptance : accepted) {
            String pointer = "/accepted/" + index++;
            if (!used.contains(acceptance)) {
                boolean isError = Code.of(acceptance.code())
                        .filter(code -> code.severity() == Severity.ERROR)
                        .isPresent();
                remaining.add(new Finding(
                        Code.UNUSED_ACCEPTANCE,
                        Spot.at(pointer),
                        isError
                                ? "Errors such as \"" + acceptance.code() + "\" can't be accepted."
                                : "There is no finding \"" + acceptance.code() + "\" to accept here.",
                        "Remove it."));
            }
        }
    }

    private static boolean accepts(Acceptance acceptance, Finding finding) {
        String pointer = finding.spot().pointer();
        return finding.severity() != Severity.ERROR
                && acceptance.code().equals(finding.code().id())
                && acceptance
                        .at()
                        .map(at -> pointer.equals(at) || pointer.startsWith(at + "/"))
                        .orElse(true);
    }
}
