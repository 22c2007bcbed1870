package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * A place a person can be.
 *
 * @param id its id
 * @param title its title; may have holes for its parameters and for facts
 * @param icon the name of its icon
 * @param path its address; {@code /} and the id by default
 * @param under the id of the screen above it, from which it is opened
 * @param wireframe what previews show in it
 */
public record Screen(
        String id,
        Template title,
        Optional<String> icon,
        PathTemplate path,
        Optional<String> under,
        Wireframe wireframe)
        implements Identified {
    public Screen {
        Ids.require(id, "screen");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(icon, "icon");
        Objects.requireNonNull(path, "path");
        Objects.requireNonNull(under, "under");
        Objects.requireNonNull(wireframe, "wireframe");
    }

    /** The path that a screen has where the plan gives none. */
    public static PathTemplate defaultPath(String id) {
        return PathTemplate.parse("/" + id);
    }

    /** The title that a screen has where the plan gives none: its id in words. */
    public static Template defaultTitle(String id) {
        return Template.parse(Ids.asTitle(id));
    }
}
