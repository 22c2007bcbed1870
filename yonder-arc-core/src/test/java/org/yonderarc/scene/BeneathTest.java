package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Easing;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Timing;
import org.yonderarc.plan.Transition;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** A drawer beneath everything else: its ground goes on under the whole window, and what moves aside keeps its button whole. */
class BeneathTest {
    private static View view(double scale, double radius, double share) {
        var plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .colour("deep", "#0b4f6c", "#0a2f40")
                .style("own", style -> style.background(ground -> ground.fill("deep")))
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("tides").item("map"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.BENEATH)
                                .beneath(aside -> aside.shift(share)
                                        .radius(radius)
                                        .shadow(true)
                                        .scale(scale))
                                .style("own")))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build();
        return new View(Walk.of(plan), Device.PHONE, new PlainMeasure());
    }

    @ParameterizedTest
    @CsvSource({"1, 24, 1", "0.85, 36, 1", "0.6, 160, 0.7", "1, 160, 0.4", "0.5, 0, 1"})
    void itsGroundIsUnderTheWholeWindowAndTheButtonIsWhole(double scale, double radius, double share) {
        View view = view(scale, radius, share);
        State closed = view.walk().start();
        State open = view.walk().step(closed, new Step.Toggle("main")).after();
        for (Scheme scheme : Scheme.values()) {
            View seen = view.with(Setting.of(Device.PHONE).with(scheme));
            for (State state : List.of(closed, open)) {
                var first = (SceneNode.Rect) seen.scene(state).nodes().get(0);
                assertEquals(new Box(0, 0, Device.PHONE.width(), Device.PHONE.height()), first.area());
                assertEquals(Colour.parse(scheme == Scheme.LIGHT ? "#0b4f6c" : "#0a2f40"), first.fill());
            }
        }
        Scene scene = view.scene(open);
        SceneNode.Group page = scene.first(Part.Plain.PAGE).orElseThrow();
        SceneNode.Group button = scene.first(part -> part == Part.Plain.BUTTON).orElseThrow();
        Box icon = button.children().stream()
                .filter(SceneNode.Icon.class::isInstance)
                .map(node -> ((SceneNode.Icon) node).area())
                .findFirst()
                .orElseThrow();
        double r = page.clip().orElseThrow();
        double across = r - (icon.x() - page.area().x());
        double down = r - (icon.y() - page.area().y());
        assertTrue(
                across <= 0 || down <= 0 || Math.hypot(across, down) <= r + 1e-9,
                "the corner of " + r + " dp cuts " + icon + " of " + page.area());
    }

    /** A screen that is chosen follows in its own time, on the page that comes back meanwhile. */
    @Test
    void aScreenFollowsInItsOwnTime() {
        View view = view(1, 24, 0.8);
        State open =
                view.walk().step(view.walk().start(), new Step.Toggle("main")).after();
        Change chosen = view.walk().step(open, new Step.Choose("map"));
        var slow = new Passage(
                new Transition(Transition.Kind.FADE, new Timing.Eased(900, 0, Easing.parse("linear")), 0), true);
        Film film = Film.of(
                view.scene(open),
                view.scene(chosen.after()),
                new Score(Optional.of(slow), view.walk().plan().motion(), false, false, Optional.empty()));
        assertEquals(900, film.duration());
        Scene late = film.at(600);
        Box page = late.first(Part.Plain.PAGE).orElseThrow().area();
        assertEquals(0, page.x(), 0.01);
        late.first(part -> part instanceof Part.Screen)
                .ifPresent(screen -> assertEquals(0, screen.area().x(), 0.01));
        assertNotEquals(film.last(), late);
    }
}
