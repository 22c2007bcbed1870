package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.bind.PlanChanges;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.scene.Scene;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.Trees;

/**
 * What changed from one plan to another.
 *
 * @param before the old plan
 * @param after the new plan
 */
public record Comparison(Plan before, Plan after) {
    private static final Map<String, String> SCREEN_KEYS =
            Map.of("title", "renamed", "path", "relinked", "under", "moved", "icon", "restyled");
    private static final Map<String, String> ITEM_KEYS = Map.ofEntries(
            Map.entry("label", "renamed"),
            Map.entry("short-label", "renamed"),
            Map.entry("spoken-label", "renamed"),
            Map.entry("note", "renamed"),
            Map.entry("screen", "relinked"),
            Map.entry("navigates", "relinked"),
            Map.entry("web", "relinked"),
            Map.entry("open-in", "relinked"),
            Map.entry("document", "relinked"),
            Map.entry("signal", "relinked"),
            Map.entry("icon", "restyled"),
            Map.entry("selected-icon", "restyled"),
            Map.entry("style", "restyled"));
    /** What isn't about how a bar looks. */
    private static final Map<String, String> BAR_KEYS = Stream.of(
                    "menu",
                    "within",
                    "show-on",
                    "hide-on",
                    "min-window-width",
                    "max-window-width",
                    "orientation",
                    "pointer",
                    "transition")
            .collect(Collectors.toMap(key -> key, key -> "changed"));

    /**
     * One difference.
     *
     * @param what the kind: added, removed, moved, renamed, relinked, restyled or changed
     * @param text the change in words
     */
    public record Difference(String what, String text) {}

    /** Every difference, in words. */
    public List<Difference> differences() {
        var out = new ArrayList<Difference>();
        PlanChanges.of(before.app(), after.app(), told("app", Map.of("name", "renamed"), "changed", out));
        screens(out);
        items(out);
        bars(out);
        styles(out);
        menus(out);
        catalog("fact", before.facts(), after.facts(), PlanChanges::of, out);
        catalog("device", before.devices(), after.devices(), PlanChanges::of, out);
        catalog(
                "device kind",
                before.deviceKinds(),
                after.deviceKinds(),
                (was, is, to) ->
                        to.changed("from", Optional.of(Trees.number(was.from())), Optional.of(Trees.number(is.from()))),
                out);
        if (!before.accepted().equals(after.accepted())) {
            out.add(new Difference("changed", "which findings are accepted"));
        }
        PlanChanges.of(before.motion(), after.motion(), told("motion", Map.of(), "changed", out));
        return out;
    }

    /** Headings and dividers; items are compared one by one. */
    private void menus(List<Difference> out) {
        for (Menu menu : after.menus()) {
            Optional<Menu> old = before.menus().find(menu.id());
            if (old.isEmpty()) {
                out.add(new Difference("added", "menu " + menu.id()));
            } else if (!frame(old.get()).equals(frame(menu))) {
                out.add(new Difference("moved", "menu " + menu.id() + ": its sections or dividers"));
            }
        }
        for (Menu menu : before.menus()) {
            if (after.menus().find(menu.id()).isEmpty()) {
                out.add(new Difference("removed", "menu " + menu.id()));
            }
        }
    }

    /** What stands between the items of a menu, each with the item behind it. */
    private static List<String> frame(Menu menu) {
        var frame = new ArrayList<String>();
        for (int i = 0; i < menu.entries().size(); i++) {
            Entry entry = menu.entries().get(i);
            if (entry instanceof Entry.Section section) {
                frame.add(section.heading() + " " + section.id() + section.collapsible() + section.icon() + ":"
                        + section.list().stream().map(Item::id).collect(toList()));
            } else if (entry instanceof Entry.AllScreens every) {
                frame.add("rule at " + i + every.heading() + every.under() + every.deep() + every.except());
            } else if (entry instanceof Entry.Divider) {
                frame.add("divider at " + i);
            }
        }
        return frame;
    }

    /** Tells where two things of a plan differ. */
    @FunctionalInterface
    private interface Differ<T> {
        void tell(T before, T after, Changes to);
    }

