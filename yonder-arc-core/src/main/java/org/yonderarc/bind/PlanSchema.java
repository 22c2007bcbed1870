package org.yonderarc.bind;

import org.yonderarc.codec.Schemas;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.MapValue;

/** The JSON Schema (draft 2020-12) of plan files, made from the shapes that the reader reads by. */
public final class PlanSchema {
    private PlanSchema() {}

    /** The schema as a tree. */
    public static MapValue schema() {
        return Schemas.of(PlanShape.PLAN, "urn:yonder-arc:plan:" + Plan.FORMAT, "Yonder Arc plan");
    }
}
