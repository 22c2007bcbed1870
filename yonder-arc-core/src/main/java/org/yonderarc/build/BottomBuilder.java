package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.function.Consumer;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a bottom bar. */
public final class BottomBuilder extends FormBuilder<BottomBuilder> {
    BottomBuilder() {
        super(Form.Kind.BOTTOM);
    }

    @Override
    BottomBuilder self() {
        return this;
    }

    /** Sets how many items it holds, the overflow item included. */
    public BottomBuilder maxItems(int items) {
        return put("max-items", items);
    }

    /** Sets what happens to the items that don't fit. */
    public BottomBuilder whenFull(Form.WhenFull what) {
        return put("when-full", what);
    }

    /** Defines the item that leads to those that don't fit. */
    public BottomBuilder overflow(Consumer<? super OverflowBuilder> define) {
        return put("overflow", Defined.by(new OverflowBuilder(), define).tree());
    }

    /** Sets which items show their label. */
    public BottomBuilder labels(Form.Labels which) {
        return put("labels", which);
    }

    /** Sets where the icon stands. */
    public BottomBuilder iconPosition(Form.IconPosition side) {
        return put("icon-position", side);
    }

    /** Sets the item that stands raised in the middle as the main action. */
    public BottomBuilder action(String item) {
        return put("action", item);
    }

    /** Sets the width and height of the main action's circle, in dp. */
    public BottomBuilder actionSize(double dp) {
        return put("action-size", dp);
    }

    /** Sets what it does when the content scrolls. */
    public BottomBuilder onScroll(Form.Scrolling what) {
        return put("on-scroll", what);
    }

    /** Lets it float, in dp. */
    public BottomBuilder floating(double inset, double radius, boolean shadow) {
        var floating = new LinkedHashMap<String, Value>();
        floating.put("inset", Trees.number(inset));
        floating.put("radius", Trees.number(radius));
        floating.put("shadow", Trees.flag(shadow));
        return put("floating", Trees.map(floating));
    }

    /** Lets it float at another distance from the lower edge, at most so wide, at one side or in the middle, in dp. */
    public BottomBuilder floating(
            double inset, double radius, boolean shadow, double lower, double widest, Form.Alignment align) {
        var floating = new LinkedHashMap<String, Value>();
        floating.put("inset", Trees.number(inset));
        floating.put("radius", Trees.number(radius));
        floating.put("shadow", Trees.flag(shadow));
        floating.put("bottom-offset", Trees.number(lower));
        floating.put("max-width", Trees.number(widest));
        floating.put("align", Trees.text(align.name().toLowerCase(java.util.Locale.ROOT)));
        return put("floating", Trees.map(floating));
    }
}
