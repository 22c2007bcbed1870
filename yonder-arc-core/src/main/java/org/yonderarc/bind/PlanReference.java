package org.yonderarc.bind;

import org.yonderarc.codec.Reference;

/** The reference of plan files as Markdown, made from the shapes that the reader reads by. */
public final class PlanReference {
    private PlanReference() {}

    /** A heading and a table of keys for each shape, in the order in which a plan is written. */
    public static String markdown() {
        return Reference.markdown(PlanShape.PLAN);
    }
}
