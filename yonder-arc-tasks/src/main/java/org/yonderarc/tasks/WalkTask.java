package org.yonderarc.tasks;

import java.util.List;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** Steps through a plan, and what happens at each. */
public final class WalkTask implements Task<WalkReport> {
    private final List<String> steps;

    private WalkTask(Builder set) {
        steps = set.steps;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private List<String> steps = List.of();

        private Builder() {}

        /** What is done, in order, each as text: {@code choose:surveys}, {@code back}, {@code tell:signed-in=yes}. */
        public Builder steps(List<String> values) {
            steps = List.copyOf(values);
            return this;
        }

        /** The task. */
        public WalkTask build() {
            return new WalkTask(this);
        }
    }

    @Override
    public WalkReport run(Project project, ProgressListener progress) {
        var walk = Walk.of(project.plan());
        var report = new WalkReport.Builder(walk);
        State state = walk.start();
        report.start(state);
        for (String text : steps) {
            Change change = walk.step(state, parse(walk.plan(), text));
            if (change.refusal().isPresent()) {
                return report.refused(text + ": " + change.refusal().get());
            }
            report.add(change);
            state = change.after();
        }
        return report.done();
    }

    static Step parse(Plan plan, String text) {
        try {
            return Steps.parse(plan, text);
        } catch (IllegalArgumentException wrong) {
            throw new InvalidRequestException(text + ": " + wrong.getMessage());
        }
    }
}
