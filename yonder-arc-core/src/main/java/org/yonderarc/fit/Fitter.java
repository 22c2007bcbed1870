package org.yonderarc.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Entry;
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
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Trail;
import org.yonderarc.walk.Walk;

/** Fits plans to settings. Everything that changes with the state is derived here; nothing is stored. */
public final class Fitter {
    /** The icon of the button that leads back. */
    public static final String BACK_ICON = "arrow-left";
    /** The icon of the button that opens a drawer. */
    public static final String MENU_ICON = "menu-2";
    /** The icon of the button that collapses a drawer. */
    public static final String COLLAPSE_ICON = "layout-sidebar-left-collapse";
    /** The icon of the button that expands a drawer. */
    public static final String EXPAND_ICON = "layout-sidebar-left-expand";

    /** The prefix of the id of an overflow item; no item of a plan can have such an id. */
    public static final String OVERFLOW = "more:";

    private final Walk walk;
    private final Plan plan;
    private final Setting setting;
    private final State state;
    private final Place place;
    private final String language;
    private final Shows shows;

    private Fitter(Walk walk, Setting setting, State state) {
        this.walk = walk;
        this.plan = walk.plan();
        this.setting = setting;
        this.state = state;
        this.place = walk.shown(state);
        this.language = setting.languageOf(plan);
        this.shows = new Shows(plan, setting.device(), place, state);
    }

    /** What {@code device} shows in {@code state}, in the plan's language. */
    public static Fitting fit(Walk walk, Device device, State state) {
        return fit(walk, Setting.of(device), state);
    }

    /** What is shown in {@code state}. */
    public static Fitting fit(Walk walk, Setting setting, State state) {
        return new Fitter(walk, setting, state).fit();
    }

    private Fitting fit() {
        Screen screen = plan.screens().get(place.screen());
        String title = title(plan, place, state, language);
        return new Fitting(
                setting,
                plan.app().name(),
                place,
                walk.addressOf(place),
                title,
                setting.isRightToLeft(plan),
                bars(title),
                screen.wireframe().rows().stream()
                        .map(row -> row.to().map(walk::addressOf))
                        .toList(),
                screen.wireframe(),
                screen.picture(),
                plan.theme(),
                plan.app().logos());
    }

    private List<FittedBar> bars(String title) {
        var out = new ArrayList<FittedBar>();
        List<Bar> bars = shows.bars();
        Optional<Bar> opened = bars.stream().filter(this::isOpenDrawer).findFirst();
        for (Bar bar : bars) {
            Form form = shows.form(bar);
            if (form instanceof Form.Bottom bottom) {
                bottom(bar, bottom, out);
            } else if (form instanceof Form.Top top) {
                out.add(top(bar, top, title, opened));
            } else if (form instanceof Form.Rail rail) {
                out.add(rail(bar, rail));
            } else {
                out.add(drawer(bar, (Form.Drawer) form));
            }
        }
        return out;
    }

    /** Whether a bar is a drawer that a button opens. */
    private boolean isOpenDrawer(Bar bar) {
        return shows.form(bar) instanceof Form.Drawer drawer && drawer.opens() != Form.Opening.KEPT;
    }

    private boolean isOpen(Bar bar) {
        return state.open().filter(bar.id()::equals).isPresent();
    }

    private Menu menu(Bar bar) {
        return plan.menus().get(bar.menu().orElseThrow());
    }

    private void bottom(Bar bar, Form.Bottom form, List<FittedBar> out) {
        Menu menu = menu(bar);
        List<Item> all = shows.items(menu);
        List<Item> inBar = shows.inBar(all, form);
        Look look = Look.of(plan, form, Style.NONE);
        var items = new ArrayList<FittedItem>();
        inBar.forEach(item -> items.add(item(menu, item, form)));
        if (inBar.size() < all.size()) {
            boolean open = isOpen(bar);
            boolean holdsSelected =
                    all.stream().filter(item -> !inBar.contains(item)).anyMatch(item -> shows.isSelected(menu, item));
            items.add(overflow(bar, form, look, open || holdsSelected));
            if (open) {
                // What is open is what is marked: the items in the bar are not where the person is now.
                items.replaceAll(item -> item.id().startsWith(OVERFLOW) ? item : unmarked(item));
                out.add(more(bar, form, menu, inBar));
            }
        }
        out.add(new FittedBar.Bottom(bar.id(), menu.id(), form, look, items));
    }

