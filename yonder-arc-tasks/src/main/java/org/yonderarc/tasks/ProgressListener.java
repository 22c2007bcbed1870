package org.yonderarc.tasks;

/** Hears how far a task is, and can cancel it. */
@FunctionalInterface
public interface ProgressListener {
    /** Hears nothing. */
    ProgressListener NONE = (done, total) -> true;

    /**
     * Some of the parts of a task are done; called in the thread of the task.
     *
     * @param done how many, 0 to {@code total}
     * @param total how many there are
     * @return whether to go on; otherwise the task ends with a {@link java.util.concurrent.CancellationException}
     */
    boolean update(int done, int total);
}
