package org.yonderarc.fit;

import java.util.List;
import java.util.Objects;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.tree.Decimals;

/**
 * What a plan is fitted to beside the state of its walk.
 *
 * @param device the device
 * @param language the language tag (BCP 47) of the texts; empty for that of the plan
 * @param touch what pointer and keyboard are on
 * @param scrolled how far the content is scrolled, in dp, 0 or more; content that ends before stays at its end
 * @param scheme in which of the theme's two schemes
 * @param moreContrast whether the person wants more contrast
 * @param retreat how far bars at the lower edge that leave have left at most, in dp, 0 or more; never farther than the content
 *     is scrolled
 * @param ownContent whether the content is a view of the app's own: how far it can be scrolled, the app alone knows
 */
public record Setting(
        Device device,
        String language,
        Interaction touch,
        double scrolled,
        Scheme scheme,
        boolean moreContrast,
        double retreat,
        boolean ownContent) {
    /** The farthest that content is scrolled, in dp. */
    public static final double FARTHEST = 100_000;

    /** The languages that are written from right to left. */
    private static final List<String> RIGHT_TO_LEFT =
            List.of("ar", "dv", "fa", "he", "ku", "ps", "sd", "ug", "ur", "yi");

    public Setting {
        Objects.requireNonNull(device, "device");
        Objects.requireNonNull(language, "language");
        Objects.requireNonNull(touch, "touch");
        Objects.requireNonNull(scheme, "scheme");
        if (!(scrolled >= 0 && scrolled <= FARTHEST)) {
            throw new IllegalArgumentException(
                    "content is scrolled by 0 to " + (int) FARTHEST + " dp, not by " + Decimals.text(scrolled));
        }
        if (!(retreat >= 0)) {
            throw new IllegalArgumentException("a bar leaves by 0 dp or more, not by " + Decimals.text(retreat));
        }
    }

    /** Bars that leave have left as far as the content is scrolled. */
    public Setting(
            Device device, String language, Interaction touch, double scrolled, Scheme scheme, boolean moreContrast) {
        this(device, language, touch, scrolled, scheme, moreContrast, FARTHEST, false);
    }

    /** In the usual contrast. */
    public Setting(Device device, String language, Interaction touch, double scrolled, Scheme scheme) {
        this(device, language, touch, scrolled, scheme, false);
    }

    /** Content at its top, in the light scheme. */
    public Setting(Device device, String language, Interaction touch) {
        this(device, language, touch, 0, Scheme.LIGHT);
    }

    /** The same on another device. */
    public Setting with(Device other) {
        return new Setting(other, language, touch, scrolled, scheme, moreContrast, retreat, ownContent);
    }

    /** The same, touched elsewhere. */
    public Setting with(Interaction other) {
        return new Setting(device, language, other, scrolled, scheme, moreContrast, retreat, ownContent);
    }

    /** The same in another language. */
    public Setting in(String tag) {
        return new Setting(device, tag, touch, scrolled, scheme, moreContrast, retreat, ownContent);
    }

    /** The same, scrolled elsewhere. */
    public Setting scrolledBy(double dp) {
        return new Setting(device, language, touch, dp, scheme, moreContrast, retreat, ownContent);
    }

    /** The same, bars that leave having left so far at most. */
    public Setting retreat(double dp) {
        return new Setting(device, language, touch, scrolled, scheme, moreContrast, dp, ownContent);
    }

    /** The same around a view of the app's own, or around sample content. */
    public Setting ownContent(boolean own) {
        return new Setting(device, language, touch, scrolled, scheme, moreContrast, retreat, own);
    }

    /** The same in another scheme. */
    public Setting with(Scheme other) {
        return new Setting(device, language, touch, scrolled, other, moreContrast, retreat, ownContent);
    }

    /** The same for a person who wants more contrast, or the usual one. */
    public Setting moreContrast(boolean more) {
        return new Setting(device, language, touch, scrolled, scheme, more, retreat, ownContent);
    }

    /** The theme of a plan as this person sees it. */
    public Theme themeOf(Plan plan) {
        return moreContrast ? plan.theme().moreContrast() : plan.theme();
    }

    /** A device, in the plan's language and the light scheme, untouched. */
    public static Setting of(Device device) {
        return new Setting(device, "", Interaction.NONE);
    }

    /** The language of the texts of {@code plan}. */
    public String languageOf(Plan plan) {
        return language.isEmpty() ? plan.app().language() : language;
    }

    /** Whether the texts of {@code plan} run from right to left. */
    public boolean isRightToLeft(Plan plan) {
        return isRightToLeft(languageOf(plan));
    }

    /** Whether texts in a language (BCP 47) run from right to left. */
    public static boolean isRightToLeft(String tag) {
        int end = tag.indexOf('-');
        String language = end < 0 ? tag : tag.substring(0, end);
        // Most are in small letters already, and a script has to go through a table for each.
        boolean isSmall = language.chars().allMatch(letter -> letter >= 'a' && letter <= 'z');
        return RIGHT_TO_LEFT.contains(isSmall ? language : language.toLowerCase(java.util.Locale.ROOT));
    }
}
