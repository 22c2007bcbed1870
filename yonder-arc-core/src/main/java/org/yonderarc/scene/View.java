package org.yonderarc.scene;

import java.util.Objects;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitter;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Layouter;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * A way of looking at a walk: fit, layout and composition in one call.
 *
 * @param walk what is walked
 * @param setting on what, in which language
 * @param palette in which colours
 * @param measure how wide texts are
 */
public record View(Walk walk, Setting setting, Palette palette, TextMeasure measure) {
    public View {
        Objects.requireNonNull(walk, "walk");
        Objects.requireNonNull(setting, "setting");
        Objects.requireNonNull(palette, "palette");
        Objects.requireNonNull(measure, "measure");
    }

    /** A view on a device, in the plan's language. */
    public View(Walk walk, Device device, Palette palette, TextMeasure measure) {
        this(walk, Setting.of(device), palette, measure);
    }

    /** What the device shows in {@code state}. */
    public Scene scene(State state) {
        Fitting fitting = Fitter.fit(walk, setting, state);
        return Composer.compose(fitting, Layouter.layOut(fitting, measure), palette, measure);
    }
}
