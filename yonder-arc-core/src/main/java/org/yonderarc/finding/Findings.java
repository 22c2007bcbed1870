package org.yonderarc.finding;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.yonderarc.tree.Spot;

/**
 * Collects findings, at most fifty of a code: whoever has that many to mend starts with those, and a report that
 * nobody reads to its end costs nothing. What is left out is counted, and told by a last finding of the code.
 */
public final class Findings {
    /** The most findings of a code that are told one by one. */
    public static final int MOST = 50;

    private final List<Finding> told = new ArrayList<>();
    private final Map<Code, Integer> counts = new LinkedHashMap<>();
    private final Map<Code, Finding> firstLeftOut = new LinkedHashMap<>();

    /** Nothing was found yet. */
    public Findings() {
        // All collections start empty.
    }

    /** Whether another finding of this code would be told, so that its words are worth finding. */
    public boolean wants(Code code) {
        return counts.getOrDefault(code, 0) < MOST;
    }

    /** Adds a finding, or counts it. */
    public void add(Finding finding) {
        int before = counts.merge(finding.code(), 1, (a, b) -> a + b) - 1;
        if (before < MOST) {
            told.add(finding);
        } else {
            firstLeftOut.putIfAbsent(finding.code(), finding);
        }
    }

    /** Counts a finding whose words were not worth finding. */
    public void leaveOut(Code code, Spot spot) {
        counts.merge(code, 1, (a, b) -> a + b);
        firstLeftOut.computeIfAbsent(code, none -> new Finding(code, spot, "", ""));
    }

    /** Everything that is told. */
    public List<Finding> list() {
        var all = new ArrayList<>(told);
        firstLeftOut.forEach((code, first) -> {
            int more = Objects.requireNonNull(counts.get(code)) - MOST;
            all.add(new Finding(
                    code,
                    first.spot(),
                    more == 1
                            ? "There is one more finding \"" + code.id() + "\": here."
                            : "There are " + more + " more findings \"" + code.id() + "\"; here is the next of them.",
                    "Fix these first, then check again."));
        });
        return all;
    }
}
