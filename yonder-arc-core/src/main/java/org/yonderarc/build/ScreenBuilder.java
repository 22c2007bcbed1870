package org.yonderarc.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.PathTemplate;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Template;
import org.yonderarc.plan.Wireframe;

/** Defines one screen of a {@link PlanBuilder}. */
public final class ScreenBuilder {
    private final String id;
    private final List<Row> rows = new ArrayList<>();
    private Template title;
    private PathTemplate path;
    private Optional<String> icon = Optional.empty();
    private Optional<String> under = Optional.empty();
    private Wireframe.Kind kind = Wireframe.Kind.EMPTY;

    ScreenBuilder(String id) {
        this.id = Ids.require(id, "screen");
        this.title = Screen.defaultTitle(id);
        this.path = Screen.defaultPath(id);
    }

    /** Sets the title; it may have holes for parameters and facts: {@code Survey {survey}}. */
    public ScreenBuilder title(String template) {
        title = Template.parse(template);
        return this;
    }

    /** Sets the icon by its name. */
    public ScreenBuilder icon(String name) {
        icon = Optional.of(name);
        return this;
    }

    /** Sets the address: {@code /surveys/{survey}}. */
    public ScreenBuilder path(String template) {
        path = PathTemplate.parse(template);
        return this;
    }

    /** Sets the screen above this one. */
    public ScreenBuilder under(String parent) {
        under = Optional.of(parent);
        return this;
    }

    /** Sets what previews show in the screen. */
    public ScreenBuilder wireframe(Wireframe.Kind content) {
        kind = content;
        return this;
    }

    /** Adds a row of sample content. */
    public ScreenBuilder row(String title, String note, String value) {
        rows.add(new Row(title, note, value, Optional.empty()));
        return this;
    }

    /** Adds a row of sample content that opens {@code place}, written as {@code survey?survey=41}. */
    public ScreenBuilder row(String title, String note, String value, String place) {
        rows.add(new Row(title, note, value, Optional.of(Place.parse(place))));
        return this;
    }

    Screen build() {
        return new Screen(id, title, icon, path, under, new Wireframe(kind, rows));
    }
}
