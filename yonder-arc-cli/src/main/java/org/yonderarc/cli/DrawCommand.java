package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.DrawTask;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "draw",
        description = "Draws one picture of a plan, as SVG or PNG.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder draw brinelight.yaml -o tides.svg --why",
            "  yonder draw brinelight.yaml -o a.png --screen 'survey?survey=41'",
        })
final class DrawCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Mixin
    private PictureFile picture;

    @Mixin
    private LookOptions look;

    @Option(names = "--frame", description = "Draws the device around the picture.")
    private boolean frame;

    @Option(names = "--why", description = "Also says why each bar and item is shown, hidden or selected.")
    private boolean why;

    @Override
    public Integer call() throws Exception {
        var task = DrawTask.builder()
                .view(look.options())
                .picture(picture.options())
                .framed(frame)
                .build();
        Project project = plan.project(spec.commandLine().getErr());
        Artifact made = task.run(project);
        picture.output().write(made, plan.inputs(project), spec);
        PrintWriter said = picture.output().said(spec);
        if (why) {
            task.explain(project).forEach(line -> said.println(FindingText.visible(line)));
        }
        said.println("Drew " + picture.output() + " (" + FindingText.visible(made.summary()) + ").");
        return Main.FINE;
    }
}
