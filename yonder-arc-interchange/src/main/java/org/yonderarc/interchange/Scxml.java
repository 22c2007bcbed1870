package org.yonderarc.interchange;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
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
 * of ECMAScript. Several regions are active at once: {@code at} says which branch is shown, and a region for each branch
 * says which screen its trail ends with. Facts are data that {@code tell} events assign (a list is an array of the ids of
 * its entries), conditions are guards, signals are {@code send}. A screen with a condition has states of its own for what
 * is shown in its place: {@code branch.ITEM.SCREEN.as.OTHER}, where OTHER is its {@code otherwise}; when its condition
 * fails while it is shown, its branch is left to the screen below it.
 *
 * <p>Trails are cut to what the plan says: a screen is opened from the one it stands under and left to that; going back
 * through the history of branches becomes going back to the start's; the entries of a list share the branch of their item.
 */
public final class Scxml {
    /** More states than this no tool shows or runs: an item for each of many screens above one another makes them. */
    public static final int MOST_STATES = 50_000;

    /** What interpreters take as a name of ECMAScript too, which is stricter than an Nmtoken (XML 1.0, production 7). */
    private static final Pattern NO_NAME = Pattern.compile(
            "[^\\w\\xC0-\\xD6\\xD8-\\xF6\\xF8-\\u02FF\\u0370-\\u037D\\u037F-\\u1FFF\\u3001-\\uD7FF]+|^(?=[0-9])");

    private final Plan plan;
    private final Walk walk;
    private final String start;
    private final Map<String, Item> items = new LinkedHashMap<>();
    private final Map<String, List<Screen>> children = new LinkedHashMap<>();
    private final StringBuilder out = new StringBuilder();
    private int states;

    private Scxml(Plan plan) {
        this.plan = plan;
        this.walk = Walk.of(plan);
        this.start = walk.start().branch();
        // The same item may stand in several menus.
        plan.items().forEach(item -> items.putIfAbsent(item.id(), item));
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

    /** A branch of the machine: the item that leads to it, or none for the start where no item leads there. */
    private record Branch(String id, String root, Optional<Item> item) {
        /** The state in which it is the one that is shown. */
        String at() {
            return "at." + id;
        }

        String isShown() {
            return in(at());
        }

        String screen(String id) {
            return this.id + "." + id;
        }
    }

    private String write() {
        var branches = new ArrayList<Branch>();
        items.values().stream()
                .filter(item -> item.place().isPresent())
                .forEach(item -> branches.add(
                        new Branch("branch." + item.id(), item.screen().orElseThrow(), Optional.of(item))));
        Branch first = branches.stream()
                .filter(branch -> branch.item().orElseThrow().id().equals(start))
                .findFirst()
                .orElseGet(() -> {
                    branches.add(0, new Branch("start", plan.start().orElseThrow(), Optional.empty()));
                    return branches.get(0);
                });
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
                word(plan.app().name()),
                "initial",
                "app");
        line(1, "datamodel");
        plan.facts().forEach(fact -> empty(2, "data", "id", name(fact.id()), "expr", value(fact.initial())));
        close(1, "datamodel");
        line(1, "parallel", "id", "app");
        items.values().stream().filter(item -> item.place().isEmpty()).forEach(this::signal);
        plan.facts().forEach(this::tell);
        at(branches, first);
        branches.forEach(this::branch);
        branches.forEach(branch -> branch.item().ifPresent(this::tabs));
        close(1, "parallel");
        empty(1, "final", "id", "left");
        close(0, "scxml");
        return out.toString();
    }

