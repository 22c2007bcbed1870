package org.yonderarc.build;

import java.util.function.Consumer;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.RadialForm;

/** Defines a round button that fans its items out. */
public final class RadialBuilder extends FormBuilder<RadialBuilder> {
    RadialBuilder() {
        super(Form.Kind.RADIAL);
    }

    @Override
    RadialBuilder self() {
        return this;
    }

    /** Sets where the button stands. */
    public RadialBuilder position(RadialForm.Corner corner) {
        return put("position", corner);
    }

    /** Sets how many items it fans out, the overflow item included. */
    public RadialBuilder maxItems(int items) {
        return put("max-items", items);
    }

    /** Defines the item that leads to those that don't fit. */
    public RadialBuilder overflow(Consumer<? super OverflowBuilder> define) {
        return put("overflow", Defined.by(new OverflowBuilder(), define).tree());
    }

    /** Sets where labels stand. */
    public RadialBuilder labels(RadialForm.Beside where) {
        return put("labels", where);
    }

    /** Sets whether the content is dimmed while it is open. */
    public RadialBuilder scrim(boolean dims) {
        return put("scrim", dims);
    }

    /** Sets what the button is called, its icon, and by how much the icon turns while it is open, in degrees. */
    public RadialBuilder button(String label, String icon, double turn) {
        return put("label", label).put("icon", icon).put("turn", turn);
    }
}
