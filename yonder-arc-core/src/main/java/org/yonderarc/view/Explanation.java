package org.yonderarc.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Setting;
import org.yonderarc.fit.Visible;
import org.yonderarc.form.Forms;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** Says why each bar and each item is shown, hidden, moved to the overflow or selected. */
public final class Explanation {
    private final Plan plan;
    private final Device device;
    private final State state;
    private final Place place;
    private final Visible shows;
    private final List<FittedBar> fitted;
    private final List<String> lines = new ArrayList<>();

    private Explanation(Walk walk, Setting setting, State state) {
        this.plan = walk.plan();
        this.device = setting.device();
        this.state = state;
        this.place = walk.shown(state);
        this.shows = new Visible(plan, device, place, state);
        this.fitted = Fitter.fit(walk, setting, state).bars();
    }

    /** The reasons, a line for each bar and, indented, for each of its items. */
    public static List<String> explain(Walk walk, Setting setting, State state) {
        return new Explanation(walk, setting, state).explain();
    }

    private List<String> explain() {
        lines.add(device.id() + " is " + plain(device.width()) + " by " + plain(device.height())
                + " dp, so its kind is " + shows.kind() + ".");
        if (!place.equals(state.place())) {
            lines.add("The person wants to be at " + state.place().text() + ", whose condition doesn't hold, so "
                    + place.text() + " is shown.");
        }
        List<Bar> shown = shows.bars();
        for (Bar bar : plan.bars()) {
            lines.add("bar " + bar.id() + ": " + bar(bar, shown));
            if (shown.contains(bar) && bar.menu().isPresent()) {
                items(bar, plan.menus().get(bar.menu().get()));
            }
        }
        return lines;
    }

    private String bar(Bar bar, List<Bar> shown) {
        Optional<Form> form = bar.form(shows.kind());
        if (form.isEmpty()) {
            return "hidden, it has no form for the kind " + shows.kind();
        }
        if (!plan.screens().get(place.screen()).bars().shows(bar.id())) {
            return "hidden, the screen " + place.screen() + " doesn't show it";
        }
        Optional<String> outside = bar.within().filter(top -> !plan.isWithin(place.screen(), top));
        if (outside.isPresent()) {
            return "hidden, it stands only within " + outside.get();
        }
        if (!form.get().inScreens().isEmpty() && !form.get().inScreens().contains(place.screen())) {
            return "hidden, it stands in the content of "
                    + String.join(", ", form.get().inScreens()) + " only";
        }
        Optional<String> visibility = hidden(bar.visibility());
        if (visibility.isPresent()) {
            return "hidden, " + visibility.get();
        }
        return shown.contains(bar)
                ? "shown as " + shows.form(bar).kind().word()
                : "hidden, a bar for a smaller part of the app stands at its edge";
    }

    /** Why something with this visibility is hidden. */
    private Optional<String> hidden(Visibility visibility) {
        String kind = shows.kind();
        if (!visibility.showOn().isEmpty() && !visibility.showOn().contains(kind)) {
            return Optional.of("it shows on " + String.join(", ", visibility.showOn()) + " only");
        }
        if (visibility.hideOn().contains(kind)) {
            return Optional.of("it is off on " + kind);
        }
        if (device.width() < visibility.minWindowWidth().orElse(0.0)) {
            return Optional.of("the window is narrower than "
                    + plain(visibility.minWindowWidth().get()) + " dp");
        }
        if (device.width() >= visibility.maxWindowWidth().orElse(Double.MAX_VALUE)) {
            return Optional.of("the window is as wide as "
                    + plain(visibility.maxWindowWidth().get()) + " dp or wider");
        }
        if (!visibility.shows(
                kind, device.width(), device.height(), visibility.pointer().orElse(device.pointer()))) {
            return Optional.of("the window is held the other way");
        }
        return visibility.shows(kind, device.width(), device.height(), device.pointer())
                ? Optional.empty()
                : Optional.of("it shows for another pointer");
    }