    /** A name that is one word: all else becomes an underscore. */
    private static String word(String text) {
        return NO_NAME.matcher(text).replaceAll("_");
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

    /** Which branch is shown. The items lead here from everywhere; at a branch's root, going back leads to the start's. */
    private void at(List<Branch> branches, Branch first) {
        state(2, "id", "at", "initial", first.at());
        branches.forEach(branch -> branch.item().ifPresent(item -> choose(item, branch.root(), branch.at())));
        for (Branch branch : branches) {
            boolean leaves = branch == first || plan.app().back() == App.Back.LEAVE;
            state(3, "id", branch.at());
            transition(4, "back", in(branch.screen(branch.root())), leaves ? "left" : first.at());
            close(3, "state");
        }
        close(2, "state");
    }

    /** An item leads to its branch, or to the branch of a tab: the one that was shown last, at first the first that shows. */
    private void choose(Item item, String root, String at) {
        String last = "tab." + item.id();
        for (Item tab : walk.tabs(item.id())) {
            within(
                    3,
                    "choose." + item.id(),
                    and(reached(item, tab.id(), tab.screen().orElseThrow()), in(last + "." + tab.id())),
                    "at.branch." + tab.id());
        }
        for (Item tab : walk.tabs(item.id())) {
            String isFirst =
                    all(Stream.concat(Stream.of(in(last + ".none")), tab.when().map(this::expression).stream()));
            within(
                    3,
                    "choose." + item.id(),
                    and(reached(item, tab.id(), tab.screen().orElseThrow()), isFirst),
                    "at.branch." + tab.id());
        }
        within(3, "choose." + item.id(), reached(item, item.id(), root), at);
    }

    /** Where nothing could be shown for the root of a branch, an item leads nowhere, unless the branch was left above that. */
    private String reached(Item item, String branch, String root) {
        String somewhere = isAlwaysShown(root) ? "" : "!" + in("branch." + branch + "." + root) + " || " + anyOf(root);
        return and(all(may(item)), somewhere);
    }

    /** Which of a part's tabs was shown last. */
    private void tabs(Item item) {
        List<Item> tabs = walk.tabs(item.id());
        if (tabs.isEmpty()) {
            return;
        }
        String id = "tab." + item.id();
        state(2, "id", id, "initial", id + ".none");
        tabs.forEach(tab ->
                within(3, "", in("at.branch." + tab.id()) + " && !" + in(id + "." + tab.id()), id + "." + tab.id()));
        state(3, "id", id + ".none");
        close(3, "state");
        tabs.forEach(tab -> {
            state(3, "id", id + "." + tab.id());
            close(3, "state");
        });
        close(2, "state");
    }

    /** What a branch shows: its root and what stands below that. Its own item leads to its root, however deep the person is. */
    private void branch(Branch branch) {
        state(2, "id", branch.id(), "initial", branch.screen(branch.root()));
        Stream.concat(branch.item().stream(), items.values().stream().filter(item -> leadsTo(item, branch)))
                .forEach(item -> within(
                        3, "choose." + item.id(), and(all(may(item)), branch.isShown()), branch.screen(branch.root())));
        var open = new ArrayDeque<Screen>();
        open.push(plan.screens().get(branch.root()));
        while (!open.isEmpty()) {
            Screen screen = open.pop();
            boolean isRoot = screen.id().equals(branch.root());
            List<Screen> below = children.getOrDefault(screen.id(), List.of());
            screen(
                    branch,
                    screen,
                    below,
                    isRoot ? Optional.empty() : screen.under().map(above -> left(branch, above)));
            below.forEach(open::push);
        }
        close(2, "state");
    }

    private boolean leadsTo(Item item, Branch branch) {
        return branch.item().filter(walk.tabs(item.id())::contains).isPresent();
    }

    /** A screen, as it was left. */
    private String left(Branch branch, String screen) {
        return branch.screen(screen) + (isGuarded(screen) ? ".left" : "");
    }

    private void screen(Branch branch, Screen screen, List<Screen> below, Optional<String> above) {
        String id = branch.screen(screen.id());
        boolean isGuarded = isGuarded(screen.id());
        state(3, attributes("id", id, "initial", isGuarded ? id + ".asked" : ""));
        below.forEach(child -> transition(
                4,
                "open." + child.id(),
                and(branch.isShown(), isAlwaysShown(child.id()) ? "" : anyOf(child.id())),
                branch.screen(child.id())));
        above.ifPresent(target -> transition(4, "back", branch.isShown(), target));
        if (isGuarded) {
            guarded(branch, screen, id, above);
        }
        close(3, "state");
    }

    /** A screen with a condition: it is asked, then the screen is shown, or another one in its place until it holds. */
    private void guarded(Branch branch, Screen screen, String id, Optional<String> above) {
        line(4, "history", "id", id + ".left", "type", "shallow");
        empty(5, "transition", "target", id + ".asked");
        close(4, "history");
        List<String> others = chain(screen.id()).subList(1, chain(screen.id()).size());
        state(4, "id", id + ".asked");
        transition(5, "", needs(screen.id()), id + ".itself");
        others.forEach(other -> transition(5, "", needs(other), id + ".as." + other));
        if (!isAlwaysShown(screen.id())) {
            transition(5, "", "", id + ".as-nothing");
        }
        close(4, "state");
        state(4, "id", id + ".itself");
        transition(5, "", "!" + needs(screen.id()), above.orElse(id + ".asked"));
        close(4, "state");
        for (String other : others) {
            // The first in order that may be shown is.
            List<String> before =
                    chain(screen.id()).subList(0, chain(screen.id()).indexOf(other));
            String another = before.stream().map(this::needs).collect(Collectors.joining(" || "))
                    + (isGuarded(other) ? " || !" + needs(other) : "");
            waiting(branch, id + ".as." + other, another, id, above);
        }
        if (!isAlwaysShown(screen.id())) {
            waiting(branch, id + ".as-nothing", anyOf(screen.id()), id, above);
        }
    }

    /** What is not allowed is waited for as long as its branch is shown. */
    private void waiting(Branch branch, String id, String until, String screen, Optional<String> above) {
        state(4, "id", id);
        transition(5, "", until, screen + ".asked");
        above.ifPresent(target -> transition(5, "", "!" + branch.isShown(), target));
        close(4, "state");
    }

    private boolean isGuarded(String screen) {
        return plan.screens().get(screen).needs().isPresent();
    }

    /** Whether it is, or what is shown in its place. */
    private boolean isAlwaysShown(String screen) {
        return !chain(screen).stream().allMatch(this::isGuarded);
    }

    private String needs(String screen) {
        return plan.screens().get(screen).needs().map(this::expression).orElse("");
    }

    /** A screen, and what is shown in its place, in turn. */
    private List<String> chain(String screen) {
        var chain = new LinkedHashSet<String>();
        for (Optional<String> at = Optional.of(screen);
                at.isPresent() && chain.add(at.get()) && isGuarded(at.get()); ) {
            at = plan.screens().get(at.get()).otherwise();
        }
        return List.copyOf(chain);
    }

    private String anyOf(String screen) {
        return chain(screen).stream().map(this::needs).collect(Collectors.joining(" || ", "(", ")"));
    }

    private static String and(String one, String other) {
        return one.isEmpty() || other.isEmpty() ? one + other : one + " && (" + other + ")";
    }

    private static String in(String state) {
        return "In('" + state + "')";
    }

    private void state(int depth, String... attributes) {
        states++;
        if (states > MOST_STATES) {
            throw new IllegalArgumentException("the state machine would have more than " + MOST_STATES
                    + " states, one for each screen at or below each item");
        }
        line(depth, "state", attributes);
    }

    private void transition(int depth, String event, String condition, String target) {
        empty(depth, "transition", attributes("event", event, "cond", condition, "target", target));
    }

    /** From a state to one within it, without leaving it: otherwise all regions would start anew. */
    private void within(int depth, String event, String condition, String target) {
        empty(depth, "transition", attributes("event", event, "cond", condition, "type", "internal", "target", target));
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

    /** An item that is hidden or disabled can't be chosen. */
    private Stream<String> may(Item item) {
        // Of a repeated item, the event's data says which entry.
        return Stream.concat(
                Stream.concat(item.when().stream(), item.enabled().stream()).map(this::expression),
                item.repeat().map(each -> "(" + name(each.fact()) + ".indexOf(_event.data) >= 0)").stream());
    }

    private static String all(Stream<String> conditions) {
        return conditions.collect(Collectors.joining(" && "));
    }

    /** A condition in ECMAScript. */
    private String expression(Condition condition) {
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
            boolean isList = plan.facts()
                    .find(compare.fact())
                    .filter(fact -> fact.initial() instanceof FactValue.Entries)
                    .isPresent();
            return "(" + name(compare.fact()) + (isList ? ".length" : "") + " " + operator + " "
                    + value(compare.value()) + ")";
        }
        return "(" + name(condition.facts().iterator().next()) + " === true)";
    }

    /** A value as a literal of ECMAScript. */
    private static String value(FactValue value) {
        if (value instanceof FactValue.Entries list) {
            return list.entries().stream()
                    .map(entry -> literal(entry.id()))
                    .collect(Collectors.joining(", ", "[", "]"));
        }
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
