package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.HashMap;
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
 * @param kinds the kinds of devices
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
        Catalog<DeviceKind> kinds,
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
        Objects.requireNonNull(kinds, "kinds");
        Objects.requireNonNull(facts, "facts");
        Objects.requireNonNull(screens, "screens");
        Objects.requireNonNull(menus, "menus");
        bars = List.copyOf(bars);
        accepted = List.copyOf(accepted);
    }

    /** All items of all menus, in order. */
    public Stream<Item> items() {
        return menus.stream().flatMap(menu -> menu.items().stream());
    }

    /** The bars of a plan that defines none: a bottom bar with the first menu, and a top bar. */
    public static List<Bar> defaultBars(Catalog<Menu> menus) {
        var bars = new ArrayList<Bar>();
        menus.stream().findFirst().ifPresent(menu -> bars.add(Bar.of(Form.Bottom.DEFAULT, Optional.of(menu.id()))));
        bars.add(Bar.of(Form.Top.DEFAULT, Optional.empty()));
        return bars;
    }

    /** The facts before the app has told any. */
    public Map<String, FactValue> initialFacts() {
        var values = new HashMap<String, FactValue>();
        facts.forEach(fact -> values.put(fact.id(), fact.initial()));
        return Map.copyOf(values);
    }

    /** Whether {@code screen} is {@code top} or stands somewhere below it. */
    public boolean isWithin(String screen, String top) {
        Optional<Screen> at = screens.find(screen);
        for (int steps = 0; at.isPresent() && steps <= screens.list().size(); steps++) {
            if (at.get().id().equals(top)) {
                return true;
            }
            at = at.get().under().flatMap(screens::find);
        }
        return false;
    }
}
