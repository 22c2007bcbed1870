package org.yonderarc.files;

import java.util.List;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Findings;
import org.yonderarc.tree.Value;

/**
 * The tree of a plan's text.
 *
 * @param root the tree, its keys named as this version names them
 * @param renamed a finding with a fix for each key or word that the text has under an older name, however many there are
 */
public record PlanTree(Value root, List<Finding> renamed) {
    public PlanTree {
        renamed = List.copyOf(renamed);
    }

    /** The findings to be told: of many, the first. */
    List<Finding> told() {
        var told = new Findings();
        renamed.forEach(told::add);
        return told.list();
    }

    /**
     * Reads JSON where the text's name ends in {@code .json}, YAML otherwise.
     *
     * @throws ParseException if it is neither
     */
    public static PlanTree read(SourceText source) throws ParseException {
        boolean isJson = source.isJson();
        Value root = isJson ? JsonTree.parse(source.text()) : YamlTree.parse(source.text());
        return PlanReader.isNewer(root) ? new PlanTree(root, List.of()) : RenamedKeys.today(root, isJson);
    }
}
