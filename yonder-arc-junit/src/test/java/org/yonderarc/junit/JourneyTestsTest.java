package org.yonderarc.junit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.platform.engine.discovery.DiscoverySelectors.selectClass;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicContainer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.TestReporter;
import org.junit.jupiter.api.io.TempDir;
import org.junit.platform.engine.OutputDirectoryCreator;
import org.junit.platform.engine.TestDescriptor;
import org.junit.platform.testkit.engine.EngineTestKit;
import org.junit.platform.testkit.engine.Event;
import org.junit.platform.testkit.engine.Events;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.JsonText;
import org.yonderarc.journey.Journey;
import org.yonderarc.navigator.Gate;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Trees;

/** Journeys as tests, run by JUnit itself. */
class JourneyTestsTest {
    private static final Plan PLAN = PlanBuilder.app("Quay")
            .start("tides")
            .screen("tides", screen -> screen.icon("droplet"))
            .screen("map", screen -> screen.icon("home"))
            .menu("main", menu -> menu.item("tides").item("map"))
            .build();

    private static final List<Journey> JOURNEYS = JourneyFile.require(
            "journeys.yaml",
            """
            journeys:
              To the map:
                - { do: choose:map, at: map }
                - { do: back, at: tides }
              Astray:
                - { at: tides }
                - { do: choose:map, at: tides }
                - { do: back, at: tides }
            """);

    /** What a user would write; run by the tests below, and by nobody else. */
    static class OfPlan {
        @TestFactory
        Stream<DynamicContainer> journeys(TestReporter reporter) {
            return JourneyTests.of(PLAN, JOURNEYS).drawing(reporter).tests();
        }
    }

    /** With an app's navigator that lets nobody to the map. */
    static class OfNavigator {
        @TestFactory
        Stream<DynamicContainer> journeys() {
            return JourneyTests.of(
                            () -> {
                                var navigator = new Navigator(PLAN, Runnable::run);
                                navigator.gate((asked) ->
                                        asked.shown().screen().equals("map") ? Gate.Answer.STAY : Gate.Answer.GO);
                                return navigator;
                            },
                            JOURNEYS.subList(0, 1))
                    .tests();
        }
    }

    /** Journeys whose names are made to lead elsewhere. */
    static class OfHostileNames {
        @TestFactory
        Stream<DynamicContainer> journeys(TestReporter reporter) {
            String text = "journeys:\n";
            for (String name : HOSTILE) {
                text += "  " + JsonText.write(Trees.text(name)).strip() + ": [ { do: choose:map, at: tides } ]\n";
            }
            return JourneyTests.of(PLAN, JourneyFile.require("journeys.yaml", text))
                    .drawing(reporter)
                    .tests();
        }
    }

    private static final List<String> HOSTILE = List.of(
            "../../outside",
            "/tmp/outside",
            "..",
            "\\\\share\\outside",
            "a:b*?",
            "${user.home}",
            "\u202Egvs",
            "x".repeat(400));

    private static Events run(Class<?> tests, Path output) {
        return EngineTestKit.engine("junit-jupiter")
                .outputDirectoryCreator(new OutputDirectoryCreator() {
                    @Override
                    public Path getRootDirectory() {
                        return output;
                    }

                    @Override
                    public Path createOutputDirectory(TestDescriptor test) {
                        return output;
                    }
                })
                .selectors(selectClass(tests))
                .execute()
                .allEvents();
    }

    private static List<String> names(Events events) {
        return events.map(event -> event.getTestDescriptor().getDisplayName()).toList();
    }

    @Test
    void eachLegIsATestAndThoseBehindAFailureAreAborted(@TempDir Path folder) {
        Events events = run(OfPlan.class, folder);
        assertEquals(
                List.of("1. choose:map: at map", "2. back: at tides", "1. here: at tides"),
                names(events.succeeded()).stream()
                        .filter(name -> name.matches("\\d.*"))
                        .toList());
        assertEquals(List.of("2. choose:map: at tides"), names(events.failed()));
        assertEquals(List.of("3. back: at tides"), names(events.aborted()));
        var thrown = new ArrayList<String>();
        events.failed().map(Event::getPayload).forEach(any -> thrown.add(any.toString()));
        assertTrue(
                thrown.toString().contains("Astray, line 7: at should be \"tides\", but is \"map\""),
                thrown.toString());
    }

    /** The picture of where it failed is a file that JUnit knows of. */
    @Test
    void aFailureIsDrawn(@TempDir Path folder) throws Exception {
        Events events = run(OfPlan.class, folder);
        assertEquals(1, events.fileEntryPublished().count());
        try (Stream<Path> files = Files.walk(folder)) {
            Path picture = files.filter(file -> file.endsWith("astray.svg"))
                    .findFirst()
                    .orElseThrow();
            assertTrue(Files.readString(picture).contains("<svg"));
        }
    }

    /** Their pictures stay in the folder that JUnit gives. */
    @Test
    void aNameLeadsNowhereElse(@TempDir Path folder) throws Exception {
        Path output = Files.createDirectories(folder.resolve("deep/er"));
        Events events = run(OfHostileNames.class, output);
        assertEquals(
                HOSTILE.size(),
                events.fileEntryPublished().count(),
                () -> events.failed().map(Event::getPayload).toList().toString());
        try (Stream<Path> files = Files.walk(folder)) {
            List<Path> made = files.filter(Files::isRegularFile).toList();
            assertTrue(made.size() > 3 && made.stream().allMatch(file -> file.startsWith(output)), made::toString);
        }
    }

    @Test
    void anAppsOwnGatesCount(@TempDir Path folder) {
        Events events = run(OfNavigator.class, folder);
        assertEquals(List.of("1. choose:map: at map"), names(events.failed()));
    }
}