    private void items(Bar bar, Menu menu) {
        List<Item> all = shows.items(menu);
        List<Item> inBar = Forms.held(shows.form(bar), all, device);
        for (Item item : menu.items()) {
            String why = item.repeat().isPresent()
                    ? repeated(item)
                    : isFoldedAway(bar, item, inBar) ? folded(bar, menu, item) : item(bar, menu, item, all, inBar);
            lines.add("  item " + item.id() + ": " + why);
        }
    }

    private String repeated(Item item) {
        long count = item.repeated(state.facts()).count();
        return "repeated, \"" + item.repeat().get().fact() + "\" has " + count + (count == 1 ? " entry" : " entries")
                + " for it";
    }

    /** Whether an item that the bar holds isn't seen in it though it is open. */
    private boolean isFoldedAway(Bar bar, Item item, List<Item> inBar) {
        return inBar.contains(item)
                && fitted.stream()
                        .filter(one -> one.id().equals(bar.id()) && one.standing() == FittedBar.Standing.OPEN)
                        .filter(one -> Forms.collapses(one.form()))
                        .anyMatch(one -> one.shown().stream()
                                .noneMatch(shown -> isOf(shown, item)
                                        || one.person()
                                                .flatMap(FittedBar.Person::item)
                                                .filter(own -> isOf(own, item))
                                                .isPresent()));
    }

    private static boolean isOf(FittedItem shown, Item item) {
        return shown.id().equals(item.id());
    }

    /** Whether a bar has an item apart from the others: as an action, at its foot, as a field. */
    private boolean isApart(Bar bar, Item item) {
        return fitted.stream()
                .filter(one -> one.id().equals(bar.id()) && one.standing() != FittedBar.Standing.OVERFLOW)
                .flatMap(one -> one.apart().stream())
                .anyMatch(shown -> isOf(shown, item));
    }

    private String folded(Bar bar, Menu menu, Item item) {
        Optional<String> typed = fitted.stream()
                .filter(one -> one.id().equals(bar.id()))
                .flatMap(one -> one.filter().stream())
                .map(FittedBar.Filter::text)
                .filter(text -> !text.isBlank())
                .findFirst();
        if (typed.isPresent()) {
            return "hidden, \"" + typed.get() + "\" was typed, and its name doesn't hold it";
        }
        boolean isInSection = menu.entries().stream()
                .flatMap(entry -> entry.folding().stream())
                .anyMatch(section ->
                        section.list().contains(item) && state.collapsed().contains(section.key(menu)));
        return isInSection ? "hidden, its section is collapsed" : "hidden, a section stands in place of the others";
    }

    private String item(Bar bar, Menu menu, Item item, List<Item> all, List<Item> inBar) {
        if (item.when().filter(condition -> !condition.holds(state.facts())).isPresent()) {
            return "hidden, \"" + item.when().get().text() + "\" doesn't hold";
        }
        Optional<String> hidden = hidden(item.visibility());
        if (hidden.isPresent()) {
            return "hidden, " + hidden.get();
        }
        var out = new StringBuilder();
        if (inBar.contains(item)) {
            out.append(
                    item.slot() == Item.Slot.BAR && inBar.size() < all.size()
                            ? "shown, it is pinned to the bar"
                            : "shown");
        } else if (isApart(bar, item)) {
            out.append("shown, apart from the others");
        } else {
            out.append(
                    item.slot() == Item.Slot.OVERFLOW
                            ? "in the overflow, where it was sent"
                            : "in the overflow, the bar holds " + inBar.size() + " items and the overflow item");
        }
        if (shows.isSelected(menu, item)) {
            out.append(
                    item.id().equals(state.branch())
                            ? "; selected, the person is on its branch"
                            : "; selected, it leads to the nearest screen above " + place.screen());
        }
        if (item.enabled().filter(condition -> !condition.holds(state.facts())).isPresent()) {
            out.append("; disabled, \"").append(item.enabled().get().text()).append("\" doesn't hold");
        }
        return out.toString();
    }

    private static String plain(double dp) {
        return org.yonderarc.tree.NumberValue.plain(dp);
    }
}
