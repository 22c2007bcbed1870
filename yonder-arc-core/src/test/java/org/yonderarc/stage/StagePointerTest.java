package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.stage.StagePlans.bottom;
import static org.yonderarc.stage.StagePlans.drawer;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Step;

/** What a mouse and a finger do on a stage: press, choose, hover and hold. */
class StagePointerTest {
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

    private static Optional<SceneNode> veil(Theatre on, String row) {
        return on.stage
                .scene(on.now)
                .first(part -> part instanceof Part.Row index && row.endsWith(":" + index.index()))
                .flatMap(group -> group.children().stream()
                        .filter(node -> node.key().equals("touch"))
                        .findFirst());
    }

    private static Optional<SceneNode.Group> told(Theatre on) {
        return on.stage.scene(on.now).nodes().stream()
                .filter(node -> node.key().equals("told"))
                .map(SceneNode.Group.class::cast)
                .findFirst();
    }

    private static double alpha(Theatre on) {
        return veil(on, on.part("Survey 2, on the shore").path())
                .map(node -> ((SceneNode.Rect) node).fill().alpha())
                .orElse(0.0);
    }

    private static Optional<Step> hit(double x, double y, SceneNode... nodes) {
        return Hit.at(List.of(nodes), x, y, path -> Hit.Unseen.NONE).target().map(HitTarget::step);
    }
}
