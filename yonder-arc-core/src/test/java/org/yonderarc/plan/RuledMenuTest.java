package org.yonderarc.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MenuBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** Menus whose items follow from the screens. */
class RuledMenuTest {
    private static Plan plan(Consumer<MenuBuilder> menu) {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> {})
                .screen("guide", screen -> {})
                .screen("plants", screen -> screen.under("guide"))
                .screen("plant", screen -> screen.under("plants").path("/plants/{plant}"))
                .screen("wracks", screen -> screen.under("plants").title("Wracks and kelps"))
                .screen("animals", screen -> screen.under("guide"))
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu)
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build();
    }

    private static List<String> ids(Plan plan) {
        return plan.menus().get("main").items().stream().map(Item::id).toList();
    }

    @Test
    void allScreensOrThoseUnderOneInTheirOrderButForSome() {
        assertEquals(List.of("tides", "guide", "map"), ids(plan(menu -> menu.allScreens())));
        assertEquals(List.of("tides", "map"), ids(plan(menu -> menu.allScreens("guide"))));
        assertEquals(List.of("plants", "animals"), ids(plan(menu -> menu.allScreensUnder("guide", false))));
        assertEquals(
                List.of("plants", "wracks", "animals"),
                ids(plan(menu -> menu.allScreensUnder("guide", true))),
                "but not the one whose path needs a parameter");
    }

    @Test
    void whatAnotherItemLeadsToHasNoSecondOne() {
        assertEquals(
                List.of("map", "tides", "guide"), ids(plan(menu -> menu.item("map", item -> item.label("The shore"))
                        .allScreens())));
    }

    @Test
    void itsItemsAreItemsLikeAnyOther() {
        Plan plan = plan(menu -> menu.item("tides").allScreensUnder("In the guide", "guide", true));
        var walk = Walk.of(plan);
        State there = walk.step(walk.start(), new Step.Choose("wracks")).after();
        assertEquals("wracks", walk.shown(there).text());
        var lines = Fitter.fit(walk, Device.PHONE, there).bars().get(0).lines();
        assertEquals("In the guide", lines.get(1).heading().orElseThrow());
        var wracks = lines.get(3).item().orElseThrow();
        assertEquals("Wracks and kelps", wracks.label());
        assertTrue(wracks.selected());
    }

    @Test
    void anEmptyMenuIsAMenu() {
        assertEquals(List.of(), ids(plan(menu -> menu.allScreensUnder("map", true))));
        assertEquals(List.of(), ids(plan(menu -> {})));
    }

    @Test
    void namesThatLeadNowhereAreTold() {
        var told = assertThrows(
                InvalidPlanException.class, () -> plan(menu -> menu.allScreensUnder("gide", false, "animls")));
        assertTrue(told.getMessage().contains("/menus/main/0/all-screens/under"), told.getMessage());
        assertTrue(told.getMessage().contains("/menus/main/0/all-screens/except/0"), told.getMessage());
    }

    @Test
    void rowsShowWhileTheirConditionHolds() {
        Plan plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("swell", false)
                .screen("tides", screen -> screen.wireframe(Wireframe.Kind.LIST)
                        .row("Gull Point", "", "")
                        .rowWhen("swell", "Stay off the weir", "", ""))
                .menu("main", menu -> menu.item("tides"))
                .build();
        var walk = Walk.of(plan);
        assertEquals(
                1, Fitter.fit(walk, Device.PHONE, walk.start()).content().rows().size());
        State told = walk.step(walk.start(), new Step.Tell("swell", FactValue.of(true)))
                .after();
        var fitting = Fitter.fit(walk, Device.PHONE, told);
        assertEquals("Stay off the weir", fitting.content().rows().get(1).title());
        assertEquals(2, fitting.content().rows().size());
    }
}
