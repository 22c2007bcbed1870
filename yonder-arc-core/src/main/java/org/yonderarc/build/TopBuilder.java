package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.function.Consumer;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.TopForm;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a top bar. */
public final class TopBuilder extends FormBuilder<TopBuilder> {
    TopBuilder() {
        super(Form.Kind.TOP);
    }

    @Override
    TopBuilder self() {
        return this;
    }

    /** Sets whether items that don't fit on a line of their own go onto further lines. */
    public TopBuilder wraps(boolean wraps) {
        return put("wraps", wraps);
    }

    /** Sets the item that stands as a search field on a line of its own. */
    public TopBuilder search(String item) {
        return put("search", item);
    }

    /** Sets what stands in its middle. */
    public TopBuilder title(TopForm.Middle what) {
        return put("title", what);
    }

    /** Sets where the items stand. */
    public TopBuilder items(Form.Side side) {
        return put("items", side);
    }

    /** Sets the items that stand as buttons at its end. */
    public TopBuilder actions(String... items) {
        return put("actions", items);
    }

    /** Shows the person's picture with a text. */
    public TopBuilder profile(String picture, String text) {
        var profile = new LinkedHashMap<String, Value>();
        profile.put("picture", Trees.text(picture));
        profile.put("text", Trees.text(text));
        return put("profile", Trees.map(profile));
    }

    /** As {@link #profile(String, String)}; a fact tells the picture's file or address, and an item is chosen with it. */
    public TopBuilder profile(String picture, String text, String photo, String item) {
        var profile = new LinkedHashMap<String, Value>();
        profile.put("picture", Trees.text(picture));
        profile.put("text", Trees.text(text));
        profile.put("photo", Trees.text(photo));
        profile.put("item", Trees.text(item));
        return put("profile", Trees.map(profile));
    }

    /** Sets where the title stands. */
    public TopBuilder align(TopForm.Align where) {
        return put("align", where);
    }

    /** Sets what stands below the title; may have holes for facts. */
    public TopBuilder subtitle(String text) {
        return put("subtitle", text);
    }

    /** Sets which items show their label. */
    public TopBuilder labels(Form.Labels which) {
        return put("labels", which);
    }

    /** Sets where the icon stands. */
    public TopBuilder icons(Form.IconSide side) {
        return put("icons", side);
    }

    /** Sets whether the items of its menu stand on a line of their own, below the title, and how wide they are. */
    public TopBuilder below(boolean below, TopForm.Widths widths) {
        return put("below", below).put("widths", widths);
    }

    /** Sets how many items of its menu it holds at most, and the item that leads to the others. */
    public TopBuilder most(int count, Consumer<? super OverflowBuilder> overflow) {
        return put("most", count)
                .put("overflow", Defined.by(new OverflowBuilder(), overflow).tree());
    }

    /** Sets whether a line closes it. */
    public TopBuilder line(boolean shown) {
        return put("line", shown);
    }

    /** Sets whether it stays when the content scrolls. */
    public TopBuilder scrolling(Form.Scrolling what) {
        return put("scrolling", what);
    }
}
