package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.stage.StagePlans.bottom;
import static org.yonderarc.stage.StagePlans.drawer;

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
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.TopForm;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;

/** The keyboard on a stage, and what is heard there. */
class StageFocusTest {
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
        assertEquals("too", on.stage.typed(on.part("Find").path()));
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
                        .form(FormBuilder.top().ownRow(true).itemWidths(TopForm.ItemWidths.EQUAL)))
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

    private static List<Part.Item> items(List<SceneNode> nodes) {
        return nodes.stream()
                .filter(SceneNode.Group.class::isInstance)
                .map(SceneNode.Group.class::cast)
                .flatMap(group -> Stream.concat(
                        group.part() instanceof Part.Item item ? Stream.of(item) : Stream.of(),
                        items(group.children()).stream()))
                .toList();
    }
}
