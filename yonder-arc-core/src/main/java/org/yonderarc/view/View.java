package org.yonderarc.view;

import java.util.Objects;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.scene.Scene;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * A way of looking at a walk: fit, layout and composition in one call. The colours are those of the plan's theme, in the scheme of
 * the setting.
 *
 * @param walk what is walked
 * @param setting on what, in which language, in which scheme
 * @param measure how wide texts are
 */
public record View(Walk walk, Setting setting, TextMeasure measure) {
    public View {
        Objects.requireNonNull(walk, "walk");
        Objects.requireNonNull(setting, "setting");
        Objects.requireNonNull(measure, "measure");
    }

    /** A view on a device, in the plan's language and the light scheme. */
    public View(Walk walk, Device device, TextMeasure measure) {
        this(walk, Setting.of(device), measure);
    }

    /** The same in another setting. */
    public View with(Setting other) {
        return new View(walk, other, measure);
    }

    /** What the device shows in {@code state}. */
    public Scene scene(State state) {
        Fitting fitting = Fitter.fit(walk, setting, state);
        return Composer.compose(fitting, Layouter.layOut(fitting, measure), measure);
    }
}
