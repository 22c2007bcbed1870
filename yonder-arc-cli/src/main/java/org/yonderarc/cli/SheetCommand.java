package org.yonderarc.cli;

import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.SheetTask;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "sheet",
        description = "Draws a plan against two axes, with captions.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Axes: device, scheme, screen, state, form, labels, icons, icon-style, indicator,",
            "contrast, text-scale, language, scroll, fact, open, fold; each may name its values:",
            "device=phone,tablet.",
            "",
            "Examples:",
            "  yonder sheet brinelight.yaml -o a.png --across screen --down scheme",
            "  yonder sheet brinelight.yaml -o a.png --across state --part bottom",
        })
final class SheetCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Mixin
    private PictureFile picture;

    @Option(names = "--across", paramLabel = "AXIS", description = "What differs from column to column.")
    private Optional<String> across = Optional.empty();

    @Option(names = "--down", paramLabel = "AXIS", description = "What differs from row to row.")
    private Optional<String> down = Optional.empty();

    @Option(
            names = "--part",
            paramLabel = "BAR",
            completionCandidates = BarWords.class,
            description = "Only this bar: one of ${COMPLETION-CANDIDATES}.")
    private Optional<String> part = Optional.empty();

    @Option(names = "--frame", description = "Draws the device around each picture.")
    private boolean frame;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        var task = SheetTask.builder()
                .view(look.options())
                .picture(picture.options())
                .framed(frame);
        across.ifPresent(task::across);
        down.ifPresent(task::down);
        part.ifPresent(task::bar);
        Project project = plan.project(spec.commandLine().getErr());
        picture.output().write(task.build().run(project), plan.inputs(project), spec);
        picture.output().said(spec).println("Drew " + picture.output() + ".");
        return Main.FINE;
    }
}
