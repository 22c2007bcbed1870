package org.yonderarc.tasks;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FileException;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Rehearsal;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Journeys through a plan, and which of them are not as expected. */
public final class RehearseTask implements Task<RehearsalReport> {
    private final boolean pictures;
    private final List<Source> journeys;

    private RehearseTask(Builder set) {
        pictures = set.pictures;
        journeys = set.journeys;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private boolean pictures;
        private List<Source> journeys = List.of();

        private Builder() {}

        /** Whether each journey that fails gets a picture of where it went; default: no. */
        public Builder pictures(boolean value) {
            pictures = value;
            return this;
        }

        /** The journeys, by the files that they were read from. */
        public Builder journeys(List<Source> files) {
            journeys = List.copyOf(files);
            return this;
        }

        /** The task. */
        public RehearseTask build() {
            return new RehearseTask(this);
        }
    }

    /**
     * Journeys of one file.
     *
     * @param name what reports call the file
     * @param journeys the journeys in it
     */
    public record Source(String name, List<Journey> journeys) {
        /** Copies the list. */
        public Source {
            journeys = List.copyOf(journeys);
        }

        /**
         * Reads a file.
         *
         * @throws FileException if it can't be read, or isn't one of journeys
         */
        public static Source read(Path file) throws FileException {
            return new Source(file.toString(), JourneyFile.read(file));
        }
    }

    @Override
    public RehearsalReport run(Project project, ProgressListener progress) {
        Plan plan = project.plan();
        for (Source file : journeys) {
            for (Journey journey : file.journeys()) {
                try {
                    journey.on(plan);
                } catch (IllegalArgumentException unknown) {
                    throw new InvalidRequestException(file.name() + ": " + unknown.getMessage());
                }
            }
        }
        int total = journeys.stream().mapToInt(file -> file.journeys().size()).sum();
        var entries = new ArrayList<RehearsalReport.Entry>();
        Optional<Studio> studio = pictures ? Optional.of(project.studio()) : Optional.empty();
        for (Source file : journeys) {
            for (Journey journey : file.journeys()) {
                Rehearsal.Outcome outcome = Rehearsal.of(plan, journey);
                Optional<Artifact> picture =
                        outcome.difference().flatMap(any -> studio).map(with -> draw(plan, outcome, with));
                entries.add(new RehearsalReport.Entry(file.name(), outcome, picture));
                if (!progress.update(entries.size(), total)) {
                    throw new CancellationException("the rehearsal was cancelled");
                }
            }
        }
        return new RehearsalReport(entries);
    }

    /** Where a journey went astray. */
    private static Artifact draw(Plan plan, Rehearsal.Outcome outcome, Studio studio) {
        var view = new View(Walk.of(plan), outcome.journey().on(plan), studio.measure());
        return PictureOptions.png()
                .scale(1)
                .paint(view.scene(outcome.state()), studio, outcome.journey().name());
    }
}
