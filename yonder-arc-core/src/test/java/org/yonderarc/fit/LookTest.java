package org.yonderarc.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.form.Looks;
import org.yonderarc.plan.BottomForm;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Paint;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.RailForm;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.Style;

/** The one order in which styles lie over each other: item, form, theme, what is usual for the form. */
class LookTest {
    private static Plan plan(boolean theme, boolean bar, boolean item) {
        var builder = PlanBuilder.app("A")
                .start("a")
                .screen("a")
                .screen("b")
                .style("t", style -> style.size(Size.ICON_SIZE, 30)
                        .size(Size.GAP, 1)
                        .indicator(Indicator.Kind.DOT))
                .style("b", style -> style.size(Size.ICON_SIZE, 31).size(Size.PADDING, 2))
                .menu("main", menu -> menu.item("a", one -> {
                            if (item) {
                                one.style(own -> own.size(Size.ICON_SIZE, 32));
                            }
                        })
                        .item("b"))
                .bar(any -> any.menu("main").form(bar ? FormBuilder.bottom().style("b") : FormBuilder.bottom()));
        return theme ? builder.themeStyle("t").build() : builder.build();
    }

    @ParameterizedTest
    @CsvSource({
        "false, false, false, 24, 4, 0, NONE",
        "true,  false, false, 30, 1, 0, DOT",
        "true,  true,  false, 31, 1, 2, DOT",
        "true,  true,  true,  32, 1, 2, DOT",
        "false, true,  true,  32, 4, 2, NONE",
    })
    void whatAStyleDoesNotSayIsAsInTheOneBelow(
            boolean theme, boolean bar, boolean own, double icon, double gap, double padding, Indicator.Kind mark) {
        Plan plan = plan(theme, bar, own);
        Form form = plan.bars().get(0).form("phone").orElseThrow();
        Item item = plan.menus().get("main").items().get(0);
        Look look = Looks.of(plan, form, Optional.of(item));
        assertEquals(icon, look.size(Size.ICON_SIZE));
        assertEquals(gap, look.size(Size.GAP));
        assertEquals(padding, look.size(Size.PADDING));
        assertEquals(mark, look.indicator().kind());
    }

    @Test
    void anItemWithAGroundOfItsOwnKeepsItOnHoverAndPress() {
        var plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .style(
                        "button",
                        style -> style.state(
                                ItemState.DEFAULT,
                                look -> look.fill("accent").label("accent-text").icon("accent-text")))
                .screen("tides", screen -> {})
                .menu("main", menu -> menu.item("tides", item -> item.style("button")))
                .build();
        Look look = Looks.of(plan, BottomForm.DEFAULT, plan.items().findFirst());
        for (ItemState state : List.of(ItemState.HOVER, ItemState.PRESSED)) {
            assertEquals(
                    Optional.of(new Paint.ByRole(Role.ACCENT)),
                    look.in(Set.of(state)).fill());
        }
    }

    @Test
    void statesLieOverEachOtherInTheirOrder() {
        Plan plan = PlanBuilder.app("A")
                .start("a")
                .screen("a")
                .screen("b")
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().style(style -> style.state(
                                ItemState.HOVER, look -> look.label("text"))
                        .state(ItemState.DISABLED, look -> look.icon("line")))))
                .build();
        Look look = Looks.of(plan, plan.bars().get(0).form("phone").orElseThrow(), Optional.empty());
        Map<Set<ItemState>, Role> labels = Map.of(
                Set.of(), Role.MUTED,
                Set.of(ItemState.SELECTED), Role.ACCENT,
                Set.of(ItemState.SELECTED, ItemState.HOVER), Role.TEXT,
                Set.of(ItemState.PRESSED), Role.MUTED);
        labels.forEach((states, role) -> assertEquals(
                Optional.of(new Paint.ByRole(role)), look.in(states).label(), states.toString()));
        assertEquals(
                Optional.of(new Paint.ByRole(Role.LINE)),
                look.in(Set.of(ItemState.SELECTED, ItemState.DISABLED)).icon());
        assertTrue(look.saysDisabled());
        assertFalse(Looks.of(plan(false, false, false), RailForm.DEFAULT, Optional.empty())
                .saysDisabled());
    }

    @ParameterizedTest
    @CsvSource({"SELECTED, true, false", "ALL, true, true", "NONE, false, false"})
    void iconsAreFilledAsTheStyleSays(Style.Which which, boolean selected, boolean other) {
        Plan plan = PlanBuilder.app("A")
                .start("a")
                .screen("a", screen -> screen.icon("droplet"))
                .screen("b", screen -> screen.icon("book"))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().style(style -> style.filled(which)
                        .indicator(Indicator.Kind.LINE))))
                .build();
        var walk = org.yonderarc.walk.Walk.of(plan);
        var icons = new org.yonderarc.view.View(walk, Device.PHONE, new org.yonderarc.layout.PlainMeasure())
                .scene(walk.start())
                .bar("bottom")
                .orElseThrow();
        var shown = new java.util.TreeMap<String, Boolean>();
        icons(icons, shown);
        assertEquals(Map.of("droplet", selected, "book", other), shown);
    }

    private static void icons(org.yonderarc.scene.SceneNode node, Map<String, Boolean> out) {
        if (node instanceof org.yonderarc.scene.SceneNode.Icon icon) {
            out.put(icon.name(), icon.filled());
        } else if (node instanceof org.yonderarc.scene.SceneNode.Group group) {
            group.children().forEach(child -> icons(child, out));
        }
    }

    @Test
    void eachFormHasAMarkThatIsUsualForIt() {
        Plan plan = plan(false, false, false);
        assertEquals(
                Indicator.Kind.NONE,
                Looks.of(plan, BottomForm.DEFAULT, Optional.empty()).indicator().kind());
        Indicator rail = Looks.of(plan, RailForm.DEFAULT, Optional.empty()).indicator();
        assertEquals(Indicator.Kind.SHAPE, rail.kind());
        assertEquals(Indicator.Behind.ITEM, rail.behind(), "a rail tints the whole cell");
        assertEquals(
                Indicator.Behind.ITEM,
                Looks.of(plan, DrawerForm.DEFAULT, Optional.empty()).indicator().behind());
    }
}
