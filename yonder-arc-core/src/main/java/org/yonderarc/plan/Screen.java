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
 * @param parameters what those parameters of the path take that don't take any text
 * @param under the id of the screen above it, from which it is opened
 * @param needs shown only while this holds
 * @param otherwise the id of the screen that is shown in its place while {@code needs} doesn't hold
 * @param bars which bars show on it
 * @param transition how it follows another; by default as the plan's motion says
 * @param wireframe what previews show in it
 * @param picture a picture file that previews show in place of the wireframe, inside of the plan's folder
 * @param web the address of the web page that it shows (RFC 3986, http or https); may have holes for its parameters
 */
public record Screen(
        String id,
        Words title,
        Optional<String> icon,
        PathTemplate path,
        Catalog<Parameter> parameters,
        Optional<String> under,
        Optional<Condition> needs,
        Optional<String> otherwise,
        BarsOn bars,
        Optional<Transition> transition,
        Wireframe wireframe,
        Optional<String> picture,
        Optional<Template> web)
        implements Identified {
    public Screen {
        Ids.require(id, "screen");
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(icon, "icon");
        Objects.requireNonNull(path, "path");
        Objects.requireNonNull(parameters, "parameters");
        Objects.requireNonNull(under, "under");
        Objects.requireNonNull(needs, "needs");
        Objects.requireNonNull(otherwise, "otherwise");
        Objects.requireNonNull(bars, "bars");
        Objects.requireNonNull(transition, "transition");
        Objects.requireNonNull(wireframe, "wireframe");
        Objects.requireNonNull(picture, "picture");
        Objects.requireNonNull(web, "web");
    }

    /** The path that a screen has where the plan gives none. */
    public static PathTemplate defaultPath(String id) {
        return PathTemplate.parse("/" + id);
    }

    /** The title that a screen has where the plan gives none: its id in words. */
    public static Words defaultTitle(String id) {
        return Words.of(Ids.asTitle(id));
    }
}
