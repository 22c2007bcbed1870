package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** A field in a drawer into which people type what they look for. */
class FilterFieldTest {
    private static Plan plan() {
        return PlanBuilder.app("Quarry Notes")
                .start("board")
                .fact("wanted", "")
                .screen("board", screen -> screen.icon("layout-dashboard"))
                .screen("sandstone", screen -> screen.icon("diamond"))
                .screen("limestone", screen -> screen.icon("diamonds"))
                .screen("old-tools", screen -> screen.title("Old TOOLS").icon("tools"))
                .menu("main", menu -> menu.item("board")
                        .section("Stones", Entry.Collapsible.COLLAPSED, in -> in.item("sandstone")
                                .item("limestone"))
                        .divider()
                        .item("old-tools"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.ALWAYS)
                                .collapsedWidth(72)
                                .filter("wanted")))
                .build();
    }

    private static FittedBar bar(State state) {
        return Fitter.fit(Walk.of(plan()), Device.DESKTOP, state).bars().get(0);
    }

    private static State typed(String text) {
        Walk walk = Walk.of(plan());
        return walk.step(walk.start(), new Step.Tell("wanted", new FactValue.Text(text)))
                .after();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''          | Board,Stones,Old TOOLS",
                "'  '        | Board,Stones,Old TOOLS",
                "stone       | Sandstone,Limestone",
                "' LIME '    | Limestone",
                "tools old   | Old TOOLS",
                "old stone   | ''",
                "o           | Board,Sandstone,Limestone,Old TOOLS"
            })
    void entriesWhoseNameHoldsEachWordStay(String text, String left) {
        assertEquals(
                left.isEmpty() ? List.of() : List.of(left.split(",")),
                bar(typed(text)).items().stream().map(FittedItem::label).toList());
    }

    @Test
    void whereNothingIsFoundItSaysSo() {
        List<FittedBar.Line> lines = bar(typed("granite")).lines();
        assertEquals(
                List.of(Optional.of("Nothing found")),
                lines.stream().map(FittedBar.Line::heading).toList());
    }

    @Test
    void theFieldStandsAboveTheEntriesAndSaysWhatIsTyped() {
        for (String text : List.of("", "stone")) {
            Layout.Bar bar = Layouter.layOut(
                            Fitter.fit(Walk.of(plan()), Device.DESKTOP, typed(text)), new PlainMeasure())
                    .bars()
                    .get(0);
            Layout.Field field = bar.head().field().orElseThrow();
            assertEquals(text.isEmpty() ? "Find" : text, field.text().text());
            assertTrue(field.target().height() >= 48);
            assertTrue(bar.list().slots().stream()
                    .allMatch(slot -> slot.target().y() >= field.target().bottom()));
        }
        State folded =
                Walk.of(plan()).step(typed(""), new Step.Collapse("main")).after();
        assertFalse(bar(folded).filter().isPresent(), "collapsed, there is no room for it");
    }

    @Test
    void whatIsTypedHasToBeAText() {
        PlanBuilder wrong = PlanBuilder.app("Quarry Notes")
                .start("board")
                .fact("wanted", 3)
                .screen("board")
                .screen("map")
                .menu("main", menu -> menu.item("board").item("map"))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer().filter("wanted")))
                .topBar();
        List<Finding> findings =
                assertThrows(InvalidPlanException.class, wrong::build).findings();
        assertEquals(
                List.of(Code.FILTER_TYPE), findings.stream().map(Finding::code).toList());
    }
}
