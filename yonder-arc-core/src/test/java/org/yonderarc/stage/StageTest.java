package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.TopForm;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** What a person does on a stage, and what they see, touch and hear of it. */
class StageTest {
    private static final int ROWS = 30;

    private static PlanBuilder builder() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("drafts", 2)
                .fact("signed-in", false)
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("surveys", screen -> {
                    screen.icon("clipboard-list").wireframe(Wireframe.Kind.LIST);
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "on the shore", "", "survey?survey=" + i);
                    }
                })
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .path("/surveys/{survey}")
                        .under("surveys"))
                .screen("map", screen -> screen.title("Shore map"))
                .menu("main", menu -> menu.item("tides")
                        .item("surveys", item -> item.badge("drafts"))
                        .item("map", item -> item.label("Map")))
                .topBar();
    }

    private static Plan bottom() {
        return builder().bar(bar -> bar.menu("main").form(FormBuilder.bottom())).build();
    }

    private static Plan drawer(DrawerForm.Opening opens) {
        return builder()
                .bar(bar ->
                        bar.menu("main").form(FormBuilder.drawer().opens(opens).width(280)))
                .build();
    }

    @Test
    void aTapChoosesWhatItPressed() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.tap("Surveys, 2");
        assertEquals("surveys", on.place());
        on.rest();
        assertEquals(Access.Current.PAGE, on.part("Surveys, 2").current());
        on.tap("Survey 3, on the shore");
        assertEquals("survey?survey=3", on.place());
        assertEquals(Access.Current.BRANCH, on.part("Surveys, 2").current());
        assertEquals("Survey 3", on.stage.announcement());
        assertEquals("", on.stage.announcement(), "said once");
    }

    @Test
    void pressingOneAndLettingGoOfAnotherChoosesNothing() {
        var on = new Theatre(bottom(), Device.PHONE);
        Box one = on.part("Surveys, 2").box();
        Box other = on.part("Map").box();
        on.down(one.centerX(), one.centerY());
        on.move(other.centerX(), other.centerY());
        on.up(other.centerX(), other.centerY());
        assertEquals(List.of(), on.taken);
        on.down(one.centerX(), one.centerY());
        on.move(other.centerX(), other.centerY());
        on.move(one.centerX(), one.centerY());
        on.up(one.centerX(), one.centerY());
        assertEquals(List.of("choose:surveys"), on.taken, "back where it was pressed");
    }

    @Test
    void onlyTheMainButtonAndOneFingerChoose() {
        var on = new Theatre(bottom(), Device.PHONE);
        Box box = on.part("Map").box();
        assertFalse(on.stage.take(new Input.Down(0, box.centerX(), box.centerY(), false, false), on.now));
        on.up(box.centerX(), box.centerY());
        assertEquals(List.of(), on.taken);
        on.down(box.centerX(), box.centerY());
        on.stage.take(new Input.Down(1, 40, 300, true, true), on.now);
        on.up(box.centerX(), box.centerY());
        assertEquals(List.of(), on.taken, "a second finger ends what the first began");
        on.down(box.centerX(), box.centerY());
        on.stage.take(new Input.Cancel(0), on.now);
        on.up(box.centerX(), box.centerY());
        assertEquals(List.of(), on.taken);
    }

    @Test
    void whatLiesAboveIsReachedAndWhatIsCutOffIsNot() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE);
        on.step("choose:surveys");
        on.step("toggle:main");
        on.rest();
        Access row = on.stage.tree().all().stream()
                .filter(part -> part.name().startsWith("Survey 1,"))
                .findFirst()
                .orElseGet(() -> on.part("Tides, 2"));
        on.down(row.box().centerX(), row.box().centerY());
        on.up(row.box().centerX(), row.box().centerY());
        assertFalse(on.taken.stream().anyMatch(step -> step.startsWith("open")), "nothing is reached through a drawer");
    }

    @Test
    void besideAnOpenDrawerATapClosesIt() {
        for (DrawerForm.Opening opens : List.of(DrawerForm.Opening.OVER, DrawerForm.Opening.BENEATH)) {
            var on = new Theatre(drawer(opens), Device.PHONE);
            on.tap("Menu");
            on.rest();
            assertTrue(on.state.open().isPresent());
            assertEquals(
                    Access.Role.DIALOG,
                    on.stage
                            .tree()
                            .find(on.stage.tree().dialog().orElseThrow())
                            .orElseThrow()
                            .role());
            assertTrue(on.part("Menu").inert(), "the rest is out of reach");
            on.down(360, 500);
            on.up(360, 500);
            assertEquals(Optional.empty(), on.state.open(), opens.toString());
            on.rest();
            assertEquals(Optional.empty(), on.stage.tree().dialog());
        }
    }

    @Test
    void theFocusGoesIntoADialogIsKeptThereAndComesBack() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE);
        assertTrue(on.key(Input.Meant.NEXT));
        assertEquals("Menu", on.focused());
        int moves = on.stage.focusMoves();
        on.key(Input.Meant.CHOOSE);
        on.rest();
        assertEquals("Tides", on.focused(), "where the person is");
        assertEquals(moves + 1, on.stage.focusMoves());
        assertEquals(Optional.of(true), on.stage.tree().find("/top/button").map(any -> any.expanded()
                .orElseThrow()));
        var seen = new ArrayList<String>();
        for (int i = 0; i < 4; i++) {
            assertTrue(on.key(Input.Meant.NEXT));
            seen.add(on.focused());
        }
        assertEquals(List.of("Surveys, 2", "Map", "Tides", "Surveys, 2"), seen);
        assertTrue(on.key(Input.Meant.CLOSE));
        on.rest();
        assertEquals("Menu", on.focused());
    }

    @Test
    void theFocusWrapsOutAtBothEndsAndGoesOverAllThatCanBeChosen() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        var seen = new ArrayList<String>();
        while (on.key(Input.Meant.NEXT)) {
            seen.add(on.focused());
        }
        assertEquals(List.of("Back to Surveys", "Tides", "Surveys, 2", "Map"), seen);
        assertEquals("", on.focused());
        assertTrue(on.key(Input.Meant.PREVIOUS));
        assertEquals("Map", on.focused(), "from behind it comes to the last");
        for (int i = 0; i < 3; i++) {
            assertTrue(on.key(Input.Meant.PREVIOUS));
        }
        assertFalse(on.key(Input.Meant.PREVIOUS));
    }

    @Test
    void goingBackGivesFocusAndScrollBack() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        String row = on.part("Survey 20, on the shore").path();
        for (int i = 0; i < 20; i++) {
            on.key(Input.Meant.NEXT);
            on.rest();
        }
        assertEquals("Survey 20, on the shore", on.focused());
        Box seen = on.part("Survey 20, on the shore").box();
        Box content = on.part("Surveys").box();
        assertTrue(seen.bottom() <= content.bottom() + 0.5 && seen.y() >= content.y(), "scrolled into view: " + seen);
        double scrolled = on.stage.scrolled(on.part("Surveys").path());
        assertTrue(scrolled > 500, "scrolled by " + scrolled);
        on.key(Input.Meant.CHOOSE);
        on.rest();
        assertEquals("survey?survey=20", on.place());
        assertEquals("Survey 20", on.focused(), "the row is gone: the content has the focus");
        assertEquals(0, on.stage.scrolled(on.part("Survey 20").path()));
        on.key(Input.Meant.CLOSE);
        on.rest();
        assertEquals(Optional.of(row), on.stage.focus());
        assertEquals(scrolled, on.stage.scrolled(on.part("Surveys").path()));
    }

    @Test
    void aFingerScrollsAndWhatItFlingsGoesOn() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        on.drag(200, 600, 200, 400);
        double dropped = on.stage.scrolled(content);
        assertEquals(200, dropped, 21, "it starts where the finger has moved far enough to say");
        assertTrue(on.stage.until().orElseThrow() > on.now);
        on.rest();
        double flung = on.stage.scrolled(content);
        assertTrue(flung > dropped + 100, flung + " after " + dropped);
        assertEquals(List.of(), on.taken, "no row was chosen");
        on.down(200, 500);
        on.up(200, 500);
        assertEquals(1, on.taken.size(), "at rest a tap chooses again");
    }

    @Test
    void aFingerOnWhatScrollsStopsItAndChoosesNothing() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        on.drag(200, 600, 200, 300);
        on.pass(50);
        on.down(200, 500);
        double stopped = on.stage.scrolled(on.part("Surveys").path());
        on.pass(200);
        on.up(200, 500);
        on.rest();
        assertEquals(stopped, on.stage.scrolled(on.part("Surveys").path()), 0.001);
        assertEquals(List.of(), on.taken);
    }

    @Test
    void wheelsAndKeysScrollToTheEndsAndNoFurther() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        assertFalse(on.stage.take(new Input.Wheel(200, 400, 0, -50), on.now), "the host may scroll what it is in");
        assertTrue(on.stage.take(new Input.Wheel(200, 400, 0, 120), on.now));
        assertEquals(120, on.stage.scrolled(content));
        assertTrue(on.key(Input.Meant.END));
        on.rest();
        double end = on.stage.scrolled(content);
        assertFalse(on.key(Input.Meant.DOWN));
        assertFalse(on.stage.take(new Input.Wheel(200, 400, 0, 50), on.now));
        Box last = on.part("Survey 30, on the shore").box();
        assertTrue(last.bottom() <= on.part("Surveys").box().bottom(), "the last row shows");
        assertTrue(on.key(Input.Meant.PAGE_UP));
        on.rest();
        assertTrue(on.stage.scrolled(content) < end - 400);
        on.step("choose:surveys");
        on.rest();
        assertEquals(0, on.stage.scrolled(content), "chosen again: back to the top");
        on.stage.take(new Input.Wheel(200, 400, 0, 600), on.now);
        double right = on.now;
        on.now = right - 10_000;
        on.step("choose:surveys");
        on.now = right + 16;
        on.stage.scene(on.now);
        assertTrue(on.stage.scrolled(content) > 300, "with a clock that was set back it is on its way, not there");
    }

    @Test
    void aSwipeGoesBackUnlessItIsSteepOrSlowOrTakenAway() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.drag(8, 300, 40, 400);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "too steep");
        on.down(8, 300);
        on.move(100, 300);
        on.pass(100);
        assertNotSame(on.stage.still(), on.stage.scene(on.now), "it follows the finger");
        on.up(100, 300);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "let go before the middle, after a rest");
        on.down(8, 300);
        on.move(300, 300);
        on.stage.take(new Input.Cancel(0), on.now);
        on.rest();
        assertEquals("survey?survey=1", on.place(), "taken away by the system");
        assertSame(on.stage.still(), on.stage.scene(on.now));
        on.drag(8, 300, 300, 310);
        assertEquals(List.of(), on.taken, "the step is taken when it has arrived");
        on.rest();
        assertEquals(List.of("back"), on.taken);
        assertEquals("surveys", on.place());
    }

    @Test
    void aSwipeThatIsRefusedReturns() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.refuses = true;
        on.drag(8, 300, 360, 300);
        on.rest();
        assertEquals("survey?survey=1", on.place());
        assertSame(on.stage.still(), on.stage.scene(on.now));
    }

    @Test
    void aFactToldDuringASwipeOrAPressEndsNeither() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        on.down(8, 300);
        on.move(200, 300);
        on.step("tell:drafts=7");
        on.pass(16);
        on.move(380, 300);
        on.up(380, 300);
        on.rest();
        assertEquals("surveys", on.place());
        Box box = on.part("Surveys, 7").box();
        on.down(box.centerX(), box.centerY());
        on.step("tell:drafts=8");
        on.pass(16);
        on.up(box.centerX(), box.centerY());
        assertEquals(List.of("back", "choose:surveys"), on.taken);
    }

    @Test
    void manyFactsInOneFrameAreComposedOnce() {
        var on = new Theatre(bottom(), Device.PHONE);
        Scene before = on.stage.scene(on.now);
        on.asked = 0;
        for (int i = 10; i < 60; i++) {
            on.step("tell:drafts=" + i);
        }
        on.step("choose:map");
        assertEquals(0, on.asked, "nothing is composed before somebody looks");
        on.pass(16);
        assertEquals(1, on.asked);
        assertNotSame(before, on.stage.still());
        on.rest();
        assertEquals(1, on.asked);
        assertEquals("Surveys, 59", on.part("Surveys, 59").name());
    }

    @Test
    void aHostThatRestsIsAskedForNoFrames() {
        var on = new Theatre(bottom(), Device.PHONE);
        assertFalse(on.stage.moves());
        assertEquals(Optional.empty(), on.stage.until());
        Scene scene = on.stage.scene(on.now);
        assertSame(scene, on.stage.scene(on.now + 100_000));
        on.tap("Map");
        assertTrue(on.stage.moves());
        on.pass(1);
        double until = on.stage.until().orElseThrow();
        on.pass(until - on.now);
        assertFalse(on.stage.moves(), "at the time it said");
    }

    @Test
    void hoverAndPressAreSeenInShortMotions() {
        var on = new Theatre(bottom(), Device.DESKTOP);
        on.step("choose:surveys");
        on.rest();
        Access row = on.part("Survey 2, on the shore");
        on.move(row.box().centerX(), row.box().centerY());
        assertTrue(on.stage.pointsAtTarget());
        assertTrue(on.stage.moves());
        on.rest();
        assertTrue(veil(on, row.path()).isPresent());
        on.stage.take(new Input.Leave(), on.now);
        on.rest();
        assertEquals(Optional.empty(), veil(on, row.path()));
        assertFalse(on.stage.pointsAtTarget());
    }

    /** A host paints only while something moves: each pull of a finger asks for a frame, and one that rests for none. */
    @Test
    void aPullAsksForAFrame() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE);
        on.rest();
        on.down(6, 300);
        on.move(60, 300);
        on.move(120, 300);
        assertTrue(on.stage.moves());
        double x = on.stage.scene(on.now).bar("drawer").orElseThrow().area().x();
        assertFalse(on.stage.moves(), "the finger rests");
        on.move(180, 300);
        assertTrue(on.stage.moves());
        assertEquals(
                x + 60,
                on.stage.scene(on.now).bar("drawer").orElseThrow().area().x(),
                0.5);
    }

    @Test
    void aTappedRowShowsItWhileItsScreenLeaves() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.rest();
        Access row = on.part("Survey 2, on the shore");
        on.down(row.box().centerX(), row.box().centerY());
        on.pass(60);
        on.up(row.box().centerX(), row.box().centerY());
        on.pass(60);
        assertEquals("survey?survey=2", on.place());
        assertTrue(on.stage.moves());
        Optional<SceneNode> veil = veil(on, row.path());
        assertTrue(
                veil.filter(SceneNode.Rect.class::isInstance)
                        .filter(shown -> ((SceneNode.Rect) shown).fill().alpha() > 0.02)
                        .isPresent(),
                veil::toString);
    }

    private static Optional<SceneNode> veil(Theatre on, String row) {
        return on.stage
                .scene(on.now)
                .first(part -> part instanceof Part.Row index && row.endsWith(":" + index.index()))
                .flatMap(group -> group.children().stream()
                        .filter(node -> node.key().equals("touch"))
                        .findFirst());
    }

    @Test
    void anAppsOwnViewsTakePartInFilmsAndDrawers() {
        var on = new Theatre(bottom(), Device.PHONE, "tides", "map");
        Surface tides = surfaces(on).get(0);
        assertTrue(tides.takesInput());
        assertTrue(on.stage.reachesContent(200, 300));
        assertFalse(on.stage.reachesContent(200, on.part("Map").box().centerY()));
        on.tap("Map");
        on.pass(1);
        on.pass(100);
        List<Surface> both = surfaces(on);
        assertEquals(2, both.size(), "both are there while one follows the other");
        assertEquals(
                List.of(false, true),
                both.stream()
                        .sorted((a, b) -> b.place().text().compareTo(a.place().text()))
                        .map(Surface::takesInput)
                        .toList());
        on.rest();
        assertEquals(1, surfaces(on).size());
        List<Layer> layers = on.stage.layers(on.now);
        assertTrue(layers.get(layers.size() - 1) instanceof Layer.Painted, "the bar lies above the view");
    }

    private static List<Surface> surfaces(Theatre on) {
        return on.stage.layers(on.now).stream()
                .filter(Layer.Content.class::isInstance)
                .map(layer -> ((Layer.Content) layer).surface())
                .toList();
    }

    @Test
    void aDrawerLiesOverAnAppsOwnView() {
        var on = new Theatre(drawer(DrawerForm.Opening.OVER), Device.PHONE, "tides");
        on.tap("Menu");
        on.rest();
        assertFalse(surfaces(on).get(0).takesInput());
        List<Layer> layers = on.stage.layers(on.now);
        var last = (Layer.Painted) layers.get(layers.size() - 1);
        assertTrue(last.nodes().stream().anyMatch(node -> node.key().equals("drawer")));
        assertFalse(on.stage.reachesContent(370, 400));
        var beneath = new Theatre(drawer(DrawerForm.Opening.BENEATH), Device.PHONE, "tides");
        beneath.tap("Menu");
        beneath.rest();
        Surface moved = surfaces(beneath).get(0);
        assertTrue(moved.box().x() > 200, "the page moves aside, and the view with it: " + moved.box());
        assertTrue(moved.clips().get(0).radius() > 0, "and its corners are cut off with the page's");
    }

    @Test
    void turningResizingAndAnotherPlanAreFollowed() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.stage.surround(Surroundings.of(Device.PHONE_WIDE).in(Scheme.DARK), on.now);
        on.pass(20);
        assertTrue(on.stage.scene(on.now).width() > 384);
        on.rest();
        assertEquals(824, on.stage.scene(on.now).width());
        Plan other = builder()
                .screen("more")
                .bar(bar -> bar.menu("main").form(FormBuilder.rail()))
                .build();
        var next = Walk.of(other);
        on.stage.use(next, next.start());
        assertEquals(824, on.stage.scene(on.now).width());
        assertTrue(on.stage.scene(on.now).bar("rail").isPresent());
    }

    @Test
    void aHostThatScrollsItselfTellsHowFar() {
        var on = new Theatre(bottom(), Surroundings.of(Device.PHONE), true);
        on.step("choose:surveys");
        on.rest();
        String content = on.part("Surveys").path();
        on.stage.take(new Input.Scrolled(content, 0, 144), on.now);
        assertEquals(144, on.stage.scrolled(content));
        Access third = on.part("Survey 3, on the shore");
        on.down(200, third.box().centerY() - 144);
        on.up(200, third.box().centerY() - 144);
        assertEquals(List.of("open:survey?survey=3"), on.taken, "it is hit where it is seen");
        assertFalse(on.key(Input.Meant.DOWN), "its own keys scroll");
    }

    @Test
    void aTopBarThatHasLeftIsNotHitAndWhatIsUnderItIs() {
        Plan plan = PlanBuilder.app("Leaves")
                .start("surveys")
                .screen("surveys", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST);
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "", "", "survey?survey=" + i);
                    }
                })
                .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
                .bar(bar -> bar.form(FormBuilder.top().onScroll(Form.Scrolling.HIDE)))
                .build();
        var on = new Theatre(plan, Surroundings.of(Device.PHONE), true);
        Access row = on.part("Survey 9");
        double seenAt = 50;
        assertTrue(on.stage.leaving() > 40, "it leaves by " + on.stage.leaving());
        on.stage.take(new Input.Scrolled(on.part("Surveys").path(), 0, row.box().centerY() - seenAt), on.now);
        on.down(200, seenAt);
        on.up(200, seenAt);
        assertEquals(List.of("open:survey?survey=9"), on.taken);
    }

    /** A finger that is held on what shows no name is told it, and chooses nothing; a short touch chooses as ever. */
    @Test
    void aFingerHeldOnABareItemIsToldItsName() {
        Plan plan = PlanBuilder.app("Held")
                .start("surveys")
                .screen("surveys", screen -> screen.icon("list"))
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("surveys").item("map"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().labels(Form.Labels.SELECTED)))
                .build();
        var on = new Theatre(plan, Device.PHONE);
        on.down(380, 780);
        assertTrue(on.stage.moves(), "it waits");
        on.pass(499);
        assertEquals(Optional.empty(), told(on));
        on.pass(1);
        on.pass(1000);
        SceneNode.Group bubble = told(on).orElseThrow();
        assertEquals(
                List.of("Map"),
                bubble.children().stream()
                        .filter(SceneNode.Text.class::isInstance)
                        .map(node -> ((SceneNode.Text) node).line().text())
                        .toList());
        assertTrue(
                bubble.area().bottom() < 780 && bubble.area().right() <= 384 - 8,
                bubble.area().toString());
        on.up(380, 780);
        on.pass(1000);
        assertEquals(List.of(), on.taken);
        assertEquals(Optional.empty(), told(on));
        assertEquals(false, on.stage.moves());
        // The selected item shows its name: there is nothing to be told.
        on.down(100, 780);
        on.pass(2000);
        assertEquals(Optional.empty(), told(on));
        on.up(100, 780);
        on.down(290, 780);
        on.pass(200);
        on.up(290, 780);
        assertEquals(List.of("choose:surveys", "choose:map"), on.taken);
    }

    private static Optional<SceneNode.Group> told(Theatre on) {
        return on.stage.scene(on.now).nodes().stream()
                .filter(node -> node.key().equals("told"))
                .map(SceneNode.Group.class::cast)
                .findFirst();
    }

    /** Who touches a field types into it; the entries change, the field keeps the focus, and a reader hears what is typed. */
    @Test
    void whatIsTypedGoesIntoTheFieldThatHasTheFocus() {
        Plan plan = PlanBuilder.app("Typed")
                .start("board")
                .fact("wanted", "")
                .screen("board")
                .screen("stones")
                .screen("tools")
                .menu("main", menu -> menu.item("board").item("stones").item("tools"))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer().filter("wanted")))
                .topBar()
                .build();
        var on = new Theatre(plan, Device.PHONE);
        on.step("toggle:main");
        on.rest();
        assertFalse(on.stage.take(new Input.Type("x"), on.now), "nothing has the focus that takes letters");
        Access field = on.part("Find");
        assertEquals(Access.Role.FIELD, field.role());
        on.down(field.box().centerX(), field.box().centerY());
        on.up(field.box().centerX(), field.box().centerY());
        assertTrue(on.stage.isTyped());
        for (String letter : List.of("t", "o", "o", "\ud83d\ude80")) {
            assertTrue(on.stage.take(new Input.Type(letter), on.now));
            on.rest();
        }
        assertTrue(on.stage.take(new Input.Key(Input.Meant.ERASE), on.now), "a whole character goes");
        on.rest();
        assertEquals("Find: too", on.part("Find: too").name());
        assertEquals(Optional.of(field.path()), on.stage.focus());
        List<String> links = on.stage.tree().all().stream()
                .filter(part -> part.role() == Access.Role.LINK)
                .map(Access::name)
                .toList();
        assertEquals(List.of("Tools"), links);
        assertTrue(on.stage.take(new Input.Fill(field.path(), "sto"), on.now));
        assertFalse(on.stage.take(new Input.Fill(field.path(), "sto"), on.now), "that is no news");
        on.rest();
        assertEquals("sto", ((FactValue.Text) on.state.facts().get("wanted")).text());
        on.stage.take(new Input.Key(Input.Meant.CLOSE), on.now);
        on.rest();
        assertFalse(on.stage.isTyped());
    }

    /** An app that tells later than a person types loses no letter, whatever else it tells meanwhile. */
    @Test
    void whatIsTypedIsKeptUntilTheAppTellsIt() {
        Plan plan = PlanBuilder.app("Late")
                .start("board")
                .fact("wanted", "")
                .fact("boats", 0)
                .screen("board")
                .screen("tools")
                .menu("main", menu -> menu.item("board").item("tools"))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer().filter("wanted")))
                .build();
        var on = new Theatre(plan, Device.PHONE);
        on.step("toggle:main");
        on.rest();
        on.isLate = true;
        State untold = on.state;
        Access field = on.part("Find");
        on.stage.take(new Input.Focus(Optional.of(field.path())), on.now);
        on.stage.take(new Input.Type("t"), on.now);
        on.stage.changed(on.walk.step(untold, Steps.parse(plan, "tell:boats=3")), on.now);
        on.stage.take(new Input.Type("o"), on.now);
        assertEquals(List.of("tell:wanted=t", "tell:wanted=to"), on.taken);
        on.tell();
        on.rest();
        assertEquals("to", on.stage.typed(field.path()));
    }

    private static Plan retreating() {
        return PlanBuilder.app("Retreats")
                .start("surveys")
                .screen("surveys", screen -> {
                    screen.wireframe(Wireframe.Kind.LIST).icon("list");
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "", "");
                    }
                })
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("surveys").item("map"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .build();
    }

    /** Down with the content, back as soon as that goes up, wherever it is; and whole again for whoever is in it, or elsewhere. */
    @Test
    void aBottomBarLeavesAndComesBack() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), true);
        String content = on.part("Surveys").path();
        double[][] steps = {{0, 0}, {50, 50}, {300, 84}, {290, 74}, {250, 34}, {100, 0}, {184, 84}};
        for (double[] step : steps) {
            on.stage.take(new Input.Scrolled(content, 0, step[0]), on.now);
            assertEquals(step[1], on.stage.retreat().orElseThrow().distance(), 1e-9, "at " + step[0]);
        }
        String item = on.stage.tree().order().stream()
                .filter(path -> path.contains("item:"))
                .findFirst()
                .orElseThrow();
        on.stage.take(new Input.Focus(Optional.of(item)), on.now);
        assertEquals(0, on.stage.retreat().orElseThrow().distance(), "whoever is in it sees it");
        on.stage.take(new Input.Focus(Optional.empty()), on.now);
        assertEquals(84, on.stage.retreat().orElseThrow().distance(), 1e-9);
        on.step("choose:map");
        assertEquals(0, on.stage.retreat().orElseThrow().distance(), "another place starts with its bar");
    }

    /** Only the content takes the bar with it, and not a list that is scrolled beside it. */
    @Test
    void aListInABarLeavesTheLowerBarAlone() {
        Plan plan = PlanBuilder.app("Beside")
                .start("a")
                .screen("a", screen -> screen.wireframe(Wireframe.Kind.LIST))
                .menu("main", menu -> menu.item("a"))
                .menu("side", menu -> {
                    for (int i = 1; i <= ROWS; i++) {
                        menu.signal("signal-" + i, item -> {});
                    }
                })
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().onScroll(Form.Scrolling.HIDE)))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
                .build();
        var on = new Theatre(plan, Surroundings.of(Device.DESKTOP), true);
        String list = on.part("Signal 1").path();
        list = list.substring(0, list.lastIndexOf('/'));
        assertTrue(on.stage.take(new Input.Scrolled(list, 0, 200), on.now));
        assertEquals(0, on.stage.retreat().orElseThrow().distance());
    }

    /** Where the bar has left, what lies below it is hit. */
    @Test
    void whatABarThatHasLeftCoveredIsHit() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), true);
        on.down(290, 780);
        on.up(290, 780);
        assertEquals(List.of("choose:map"), on.taken);
        on.step("choose:surveys");
        on.pass(2000);
        on.stage.take(new Input.Scrolled(on.part("Surveys").path(), 0, 300), on.now);
        on.down(290, 780);
        on.up(290, 780);
        assertEquals(List.of("choose:map"), on.taken, "the bar is away");
    }

    /** A stage that scrolls by itself shows the same. */
    @Test
    void aStageThatScrollsMovesTheBar() {
        var on = new Theatre(retreating(), Surroundings.of(Device.PHONE), false);
        double rest = on.stage.scene(on.now).bar("bottom").orElseThrow().area().y();
        on.stage.take(new Input.Wheel(200, 300, 0, 300), on.now);
        on.pass(3000);
        assertEquals(
                824, on.stage.scene(on.now).bar("bottom").orElseThrow().area().y(), 1e-9);
        on.stage.take(new Input.Wheel(200, 300, 0, -30), on.now);
        on.pass(3000);
        assertEquals(
                rest + 84 - 30,
                on.stage.scene(on.now).bar("bottom").orElseThrow().area().y(),
                1e-9);
    }

    @Test
    void whatIsScrolledSidewaysIsHitWhereItIsSeen() {
        Plan plan = builder()
                .languages("en", "ar")
                .screen("one")
                .screen("two")
                .screen("three")
                .screen("four")
                .menu("long", menu -> menu.item("tides")
                        .item("surveys")
                        .item("map")
                        .item("one")
                        .item("two")
                        .item("three")
                        .item("four"))
                .bar(bar -> bar.menu("long").form(FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL)))
                .build();
        for (boolean hostScrolls : new boolean[] {true, false}) {
            for (String language : List.of("en", "ar")) {
                var on = new Theatre(plan, Surroundings.of(Device.PHONE_SMALL).in(language), hostScrolls);
                double side = language.equals("ar") ? -1 : 1;
                Access list = on.stage.tree().all().stream()
                        .filter(part -> part.role() == Access.Role.NAVIGATION)
                        .findFirst()
                        .orElseThrow();
                Box four = on.part("Four").box();
                assertFalse(four.x() >= 0 && four.right() <= 320, "it is out of sight: " + four);
                double by = side > 0 ? four.right() - 320 : four.x();
                if (hostScrolls) {
                    on.stage.take(new Input.Scrolled(list.path() + "/list", by, 0), on.now);
                } else {
                    assertTrue(on.stage.take(new Input.Wheel(160, list.box().centerY(), by, 0), on.now));
                    by = 0;
                }
                Access seen = on.part("Four");
                double x = seen.box().centerX() - by;
                on.down(x, seen.box().centerY());
                on.up(x, seen.box().centerY());
                assertEquals(List.of("choose:four"), on.taken, language + ", the host scrolls: " + hostScrolls);
            }
        }
    }

    @Test
    void theFocusIsScrolledIntoViewSidewaysToo() {
        Plan plan = builder()
                .screen("one")
                .screen("two")
                .screen("three")
                .screen("four")
                .menu("long", menu -> menu.item("tides")
                        .item("surveys")
                        .item("map")
                        .item("one")
                        .item("two")
                        .item("three")
                        .item("four"))
                .bar(bar -> bar.menu("long").form(FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL)))
                .build();
        var on = new Theatre(plan, Device.PHONE_SMALL);
        on.key(Input.Meant.PREVIOUS);
        on.rest();
        assertEquals("Four", on.focused());
        assertTrue(on.part("Four").box().right() <= 320.5, on.part("Four").box().toString());
    }

    @Test
    void whatIsPressedOrHoveredIsForgottenWhereItIsGone() {
        var on = new Theatre(bottom(), Device.DESKTOP);
        on.step("choose:surveys");
        on.rest();
        Box row = on.part("Survey 2, on the shore").box();
        on.move(row.centerX(), row.centerY());
        on.rest();
        on.down(row.centerX(), row.centerY());
        on.rest();
        assertEquals(0.1, alpha(on), "pressed");
        on.step("choose:map");
        on.rest();
        assertFalse(on.stage.pointsAtTarget(), "the row is gone");
        on.step("choose:surveys");
        on.rest();
        assertEquals(0, alpha(on), "and not pressed any more");
    }

    private static double alpha(Theatre on) {
        return veil(on, on.part("Survey 2, on the shore").path())
                .map(node -> ((SceneNode.Rect) node).fill().alpha())
                .orElse(0.0);
    }

    @Test
    void whatShowsNoNameSaysItWhereAPointerRests() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        Box back = on.part("Back to Surveys").box();
        assertEquals(Optional.of("Back to Surveys"), on.stage.hint(back.centerX(), back.centerY()));
        Box map = on.part("Map").box();
        assertEquals(Optional.empty(), on.stage.hint(map.centerX(), map.centerY()), "its label shows");
        assertEquals(Optional.empty(), on.stage.hint(200, 400), "nothing to choose");
    }

    /** Nothing is reached where it is cut off, through a ground, or in a shadow. */
    @Test
    void onlyWhatIsSeenIsHit() {
        var step = new Step.Choose("a");
        SceneNode.Group item = SceneNode.Group.of(
                new Part.Item("a", Optional.empty(), false),
                "item",
                new Meaning.Button("A", step),
                new Box(0, 60, 100, 40),
                List.of());
        SceneNode.Group list =
                SceneNode.Group.of(Part.Plain.LIST, "list", new Meaning.Plain(), new Box(0, 0, 100, 80), List.of(item));
        assertEquals(Optional.of(step), hit(50, 90, list), "beyond the box of a list that is not cut off");
        assertEquals(Optional.of(step), hit(50, 70, list.clipped(0)));
        assertEquals(Optional.empty(), hit(50, 90, list.clipped(0)), "cut off");
        var ground = new SceneNode.Rect("ground", new Box(0, 0, 100, 100), 0, Colour.rgb(0xFFFFFF));
        assertEquals(Optional.empty(), hit(50, 70, list, ground));
        assertEquals(Optional.of(step), hit(50, 70, list, ground.faded(0)), "nothing is to be seen of it");
        SceneNode.Group shadow =
                SceneNode.Group.of(Part.Plain.SHADOW, "shadow", new Meaning.Plain(), ground.area(), List.of(ground));
        assertEquals(Optional.of(step), hit(50, 70, list, shadow));
    }

    private static Optional<Step> hit(double x, double y, SceneNode... nodes) {
        return Hit.at(List.of(nodes), x, y, path -> Hit.Unseen.NONE).target().map(HitTarget::step);
    }

    /** The title stands above the tabs, the button at its end of the title's line; folded items belong to what folds them. */
    @Test
    void whatIsInABarIsHeardLineByLine() {
        Plan plan = PlanBuilder.app("Lines")
                .languages("en", "ar")
                .start("a")
                .screen("a", screen -> screen.icon("home"))
                .screen("b")
                .screen("c")
                .menu("kinds", menu -> menu.item("a").item("b"))
                .menu("side", menu -> menu.item("c")
                        .section("More", Entry.Collapsible.OPEN, in -> in.item("a")
                                .item("b"))
                        .item("c", item -> item.id("last")))
                .bar(bar -> bar.id("head").form(FormBuilder.top()))
                .bar(bar -> bar.menu("kinds")
                        .spokenLabel(Map.of("en", "Parts of the page", "ar", "\u0623\u062c\u0632\u0627\u0621"))
                        .within("a")
                        .form(FormBuilder.top().ownRow(true, TopForm.ItemWidths.EQUAL)))
                .bar(bar -> bar.menu("side")
                        .form(FormBuilder.drawer()
                                .side(Form.Side.TRAILING)
                                .opens(DrawerForm.Opening.ALWAYS)
                                .collapsedWidth(72)))
                .build();
        for (String language : List.of("en", "ar")) {
            var on = new Theatre(plan, Surroundings.of(Device.DESKTOP).in(language), false);
            List<String> heard = on.names();
            int title = heard.indexOf("HEADING A");
            int tabs = heard.indexOf(
                    "NAVIGATION " + (language.equals("en") ? "Parts of the page" : "\u0623\u062c\u0632\u0627\u0621"));
            assertTrue(title >= 0 && tabs > title, heard::toString);
            int collapse = heard.indexOf("BUTTON " + BuiltInText.COLLAPSE.in(language));
            assertTrue(collapse >= 0 && collapse < heard.lastIndexOf("LINK C"), heard::toString);
            List<Part.Item> items = items(on.stage.still().nodes());
            assertEquals(
                    List.of("a", "b"),
                    items.stream().filter(Part.Item::nested).map(Part.Item::id).toList());
        }
    }

    /** One that stays open, and one that opens over the rest: two bars of one form in a scene. */
    @Test
    void aDrawerAtEachEdgeIsABarOfItsOwn() {
        Plan plan = PlanBuilder.app("Two")
                .start("a")
                .screen("a", screen -> screen.icon("home"))
                .screen("b")
                .menu("main", menu -> menu.item("a").item("b"))
                .menu("side", menu -> menu.signal("send", item -> {}))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS)))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer().side(Form.Side.TRAILING)))
                .topBar()
                .build();
        var on = new Theatre(plan, Device.DESKTOP);
        on.step("toggle:side");
        on.rest();
        assertEquals(
                List.of("/drawer", "/drawer-end"),
                on.stage.tree().all().stream()
                        .filter(part -> part.role() == Access.Role.NAVIGATION || part.role() == Access.Role.DIALOG)
                        .map(Access::path)
                        .toList());
        assertEquals(Optional.of("/drawer-end"), on.stage.tree().dialog());
        assertFalse(on.part("Send").inert());
        assertTrue(on.part("B").inert());
    }

    private static List<Part.Item> items(List<SceneNode> nodes) {
        return nodes.stream()
                .filter(SceneNode.Group.class::isInstance)
                .map(SceneNode.Group.class::cast)
                .flatMap(group -> Stream.concat(
                        group.part() instanceof Part.Item item ? Stream.of(item) : Stream.of(),
                        items(group.children()).stream()))
                .toList();
    }

    @Test
    void whatIsHeardIsInTheOrderOfTheEye() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        on.step("open:survey?survey=1");
        on.rest();
        assertEquals(
                List.of("BANNER ", "MAIN Survey 1", "NAVIGATION Menu"),
                on.stage.tree().roots().stream()
                        .map(part -> part.role() + " " + part.name())
                        .toList());
        assertTrue(on.names().contains("HEADING Survey 1"));
        assertTrue(on.names().contains("BUTTON Back to Surveys"));
    }
}
