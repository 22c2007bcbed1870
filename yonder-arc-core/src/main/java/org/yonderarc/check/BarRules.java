package org.yonderarc.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Look;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Words;

/** Bars as people see them: on each device kind, with the items that show there. */
final class BarRules {
    /** More buttons than this at the end of a top bar leave no room for its title. */
    private static final int MOST_ACTIONS = 3;
    /** More items than this in a bar that only scrolls or wraps can't be taken in at a glance. */
    private static final int MOST_UNFOLDED = 7;

    private BarRules() {}

    /** Whether something with this visibility shows on devices of this kind, in some window. */
    static boolean mayShow(Visibility visibility, DeviceKind kind) {
        return (visibility.on().isEmpty() || visibility.on().contains(kind.id()))
                && !visibility.off().contains(kind.id());
    }

    static void clashes(Subject subject) {
        List<Bar> bars = subject.plan().bars();
        for (int i = 0; i < bars.size(); i++) {
            for (int j = 0; j < i; j++) {
                clash(subject, bars.get(j), bars.get(i), subject.bar(i));
            }
        }
    }

    private static void clash(Subject subject, Bar other, Bar bar, String pointer) {
        if (!meet(subject.plan(), bar, other)) {
            return;
        }
        List<DeviceKind> kinds = subject.plan().kinds().stream()
                .filter(kind -> edge(bar, kind).isPresent() && edge(bar, kind).equals(edge(other, kind)))
                .toList();
        if (!kinds.isEmpty()) {
            String edge = edge(bar, kinds.get(0)).orElseThrow();
            boolean isHeader = edge.equals("upper") && !bar.within().equals(other.within());
            boolean isDrawer = kinds.stream().allMatch(kind -> isDrawer(bar, kind) && isDrawer(other, kind))
                    && !bar.within().equals(other.within());
            subject.tell(
                    isHeader ? Code.TWO_HEADERS : isDrawer ? Code.NESTED_DRAWERS : Code.BAR_CLASH,
                    pointer,
                    "The bars \"" + other.id() + "\" and \"" + bar.id() + "\" both stand at the " + edge + " edge "
                            + Subject.on(kinds) + ".",
                    "Remove one of them, or let them show on different device kinds or screens.");
        }
    }

    private static boolean isDrawer(Bar bar, DeviceKind kind) {
        return bar.form(kind.id()).filter(Form.Drawer.class::isInstance).isPresent();
    }

