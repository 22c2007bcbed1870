package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.FilmTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.Project;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "film",
        description =
                "Films what the last of some steps changes, or an item that is touched, as an animated GIF or a strip of frames.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder film brinelight.yaml choose:surveys -o surveys.gif",
            "  yonder film brinelight.yaml choose:surveys 'open:survey?survey=41' -o a.png",
            "  yonder film hutline.yaml --turn tablet -o turned.gif",
        })
final class FilmCommand implements Callable<Integer> {
    private static final String CLEAR_LINE = "\r\u001B[K";

    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = "--turn",
            paramLabel = "DEVICE",
            description = "Films how another device, or a window of another size, takes over instead.")
    private Optional<String> turn = Optional.empty();

    @Parameters(
            index = "1..*",
            arity = "0..*",
            paramLabel = "STEP",
            description = "What is done; the last step is filmed.")
    private List<String> steps = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "An animation (.gif), or a strip of frames with times (.png, .svg).")
    private OutputFile output;

    @Option(names = "--frames", paramLabel = "N", description = "How many frames a strip has, 3 to 12. Default: 6.")
    private int frames = 6;

    @Option(names = "--reduced", description = "As for people who want less motion.")
    private boolean reduced;

    @Option(names = "--scale", paramLabel = "N", description = "Pixels for each dp, 0.25 to 4. Default: 1.")
    private double scale = 1;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        var task = FilmTask.builder()
                .view(look.options())
                .steps(steps)
                .format(output.format(Format.GIF, Format.PNG, Format.SVG))
                .frames(frames)
                .scale(scale)
                .reduced(reduced);
        turn.ifPresent(task::turn);
        Project project = plan.project(spec.commandLine().getErr());
        Artifact made = task.build().run(project, this::progress);
        output.write(made, plan.inputs(project), spec);
        output.said(spec).println("Filmed " + made.summary() + ", in " + output + ".");
        return Main.FINE;
    }

    /** Shown on a terminal only: a film takes some seconds. */
    private boolean progress(int done, int total) {
        if (System.console() != null) {
            PrintWriter err = spec.commandLine().getErr();
            err.print(done < total ? "\rframe " + done + " of " + total : CLEAR_LINE);
            err.flush();
        }
        return true;
    }
}
