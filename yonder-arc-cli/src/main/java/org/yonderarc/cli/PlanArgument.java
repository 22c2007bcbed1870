package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.tasks.Assets;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Parameters;

/** The plan that a command works on. */
final class PlanArgument {
    @Parameters(
            paramLabel = "PLAN",
            description =
                    "The plan: a YAML file, or a JSON file with the ending .json. Where nothing in it is changed, - stands for standard input.")
    private Path file;

    private Assets assets;

    PlanArgument() {}

    PlanArgument(Path file) {
        this.file = file;
    }

    /**
     * The file.
     *
     * @throws Refusal if the plan comes from standard input, for what only a file can be used
     */
    Path file() throws Refusal {
        if (isStandardInput()) {
            throw new Refusal("this command needs a plan that is a file, and not standard input.");
        }
        return file;
    }

    /** What the plan is called in messages and in what is made of it. */
    String name() {
        return isStandardInput() ? "-" : file.toString();
    }

    private boolean isStandardInput() {
        return file.toString().equals("-");
    }

    /** The folder that the plan is in. */
    Path folder() {
        return file.toAbsolutePath().getParent();
    }

    /** What lies beside the plan. */
    Assets assets() {
        if (assets == null) {
            assets = Assets.beside(file);
        }
        return assets;
    }

    PlanFile read() throws FileException, Refusal {
        PlanFile read =
                assets().read(isStandardInput() ? SourceText.read("standard input", System.in) : SourceText.read(file));
        Optional<String> locale = read.plan().map(PlanMentions::files).flatMap(Locales::problem);
        if (locale.isPresent()) {
            throw new Refusal(locale.get());
        }
        return read;
    }

    /** The plan's own files, none of which a command replaces. */
    Inputs inputs(Project project) {
        return isStandardInput() ? new Inputs() : new Inputs().plan(file, project.plan());
    }

    /**
     * The plan, ready for use. Errors go to {@code err}; of what doesn't keep anybody from working, only how much there is: who draws
     * twenty pictures has read it once.
     *
     * @throws Refusal if the plan has errors
     */
    Project project(PrintWriter err) throws FileException, Refusal {
        PlanFile read = read();
        if (read.plan().isEmpty()) {
            err.print(FindingText.report(read, Terminal.colours()));
            err.flush();
            throw new Refusal("the plan has errors; nothing was made of it. Fix them first.", Main.PLAN_HAS_ERRORS);
        }
        if (!read.findings().isEmpty()) {
            err.println(FindingText.summary(read) + ". See them with: yonder check " + name());
            err.flush();
        }
        return Project.of(read, assets());
    }
}
