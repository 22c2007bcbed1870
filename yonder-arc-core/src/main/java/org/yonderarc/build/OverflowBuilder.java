package org.yonderarc.build;

import org.yonderarc.plan.Form;
import org.yonderarc.tree.Trees;

/** Defines the item that leads to those that don't fit into a bar, and the place that it opens. */
public final class OverflowBuilder extends MapBuilder<OverflowBuilder> {
    OverflowBuilder() {}

    @Override
    OverflowBuilder self() {
        return this;
    }

    /** Sets what it says. */
    public OverflowBuilder label(String label) {
        return put("label", label);
    }

    /** Sets its icon. */
    public OverflowBuilder icon(String icon) {
        return put("icon", icon);
    }

    /** Sets how its place shows the others: below each other, or on cards. */
    public OverflowBuilder layout(Form.TileLayout tiles) {
        return put("layout", tiles);
    }

    /** Sets how many items stand before it. */
    public OverflowBuilder itemsBefore(int items) {
        return put("items-before", items);
    }

    /** Sets what it opens: a place in the content, or a sheet from the lower edge. */
    public OverflowBuilder presentation(Form.Overflow.Presentation what) {
        return put("presentation", what);
    }

    /** Puts the person at the head of its place; the text may have holes for facts. */
    public OverflowBuilder profile(String text) {
        return put("profile", text);
    }

    /** Puts the person and their picture at the head of its place. */
    public OverflowBuilder profile(String picture, String text) {
        return put("profile", Trees.map(java.util.Map.of("picture", Trees.text(picture), "text", Trees.text(text))));
    }

    /** Lets the items of its place look as a shared style says. */
    public OverflowBuilder style(String name) {
        return put("style", name);
    }
}
