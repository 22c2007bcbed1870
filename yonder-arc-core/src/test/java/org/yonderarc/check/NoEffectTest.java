package org.yonderarc.check;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.ItemState;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Size;
import org.yonderarc.plan.TopForm;

/** Keys that another key keeps from having an effect. */
class NoEffectTest {
    static Stream<Arguments> forms() {
        return Stream.of(
                Arguments.of("action", FormBuilder.bottom().action("a").whenFull(Form.WhenFull.SCROLL)),
                Arguments.of("action", FormBuilder.bottom().action("a").whenFull(Form.WhenFull.WRAP)),
                Arguments.of("", FormBuilder.bottom().action("a")),
                Arguments.of("border", FormBuilder.rail().border(true).floating(bar -> bar.inset(8)
                        .radius(8)
                        .shadow(true)
                        .overContent(false))),
                Arguments.of("", FormBuilder.rail().border(true)),
                Arguments.of("wraps", FormBuilder.top().wraps(true)),
                Arguments.of("align-title", FormBuilder.top().alignTitle(TopForm.TitleAlignment.START)),
                Arguments.of("", FormBuilder.top().wraps(true).ownRow(true).itemWidths(TopForm.ItemWidths.TEXT)),
                Arguments.of(
                        "beneath collapsed-width",
                        FormBuilder.drawer()
                                .beneath(aside -> aside.shift(0.5).radius(0).shadow(false))
                                .collapsedWidth(80)),
                Arguments.of(
                        "",
                        FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(80)),
                Arguments.of(
                        "",
                        FormBuilder.drawer()
                                .opens(DrawerForm.Opening.BENEATH)
                                .beneath(aside -> aside.shift(0.5).radius(0).shadow(false))));
    }

    @ParameterizedTest
    @MethodSource("forms")
    void areToldOnceEach(String keys, FormBuilder<?> form) {
        Plan plan = PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a", screen -> screen.icon("home"))
                .screen("b", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main")
                        .form("phone", form)
                        .form("tablet", form)
                        .form("desktop", form))
                .build();
        List<String> told = Check.plan(plan, IconNames.ANY).stream()
                .filter(finding -> finding.code() == Code.NO_EFFECT)
                .map(finding -> finding.message().replaceAll(".*, \"([a-z-]+)\" has no effect: .+[.]", "$1"))
                .toList();
        assertEquals(keys, String.join(" ", told));
    }

    /** A title's bar is a banner; the name is that of the items in it. */
    @Test
    void aSpokenNameNeedsAMenu() {
        PlanBuilder builder = PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a", screen -> screen.icon("home"))
                .menu("main", menu -> menu.item("a"))
                .bar(bar -> bar.menu("main").spokenLabel("Parts").form(FormBuilder.rail()))
                .bar(bar -> bar.spokenLabel("Head").form(FormBuilder.top()));
        assertEquals(
                List.of("/bars/1/spoken-label"),
                Check.plan(builder.build(), IconNames.ANY).stream()
                        .filter(finding -> finding.code() == Code.NO_EFFECT)
                        .map(finding -> finding.spot().pointer())
                        .toList());
    }

    /** The id of a menu is in one language; where there is only one menu, screen readers say the app's word for it. */
    @Test
    void theIdOfAMenuIsNoNameInTwoLanguages() {
        PlanBuilder builder = PlanBuilder.app("Quarry Notes")
                .languages("en", "de")
                .start("a")
                .screen("a", screen -> screen.icon("home").title(Map.of("en", "Pits", "de", "Gruben")))
                .menu("main", menu -> menu.item("a"))
                .menu("side", menu -> menu.item("a"))
                .bar(bar -> bar.menu("main").form(FormBuilder.rail()));
        assertEquals(List.of(), inOneLanguage(builder.build()));
        assertEquals(
                List.of("/bars/0", "/bars/1/spoken-label"),
                inOneLanguage(builder.bar(bar -> bar.menu("side")
                                .spokenLabel("Aside")
                                .form(FormBuilder.drawer().side(Form.Side.TRAILING)))
                        .bar(bar -> bar.id("lower")
                                .menu("side")
                                .spokenLabel(Map.of("en", "Parts", "de", "Teile"))
                                .form(FormBuilder.bottom()))
                        .build()));
    }

    private static List<String> inOneLanguage(Plan plan) {
        return Check.plan(plan, IconNames.ANY).stream()
                .filter(finding -> finding.code() == Code.ONE_LANGUAGE)
                .map(finding -> finding.spot().pointer())
                .toList();
    }

    /** A style that two bars share is told of where it does nothing in both. */
    @Test
    void keysOfStylesAreToldWhereNoBarUsesThem() {
        Plan plan = PlanBuilder.app("Quarry Notes")
                .start("a")
                .screen("a", screen -> screen.icon("home"))
                .screen("b", screen -> screen.icon("map-pin"))
                .style("shared", style -> style.size(Size.ITEM_HEIGHT, 60)
                        .size(Size.ITEM_WIDTH, 90)
                        .size(Size.PADDING_TOP, 20)
                        .state(ItemState.SELECTED, look -> look.tile("accent")))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main")
                        .form("phone", FormBuilder.bottom().style("shared"))
                        .form("tablet", FormBuilder.rail().style("shared"))
                        .form("desktop", FormBuilder.rail().style(style -> style.size(Size.ITEM_WIDTH, 60)
                                .indicator(mark -> mark.kind(Indicator.Kind.NOTCH)
                                        .width(48)
                                        .depth(4)))))
                .build();
        List<String> told = Check.plan(plan, IconNames.ANY).stream()
                .filter(finding -> finding.code() == Code.NO_EFFECT)
                .map(finding -> finding.spot().pointer())
                .toList();
        assertEquals(
                List.of(
                        "/styles/shared/selected/tile",
                        "/bars/0/forms/desktop/style/indicator/depth",
                        "/bars/0/forms/desktop/style/item-width"),
                told);
    }
}
