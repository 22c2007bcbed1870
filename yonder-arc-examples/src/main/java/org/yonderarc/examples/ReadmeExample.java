package org.yonderarc.examples;

import java.nio.file.Files;
import java.nio.file.Path;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.draw.Studio;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** The Java of the README: build a plan, take a step, draw where it led. */
public final class ReadmeExample {
    private ReadmeExample() {}

    /** Writes {@code surveys.png} into the current folder. */
    public static void main(String[] arguments) throws Exception {
        // README: start
        Plan plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("drafts", 2)
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("surveys", screen -> screen.icon("clipboard-list"))
                .menu("main", menu -> menu.item("tides").item("surveys", item -> item.badge("drafts")))
                .build();
        Walk walk = Walk.of(plan);
        Change change = walk.step(walk.start(), new Step.Choose("surveys"));
        var studio = new Studio();
        var view = new View(walk, Device.PHONE, studio.measure());
        Files.write(Path.of("surveys.png"), studio.png(view.scene(change.after()), 2));
        // README: end
    }
}
