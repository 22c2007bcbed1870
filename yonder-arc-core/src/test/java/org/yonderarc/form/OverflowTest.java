package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.OverflowBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Form;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What doesn't fit into a bar: how many stand before it, what it opens, and what it is called. */
class OverflowTest {
    private static Walk walk(int screens, Consumer<OverflowBuilder> overflow) {
        var builder = PlanBuilder.app("Brinelight").start("s0");
        for (int i = 0; i < screens; i++) {
            builder.screen("s" + i, screen -> screen.icon("droplet"));
        }
        return Walk.of(builder.menu("main", menu -> {
                    for (int i = 0; i < screens; i++) {
                        menu.item("s" + i);
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().overflow(overflow)))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build());
    }

    private static List<String> inBar(Walk walk) {
        return Fitter.fit(walk, Device.PHONE, walk.start()).one(Form.Kind.BOTTOM).orElseThrow().items().stream()
                .map(FittedItem::id)
                .toList();
    }

    @Test
    void soManyStandBeforeItAsThePlanSays() {
        assertEquals(List.of("s0", "s1", "more:main"), inBar(walk(5, more -> more.itemsBefore(2))));
        assertEquals(5, inBar(walk(5, more -> {})).size(), "all fit");
        assertEquals(List.of("s0", "s1"), inBar(walk(2, more -> more.itemsBefore(2))), "nothing is left over");
    }

    private static State opened(Walk walk) {
        return walk.step(walk.start(), new Step.Toggle("main")).after();
    }

    @Test
    void thePlaceThatItOpensHasItsTitle() {
        Walk walk = walk(8, more -> more.label("Further"));
        Fitting open = Fitter.fit(walk, Device.PHONE, opened(walk));
        assertEquals("Further", open.one(Form.Kind.TOP).orElseThrow().title());
        Walk sheet = walk(8, more -> more.label("Further").presentation(Form.Overflow.Presentation.SHEET));
        assertEquals(
                "S0",
                Fitter.fit(sheet, Device.PHONE, opened(sheet))
                        .one(Form.Kind.TOP)
                        .orElseThrow()
                        .title());
    }

    @ParameterizedTest
    @EnumSource(Form.TileLayout.class)
    void aSheetComesUpFromTheLowerEdgeAndLeavesTheContentToBeSeen(Form.TileLayout tiles) {
        for (int count : new int[] {6, 60}) {
            Walk walk = walk(count, more -> more.presentation(Form.Overflow.Presentation.SHEET)
                    .layout(tiles));
            Fitting fitting = Fitter.fit(walk, Device.PHONE, opened(walk));
            Layout layout = Layouter.layOut(fitting, new PlainMeasure());
            Layout.Bar sheet = layout.overflow().orElseThrow();
            assertEquals(FittedBar.Standing.OVERFLOW, sheet.fitted().standing());
            assertEquals(Layout.Scrim.DIM, sheet.ground().scrim());
            assertTrue(
                    sheet.box().y() >= Device.PHONE.height() * 0.25, sheet.box().toString());
            assertTrue(sheet.box().bottom() >= Device.PHONE.height());
            Layout.Slot last = sheet.slots().get(sheet.slots().size() - 1);
            double end = Device.PHONE.height() - Device.PHONE.safe().bottom();
            assertTrue(
                    count == 60 ? sheet.list().down() > 0 : last.target().bottom() <= end,
                    last.target().toString());
            assertEquals(sheet, layout.bars().get(layout.bars().size() - 1), "above all bars");
        }
    }
}
