package org.yonderarc.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.tree.Markup;
import org.yonderarc.walk.Walk;

/**
 * Writes the walk of a plan as a state machine in SCXML 1.0 (W3C Recommendation of 1 September 2015), with the null data
 * model's absence made up for by the one of ECMAScript: a compound state for each branch with a deep history, a state for
 * each screen at or below it, guards as conditions, signals as {@code send}. Trails are cut to what the plan says: a
 * screen is left to the one it stands under.
 */
public final class Scxml {
    private final Plan plan;
    private final StringBuilder out = new StringBuilder();

    private Scxml(Plan plan) {
        this.plan = plan;
    }

    /** The state machine. */
    public static String write(Plan plan) {
        return new Scxml(plan).write();
    }

    private String write() {
        String start = Walk.of(plan).start().branch();
        List<Item> branches =
                plan.items().filter(item -> item.place().isPresent()).toList();
        boolean loose = branches.stream().noneMatch(item -> item.id().equals(start));
        out.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
                .append(
                        "<scxml xmlns=\"http://www.w3.org/2005/07/scxml\" version=\"1.0\" datamodel=\"ecmascript\" name=\"")
                .append(Markup.escape(plan.app().name()))
                .append("\" initial=\"")
                .append(loose ? "start" : "branch." + start)
                .append("\">\n  <datamodel>\n");
        plan.facts().forEach(this::fact);
        out.append("  </datamodel>\n");
        if (loose) {
            branch("start", plan.app().start().orElseThrow(), branches);
        }
        branches.forEach(item -> branch("branch." + item.id(), item.screen().orElseThrow(), branches));
        out.append("  <final id=\"left\"/>\n</scxml>\n");
        return out.toString();
    }

    private void fact(Fact fact) {
        FactValue value = fact.initial();
        String expression = value instanceof FactValue.Text
                ? "'" + value.text().replace("\\", "\\\\").replace("'", "\\'") + "'"
                : value.text();
        out.append("    <data id=\"")
                .append(name(fact.id()))
                .append("\" expr=\"")
                .append(Markup.escape(expression))
                .append("\"/>\n");
    }

    private void branch(String id, String root, List<Item> branches) {
        out.append("  <state id=\"")
                .append(id)
                .append("\" initial=\"")
                .append(id)
                .append('.')
                .append(root)
                .append("\">\n");
        out.append("    <history id=\"").append(id).append(".as-left\" type=\"deep\"><transition target=\"");
        out.append(id).append('.').append(root).append("\"/></history>\n");
        for (Item other : branches) {
            boolean own = id.equals("branch." + other.id());
            out.append("    <transition event=\"choose.").append(other.id()).append('"');
            guard(other.screen().orElseThrow(), other.enabled());
            out.append(" target=\"branch.")
                    .append(other.id())
                    .append(own ? "." + root : ".as-left")
                    .append("\"/>\n");
        }
        plan.items().filter(item -> item.place().isEmpty()).forEach(item -> out.append(
                        "    <transition event=\"choose.")
                .append(item.id())
                .append("\"><send event=\"chosen.")
                .append(item.id())
                .append("\"/></transition>\n"));
        for (Screen screen : below(root)) {
            screen(id, screen, root, branches);
        }
        out.append("  </state>\n");
    }

    private List<Screen> below(String root) {
        var found = new ArrayList<Screen>();
        plan.screens().forEach(screen -> {
            if (plan.isWithin(screen.id(), root)) {
                found.add(screen);
            }
        });
        return found;
    }

    private void screen(String branch, Screen screen, String root, List<Item> branches) {
        out.append("    <state id=\"")
                .append(branch)
                .append('.')
                .append(screen.id())
                .append("\">\n");
        plan.screens().stream()
                .filter(child -> child.under().filter(screen.id()::equals).isPresent())
                .forEach(child -> {
                    out.append("      <transition event=\"open.")
                            .append(child.id())
                            .append('"');
                    guard(child.id(), Optional.empty());
                    out.append(" target=\"")
                            .append(branch)
                            .append('.')
                            .append(child.id())
                            .append("\"/>\n");
                });
        String start = Walk.of(plan).start().branch();
        String back = screen.id().equals(root)
                ? branch.equals("branch." + start) || branches.isEmpty() || branch.equals("start")
                        ? "left"
                        : "branch." + start + ".as-left"
                : branch + "." + screen.under().orElse(root);
        out.append("      <transition event=\"back\" target=\"").append(back).append("\"/>\n    </state>\n");
    }

    private void guard(String screen, Optional<Condition> enabled) {
        var conditions = new ArrayList<String>();
        plan.screens().get(screen).needs().map(this::expression).ifPresent(conditions::add);
        enabled.map(this::expression).ifPresent(conditions::add);
        if (!conditions.isEmpty()) {
            out.append(" cond=\"")
                    .append(Markup.escape(String.join(" && ", conditions)))
                    .append('"');
        }
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
            String value = compare.value() instanceof FactValue.Text text
                    ? "'" + text.text().replace("'", "\\'") + "'"
                    : compare.value().text();
            String symbol = compare.operator().sign();
            String operator = symbol.equals("=") ? "===" : symbol.equals("!=") ? "!==" : symbol;
            return "(" + name(compare.fact()) + " " + operator + " " + value + ")";
        }
        return name(condition.facts().iterator().next());
    }

    /** An id as a name of ECMAScript. */
    private static String name(String id) {
        return "fact_" + id.replace('-', '_');
    }
}
