package org.yonderarc.build;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.yonderarc.check.Check;
import org.yonderarc.check.IconNames;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Identified;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Screen;
import org.yonderarc.tree.Spot;

/**
 * Builds a plan in Java, in the order and the words of a plan file:
 *
 * <pre>{@code
 * Plan plan = PlanBuilder.app("Brinelight")
 *         .start("tides")
 *         .fact("drafts", 0)
 *         .screen("tides", screen -> screen.icon("droplet"))
 *         .screen("surveys", screen -> screen.icon("clipboard-list"))
 *         .menu("main", menu -> menu.item("tides").item("surveys", item -> item.badge("drafts")))
 *         .build();
 * }</pre>
 *
 * <p>A mistake is kept until {@link #build()}, which reports all of them together.
 */
public final class PlanBuilder {
    private final String name;
    private final List<Fact> facts = new ArrayList<>();
    private final List<Screen> screens = new ArrayList<>();
    private final List<Menu> menus = new ArrayList<>();
    private final List<Bar> bars = new ArrayList<>();
    private final List<Finding> mistakes = new ArrayList<>();
    private Optional<String> start = Optional.empty();

    private PlanBuilder(String name) {
        this.name = name;
    }

    /** Starts the plan of the app with this name. */
    public static PlanBuilder app(String name) {
        return new PlanBuilder(java.util.Objects.requireNonNull(name, "name"));
    }

    /** Sets the screen that is shown first. */
    public PlanBuilder start(String screen) {
        start = Optional.of(screen);
        return this;
    }

    /** Declares a fact that is true or false. */
    public PlanBuilder fact(String id, boolean initial) {
        return fact(id, () -> new FactValue.Flag(initial));
    }

    /** Declares a fact that is a number. */
    public PlanBuilder fact(String id, double initial) {
        return fact(id, () -> new FactValue.Number(initial));
    }

    /** Declares a fact that is a text. */
    public PlanBuilder fact(String id, String initial) {
        return fact(id, () -> new FactValue.Text(initial));
    }

    private PlanBuilder fact(String id, Supplier<FactValue> initial) {
        keep(Spot.child("/facts", id), () -> facts.add(new Fact(id, initial.get())));
        return this;
    }

    /** Adds a screen with all defaults: its title is its id in words. */
    public PlanBuilder screen(String id) {
        return screen(id, UnaryOperator.identity());
    }

    /** Adds a screen. */
    public PlanBuilder screen(String id, UnaryOperator<ScreenBuilder> define) {
        keep(
                Spot.child("/screens", id),
                () -> screens.add(define.apply(new ScreenBuilder(id)).build()));
        return this;
    }

    /** Adds a menu. */
    public PlanBuilder menu(String id, UnaryOperator<MenuBuilder> define) {
        keep(
                Spot.child("/menus", id),
                () -> menus.add(new Menu(id, define.apply(new MenuBuilder()).items())));
        return this;
    }

    /** Adds a bottom bar that shows {@code menu}. Without any bar a plan gets a bottom bar with its first menu and a top bar. */
    public PlanBuilder bottomBar(String menu) {
        bars.add(new Bar.Bottom(menu));
        return this;
    }

    /** Adds a top bar. */
    public PlanBuilder topBar() {
        bars.add(new Bar.Top());
        return this;
    }

    /**
     * The plan.
     *
     * @throws PlanException with all errors, if there are any
     */
    public Plan build() {
        return build(IconNames.ANY);
    }

    /**
     * The plan, its icons checked too.
     *
     * @throws PlanException with all errors, if there are any
     */
    public Plan build(IconNames icons) {
        List<Bar> shown = bars.isEmpty() ? defaultBars() : bars;
        var plan = new Plan(new App(name, start), Catalog.of(facts), Catalog.of(screens), Catalog.of(menus), shown);
        var findings = new ArrayList<>(mistakes);
        duplicates("/facts", facts, findings);
        duplicates("/screens", screens, findings);
        duplicates("/menus", menus, findings);
        findings.addAll(Check.plan(plan, icons));
        if (Finding.anyError(findings)) {
            throw new PlanException(findings);
        }
        return plan;
    }

    private List<Bar> defaultBars() {
        var defaults = new ArrayList<Bar>();
        if (!menus.isEmpty()) {
            defaults.add(new Bar.Bottom(menus.get(0).id()));
        }
        defaults.add(new Bar.Top());
        return defaults;
    }

    private static void duplicates(String parent, List<? extends Identified> all, List<Finding> findings) {
        var seen = new HashSet<String>();
        for (Identified one : all) {
            if (!seen.add(one.id())) {
                findings.add(new Finding(
                        Code.DUPLICATE_ID,
                        Spot.at(Spot.child(parent, one.id())),
                        "\"" + one.id() + "\" is defined twice.",
                        "Rename or remove one of them."));
            }
        }
    }

    private void keep(String pointer, Runnable add) {
        try {
            add.run();
        } catch (IllegalArgumentException refused) {
            mistakes.add(new Finding(
                    Code.BAD_VALUE, Spot.at(pointer), refused.getMessage() + ".", "Correct it in the builder."));
        }
    }
}