    static void logos(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            boolean wantsLogo = bar.forms().values().stream()
                    .anyMatch(form -> form instanceof Form.Top top && top.title() == Form.TitleKind.LOGO);
            List<String> missing = Stream.of(Scheme.values())
                    .filter(scheme -> !subject.plan().app().logos().containsKey(scheme))
                    .map(Scheme::word)
                    .toList();
            if (wantsLogo && !missing.isEmpty()) {
                subject.tell(
                        Code.MISSING_LOGO,
                        pointer,
                        "The bar \"" + bar.id() + "\" shows the logo, but the app has none in the "
                                + String.join(" and the ", missing) + " scheme.",
                        "Write \"app: { logo: { light: ..., dark: ... } }\", or one file for both.");
            }
        }
    }

    /** The edge at which a bar stands on a device kind, if it shows there. */
    private static Optional<String> edge(Bar bar, DeviceKind kind) {
        return bar.form(kind.id())
                .filter(form -> mayShow(bar.visibility(), kind))
                .map(BarRules::edge);
    }

    private static String edge(Form form) {
        return form instanceof Form.Bottom ? "lower" : form instanceof Form.Top ? "upper" : "leading";
    }

    /** Whether two bars show in some window on some screen together. */
    private static boolean meet(Plan plan, Bar a, Bar b) {
        Visibility one = a.visibility();
        Visibility other = b.visibility();
        boolean widths = one.minWidth().orElse(0.0) < other.maxWidth().orElse(Double.MAX_VALUE)
                && other.minWidth().orElse(0.0) < one.maxWidth().orElse(Double.MAX_VALUE);
        boolean held = one.orientation().isEmpty()
                || other.orientation().isEmpty()
                || one.orientation().equals(other.orientation());
        boolean pointed = one.pointer().isEmpty()
                || other.pointer().isEmpty()
                || one.pointer().equals(other.pointer());
        return widths
                && held
                && pointed
                && plan.screens().stream().anyMatch(screen -> stands(plan, a, screen) && stands(plan, b, screen));
    }

    private static boolean stands(Plan plan, Bar bar, Screen screen) {
        return screen.bars().shows(bar.id())
                && bar.within().map(top -> plan.isWithin(screen.id(), top)).orElse(true);
    }

    static void items(Subject subject) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            var told = new ArrayList<Code>();
            for (DeviceKind kind : subject.plan().kinds()) {
                bar.form(kind.id())
                        .filter(form -> mayShow(bar.visibility(), kind))
                        .ifPresent(form -> form(subject, bar, form, kind, pointer, told));
            }
        }
    }

    private static void form(Subject subject, Bar bar, Form form, DeviceKind kind, String pointer, List<Code> told) {
        List<Item> items = bar.menu().flatMap(subject.plan().menus()::find).stream()
                .flatMap(menu -> menu.items().stream())
                .filter(item -> mayShow(item.visibility(), kind))
                .toList();
        if (form instanceof Form.Top top && top.actions().size() > MOST_ACTIONS) {
            once(
                    subject,
                    told,
                    Code.TOO_MANY_ACTIONS,
                    pointer,
                    "The top bar has " + top.actions().size() + " actions.",
                    "Keep the three that matter most, and put the others into a menu.");
        }
        if (!form.showsMenu()) {
            return;
        }
        if (items.size() == 1) {
            once(
                    subject,
                    told,
                    Code.ONE_ITEM,
                    pointer,
                    "On a " + kind.id() + ", the bar \"" + bar.id() + "\" has one item.",
                    "Add a second one, or do without the bar.");
        }
        boolean unfolds = form instanceof Form.Bottom bottom && bottom.whenFull() != Form.WhenFull.OVERFLOW;
        boolean tooMany = form instanceof Form.Bottom && unfolds && items.size() > MOST_UNFOLDED
                || form instanceof Form.Rail && items.size() > MOST_UNFOLDED;
        if (tooMany) {
            once(
                    subject,
                    told,
                    Code.TOO_MANY_ITEMS,
                    pointer,
                    "On a " + kind.id() + ", the bar \"" + bar.id() + "\" has " + items.size() + " items.",
                    "Keep at most " + MOST_UNFOLDED + ", or use a drawer.");
        }
        icons(subject, bar, form, items, pointer, told);
    }

    private static void icons(Subject subject, Bar bar, Form form, List<Item> items, String pointer, List<Code> told) {
        Map<String, Item> byIcon = new HashMap<>();
        List<Item> without = items.stream()
                .filter(item -> icon(subject.plan(), item).isEmpty())
                .toList();
        if (!without.isEmpty() && without.size() < items.size()) {
            once(
                    subject,
                    told,
                    Code.SOME_ICONS,
                    pointer,
                    "In the bar \"" + bar.id() + "\" these items have no icon: "
                            + String.join(", ", without.stream().map(Item::id).toList())
                            + ".",
                    "Give every item an icon, or none.");
        }
        boolean iconsOnly = form instanceof Form.Bottom bottom && bottom.labels() == Form.Labels.NONE
                || form instanceof Form.Rail rail && rail.labels() == Form.Labels.NONE;
        if (iconsOnly && without.size() == items.size() && !items.isEmpty()) {
            once(
                    subject,
                    told,
                    Code.NO_ICON,
                    pointer,
                    "The bar \"" + bar.id() + "\" shows neither labels nor icons.",
                    "Give its items icons, or show their labels.");
        }
        for (Item item : items) {
            Optional<String> icon = icon(subject.plan(), item);
            if (icon.isEmpty()) {
                continue;
            }
            Item other = byIcon.putIfAbsent(icon.get(), item);
            if (other != null) {
                once(
                        subject,
                        told,
                        Code.SAME_ICON,
                        pointer,
                        "In the bar \"" + bar.id() + "\", \"" + other.id()
                                + "\" and \"" + item.id() + "\" have the same icon \"" + icon.get()
                                + "\".",
                        "Give one of them another icon.");
            }
            boolean canBeSelected = item.place().isPresent() && fills(subject, bar, item);
            if (canBeSelected
                    && item.selectedIcon().isEmpty()
                    && !subject.icons().hasTwin(icon.get())) {
                once(
                        subject,
                        told,
                        Code.NO_TWIN,
                        pointer,
                        "The icon \"" + icon.get() + "\" of \"" + item.id() + "\" has no filled twin.",
                        "Choose an icon that has one, or set \"selected-icon\".");
            }
        }
    }

    /** Whether a bar shows an item's icon filled while it is selected. */
    private static boolean fills(Subject subject, Bar bar, Item item) {
        return bar.forms().values().stream().filter(Form::showsMenu).anyMatch(form -> Look.of(
                        subject.plan(), form, Optional.of(item))
                .isFilled(true));
    }

    /** Tells each kind of finding once for a bar: on the other device kinds it would only be repeated. */
    private static void once(
            Subject subject, List<Code> told, Code code, String pointer, String message, String remedy) {
        if (!told.contains(code)) {
            told.add(code);
            subject.tell(code, pointer, message, remedy);
        }
    }

    static Optional<String> icon(Plan plan, Item item) {
        return item.icon().or(() -> item.screen().flatMap(plan.screens()::find).flatMap(Screen::icon));
    }

    static void hidden(Subject subject) {
        for (Subject.PlacedItem placed : subject.items()) {
            Item item = placed.item();
            boolean shown = subject.plan().kinds().stream().anyMatch(kind -> mayShow(item.visibility(), kind));
            boolean empty = item.visibility().minWidth().orElse(0.0)
                    >= item.visibility().maxWidth().orElse(Double.MAX_VALUE);
            if (!shown || empty) {
                subject.tell(
                        Code.HIDDEN_EVERYWHERE,
                        placed.pointer(),
                        "The item \"" + item.id() + "\" shows on no device.",
                        "Let it show on some device kind, or remove it.");
            }
            boolean nameless =
                    item.spoken().or(item::label).filter(BarRules::isBlank).isPresent();
            if (nameless) {
                subject.tell(
                        Code.NO_NAME,
                        placed.pointer(),
                        "The item \"" + item.id() + "\" has no name.",
                        "Write what it is called in \"spoken\"; it is read aloud, not shown.");
            }
        }
    }

    private static boolean isBlank(Words words) {
        return words.byLanguage().values().stream()
                .allMatch(template -> template.source().isBlank());
    }
}