    private static FittedItem unmarked(FittedItem item) {
        var states = new java.util.HashSet<>(item.states());
        states.remove(org.yonderarc.plan.ItemState.SELECTED);
        return new FittedItem(
                item.id(),
                item.label(),
                item.brief(),
                item.spoken(),
                item.icon(),
                item.badge(),
                item.address(),
                item.step(),
                item.leaves(),
                states,
                item.look());
    }

    private FittedItem overflow(Bar bar, Form.Bottom form, Look look, boolean selected) {
        String id = OVERFLOW + bar.id();
        String label = filled(form.overflow().label());
        return new FittedItem(
                id,
                label,
                label,
                label,
                Optional.of(form.overflow().icon()),
                Optional.empty(),
                Optional.empty(),
                new Step.Toggle(bar.id()),
                false,
                setting.touch().states(id, selected, true),
                look);
    }

    private FittedBar.More more(Bar bar, Form.Bottom form, Menu menu, List<Item> inBar) {
        Form list = Form.Drawer.DEFAULT;
        Style own = form.overflow().style().map(ref -> ref.in(plan.styles())).orElse(Style.NONE);
        var lines = new ArrayList<FittedBar.Line>();
        lines(menu, list, inBar, own, lines);
        return new FittedBar.More(
                bar.id(),
                filled(form.overflow().label()),
                Look.of(plan, list, own),
                lines,
                form.overflow().profile().map(this::person));
    }

    /** The lines of a menu but for some items; a heading without items and a divider at an end are left out. */
    private void lines(Menu menu, Form form, List<Item> without, Style style, List<FittedBar.Line> out) {
        for (Entry entry : menu.entries()) {
            List<Item> items = entry.items()
                    .filter(shows::item)
                    .filter(item -> !without.contains(item))
                    .toList();
            boolean isDivider = entry instanceof Entry.Divider;
            boolean afterDivider = out.isEmpty() || out.get(out.size() - 1) == FittedBar.Line.DIVIDER;
            if (isDivider && !afterDivider) {
                out.add(FittedBar.Line.DIVIDER);
            } else if (entry instanceof Entry.Section section && !items.isEmpty()) {
                out.add(FittedBar.Line.of(filled(section.heading())));
            }
            items.forEach(item -> out.add(FittedBar.Line.of(item(menu, item, form, style))));
        }
        if (!out.isEmpty() && out.get(out.size() - 1) == FittedBar.Line.DIVIDER) {
            out.remove(out.size() - 1);
        }
    }

    private FittedBar.Top top(Bar bar, Form.Top form, String title, Optional<Bar> drawer) {
        Optional<Menu> menu = bar.menu().flatMap(plan.menus()::find);
        List<Item> own = menu.map(shows::items).orElse(List.of());
        var actions = new ArrayList<FittedItem>();
        for (String id : form.actions()) {
            plan.menus().stream()
                    .flatMap(any -> any.items().stream()
                            .filter(item -> item.id().equals(id))
                            .filter(shows::item)
                            .map(item -> item(any, item, form)))
                    .findFirst()
                    .ifPresent(actions::add);
        }
        return new FittedBar.Top(
                bar.id(),
                form,
                Look.of(plan, form, Style.NONE),
                title,
                leading(drawer),
                own.stream()
                        .filter(item -> !form.actions().contains(item.id()))
                        .map(item -> item(menu.orElseThrow(), item, form))
                        .toList(),
                actions,
                form.profile().map(this::person));
    }

    private FittedBar.Person person(Form.Profile profile) {
        return new FittedBar.Person(profile.picture(), filled(profile.text()), "");
    }

    /** Back where there is a way back, else the menu where a drawer can be opened. */
    private Optional<FittedBar.Button> leading(Optional<Bar> drawer) {
        return state.trail()
                .below()
                .map(below -> new FittedBar.Button(
                        "Back to " + title(plan, below.top(), state, language), BACK_ICON, new Step.Back()))
                .or(() -> drawer.map(bar -> new FittedBar.Button("Menu", MENU_ICON, new Step.Toggle(bar.id()))));
    }

