package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.motion.FilmPlans.boxes;
import static org.yonderarc.motion.FilmPlans.film;
import static org.yonderarc.motion.FilmPlans.plan;
import static org.yonderarc.motion.FilmPlans.scene;
import static org.yonderarc.motion.FilmPlans.turning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Motion;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** What holds in every film, whatever it shows. */
class FilmTest {
    /** So many random plans, six films of each; more with -Dyonder.films=1000. */
    private static final int FILMS = Integer.getInteger("yonder.films", 10);

    /** In half a millisecond nothing moves further than a fast hand: the whole width in 25 ms. */
    private static void steady(Film film, String context) {
        Map<String, Box> before = boxes(film.at(0.01).nodes());
        for (double ms = 0.5; ms < film.duration(); ms += 0.5) {
            Map<String, Box> now = boxes(film.at(ms).nodes());
            for (var entry : now.entrySet()) {
                Box box = entry.getValue();
                assertTrue(
                        Double.isFinite(box.x() + box.y() + box.width() + box.height()),
                        () -> entry.getKey() + " is nowhere: " + context);
                Box old = before.get(entry.getKey());
                if (old != null) {
                    double moved = Math.hypot(box.x() - old.x(), box.y() - old.y());
                    assertTrue(moved < 18, entry.getKey() + " jumps by " + moved + " dp: " + context);
                }
            }
            before = now;
        }
    }

    @Test
    void filmsStartAndEndExactlyAndNeverJump() {
        FilmPlans.walks(FILMS, (walk, change, context) -> {
            Film film = film(walk, change);
            Scene first = scene(walk, change.before());
            Scene last = scene(walk, change.after());
            assertEquals(first, film.at(0), context);
            assertEquals(last, film.at(film.duration() + 1e-9), context);
            assertEquals(first.nodes(), film.at(-5).nodes(), context);
            if (film.duration() > 0) {
                assertTrue(film.duration() < 3000, context);
                steady(film, context);
                barsStay(first, last, film, context);
            }
        });
    }

    @Test
    void turnedNoItemCrossesTheContentAndBarsKeepToTheirEdges() {
        Walk walk = Walk.of(turning(FormBuilder.bottom(), FormBuilder.rail()));
        Scene phone = new View(walk, Device.PHONE, new PlainMeasure()).scene(walk.start());
        Scene desktop = new View(walk, Device.DESKTOP.resized(1280, 1400), new PlainMeasure()).scene(walk.start());
        Film film =
                Film.of(phone, desktop, Score.of(Optional.empty(), walk.plan().motion()));
        double lowest = phone.bar("bottom").orElseThrow().area().height();
        for (double share = 0.1; share < 1; share += 0.1) {
            Scene now = film.at(film.duration() * share);
            now.bar("bottom")
                    .ifPresent(bar -> assertTrue(
                            bar.area().y() >= now.height() - lowest - 1e-6,
                            bar.area() + " floats in a window so high: " + now.height()));
            now.bar("rail")
                    .ifPresent(bar -> assertTrue(
                            bar.area().right() <= 88 + 1e-6, bar.area().toString()));
        }
    }

    /** With an even easing, the way back is the way there, seen backwards. */
    @Test
    void theSameForwardsAndReversedInTime() {
        for (int seed = 0; seed < 60; seed++) {
            Walk walk = Walk.of(plan(new Random(seed), true));
            State a = walk.start();
            State b = walk.step(a, Steps.parse(walk.plan(), "choose:c")).after();
            var there = walk.step(a, Steps.parse(walk.plan(), "choose:c"));
            var back = walk.step(b, Steps.parse(walk.plan(), "choose:a"));
            Film film = film(walk, there);
            Film reverse = film(walk, back);
            for (double share = 0.1; share < 1; share += 0.2) {
                Map<String, Box> one = boxes(film.at(200 * share).nodes());
                Map<String, Box> other = boxes(reverse.at(200 * (1 - share)).nodes());
                for (String key : List.of("/bottom/list/mark")) {
                    if (one.containsKey(key) && other.containsKey(key)) {
                        assertEquals(one.get(key).x(), other.get(key).x(), 1e-6, key + ", seed " + seed);
                        assertEquals(one.get(key).y(), other.get(key).y(), 1e-6, key + ", seed " + seed);
                    }
                }
            }
        }
    }

