package org.yonderarc.bind;

import java.util.List;
import org.yonderarc.codec.Context;
import org.yonderarc.codec.FieldValues;
import org.yonderarc.codec.Fields;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Value;

/**
 * The one reader: binds a neutral tree to a plan. What can't be bound is reported and left out, so that one run finds
 * everything. Whether links lead somewhere is the check's business, not the reader's.
 */
public final class PlanReader {
    private PlanReader() {}

    /** Reads {@code root}; the findings are those of the reader alone. */
    public static Reading read(Value root) {
        var context = new Context("the plan");
        if (root instanceof MapValue map && isNewer(map)) {
            context.report(
                    Code.NEWER_FORMAT,
                    map.entry("yonder").orElseThrow().value().spot(),
                    "This plan is made for a newer Yonder Arc than this one, which knows format " + Plan.FORMAT + ".",
                    "Update Yonder Arc; leave the file as it is.");
            var nothing = new MapValue(root.spot(), List.of());
            return new Reading(
                    draft(nothing, new Context("")), context.findings().list(), context.dropped());
        }
        if (root instanceof MapValue map) {
            return new Reading(draft(map, context), context.findings().list(), context.dropped());
        }
        context.report(
                Code.WRONG_TYPE,
                root.spot(),
                "A plan is a map, but here is " + root.kind() + ".",
                "Start the file with \"yonder: " + Plan.FORMAT + "\" and the keys app, screens and menus.");
        var nothing = new MapValue(root.spot(), List.of());
        return new Reading(draft(nothing, new Context("")), context.findings().list(), context.dropped());
    }

    /** Whether a plan is in a format that this version doesn't know yet; it is neither read nor changed. */
    public static boolean isNewer(Value root) {
        return root instanceof MapValue map
                && map.entry("yonder")
                        .filter(entry -> entry.value() instanceof NumberValue format
                                && format.number() >= Plan.FORMAT + 1
                                && format.number() == Math.rint(format.number()))
                        .isPresent();
    }

    /** The plan as far as it can be read, even where required keys are missing. */
    private static Plan draft(MapValue map, Context context) {
        var got = new FieldValues("", map, context);
        var fields = new Fields(map, context);
        PlanShape.PLAN.readFields(fields, got);
        fields.done();
        return PlanShape.PLAN.draft(got);
    }
}
