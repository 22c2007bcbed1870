package org.yonderarc.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.RehearsalReport;
import org.yonderarc.tasks.RehearseTask;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "rehearse",
        description = "Walks journeys through a plan, and reports what isn't as expected.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "A leg of a journey: { do: choose:crew, at: sign-in, back: tides }",
            "",
            "Example:",
            "  yonder rehearse brinelight.yaml journeys.yaml",
            "  yonder rehearse brinelight.yaml journeys.yaml --junit report.xml -o failed",
        })
final class RehearseCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "FILE", description = "The files with journeys.")
    private List<Path> files = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "DIR",
            description = "A folder for a picture of each journey that fails. Default: no pictures.")
    private Optional<OutputFile> output = Optional.empty();

    @ArgGroup(exclusive = true)
    private Form form = new Form();

    /** Where the pictures of journeys were written to. */
    private final Map<RehearsalReport.Entry, Path> drawn = new IdentityHashMap<>();

    private static final class Form {
        @Option(names = "--json", description = "What came of each journey as JSON.")
        private boolean json;

        @Option(names = "--junit", paramLabel = "FILE", description = "Also a report as JUnit XML, for build servers.")
        private Optional<Path> junit = Optional.empty();
    }

    private static void folder(Path wanted) throws Refusal {
        try {
            Files.createDirectories(wanted);
        } catch (IOException failed) {
            throw new Refusal(wanted + ": the folder can't be made (" + failed.getMessage() + "). Name another one.");
        }
    }

    /** The plan and the journeys, none of which is replaced. */
    private Inputs inputs(Project project) {
        Inputs inputs = plan.inputs(project);
        files.forEach(inputs::file);
        return inputs;
    }

    private Path write(Project project, RehearsalReport.Entry entry, Path picture) throws Exception {
        drawn.put(entry, picture);
        new OutputFile(picture.toString()).write(entry.picture().orElseThrow(), inputs(project), spec);
        return picture;
    }

    private Optional<String> picture(RehearsalReport.Entry entry) {
        return Optional.ofNullable(drawn.get(entry)).map(Path::toString);
    }

    @Override
    public Integer call() throws Exception {
        Project project = plan.project(spec.commandLine().getErr());
        if (output.isPresent()) {
            folder(output.get().path());
        }
        var journeys = new ArrayList<RehearseTask.Source>();
        for (Path file : files) {
            journeys.add(RehearseTask.Source.read(file));
        }
        RehearsalReport report = RehearseTask.builder()
                .journeys(journeys)
                .pictures(output.isPresent())
                .build()
                .run(project);
        PrintWriter out = form.json
                ? new PrintWriter(Writer.nullWriter())
                : spec.commandLine().getOut();
        Map<RehearsalReport.Entry, String> names = report.pictureNames();
        for (RehearsalReport.Entry entry : report.entries()) {
            if (entry.isExpected()) {
                out.println(
                        "as expected  " + FindingText.visible(entry.journey().name()));
                continue;
            }
            out.println("not so       "
                    + entry.outcome()
                            .difference()
                            .orElseThrow()
                            .lines()
                            .map(FindingText::visible)
                            .reduce((a, b) -> a + "\n           " + b)
                            .orElse(""));
            if (output.isPresent()) {
                out.println("             picture: "
                        + write(project, entry, output.get().path().resolve(names.get(entry))));
            }
        }
        out.println(report.entries().size() + " journeys, " + report.failed() + " not as expected.");
        if (form.json) {
            spec.commandLine().getOut().print(report.json(this::picture));
        }
        if (form.junit.isPresent()) {
            inputs(project).spare(form.junit.get());
            SafeFile.write(form.junit.get(), report.junit(this::picture));
        }
        return report.failed() == 0 ? Main.FINE : Main.DIFFERS;
    }
}
