package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.build.DrawerBuilder;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What stands at the head of bars: logos, and the person. */
class HeadsTest {
    private static Plan plan(FormBuilder<?> form) {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .logo(Scheme.LIGHT, "logo.svg")
                .logo(Scheme.DARK, "logo-dark.svg")
                .smallLogo(Scheme.LIGHT, "sign.svg")
                .smallLogo(Scheme.DARK, "sign-dark.svg")
                .fact("photo", "me.png")
                .fact("observer", "Maren Aas")
                .style("deep", style -> style.background(ground -> ground.fill("#0b2f3c")))
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("account", screen -> screen.icon("user"))
                .menu("main", menu -> menu.item("tides").item("account"))
                .bar(bar -> bar.menu("main").form(form))
                .build();
    }

    private static Scene scene(FormBuilder<?> form, Scheme scheme, Step... steps) {
        Walk walk = Walk.of(plan(form));
        State state = walk.start();
        for (Step step : steps) {
            state = walk.step(state, step).after();
        }
        return new View(walk, Device.TABLET, new PlainMeasure())
                .with(Setting.of(Device.TABLET).with(scheme))
                .scene(state);
    }

    private static Stream<SceneNode> all(List<SceneNode> nodes) {
        return nodes.stream()
                .flatMap(node -> node instanceof SceneNode.Group group
                        ? Stream.concat(Stream.of(node), all(group.children()))
                        : Stream.of(node));
    }

    private static SceneNode.Picture picture(Scene scene, Part.Plain part) {
        return (SceneNode.Picture) all(List.of(scene.first(any -> any == part).orElseThrow()))
                .filter(SceneNode.Picture.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private static DrawerBuilder kept() {
        return FormBuilder.drawer()
                .opens(DrawerForm.Opening.ALWAYS)
                .collapsedWidth(72)
                .showLogo(true);
    }

    @Test
    void wideBarsShowTheLogoAtTheLeftEdgeOfTheirItemsAndNarrowOnesItsSmallForm() {
        Scene wide = scene(kept(), Scheme.LIGHT);
        SceneNode.Picture logo = picture(wide, Part.Plain.LOGO);
        assertEquals("logo.svg", logo.file());
        assertEquals(SceneNode.Picture.Fit.LEFT, logo.fit());
        SceneNode.Group tides = wide.first(part -> part.equals(new Part.Item("tides", Optional.empty(), false)))
                .orElseThrow();
        Box icon = all(List.of(tides))
                .filter(SceneNode.Icon.class::isInstance)
                .flatMap(node -> node.box().stream())
                .findFirst()
                .orElseThrow();
        assertEquals(icon.x(), logo.area().x());
        for (Scene narrow : List.of(
                scene(kept(), Scheme.LIGHT, new Step.Collapse("main")),
                scene(FormBuilder.rail().showLogo(true), Scheme.LIGHT))) {
            SceneNode.Picture small = picture(narrow, Part.Plain.LOGO);
            assertEquals("sign.svg", small.file());
            assertTrue(small.fit().isWhole() && small.area().right() <= 88);
        }
        assertEquals(
                "logo.svg",
                picture(scene(FormBuilder.grid("tides").showLogo(true), Scheme.LIGHT), Part.Plain.LOGO)
                        .file());
    }

    @Test
    void aDarkGroundHasTheLogoOfTheDarkScheme() {
        assertEquals(
                "logo-dark.svg",
                picture(scene(kept(), Scheme.DARK), Part.Plain.LOGO).file());
        assertEquals(
                "logo-dark.svg",
                picture(scene(kept().style("deep"), Scheme.LIGHT), Part.Plain.LOGO)
                        .file());
    }

    @Test
    void aFactTellsThePictureOfThePersonAndTheFileOrInitialsStandInForIt() {
        var form = FormBuilder.drawer().opens(DrawerForm.Opening.ALWAYS).header(head -> head.picture("usual.png")
                .title("{observer}")
                .note("")
                .photoFact("photo")
                .item("account"));
        assertEquals("me.png", person(form).file());
        assertEquals(
                "https://faces.example/7",
                person(form, tell("https://faces.example/7")).file());
        assertEquals("usual.png", person(form, tell("")).file());
        assertTrue(PlanMentions.files(plan(form)).contains("me.png"));
    }

    private static Step tell(String photo) {
        return new Step.Tell("photo", new FactValue.Text(photo));
    }

    private static SceneNode.Picture person(FormBuilder<?> form, Step... steps) {
        return (SceneNode.Picture) all(scene(form, Scheme.LIGHT, steps).nodes())
                .filter(SceneNode.Picture.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void longNamesAndNotesTakeASecondLineBeforeAnythingIsCutOff() {
        var form = FormBuilder.drawer()
                .opens(DrawerForm.Opening.ALWAYS)
                .width(DrawerForm.Width.dp(200))
                .header(head -> head.picture("usual.png")
                        .title("{observer}")
                        .note("Observer at the stations of the northern shore"));
        SceneNode.Group face =
                scene(form, Scheme.LIGHT).first(part -> part == Part.Plain.FACE).orElseThrow();
        List<SceneNode.Text> lines = all(List.of(face))
                .filter(node -> node instanceof SceneNode.Text && node.key().startsWith("line"))
                .map(SceneNode.Text.class::cast)
                .toList();
        assertEquals(3, lines.size());
        assertEquals(lines.get(1).fill(), lines.get(2).fill(), "both lines of the note");
        assertNotEquals(lines.get(0).fill(), lines.get(1).fill());
        assertTrue(face.area().bottom() > lines.get(2).line().baseline());
    }

    @Test
    void thePersonIsAnItemThatCanBeChosen() {
        var form = FormBuilder.top().profile(person -> person.picture("usual.png")
                .text("{observer}")
                .photoFact("photo")
                .item("account"));
        SceneNode.Group item = scene(form, Scheme.LIGHT)
                .first(part -> part.equals(new Part.Item("account", Optional.empty(), false)))
                .orElseThrow();
        Meaning.Link link = (Meaning.Link) item.meaning();
        assertEquals("Maren Aas, Account", link.label());
        assertEquals(new Step.Choose("account"), link.step());
        long times = all(scene(form, Scheme.LIGHT).nodes())
                .filter(node -> node instanceof SceneNode.Group group
                        && group.part() instanceof Part.Item one
                        && one.id().equals("account"))
                .count();
        assertEquals(1, times, "it stands nowhere else in the bar");
    }
}
