package org.yonderarc.build;

import java.util.LinkedHashMap;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Defines a colour or a gradient. A paint is the word of a role, the name of a colour, or a colour as CSS writes it. */
public final class FillBuilder extends MapBuilder<FillBuilder> {
    FillBuilder() {}

    @Override
    FillBuilder self() {
        return this;
    }

    /** Sets its colour, or where a gradient starts. */
    public FillBuilder from(String paint) {
        return put("from", paint);
    }

    /** As {@link #from(String)}, one paint for each scheme. */
    public FillBuilder from(String light, String dark) {
        return put("from", each(light, dark));
    }

    /** Adds a paint that a gradient goes through, evenly spread with the others. */
    public FillBuilder through(String paint) {
        return add("through", Trees.text(paint));
    }

    /** Adds a paint that a gradient goes through at a place from 0 at its start to 1 at its end. */
    public FillBuilder through(String paint, double at) {
        var stop = new LinkedHashMap<String, Value>();
        stop.put("colour", Trees.text(paint));
        stop.put("offset", Trees.number(at));
        return add("through", Trees.map(stop));
    }

    /** Sets where a gradient ends. */
    public FillBuilder to(String paint) {
        return put("to", paint);
    }

    /** As {@link #to(String)}, one paint for each scheme. */
    public FillBuilder to(String light, String dark) {
        return put("to", each(light, dark));
    }

    /** Sets the direction of a gradient in degrees, as in CSS: 0 upwards, 90 in reading direction. */
    public FillBuilder angle(double degrees) {
        return put("angle", degrees);
    }
}
