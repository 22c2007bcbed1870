package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Target;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;

/** Web pages that are places of the app. */
class WebPlaceTest {
    private static PlanBuilder plan(String address) {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .screen("tides", screen -> {})
                .screen("tables", screen -> screen.path("/tables/{station}").web(address))
                .screen("rules", screen -> screen.under("tides")
                        .web("https://rules.example/")
                        .wireframe(Wireframe.Kind.LIST))
                .menu("main", menu -> menu.item("tides")
                        .item(
                                "tables?station=gull%20point",
                                item -> item.id("gull").label("Gull")));
    }

    private final Walk walk =
            Walk.of(plan("https://tables.example/{station}?v=1").build());

    @Test
    void itIsAPlaceWithSelectionTrailAndBack() {
        State there = walk.step(walk.start(), new Step.Choose("gull")).after();
        assertEquals(Optional.of("gull"), walk.selected(there));
        assertEquals("tables?station=gull%20point", walk.shown(there).text());
        assertEquals("tides", walk.step(there, new Step.Back()).after().place().text());
        assertEquals(Optional.of("https://tables.example/gull%20point?v=1"), walk.webOf(walk.shown(there)));
        assertEquals(Optional.empty(), walk.webOf(Place.of("tides")));
    }

    @Test
    void visitingOpensItOutsideAndStays() {
        State there = walk.step(walk.start(), new Step.Choose("gull")).after();
        Change visit = walk.step(there, Steps.parse(walk.plan(), "visit"));
        assertEquals(there, visit.after());
        assertEquals(
                List.of(new Effect.OpenWeb("https://tables.example/gull%20point?v=1", Target.OpenIn.BROWSER)),
                visit.effects());
        Change refused = walk.step(walk.start(), new Step.Visit());
        assertEquals(List.of(new Effect.Refused("\"tides\" is not a web page.")), refused.effects());
    }

    @Test
    void previewsSayWhereItLeadsOrShowTheirSample() {
        var view = new View(walk, Device.PHONE, new PlainMeasure());
        State there = walk.step(walk.start(), new Step.Choose("gull")).after();
        Meaning.Link link = view.scene(there).nodes().stream()
                .flatMap(node -> node instanceof SceneNode.Group group
                        ? group.groups().stream()
                        : java.util.stream.Stream.empty())
                .filter(group -> group.key().equals("visit"))
                .map(group -> (Meaning.Link) group.meaning())
                .findFirst()
                .orElseThrow();
        assertEquals("https://tables.example/gull%20point?v=1", link.address());
        assertEquals(new Step.Visit(), link.step());
        State rules = walk.step(walk.start(), new Step.Open(Place.of("rules"))).after();
        assertTrue(view.scene(rules).nodes().stream()
                .flatMap(node -> node instanceof SceneNode.Group group
                        ? group.groups().stream()
                        : java.util.stream.Stream.empty())
                .noneMatch(group -> group.key().equals("visit")));
    }

    @Test
    void theCheckTellsOfAddressesThatAreNone() {
        for (String wrong : List.of(
                "tables.example",
                "javascript:alert(1)",
                "mailto:a@b.example",
                "https://",
                "https://a.example/{harbour}")) {
            var told = org.junit.jupiter.api.Assertions.assertThrows(
                    InvalidPlanException.class, () -> plan(wrong).build(), wrong);
            assertTrue(told.getMessage().contains("tables"), told.getMessage());
        }
    }
}
