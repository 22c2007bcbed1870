package org.yonderarc.files;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Target;
import org.yonderarc.tree.Markup;
import org.yonderarc.walk.Walk;

/**
 * Writes the walk of a plan as a state machine in SCXML 1.0 (W3C Recommendation of 1 September 2015) with the data model
 * of ECMAScript: a compound state for each branch with a deep history, a state for each screen at or below it, guards as
 * conditions, signals as {@code send}, facts as data that {@code tell} events assign. Trails are cut to what the plan
 * says: a screen is left to the one it stands under; going back through the history of branches becomes going back to
 * the start's; a condition is asked on entering only. What holds in every branch is said once, by the state around them.
 */
public final class Scxml {
    /** More states than this no tool shows or runs: an item for each of many screens above one another makes them. */
    public static final int MOST_STATES = 50_000;

    private final Plan plan;
    private final String start;
    private final Map<String, List<Screen>> children = new LinkedHashMap<>();
    private final StringBuilder out = new StringBuilder();
    private int states;

    private Scxml(Plan plan) {
        this.plan = plan;
        this.start = Walk.of(plan).start().branch();
        plan.screens().forEach(screen -> screen.under()
                .ifPresent(above ->
                        children.computeIfAbsent(above, id -> new ArrayList<>()).add(screen)));
    }

    /**
     * The state machine.
     *
     * @throws IllegalArgumentException if the plan has no start screen, or the machine would have more than
     *     {@link #MOST_STATES} states
     */
    public static String write(Plan plan) {
        return new Scxml(plan).write();
    }

    private String write() {
        List<Item> branches =
                plan.items().filter(item -> item.place().isPresent()).toList();
        boolean loose = branches.stream().noneMatch(item -> item.id().equals(start));
        String first = loose ? "start" : "branch." + start;
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        line(
                0,
                "scxml",
                "xmlns",
                "http://www.w3.org/2005/07/scxml",
                "version",
                "1.0",
                "datamodel",
                "ecmascript",
                "name",
                plan.app().name(),
                "initial",
                "app");
        line(1, "datamodel");
        plan.facts().forEach(fact -> empty(2, "data", "id", name(fact.id()), "expr", value(fact.initial())));
        close(1, "datamodel");
        line(1, "state", "id", "app", "initial", first);
        branches.forEach(item -> transition(2, "choose." + item.id(), guard(item), "branch." + item.id() + ".as-left"));
        plan.items().filter(item -> item.place().isEmpty()).forEach(this::signal);
        plan.facts().forEach(this::tell);
        if (loose) {
            branch("start", plan.start().orElseThrow(), "left");
        }
        String home = plan.app().back() == App.Back.LEAVE ? "left" : first + ".as-left";
        branches.forEach(item -> branch(
                "branch." + item.id(), item.screen().orElseThrow(), item.id().equals(start) ? "left" : home));
        close(1, "state");
        empty(1, "final", "id", "left");
        close(0, "scxml");
        return out.toString();
    }

    private void signal(Item item) {
        line(2, "transition", attributes("event", "choose." + item.id(), "cond", all(may(item))));
        if (item.target() instanceof Target.ToFact to) {
            String now = name(to.fact());
            String next = to.value().map(Scxml::value).orElse("!" + now);
            empty(3, "assign", "location", now, "expr", next);
        }
        empty(3, "send", "event", "chosen." + item.id());
        close(2, "transition");
    }

    private void tell(Fact fact) {
        line(2, "transition", "event", "tell." + fact.id());
        empty(3, "assign", "location", name(fact.id()), "expr", "_event.data");
        close(2, "transition");
    }

    /** A branch. Its own item leads to its root, however deep the person is; all others are the app's. */
    private void branch(String id, String root, String back) {
        String top = id + "." + root;
        line(2, "state", "id", id, "initial", top);
        line(3, "history", "id", id + ".as-left", "type", "deep");
        empty(4, "transition", "target", top);
        close(3, "history");
        if (id.startsWith("branch.")) {
            Item own = plan.items()
                    .filter(item -> id.equals("branch." + item.id()))
                    .findFirst()
                    .orElseThrow();
            transition(3, "choose." + own.id(), guard(own), top);
        }
        var open = new ArrayDeque<Screen>();
        open.push(plan.screens().get(root));
        while (!open.isEmpty()) {
            Screen screen = open.pop();
            List<Screen> below = children.getOrDefault(screen.id(), List.of());
            screen(
                    id,
                    screen,
                    below,
                    screen.id().equals(root) ? back : id + "." + screen.under().orElseThrow());
            below.forEach(open::push);
        }
        close(2, "state");
    }

