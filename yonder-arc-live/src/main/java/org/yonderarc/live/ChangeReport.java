package org.yonderarc.live;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tree.MapValue;

/** What is said of two texts of a plan, the one before and the one after a change. */
final class ChangeReport {
    private ChangeReport() {}

    /**
     * What is found in the new text and was not in the old one. Places and names move with edits: of a code there is news only where
     * there is more of it than before.
     */
    static List<Finding> of(PlanFile before, PlanFile after, Severity severity) {
        var known = new HashMap<Code, Integer>();
        var messages = new HashSet<String>();
        before.findings().forEach(finding -> {
            known.merge(finding.code(), 1, Integer::sum);
            messages.add(finding.message());
        });
        var now = new HashMap<Code, Integer>();
        after.findings().forEach(finding -> now.merge(finding.code(), 1, Integer::sum));
        return after.findings().stream()
                .filter(finding -> finding.severity() == severity)
                .filter(finding -> !messages.contains(finding.message()))
                .filter(finding -> now.get(finding.code()) > known.getOrDefault(finding.code(), 0))
                .toList();
    }

    /** What a change was, in a line; what is only called otherwise is said to be so. */
    static String words(PlanFile before, PlanFile after, List<Edit.Rename> renames) {
        Optional<Plan> then = renamed(before, renames);
        if (then.isEmpty() || after.plan().isEmpty()) {
            return "the plan's text";
        }
        List<String> all = Stream.concat(
                        renames.stream()
                                .map(one ->
                                        one.noun().word() + " \"" + one.from() + "\" renamed to \"" + one.to() + "\""),
                        new Comparison(then.get(), after.plan().get())
                                .differences().stream().map(ChangeReport::word))
                .toList();
        if (all.isEmpty()) {
            return "how the plan is written";
        }
        return all.size() == 1 ? all.get(0) : all.get(0) + ", and " + (all.size() - 1) + " more";
    }

    private static Optional<Plan> renamed(PlanFile file, List<Edit.Rename> renames) {
        if (renames.isEmpty()) {
            return file.plan();
        }
        try {
            var editor = new PlanEditor(file.source());
            for (Edit.Rename rename : renames) {
                editor.apply(rename);
            }
            return Optional.of(editor.things().draft());
        } catch (EditException onlyOneOfSeveral) {
            return file.plan();
        }
    }

    /** What is said of a change; what came or went is said to have done so. */
    private static String word(Comparison.Difference one) {
        return one.what().equals("added") || one.what().equals("removed") ? one.text() + " " + one.what() : one.text();
    }

    /** How the plans differ, one by one. */
    static List<MapValue> differences(PlanFile before, PlanFile after) {
        if (before.plan().isEmpty() || after.plan().isEmpty()) {
            return List.of();
        }
        return new Comparison(before.plan().get(), after.plan().get())
                .differences().stream()
                        .map(one -> Json.map("what", one.what(), "text", one.text()))
                        .toList();
    }
}
