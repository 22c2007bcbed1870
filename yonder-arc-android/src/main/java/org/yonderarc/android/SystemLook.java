package org.yonderarc.android;

import android.animation.ValueAnimator;
import android.app.UiModeManager;
import android.content.Context;
import android.content.res.Configuration;
import android.os.Build;
import android.os.LocaleList;
import android.view.View;
import android.view.WindowInsets;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.stage.Surroundings;

/** What the system says of a person's preferences and of the place that a view has. */
final class SystemLook {
    /** A person who sets their contrast higher than halfway wants more than usual; from 0 to 1, usually 0. */
    private static final float MORE_CONTRAST = 0.5f;
    /** Insets leave more than half of a device. */
    private static final double MOST_INSETS = 0.45;

    private SystemLook() {}

    /** The surroundings of a view, before it has its place: as large as the screen. */
    static Surroundings of(Context context, Plan plan) {
        Configuration told = context.getResources().getConfiguration();
        return of(context, plan, device(told, told.screenWidthDp, told.screenHeightDp, Insets.NONE));
    }

    /**
     * The surroundings of a view in its place.
     *
     * @param covered what of the window is covered, as the view was told; null before it was
     */
    static Surroundings of(View view, @Nullable WindowInsets covered, Plan plan, double density) {
        Configuration told = view.getResources().getConfiguration();
        double width = view.getWidth() / density;
        double height = view.getHeight() / density;
        return of(view.getContext(), plan, device(told, width, height, insets(view, covered, density)));
    }

    private static Surroundings of(Context context, Plan plan, Device device) {
        Configuration told = context.getResources().getConfiguration();
        boolean isDark = (told.uiMode & Configuration.UI_MODE_NIGHT_MASK) == Configuration.UI_MODE_NIGHT_YES;
        return Surroundings.of(device)
                .in(language(told.getLocales(), plan))
                .in(isDark ? Scheme.DARK : Scheme.LIGHT)
                .lessMotion(!ValueAnimator.areAnimatorsEnabled())
                .moreContrast(wantsMoreContrast(context));
    }

    private static boolean wantsMoreContrast(Context context) {
        return Build.VERSION.SDK_INT >= 34
                && context.getSystemService(UiModeManager.class).getContrast() >= MORE_CONTRAST;
    }

    private static Device device(Configuration told, double width, double height, Insets insets) {
        double across = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, width));
        double down = Math.max(Device.SMALLEST, Math.min(Device.LARGEST, height));
        double text = Math.max(Device.SMALLEST_TEXT, Math.min(Device.LARGEST_TEXT, told.fontScale));
        boolean isTouched = told.touchscreen != Configuration.TOUCHSCREEN_NOTOUCH;
        Visibility.Pointer pointer = isTouched ? Visibility.Pointer.COARSE : Visibility.Pointer.FINE;
        double sides = Math.min(1, MOST_INSETS * across / Math.max(1, insets.left() + insets.right()));
        double ends = Math.min(1, MOST_INSETS * down / Math.max(1, insets.top() + insets.bottom()));
        var safe =
                new Insets(insets.top() * ends, insets.right() * sides, insets.bottom() * ends, insets.left() * sides);
        return new Device("window", across, down, safe, text, pointer);
    }

    /** What bars of the system and cut-outs cover of a view, in dp. */
    private static Insets insets(View view, @Nullable WindowInsets told, double density) {
        if (told == null) {
            return Insets.NONE;
        }
        var at = new int[2];
        view.getLocationInWindow(at);
        View root = view.getRootView();
        int[] edges = edges(told);
        return new Insets(
                covered(edges[0], at[1]) / density,
                covered(edges[1], root.getWidth() - at[0] - view.getWidth()) / density,
                covered(edges[2], root.getHeight() - at[1] - view.getHeight()) / density,
                covered(edges[3], at[0]) / density);
    }

    /** How much of a view an edge of the window covers that is so far away from it; a view may reach beyond the window. */
    private static double covered(int edge, int away) {
        return Math.max(0, edge - Math.max(0, away));
    }

    /** Top, right, bottom and left of the window, in pixels. */
    @SuppressWarnings("deprecation") // of the insets before API level 30
    private static int[] edges(WindowInsets told) {
        if (Build.VERSION.SDK_INT >= 30) {
            android.graphics.Insets all =
                    told.getInsets(WindowInsets.Type.systemBars() | WindowInsets.Type.displayCutout());
            return new int[] {all.top, all.right, all.bottom, all.left};
        }
        return new int[] {
            told.getSystemWindowInsetTop(),
            told.getSystemWindowInsetRight(),
            told.getStableInsetBottom(),
            told.getSystemWindowInsetLeft()
        };
    }

    /** The first of a person's languages in which the plan has texts: in their region, or at all; empty for the plan's own. */
    private static String language(LocaleList wanted, Plan plan) {
        List<String> known = plan.app().languages();
        for (int i = 0; i < wanted.size(); i++) {
            Locale locale = wanted.get(i);
            if (known.contains(locale.toLanguageTag())) {
                return locale.toLanguageTag();
            }
            for (String tag : known) {
                if (Locale.forLanguageTag(tag).getLanguage().equals(locale.getLanguage())) {
                    return tag;
                }
            }
        }
        return "";
    }
}
