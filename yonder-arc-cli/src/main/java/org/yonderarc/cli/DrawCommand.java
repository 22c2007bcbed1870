package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.yonderarc.draw.PngPainter;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.walk.Walk;
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
            "  yonder draw brinelight.yaml -o tides.svg",
            "  yonder draw brinelight.yaml -o a.png --screen survey?survey=41 --tell drafts=120",
        })
final class DrawCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The picture; its ending says which kind: .svg or .png.")
    private Path output;

    @Mixin
    private LookOptions look;

    @Option(names = "--scale", paramLabel = "N", description = "Pixels of a PNG for each dp, 0.25 to 8. Default: 2.")
    private double scale = 2;

    @Override
    public Integer call() throws Exception {
        boolean svg = output.toString().endsWith(".svg");
        if (!svg && !output.toString().endsWith(".png")) {
            throw new Refusal(output + ": a picture's name ends in .svg or .png.");
        }
        if (!(scale >= PngPainter.SMALLEST_SCALE && scale <= PngPainter.LARGEST_SCALE)) {
            throw new Refusal("--scale: " + scale + " is outside of " + PngPainter.SMALLEST_SCALE + " to "
                    + PngPainter.LARGEST_SCALE + ".");
        }
        PrintWriter out = spec.commandLine().getOut();
        Plan sound = plan.sound(spec.commandLine().getErr());
        var studio = new Studio(plan.icons(), plan.pictures());
        var walk = Walk.of(sound);
        var view = look.view(walk, studio.measure());
        Scene scene = view.scene(look.state(walk));
        SafeFile.write(output, svg ? studio.svg(scene).getBytes(StandardCharsets.UTF_8) : studio.png(scene, scale));
        out.println("Drew " + output + " (" + FindingText.visible(scene.title()) + ").");
        return Main.FINE;
    }
}
