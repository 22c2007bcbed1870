package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The whole definition of one app's navigation. Immutable, and nothing but data: links are names, and a plan whose
 * links lead nowhere can be built, written and checked. Only a plan without errors can be walked and drawn.
 *
 * @param app what the plan is of
 * @param theme its colours
 * @param styles the styles that bars and items share
 * @param motion how things move
 * @param deviceKinds the kinds of devices
 * @param devices the devices of its own that pictures show
 * @param facts the live values that the app tells
 * @param screens the screens
 * @param menus the menus
 * @param bars the bars
 * @param accepted the findings that the author accepts, each with the reason
 */
public record Plan(
        App app,
        Theme theme,
        Catalog<Style.Named> styles,
        Motion motion,
        Catalog<DeviceKind> deviceKinds,
        Catalog<DevicePreset> devices,
        Catalog<Fact> facts,
        Catalog<Screen> screens,
        Catalog<Menu> menus,
        List<Bar> bars,
        List<Acceptance> accepted) {
    /** The version of the plan format, the value of the key {@code yonder}. */
    public static final int FORMAT = 1;

    public Plan {
        Objects.requireNonNull(app, "app");
        Objects.requireNonNull(theme, "theme");
        Objects.requireNonNull(styles, "styles");
        Objects.requireNonNull(motion, "motion");
        Objects.requireNonNull(deviceKinds, "deviceKinds");
        Objects.requireNonNull(devices, "devices");
        Objects.requireNonNull(facts, "facts");
        Objects.requireNonNull(screens, "screens");
        menus = Catalog.of(menus.stream().map(menu -> menu.of(screens)).collect(toList()));
        bars = List.copyOf(bars);
        accepted = List.copyOf(accepted);
    }

    /** All items of all menus, in order. */
    public Stream<Item> items() {
        return menus.stream().flatMap(menu -> menu.items().stream());
    }

    /**
     * The id of the screen that is shown first: the one that the app names, else that of the first item of the first menu that
     * leads to a screen without parameters; no value where there is none.
     */
    public Optional<String> start() {
        return app.start().or(() -> menus.stream()
                .flatMap(menu -> menu.items().stream())
                .flatMap(item -> item.place().stream())
                .filter(place -> place.parameters().isEmpty())
                .map(Place::screen)
                .filter(id -> screens.find(id)
                        .filter(screen -> screen.path().required().isEmpty())
                        .isPresent())
                .findFirst());
    }

    /** The bars of a plan that defines none: a bottom bar with the first menu, and a top bar. */
    public static List<Bar> defaultBars(Catalog<Menu> menus) {
        var bars = new ArrayList<Bar>();
        menus.stream().findFirst().ifPresent(menu -> bars.add(Bar.of(BottomForm.DEFAULT, Optional.of(menu.id()))));
        bars.add(Bar.of(TopForm.DEFAULT, Optional.empty()));
        return bars;
    }

    /** The facts before the app has told any. */
    public Map<String, FactValue> initialFacts() {
        var values = new HashMap<String, FactValue>();
        facts.forEach(fact -> values.put(fact.id(), fact.initial()));
        return Map.copyOf(values);
    }

    /**
     * A screen and those above it, up to the one that stands under none; each once, even where they go round in a circle. Empty
     * for a screen that doesn't exist.
     */
    public List<String> above(String screen) {
        var chain = new LinkedHashSet<String>();
        for (Optional<Screen> at = screens.find(screen);
                at.isPresent() && chain.add(at.get().id());
                at = at.get().under().flatMap(screens::find)) {
            // Each turn goes one screen up.
        }
        return List.copyOf(chain);
    }

    /** Whether its bars show one menu between them, or none: no bar has to be told from another by its name. */
    public boolean hasOneMenu() {
        Optional<String> first = Optional.empty();
        for (Bar bar : bars) {
            if (first.isPresent() && bar.menu().isPresent() && !bar.menu().equals(first)) {
                return false;
            }
            first = first.isPresent() ? first : bar.menu();
        }
        return true;
    }

    /** Whether {@code screen} is {@code top} or stands somewhere below it. */
    public boolean isWithin(String screen, String top) {
        return above(screen).contains(top);
    }

    /** The same with other colours. */
    public Plan withTheme(Theme other) {
        return new Plan(app, other, styles, motion, deviceKinds, devices, facts, screens, menus, bars, accepted);
    }

    /** The same with other bars. */
    public Plan withBars(List<Bar> other) {
        return new Plan(app, theme, styles, motion, deviceKinds, devices, facts, screens, menus, other, accepted);
    }

    /** The same with other menus. */
    public Plan withMenus(Catalog<Menu> other) {
        return new Plan(app, theme, styles, motion, deviceKinds, devices, facts, screens, other, bars, accepted);
    }
}