    private static <T extends Identified> void catalog(
            String noun, Catalog<T> before, Catalog<T> after, Differ<T> differ, List<Difference> out) {
        for (T one : before) {
            if (after.find(one.id()).isEmpty()) {
                out.add(new Difference("removed", noun + " " + one.id()));
            }
        }
        for (T one : after) {
            Optional<T> old = before.find(one.id());
            if (old.isEmpty()) {
                out.add(new Difference("added", noun + " " + one.id()));
            } else if (!old.get().equals(one)) {
                differ.tell(old.get(), one, told(noun + " " + one.id(), Map.of(), "changed", out));
            }
        }
    }

    private void screens(List<Difference> out) {
        for (Screen screen : before.screens()) {
            if (after.screens().find(screen.id()).isEmpty()) {
                out.add(new Difference("removed", "screen " + screen.id()));
            }
        }
        for (Screen screen : after.screens()) {
            Optional<Screen> old = before.screens().find(screen.id());
            if (old.isEmpty()) {
                out.add(new Difference("added", "screen " + screen.id()));
            } else if (!old.get().equals(screen)) {
                screen(old.get(), screen, out);
            }
        }
    }

    private static void screen(Screen old, Screen now, List<Difference> out) {
        PlanChanges.of(old, now, told("screen " + now.id(), SCREEN_KEYS, "changed", out));
    }

    /** Says each change of a key as a difference of the kind that the key stands for. */
    private static Changes told(String name, Map<String, String> kinds, String other, List<Difference> out) {
        return (key, before, after) -> {
            String first = key.contains(".") ? key.substring(0, key.indexOf('.')) : key;
            out.add(new Difference(kinds.getOrDefault(first, other), name + ": " + Differing.text(key, before, after)));
        };
    }

    /** An item and where it stands. */
    private record Spot(String menu, int index, Item item) {}

    private static Map<String, Spot> spots(Plan plan) {
        var spots = new LinkedHashMap<String, Spot>();
        for (Menu menu : plan.menus()) {
            int index = 0;
            for (Item item : menu.items()) {
                spots.putIfAbsent(item.id(), new Spot(menu.id(), index++, item));
            }
        }
        return spots;
    }

    private void items(List<Difference> out) {
        Map<String, Spot> old = spots(before);
        Map<String, Spot> now = spots(after);
        old.keySet().stream()
                .filter(id -> !now.containsKey(id))
                .forEach(id -> out.add(new Difference("removed", "item " + id)));
        now.keySet().stream()
                .filter(id -> !old.containsKey(id))
                .forEach(id -> out.add(new Difference("added", "item " + id)));
        moved(old, now, out);
        now.forEach(
                (id, spot) -> Optional.ofNullable(old.get(id)).ifPresent(was -> item(was.item(), spot.item(), out)));
    }

    /** An item has moved if it isn't part of the longest run of items that kept their order. */
    private static void moved(Map<String, Spot> old, Map<String, Spot> now, List<Difference> out) {
        List<String> was = old.keySet().stream().filter(now::containsKey).collect(toList());
        List<String> is = now.keySet().stream().filter(old::containsKey).collect(toList());
        int[][] length = new int[was.size() + 1][is.size() + 1];
        for (int i = was.size() - 1; i >= 0; i--) {
            for (int j = is.size() - 1; j >= 0; j--) {
                length[i][j] = was.get(i).equals(is.get(j))
                        ? length[i + 1][j + 1] + 1
                        : Math.max(length[i + 1][j], length[i][j + 1]);
            }
        }
        int i = 0;
        var kept = new ArrayList<String>();
        for (int j = 0; i < was.size() && j < is.size(); ) {
            if (was.get(i).equals(is.get(j))) {
                kept.add(was.get(i));
                i++;
                j++;
            } else if (length[i + 1][j] >= length[i][j + 1]) {
                i++;
            } else {
                j++;
            }
        }
        for (String id : is) {
            boolean otherMenu = !Objects.requireNonNull(old.get(id))
                    .menu()
                    .equals(Objects.requireNonNull(now.get(id)).menu());
            if (otherMenu || !kept.contains(id)) {
                out.add(new Difference(
                        "moved",
                        "item " + id + ": place " + (old.get(id).index() + 1) + " of "
                                + old.get(id).menu() + ", now place "
                                + (now.get(id).index() + 1) + " of "
                                + now.get(id).menu()));
            }
        }
    }

