package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;

/**
 * Parts of an app that have a bar of their own. An item that leads to such a part leads to one of the bar's items: to the one
 * where the person was last, which is what the trail of the item's own branch remembers.
 */
final class Parts {
    /** The items of the bar of a part, the one to start with first. */
    private final Map<String, List<Item>> tabs = new HashMap<>();

    Parts(Plan plan) {
        for (Bar bar : plan.bars()) {
            boolean holdsPlaces = bar.forms().values().stream().anyMatch(Form::holdsPlaces);
            List<Item> own = bar.menu().flatMap(plan.menus()::find).stream()
                    .flatMap(menu -> menu.items().stream())
                    .filter(item -> item.repeat().isEmpty())
                    .filter(item -> item.screen()
                            .filter(screen -> bar.within().isPresent()
                                    && plan.isWithin(screen, bar.within().get()))
                            .isPresent())
                    .collect(toList());
            if (holdsPlaces && !own.isEmpty()) {
                List<Item> ordered = Stream.concat(
                                own.stream().filter(item -> bar.defaultItem().equals(Optional.of(item.id()))),
                                own.stream().filter(item -> !bar.defaultItem().equals(Optional.of(item.id()))))
                        .collect(toList());
                plan.items()
                        .filter(item -> item.screen().equals(bar.within()))
                        .filter(item -> own.stream().noneMatch(tab -> tab.id().equals(item.id())))
                        .forEach(item -> tabs.putIfAbsent(item.id(), ordered));
            }
        }
    }

    List<Item> tabs(String item) {
        return tabs.getOrDefault(item, List.of());
    }

    /** Where an item leads that leads to a part: to the tab where the person is or was last, at first to the first that shows. */
    Optional<Item> tab(Item item, State state) {
        List<Item> all = tabs(item.id());
        Optional<Item> here =
                all.stream().filter(tab -> tab.id().equals(state.branch())).findFirst();
        Trail last = state.trails().get(item.id());
        return here.or(() -> all.stream()
                        .filter(tab -> last != null
                                && tab.place().equals(Optional.of(last.root().top())))
                        .findFirst())
                .or(() -> all.stream()
                        .filter(tab -> tab.when()
                                .map(condition -> condition.holds(state.facts()))
                                .orElse(true))
                        .findFirst());
    }

    /** The state that remembers on which tab the person is. */
    State remembered(State state) {
        State out = state;
        for (var part : tabs.entrySet()) {
            Optional<Item> here = part.getValue().stream()
                    .filter(tab -> tab.id().equals(state.branch()))
                    .findFirst();
            if (here.isPresent()) {
                Trail there = Trail.at(here.get().place().orElseThrow());
                if (!there.top()
                        .equals(Optional.ofNullable(out.trails().get(part.getKey()))
                                .map(Trail::top)
                                .orElse(null))) {
                    var trails = new HashMap<>(out.trails());
                    trails.put(part.getKey(), there);
                    out = out.withTrails(trails);
                }
            }
        }
        return out;
    }
}
