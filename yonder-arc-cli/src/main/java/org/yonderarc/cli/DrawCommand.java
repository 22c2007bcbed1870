package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.DevicePreset;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Frame;
import org.yonderarc.view.Explanation;
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
        picture.check();
        PrintWriter out = spec.commandLine().getOut();
        Plan sound = plan.sound(spec.commandLine().getErr());
        var studio = plan.studio(sound);
        var walk = Walk.of(sound);
        var view = look.view(walk, studio.measure());
        var state = look.state(walk);
        Scene scene = view.scene(state);
        Device device = view.setting().device();
        double pixels =
                sound.devices().find(device.id()).flatMap(DevicePreset::scale).orElse(PictureFile.USUAL);
        picture.write(frame ? Frame.around(scene, device) : scene, studio, plan.inputs(sound), pixels);
        plan.notes(spec.commandLine().getErr());
        if (why) {
            Explanation.explain(walk, view.setting(), state).forEach(line -> out.println(FindingText.visible(line)));
        }
        out.println("Drew " + picture.output() + " (" + FindingText.visible(scene.title()) + ").");
        return Main.FINE;
    }
}