    private static void item(Item old, Item now, List<Difference> out) {
        PlanChanges.of(old, now, told("item " + now.id(), ITEM_KEYS, "changed", out));
    }

    private void bars(List<Difference> out) {
        var old = new LinkedHashMap<String, Bar>();
        before.bars().forEach(bar -> old.put(bar.id(), bar));
        for (Bar bar : after.bars()) {
            Bar was = old.remove(bar.id());
            if (was == null) {
                out.add(new Difference("added", "bar " + bar.id()));
            } else if (!was.equals(bar)) {
                boolean isAlike = isForAll(was) == isForAll(bar);
                PlanChanges.of(
                        isAlike ? was : spread(was),
                        isAlike ? bar : spread(bar),
                        told("bar " + bar.id(), BAR_KEYS, "restyled", out));
            }
        }
        old.keySet().forEach(id -> out.add(new Difference("removed", "bar " + id)));
    }

    private static boolean isForAll(Bar bar) {
        return bar.forms().containsKey(Bar.ANY_KIND);
    }

    /** The same with its form on each kind of device, so that one that has a form for all is like one with several. */
    private Bar spread(Bar bar) {
        var forms = new LinkedHashMap<String, Form>();
        after.deviceKinds().forEach(kind -> bar.form(kind.id()).ifPresent(form -> forms.put(kind.id(), form)));
        return forms.isEmpty() ? bar : bar.withForms(forms);
    }

    private void styles(List<Difference> out) {
        for (Scheme scheme : Scheme.values()) {
            for (Role role : Role.values()) {
                var old = before.theme().colour(scheme, role);
                var now = after.theme().colour(scheme, role);
                if (!old.equals(now)) {
                    out.add(new Difference(
                            "restyled", scheme.word() + " " + role.word() + ": " + old.css() + " is now " + now.css()));
                }
            }
        }
        catalog(
                "colour",
                before.theme().named(),
                after.theme().named(),
                (was, is, to) -> {
                    for (Scheme scheme : Scheme.values()) {
                        if (!was.in(scheme).equals(is.in(scheme))) {
                            to.changed(
                                    scheme.word(),
                                    Optional.of(Trees.text(was.in(scheme).css())),
                                    Optional.of(Trees.text(is.in(scheme).css())));
                        }
                    }
                },
                out);
        if (!before.theme().style().equals(after.theme().style())) {
            out.add(new Difference("restyled", "the style of all items"));
        }
        if (before.theme().iconSet() != after.theme().iconSet()) {
            out.add(new Difference("restyled", "the set of icons"));
        }
        if (!before.theme().font().equals(after.theme().font())) {
            out.add(new Difference("restyled", "the font of all texts"));
        }
        for (Style.Named named : after.styles()) {
            Optional<Style.Named> old = before.styles().find(named.id());
            if (old.isEmpty()) {
                out.add(new Difference("added", "style " + named.id()));
            } else if (!old.get().equals(named)) {
                PlanChanges.of(
                        old.get().style(), named.style(), told("style " + named.id(), Map.of(), "restyled", out));
            }
        }
        for (Style.Named named : before.styles()) {
            if (after.styles().find(named.id()).isEmpty()) {
                out.add(new Difference("removed", "style " + named.id()));
            }
        }
    }

    /** Before and after of each screen that looks different, in a shot's setting; no value where none does. */
    public Optional<Scene> pictures(Shot base, TextMeasure measure) {
        var rows = new ArrayList<List<Scene>>();
        var names = new ArrayList<String>();
        for (Screen screen : after.screens()) {
            if (before.screens().find(screen.id()).isEmpty()) {
                continue;
            }
            Scene old = base.with(before).with(Place.of(screen.id())).scene(measure);
            Scene now = base.with(after).with(Place.of(screen.id())).scene(measure);
            if (!Objects.equals(old, now)) {
                rows.add(List.of(old, now));
                names.add(screen.id());
            }
        }
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(Sheet.laidOut(after.app().name(), rows, List.of("Before", "After"), names, measure));
    }
}
