package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** What holds for every film. */
class FilmTest {
    /** So many random plans, six films of each; more with -Dyonder.films=1000. */
    private static final int FILMS = Integer.getInteger("yonder.films", 10);

    private static final List<String> STEPS = List.of(
            "choose:a", "choose:b", "choose:c", "open:d", "back", "toggle:main", "toggle:side", "tell:n=3", "tell:n=0");

    private static Plan plan(Random random, boolean linear) {
        var kinds = Transition.Kind.values();
        var marks = Indicator.Kind.values();
        var builder = PlanBuilder.app("Film").start("a").fact("n", 0);
        for (String id : List.of("a", "b", "c", "d")) {
            builder.screen(id, screen -> screen.icon("droplet")
                    .wireframe(Wireframe.Kind.values()[random.nextInt(Wireframe.Kind.values().length)])
                    .row("One", "Note", "3"));
        }
        builder.menu("main", menu -> menu.item("a")
                        .item("b", item -> item.badge("n"))
                        .item("c"))
                .menu("side", menu -> menu.signal("send", item -> {}).signal("leave", item -> {}));
        Indicator.Kind mark = marks[random.nextInt(marks.length)];
        builder.bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom()
                                .labels(Form.Labels.values()[random.nextInt(3)])
                                .iconPosition(Form.IconPosition.values()[random.nextInt(4)])
                                .style(style -> style.indicator(mark))))
                .bar(bar -> bar.menu("side")
                        .form(FormBuilder.drawer().opens(DrawerForm.Opening.values()[random.nextInt(3)])))
                .topBar();
        Transition.Kind kind = kinds[random.nextInt(kinds.length)];
        MotionBuilder timing = linear
                ? MotionBuilder.lasting(200).easing("linear")
                : random.nextBoolean() ? MotionBuilder.spring(200, 24) : MotionBuilder.lasting(250);
        return builder.screenMotion(
                        (linear ? MotionBuilder.lasting(200).easing("linear") : MotionBuilder.lasting(300)).kind(kind))
                .selectMotion(timing)
                .drawerMotion(linear ? MotionBuilder.lasting(200).easing("linear") : MotionBuilder.lasting(240))
                .build();
    }

    private static Scene scene(Walk walk, State state) {
        return new View(walk, Device.PHONE, new PlainMeasure()).scene(state);
    }

    private static Film film(Walk walk, Change change) {
        return Film.of(
                scene(walk, change.before()),
                scene(walk, change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
    }

    @Test
    void filmsStartAndEndExactlyAndNeverJump() {
        for (int seed = 0; seed < FILMS; seed++) {
            var random = new Random(seed);
            Walk walk = Walk.of(plan(random, false));
            State state = walk.start();
            for (int i = 0; i < 6; i++) {
                String step = STEPS.get(random.nextInt(STEPS.size()));
                Change change = walk.step(state, Steps.parse(walk.plan(), step));
                state = change.after();
                Film film = film(walk, change);
                String context = "seed " + seed + ", " + step;
                Scene first = scene(walk, change.before());
                Scene last = scene(walk, change.after());
                assertEquals(first, film.at(0), context);
                assertEquals(last, film.at(film.duration() + 1e-9), context);
                assertEquals(first.nodes(), film.at(-5).nodes(), context);
                if (film.duration() == 0) {
                    continue;
                }
                assertTrue(film.duration() < 3000, context);
                steady(film, context);
                barsStay(first, last, film, context);
            }
        }
    }

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

    private static SceneNode.Group within(SceneNode.Group group, String... keys) {
        SceneNode.Group at = group;
        for (String key : keys) {
            at = (SceneNode.Group) at.children().stream()
                    .filter(node -> node.key().equals(key))
                    .findFirst()
                    .orElseThrow();
        }
        return at;
    }

    private static Plan turning(FormBuilder<?> phone, FormBuilder<?> desktop) {
        return PlanBuilder.app("Turn")
                .start("a")
                .screen("a", screen -> screen.title("Harbour").icon("anchor"))
                .screen("b", screen -> screen.title("Boats").icon("ship"))
                .menu("main", menu -> menu.section("At the quay", in -> in.item("a"))
                        .item("b"))
                .bar(bar -> bar.menu("main").form("phone", phone).form("desktop", desktop))
                .build();
    }

    @Test
    void aRaisedCircleAlwaysCarriesOneIcon() {
        FormBuilder<?> form = FormBuilder.bottom().style(style -> style.indicator(Indicator.Kind.NOTCH));
        Walk walk = Walk.of(turning(form, FormBuilder.rail()));
        Film film = film(walk, walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")));
        for (double share = 0; share <= 1; share += 0.05) {
            SceneNode.Group mark =
                    within(film.at(film.duration() * share).bar("bottom").orElseThrow(), "list", "mark");
            Box circle = mark.children().stream()
                    .filter(node -> node.key().equals("shape-0"))
                    .findFirst()
                    .flatMap(SceneNode::box)
                    .orElseThrow();
            List<Double> seen = mark.children().stream()
                    .filter(SceneNode.Icon.class::isInstance)
                    .map(SceneNode.Icon.class::cast)
                    .filter(icon -> Math.abs(icon.area().centerX() - circle.centerX()) < 0.5
                            && Math.abs(icon.area().centerY() - circle.centerY()) < 0.5)
                    .map(icon -> icon.fill().alpha())
                    .toList();
            assertEquals(List.of(1.0), seen, "at " + share + " of the film");
        }
    }

    /** What a circle passes lies below it: never is another item's icon or badge seen on it. */
    @Test
    void aRaisedCircleCoversWhatItPasses() {
        Plan plan = PlanBuilder.app("Quay")
                .fact("n", 3)
                .screen("a", screen -> screen.icon("anchor"))
                .screen("b", screen -> screen.icon("ship"))
                .screen("c", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("a")
                        .item("b", item -> item.badge("n"))
                        .item("c"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.bottom().style(style -> style.indicator(Indicator.Kind.NOTCH))))
                .build();
        Walk walk = Walk.of(plan);
        Film film = film(walk, walk.step(walk.start(), Steps.parse(plan, "choose:c")));
        int passed = 0;
        for (double share = 0.01; share < 1; share += 0.01) {
            SceneNode.Group bar = film.at(film.duration() * share).bar("bottom").orElseThrow();
            Box circle = within(bar, "list", "mark").area();
            for (SceneNode part : within(bar, "list", "item:b").children()) {
                Box box = part.box().orElse(circle);
                boolean isOn = Math.abs(box.centerX() - circle.centerX()) < circle.width() / 2 - box.width()
                        && Math.abs(box.centerY() - circle.centerY()) < circle.height() / 2 - box.height() / 2;
                if (isOn && part instanceof SceneNode.Icon icon) {
                    passed++;
                    assertTrue(icon.fill().alpha() < 0.05, "the icon at " + share);
                } else if (isOn && part instanceof SceneNode.Group badge && badge.part() == Part.Plain.BADGE) {
                    passed++;
                    assertTrue(badge.opacity() < 0.05, "the badge at " + share);
                }
            }
        }
        assertTrue(passed > 0, "it passes");
    }

    /** A bar that stands free of the edges leaves all of the window, and not only by its own extent. */
    @Test
    void whatStandsFreeLeavesTheWindowWhole() {
        for (FormBuilder<?> free : List.of(
                FormBuilder.bottom().floating(40, 20, true),
                FormBuilder.rail().floating(40, 20, true, false),
                FormBuilder.rail().side(Form.Side.TRAILING).floating(40, 20, true, false))) {
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

    /** Below a raised mark, the label that leaves sinks, and the one that comes rises: each is at home when it is seen whole. */
    @Test
    void labelsSinkAndRiseBelowARaisedMark() {
        for (Indicator.Kind kind : List.of(Indicator.Kind.NOTCH, Indicator.Kind.LINE)) {
            FormBuilder<?> form =
                    FormBuilder.bottom().labels(Form.Labels.SELECTED).style(style -> style.indicator(kind));
            Walk walk = Walk.of(turning(form, FormBuilder.rail()));
            Film film = film(walk, walk.step(walk.start(), Steps.parse(walk.plan(), "choose:b")));
            double home = label(film.at(0), "a").orElseThrow().line().baseline();
            double lowest = 0;
            for (double share = 0; share <= 1; share += 0.02) {
                for (String item : List.of("a", "b")) {
                    Optional<SceneNode.Text> label = label(film.at(film.duration() * share), item);
                    if (label.isPresent()) {
                        double sunk = label.get().line().baseline() - home;
                        lowest = Math.max(lowest, sunk);
                        assertTrue(sunk >= -1e-6);
                        assertTrue(label.get().fill().alpha() < 0.95 || sunk < 1, "at " + share);
                    }
                }
            }
            assertEquals(kind == Indicator.Kind.NOTCH, lowest > 5, kind + ": " + lowest);
        }
    }

    private static Optional<SceneNode.Text> label(Scene scene, String item) {
        return within(scene.bar("bottom").orElseThrow(), "list", "item:" + item).children().stream()
                .filter(SceneNode.Text.class::isInstance)
                .map(SceneNode.Text.class::cast)
                .findFirst();
    }

    @Test
    void aLabelStaysWithItsIconWhileABarFolds() {
        Walk walk = Walk.of(turning(
                FormBuilder.bottom(),
                FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).collapsedWidth(72)));
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "collapse:main"));
        var view = new View(walk, Device.DESKTOP, new PlainMeasure());
        for (Film film : List.of(
                Film.of(
                        view.scene(change.before()),
                        view.scene(change.after()),
                        Score.of(Passage.of(walk, change), walk.plan().motion())),
                Film.of(
                        view.scene(change.after()),
                        view.scene(change.before()),
                        Score.of(Passage.of(walk, change), walk.plan().motion())))) {
            for (double share = 0.05; share < 1; share += 0.1) {
                SceneNode.Group item =
                        within(film.at(film.duration() * share).bar("drawer").orElseThrow(), "list", "item:a");
                Box icon = null;
                Box label = null;
                for (SceneNode node : item.children()) {
                    icon = node instanceof SceneNode.Icon ? node.box().orElseThrow() : icon;
                    label = node instanceof SceneNode.Text ? node.box().orElseThrow() : label;
                }
                if (label != null) {
                    assertEquals(icon.centerY(), label.centerY(), 4, "at " + share);
                }
            }
        }
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

    @Test
    void aPageThatMovesAsideHasItsCornersAndItsShadowFromTheStart() {
        Walk walk = Walk.of(turning(
                FormBuilder.drawer().opens(DrawerForm.Opening.BENEATH).beneath(0.8, 24, true, 1), FormBuilder.rail()));
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

    private static void barsStay(Scene first, Scene last, Film film, String context) {
        for (String bar : List.of("top", "bottom")) {
            boolean inBoth = first.bar(bar).isPresent() && last.bar(bar).isPresent();
            for (double share = 0.1; share < 1 && inBoth; share += 0.2) {
                SceneNode.Group now = film.at(film.duration() * share).bar(bar).orElseThrow();
                assertEquals(1, now.opacity(), context);
            }
        }
    }

    private static Map<String, Box> boxes(List<SceneNode> nodes) {
        var out = new HashMap<String, Box>();
        collect(nodes, "", out);
        return out;
    }

    private static void collect(List<SceneNode> nodes, String path, Map<String, Box> out) {
        for (SceneNode node : nodes) {
            String key = path + "/" + node.key();
            if (node instanceof SceneNode.Rect rect) {
                out.put(key, rect.area());
            } else if (node instanceof SceneNode.Icon icon) {
                out.put(key, icon.area());
            } else if (node instanceof SceneNode.Group group) {
                out.put(key, group.area());
                collect(group.children(), key, out);
            }
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

    private static double mark(Film film, double ms) {
        return boxes(film.at(ms).nodes()).get("/bottom/list/mark").x();
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

    private static String uppermost(Scene scene) {
        List<String> screens = scene.nodes().stream()
                .map(SceneNode::key)
                .filter(key -> key.startsWith("screen:"))
                .toList();
        assertEquals(2, screens.size());
        return screens.get(1);
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

    private static Box picture(Scene scene, String path) {
        return boxes(scene.nodes()).get(path);
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
}
