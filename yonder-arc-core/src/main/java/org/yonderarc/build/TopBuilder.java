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
    public TopBuilder titleShows(TopForm.TitleContent what) {
        return put("title-shows", what);
    }

    /** Sets where the items stand. */
    public TopBuilder alignItems(Form.Alignment side) {
        return put("align-items", side);
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
        profile.put("photo-fact", Trees.text(photo));
        profile.put("item", Trees.text(item));
        return put("profile", Trees.map(profile));
    }

    /** Sets where the title stands. */
    public TopBuilder alignTitle(TopForm.TitleAlignment where) {
        return put("align-title", where);
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
    public TopBuilder iconPosition(Form.IconPosition side) {
        return put("icon-position", side);
    }

    /** Sets whether the items of its menu stand on a line of their own, below the title, and how wide they are. */
    public TopBuilder ownRow(boolean below, TopForm.ItemWidths widths) {
        return put("own-row", below).put("item-widths", widths);
    }

    /** Sets how many items of its menu it holds at most, and the item that leads to the others. */
    public TopBuilder maxItems(int count, Consumer<? super OverflowBuilder> overflow) {
        return put("max-items", count)
                .put("overflow", Defined.by(new OverflowBuilder(), overflow).tree());
    }

    /** Sets whether a line closes it. */
    public TopBuilder border(boolean shown) {
        return put("border", shown);
    }

    /** Sets whether it stays when the content scrolls. */
    public TopBuilder onScroll(Form.Scrolling what) {
        return put("on-scroll", what);
    }
}
