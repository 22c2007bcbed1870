package org.yonderarc.view;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.fit.Visible;
import org.yonderarc.form.FitContext;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** Fits plans to settings. Everything that changes with the state is derived here; nothing is stored. */
public final class Fitter {
    private Fitter() {}

    /** What {@code device} shows in {@code state}, in the plan's language. */
    public static Fitting fit(Walk walk, Device device, State state) {
        return fit(walk, Setting.of(device), state);
    }

    /** What is shown in {@code state}. */
    public static Fitting fit(Walk walk, Setting setting, State state) {
        return fit(walk, setting, state, new Visible(walk.plan(), setting.device(), walk.shown(state), state));
    }

    /** The same in each of these languages, in which the same shows. */
    public static List<Fitting> fit(Walk walk, Device device, State state, List<String> languages) {
        var visible = new Visible(walk.plan(), device, walk.shown(state), state);
        return languages.stream()
                .map(language -> fit(walk, new Setting(device, language, Interaction.NONE), state, visible))
                .collect(toList());
    }

    /** The scheme in which a plan is shown: as its fact says, else as asked for. */
    public static Scheme scheme(Plan plan, State state, Scheme asked) {
        return plan.theme()
                .schemeFact()
                .map(fact -> state.facts().get(fact))
                .flatMap(value -> Scheme.of(value.text()))
                .orElse(asked);
    }

    private static Fitting fit(Walk walk, Setting asked, State state, Visible visible) {
        Plan plan = walk.plan();
        Setting setting = asked.with(scheme(plan, state, asked.scheme()));
        Place place = walk.shown(state);
        Screen screen = plan.screens().get(place.screen());
        String title = FitContext.title(plan, place, state, setting.languageOf(plan));
        List<FittedBar> bars = bars(walk, setting, state, visible, title);
        return new Fitting(
                setting.in(setting.languageOf(plan)),
                plan.app(),
                place,
                walk.addressOf(place),
                title,
                setting.isRightToLeft(plan),
                bars,
                bars.stream().anyMatch(bar -> bar.form().edge() == Form.Edge.UPPER && Forms.scrollsAway(bar.form())),
                SampleContent.of(walk, place, screen, state, setting.languageOf(plan)),
                screen.picture(),
                walk.webOf(place),
                setting.themeOf(plan));
    }

    private static List<FittedBar> bars(Walk walk, Setting setting, State state, Visible visible, String title) {
        List<Bar> bars = visible.bars();
        var context = new FitContext(walk, setting, state, visible, bars, title);
        var out = new ArrayList<FittedBar>();
        bars.forEach(bar -> Forms.fit(bar, visible.form(bar), context, out));
        // A place that stands in for the screen's content has the title of its own.
        out.stream()
                .filter(bar -> bar.standing() == FittedBar.Standing.OVERFLOW)
                .filter(bar -> bar.form().edge() == Form.Edge.CONTENT)
                .findFirst()
                .ifPresent(place ->
                        out.replaceAll(bar -> bar.form().isHeader() && bar.standing() == FittedBar.Standing.OPEN
                                ? bar.withTitle(place.name()).withNote("")
                                : bar));
        return out;
    }

    /** The title of {@code place} in a language of the plan; in its first for an empty tag. */
    public static String title(Plan plan, Place place, State state, String language) {
        return FitContext.title(
                plan, place, state, language.isEmpty() ? plan.app().language() : language);
    }

    /** The title of {@code place} in the plan's language, its holes filled with parameters and facts. */
    public static String title(Plan plan, Place place, State state) {
        return FitContext.title(plan, place, state, plan.app().language());
    }
}
