package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Tiles at the head of content have its edges, on every screen. */
class GridEdgesTest {
    @ParameterizedTest
    @CsvSource({
        "LIST, 384, 16",
        "LIST, 768, 16",
        "LIST, 1280, 66",
        "FORM, 1280, 276",
        "CARDS, 1440, 146",
        "FORM, 640, 16"
    })
    void tilesAndContentHaveTheSameEdges(Wireframe.Kind kind, double width, double edge) {
        var plan = PlanBuilder.app("Glazery")
                .start("home")
                .screen("home", screen -> screen.wireframe(kind).row("Bowl", "raku", "12 cm"))
                .screen("kilns")
                .menu("main", menu -> menu.item("home").item("kilns"))
                .bar(bar -> bar.menu("main").form(FormBuilder.grid()))
                .build();
        Device device = Device.PHONE.resized(width, 824);
        var walk = Walk.of(plan);
        Box row = new View(walk, device, new PlainMeasure())
                .scene(walk.start()).nodes().stream()
                        .flatMap(node -> inner(node))
                        .filter(group -> group.part() instanceof Part.Row)
                        .map(SceneNode.Group::area)
                        .findFirst()
                        .orElseThrow();
        Box tile = Layouter.layOut(Fitter.fit(walk, device, walk.start()), new PlainMeasure())
                .bars()
                .get(0)
                .list()
                .slots()
                .get(0)
                .target();
        assertEquals(edge, row.x(), 1e-9);
        assertEquals(row.x(), tile.x(), 1e-9);
    }

    private static Stream<SceneNode.Group> inner(SceneNode node) {
        return node instanceof SceneNode.Group group
                ? Stream.concat(Stream.of(group), group.children().stream().flatMap(GridEdgesTest::inner))
                : Stream.empty();
    }
}
