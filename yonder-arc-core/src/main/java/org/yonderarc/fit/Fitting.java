package org.yonderarc.fit;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Wireframe;

/**
 * A plan fitted to one setting and one state: what is shown, before anything has a size.
 *
 * @param setting the setting
 * @param appName the app's name
 * @param place where the person is
 * @param address the place's address
 * @param title the place's title, its holes filled
 * @param rightToLeft whether everything is mirrored
 * @param bars the bars that show
 * @param rows the addresses that the rows of the content lead to, by row; a row that leads nowhere has none
 * @param content the screen's content
 * @param picture the picture file in place of the content
 * @param theme the plan's theme
 * @param logos the app's logos by scheme
 */
public record Fitting(
        Setting setting,
        String appName,
        Place place,
        String address,
        String title,
        boolean rightToLeft,
        List<FittedBar> bars,
        List<Optional<String>> rows,
        Wireframe content,
        Optional<String> picture,
        Theme theme,
        java.util.Map<Scheme, String> logos) {
    public Fitting {
        bars = List.copyOf(bars);
        rows = List.copyOf(rows);
    }

    /** The device. */
    public Device device() {
        return setting.device();
    }

    /** The top bar. */
    public Optional<FittedBar.Top> top() {
        return one(FittedBar.Top.class);
    }

    /** The bottom bar. */
    public Optional<FittedBar.Bottom> bottom() {
        return one(FittedBar.Bottom.class);
    }

    /** The bar of this form. */
    public <B extends FittedBar> Optional<B> one(Class<B> form) {
        return bars.stream().filter(form::isInstance).map(form::cast).findFirst();
    }
}
