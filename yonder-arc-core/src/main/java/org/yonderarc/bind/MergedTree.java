package org.yonderarc.bind;

import java.util.List;
import org.yonderarc.finding.Finding;
import org.yonderarc.tree.Value;

/**
 * A plan's tree with what stands in another file put in.
 *
 * @param root the tree
 * @param findings what was noticed on the way; never null, may be empty
 */
public record MergedTree(Value root, List<Finding> findings) {
    public MergedTree {
        findings = List.copyOf(findings);
    }
}
