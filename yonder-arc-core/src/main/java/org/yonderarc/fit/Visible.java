package org.yonderarc.fit;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BarsOn;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.walk.State;

/** What shows on a device at a place in a state, and what doesn't. */
public final class Visible {
    private final Plan plan;
    private final Device device;
    private final Place place;
    private final State state;
    private final String kind;
    /** The selected item of each menu, found once. */
    private final Map<String, List<Item>> items = new HashMap<>();

    private final Map<String, Optional<Item>> selected = new HashMap<>();

    /** What shows of a plan there. */
    public Visible(Plan plan, Device device, Place place, State state) {
        this.plan = plan;
        this.device = device;
        this.place = place;
        this.state = state;
        this.kind = DeviceKind.at(plan.deviceKinds(), device.width());
    }

    /** The id of the device's kind. */
    public String kind() {
        return kind;
    }

    /** The form of a bar that shows on the kind of the device. */
    public Form form(Bar bar) {
        return bar.form(kind).orElseThrow();
    }

    /** The bars that show: at each edge one, the one for the smallest part of the app. */
    public List<Bar> bars() {
        var out = new ArrayList<Bar>();
        for (Bar bar : plan.bars()) {
            if (!bar(bar)) {
                continue;
            }
            Optional<Bar> rival = form(bar).edge() == Form.Edge.CONTENT
                    ? Optional.empty()
                    : out.stream()
                            .filter(other -> form(other).edge() == form(bar).edge())
                            .findFirst();
            if (rival.isEmpty()) {
                out.add(bar);
            } else if (depth(bar) > depth(rival.get())) {
                out.set(out.indexOf(rival.get()), bar);
            }
        }
        return out;
    }

    /** Whether a bar of a part stands in the place of one that leads through more of the app; headers only head it. */
    public boolean isInPlaceOfAnother() {
        List<Bar> shown = bars();
        return plan.bars().stream()
                .filter(bar -> bar.menu().isPresent() && bar(bar) && !shown.contains(bar))
                .filter(bar -> form(bar).edge() != Form.Edge.UPPER)
                .anyMatch(bar -> shown.stream()
                        .filter(other -> form(other).edge() == form(bar).edge())
                        .anyMatch(other -> other.menu().isPresent() && depth(other) > depth(bar)));
    }

    /** Whether a bar shows. */
    public boolean bar(Bar bar) {
        BarsOn bars = plan.screens().get(place.screen()).bars();
        return bar.form(kind)
                        .filter(form ->
                                form.inScreens().isEmpty() || form.inScreens().contains(place.screen()))
                        .isPresent()
                && bars.shows(bar.id())
                && bar.within().map(top -> plan.isWithin(place.screen(), top)).orElse(true)
                && at(bar.visibility());
    }

    /** How deep the part of the app is for which a bar stands. */
    private int depth(Bar bar) {
        return bar.within().map(screen -> plan.above(screen).size()).orElse(0);
    }

    /** Whether an item shows. */
    public boolean item(Item item) {
        return item.when().map(condition -> condition.holds(state.facts())).orElse(true) && at(item.visibility());
    }

    private boolean at(Visibility visibility) {
        return visibility.shows(kind, device.width(), device.height(), device.pointer());
    }

    /** The items of a menu that show, in order. */
    public List<Item> items(Menu menu) {
        return items.computeIfAbsent(
                menu.id(),
                none -> repeated(menu.items().stream()).filter(this::item).collect(toList()));
    }

    /** Each item, those that are repeated for the entries of a list. */
    public Stream<Item> repeated(Stream<Item> items) {
        return items.flatMap(item -> item.repeated(state.facts()));
    }

    /** Whether an item is the one of its menu on whose branch, or at or below whose screen, the person is. */
    public boolean isSelected(Menu menu, Item item) {
        Optional<Item> one = selected.computeIfAbsent(menu.id(), none -> selected(menu));
        // Of thousands of items all but one are told apart by their ids.
        return one.isPresent() && one.get().id().equals(item.id()) && one.get().equals(item);
    }

    private Optional<Item> selected(Menu menu) {
        List<Item> items = repeated(menu.items().stream()).collect(toList());
        Optional<Item> ofBranch = items.stream()
                .filter(item -> item.id().equals(state.branch()))
                .filter(item -> item.place().isPresent())
                .findFirst();
        if (ofBranch.isPresent()) {
            return ofBranch;
        }
        for (String screen : plan.above(place.screen())) {
            Optional<Item> nearest = items.stream()
                    .filter(other -> other.place()
                            .filter(to -> to.screen().equals(screen))
                            .isPresent())
                    .findFirst();
            if (nearest.isPresent()) {
                return nearest;
            }
        }
        return Optional.empty();
    }
}
