package org.yonderarc.finding;

import java.util.List;
import java.util.Objects;
import org.yonderarc.tree.Locator;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Value;

/**
 * Something that was noticed about a plan.
 *
 * @param code what kind of finding
 * @param spot where
 * @param message what is wrong, one sentence
 * @param remedy what to do, one sentence
 */
public record Finding(Code code, Spot spot, String message, String remedy) {
    public Finding {
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(spot, "spot");
        Objects.requireNonNull(message, "message");
        Objects.requireNonNull(remedy, "remedy");
    }

    /** How much it matters. */
    public Severity severity() {
        return code.severity();
    }

    /** The same finding with its file position looked up in the tree that the plan was read from. */
    public Finding locatedIn(Value root) {
        return spot.isLocated() ? this : new Finding(code, Locator.locate(root, spot.pointer()), message, remedy);
    }

    /** Whether any of the findings is an error. */
    public static boolean anyError(List<Finding> findings) {
        return findings.stream().anyMatch(finding -> finding.severity() == Severity.ERROR);
    }
}
