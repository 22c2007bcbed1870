package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What lies behind a bar. What it doesn't say is as in the style below it, at last what is usual for the form.
 *
 * @param fill its colour or gradient
 * @param border its edge
 * @param shadow its shadow
 * @param opacity how much of the content beneath it hides, within {@link #OPACITY}; below 1, the content goes on beneath
 */
public record Background(
        Optional<Fill> fill, Optional<Border> border, Optional<Shadow> shadow, Optional<Double> opacity) {
    /** Opacities. */
    public static final Range OPACITY = new Range(0, 1);
    /** Says nothing. */
    public static final Background NONE =
            new Background(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Background {
        Objects.requireNonNull(fill, "fill");
        Objects.requireNonNull(border, "border");
        Objects.requireNonNull(shadow, "shadow");
        OPACITY.require(opacity, "the opacity of a bar");
    }

    /**
     * The edge of a bar.
     *
     * @param paint its colour; none for no edge
     * @param width its width in dp, within {@link #WIDTH}
     * @param around whether it goes all around; otherwise it lies towards the content
     */
    public record Border(Paint paint, double width, boolean around) {
        /** Widths in dp. */
        public static final Range WIDTH = new Range(0.5, 8);

        public Border {
            Objects.requireNonNull(paint, "paint");
            WIDTH.require(width, "the width of a bar's edge");
        }
    }

    /** Whether the content can be seen through it. */
    public boolean isClear() {
        return opacity.orElse(1.0) < 1;
    }

    /** This ground, and {@code base} where it says nothing. */
    public Background over(Background base) {
        return new Background(
                fill.or(() -> base.fill),
                border.or(() -> base.border),
                shadow.or(() -> base.shadow),
                opacity.or(() -> base.opacity));
    }

    /** The colours that can lie behind what stands on it, all of it opaque; empty where it says no colour of its own. */
    public List<Colour> behind(Theme theme, Scheme scheme) {
        Colour below = theme.colour(scheme, Role.BACKGROUND);
        double share = opacity.orElse(1.0);
        return fill.map(own -> own.in(theme, scheme).stream()
                        .map(Fill.Shade::colour)
                        .map(colour -> below.mixedWith(colour.withAlpha(1), colour.alpha() * share))
                        .map(colour -> colour.withAlpha(1))
                        .collect(toList()))
                .orElse(List.of());
    }
}
