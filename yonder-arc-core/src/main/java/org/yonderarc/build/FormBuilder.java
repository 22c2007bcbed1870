package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.function.UnaryOperator;
import org.yonderarc.plan.Form;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Defines the form of a bar. A key that the form doesn't take is reported when the plan is built, as in a file.
 */
public final class FormBuilder extends MapBuilder<FormBuilder> {
    private FormBuilder(String word) {
        put("form", word);
    }

    @Override
    FormBuilder self() {
        return this;
    }

    /** A bar at the lower edge. */
    public static FormBuilder bottom() {
        return new FormBuilder("bottom");
    }

    /** A bar at the upper edge. */
    public static FormBuilder top() {
        return new FormBuilder("top");
    }

    /** A narrow bar at the leading edge. */
    public static FormBuilder rail() {
        return new FormBuilder("rail");
    }

    /** A panel at the leading edge. */
    public static FormBuilder drawer() {
        return new FormBuilder("drawer");
    }

    /** Bottom bar: sets how many items it holds, the overflow item included. */
    public FormBuilder most(int items) {
        return put("most", items);
    }

    /** Bottom bar: sets what happens to the items that don't fit. */
    public FormBuilder whenFull(Form.WhenFull what) {
        return put("when-full", what);
    }

    /** Bottom bar: names the item that leads to those that don't fit. */
    public FormBuilder overflow(String label, String icon) {
        return put("overflow", Trees.map(named(label, icon)));
    }

    /** Bottom bar: as {@link #overflow(String, String)}, with the person at its head and its items in a shared style. */
    public FormBuilder overflow(String label, String icon, String person, String style) {
        var overflow = named(label, icon);
        overflow.put("profile", Trees.text(person));
        overflow.put("style", Trees.text(style));
        return put("overflow", Trees.map(overflow));
    }

    private static LinkedHashMap<String, Value> named(String label, String icon) {
        var overflow = new LinkedHashMap<String, Value>();
        overflow.put("label", Trees.text(label));
        overflow.put("icon", Trees.text(icon));
        return overflow;
    }

    /** Lets the bar's items look as a shared style says. */
    public FormBuilder style(String name) {
        return put("style", name);
    }

    /** Gives the bar's items a style of their own. */
    public FormBuilder style(UnaryOperator<StyleBuilder> define) {
        return put("style", StyleBuilder.own(define));
    }

    /** Bottom bar and rail: sets which items show their label. */
    public FormBuilder labels(Form.Labels which) {
        return put("labels", which);
    }

    /** Bottom bar and rail: sets where the icon stands. */
    public FormBuilder icons(Form.IconSide side) {
        return put("icons", side);
    }

    /** Bottom bar: lets it float, in dp. */
    public FormBuilder floating(double inset, double radius, boolean shadow) {
        var floating = new LinkedHashMap<String, Value>();
        floating.put("inset", Trees.number(inset));
        floating.put("radius", Trees.number(radius));
        floating.put("shadow", Trees.flag(shadow));
        return put("floating", Trees.map(floating));
    }

    /** Top bar: sets what stands in its middle. */
    public FormBuilder title(Form.TitleKind what) {
        return put("title", what);
    }

    /** Top bar and rail: sets where the items stand. */
    public FormBuilder items(Form.Side side) {
        return put("items", side);
    }

    /** Top bar: sets the items that stand as buttons at its end. */
    public FormBuilder actions(String... items) {
        return put("actions", items);
    }

    /** Top bar: shows the person's picture with a text. */
    public FormBuilder profile(String picture, String text) {
        var profile = new LinkedHashMap<String, Value>();
        profile.put("picture", Trees.text(picture));
        profile.put("text", Trees.text(text));
        return put("profile", Trees.map(profile));
    }

    /** Top bar and rail: sets whether a line closes it. */
    public FormBuilder line(boolean shown) {
        return put("line", shown);
    }

    /** Top bar: sets whether it stays when the content scrolls. */
    public FormBuilder scrolling(Form.Scrolling what) {
        return put("scrolling", what);
    }

    /** Rail: makes it as narrow as touch targets allow. */
    public FormBuilder narrow(boolean narrow) {
        return put("narrow", narrow);
    }

    /** Rail: sets the item that stands at its head as the main action. */
    public FormBuilder action(String item) {
        return put("action", item);
    }

    /** Drawer: sets how it opens. */
    public FormBuilder opens(Form.Opening how) {
        return put("opens", how);
    }

    /** Drawer: sets its head; the texts may have holes for facts. */
    public FormBuilder header(String picture, String title, String note) {
        var header = new LinkedHashMap<String, Value>();
        header.put("picture", Trees.text(picture));
        header.put("title", Trees.text(title));
        header.put("note", Trees.text(note));
        return put("header", Trees.map(header));
    }

    /** Drawer: as {@link #header(String, String, String)}, on a gradient between two paints, its angle in degrees. */
    public FormBuilder header(String picture, String title, String note, String from, String to, double angle) {
        var header = new LinkedHashMap<String, Value>();
        header.put("picture", Trees.text(picture));
        header.put("title", Trees.text(title));
        header.put("note", Trees.text(note));
        var background = new LinkedHashMap<String, Value>();
        background.put("from", Trees.text(from));
        background.put("to", Trees.text(to));
        background.put("angle", Trees.number(angle));
        header.put("background", Trees.map(background));
        return put("header", Trees.map(header));
    }

    /** Drawer: sets how the content moves aside from a drawer beneath it: a share of its width, and a radius in dp. */
    public FormBuilder beneath(double share, double radius, boolean shadow) {
        var beneath = new LinkedHashMap<String, Value>();
        beneath.put("share", Trees.number(share));
        beneath.put("radius", Trees.number(radius));
        beneath.put("shadow", Trees.flag(shadow));
        return put("beneath", Trees.map(beneath));
    }

    /** Drawer: sets the items that stand at its foot. */
    public FormBuilder footer(String... items) {
        return put("footer", items);
    }

    /** Drawer: sets its width in dp. */
    public FormBuilder width(double dp) {
        return put("width", dp);
    }

    /** Drawer: sets its width in dp while it is collapsed to icons. */
    public FormBuilder collapsed(double dp) {
        return put("collapsed", dp);
    }
}
