package org.yonderarc.tasks;

/**
 * One use of a plan. Immutable and safe for many threads.
 *
 * @param <R> what comes of it
 */
public interface Task<R> {
    /**
     * Runs the task.
     *
     * @throws InvalidRequestException if that can't be made of this plan
     * @throws org.yonderarc.finding.InvalidPlanException if the plan has errors
     * @throws java.util.concurrent.CancellationException if the listener cancels it
     */
    R run(Project project, ProgressListener progress);

    /** Runs the task without telling how far it is; see {@link #run(Project, Progress)}. */
    default R run(Project project) {
        return run(project, ProgressListener.NONE);
    }
}
