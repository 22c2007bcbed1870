package org.yonderarc.finding;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
 * @param fix the change that mends it, where that is certain
 */
public record Finding(Code code, Spot spot, String message, String remedy, Optional<Fix> fix) {
    public Finding {
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(spot, "spot");
        Objects.requireNonNull(message, "message");
        Objects.requireNonNull(remedy, "remedy");
        Objects.requireNonNull(fix, "fix");
        message = Brief.message(message);
        remedy = Brief.message(remedy);
    }

    /** A finding without a certain fix. */
    public Finding(Code code, Spot spot, String message, String remedy) {
        this(code, spot, message, remedy, Optional.empty());
    }

    /**
     * A change of the text at a finding's spot.
     *
     * @param from the text that stands there, without quotes
     * @param to the text that should
     */
    public record Fix(String from, String to) {}

    /** The same finding at another spot. */
    public Finding at(Spot other) {
        return new Finding(code, other, message, remedy, fix);
    }

    /** How much it matters. */
    public Severity severity() {
        return code.severity();
    }

    /** The same finding with its file position looked up in the tree that the plan was read from. */
    public Finding locatedIn(Value root) {
        return spot.isLocated() ? this : at(Locator.locate(root, spot.pointer()));
    }

    /** Whether any of the findings is an error. */
    public static boolean anyError(List<Finding> findings) {
        return findings.stream().anyMatch(finding -> finding.severity() == Severity.ERROR);
    }
}
