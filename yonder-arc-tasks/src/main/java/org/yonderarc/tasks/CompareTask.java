package org.yonderarc.tasks;

import java.util.List;
import java.util.Optional;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Comparison;

/** The differences from an earlier plan to the one it runs on. */
public final class CompareTask implements Task<CompareTask.Differences> {
    private final ViewOptions view;
    private final Optional<PictureOptions> picture;

    private final Project before;

    private CompareTask(Builder set) {
        before = set.before;
        view = set.view;
        picture = set.picture;
    }

    /** A task to be set up, which compares with the plan as it was. */
    public static Builder builder(Project before) {
        return new Builder(before);
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private ViewOptions view = ViewOptions.DEFAULT;
        private Optional<PictureOptions> picture = Optional.empty();

        private final Project before;

        private Builder(Project before) {
            this.before = before;
        }

        /** What is shown, and on what device. */
        public Builder view(ViewOptions value) {
            view = value;
            return this;
        }

        /** Also draws each screen that looks different, before and after. Default: no picture. */
        public Builder picture(PictureOptions value) {
            picture = Optional.of(value);
            return this;
        }

        /** The task. */
        public CompareTask build() {
            return new CompareTask(this);
        }
    }

    /**
     * What differs, and where it can be seen.
     *
     * @param all the differences; empty where there are none
     * @param picture each screen that looks different, before and after; empty where none does
     */
    public record Differences(List<Comparison.Difference> all, Optional<Artifact> picture) {
        /** Copies the list. */
        public Differences {
            all = List.copyOf(all);
        }
    }

    @Override
    public Differences run(Project project, ProgressListener progress) {
        var comparison = new Comparison(before.plan(), project.plan());
        return new Differences(
                comparison.differences(), picture.flatMap(options -> draw(project, comparison, options)));
    }

    /**
     * Each column has its plan's icon set, and both are set in the font of the later plan. Where both folders have an icon of one name, the later
     * one stands in both columns.
     */
    private Optional<Artifact> draw(Project project, Comparison comparison, PictureOptions options) {
        Plan after = project.plan();
        var icons = project.assets().icons().or(before.assets().icons());
        var studio = project.assets().studio(after, icons);
        return comparison
                .pictures(view.shot(after, Optional.empty()), studio.measure())
                .map(scene -> options.paint(scene, studio, ""));
    }
}
