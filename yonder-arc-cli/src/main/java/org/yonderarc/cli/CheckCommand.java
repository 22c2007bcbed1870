package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.yonderarc.draw.Icons;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.FindingJson;
import org.yonderarc.files.FindingSarif;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.Fixes;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.PlanStore;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "check",
        description = "Finds the problems in a plan.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder check brinelight.yaml",
            "  yonder check brinelight.yaml --fix",
            "  yonder check brinelight.yaml --strict --sarif > findings.sarif",
        })
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @ArgGroup(exclusive = true)
    private Output output = new Output();

    @Option(names = "--strict", description = "Warnings count as errors.")
    private boolean strict;

    @Option(names = "--fix", description = "Mends what is certain in the file itself; comments and formatting stay.")
    private boolean fix;

    private static final class Output {
        @Option(names = "--json", description = "The findings as JSON.")
        private boolean json;

        @Option(names = "--sarif", description = "The findings as SARIF 2.1.0, for code hosts and editors.")
        private boolean sarif;
    }

    @Override
    public Integer call() throws Exception {
        PlanFile read = fix ? mended() : plan.read();
        String report = output.json
                ? FindingJson.report(read)
                : output.sarif ? FindingSarif.report(read) : FindingText.report(read, Terminal.colours());
        spec.commandLine().getOut().print(report);
        boolean fails = read.plan().isEmpty() || strict && read.count(Severity.WARNING) > 0;
        return fails ? Main.PLAN_HAS_ERRORS : Main.FINE;
    }

    /** The file with everything mended that is certain, written in place of the old one. */
    private PlanFile mended() throws FileTrouble {
        Icons icons = plan.icons();
        Fixes.Outcome outcome;
        PrintWriter err = spec.commandLine().getErr();
        try (var store = PlanStore.open(plan.file())) {
            PlanFile read = PlanFile.inFolder(store.source(), icons, plan.folder());
            outcome = Fixes.apply(read, source -> PlanFile.inFolder(source, icons, plan.folder()));
            if (outcome.applied().isEmpty()) {
                err.println("Nothing can be mended for certain.");
                return read;
            }
            store.save(outcome.file().source().text());
        }
        for (Finding finding : outcome.applied()) {
            Finding.Fix done = finding.fix().orElseThrow();
            err.println("Mended line " + finding.spot().line() + ": " + FindingText.visible(done.from()) + " is now "
                    + FindingText.visible(done.to()));
        }
        return outcome.file();
    }
}
