package org.yonderarc.fit;

import java.util.Optional;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/** Fits plans to devices. Everything that changes with the state is derived here; nothing is stored. */
public final class Fitter {
    /** The largest number that a badge shows; more is shown as this and a plus sign. */
    public static final int BADGE_CAP = 99;

    private Fitter() {}

    /** What {@code device} shows in {@code state}. */
    public static Fitting fit(Walk walk, Device device, State state) {
        Plan plan = walk.plan();
        Place place = state.place();
        Wireframe content = plan.screens().get(place.screen()).wireframe();
        String title = title(plan, place, state);
        return new Fitting(
                device,
                plan.app().name(),
                place,
                walk.addressOf(place),
                title,
                plan.hasTopBar() ? Optional.of(new Fitting.TopBar(title, back(plan, state))) : Optional.empty(),
                plan.bottomBar()
                        .map(bar -> new Fitting.BottomBar(
                                bar.menu(),
                                plan.menus().get(bar.menu()).items().stream()
                                        .map(item -> item(walk, item, state))
                                        .toList())),
                content.rows().stream()
                        .map(row -> row.to().map(walk::addressOf))
                        .toList(),
                content);
    }

    /** The title of {@code place}, its holes filled with parameters and facts. */
    public static String title(Plan plan, Place place, State state) {
        return plan.screens().get(place.screen()).title().fill(name -> {
            String parameter = place.parameters().get(name);
            return parameter != null
                    ? Optional.of(parameter)
                    : Optional.ofNullable(state.facts().get(name)).map(FactValue::text);
        });
    }

    private static Optional<String> back(Plan plan, State state) {
        return state.trail().below().map(below -> "Back to " + title(plan, below.top(), state));
    }

    private static FittedItem item(Walk walk, Item item, State state) {
        Screen screen = walk.plan().screens().get(item.screen());
        Place root = Place.of(item.screen());
        Trail trail = state.trails().get(item.id());
        return new FittedItem(
                item.id(),
                item.label().orElseGet(() -> title(walk.plan(), root, state)),
                item.icon().or(screen::icon),
                item.id().equals(state.branch()),
                item.badge().flatMap(fact -> badge(state.facts().get(fact))),
                walk.addressOf(trail == null ? root : trail.top()),
                new Step.Choose(item.id()));
    }

    private static Optional<String> badge(FactValue value) {
        if (value instanceof FactValue.Flag flag) {
            return flag.on() ? Optional.of("") : Optional.empty();
        }
        if (value instanceof FactValue.Number number) {
            if (number.number() <= 0) {
                return Optional.empty();
            }
            return Optional.of(number.number() > BADGE_CAP ? BADGE_CAP + "+" : number.text());
        }
        return value == null || value.text().isEmpty() ? Optional.empty() : Optional.of(value.text());
    }
}
