package org.yonderarc.plan;

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
 * @param facts the live values that the app tells
 * @param screens the screens
 * @param menus the menus
 * @param bars the bars
 */
public record Plan(App app, Catalog<Fact> facts, Catalog<Screen> screens, Catalog<Menu> menus, List<Bar> bars) {
    /** The version of the plan format, the value of the key {@code yonder}. */
    public static final int FORMAT = 1;

    public Plan {
        Objects.requireNonNull(app, "app");
        Objects.requireNonNull(facts, "facts");
        Objects.requireNonNull(screens, "screens");
        Objects.requireNonNull(menus, "menus");
        bars = List.copyOf(bars);
    }

    /** All items of all menus, in order. */
    public Stream<Item> items() {
        return menus.stream().flatMap(menu -> menu.items().stream());
    }

    /** The first bottom bar. */
    public Optional<Bar.Bottom> bottomBar() {
        return bars.stream()
                .filter(Bar.Bottom.class::isInstance)
                .map(Bar.Bottom.class::cast)
                .findFirst();
    }

    /** Whether the plan has a top bar. */
    public boolean hasTopBar() {
        return bars.stream().anyMatch(Bar.Top.class::isInstance);
    }

    /** The facts before the app has told any. */
    public Map<String, FactValue> initialFacts() {
        var values = new HashMap<String, FactValue>();
        facts.forEach(fact -> values.put(fact.id(), fact.initial()));
        return Map.copyOf(values);
    }
}
