package org.yonderarc.cli;

import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.JsonText;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tasks.CompareTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tasks.Project;
import org.yonderarc.tree.Trees;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "compare",
        description = "Says what changed between two versions of a plan, and shows it.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Example:",
            "  yonder compare old.yaml brinelight.yaml -o changes.png",
            "",
            "Exit status: 0 nothing changed, 3 the plans differ."
        })
final class CompareCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "OLD", description = "The plan as it was.")
    private Path old;

    @Parameters(index = "1", paramLabel = "NEW", description = "The plan as it is.")
    private Path now;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "Pictures before and after, of each screen that looks different: .svg or .png.")
    private Optional<OutputFile> output = Optional.empty();

    @Option(names = "--scale", paramLabel = "N", description = "Pixels of a PNG for each dp, 0.25 to 8. Default: 1.")
    private Double scale;

    @Option(names = "--json", description = "The differences as JSON: an object for each, with its kind and its text.")
    private boolean json;

    @Mixin
    private LookOptions look;

    private PictureOptions picture(Format format) {
        PictureOptions options = PictureOptions.of(format);
        if (scale != null) {
            return options.scale(scale);
        }
        return format == Format.PNG ? options.scale(1) : options;
    }

    @Override
    public Integer call() throws Exception {
        PrintWriter err = spec.commandLine().getErr();
        var earlier = new PlanArgument(old);
        var plan = new PlanArgument(now);
        Optional<PictureOptions> picture = output.isPresent()
                ? Optional.of(picture(output.get().format(Format.SVG, Format.PNG)))
                : Optional.empty();
        Project before = earlier.project(err);
        Project after = plan.project(err);
        var task = CompareTask.builder(before).view(look.options());
        picture.ifPresent(task::picture);
        CompareTask.Differences differences = task.build().run(after);
        List<Comparison.Difference> changes = differences.all();
        PrintWriter out = output.isPresent()
                ? output.get().said(spec)
                : spec.commandLine().getOut();
        if (json) {
            out.print(JsonText.write(Trees.list(changes.stream()
                    .map(change ->
                            Trees.with(Trees.map("what", Trees.text(change.what())), "text", Trees.text(change.text())))
                    .toList())));
            out = new PrintWriter(Writer.nullWriter());
        }
        for (Comparison.Difference change : changes) {
            out.println(change.what() + " ".repeat(11 - change.what().length()) + FindingText.visible(change.text()));
        }
        if (changes.isEmpty()) {
            out.println("Nothing changed.");
        }
        if (output.isPresent()) {
            if (differences.picture().isEmpty()) {
                out.println("No screen looks different; no picture was drawn.");
            } else {
                Inputs inputs = new Inputs().plan(old, before.plan()).plan(now, after.plan());
                output.get().write(differences.picture().get(), inputs, spec);
                if (!before.plan().theme().font().equals(after.plan().theme().font())) {
                    err.println("Note: both columns are set in the font of " + now + ".");
                    err.flush();
                }
            }
        }
        return changes.isEmpty() ? Main.FINE : Main.DIFFERS;
    }
}
