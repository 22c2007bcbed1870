package org.yonderarc.fit;

import java.util.Optional;
import org.yonderarc.plan.Badge;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BarsOn;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.plan.Words;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/** Fits plans to devices. Everything that changes with the state is derived here; nothing is stored. */
public final class Fitter {
    private Fitter() {}

    /** What {@code device} shows in {@code state}. */
    public static Fitting fit(Walk walk, Device device, State state) {
        Plan plan = walk.plan();
        Place place = walk.shown(state);
        Wireframe content = plan.screens().get(place.screen()).wireframe();
        String title = title(plan, place, state);
        String kind = DeviceKind.at(plan.kinds(), device.width());
        Optional<Bar> top = bar(plan, device, kind, place, Form.Top.class);
        Optional<Bar> bottom = bar(plan, device, kind, place, Form.Bottom.class);
        return new Fitting(
                device,
                plan.app().name(),
                place,
                walk.addressOf(place),
                title,
                top.map(bar -> new Fitting.TopBar(title, back(plan, state))),
                bottom.map(bar -> new Fitting.BottomBar(
                        bar.menu().orElseThrow(),
                        plan.menus().get(bar.menu().orElseThrow()).items().stream()
                                .filter(item -> shows(item, device, kind, state))
                                .map(item -> item(walk, item, state))
                                .toList())),
                content.rows().stream()
                        .map(row -> row.to().map(walk::addressOf))
                        .toList(),
                content);
    }

    /** The first bar that takes this form here. */
    private static Optional<Bar> bar(Plan plan, Device device, String kind, Place place, Class<? extends Form> form) {
        BarsOn bars = plan.screens().get(place.screen()).bars();
        return plan.bars().stream()
                .filter(bar -> bar.form(kind).filter(form::isInstance).isPresent())
                .filter(bar -> bars.shows(bar.id()))
                .filter(bar -> bar.within()
                        .map(top -> plan.isWithin(place.screen(), top))
                        .orElse(true))
                .filter(bar -> shows(bar.visibility(), device, kind))
                .findFirst();
    }

    private static boolean shows(Item item, Device device, String kind, State state) {
        return item.when().map(condition -> condition.holds(state.facts())).orElse(true)
                && shows(item.visibility(), device, kind);
    }

    private static boolean shows(Visibility visibility, Device device, String kind) {
        return visibility.shows(kind, device.width(), device.height(), Visibility.Pointer.COARSE);
    }

    /** The title of {@code place}, its holes filled with parameters and facts. */
    public static String title(Plan plan, Place place, State state) {
        return plan.screens().get(place.screen()).title().fill(plan.app().language(), name -> {
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
        Plan plan = walk.plan();
        Optional<Screen> screen = item.screen().flatMap(plan.screens()::find);
        Optional<Place> root = item.place();
        Trail trail = state.trails().get(item.id());
        String label = label(plan, item, state);
        boolean selected = item.id().equals(state.branch());
        return new FittedItem(
                item.id(),
                label,
                item.shortLabel().map(words -> filled(plan, words, state)).orElse(label),
                item.spoken().map(words -> filled(plan, words, state)).orElse(label),
                selected
                        ? item.selectedIcon().or(item::icon).or(() -> screen.flatMap(Screen::icon))
                        : item.icon().or(() -> screen.flatMap(Screen::icon)),
                selected,
                item.enabled().map(condition -> condition.holds(state.facts())).orElse(true),
                item.badge().flatMap(badge -> badge(badge, state.facts().get(badge.fact()))),
                root.map(place -> walk.addressOf(trail == null ? place : trail.top())),
                new Step.Choose(item.id()));
    }

    /** What an item says: its label, else the title of its screen, else its target in words. */
    public static String label(Plan plan, Item item, State state) {
        if (item.label().isPresent()) {
            return filled(plan, item.label().get(), state);
        }
        Target target = item.target();
        if (target instanceof Target.ToScreen to) {
            return title(plan, to.place(), state);
        }
        if (target instanceof Target.ToApp to) {
            return Ids.asTitle(to.name());
        }
        return target instanceof Target.ToWeb to ? to.address() : ((Target.ToDocument) target).file();
    }

    private static String filled(Plan plan, Words words, State state) {
        return words.fill(
                plan.app().language(),
                name -> Optional.ofNullable(state.facts().get(name)).map(FactValue::text));
    }

    /** What a badge says: an empty text for a dot, no value where it is hidden. */
    private static Optional<String> badge(Badge badge, FactValue value) {
        boolean hidden = value == null
                || value.text().isEmpty()
                || value instanceof FactValue.Flag flag && !flag.on()
                || value instanceof FactValue.Number number && number.number() <= 0;
        if (hidden) {
            return Optional.empty();
        }
        if (badge.style() == Badge.Style.DOT || value instanceof FactValue.Flag) {
            return Optional.of("");
        }
        boolean over = value instanceof FactValue.Number number && number.number() > badge.cap();
        return Optional.of(over ? badge.cap() + "+" : value.text());
    }
}
