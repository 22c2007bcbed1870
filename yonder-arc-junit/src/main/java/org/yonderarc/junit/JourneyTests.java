package org.yonderarc.junit;

import java.nio.file.Files;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.DynamicContainer;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.MediaType;
import org.junit.jupiter.api.TestReporter;
import org.yonderarc.draw.Studio;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/**
 * Journeys as tests: a container for each, a test for each of its legs. The legs after one that failed are aborted. Takes JUnit
 * 5.12 or newer. In a test class:
 *
 * <pre>{@code
 * @TestFactory
 * Stream<DynamicContainer> journeys(TestReporter reporter) {
 *     Plan plan = PlanFile.require(AppTest.class, "plan.yaml");
 *     return JourneyTests.of(plan, JourneyFile.require(AppTest.class, "journeys.yaml")).drawing(reporter).tests();
 * }
 * }</pre>
 */
public final class JourneyTests {
    private final Function<Journey, Rehearsal> begin;
    private final List<Journey> journeys;
    private final Optional<TestReporter> reporter;
    private final Optional<Studio> studio;

    private JourneyTests(
            Function<Journey, Rehearsal> begin,
            List<Journey> journeys,
            Optional<TestReporter> reporter,
            Optional<Studio> studio) {
        this.begin = begin;
        this.journeys = List.copyOf(journeys);
        this.reporter = reporter;
        this.studio = studio;
    }

    /** Journeys through a plan. */
    public static JourneyTests of(Plan plan, List<Journey> journeys) {
        Objects.requireNonNull(plan, "plan");
        return new JourneyTests(journey -> Rehearsal.on(plan, journey), journeys, Optional.empty(), Optional.empty());
    }

    /**
     * Journeys with an app's own navigator, and so with its gates and its listeners.
     *
     * @param navigator gives a new one for each journey
     */
    public static JourneyTests of(Supplier<Navigator> navigator, List<Journey> journeys) {
        Objects.requireNonNull(navigator, "navigator");
        return new JourneyTests(
                journey -> Rehearsal.on(navigator.get(), journey), journeys, Optional.empty(), Optional.empty());
    }

    /**
     * The same, with a picture of where a journey failed: it is attached to the test, as {@code NAME.svg}, which reports show.
     *
     * @param to the reporter that JUnit gives to the method
     */
    public JourneyTests drawing(TestReporter to) {
        return drawing(to, new Studio());
    }

    /**
     * As {@link #drawing(TestReporter)}.
     *
     * @param with what it is drawn with: an app's own icons, pictures and font
     */
    public JourneyTests drawing(TestReporter to, Studio with) {
        return new JourneyTests(begin, journeys, Optional.of(to), Optional.of(with));
    }

    /** The tests, for a method with {@link org.junit.jupiter.api.TestFactory}. */
    public Stream<DynamicContainer> tests() {
        return journeys.stream().map(journey -> {
            // Made when the first leg is run, so that a failure in making it is that leg's.
            var rehearsal = new Rehearsal[1];
            var hasFailed = new AtomicBoolean();
            Stream<DynamicTest> legs = java.util.stream.IntStream.range(
                            0, journey.legs().size())
                    .mapToObj(index -> DynamicTest.dynamicTest(name(journey, index), () -> {
                        Assumptions.assumeFalse(hasFailed.get(), "A leg before this one failed.");
                        hasFailed.set(true);
                        Optional<String> difference = Optional.empty();
                        if (rehearsal[0] == null) {
                            rehearsal[0] = begin.apply(journey);
                            difference = rehearsal[0].begin();
                        }
                        if (difference.isEmpty()) {
                            difference = rehearsal[0].walk(journey.legs().get(index));
                        }
                        if (difference.isPresent()) {
                            var failure = new AssertionError(difference.get());
                            try {
                                draw(journey, rehearsal[0]);
                            } catch (RuntimeException undrawn) {
                                // What the journey came to is what people want to know.
                                failure.addSuppressed(undrawn);
                            }
                            throw failure;
                        }
                        hasFailed.set(false);
                    }));
            return DynamicContainer.dynamicContainer(journey.name(), legs);
        });
    }

    private static String name(Journey journey, int index) {
        Journey.Leg leg = journey.legs().get(index);
        String expected = String.join(
                ", ",
                leg.expected().stream()
                        .map(one -> one.what().word() + " " + one.value())
                        .toList());
        return (index + 1) + ". " + (leg.step().isEmpty() ? "here" : leg.step())
                + (expected.isEmpty() ? "" : ": " + expected);
    }

    private void draw(Journey journey, Rehearsal at) {
        if (reporter.isEmpty()) {
            return;
        }
        Plan walked = at.plan();
        Scene scene = new View(Walk.of(walked), journey.on(walked), studio.get().measure()).scene(at.state());
        String svg = studio.get().svg(scene);
        reporter.get()
                .publishFile(
                        Ids.slug(journey.name()) + ".svg",
                        MediaType.create("image", "svg+xml"),
                        file -> Files.writeString(file, svg));
    }
}
