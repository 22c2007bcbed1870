package org.yonderarc.cli;

import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Comparison;
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
    private Optional<Path> output = Optional.empty();

    @Option(names = "--scale", paramLabel = "N", description = "Pixels of a PNG for each dp, 0.25 to 8. Default: 1.")
    private double scale = 1;

    @Option(names = "--json", description = "The differences as JSON: an object for each, with its kind and its text.")
    private boolean json;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        if (output.isPresent() && !Ending.is(output.get(), "svg", "png")) {
            throw new Refusal(output.get() + ": a picture's name ends in .svg or .png.");
        }
        var plan = new PlanArgument(now);
        var earlier = new PlanArgument(old);
        Plan before = earlier.sound(spec.commandLine().getErr());
        Plan after = plan.sound(spec.commandLine().getErr());
        var comparison = new Comparison(before, after);
        List<Comparison.Difference> changes = comparison.differences();
        if (json) {
            spec.commandLine()
                    .getOut()
                    .print(JsonText.write(Trees.list(changes.stream()
                            .map(change -> Trees.with(
                                    Trees.map("what", Trees.text(change.what())), "text", Trees.text(change.text())))
                            .toList())));
        }
        PrintWriter out =
                json ? new PrintWriter(Writer.nullWriter()) : spec.commandLine().getOut();
        changes.forEach(change -> out.println(change.what()
                + "  ".repeat(1)
                + " ".repeat(9 - change.what().length())
                + FindingText.visible(change.text())));
        if (changes.isEmpty()) {
            out.println("Nothing changed.");
        }
        if (output.isPresent()) {
            new Inputs().plan(old, before).plan(now, after).spare(output.get());
            var studio = plan.beside(after, earlier.iconsOf(before));
            Optional<Scene> pictures = comparison.pictures(look.shot(after, Optional.empty()), studio.measure());
            if (pictures.isEmpty()) {
                out.println("No screen looks different; no picture was drawn.");
            } else if (Ending.is(output.get(), "svg")) {
                SafeFile.write(output.get(), studio.svg(pictures.get()));
            } else {
                SafeFile.write(output.get(), studio.png(pictures.get(), scale));
            }
            plan.notes(spec.commandLine().getErr());
            if (pictures.isPresent() && !isSetAlike(before, after)) {
                PrintWriter err = spec.commandLine().getErr();
                err.println("Note: both columns have the font and the icons of " + now
                        + "; icons that it lacks are those of " + old + ".");
                err.flush();
            }
        }
        return changes.isEmpty() ? Main.FINE : Main.DIFFERS;
    }

    private static boolean isSetAlike(Plan before, Plan after) {
        return before.theme().font().equals(after.theme().font())
                && before.theme().icons() == after.theme().icons();
    }
}
