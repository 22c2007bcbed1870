package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.Typeface;
import org.yonderarc.files.FileException;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Walk;

/** The workshop's plan as an app runs it: pieces that come and go, courses with tabs, a library on the web. */
class LoomsteadTest {
    private static final Path FOLDER = Path.of("src/main/resources/org/yonderarc/examples");
    private static final Path FILE = FOLDER.resolve("loomstead.yaml");

    private final Navigator navigator = new Navigator(plan(), Runnable::run);

    private static Plan plan() {
        try {
            PlanFile read =
                    PlanFile.read(FILE, new BundledIcons(), new PlanFolder(Pictures.in(FOLDER), Fonts.in(FOLDER)));
            assertEquals(List.of(), read.findings());
            return read.plan().orElseThrow();
        } catch (FileException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private List<String> items(Device device) {
        var walk = Walk.of(plan());
        return Fitter.fit(walk, device, navigator.state()).bars().stream()
                .filter(bar -> bar.id().equals("side"))
                .flatMap(bar -> bar.items().stream())
                .map(FittedItem::label)
                .toList();
    }

    @Test
    void piecesComeAndGo() {
        assertTrue(
                items(Device.DESKTOP).containsAll(List.of("Blue scarf", "Table runner", "Baby blanket", "Yarn store")));
        navigator.tell("pieces", List.of(ListEntry.of("shawl", "Grey shawl")));
        assertTrue(items(Device.DESKTOP).contains("Grey shawl"));
        navigator.choose("piece-shawl");
        assertEquals("piece?piece=shawl", navigator.place().text());
        navigator.tell("pieces", List.of());
        assertTrue(items(Device.DESKTOP).stream().noneMatch(label -> label.contains("shawl")));
    }

    @Test
    void coursesLeadToTheTabWhereThePersonWas() {
        navigator.choose("courses");
        assertEquals("upcoming", navigator.place().text());
        navigator.choose("teachers");
        navigator.choose("looms");
        navigator.choose("courses");
        assertEquals("teachers", navigator.place().text());
    }

    @Test
    void thePatternLibraryIsAPlaceOnTheWeb() {
        navigator.choose("patterns");
        assertEquals("patterns", navigator.place().text());
        assertEquals(
                List.of("open on the web: https://patterns.loomstead.example/"),
                navigator.visit().effects().stream().map(Effect::text).toList());
    }

    @Test
    void itsJourneysAreAsExpected() throws Exception {
        List<Journey> journeys = JourneyFile.read(FOLDER.resolve("loomstead.journeys.yaml"));
        assertEquals(4, journeys.size());
        journeys.forEach(journey -> Rehearsal.require(plan(), journey));
    }

    @Test
    void everyScreenIsDrawnOnEveryDevice() {
        var walk = Walk.of(plan());
        var face = Typeface.of(walk.plan(), Fonts.in(FOLDER));
        for (Device device : List.of(Device.PHONE, Device.TABLET, Device.DESKTOP)) {
            var view = new View(walk, device, face.measure());
            for (String item : List.of("looms", "courses", "patterns", "house", "account", "booked", "rules", "ways")) {
                navigator.choose(item);
                assertTrue(view.scene(navigator.state()).nodes().size() > 1, item);
            }
        }
        assertEquals(List.of(), face.notes());
    }
}
