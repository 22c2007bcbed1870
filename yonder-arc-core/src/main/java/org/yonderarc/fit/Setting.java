package org.yonderarc.fit;

import java.util.List;
import java.util.Objects;
import org.yonderarc.plan.Plan;

/**
 * What a plan is fitted to beside the state of its walk.
 *
 * @param device the device
 * @param language the language tag (BCP 47) of the texts; empty for that of the plan
 * @param touch what pointer and keyboard are on
 */
public record Setting(Device device, String language, Touch touch) {
    /** The languages that are written from right to left. */
    private static final List<String> RIGHT_TO_LEFT =
            List.of("ar", "dv", "fa", "he", "ku", "ps", "sd", "ug", "ur", "yi");

    public Setting {
        Objects.requireNonNull(device, "device");
        Objects.requireNonNull(language, "language");
        Objects.requireNonNull(touch, "touch");
    }

    /** A device, in the plan's language, untouched. */
    public static Setting of(Device device) {
        return new Setting(device, "", Touch.NONE);
    }

    /** The language of the texts of {@code plan}. */
    String languageOf(Plan plan) {
        return language.isEmpty() ? plan.app().language() : language;
    }

    /** Whether the texts of {@code plan} run from right to left. */
    public boolean isRightToLeft(Plan plan) {
        String tag = languageOf(plan);
        int end = tag.indexOf('-');
        return RIGHT_TO_LEFT.contains((end < 0 ? tag : tag.substring(0, end)).toLowerCase(java.util.Locale.ROOT));
    }
}