    private FittedBar.Rail rail(Bar bar, Form.Rail form) {
        Menu menu = menu(bar);
        return new FittedBar.Rail(
                bar.id(),
                menu.id(),
                form,
                Look.of(plan, form, Style.NONE),
                shows.items(menu).stream()
                        .filter(item -> form.action().filter(item.id()::equals).isEmpty())
                        .map(item -> item(menu, item, form))
                        .toList(),
                form.action()
                        .flatMap(id -> plan.items()
                                .filter(item -> item.id().equals(id))
                                .findFirst())
                        .filter(shows::item)
                        .map(item -> item(menu, item, form)));
    }

    private FittedBar.Drawer drawer(Bar bar, Form.Drawer form) {
        Menu menu = menu(bar);
        boolean kept = form.opens() == Form.Opening.KEPT;
        boolean collapsed =
                form.collapsed().isPresent() && kept && state.folded().contains(bar.id());
        List<Item> foot = form.footer().stream()
                .flatMap(id -> plan.items().filter(item -> item.id().equals(id)).limit(1))
                .filter(shows::item)
                .toList();
        var lines = new ArrayList<FittedBar.Line>();
        lines(menu, form, foot, Style.NONE, lines);
        return new FittedBar.Drawer(
                bar.id(),
                menu.id(),
                form,
                Look.of(plan, form, Style.NONE),
                lines,
                foot.stream().map(item -> item(menu, item, form)).toList(),
                form.header()
                        .map(header -> new FittedBar.Person(
                                header.picture(),
                                filled(header.title()),
                                header.note().map(this::filled).orElse(""))),
                kept || isOpen(bar),
                collapsed,
                form.collapsed()
                        .filter(width -> kept)
                        .map(width -> new FittedBar.Button(
                                collapsed ? "Expand" : "Collapse",
                                collapsed ? EXPAND_ICON : COLLAPSE_ICON,
                                new Step.Fold(bar.id()))));
    }

    /** The title of {@code place} in the plan's language, its holes filled with parameters and facts. */
    public static String title(Plan plan, Place place, State state) {
        return title(plan, place, state, plan.app().language());
    }

    private static String title(Plan plan, Place place, State state, String language) {
        return plan.screens().get(place.screen()).title().fill(language, name -> {
            String parameter = place.parameters().get(name);
            return parameter != null
                    ? Optional.of(parameter)
                    : Optional.ofNullable(state.facts().get(name)).map(FactValue::text);
        });
    }

    private FittedItem item(Menu menu, Item item, Form form) {
        return item(menu, item, form, Style.NONE);
    }

    private FittedItem item(Menu menu, Item item, Form form, Style style) {
        Optional<Screen> screen = item.screen().flatMap(plan.screens()::find);
        Optional<Place> root = item.place();
        Trail trail = state.trails().get(item.id());
        String label = label(item);
        boolean selected = shows.isSelected(menu, item);
        boolean enabled =
                item.enabled().map(condition -> condition.holds(state.facts())).orElse(true);
        Style own = item.style()
                .map(ref -> ref.in(plan.styles()))
                .orElse(Style.NONE)
                .over(style);
        return new FittedItem(
                item.id(),
                label,
                item.shortLabel().map(this::filled).orElse(label),
                item.spoken().map(this::filled).orElse(label),
                selected
                        ? item.selectedIcon().or(item::icon).or(() -> screen.flatMap(Screen::icon))
                        : item.icon().or(() -> screen.flatMap(Screen::icon)),
                item.badge().flatMap(badge -> Badges.text(badge, state.facts().get(badge.fact()))),
                root.map(place -> walk.addressOf(trail == null ? place : trail.top())),
                new Step.Choose(item.id()),
                item.target() instanceof Target.ToWeb web && web.opens() == Target.Opens.BROWSER,
                setting.touch().states(item.id(), selected, enabled),
                Look.of(plan, form, own));
    }

    /** What an item says: its label, else the title of its screen, else its target in words. */
    private String label(Item item) {
        if (item.label().isPresent()) {
            return filled(item.label().get());
        }
        Target target = item.target();
        if (target instanceof Target.ToScreen to) {
            return title(plan, to.place(), state, language);
        }
        if (target instanceof Target.ToApp to) {
            return Ids.asTitle(to.name());
        }
        return target instanceof Target.ToWeb to ? to.address() : ((Target.ToDocument) target).file();
    }

    private String filled(Words words) {
        Map<String, FactValue> facts = state.facts();
        return words.fill(language, name -> Optional.ofNullable(facts.get(name)).map(FactValue::text));
    }
}
