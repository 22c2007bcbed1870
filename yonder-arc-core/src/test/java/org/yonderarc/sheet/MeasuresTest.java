package org.yonderarc.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.sheet.SheetPlans.MEASURE;
import static org.yonderarc.sheet.SheetPlans.plan;
import static org.yonderarc.sheet.SheetPlans.shot;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Value;
import org.yonderarc.walk.Step;

/** The hand-off: measures as they are drawn. */
class MeasuresTest {
    @Test
    void measuresAreThoseOfThePicture() {
        var rows = new Measures(shot(Shore.plan()), MEASURE).all();
        var byPart = rows.stream().collect(Collectors.toMap(Measures.Measure::part, row -> row));
        assertEquals(128, byPart.get("item:map").box().width(), "a third of 384");
        assertEquals("accent", byPart.get("item:tides label").role());
        assertEquals(
                shot(Shore.plan())
                        .plan()
                        .theme()
                        .colour(Scheme.LIGHT, Role.ACCENT)
                        .css(),
                byPart.get("item:tides label").colour());
        assertEquals("Inter 12 semibold", byPart.get("item:tides label").type());
        assertEquals("Inter 12 regular", byPart.get("item:map label").type());
        String csv = MeasureTable.csv(new Measures(shot(Shore.plan()), MEASURE));
        assertEquals(rows.size() + 1, csv.split("\r\n").length);
        assertThrows(
                IllegalArgumentException.class,
                () -> new Measures(
                        new Shot(
                                Shore.plan(),
                                Setting.of(Device.PHONE),
                                Optional.empty(),
                                List.of(),
                                Optional.of("rail")),
                        MEASURE));
    }

    /** What stands on a badge is told as that, though other roles have its colour; what the grid leaves over is no distance. */
    @Test
    void measuresTellTheRoleOfABadgeAndNoDistanceThatNobodySees() {
        Plan plan = PlanBuilder.app("A")
                .start("a")
                .fact("n", 3)
                .screen("a", screen -> screen.icon("droplet"))
                .screen("b", screen -> screen.icon("book"))
                .screen("c", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("a", item -> item.badge("n"))
                        .item("b")
                        .item("c"))
                .build();
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.of("bottom"));
        var measures = new Measures(shot, MEASURE).all();
        assertEquals(
                List.of("badge-text"),
                measures.stream()
                        .filter(one -> one.part().endsWith("badge text"))
                        .map(Measures.Measure::role)
                        .toList());
        assertTrue(measures.stream()
                .filter(one -> one.part().startsWith("distance"))
                .allMatch(one -> one.box().width() >= 0.05 || one.box().height() >= 0.05));
        assertTrue(measures.stream().noneMatch(one -> one.part().equals("distance item:c to bottom")));
    }

    /** Where two roles have one colour, the role is the one that the colour comes from; a colour written out has none. */
    @Test
    void measuresTellWhereAColourComesFrom() {
        String ink = Theme.DEFAULT.colour(Scheme.LIGHT, Role.TEXT).css();
        Plan plan = PlanBuilder.app("Quay")
                .colour(Scheme.LIGHT, Role.ACCENT, ink)
                .colour("sea", "#ffffff", "#000000")
                .screen("a", screen -> screen.icon("droplet"))
                .screen("b", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("a").item("b"))
                .style("low", style -> style.background(ground -> ground.fill("sea"))
                        .state(ItemState.DEFAULT, state -> state.label(ink)))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().style("low")))
                .topBar()
                .build();
        assertEquals("sea", measure(plan, "bottom", "ground").role());
        assertEquals(ink, measure(plan, "bottom", "item:b label").colour());
        assertEquals("", measure(plan, "bottom", "item:b label").role());
        assertEquals("text", measure(plan, "top", "title text").role());
        assertEquals("surface", measure(plan, "top", "ground").role());
    }

    /** The gap of a notch, and the page beside a drawer that lies beneath it: moved by half of the drawer, smaller, in the middle. */
    @Test
    void measuresTellTheNotchAndThePage() {
        Plan notched = plan(FormBuilder.bottom().style("deep"));
        assertEquals(
                4, measure(notched, "bottom", "distance mark to notch").box().width());
        Plan beneath = plan(FormBuilder.drawer()
                .opens(DrawerForm.Opening.BENEATH)
                .beneath(aside -> aside.shift(0.5).radius(30).shadow(true).scale(0.75)));
        Measures.Measure page = measure(beneath, "drawer", "page at 75 %", new Step.Toggle("main"));
        assertEquals(new Box(150, 103, 288, 618), page.box());
        assertEquals(30, page.radius());
        assertEquals(
                150,
                measure(beneath, "drawer", "distance window to page", new Step.Toggle("main"))
                        .box()
                        .width());
    }

    /** As the Design Tokens Format Module writes them: type shadow, duration and cubicBezier. */
    @Test
    void tokensHaveTheShadowAndTheTimes() {
        Plan plan = PlanBuilder.app("Quay")
                .screen("a")
                .screen("b")
                .menu("main", menu -> menu.item("a").item("b"))
                .style("low", style -> style.background(ground -> ground.shadow("#20406080", 20, 3, -4)))
                .selectMotion(MotionBuilder.lasting(420).easing("cubic-bezier(0.1, 0.2, 0.3, 0.4)"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom()
                                .floating(how -> how.inset(16).radius(24).shadow(true))
                                .style("low")))
                .build();
        Value tokens = MeasureTokens.tokens(
                new Measures(
                        new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.of("bottom")),
                        MEASURE),
                false);
        assertEquals(20, number(tokens, "shadow", "$value", "blur", "value"));
        assertEquals(3, number(tokens, "shadow", "$value", "offsetX", "value"));
        assertEquals(-4, number(tokens, "shadow", "$value", "offsetY", "value"));
        assertEquals(0.5, number(tokens, "shadow", "$value", "color", "alpha"));
        assertEquals(420, number(tokens, "time", "select-duration", "$value", "value"));
        var curve = (ListValue) at(tokens, "time", "select-easing", "$value");
        assertEquals(
                List.of(0.1, 0.2, 0.3, 0.4),
                curve.items().stream().map(one -> ((NumberValue) one).number()).toList());
    }

    private static Measures.Measure measure(Plan plan, String part, String name, Step... steps) {
        var shot = new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(steps), Optional.of(part));
        return new Measures(shot, MEASURE)
                .all().stream()
                        .filter(one -> one.part().equals(name))
                        .findFirst()
                        .orElseThrow();
    }

    private static Value at(Value value, String... keys) {
        Value here = value;
        for (String key : keys) {
            here = ((MapValue) here).entry(key).orElseThrow().value();
        }
        return here;
    }

    private static double number(Value value, String... keys) {
        return ((NumberValue) at(value, keys)).number();
    }
}
