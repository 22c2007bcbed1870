package org.yonderarc.build;

import java.util.LinkedHashMap;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a drawer. */
public final class DrawerBuilder extends FormBuilder<DrawerBuilder> {
    private final LinkedHashMap<String, Value> header = new LinkedHashMap<>();

    DrawerBuilder() {
        super(Form.Kind.DRAWER);
    }

    @Override
    DrawerBuilder self() {
        return this;
    }

    /** Sets the edge it stands at. */
    public DrawerBuilder side(Form.Side which) {
        return put("side", which);
    }

    /** Sets the item that stands as a search field on a line of its own. */
    public DrawerBuilder search(String item) {
        return put("search", item);
    }

    /** Sets how it opens. */
    public DrawerBuilder opens(DrawerForm.Opening how) {
        return put("opens", how);
    }

    /** Sets its head; the texts may have holes for facts. */
    public DrawerBuilder header(String picture, String title, String note) {
        head(picture, title, note);
        return put("header", Trees.map(header));
    }

    /** As {@link #header(String, String, String)}, on a gradient between two paints, its angle in degrees. */
    public DrawerBuilder header(String picture, String title, String note, String from, String to, double angle) {
        head(picture, title, note);
        var background = new LinkedHashMap<String, Value>();
        background.put("from", Trees.text(from));
        background.put("to", Trees.text(to));
        background.put("angle", Trees.number(angle));
        header.put("background", Trees.map(background));
        return put("header", Trees.map(header));
    }

    /** Lets a fact tell the file or address of the header's picture, and an item be chosen with the header. */
    public DrawerBuilder person(String photo, String item) {
        header.put("photo-fact", Trees.text(photo));
        header.put("item", Trees.text(item));
        return put("header", Trees.map(header));
    }

    private void head(String picture, String title, String note) {
        header.put("picture", Trees.text(picture));
        header.put("title", Trees.text(title));
        header.put("note", Trees.text(note));
    }

    /** Sets how the content moves aside from a drawer beneath it: a share of its width, and a radius in dp. */
    public DrawerBuilder beneath(double share, double radius, boolean shadow) {
        return beneath(share, radius, shadow, 1);
    }

    /** Sets how the content moves aside from a drawer beneath it, and how large it is then, as a share of its size. */
    public DrawerBuilder beneath(double share, double radius, boolean shadow, double scale) {
        var beneath = new LinkedHashMap<String, Value>();
        beneath.put("shift", Trees.number(share));
        beneath.put("radius", Trees.number(radius));
        beneath.put("shadow", Trees.flag(shadow));
        beneath.put("scale", Trees.number(scale));
        return put("beneath", Trees.map(beneath));
    }

    /** Sets its width as a part of the window's, in percent from 20 to 100. */
    public DrawerBuilder widthPercent(double ofWindow) {
        return put("width", NumberValue.plain(ofWindow) + "%");
    }

    /** Sets the items that stand at its foot. */
    public DrawerBuilder footer(String... items) {
        return put("footer", items);
    }

    /** Sets its width in dp. */
    public DrawerBuilder width(double dp) {
        return put("width", dp);
    }

    /** Sets its width in dp while it is collapsed to icons. */
    public DrawerBuilder collapsedWidth(double dp) {
        return put("collapsed-width", dp);
    }

    /** Sets the text fact that people type into a field above the items; items whose name doesn't hold it aren't shown. */
    public DrawerBuilder filter(String fact) {
        return put("filter", fact);
    }

    /** The same with what the field says while nothing is typed. */
    public DrawerBuilder filter(String fact, String label) {
        var filter = new LinkedHashMap<String, Value>();
        filter.put("fact", Trees.text(fact));
        filter.put("placeholder", Trees.text(label));
        return put("filter", Trees.map(filter));
    }

    /** Sets whether the app's logo stands at its head. */
    public DrawerBuilder showLogo(boolean shown) {
        return put("show-logo", shown);
    }
}
