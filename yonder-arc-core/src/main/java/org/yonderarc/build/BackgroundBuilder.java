package org.yonderarc.build;

import java.util.LinkedHashMap;
import java.util.function.Consumer;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines what lies behind a bar. A paint is the word of a role, the name of a colour, or a colour as CSS writes it. */
public final class BackgroundBuilder extends MapBuilder<BackgroundBuilder> {
    BackgroundBuilder() {}

    @Override
    BackgroundBuilder self() {
        return this;
    }

    /** Fills it with one paint. */
    public BackgroundBuilder fill(String paint) {
        return put("fill", paint);
    }

    /** Fills it with a colour for each scheme, or with a gradient. */
    public BackgroundBuilder fill(Consumer<? super FillBuilder> define) {
        return put("fill", Defined.by(new FillBuilder(), define).tree());
    }

    /** Sets its edge: a paint or none, a width in dp, and whether it goes all around. */
    public BackgroundBuilder border(String paint, double width, boolean around) {
        var edge = new LinkedHashMap<String, Value>();
        edge.put("colour", Trees.text(paint));
        edge.put("width", Trees.number(width));
        edge.put("around", Trees.flag(around));
        return put("border", Trees.map(edge));
    }

    /** Says whether it casts a shadow. */
    public BackgroundBuilder shadow(boolean casts) {
        return put("shadow", casts);
    }

    /** Sets its shadow: a paint, how far it reaches beyond the bar, and how far it is moved in reading direction and down, in dp. */
    public BackgroundBuilder shadow(String paint, double blur, double x, double y) {
        var shadow = new LinkedHashMap<String, Value>();
        shadow.put("colour", Trees.text(paint));
        shadow.put("blur", Trees.number(blur));
        shadow.put("x", Trees.number(x));
        shadow.put("y", Trees.number(y));
        return put("shadow", Trees.map(shadow));
    }

    /** Sets how much of the content beneath it hides, from 0 to 1; below 1, the content goes on beneath. */
    public BackgroundBuilder opacity(double share) {
        return put("opacity", share);
    }
}
