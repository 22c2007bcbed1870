package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** The club's plan as an app runs it: bars at both sides, an action in the middle, a drawer in which one looks for entries. */
class MarlstepTest {
    private static final Path FOLDER = Path.of("src/main/resources/org/yonderarc/examples");

    private final Navigator navigator = new Navigator(plan(), Runnable::run);

    private static Plan plan() {
        try {
            PlanFile read = PlanFile.read(
                    FOLDER.resolve("marlstep.yaml"),
                    new BundledIcons(),
                    new PlanFolder(Pictures.in(FOLDER), Fonts.in(FOLDER)));
            assertEquals(List.of(), read.findings(), "its logos are there, and its icons are in the second set");
            return read.plan().orElseThrow();
        } catch (FileException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private List<String> items(Device device, String bar) {
        return Fitter.fit(Walk.of(plan()), device, navigator.state()).bars().stream()
                .filter(any -> any.id().equals(bar))
                .flatMap(any -> any.items().stream())
                .map(FittedItem::label)
                .toList();
    }

    @Test
    void theActionInTheMiddleIsOneOfTheMenu() {
        assertEquals(List.of("Map", "Walks", "Stones", "Finds"), items(Device.PHONE, "main"));
        assertTrue(items(Device.DESKTOP, "main").contains("New find"));
        navigator.choose("new-find");
        assertEquals("new-find", navigator.place().text());
    }

    @Test
    void whatOneLooksForIsForgottenOnSaving() {
        navigator.tell("wanted", "f");
        assertEquals(List.of("By face", "With fossils", "Safe after rain"), items(Device.PHONE, "sift"));
        var other = new Navigator(plan(), Runnable::run);
        assertEquals(List.of(), other.restore(navigator.save()));
        assertEquals(
                4,
                Fitter.fit(Walk.of(plan()), Device.PHONE, other.state()).bars().stream()
                        .filter(bar -> bar.id().equals("sift"))
                        .flatMap(bar -> bar.items().stream())
                        .count());
    }

    /** A club's own board shows the rail that stands free, at the number of pixels that the plan says. */
    @Test
    void theBoardHasARailOverTheMap() {
        Plan plan = plan();
        Device board = Device.named("board", plan);
        var scene = new View(Walk.of(plan), board, new Studio().measure()).scene(navigator.state());
        var rail = scene.bar("rail").orElseThrow().area();
        assertEquals(20, rail.x());
        assertTrue(rail.height() < 500 && scene.screen().orElseThrow().area().x() == 0);
        assertEquals(
                1.0, plan.devices().find("board").orElseThrow().pixelRatio().orElseThrow());
    }
}
