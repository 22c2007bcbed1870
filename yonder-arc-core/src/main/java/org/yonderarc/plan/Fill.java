package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What fills an area: a colour, or a gradient.
 *
 * @param from its colour, or where a gradient starts
 * @param through what a gradient goes through between its ends, in order
 * @param to where a gradient ends; no value for a colour
 * @param angle the direction of a gradient in degrees, within {@link #ANGLE}, as in CSS: 0 upwards, 90 in reading direction
 */
public record Fill(Paint from, List<Stop> through, Optional<Paint> to, double angle) {
    /** Directions in degrees. */
    public static final Range ANGLE = new Range(0, 360);
    /** The usual direction in degrees. */
    public static final double USUAL_ANGLE = 135;
    /** More stops than this can't be told apart. */
    public static final int MOST_STOPS = 16;

    public Fill {
        Objects.requireNonNull(from, "from");
        through = List.copyOf(through);
        Objects.requireNonNull(to, "to");
        ANGLE.require(angle, "the angle of a gradient");
        if (!through.isEmpty() && to.isEmpty()) {
            throw new IllegalArgumentException(
                    "a gradient that goes through a colour ends at one, too: \"to: ...\" is missing");
        }
        if (angle != USUAL_ANGLE && to.isEmpty()) {
            throw new IllegalArgumentException("one colour has no direction: \"to: ...\" is missing");
        }
        if (through.size() > MOST_STOPS) {
            throw new IllegalArgumentException("a gradient has at most " + MOST_STOPS + " colours between its ends");
        }
    }

    /** One colour. */
    public static Fill of(Paint paint) {
        return new Fill(paint, List.of(), Optional.empty(), USUAL_ANGLE);
    }

    /**
     * A colour that a gradient goes through.
     *
     * @param paint the colour
     * @param offset where, from 0 at the start to 1 at the end; no value for evenly spread
     */
    public record Stop(Paint paint, Optional<Double> offset) {
        /** Places on the way. */
        public static final Range AT = new Range(0, 1);

        public Stop {
            Objects.requireNonNull(paint, "paint");
            AT.require(offset, "the place of a colour in a gradient");
        }
    }

    /**
     * A colour of a gradient.
     *
     * @param at where, from 0 at the start to 1 at the end; never before the one before it
     * @param colour the colour
     */
    public record Shade(double at, Colour colour) {}

    /** The colours in a scheme of a theme, the first at 0; a single one for a plain colour. */
    public List<Shade> in(Theme theme, Scheme scheme) {
        var shades = new ArrayList<Shade>();
        shades.add(new Shade(0, from.in(theme, scheme)));
        if (to.isEmpty()) {
            return shades;
        }
        double least = 0;
        for (int i = 0; i < through.size(); i++) {
            Stop stop = through.get(i);
            // As in CSS Images, a stop before the one before it stands at its place.
            least = Math.max(least, stop.offset().orElse((i + 1.0) / (through.size() + 1)));
            shades.add(new Shade(least, stop.paint().in(theme, scheme)));
        }
        shades.add(new Shade(1, to.get().in(theme, scheme)));
        return shades;
    }

    /** The colour in the middle between all of them. */
    public static Colour middle(List<Shade> shades) {
        Colour mixed = shades.get(0).colour();
        for (int i = 1; i < shades.size(); i++) {
            mixed = mixed.mixedWith(shades.get(i).colour(), 1.0 / (i + 1));
        }
        return mixed;
    }
}
