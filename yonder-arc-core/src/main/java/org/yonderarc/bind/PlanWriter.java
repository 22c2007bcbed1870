package org.yonderarc.bind;

import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;

/** The one writer: a plan as a neutral tree, in short forms where they say as much. Reading it gives an equal plan. */
public final class PlanWriter {
    private PlanWriter() {}

    /** The plan as a tree without file positions. */
    public static MapValue write(Plan plan) {
        return (MapValue) PlanShape.PLAN.write(plan);
    }
}
