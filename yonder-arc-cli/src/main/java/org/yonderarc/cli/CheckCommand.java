package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.edit.Fixes;
import org.yonderarc.edit.PlanStore;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingJson;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.interchange.FindingSarif;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "check",
        description = "Finds the problems in plans.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder check brinelight.yaml",
            "  yonder check brinelight.yaml --fix",
            "  yonder check plans/ --json",
            "  yonder check brinelight.yaml --strict --sarif > findings.sarif",
        })
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(
            arity = "1..*",
            paramLabel = "PLAN",
            description =
                    "The plans: YAML files, JSON files with the ending .json, and folders with such files in or below them.")
    private List<Path> named = List.of();

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
        List<Path> paths = Plans.of(named);
        boolean isOne = paths.size() == 1 && !Files.isDirectory(named.get(0));
        PrintWriter out = spec.commandLine().getOut();
        var read = new ArrayList<PlanFile>();
        Optional<FileException> trouble = Optional.empty();
        for (Path path : paths) {
            try {
                var plan = new PlanArgument(path);
                read.add(fix ? mended(plan) : plan.read());
            } catch (FileException unreadable) {
                if (isOne) {
                    throw unreadable;
                }
                // The others are looked at all the same.
                trouble = Optional.of(unreadable);
                spec.commandLine().getErr().println("yonder: " + FindingText.visible(unreadable.getMessage()));
            }
        }
        if (output.json) {
            out.print(isOne ? FindingJson.report(read.get(0)) : FindingJson.report(read));
        } else if (output.sarif) {
            out.print(FindingSarif.report(
                    read.stream().map(CheckCommand::fromHere).toList()));
        } else {
            read.forEach(file -> out.print(FindingText.report(file, Terminal.colours())));
        }
        boolean fails =
                read.stream().anyMatch(file -> file.plan().isEmpty() || strict && file.count(Severity.WARNING) > 0);
        return trouble.isPresent() ? Main.FAILED : fails ? Main.PLAN_HAS_ERRORS : Main.FINE;
    }

    /** Named from the folder that the command runs in, as code hosts want it; what is outside of it keeps its name. */
    private static PlanFile fromHere(PlanFile file) {
        Path here = Path.of("").toAbsolutePath();
        Path there = Path.of(file.source().name()).toAbsolutePath().normalize();
        if (!there.startsWith(here)) {
            return file;
        }
        var source =
                new SourceText(here.relativize(there).toString(), file.source().text());
        return new PlanFile(source, file.findings(), file.plan());
    }

    /** The file with everything mended that is certain, written in place of the old one. */
    private PlanFile mended(PlanArgument plan) throws FileException, Refusal {
        Fixes.Outcome outcome;
        PrintWriter err = spec.commandLine().getErr();
        try (var store = PlanStore.open(plan.file())) {
            PlanFile read = plan.assets().read(store.source());
            outcome = Fixes.apply(read, plan.assets()::read);
            if (outcome.applied().isEmpty()) {
                err.println("Nothing can be fixed automatically.");
                return read;
            }
            store.save(outcome.file().source().text());
        }
        for (Finding finding : outcome.applied()) {
            Finding.Fix done = finding.fix().orElseThrow();
            err.println("Fixed line " + finding.spot().line() + ": " + FindingText.visible(done.from()) + " is now "
                    + FindingText.visible(done.to()));
        }
        return outcome.file();
    }
}
