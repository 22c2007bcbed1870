package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.StyleBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** Lengths of lines, depths of notches, floating bars with a greatest width, drawers by the window's width. */
class MarksAndSidesTest {
    private static Walk walk(FormBuilder<?> form, Consumer<StyleBuilder> style) {
        return Walk.of(PlanBuilder.app("Brinelight")
                .start("tides")
                .style("own", style)
                .screen("tides", screen -> screen.icon("droplet").title("Tides of today"))
                .screen("map", screen -> screen.icon("map-pin"))
                .screen("crew", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("tides").item("map").item("crew"))
                .bar(bar -> bar.menu("main").form(form.style("own")))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build());
    }

    private static Layout.Bar bar(Walk walk, Device device, State state, Form.Kind kind) {
        return Layouter.layOut(Fitter.fit(walk, device, state), new PlainMeasure())
                .one(kind)
                .orElseThrow();
    }

    private static Layout.Bar bottom(FormBuilder<?> form, Consumer<StyleBuilder> style, Device device) {
        Walk walk = walk(form, style);
        return bar(walk, device, walk.start(), Form.Kind.BOTTOM);
    }

    @Test
    void aLineIsAsLongAsTheIconTheLabelOrTheItem() {
        for (Indicator.Length along : Indicator.Length.values()) {
            Layout.Slot slot = bottom(
                            FormBuilder.bottom(),
                            style -> style.indicator(mark -> mark.kind(Indicator.Kind.LINE)
                                    .edge(Indicator.Edge.OUTER)
                                    .length(along)
                                    .thickness(2)),
                            Device.PHONE)
                    .slots()
                    .get(0);
            Box line = slot.mark().orElseThrow().box();
            double expected =
                    switch (along) {
                        case ICON -> 24;
                        case LABEL -> slot.label().get(0).width();
                        case ITEM -> slot.target().width() - 16;
                    };
            assertEquals(expected, line.width(), 1e-9, along.name());
            assertEquals(slot.target().centerX(), line.centerX(), 0.01);
            assertEquals(2, line.height());
        }
    }

    /** The main action stands in the middle, whatever stands beside it; the bar gives way to it, and it is hit where it is seen. */
    @Test
    void theMainActionIsRaisedInTheMiddle() {
        for (int others = 1; others <= 7; others++) {
            int count = others;
            PlanBuilder plan = PlanBuilder.app("Brinelight").start("s0");
            for (int i = 0; i < count; i++) {
                plan.screen("s" + i, screen -> screen.icon("droplet"));
            }
            Walk walk = Walk.of(plan.screen("new", screen -> screen.icon("plus"))
                    .menu("main", menu -> {
                        menu.item("new", item -> item.tag("New"));
                        for (int i = 0; i < count; i++) {
                            menu.item("s" + i);
                        }
                    })
                    .bar(bar -> bar.menu("main").form(FormBuilder.bottom().action("new")))
                    .build());
            Layout.Bar bar = bar(walk, Device.PHONE, walk.start(), Form.Kind.BOTTOM);
            Layout.Slot raised = bar.apart().get(0);
            Box circle = raised.plate().orElseThrow().box();
            assertEquals(192, circle.centerX(), 1e-9, count + " others");
            assertTrue(circle.y() < bar.box().y() && raised.target().contains(circle));
            assertEquals(Math.min(4, count), bar.list().slots().size(), "it is one of at most five");
            double width = bar.list().slots().get(0).target().width();
            for (Layout.Slot slot : bar.list().slots()) {
                assertEquals(width, slot.target().width());
                assertTrue(bar.box().contains(slot.target()));
                assertTrue(
                        slot.target().right() <= circle.x() - 4 || slot.target().x() >= circle.right() + 4,
                        "clear of the circle");
            }
            SceneNode.Group scene = new View(walk, Device.PHONE, new PlainMeasure())
                    .scene(walk.start())
                    .bar("bottom")
                    .orElseThrow();
            assertTrue(
                    scene.children().stream()
                            .anyMatch(node -> node instanceof SceneNode.Path path
                                    && path.key().equals("ground")),
                    "the bar gives way to it");
        }
    }