    private void screen(String branch, Screen screen, List<Screen> below, String back) {
        states++;
        if (states > MOST_STATES) {
            throw new IllegalArgumentException("the state machine would have more than " + MOST_STATES
                    + " states, one for each screen at or below each item");
        }
        line(3, "state", "id", branch + "." + screen.id());
        below.forEach(
                child -> transition(4, "open." + child.id(), all(child.needs().stream()), branch + "." + child.id()));
        transition(4, "back", "", back);
        close(3, "state");
    }

    private void transition(int depth, String event, String condition, String target) {
        empty(depth, "transition", attributes("event", event, "cond", condition, "target", target));
    }

    /** Attributes without those that have nothing to say. */
    private static String[] attributes(String... all) {
        var kept = new ArrayList<String>();
        for (int i = 0; i < all.length; i += 2) {
            if (!all[i + 1].isEmpty()) {
                kept.addAll(List.of(all[i], all[i + 1]));
            }
        }
        return kept.toArray(String[]::new);
    }

    private void line(int depth, String element, String... attributes) {
        open(depth, element, attributes).append(">\n");
    }

    private void empty(int depth, String element, String... attributes) {
        open(depth, element, attributes).append("/>\n");
    }

    private StringBuilder open(int depth, String element, String... attributes) {
        out.append("  ".repeat(depth)).append('<').append(element);
        for (int i = 0; i < attributes.length; i += 2) {
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(Markup.escape(attributes[i + 1]))
                    .append('"');
        }
        return out;
    }

    private void close(int depth, String element) {
        out.append("  ".repeat(depth)).append("</").append(element).append(">\n");
    }

    private String guard(Item item) {
        return all(Stream.concat(plan.screens().get(item.screen().orElseThrow()).needs().stream(), may(item)));
    }

    /** An item that is hidden or disabled can't be chosen. */
    private static Stream<Condition> may(Item item) {
        return Stream.concat(item.when().stream(), item.enabled().stream());
    }

    private static String all(Stream<Condition> conditions) {
        return conditions.map(Scxml::expression).collect(Collectors.joining(" && "));
    }

    /** A condition in ECMAScript. */
    private static String expression(Condition condition) {
        if (condition instanceof Condition.And and) {
            return "(" + expression(and.left()) + " && " + expression(and.right()) + ")";
        }
        if (condition instanceof Condition.Or or) {
            return "(" + expression(or.left()) + " || " + expression(or.right()) + ")";
        }
        if (condition instanceof Condition.Not not) {
            return "!" + expression(not.inner());
        }
        if (condition instanceof Condition.Compare compare) {
            String symbol = compare.operator().sign();
            String operator = symbol.equals("=") ? "===" : symbol.equals("!=") ? "!==" : symbol;
            return "(" + name(compare.fact()) + " " + operator + " " + value(compare.value()) + ")";
        }
        return name(condition.facts().iterator().next());
    }

    /** A value as a literal of ECMAScript. */
    private static String value(FactValue value) {
        return value instanceof FactValue.Text text ? literal(text.text()) : value.text();
    }

    /**
     * A text as a string literal of ECMAScript (ECMA-262, section 12.9.4): all but plain characters escaped by their
     * code units, so that no text can end the literal, in whatever encoding or markup it is carried.
     */
    private static String literal(String text) {
        var literal = new StringBuilder("'");
        for (char c : text.toCharArray()) {
            boolean isPlain = Character.isLetterOrDigit(c) || c == ' ' || ".,:;-_/+()?!".indexOf(c) >= 0;
            literal.append(isPlain ? String.valueOf(c) : String.format(java.util.Locale.ROOT, "\\u%04x", (int) c));
        }
        return literal.append('\'').toString();
    }

    /** An id as a name of ECMAScript; ids have no underscore, so no two become one. */
    private static String name(String id) {
        return "fact_" + id.replace('-', '_');
    }
}
