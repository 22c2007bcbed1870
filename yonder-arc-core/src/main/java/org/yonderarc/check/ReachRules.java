package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Titles;

/** Who can get where: unreachable screens, redirects, dead ends, and what must always be within reach. */
final class ReachRules {
    /** More screens than this, each standing in for the one before, are never meant. */
    private static final int LONGEST_WAY = 50;

    private ReachRules() {}

    static void screens(Subject subject) {
        Plan plan = subject.plan();
        Map<String, List<String>> children = new HashMap<>();
        plan.screens().forEach(screen -> screen.under()
                .ifPresent(parent -> children.computeIfAbsent(parent, none -> new ArrayList<>())
                        .add(screen.id())));
        var reached = new HashSet<String>();
        var open = new ArrayDeque<String>();
        plan.start().ifPresent(open::add);
        for (Bar bar : plan.bars()) {
            itemsOf(plan, bar).stream()
                    .flatMap(item -> item.place().stream())
                    .map(Place::screen)
                    .forEach(open::add);
        }
        while (!open.isEmpty()) {
            String id = open.remove();
            if (reached.add(id)) {
                Screen screen = plan.screens().get(id);
                open.addAll(children.getOrDefault(id, List.of()));
                screen.otherwise().ifPresent(open::add);
                screen.wireframe()
                        .rows()
                        .forEach(row -> row.screen().map(Place::screen).ifPresent(open::add));
            }
        }
        for (Screen screen : plan.screens()) {
            if (!reached.contains(screen.id())) {
                subject.tell(
                        Code.UNREACHABLE_SCREEN,
                        Subject.pointer("screens", screen.id()),
                        "No item, row or parent leads to " + Titles.of(plan, screen) + ".",
                        "Add an item for it to a menu, or put it under another screen.");
            }
        }
    }

    /** The items that a bar may show: those of its menu, and those that its forms name. */
    private static List<Item> itemsOf(Plan plan, Bar bar) {
        var items = new ArrayList<Item>();
        bar.menu().flatMap(plan.menus()::find).ifPresent(menu -> items.addAll(menu.items()));
        for (Form form : bar.forms().values()) {
            if (!names(form)) {
                continue;
            }
            plan.items()
                    .filter(item ->
                            form.named().contains(item.id()) || form.ofPerson().equals(Optional.of(item.id())))
                    .forEach(items::add);
        }
        return items;
    }

    static void redirects(Subject subject) {
        Plan plan = subject.plan();
        for (Screen screen : plan.screens()) {
            if (screen.needs().isPresent() && screen.otherwise().isEmpty()) {
                subject.tell(
                        Code.NO_WAY_ROUND,
                        Subject.screen(screen, "needs"),
                        "While \"" + screen.needs().get().text() + "\" doesn't hold, " + Titles.of(plan, screen)
                                + " has nothing to show.",
                        "Add \"otherwise: ...\", the screen that is shown then.");
            }
            redirect(subject, screen);
        }
    }

    /** A redirect goes on only while none of the conditions on the way holds. */
    private static void redirect(Subject subject, Screen screen) {
        Plan plan = subject.plan();
        var seen = new LinkedHashSet<String>();
        var failing = new ArrayList<Condition>();
        Optional<Screen> at = Optional.of(screen);
        while (at.isPresent()
                && at.get().needs().isPresent()
                && seen.size() <= LONGEST_WAY
                && seen.add(at.get().id())) {
            failing.add(new Condition.Not(at.get().needs().get()));
            at = at.get().otherwise().flatMap(plan.screens()::find);
        }
        if (seen.size() > LONGEST_WAY) {
            subject.tell(
                    Code.TOO_DEEP,
                    Subject.screen(screen, "otherwise"),
                    "From " + Titles.of(plan, screen) + " more than " + LONGEST_WAY
                            + " screens lead on to one another.",
                    "Lead to a screen that everybody may see.");
            return;
        }
        boolean circles = at.isPresent() && at.get().id().equals(screen.id()) && !seen.isEmpty();
        if (circles && Situations.any(Condition.all(failing), subject.initialFacts())) {
            List<String> path =
                    seen.stream().map(id -> Titles.ofScreen(plan, id)).collect(toList());
            String named = String.join(" to ", path.size() > 6 ? path.subList(0, 5) : path)
                    + (path.size() > 6 ? " and " + (path.size() - 5) + " more" : "");
            subject.tell(
                    Code.REDIRECT_LOOP,
                    Subject.screen(screen, "otherwise"),
                    Titles.of(plan, screen) + " leads to " + named + " and back to itself.",
                    "Show one of these screens to everybody.");
        }
    }

