package org.yonderarc.check;

import static java.util.stream.Collectors.joining;
import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Visible;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Titles;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * Menus keep their edge and items their order from screen to screen (WCAG 2.2, success criterion 3.2.3, consistent navigation). Told
 * once for each menu and each edge.
 */
final class ConsistencyRules {
    private final Subject subject;
    private final Device device;
    private final Set<String> told;
    /** The edges at which each menu stands. */
    private final Map<String, First<Set<Form.Edge>>> places = new HashMap<>();
    /** The screens that the items at each edge lead to, in their order. */
    private final Map<Form.Edge, First<List<String>>> orders = new EnumMap<>(Form.Edge.class);

    /** What is on the first screen that has it. */
    private record First<T>(String screen, T what) {}

    private ConsistencyRules(Subject subject, Device device, Set<String> told) {
        this.subject = subject;
        this.device = device;
        this.told = told;
    }

    static void look(Subject subject) {
        if (subject.findings().anyError()) {
            // Bars that stand on top of each other are told already.
            return;
        }
        var told = new HashSet<String>();
        var samples = Samples.of(subject.plan());
        State start = Walk.of(subject.plan()).start();
        for (Device device : DrawnRules.devices(subject.plan())) {
            var rules = new ConsistencyRules(subject, device, told);
            var seen = new HashSet<List<Bar>>();
            for (Screen screen : subject.plan().screens()) {
                var visible = new Visible(subject.plan(), device, samples.place(screen), start);
                if (seen.add(visible.bars())) {
                    rules.look(screen.id(), visible);
                }
            }
        }
    }

    private void look(String screen, Visible visible) {
        var edges = new HashMap<String, Set<Form.Edge>>();
        for (Bar bar : visible.bars()) {
            bar.menu().ifPresent(menu -> edges.computeIfAbsent(menu, none -> new TreeSet<>())
                    .add(visible.form(bar).edge()));
        }
        for (Bar bar : visible.bars()) {
            if (bar.menu().isPresent()) {
                place(screen, bar, Objects.requireNonNull(edges.get(bar.menu().get())));
                order(screen, bar, visible);
            }
        }
    }

    private void place(String screen, Bar bar, Set<Form.Edge> edges) {
        String menu = bar.menu().orElseThrow();
        First<Set<Form.Edge>> first = places.computeIfAbsent(menu, none -> new First<>(screen, edges));
        if (first.what().stream().noneMatch(edges::contains)) {
            tell(
                    bar,
                    menu,
                    "On " + device.id() + ", the menu \"" + menu + "\" stands at the "
                            + words(first.what()) + " on " + Titles.ofScreen(subject.plan(), first.screen())
                            + ", and at the " + words(edges)
                            + " on " + Titles.ofScreen(subject.plan(), screen) + ".",
                    "Put it at the same edge on both.");
        }
    }

    private static String words(Set<Form.Edge> edges) {
        return String.join(" and the ", edges.stream().map(Form.Edge::words).collect(toList()));
    }

    private void order(String screen, Bar bar, Visible visible) {
        Form.Edge edge = visible.form(bar).edge();
        var menu = subject.plan().menus().get(bar.menu().orElseThrow());
        List<String> leads = visible.items(menu.inOrder(bar.order(visible.kind()))).stream()
                .map(Item::screen)
                .flatMap(Optional::stream)
                .distinct()
                .collect(toList());
        First<List<String>> first = orders.computeIfAbsent(edge, none -> new First<>(screen, leads));
        List<String> then = common(leads, first.what());
        List<String> before = common(first.what(), leads);
        if (!then.equals(before)) {
            tell(
                    bar,
                    edge.name(),
                    "On " + device.id() + ", the " + edge.words() + " leads to " + names(before) + " on "
                            + Titles.ofScreen(subject.plan(), first.screen()) + ", but to " + names(then) + " on "
                            + Titles.ofScreen(subject.plan(), screen) + ".",
                    "Keep one order for the items that both have.");
        }
    }

    private String names(List<String> screens) {
        var some = new ArrayList<>(screens.subList(0, Math.min(5, screens.size())));
        return some.stream().map(id -> Titles.ofScreen(subject.plan(), id)).collect(joining(", "))
                + (some.size() < screens.size() ? " ..." : "");
    }

    private static List<String> common(List<String> all, List<String> others) {
        return all.stream().filter(new HashSet<>(others)::contains).collect(toList());
    }

    private void tell(Bar bar, String what, String message, String remedy) {
        if (told.add(what)) {
            subject.tell(
                    Code.MOVED_ITEMS,
                    Subject.pointer(
                            "bars", Integer.toString(subject.plan().bars().indexOf(bar))),
                    message,
                    remedy);
        }
    }
}
