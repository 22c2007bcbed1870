package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.MapTask;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

@Command(
        name = "map",
        description = "Draws the whole navigation: every screen, and what leads where.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {"", "Example:", "  yonder map brinelight.yaml -o map.png --scale 1"})
final class MapCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Mixin
    private PictureFile picture;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        var task = MapTask.builder()
                .view(look.options())
                .picture(picture.options())
                .build();
        Project project = plan.project(spec.commandLine().getErr());
        Artifact made = task.run(project);
        picture.output().write(made, plan.inputs(project), spec);
        picture.output().said(spec).println("Drew " + picture.output() + " (" + made.summary() + ").");
        return Main.FINE;
    }
}
