package org.yonderarc.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.mockito.Mockito.mock;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** What of the plan each part of a picture shows, and what is read as a list. */
class FinderTest {
    private static final Plan PLAN = PlanBuilder.app("Shore")
            .start("tides")
            .fact("crew", List.of(ListEntry.of("ada", "Ada"), ListEntry.of("ben", "Ben")))
            .screen("tides", screen -> screen.wireframe(Wireframe.Kind.LIST)
                    .row("Gull Point", "", "")
                    .row("Herring Quay", "", ""))
            .screen("surveys")
            .screen("person", screen -> screen.path("/person/{who}"))
            .menu("main", menu -> menu.item("tides")
                    .item("surveys", item -> item.id("list"))
                    .item("person?who={id}", item -> item.id("mate").repeat("crew", 9)))
            .bar(bar -> bar.id("below").menu("main").form(FormBuilder.bottom()))
            .topBar()
            .build();
    private static final Walk WALK = Walk.of(PLAN);
    private static final State START = WALK.start();
    private static final Stage STAGE = new Stage(
            WALK,
            START,
            Surroundings.of(Device.PHONE),
            (text, type) -> text.length() * type.size() * 0.55,
            mock(Stage.Host.class));
    private final Finder finder = new Finder(WALK, START, STAGE);

    @Test
    void thingsAreFoundAndLeadBack() {
        for (String thing : List.of("item:tides", "item:list", "bar:below", "row:tides/1", "screen:tides")) {
            List<String> paths = finder.paths(thing);
            assertFalse(paths.isEmpty(), thing);
            paths.forEach(path -> assertEquals(thing, finder.thing(path)));
        }
        assertEquals(1, finder.paths("bar:below").size(), "what is within it is not told again");
        assertEquals(List.of(), finder.paths("item:nothing"));
        assertEquals("", finder.thing("/nowhere"));
    }

    @Test
    void aRepeatedItemIsTheOneOfThePlan() {
        assertEquals(2, finder.paths("item:mate").size());
    }

    @Test
    void itemsOfABarAndRowsAreLists() {
        List<SceneNode> lists = all(STAGE.still().nodes())
                .filter(node -> node instanceof SceneNode.Group group && Entries.are(group.children()))
                .toList();
        assertEquals(
                2,
                lists.size(),
                () -> lists.stream().map(SceneNode::key).toList().toString());
        assertEquals(1, lists.stream().filter(Entries::takesFocus).count(), "rows that lead nowhere take no focus");
        assertEquals(Optional.empty(), Entries.level(lists.get(0)));
    }

    private static Stream<SceneNode> all(List<SceneNode> nodes) {
        return nodes.stream()
                .flatMap(node -> Stream.concat(
                        Stream.of(node), node instanceof SceneNode.Group group ? all(group.children()) : Stream.of()));
    }
}
