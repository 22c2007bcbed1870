package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.PageTask;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "page",
        description = "Writes a prototype to click: one HTML file that needs no network.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {"", "Example:", "  yonder page brinelight.yaml -o brinelight.html"})
final class PageCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The page; its name ends in .html.")
    private OutputFile output;

    @Option(
            names = "--without-tools",
            description = "Leaves the tools around the app out, for people who are to use it as if it were finished.")
    private boolean isBare;

    @Override
    public Integer call() throws Exception {
        output.format(Format.HTML);
        Project project = plan.project(spec.commandLine().getErr());
        Artifact made = PageTask.builder().withoutTools(isBare).build().run(project);
        output.write(made, plan.inputs(project), spec);
        output.said(spec).println("Wrote " + output + " (" + made.summary() + "). Open it in a browser.");
        return Main.FINE;
    }
}
