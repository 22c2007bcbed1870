package org.yonderarc.form;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.fit.Badges;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Setting;
import org.yonderarc.fit.Visible;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Words;
import org.yonderarc.scene.BarComposer;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/**
 * What a form is fitted to: a setting and a state. Everything that changes with the state is derived here; nothing is stored.
 *
 * @param walk the walk
 * @param setting the setting
 * @param state the state
 * @param visible what shows in it
 * @param bars the bars that show
 * @param title the title of the place that is shown
 */
public record FitContext(Walk walk, Setting setting, State state, Visible visible, List<Bar> bars, String title) {
    Plan plan() {
        return walk.plan();
    }

    Device device() {
        return setting.device();
    }

    private String language() {
        return setting.languageOf(plan());
    }

    /** The menu that a bar shows. */
    Menu menu(Bar bar) {
        return plan().menus().get(bar.menu().orElseThrow()).inOrder(bar.order(visible.kind()));
    }

    boolean isOpen(String bar) {
        return state.open().filter(bar::equals).isPresent();
    }

    /** A word of the app's own in the language of the setting. */
    String own(BuiltInText word) {
        return plan().app().own(word, language());
    }

    String own(BuiltInText word, String other) {
        return plan().app().own(word, language(), other);
    }

    /** What an overflow says: the app's own word where the plan says nothing of it. */
    private String label(Form.Overflow overflow) {
        return overflow.label().equals(Form.Overflow.DEFAULT.label())
                ? own(BuiltInText.MORE)
                : filled(overflow.label());
    }

    /** The bar as it is before any item is in it. */
    FittedBar bare(Bar bar, Form form) {
        return new FittedBar(bar.id(), nameOf(bar), form, Looks.of(plan(), form, Style.NONE));
    }

    /** A field as it stands now. */
    FittedBar.Filter filter(DrawerForm.Filter filter) {
        String typed = Optional.ofNullable(state.facts().get(filter.fact()))
                .filter(FactValue.Text.class::isInstance)
                .map(value -> ((FactValue.Text) value).text())
                .orElse("");
        return new FittedBar.Filter(
                filter.fact(), typed, filter.placeholder().map(this::filled).orElseGet(() -> own(BuiltInText.FIND)));
    }

    /** What a screen reader calls a bar: an id is in whatever language the plan is written in, so it is the last resort. */
    String nameOf(Bar bar) {
        if (bar.spokenLabel().isPresent()) {
            return filled(bar.spokenLabel().get());
        }
        return bar.menu().isPresent() && plan().hasOneMenu()
                ? own(BuiltInText.MENU)
                : Ids.asTitle(bar.menu().orElse(visible.form(bar).kind().word()));
    }

    /** The items with these ids that show: those of the bar's own menu, else the first of any. */
    List<FittedItem> named(Bar bar, Form form) {
        return named(bar, form, form.named());
    }

    private List<FittedItem> named(Bar bar, Form form, List<String> ids) {
        return ids.stream().flatMap(id -> named(bar, form, id).stream()).collect(toList());
    }

    /** The items with these ids, and then the one that stands as a search field. */
    List<FittedItem> apart(Bar bar, Form form, List<String> ids, Optional<String> search) {
        // Each stands there once: as the search field, or with the person, rather than beside them.
        List<String> others = ids.stream()
                .distinct()
                .filter(id -> !form.ofPerson().equals(Optional.of(id)) && !search.equals(Optional.of(id)))
                .collect(toList());
        Optional<String> field = search.filter(id -> !form.ofPerson().equals(search));
        return Stream.concat(named(bar, form, others).stream(), field.flatMap(id -> named(bar, form, id)).stream())
                .collect(toList());
    }

    private Optional<FittedItem> named(Bar bar, Form form, String id) {
        Optional<Menu> own = bar.menu().flatMap(plan().menus()::find);
        return Stream.concat(own.stream(), plan().menus().stream())
                .flatMap(any -> visible.repeated(any.items().stream())
                        .filter(item -> item.id().equals(id))
                        .filter(visible::item)
                        .map(item -> item(any, item, form)))
                .findFirst();
    }

    /**
     * The items that stand in a bar with so much room; the others go to the overflow, whose item takes one place. What is pinned
     * goes first, then what comes first in the menu.
     */
    static List<Item> held(List<Item> all, int most, Optional<Form.Overflow> overflow) {
        return held(all, most, overflow, 1);
    }

