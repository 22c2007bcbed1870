package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

class SwipeTest {
    private static Walk walk(DrawerForm.Opening opens) {
        return walk(opens, Form.Side.LEADING);
    }

    private static Walk walk(DrawerForm.Opening opens, Form.Side edge) {
        return Walk.of(PlanBuilder.app("Swipe")
                .start("a")
                .screen("a")
                .screen("b", screen -> screen.under("a"))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer().side(edge).opens(opens).width(DrawerForm.Width.dp(280))))
                .topBar()
                .build());
    }

    private static View view(Walk walk, String language) {
        var setting = Setting.of(Device.PHONE).in(language);
        return new View(walk, setting, new PlainMeasure());
    }

    private static State after(Walk walk, String steps) {
        State state = walk.start();
        for (String step : steps.isEmpty() ? new String[0] : steps.split(" ")) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }

    /** Where the finger comes down on a phone of 384 dp, where it goes, and the step that this is. */
    @ParameterizedTest
    @CsvSource({
        "OVER,    en, '',          4,    9, Toggle",
        "BESIDE,  en, '',          24,   9, Toggle",
        "BENEATH, en, '',          0,    9, Toggle",
        "OVER,    en, '',          40,   9, ",
        "OVER,    en, '',          4,   -9, ",
        "ALWAYS,  en, '',          4,    9, ",
        "OVER,    en, open:b,      4,    9, Back",
        "OVER,    en, open:b,      200,  9, ",
        "OVER,    en, toggle:main, 200, -9, Close",
        "OVER,    en, toggle:main, 200,  9, ",
        "OVER,    ar, '',          380, -9, Toggle",
        "OVER,    ar, '',          4,    9, ",
        "OVER,    ar, open:b,      380, -9, Back",
        "OVER,    ar, toggle:main, 100,  9, Close",
    })
    void aFingerGoesBackPullsAndPushes(
            DrawerForm.Opening opens, String language, String steps, double x, double dx, String step) {
        Walk walk = walk(opens);
        Optional<Swipe> swipe = Swipe.begin(view(walk, language), after(walk, steps), x, dx, false);
        assertEquals(
                Optional.ofNullable(step),
                swipe.map(Swipe::step).map(Object::getClass).map(Class::getSimpleName));
    }

    /** A drawer at the trailing edge is pulled from there; the leading edge leads back as ever. */
    @ParameterizedTest
    @CsvSource({
        "OVER,    en, '',          380, -9, Toggle",
        "BENEATH, en, '',          380, -9, Toggle",
        "OVER,    en, '',          340, -9, ",
        "OVER,    en, '',          4,    9, ",
        "OVER,    en, open:b,      4,    9, Back",
        "OVER,    en, open:b,      380, -9, Toggle",
        "OVER,    en, toggle:main, 200,  9, Close",
        "OVER,    en, toggle:main, 200, -9, ",
        "OVER,    ar, '',          4,    9, Toggle",
        "OVER,    ar, toggle:main, 200, -9, Close",
    })
    void aDrawerAtTheTrailingEdgeIsPulledFromThere(
            DrawerForm.Opening opens, String language, String steps, double x, double dx, String step) {
        Walk walk = walk(opens, Form.Side.TRAILING);
        Optional<Swipe> swipe = Swipe.begin(view(walk, language), after(walk, steps), x, dx, false);
        assertEquals(
                Optional.ofNullable(step),
                swipe.map(Swipe::step).map(Object::getClass).map(Class::getSimpleName));
    }

    @Test
    void whatIsSwipedFromTheTrailingEdgeStaysUnderTheFinger() {
        for (DrawerForm.Opening opens :
                new DrawerForm.Opening[] {DrawerForm.Opening.OVER, DrawerForm.Opening.BENEATH}) {
            Walk walk = walk(opens, Form.Side.TRAILING);
            Swipe swipe =
                    Swipe.begin(view(walk, "en"), walk.start(), 382, -9, false).orElseThrow();
            for (double dx : new double[] {-20, -140, -279, -280, -500}) {
                Scene scene = swipe.move(dx);
                double edge = opens == DrawerForm.Opening.BENEATH
                        ? scene.first(Part.Plain.PAGE).orElseThrow().area().right()
                        : scene.bar("drawer").orElseThrow().area().x();
                assertEquals(384 + Math.max(-280, dx), edge, 1e-6, opens + " at " + dx);
            }
        }
    }

    /** The drawer's edge, or the page's, stays under the finger: a dp for each dp. */
    @Test
    void whatIsSwipedStaysUnderTheFinger() {
        for (DrawerForm.Opening opens :
                new DrawerForm.Opening[] {DrawerForm.Opening.OVER, DrawerForm.Opening.BESIDE, DrawerForm.Opening.BENEATH
                }) {
            Walk walk = walk(opens);
            Swipe swipe =
                    Swipe.begin(view(walk, "en"), walk.start(), 2, 9, false).orElseThrow();
            double most = opens == DrawerForm.Opening.BESIDE ? 384 / 2.0 : 280;
            for (double dx : new double[] {20, 140, 279, 280, 500}) {
                Scene scene = swipe.move(dx);
                SceneNode.Group group = (opens == DrawerForm.Opening.BENEATH
                                ? scene.first(Part.Plain.PAGE)
                                : scene.bar("drawer"))
                        .orElseThrow();
                double edge = opens == DrawerForm.Opening.BENEATH
                        ? group.area().x()
                        : group.area().right();
                assertEquals(Math.min(most, dx), edge, 1e-6, opens + " at " + dx);
            }
        }
    }

    @Test
    void aLiftedFingerDecidesBySideAndVelocity() {
        Walk walk = walk(DrawerForm.Opening.OVER);
        View view = view(walk, "en");
        State deep = after(walk, "open:b");
        Swipe back = Swipe.begin(view, deep, 3, 10, false).orElseThrow();
        back.move(0.3 * 384);
        assertEquals(false, back.release(0).goes());
        assertEquals(true, back.release(600).goes(), "flung on");
        back.move(0.7 * 384);
        assertEquals(true, back.release(0).goes());
        Drag.Release flungBack = back.release(-600);
        assertEquals(false, flungBack.goes());
        assertEquals(0, flungBack.share().applyAsDouble(flungBack.duration()), 1e-2);
        assertEquals(view.scene(deep), back.at(0));
        Scene there = view.scene(walk.step(deep, new Step.Back()).after());
        assertEquals(there, back.at(1));
        assertTrue(Swipe.begin(view, walk.start(), 200, 10, true).isEmpty());
    }
}
