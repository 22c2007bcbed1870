package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.walk.Walk;

/** A line of a list: label, note, value, badge, each in its own room. */
class ListLineTest {
    private static List<Layout.Slot> slots(double textScale, double width) {
        var walk = Walk.of(PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("free", 3)
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("map", screen -> screen.icon("map-pin").title("The shore and all of its ledges"))
                .menu("main", menu -> menu.item("tides")
                        .item("map", item -> item.note("Drawn anew in spring, with {free} ledges more than before")
                                .value("{free} free")
                                .badge("free")))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.ALWAYS)
                                .width(DrawerForm.Width.dp(width))))
                .build());
        Device device = Device.DESKTOP.withText(textScale);
        return Layouter.layOut(Fitter.fit(walk, device, walk.start()), new PlainMeasure())
                .one(Form.Kind.DRAWER)
                .orElseThrow()
                .slots();
    }

    @Test
    void theNoteStandsBelowTheLabelAndTheValueAtTheEnd() {
        Layout.Slot map = slots(1, 400).get(1);
        TextLine label = map.label().get(map.label().size() - 1);
        TextLine note = map.body().note().get(0);
        TextLine value = map.body().value().orElseThrow();
        assertEquals("3 free", value.text());
        assertEquals(label.left(), note.left());
        assertTrue(note.baseline() > label.baseline());
        assertTrue(
                value.left() + value.width() <= map.badge().orElseThrow().box().x());
    }

    @ParameterizedTest
    @ValueSource(doubles = {1, 1.5, 2})
    void atAnyTextSizeNothingLiesOverAnotherOrLeavesItsLine(double textScale) {
        for (double width : new double[] {200, 280, 400}) {
            for (Layout.Slot slot : slots(textScale, width)) {
                double end = slot.body()
                        .value()
                        .map(TextLine::left)
                        .orElse(slot.target().right());
                double lowest = slot.target().y();
                for (List<TextLine> lines : List.of(slot.label(), slot.body().note())) {
                    for (TextLine line : lines) {
                        assertTrue(line.left() + line.width() <= end + 1e-6, width + ": " + line);
                        assertTrue(line.box().y() >= lowest - 1e-6, width + ": " + line);
                        lowest = line.box().bottom();
                    }
                }
                assertTrue(lowest <= slot.target().bottom(), width + " at " + textScale);
            }
        }
    }
}
