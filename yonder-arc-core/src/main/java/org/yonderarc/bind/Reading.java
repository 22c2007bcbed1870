package org.yonderarc.bind;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.Spot;

/**
 * The result of reading a plan: the plan if it can be used, and the findings.
 *
 * @param draft the plan as far as it could be read, for the check; not fit for use where there are errors
 * @param findings everything noticed, in the order of the file; never null, may be empty
 * @param dropped the JSON Pointers of the list items that could not be read, and are not in the draft
 */
public record Reading(Plan draft, List<Finding> findings, Set<String> dropped) {
    public Reading {
        findings = List.copyOf(findings);
        dropped = Collections.unmodifiableSet(new LinkedHashSet<>(dropped));
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
        int index = Integer.parseInt(inDraft);
        for (int lost : lost().getOrDefault(list, List.of())) {
            index += lost <= index ? 1 : 0;
        }
        return index;
    }

    /** The indices of what was dropped, in order, by the list. */
    private Map<String, List<Integer>> lost() {
        var lost = new HashMap<String, List<Integer>>();
        for (String pointer : dropped) {
            int index = JsonPointer.index(JsonPointer.last(pointer));
            if (index >= 0) {
                lost.computeIfAbsent(JsonPointer.parent(pointer) + "/", list -> new ArrayList<>())
                        .add(index);
            }
        }
        lost.values().forEach(Collections::sort);
        return lost;
    }

    /** The plan, if nothing that was found is an error. */
    public Optional<Plan> plan() {
        return Finding.anyError(findings) ? Optional.empty() : Optional.of(draft);
    }
}
