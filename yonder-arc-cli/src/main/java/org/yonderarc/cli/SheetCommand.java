package org.yonderarc.cli;

import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Axis;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;
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
        picture.check();
        if (across.isEmpty() && down.isEmpty()) {
            throw new Refusal("name an axis with --across or --down: " + String.join(", ", Axes.NAMES) + ".");
        }
        if (frame && part.isPresent()) {
            throw new Refusal("--frame is drawn around whole screens; leave it out, or --part.");
        }
        Plan sound = plan.sound(spec.commandLine().getErr());
        var studio = plan.studio(sound);
        Shot base = look.shot(sound, part).framed(frame);
        Scene scene;
        try {
            Axis columns = across.isPresent() ? Axes.parse(across.get(), base) : Axis.NONE;
            Axis rows = down.isPresent() ? Axes.parse(down.get(), base) : Axis.NONE;
            scene = Sheet.of(base, columns, rows, studio.measure());
        } catch (IllegalArgumentException wrong) {
            String message = wrong.getMessage();
            throw new Refusal(message.endsWith("?") || message.endsWith(".") ? message : message + ".");
        }
        picture.write(scene, studio, plan.inputs(sound));
        plan.notes(spec.commandLine().getErr());
        spec.commandLine().getOut().println("Drew " + picture.output() + ".");
        return Main.FINE;
    }
}
