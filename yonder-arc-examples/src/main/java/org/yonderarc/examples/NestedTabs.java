package org.yonderarc.examples;

import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Plan;

/**
 * Tabs inside of a drawer's screen: the drawer leads to the huts, which have a bottom bar of their own; each of its items keeps
 * its trail, and the drawer's item stays selected above all of them.
 */
public final class NestedTabs {
    private NestedTabs() {}

    /** The plan. */
    public static Plan plan() {
        return PlanBuilder.app("Nested")
                .start("news")
                .screen("news")
                .screen("huts")
                .screen("beds", screen -> screen.under("huts"))
                .screen("meals", screen -> screen.under("huts"))
                .screen("meal", screen -> screen.under("meals").path("/meals/{meal}"))
                .menu("side", menu -> menu.item("news").item("huts"))
                .menu("tabs", menu -> menu.item("beds").item("meals"))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
                .bar(bar -> bar.menu("tabs").within("huts").form(FormBuilder.bottom()))
                .topBar()
                .build();
    }

    /** Walks through it, and prints where that leads. */
    public static void main(String[] arguments) {
        var navigator = new Navigator(plan(), Runnable::run);
        navigator.listen(moved -> System.out.println(moved.change().step().text() + " -> " + moved.to()));
        navigator.choose("huts");
        navigator.choose("meals");
        navigator.open("meal", java.util.Map.of("meal", "soup"));
        navigator.choose("beds");
        navigator.choose("meals");
        navigator.choose("news");
        navigator.choose("huts");
    }
}
