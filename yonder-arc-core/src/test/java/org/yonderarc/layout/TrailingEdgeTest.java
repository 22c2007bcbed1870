package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** Bars at the trailing edge are those of the leading edge in a mirror, but for what is read in them. */
class TrailingEdgeTest {
    private static final Device DEVICE = new Device("lopsided", 900, 700, new Insets(20, 36, 12, 0));

    private static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Quarry Notes")
                .start("board")
                .screen("board", screen -> screen.icon("map-pin").wireframe(Wireframe.Kind.MAP))
                .screen("stones", screen -> screen.icon("diamond").wireframe(Wireframe.Kind.LIST))
                .menu("main", menu -> menu.item("board").item("stones"))
                .bar(bar -> bar.menu("main").form(form))
                .topBar()
                .build();
    }

    private static Layout layOut(Walk walk, Device device, State state) {
        return Layouter.layOut(Fitter.fit(walk, device, state), new PlainMeasure());
    }

    static Stream<Function<Form.Side, FormBuilder<?>>> forms() {
        return Stream.of(
                edge -> FormBuilder.rail().side(edge).border(true).showLogo(true),
                edge -> FormBuilder.rail()
                        .side(edge)
                        .floating(bar -> bar.inset(20).radius(16).shadow(true).overContent(false)),
                edge -> FormBuilder.drawer().side(edge).opens(DrawerForm.Opening.OVER),
                edge -> FormBuilder.drawer()
                        .side(edge)
                        .opens(DrawerForm.Opening.ALWAYS)
                        .header(head ->
                                head.picture("p.png").title("Ulla Brink").note("Quarry four"))
                        .collapsedWidth(72),
                edge -> FormBuilder.drawer()
                        .side(edge)
                        .opens(DrawerForm.Opening.BESIDE)
                        .footer("stones"));
    }

    private static Box mirrored(Box box) {
        return new Box(900 - box.right(), box.y(), box.width(), box.height());
    }

    private static void same(Box expected, Box actual) {
        assertTrue(
                expected.inset(-0.02).contains(actual) && actual.inset(-0.02).contains(expected),
                actual + " is not " + expected);
    }

    @ParameterizedTest
    @MethodSource("forms")
    void groundsItemsLinesAndContentAreMirrored(Function<Form.Side, FormBuilder<?>> form) {
        Walk before = Walk.of(plan(form.apply(Form.Side.LEADING)));
        Walk behind = Walk.of(plan(form.apply(Form.Side.TRAILING)));
        State open = before.step(before.start(), new Step.Toggle("main")).after();
        Layout leading = layOut(before, DEVICE.mirrored(), open);
        Layout trailing = layOut(behind, DEVICE, open);
        same(mirrored(leading.content()), trailing.content());
        for (Form.Kind kind : List.of(Form.Kind.RAIL, Form.Kind.DRAWER)) {
            Optional<Layout.Bar> expected = leading.one(kind);
            Optional<Layout.Bar> actual = trailing.one(kind);
            assertEquals(expected.isPresent(), actual.isPresent());
            if (expected.isPresent()) {
                Layout.Bar a = expected.get();
                Layout.Bar b = actual.get();
                same(mirrored(a.box()), b.box());
                a.ground()
                        .line()
                        .ifPresent(
                                line -> same(mirrored(line), b.ground().line().orElseThrow()));
                assertEquals(a.slots().size(), b.slots().size());
                for (int i = 0; i < a.slots().size(); i++) {
                    same(mirrored(a.slots().get(i).target()), b.slots().get(i).target());
                }
                b.head()
                        .face()
                        .ifPresent(face ->
                                same(mirrored(a.head().face().orElseThrow().ground()), face.ground()));
            }
        }
    }

    /** In a drawer, icons stand before labels, at whichever edge the drawer is. */
    @Test
    void whatIsReadStandsAsEver() {
        Walk walk = Walk.of(plan(FormBuilder.drawer().side(Form.Side.TRAILING).opens(DrawerForm.Opening.ALWAYS)));
        layOut(walk, DEVICE, walk.start())
                .one(Form.Kind.DRAWER)
                .orElseThrow()
                .slots()
                .forEach(slot -> assertTrue(
                        slot.icon().right() <= slot.label().get(0).box().x()));
    }

    /** The menu's button stands at the edge from which the drawer comes, and the title stays clear of it. */
    @Test
    void theMenuStandsWhereItsDrawerComesFrom() {
        Walk walk = Walk.of(plan(FormBuilder.drawer().side(Form.Side.TRAILING)));
        Layout.Bar top = layOut(walk, DEVICE, walk.start()).one(Form.Kind.TOP).orElseThrow();
        assertEquals(1, top.buttons().size());
        Box button = top.buttons().get(0).target();
        assertTrue(button.right() <= 900 - 36 && button.right() > 900 - 36 - 16, button.toString());
        assertEquals(
                List.of("Menu"),
                top.buttons().stream().map(any -> any.fitted().name()).toList());
    }

    @Test
    void twoDrawersHaveTwoButtonsWithNamesOfTheirOwn() {
        Plan plan = PlanBuilder.app("Quarry Notes")
                .start("board")
                .screen("board")
                .screen("grain")
                .menu("main", menu -> menu.item("board"))
                .menu("sift", menu -> menu.item("grain"))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
                .bar(bar -> bar.menu("sift").form(FormBuilder.drawer().side(Form.Side.TRAILING)))
                .topBar()
                .build();
        Walk walk = Walk.of(plan);
        Layout.Bar top =
                layOut(walk, Device.PHONE, walk.start()).one(Form.Kind.TOP).orElseThrow();
        assertEquals(
                List.of("Menu", "Sift"),
                top.buttons().stream().map(any -> any.fitted().name()).toList());
        assertTrue(top.buttons().get(0).target().right()
                < top.buttons().get(1).target().x());
        State open = walk.step(walk.start(), new Step.Toggle("sift")).after();
        Layout.Bar drawer =
                layOut(walk, Device.PHONE, open).one(Form.Kind.DRAWER).orElseThrow();
        assertEquals(384, drawer.box().right());
        assertEquals("Grain", drawer.slots().get(0).item().label());
    }

    /** From right to left, the trailing edge is the left one; the page that moves aside moves the other way. */
    @Test
    void fromRightToLeftItIsTheLeftEdge() {
        Walk walk = Walk.of(plan(FormBuilder.drawer()
                .side(Form.Side.TRAILING)
                .opens(DrawerForm.Opening.BENEATH)
                .beneath(aside -> aside.shift(1).radius(20).shadow(true).scale(0.8))));
        State open = walk.step(walk.start(), new Step.Toggle("main")).after();
        for (String language : List.of("en", "ar")) {
            SceneNode.Group page = new View(walk, Setting.of(Device.PHONE).in(language), new PlainMeasure())
                    .scene(open)
                    .first(Part.Plain.PAGE)
                    .orElseThrow();
            double free =
                    language.equals("ar") ? page.area().x() : 384 - page.area().right();
            assertEquals(300, free, 1e-6, language);
            assertEquals(0.8 * 384, page.area().width(), 1e-6);
        }
    }

    /** What stands free is as high as its items, between the bars at the edges; the content stands beside it or beneath. */
    @Test
    void aRailStandsFree() {
        for (boolean over : new boolean[] {false, true}) {
            for (Form.Alignment side : Form.Alignment.values()) {
                Walk walk = Walk.of(plan(FormBuilder.rail()
                        .floating(bar -> bar.inset(20).radius(16).shadow(true).overContent(over))
                        .alignItems(side)));
                Layout layout = layOut(walk, DEVICE, walk.start());
                Layout.Bar rail = layout.one(Form.Kind.RAIL).orElseThrow();
                Box top = layout.one(Form.Kind.TOP).orElseThrow().box();
                assertEquals(0, top.x(), "the top bar reaches over it");
                double upper = top.bottom() + 20;
                double lower = 700 - 12 - 20;
                double length = rail.box().height();
                double expected =
                        switch (side) {
                            case START -> upper;
                            case CENTER -> (upper + lower - length) / 2;
                            case END -> lower - length;
                        };
                assertEquals(expected, rail.box().y(), 0.5);
                assertEquals(20, rail.box().x());
                assertEquals(
                        rail.slots().get(1).target().bottom() + 4, rail.box().bottom(), 12, "as high as its items");
                assertEquals(
                        over ? 0 : rail.box().right() + 20, layout.content().x(), 1e-9);
            }
        }
    }

    /** A map goes on below a camera at the side; what is read doesn't. */
    @Test
    void mapsReachUnderWhatTheHardwareClaims() {
        Walk walk = Walk.of(plan(FormBuilder.bottom()));
        Device device = Device.PHONE_WIDE;
        for (String language : List.of("en", "ar")) {
            var view = new View(walk, Setting.of(device).in(language), new PlainMeasure());
            Box map = screen(view, walk.start());
            assertEquals(0, map.x(), language);
            assertEquals(device.width(), map.right(), language);
            State list =
                    walk.step(walk.start(), new Step.Open(Place.of("stones"))).after();
            assertEquals(44, screen(view, list).x(), language);
        }
    }

    private static Box screen(View view, State state) {
        return view.scene(state)
                .first(part -> part instanceof Part.Screen)
                .orElseThrow()
                .area();
    }
}
