package org.yonderarc.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.yonderarc.edit.PlanStore;
import org.yonderarc.files.PlanFiles;
import org.yonderarc.plan.Plan;

/** The files that a command works from. None of them is ever replaced by what it makes. */
final class Inputs {
    private final List<Path> files = new ArrayList<>();

    /** A plan file, and every file that the plan names or that lies beside it as its own. */
    Inputs plan(Path file, Plan plan) {
        files.addAll(PlanFiles.of(file, plan));
        files.add(PlanStore.historyOf(file));
        return this;
    }

    /** Another file that is read. */
    Inputs file(Path file) {
        files.add(file);
        return this;
    }

    /**
     * Makes sure that {@code output} is none of these.
     *
     * @throws Refusal if it is one
     */
    void spare(Path output) throws Refusal {
        if (!Files.exists(output)) {
            return;
        }
        for (Path input : files) {
            if (isSame(output, input)) {
                throw new Refusal(output + ": this command works from this file, and doesn't replace it."
                        + " Name another one with -o.");
            }
        }
    }

    private static boolean isSame(Path output, Path input) {
        try {
            return Files.exists(input) && Files.isSameFile(output, input);
        } catch (IOException unknown) {
            // What can't be told apart is taken for the same: better asked for another name than lost.
            return true;
        }
    }
}
