package org.yonderarc.fit;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.App;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Theme;

/**
 * A plan fitted to one setting and one state: what is shown, before anything has a size.
 *
 * @param setting the setting, its language that of the texts
 * @param app what the plan is of
 * @param place where the person is
 * @param address the place's address
 * @param title the place's title, its holes filled
 * @param rightToLeft whether everything is mirrored
 * @param bars the bars that show
 * @param scrollsAway whether the bar at the upper edge leaves when the content scrolls
 * @param content the screen's content
 * @param picture the picture file in place of the content
 * @param web the address of the web page that the place shows
 * @param theme the plan's theme
 */
public record Fitting(
        Setting setting,
        App app,
        Place place,
        String address,
        String title,
        boolean rightToLeft,
        List<FittedBar> bars,
        boolean scrollsAway,
        FittedContent content,
        Optional<String> picture,
        Optional<String> web,
        Theme theme) {
    public Fitting {
        bars = List.copyOf(bars);
    }

    /** A word of the app's own in the language of the texts. */
    public String own(BuiltInText word) {
        return app.own(word, language());
    }

    /** The language tag (BCP 47) of the texts. */
    public String language() {
        return setting.language();
    }

    /** The device. */
    public Device device() {
        return setting.device();
    }

    /** The same in another setting that changes colours alone. */
    public Fitting in(Setting other) {
        return new Fitting(
                other, app, place, address, title, rightToLeft, bars, scrollsAway, content, picture, web, theme);
    }

    /** The same with other colours. */
    public Fitting with(Theme other) {
        return new Fitting(
                setting, app, place, address, title, rightToLeft, bars, scrollsAway, content, picture, web, other);
    }

    /** The same with other bars, and nothing in the content. */
    public Fitting onlyBars(List<FittedBar> other) {
        return new Fitting(
                setting,
                app,
                place,
                address,
                title,
                rightToLeft,
                other,
                scrollsAway,
                FittedContent.EMPTY,
                Optional.empty(),
                Optional.empty(),
                theme);
    }

    /** The bar of this form that shows; no value where none does. */
    public Optional<FittedBar> one(Form.Kind kind) {
        return bars.stream()
                .filter(bar -> bar.standing() != FittedBar.Standing.OVERFLOW)
                .filter(bar -> bar.form().kind() == kind)
                .findFirst();
    }

    /** The place that lists what didn't fit into a bar, where it is open. */
    public Optional<FittedBar> overflow() {
        return bars.stream()
                .filter(bar -> bar.standing() == FittedBar.Standing.OVERFLOW)
                .findFirst();
    }
}