    static void start(Subject subject) {
        Plan plan = subject.plan();
        Screen start = plan.screens().get(plan.start().orElseThrow());
        var seen = new HashSet<String>();
        Screen at = start;
        while (seen.add(at.id())) {
            boolean open =
                    at.needs().map(needs -> needs.holds(plan.initialFacts())).orElse(true);
            Optional<Screen> next = at.otherwise().flatMap(plan.screens()::find);
            if (open) {
                return;
            }
            if (next.isEmpty()) {
                break;
            }
            at = next.get();
        }
        subject.tell(
                Code.START_GUARDED,
                plan.app().start().isPresent() ? "/app/start" : "/app",
                "With the facts as they are at first, " + Titles.of(plan, start)
                        + " can't be shown, and nothing is shown in its place.",
                "Add \"otherwise: ...\" to " + Titles.of(plan, at) + ", with a screen that everybody may see.");
    }

    static void deadEnds(Subject subject) {
        Plan plan = subject.plan();
        var gates = new HashSet<String>();
        plan.screens().forEach(screen -> screen.otherwise().ifPresent(gates::add));
        for (Screen screen : plan.screens()) {
            boolean leads = screen.wireframe().rows().stream()
                    .anyMatch(row -> row.screen().isPresent());
            boolean isGate = gates.contains(screen.id());
            boolean hasBar = plan.bars().stream().anyMatch(bar -> screen.bars().shows(bar.id()));
            // A gate is left when the condition that led there comes true.
            if (!hasBar && !leads && !isGate) {
                subject.tell(
                        Code.DEAD_END,
                        Subject.screen(screen, "bars"),
                        Titles.of(plan, screen) + " shows no bar and nothing that leads on.",
                        "Show the top bar on it, or a row that leads somewhere.");
            }
        }
    }

    /** Each required screen or signal has an item on every device kind, in every situation. */
    static void required(Subject subject) {
        var shown = new LinkedHashMap<DeviceKind, Map<String, List<Item>>>();
        subject.plan().deviceKinds().forEach(kind -> shown.put(kind, shownOn(subject, kind)));
        var told = new HashSet<String>();
        int index = -1;
        for (String required : subject.plan().app().required()) {
            index++;
            if (!told.add(required)) {
                continue;
            }
            Map<String, List<DeviceKind>> missing = new LinkedHashMap<>();
            shown.forEach((kind, items) -> whenMissing(subject, required, items.getOrDefault(required, List.of()))
                    .ifPresent(when -> missing.computeIfAbsent(when, none -> new ArrayList<>())
                            .add(kind)));
            String pointer = "/app/required/" + index;
            missing.forEach((when, kinds) -> subject.tell(
                    Code.REQUIRED_MISSING,
                    pointer,
                    "No bar leads to " + Titles.ofScreen(subject.plan(), required) + " " + Subject.on(kinds) + when
                            + ".",
                    "Add an item for it to a menu that shows then and there."));
        }
    }

    /** When a required screen or signal is out of reach: an empty text for always. */
    private static Optional<String> whenMissing(Subject subject, String required, List<Item> leading) {
        Plan plan = subject.plan();
        if (leading.isEmpty()) {
            return plan.start().equals(Optional.of(required)) ? Optional.empty() : Optional.of("");
        }
        if (leading.stream().anyMatch(item -> item.when().isEmpty())) {
            return Optional.empty();
        }
        Condition missed = Condition.all(leading.stream()
                .<Condition>map(item -> new Condition.Not(item.when().orElseThrow()))
                .distinct()
                .collect(toList()));
        return Optional.of(missed)
                .filter(condition -> Situations.any(condition, subject.initialFacts()))
                .map(condition -> " while " + Brief.value(condition.text()));
    }

    /** The items that some bar may show on a kind, by what they lead to; a menu counts once, however many bars show it. */
    private static Map<String, List<Item>> shownOn(Subject subject, DeviceKind kind) {
        Plan plan = subject.plan();
        var leading = new HashMap<String, List<Item>>();
        var menus = new HashSet<Optional<String>>();
        for (Bar bar : plan.bars()) {
            boolean shows = bar.form(kind.id()).isPresent() && subject.mayShow(bar.visibility(), kind);
            boolean isNew = shows && menus.add(bar.menu());
            if (isNew || shows && bar.forms().values().stream().anyMatch(ReachRules::names)) {
                itemsOf(plan, bar).stream()
                        .filter(item -> subject.mayShow(item.visibility(), kind))
                        .forEach(item -> aim(item)
                                .ifPresent(aim -> leading.computeIfAbsent(aim, none -> new ArrayList<>())
                                        .add(item)));
            }
        }
        return leading;
    }

    private static boolean names(Form form) {
        return !form.named().isEmpty() || form.ofPerson().isPresent();
    }

    /** The screen or the signal that an item leads to. */
    private static Optional<String> aim(Item item) {
        return item.target() instanceof Target.ToApp to
                ? Optional.of(to.name())
                : item.place().map(Place::screen);
    }
}
