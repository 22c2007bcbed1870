package org.yonderarc.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
final class Shows {
    /** The narrowest slot of a bottom bar in dp. */
    private static final double NARROWEST = 48;

    private final Plan plan;
    private final Device device;
    private final Place place;
    private final State state;
    private final String kind;
    /** The selected item of each menu, found once. */
    private final Map<String, Optional<Item>> selected = new HashMap<>();

    Shows(Plan plan, Device device, Place place, State state) {
        this.plan = plan;
        this.device = device;
        this.place = place;
        this.state = state;
        this.kind = DeviceKind.at(plan.kinds(), device.width());
    }

    String kind() {
        return kind;
    }

    Form form(Bar bar) {
        return bar.form(kind).orElseThrow();
    }

    /** The bars that show: at each edge one, the one for the smallest part of the app. */
    List<Bar> bars() {
        var out = new ArrayList<Bar>();
        for (Bar bar : plan.bars()) {
            if (!bar(bar)) {
                continue;
            }
            Optional<Bar> rival =
                    out.stream().filter(other -> edge(other) == edge(bar)).findFirst();
            if (rival.isEmpty()) {
                out.add(bar);
            } else if (depth(bar) > depth(rival.get())) {
                out.set(out.indexOf(rival.get()), bar);
            }
        }
        return out;
    }

    boolean bar(Bar bar) {
        BarsOn bars = plan.screens().get(place.screen()).bars();
        return bar.form(kind).isPresent()
                && bars.shows(bar.id())
                && bar.within().map(top -> plan.isWithin(place.screen(), top)).orElse(true)
                && at(bar.visibility());
    }

    private int edge(Bar bar) {
        Form form = form(bar);
        return form instanceof Form.Top ? 0 : form instanceof Form.Bottom ? 1 : 2;
    }

    /** How deep the part of the app is for which a bar stands. */
    private int depth(Bar bar) {
        int depth = 0;
        for (Optional<String> at = bar.within();
                at.isPresent() && depth <= plan.screens().list().size();
                at = plan.screens().get(at.get()).under()) {
            depth++;
        }
        return depth;
    }

    boolean item(Item item) {
        return item.when().map(condition -> condition.holds(state.facts())).orElse(true) && at(item.visibility());
    }

    private boolean at(Visibility visibility) {
        return visibility.shows(kind, device.width(), device.height(), device.pointer());
    }

    List<Item> items(Menu menu) {
        return menu.items().stream().filter(this::item).toList();
    }

    /** The items that stand in a bottom bar itself; the others go to the overflow. */
    List<Item> inBar(List<Item> all, Form.Bottom form) {
        if (form.whenFull() != Form.WhenFull.OVERFLOW) {
            return all;
        }
        int room = Math.min(form.most(), room(form));
        List<Item> candidates =
                all.stream().filter(item -> item.slot() != Item.Slot.OVERFLOW).toList();
        if (candidates.size() <= room && candidates.size() == all.size()) {
            return all;
        }
        int free = Math.max(1, room - 1);
        long pinned = candidates.stream()
                .filter(item -> item.slot() == Item.Slot.BAR)
                .limit(free)
                .count();
        var out = new ArrayList<Item>();
        long others = free - pinned;
        for (Item item : candidates) {
            boolean isPinned = item.slot() == Item.Slot.BAR && pinned-- > 0;
            if (isPinned || item.slot() != Item.Slot.BAR && others-- > 0) {
                out.add(item);
            }
        }
        return out;
    }

    private int room(Form.Bottom form) {
        double inset = form.floating().map(Form.Floating::inset).orElse(0.0);
        double width = device.width()
                - Math.max(device.safe().left(), inset)
                - Math.max(device.safe().right(), inset);
        return Math.max(2, (int) (width / NARROWEST));
    }

    /** Whether an item is the one of its menu on whose branch, or at or below whose screen, the person is. */
    boolean isSelected(Menu menu, Item item) {
        return selected.computeIfAbsent(menu.id(), none -> selected(menu))
                .filter(item::equals)
                .isPresent();
    }

    private Optional<Item> selected(Menu menu) {
        List<Item> items = menu.items();
        Optional<Item> ofBranch = items.stream()
                .filter(item -> item.id().equals(state.branch()))
                .filter(item -> item.place().isPresent())
                .findFirst();
        if (ofBranch.isPresent()) {
            return ofBranch;
        }
        Optional<String> at = Optional.of(place.screen());
        for (int steps = 0; at.isPresent() && steps <= plan.screens().list().size(); steps++) {
            String screen = at.get();
            Optional<Item> nearest = items.stream()
                    .filter(other -> other.place()
                            .filter(to -> to.screen().equals(screen))
                            .isPresent())
                    .findFirst();
            if (nearest.isPresent()) {
                return nearest;
            }
            at = plan.screens().get(screen).under();
        }
        return Optional.empty();
    }
}
