package org.yonderarc.build;

import java.util.LinkedHashMap;
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

    /** Sets whether a line closes it. */
    public TopBuilder line(boolean shown) {
        return put("line", shown);
    }

    /** Sets whether it stays when the content scrolls. */
    public TopBuilder scrolling(TopForm.Scrolling what) {
        return put("scrolling", what);
    }
}
