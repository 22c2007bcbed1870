package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines one screen of a {@link PlanBuilder}. */
public final class ScreenBuilder extends MapBuilder<ScreenBuilder> {
    private final Rows wireframe = new Rows();
    private final Map<String, Value> parameters = new LinkedHashMap<>();

    ScreenBuilder() {}

    @Override
    ScreenBuilder self() {
        return this;
    }

    /** Sets the title; it may have holes for parameters and facts: {@code Survey {survey}}. */
    public ScreenBuilder title(String template) {
        return put("title", template);
    }

    /** Sets the title in several languages, by language tag. */
    public ScreenBuilder title(Map<String, String> templates) {
        return put("title", Translations.of(templates));
    }

    /** Sets how the screen follows another. */
    public ScreenBuilder transition(MotionBuilder transition) {
        return put("transition", transition.tree());
    }

    /** Sets the icon by its name. */
    public ScreenBuilder icon(String name) {
        return put("icon", name);
    }

    /** Sets the address: {@code /surveys/{survey}}. */
    public ScreenBuilder path(String template) {
        return put("path", template);
    }

    /** Sets what a parameter of the path takes. */
    public ScreenBuilder parameter(String name, Parameter.Kind kind) {
        parameters.put(name, Trees.text(kind.name().toLowerCase(Locale.ROOT)));
        return put("parameters", Trees.map(parameters));
    }

    /** Sets the screen above this one. */
    public ScreenBuilder under(String parent) {
        return put("under", parent);
    }

    /** Shows the screen only while a condition holds, and another in its place while it doesn't. */
    public ScreenBuilder needs(String condition, String otherwise) {
        return put("needs", condition).put("otherwise", otherwise);
    }

    /** Shows the screen only while a condition holds, and nothing in its place while it doesn't. */
    public ScreenBuilder needsOnly(String condition) {
        return put("needs", condition);
    }

    /** Shows no bar on the screen. */
    public ScreenBuilder noBars() {
        return put("bars", "none");
    }

    /** Shows only these bars on the screen. */
    public ScreenBuilder bars(String... ids) {
        return put("bars", ids);
    }

    /** Sets what previews show in the screen. */
    public ScreenBuilder wireframe(Wireframe.Kind content) {
        wireframe.put("kind", content);
        return this;
    }

    /** Sets a picture file that previews show in place of the wireframe. */
    public ScreenBuilder picture(String file) {
        return put("picture", file);
    }

    /** Lets it show a web page, at an address with holes for its parameters; the host opens it. */
    public ScreenBuilder web(String address) {
        return put("web", address);
    }

    /** Adds a row of sample content. */
    public ScreenBuilder row(String title, String note, String value) {
        return row(title, note, value, "");
    }

    /** Adds a row of sample content that opens {@code place}, written as {@code survey?survey=41}. */
    public ScreenBuilder row(String title, String note, String value, String place) {
        var row = new LinkedHashMap<String, Value>();
        row.put("title", Trees.text(title));
        row.put("note", Trees.text(note));
        row.put("value", Trees.text(value));
        if (!place.isEmpty()) {
            row.put("screen", Trees.text(place));
        }
        wireframe.add("rows", Trees.map(row));
        return this;
    }

    /** Adds a row of sample content that is shown only while a condition holds. */
    public ScreenBuilder rowWhen(String condition, String title, String note, String value) {
        var row = new LinkedHashMap<String, Value>();
        row.put("title", Trees.text(title));
        row.put("note", Trees.text(note));
        row.put("value", Trees.text(value));
        row.put("when", Trees.text(condition));
        wireframe.add("rows", Trees.map(row));
        return this;
    }

    @Override
    MapValue tree() {
        MapValue rows = wireframe.tree();
        if (!rows.entries().isEmpty()) {
            if (rows.entry("kind").isEmpty()) {
                wireframe.put("kind", Wireframe.Kind.EMPTY);
            }
            put("wireframe", wireframe.tree());
        }
        return super.tree();
    }

    private static final class Rows extends MapBuilder<Rows> {
        @Override
        Rows self() {
            return this;
        }
    }
}
