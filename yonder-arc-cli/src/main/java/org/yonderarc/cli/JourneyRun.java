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
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.RehearsalReport;
import org.yonderarc.tasks.RehearseTask;
import picocli.CommandLine.Model.CommandSpec;

/** Journeys that are walked: what came of each, its picture where it isn't as expected, and the reports. */
final class JourneyRun {
    private final CommandSpec spec;
    private final PlanArgument plan;
    private final List<Path> files;
    private final Optional<OutputFile> output;
    private final boolean json;
    private final Optional<Path> junit;

    /** Where the pictures of journeys were written to. */
    private final Map<RehearsalReport.Entry, Path> drawn = new IdentityHashMap<>();

    /**
     * @param files the files of journeys
     * @param output a folder for the pictures of those that are not as expected
     * @param json whether what came of them is told as JSON
     * @param junit a file for a report as JUnit XML
     */
    JourneyRun(
            CommandSpec spec,
            PlanArgument plan,
            List<Path> files,
            Optional<OutputFile> output,
            boolean json,
            Optional<Path> junit) {
        this.spec = spec;
        this.plan = plan;
        this.files = files;
        this.output = output;
        this.json = json;
        this.junit = junit;
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

    /** Walks them; gives the exit status. */
    int status() throws Exception {
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
        PrintWriter out =
                json ? new PrintWriter(Writer.nullWriter()) : spec.commandLine().getOut();
        Map<RehearsalReport.Entry, String> names = report.pictureNames();
        for (RehearsalReport.Entry entry : report.entries()) {
            if (entry.isExpected()) {
                out.println("passed  " + FindingText.visible(entry.journey().name()));
                continue;
            }
            out.println("failed  "
                    + entry.outcome()
                            .difference()
                            .orElseThrow()
                            .lines()
                            .map(FindingText::visible)
                            .reduce((a, b) -> a + "\n        " + b)
                            .orElse(""));
            if (output.isPresent()) {
                out.println("        picture: "
                        + write(project, entry, output.get().path().resolve(names.get(entry))));
            }
        }
        out.println(report.entries().size() + (report.entries().size() == 1 ? " journey, " : " journeys, ")
                + report.failed() + " failed.");
        if (json) {
            spec.commandLine().getOut().print(report.json(this::picture));
        }
        if (junit.isPresent()) {
            inputs(project).spare(junit.get());
            SafeFile.write(junit.get(), report.junit(this::picture));
        }
        return report.failed() == 0 ? Main.FINE : Main.DIFFERS;
    }
}
