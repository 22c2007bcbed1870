package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Steps;

/** What a stage makes of how a person uses an app, and what it says of what is only drawn. */
class SurroundingsTest {
    private static final Plan PLAN = PlanBuilder.app("Shore")
            .start("settings")
            .screen("settings", screen -> screen.wireframe(Wireframe.Kind.FORM)
                    .row("Remind me", "An hour before", "on")
                    .row("Warn me", "", "off")
                    .row("Station", "", "Gull Point"))
            .screen("tides", screen -> screen.wireframe(Wireframe.Kind.CHART).row("Next low tide", "0.4 m", "12:10"))
            .screen("empty", screen -> screen.wireframe(Wireframe.Kind.CHART))
            .screen("club", screen -> screen.title("The club").picture("club.png"))
            .menu(
                    "main",
                    menu -> menu.item("settings").item("tides").item("empty").item("club"))
            .build();

    private static List<String> said(Theatre theatre, Access.Role role) {
        theatre.stage.scene(theatre.now += 5000);
        return theatre.stage.tree().all().stream()
                .filter(part -> part.role() == role)
                .map(Access::name)
                .toList();
    }

    private static void go(Theatre theatre, String step) {
        theatre.take(Steps.parse(PLAN, step));
    }

    @Test
    void anAppsOwnViewBeginsBelowABarThatCanBeSeenThrough() {
        var plan = PlanBuilder.app("Shore")
                .start("own")
                .screen("own", screen -> {})
                .menu("main", menu -> menu.item("own"))
                .bar(bar -> bar.form(FormBuilder.top()
                        .style(style -> style.background(
                                ground -> ground.fill("surface").opacity(0.7)))))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .build();
        var theatre = new Theatre(plan, Device.PHONE, "own");
        Scene scene = theatre.stage.scene(theatre.now);
        double end = scene.first(part -> part instanceof Part.Bar bar && bar.edge() == Form.Edge.UPPER)
                .orElseThrow()
                .area()
                .bottom();
        assertEquals(
                0,
                scene.first(part -> part instanceof Part.Screen)
                        .orElseThrow()
                        .area()
                        .y());
        Surface surface = theatre.stage.layers(theatre.now).stream()
                .filter(Layer.Content.class::isInstance)
                .map(layer -> ((Layer.Content) layer).surface())
                .findFirst()
                .orElseThrow();
        assertEquals(end, surface.box().y());
    }

    @Test
    void aSwitchSaysWhetherItIsOnAndPicturesSayWhatTheyAreOf() {
        var theatre = new Theatre(PLAN, Device.PHONE);
        assertEquals(
                List.of("Remind me, An hour before, on", "Warn me, off", "Station, Gull Point"),
                said(theatre, Access.Role.TEXT));
        go(theatre, "choose:tides");
        assertEquals(List.of("Next low tide"), said(theatre, Access.Role.IMAGE));
        go(theatre, "choose:empty");
        assertEquals(List.of(), said(theatre, Access.Role.IMAGE), "a sample of nothing says nothing");
        go(theatre, "choose:club");
        assertEquals(List.of("The club"), said(theatre, Access.Role.IMAGE));
    }

    @Test
    void moreContrastChangesColoursAlone() {
        var theatre = new Theatre(PLAN, Device.PHONE);
        Scene usual = theatre.stage.scene(theatre.now += 5000);
        var around = theatre.stage.surroundings();
        assertFalse(around.moreContrast());
        theatre.stage.surround(around.moreContrast(true), theatre.now);
        Scene more = theatre.stage.scene(theatre.now += 5000);
        assertFalse(theatre.stage.moves());
        assertNotEquals(usual, more);
        assertEquals(keys(usual.nodes()), keys(more.nodes()));
        var line = PLAN.theme().moreContrast().colour(Scheme.LIGHT, Role.LINE);
        assertTrue(rects(more.nodes()).stream().anyMatch(rect -> rect.fill().equals(line)));
        assertFalse(rects(usual.nodes()).stream().anyMatch(rect -> rect.fill().equals(line)));
        // The other wishes stay with it, and it stays with them.
        assertTrue(theatre.stage
                .surroundings()
                .in(Scheme.DARK)
                .in("de")
                .lessMotion(true)
                .on(Device.TABLET)
                .moreContrast());
        theatre.stage.surround(around, theatre.now);
        assertEquals(usual, theatre.stage.scene(theatre.now += 5000));
    }

    private static List<String> keys(List<SceneNode> nodes) {
        return nodes.stream()
                .flatMap(node -> Stream.concat(
                        Stream.of(node.key()),
                        node instanceof SceneNode.Group group ? keys(group.children()).stream() : Stream.<String>of()))
                .toList();
    }

    private static List<SceneNode.Rect> rects(List<SceneNode> nodes) {
        return nodes.stream()
                .flatMap(node -> node instanceof SceneNode.Group group
                        ? rects(group.children()).stream()
                        : node instanceof SceneNode.Rect rect ? Stream.of(rect) : Stream.<SceneNode.Rect>of())
                .toList();
    }
}
