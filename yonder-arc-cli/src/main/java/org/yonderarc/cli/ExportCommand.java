package org.yonderarc.cli;

import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.interchange.Generated;
import org.yonderarc.tasks.ExportTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "export",
        description = "Writes the plan's names as Java or TypeScript, or the navigation as a state machine in SCXML.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder export brinelight.yaml -o Places.java --package org.brinelight.app",
            "  yonder export brinelight.yaml -o places.ts",
            "  yonder export brinelight.yaml -o brinelight.scxml",
        })
final class ExportCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description =
                    "What is written; its ending says which: .java, .ts or .scxml. A Java class is named as its file.")
    private OutputFile output;

    @Option(names = "--package", paramLabel = "NAME", description = "The package of a Java class; without it, none.")
    private String packageName;

    @Override
    public Integer call() throws Exception {
        Format format = output.format(Format.SCXML, Format.JAVA, Format.TYPESCRIPT);
        if (packageName != null && format != Format.JAVA) {
            throw new Refusal("--package is for a Java class; " + output + " is none.");
        }
        var task = ExportTask.builder().format(format);
        Optional.ofNullable(packageName).ifPresent(task::packageName);
        output.stem().ifPresent(task::className);
        Project project = plan.project(spec.commandLine().getErr());
        if (format != Format.SCXML && !output.isStandardOutput() && !Generated.isReplaceable(output.path())) {
            throw new Refusal(output + ": this file was not made by yonder export, and is kept. Name another one.");
        }
        output.write(task.build().run(project), plan.inputs(project), spec);
        output.said(spec).println("Wrote " + output + ".");
        return Main.FINE;
    }
}