    /** Without a middle, it stands among the others. */
    @Test
    void aBarThatScrollsOrWrapsHasNoRaisedAction() {
        for (Form.WhenFull how : new Form.WhenFull[] {Form.WhenFull.SCROLL, Form.WhenFull.WRAP}) {
            Walk walk = walk(FormBuilder.bottom().action("map").whenFull(how), style -> {});
            Layout.Bar bar = bar(walk, Device.PHONE, walk.start(), Form.Kind.BOTTOM);
            assertEquals(3, bar.list().slots().size());
            assertTrue(bar.apart().isEmpty());
        }
    }

    @Test
    void aNotchLiesAsDeepAsItIsToldAndLabelsGiveWay() {
        for (double depth : new double[] {-20, 0, 6, 20}) {
            Layout.Bar bar = bottom(
                    FormBuilder.bottom(),
                    style -> style.indicator(
                            mark -> mark.kind(Indicator.Kind.NOTCH).width(60).depth(depth)),
                    Device.PHONE);
            Layout.Slot slot = bar.slots().get(0);
            Box circle = slot.mark().orElseThrow().box();
            assertEquals(60, circle.width());
            assertEquals(bar.box().y() + depth, circle.centerY(), 1e-9);
            assertEquals(circle.centerY(), slot.icon().centerY(), 1e-9);
            Box label = slot.label().get(0).box();
            assertTrue(label.y() >= circle.bottom() - 1, depth + ": " + label + " " + circle);
        }
    }

    @ParameterizedTest
    @EnumSource(Form.Alignment.class)
    void aFloatingBarHasAGreatestWidthAndStandsAtASide(Form.Alignment side) {
        var form = FormBuilder.bottom().floating(how -> how.inset(16)
                .radius(24)
                .shadow(true)
                .bottomOffset(40)
                .maxWidth(420)
                .align(side));
        Layout.Bar bar = bottom(form, style -> {}, Device.DESKTOP);
        assertEquals(420, bar.box().width());
        assertEquals(Device.DESKTOP.height() - 40, bar.box().bottom());
        double left =
                switch (side) {
                    case START -> 16;
                    case CENTER -> (Device.DESKTOP.width() - 420) / 2;
                    case END -> Device.DESKTOP.width() - 16 - 420;
                };
        assertEquals(left, bar.box().x());
        assertTrue(bar.slots().stream()
                .allMatch(slot -> slot.target().x() >= bar.box().x()
                        && slot.target().right() <= bar.box().right()));
        Layout.Bar phone = bottom(form, style -> {}, Device.PHONE);
        assertEquals(Device.PHONE.width() - 32, phone.box().width());
    }

    @Test
    void aDrawerTakesAShareOfTheWindowAndThePageBehindItGetsSmaller() {
        var form = FormBuilder.drawer()
                .opens(DrawerForm.Opening.BENEATH)
                .width(DrawerForm.Width.percent(70))
                .beneath(aside -> aside.shift(1).radius(40).shadow(true).scale(0.8));
        Walk walk = walk(form, style -> {});
        State open = walk.step(walk.start(), new Step.Toggle("main")).after();
        Layout.Bar drawer = bar(walk, Device.PHONE, open, Form.Kind.DRAWER);
        assertEquals(Device.PHONE.width() * 0.7, drawer.box().width(), 1e-9);
        SceneNode.Group page = new View(walk, Device.PHONE, new PlainMeasure())
                .scene(open)
                .first(part -> part == Part.Plain.PAGE)
                .orElseThrow();
        assertEquals(Device.PHONE.width() * 0.7, page.area().x(), 1e-9);
        assertEquals(Device.PHONE.height() * 0.8, page.area().height(), 1e-9);
        assertEquals(Device.PHONE.height() / 2, page.area().centerY(), 1e-9);
        Walk whole = walk(FormBuilder.drawer().width(DrawerForm.Width.percent(100)), style -> {});
        State all = whole.step(whole.start(), new Step.Toggle("main")).after();
        assertEquals(
                Device.PHONE.width(),
                bar(whole, Device.PHONE, all, Form.Kind.DRAWER).box().width());
    }
}
