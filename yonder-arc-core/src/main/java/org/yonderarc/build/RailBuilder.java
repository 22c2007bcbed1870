package org.yonderarc.build;

import java.util.LinkedHashMap;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a rail. */
public final class RailBuilder extends FormBuilder<RailBuilder> {
    RailBuilder() {
        super(Form.Kind.RAIL);
    }

    @Override
    RailBuilder self() {
        return this;
    }

    /** Sets the edge it stands at. */
    public RailBuilder side(Form.Side which) {
        return put("side", which);
    }

    /** Sets which items show their label. */
    public RailBuilder labels(Form.Labels which) {
        return put("labels", which);
    }

    /** Sets where the icon stands. */
    public RailBuilder iconPosition(Form.IconPosition side) {
        return put("icon-position", side);
    }

    /** Makes it as narrow as touch targets allow. */
    public RailBuilder narrow(boolean narrow) {
        return put("narrow", narrow);
    }

    /** Sets the item that stands at its head as the main action. */
    public RailBuilder action(String item) {
        return put("action", item);
    }

    /** Sets where the items stand. */
    public RailBuilder alignItems(Form.Alignment side) {
        return put("align-items", side);
    }

    /** Sets whether a line closes it. */
    public RailBuilder border(boolean shown) {
        return put("border", shown);
    }

    /** Sets whether the app's logo stands at its head. */
    public RailBuilder showLogo(boolean shown) {
        return put("show-logo", shown);
    }

    /** Lets it stand free of the edges, in dp. */
    public RailBuilder floating(double inset, double radius, boolean shadow, boolean over) {
        var floating = new LinkedHashMap<String, Value>();
        floating.put("inset", Trees.number(inset));
        floating.put("radius", Trees.number(radius));
        floating.put("shadow", Trees.flag(shadow));
        floating.put("over-content", Trees.flag(over));
        return put("floating", Trees.map(floating));
    }
}
