package org.yonderarc.cli;

import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.draw.NavigationMap;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
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
        picture.check();
        Plan sound = plan.sound(spec.commandLine().getErr());
        var studio = plan.studio(sound);
        Scene scene;
        try {
            scene = NavigationMap.of(look.shot(sound, Optional.empty()), studio.measure());
        } catch (IllegalArgumentException tooMany) {
            throw new Refusal(tooMany.getMessage() + ".");
        }
        picture.write(scene, studio, plan.inputs(sound));
        plan.notes(spec.commandLine().getErr());
        spec.commandLine()
                .getOut()
                .println("Drew " + picture.output() + " ("
                        + sound.screens().list().size() + " screens).");
        return Main.FINE;
    }
}