    /** The same, with so many items beside that of the overflow at least. */
    static List<Item> held(List<Item> all, int most, Optional<Form.Overflow> overflow, int least) {
        Optional<Integer> after = overflow.flatMap(Form.Overflow::itemsBefore).filter(count -> all.size() > count);
        return held(all, after.map(count -> Math.min(most, count + 1)).orElse(most), after.isPresent(), least);
    }

    private static List<Item> held(List<Item> all, int room, boolean leaves, int least) {
        List<Item> candidates =
                all.stream().filter(item -> item.slot() != Item.Slot.OVERFLOW).collect(toList());
        if (!leaves && candidates.size() <= room && candidates.size() == all.size()) {
            return all;
        }
        int free = Math.max(least, room - 1);
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

    /** What is shown of a menu that doesn't fit: the items that do, an item that leads to the others, and their place. */
    void overflowing(Bar bar, Form form, List<Item> held, FittedBar bare, String toggles, List<FittedBar> out) {
        overflowing(bar, form, visible.items(menu(bar)), held, bare, toggles, out);
    }

    /** The same of some of the items of the menu. */
    void overflowing(
            Bar bar, Form form, List<Item> all, List<Item> held, FittedBar bare, String toggles, List<FittedBar> out) {
        Menu menu = menu(bar);
        var items = new ArrayList<FittedItem>();
        held.forEach(item -> items.add(item(menu, item, form)));
        Optional<Form.Overflow> overflow = form.overflows().filter(any -> held.size() < all.size());
        if (overflow.isPresent()) {
            // A turned device may show in this form what was opened in another.
            String opened = isOpen(Step.Toggle.overflow(bar.id())) ? Step.Toggle.overflow(bar.id()) : toggles;
            boolean open = isOpen(opened);
            boolean holdsSelected =
                    all.stream().filter(item -> visible.isSelected(menu, item)).anyMatch(item -> !held.contains(item));
            items.add(more(bar, overflow.get(), opened, bare, open || holdsSelected));
            if (open) {
                // What is open is what is marked: the items in the bar are not where the person is now.
                items.replaceAll(item -> item.isOverflow() ? item : item.unselected());
                // What is neither in the bar nor apart from it; thousands of items are looked up, not searched.
                var elsewhere = new HashSet<>(ids(visible.items(menu)));
                elsewhere.removeAll(ids(all));
                elsewhere.addAll(ids(held));
                out.add(place(bar, overflow.get(), menu, elsewhere));
            }
        }
        out.add(bare.withItems(items));
    }

    private static Set<String> ids(List<Item> items) {
        return items.stream().map(Item::id).collect(Collectors.toSet());
    }

    private FittedItem more(Bar bar, Form.Overflow overflow, String toggles, FittedBar bare, boolean selected) {
        String id = Step.Toggle.overflow(bar.id());
        String label = label(overflow);
        return new FittedItem(
                id,
                label,
                label,
                label,
                "",
                "",
                Optional.of(overflow.icon()),
                Optional.empty(),
                Optional.empty(),
                new Step.Toggle(toggles),
                false,
                Optional.empty(),
                setting.touch().states(id, selected, true),
                bare.look());
    }

    /** The place that lists the items that didn't fit into a bar. */
    private FittedBar place(Bar bar, Form.Overflow overflow, Menu menu, Set<String> held) {
        Style own = overflow.style().map(ref -> ref.in(plan().styles())).orElse(Style.NONE);
        Form list = Forms.place(overflow);
        return new FittedBar(bar.id(), label(overflow), list, Looks.of(plan(), list, own))
                .withLines(new MenuLines(this, menu, list, own)
                        .folding(overflow.layout() == Form.TileLayout.ROWS)
                        .but(held))
                .withPerson(overflow.profile()
                        .flatMap(profile -> person(profile, profile.item().flatMap(id -> named(bar, list, id)))))
                .standing(FittedBar.Standing.OVERFLOW);
    }

    /** The person that a bar shows; no value while the item that is chosen with it is hidden. */
    Optional<FittedBar.Person> person(Form.Profile profile, Optional<FittedItem> item) {
        return profile.item().isPresent() && item.isEmpty()
                ? Optional.empty()
                : Optional.of(new FittedBar.Person(
                        photo(profile.photoFact()).or(profile::picture), filled(profile.text()), "", item));
    }

    /** The file or address of a picture that a fact tells; no value where it tells nothing. */
    Optional<String> photo(Optional<String> fact) {
        return fact.map(state.facts()::get).map(FactValue::text).filter(text -> !text.isEmpty());
    }

    /** The item that is chosen with the person that a bar shows. */
    Optional<FittedItem> ofPerson(Bar bar, Form form) {
        return form.ofPerson().flatMap(id -> named(bar, form, id));
    }

    /** The title of a place in a language, its holes filled with parameters and facts. */
    public static String title(Plan plan, Place place, State state, String language) {
        return filled(plan.screens().get(place.screen()).title(), place, state, language);
    }

    /** A text of a place in a language, its holes filled with parameters and facts. */
    public static String filled(Words words, Place place, State state, String language) {
        return words.fill(language, name -> {
            String parameter = place.parameters().get(name);
            return parameter != null
                    ? Optional.of(parameter)
                    : Optional.ofNullable(state.facts().get(name)).map(value -> value.said(language));
        });
    }

    String titleOf(Place place) {
        return title(plan(), place, state, language());
    }

    FittedItem item(Menu menu, Item item, Form form) {
        return item(menu, item, form, Style.NONE);
    }

    FittedItem item(Menu menu, Item item, Form form, Style style) {
        Optional<Screen> screen = item.screen().flatMap(plan().screens()::find);
        Trail trail = state.trails().get(item.id());
        String label = label(item);
        boolean selected =
                visible.isSelected(menu, item) || item.target() instanceof Target.ToFact to && to.holds(state.facts());
        boolean enabled =
                item.enabled().map(condition -> condition.holds(state.facts())).orElse(true);
        Style own = item.style()
                .map(ref -> ref.in(plan().styles()))
                .orElse(Style.NONE)
                .over(style);
        return new FittedItem(
                item.id(),
                label,
                item.shortLabel().map(this::filled).orElse(label),
                item.spokenLabel().map(this::filled).orElse(label),
                item.note().map(this::filled).orElse(""),
                item.value().map(this::filled).orElse(""),
                selected
                        ? item.selectedIcon().or(item::icon).or(() -> screen.flatMap(Screen::icon))
                        : item.icon().or(() -> screen.flatMap(Screen::icon)),
                item.of()
                        .flatMap(entry -> entry.value("badge"))
                        .or(() -> item.badge()
                                .flatMap(badge -> Badges.text(
                                        badge,
                                        Objects.requireNonNull(state.facts().get(badge.fact())),
                                        language())))
                        .or(() -> item.tag().map(this::filled).filter(tag -> !tag.isEmpty())),
                item.place()
                        .map(place -> walk.addressOf(trail == null ? place : trail.top()))
                        .or(() -> item.target() instanceof Target.ToWeb web
                                ? Optional.of(web.address())
                                : Optional.empty()),
                new Step.Choose(item.id()),
                item.target() instanceof Target.ToFact,
                item.target() instanceof Target.ToWeb web && web.openIn() == Target.OpenIn.BROWSER
                        ? Optional.of(BarComposer.LEAVES_ICON)
                        : Optional.empty(),
                setting.touch().states(item.id(), selected, enabled),
                Looks.of(plan(), form, own));
    }

    /** What an item says: its label, else the title of its screen, else its target in words. */
    private String label(Item item) {
        if (item.label().isPresent()) {
            return filled(item.label().get());
        }
        Target target = item.target();
        if (target instanceof Target.ToScreen to) {
            return titleOf(to.place());
        }
        if (target instanceof Target.ToApp to) {
            return Ids.asTitle(to.name());
        }
        if (target instanceof Target.ToFact to) {
            return Ids.asTitle(Ids.slug(to.named()));
        }
        return target instanceof Target.ToWeb to ? to.address() : ((Target.ToDocument) target).file();
    }

    /** A text in the language of the setting, its holes filled with facts. */
    String filled(Words words) {
        Map<String, FactValue> facts = state.facts();
        return words.fill(
                language(), name -> Optional.ofNullable(facts.get(name)).map(value -> value.said(language())));
    }
}
