package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;

/** Keys of items and sections that do nothing in any bar that shows them. */
final class ItemEffects {
    /** Keys that a place for the overflow always has a use for: it marks what is selected, and folds sections. */
    private static final Set<String> FOLLOWS = Set.of("selected-icon", "collapsible");

    private final Subject subject;
    private final List<Device> devices;
    private final Map<Form, Map<String, Set<String>>> held = new IdentityHashMap<>();

    private ItemEffects(Subject subject) {
        this.subject = subject;
        this.devices = Device.presets(subject.plan());
    }

    static void look(Subject subject) {
        var effects = new ItemEffects(subject);
        subject.items().stream()
                .filter(placed -> !keys(placed.item()).isEmpty())
                .forEach(effects::item);
        subject.plan().menus().forEach(menu -> {
            for (int i = 0; i < menu.entries().size(); i++) {
                if (menu.entries().get(i) instanceof Entry.Section section) {
                    effects.section(menu, section, Subject.pointer("menus", menu.id()) + "/" + i);
                }
            }
        });
    }

    /** The keys of an item that some forms have no use for. */
    private static List<String> keys(Item item) {
        var keys = new ArrayList<String>();
        item.note().ifPresent(any -> keys.add("note"));
        item.value().ifPresent(any -> keys.add("value"));
        item.shortLabel().ifPresent(any -> keys.add("short-label"));
        item.selectedIcon().ifPresent(any -> keys.add("selected-icon"));
        if (item.slot() != Item.Slot.AUTO) {
            keys.add("slot");
        }
        return keys;
    }

    private void item(Subject.PlacedItem placed) {
        String id = placed.item().id();
        List<Form> all = bars(placed.menu(), Optional.of(id))
                .flatMap(bar -> bar.forms().values().stream())
                .collect(toList());
        boolean isNamed = all.stream().anyMatch(form -> form.named().contains(id));
        List<Form> places = all.stream()
                .filter(form -> isNamed || mayOverflow(form, placed.menu(), List.of(placed.item())))
                .flatMap(form -> form.overflows().map(Forms::place).stream())
                .collect(toList());
        tell(keys(placed.item()), all, places, placed.pointer());
    }

    private void section(Menu menu, Entry.Section section, String pointer) {
        if (section.collapsible() == Entry.Collapsible.NEVER) {
            section.icon().ifPresent(any -> tell(pointer, "icon", "", "only a section that folds shows one"));
            return;
        }
        List<Form> all = bars(menu, Optional.empty())
                .flatMap(bar -> bar.forms().values().stream())
                .collect(toList());
        List<Form> places = all.stream()
                .filter(form -> mayOverflow(form, menu, section.list()))
                .flatMap(form -> form.overflows().map(Forms::place).stream())
                .collect(toList());
        tell(List.of("collapsible"), all, places, pointer);
    }

    private Stream<Bar> bars(Menu menu, Optional<String> item) {
        return subject.plan().bars().stream()
                .filter(bar -> bar.menu().equals(Optional.of(menu.id()))
                        || bar.forms().values().stream().anyMatch(form -> item.filter(form.named()::contains)
                                .isPresent()));
    }

    /** Whether some of the items have no room in the bar on a device. */
    private boolean mayOverflow(Form form, Menu menu, List<Item> items) {
        if (form.overflows().isEmpty()) {
            return false;
        }
        Set<String> held = held(form, menu);
        return items.stream().anyMatch(item -> !held.contains(item.id()));
    }

    /** The items that stand in the bar on every device; none where a list makes some: nobody knows how many. */
    private Set<String> held(Form form, Menu menu) {
        return held.computeIfAbsent(form, any -> new HashMap<>()).computeIfAbsent(menu.id(), any -> {
            if (menu.items().stream().anyMatch(item -> item.repeat().isPresent())) {
                return Set.of();
            }
            var everywhere = menu.items().stream().map(Item::id).collect(Collectors.toCollection(HashSet::new));
            devices.forEach(device -> everywhere.retainAll(Forms.held(form, menu.items(), device).stream()
                    .map(Item::id)
                    .collect(Collectors.toSet())));
            return everywhere;
        });
    }

    private void tell(List<String> keys, List<Form> forms, List<Form> places, String pointer) {
        for (String key : keys) {
            var reasons = new LinkedHashMap<String, String>();
            boolean shows = forms.isEmpty();
            for (Form form : forms) {
                String why = Forms.idleItem(form).get(key);
                shows |= why == null;
                reasons.putIfAbsent(form.kind().word(), String.valueOf(why));
            }
            for (Form place : places) {
                shows |= FOLLOWS.contains(key) || !Forms.idleItem(place).containsKey(key);
            }
            if (!shows) {
                String in = reasons.size() == 1 ? " in the form " : " in the forms ";
                tell(
                        pointer,
                        key,
                        in
                                + String.join(
                                        " and ",
                                        reasons.keySet().stream()
                                                .map(word -> "\"" + word + "\"")
                                                .collect(toList())),
                        String.join(
                                ", and ", reasons.values().stream().distinct().collect(toList())));
            }
        }
    }

    private void tell(String pointer, String key, String where, String why) {
        subject.tell(
                Code.NO_EFFECT,
                pointer + "/" + key,
                "\"" + key + "\" has no effect" + where + ": " + why + ".",
                "Leave it out.");
    }
}