    /** A step in the middle of a film: what is on screen goes on from where it is, as fast as it was. */
    @Test
    void anInterruptedFilmGoesOnWithPositionAndVelocity() {
        Walk walk = Walk.of(PlanBuilder.app("Film")
                .start("a")
                .screen("a")
                .screen("b")
                .screen("c")
                .menu("main", menu -> menu.item("a").item("b").item("c"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom().style(style -> style.indicator(Indicator.Kind.LINE))))
                .build());
        Change one = walk.step(walk.start(), Steps.parse(walk.plan(), "choose:c"));
        Change two = walk.step(one.after(), Steps.parse(walk.plan(), "choose:a"));
        Film first = film(walk, one);
        for (double at : new double[] {30, 60, 100}) {
            Film second = first.interrupted(
                    at,
                    scene(walk, two.after()),
                    Score.of(Passage.of(walk, two), walk.plan().motion()));
            double h = 0.25;
            double position = mark(first, at);
            assertEquals(position, mark(second, 0), 1e-9);
            double before = (mark(first, at) - mark(first, at - h)) / h;
            double after = (mark(second, h) - mark(second, 0)) / h;
            assertEquals(before, after, Math.abs(before) * 0.1 + 0.05, "velocity after " + at + " ms");
            assertEquals(
                    mark(
                            Film.of(
                                    first.at(0),
                                    second.last(),
                                    Score.of(Optional.empty(), walk.plan().motion())),
                            999),
                    mark(second, second.duration()));
        }
        assertSame(
                first.last(),
                first.interrupted(
                                5000,
                                first.last(),
                                Score.of(Optional.empty(), walk.plan().motion()))
                        .at(1));
    }

    @Test
    void lessMotionIsAShortFadeOrNothing() {
        Walk walk = Walk.of(plan(new Random(5), false));
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "choose:c"));
        Motion motion = walk.plan().motion();
        Scene from = scene(walk, change.before());
        Scene to = scene(walk, change.after());
        Film fade = Film.of(from, to, new Score(Passage.of(walk, change), motion, true, false, Optional.empty()));
        assertEquals(120, fade.duration());
        Map<String, Box> first = boxes(from.nodes());
        Map<String, Box> middle = boxes(fade.at(60).nodes());
        first.forEach((key, box) -> assertEquals(box, middle.get(key), "nothing moves"));
        var none = new Motion(
                motion.select(), motion.states(), motion.drawers(), motion.transition(), Motion.Reduced.NONE);
        assertEquals(
                0,
                Film.of(from, to, new Score(Passage.of(walk, change), none, true, false, Optional.empty()))
                        .duration());
    }

    @Test
    void aDragFollowsTheHandAndIsReleasedWithItsVelocity() {
        Walk walk = Walk.of(plan(new Random(2), false));
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "toggle:side"));
        var drag = new Drag(film(walk, change));
        drag.move(0.3);
        assertEquals(film(walk, change).at(0.3 * film(walk, change).duration()), drag.scene());
        Drag.Release back = drag.release(0);
        assertEquals(false, back.goes());
        assertEquals(0.3, back.share().applyAsDouble(0), 1e-9);
        assertEquals(0, back.share().applyAsDouble(back.duration()), 1e-3);
        Drag.Release flung = drag.release(2);
        assertTrue(flung.goes());
        double h = 0.01;
        assertEquals(2, (flung.share().applyAsDouble(h) - 0.3) / h * 1000, 0.05, "ways for each second");
        drag.move(7);
        assertEquals(1, drag.share());
    }

    @Test
    void whatAppearsTwiceIsSafe() {
        Scene scene = scene(
                Walk.of(plan(new Random(1), false)),
                Walk.of(plan(new Random(1), false)).start());
        var twice = new ArrayList<>(scene.nodes());
        twice.addAll(scene.nodes());
        var doubled = new Scene(scene.width(), scene.height(), scene.background(), "twice", twice);
        Film film = Film.of(scene, doubled, Score.of(Optional.empty(), Motion.DEFAULT));
        assertTrue(film.at(50).nodes().size() >= scene.nodes().size());
    }

    private static void barsStay(Scene first, Scene last, Film film, String context) {
        for (String bar : List.of("top", "bottom")) {
            boolean inBoth = first.bar(bar).isPresent() && last.bar(bar).isPresent();
            for (double share = 0.1; share < 1 && inBoth; share += 0.2) {
                SceneNode.Group now = film.at(film.duration() * share).bar(bar).orElseThrow();
                assertEquals(1, now.opacity(), context);
            }
        }
    }

    private static double mark(Film film, double ms) {
        return boxes(film.at(ms).nodes()).get("/bottom/list/mark").x();
    }
}
