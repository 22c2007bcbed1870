package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.motion.FilmPlans.boxes;
import static org.yonderarc.motion.FilmPlans.film;
import static org.yonderarc.motion.FilmPlans.scene;
import static org.yonderarc.motion.FilmPlans.turning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** How screens follow each other. */
class FilmScreensTest {
    /** A bar that stands free of the edges leaves all of the window, and not only by its own extent. */
    @Test
    void whatStandsFreeLeavesTheWindowWhole() {
        for (FormBuilder<?> free : List.of(
                FormBuilder.bottom().floating(bar -> bar.inset(40).radius(20).shadow(true)),
                FormBuilder.rail()
                        .floating(bar -> bar.inset(40).radius(20).shadow(true).overContent(false)),
                FormBuilder.rail()
                        .side(Form.Side.TRAILING)
                        .floating(bar -> bar.inset(40).radius(20).shadow(true).overContent(false)))) {
            Walk walk = Walk.of(turning(free, FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)));
            Scene from = new View(walk, Device.PHONE, new PlainMeasure()).scene(walk.start());
            Scene to = new View(walk, Device.DESKTOP, new PlainMeasure()).scene(walk.start());
            var score = Score.of(Optional.empty(), walk.plan().motion());
            String word = from.bar("bottom").isPresent() ? "bottom" : "rail";
            Film film = Film.of(from, to, score);
            Box last = film.at(film.duration() * 0.9999).bar(word).orElseThrow().area();
            assertTrue(
                    last.y() >= to.height() - 1 || last.right() <= 1 || last.x() >= from.width() - 1,
                    word + " ends at " + last);
        }
    }

    @Test
    void aPageThatMovesAsideHasItsCornersAndItsShadowFromTheStart() {
        Walk walk = Walk.of(turning(
                FormBuilder.drawer()
                        .opens(DrawerForm.Opening.BENEATH)
                        .beneath(aside ->
                                aside.shift(0.8).radius(24).shadow(true).scale(1)),
                FormBuilder.rail()));
        Film opens = film(walk, walk.step(walk.start(), Steps.parse(walk.plan(), "toggle:main")));
        Film closes = film(
                walk,
                walk.step(
                        walk.step(walk.start(), Steps.parse(walk.plan(), "toggle:main"))
                                .after(),
                        Steps.parse(walk.plan(), "toggle:main")));
        for (Film film : List.of(opens, closes)) {
            for (double share = 0.25; share < 0.45; share += 0.1) {
                Scene now = film.at(film.duration() * share);
                SceneNode.Group page = now.first(Part.Plain.PAGE).orElseThrow();
                SceneNode.Group shadow = now.first(Part.Plain.PAGE_SHADOW).orElseThrow();
                assertEquals(24, page.clip().orElseThrow(), 0.5, "round at " + share);
                assertEquals(1, shadow.opacity(), 0.01, "its shadow is there at " + share);
                assertEquals(page.area().x(), shadow.area().x(), 0.01, "and goes with it");
            }
        }
    }

    /** Whatever moves over the other screen is painted after it: the new one, or on the way back the one that came so. */
    @Test
    void theScreenThatMovesOverTheOtherIsPaintedAboveIt() {
        for (Transition.Kind kind : List.of(
                Transition.Kind.FADE,
                Transition.Kind.PUSH,
                Transition.Kind.COVER,
                Transition.Kind.RISE,
                Transition.Kind.GROW)) {
            Walk walk = guide(MotionBuilder.lasting(200).kind(kind));
            Change there = walk.step(walk.start(), Steps.parse(walk.plan(), "open:one?kind=wrack"));
            Change back = walk.step(there.after(), Steps.parse(walk.plan(), "back"));
            boolean isOver = kind != Transition.Kind.FADE && kind != Transition.Kind.PUSH;
            assertEquals("screen:one?kind=wrack", uppermost(film(walk, there).at(100)), kind + " there");
            assertEquals(
                    isOver ? "screen:one?kind=wrack" : "screen:list",
                    uppermost(film(walk, back).at(100)),
                    kind + " back");
        }
    }

    @Test
    void whatARowSharesWithTheScreenThatItOpensGlidesThereAndBack() {
        Walk walk = guide(MotionBuilder.lasting(200).kind(Transition.Kind.SHARED));
        Change there = walk.step(walk.start(), Steps.parse(walk.plan(), "open:one?kind=wrack"));
        Box tile = picture(scene(walk, there.before()), "/screen:list/row:1/picture");
        Box hero = picture(scene(walk, there.after()), "/screen:one?kind=wrack/picture");
        Box half = picture(film(walk, there).at(100), "/screen:one?kind=wrack/picture");
        assertEquals((tile.x() + hero.x()) / 2, half.x(), 1e-9);
        assertEquals((tile.width() + hero.width()) / 2, half.width(), 1e-9);
        Change back = walk.step(there.after(), Steps.parse(walk.plan(), "back"));
        Box quarter = picture(film(walk, back).at(50), "/screen:list/picture");
        assertEquals(hero.y() + (tile.y() - hero.y()) / 4, quarter.y(), 1e-9);
        Map<String, Box> on = boxes(film(walk, there).at(100).nodes());
        Box facts = boxes(scene(walk, there.after()).nodes()).get("/screen:one?kind=wrack/row:1");
        assertEquals(facts, on.get("/screen:one?kind=wrack/row:1"), "a row that isn't shared stays in its place");
    }

    @Test
    void aScreenGrowsFromTheRowThatOpensIt() {
        Walk walk = guide(MotionBuilder.lasting(200).kind(Transition.Kind.GROW));
        Change there = walk.step(walk.start(), Steps.parse(walk.plan(), "open:one?kind=wrack"));
        Scene from = scene(walk, there.before());
        Scene to = scene(walk, there.after());
        Box row = boxes(from.nodes()).get("/screen:list/row:1");
        assertEquals(Optional.of(row), Score.origin(from, to, there.step()));
        assertEquals(Optional.of(row), Score.origin(to, from, new org.yonderarc.walk.Step.Back()));
    }

    @Test
    void rowsComeOneAfterTheOther() {
        Walk walk = guide(MotionBuilder.lasting(200).kind(Transition.Kind.FADE).stagger(60));
        Change there = walk.step(walk.start(), Steps.parse(walk.plan(), "open:one?kind=wrack"));
        Change back = walk.step(there.after(), Steps.parse(walk.plan(), "back"));
        assertEquals(260, film(walk, there).duration(), "the second row is 60 ms late");
        assertEquals(200, film(walk, back).duration(), "nothing comes on the way back");
        Map<String, Box> rest = boxes(scene(walk, there.after()).nodes());
        Map<String, Box> now = boxes(film(walk, there).at(160).nodes());
        String row = "/screen:one?kind=wrack/row:1";
        assertEquals(12, now.get(row).y() - rest.get(row).y(), 1e-9, "half of its 24 dp after 100 of its 200 ms");
    }

    @Test
    void anItemsTransitionCountsBeforeItsScreensAndThatBeforeItsBars() {
        for (int level = 0; level < 4; level++) {
            boolean ofItem = level > 2;
            boolean ofScreen = level > 1;
            boolean ofBar = level > 0;
            MotionBuilder rise = MotionBuilder.lasting(200).kind(Transition.Kind.RISE);
            MotionBuilder fade = MotionBuilder.lasting(200).kind(Transition.Kind.FADE);
            MotionBuilder grow = MotionBuilder.lasting(200).kind(Transition.Kind.GROW);
            Walk walk = Walk.of(PlanBuilder.app("Levels")
                    .start("a")
                    .screen("a")
                    .screen("b", screen -> {
                        if (ofScreen) {
                            screen.transition(fade);
                        }
                    })
                    .menu("main", menu -> menu.item("a").item("b", item -> {
                        if (ofItem) {
                            item.transition(rise);
                        }
                    }))
                    .bar(bar -> {
                        bar.menu("main").form(FormBuilder.bottom());
                        if (ofBar) {
                            bar.transition(grow);
                        }
                    })
                    .topBar()
                    .build());
            Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b"));
            var kinds = List.of(Transition.Kind.PUSH, Transition.Kind.GROW, Transition.Kind.FADE, Transition.Kind.RISE);
            assertEquals(
                    kinds.get(level),
                    Passage.of(walk, change).orElseThrow().transition().kind());
        }
    }

    private static Walk guide(MotionBuilder screens) {
        return Walk.of(PlanBuilder.app("Guide")
                .start("list")
                .screen("list", screen -> screen.wireframe(Wireframe.Kind.GALLERY)
                        .row("Limpet", "Patella", "", "one?kind=limpet")
                        .row("Wrack", "Fucus", "", "one?kind=wrack"))
                .screen("one", screen -> screen.path("/one/{kind}")
                        .under("list")
                        .wireframe(Wireframe.Kind.DETAIL)
                        .row("Wrack", "A brown one.", "")
                        .row("Where", "", "Lower shore"))
                .menu("main", menu -> menu.item("list").signal("send", item -> {}))
                .screenMotion(screens.easing("linear"))
                .build());
    }

    private static String uppermost(Scene scene) {
        List<String> screens = scene.nodes().stream()
                .map(SceneNode::key)
                .filter(key -> key.startsWith("screen:"))
                .toList();
        assertEquals(2, screens.size());
        return screens.get(1);
    }

    private static Box picture(Scene scene, String path) {
        return boxes(scene.nodes()).get(path);
    }
}
