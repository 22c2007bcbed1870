package org.yonderarc.bind;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Spot;

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

    /** A finding about the draft, pointing into the file: behind a dropped list item, the numbers are higher there. */
    public Finding inTheFile(Finding finding) {
        return finding.at(Spot.at(inTheFile(finding.spot().pointer())));
    }

    /** A JSON Pointer into the draft as one into the file. */
    public String inTheFile(String inDraft) {
        if (dropped.isEmpty()) {
            return inDraft;
        }
        var pointer = new StringBuilder();
        for (String name : inDraft.split("/")) {
            if (name.isEmpty()) {
                continue;
            }
            boolean isIndex = name.chars().allMatch(Character::isDigit);
            pointer.append('/');
            pointer.append(isIndex ? Integer.toString(index(pointer.toString(), name)) : name);
        }
        return pointer.toString();
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
