package org.quay;

import java.nio.file.Files;
import java.nio.file.Path;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** An app that has a plan on its class path, the names of it as a class, and a navigator. */
public final class Quay {
    private Quay() {}

    static Plan plan() {
        return PlanFile.require(Quay.class, "plan.yaml");
    }

    /** Goes to a boat, tells where that is, and draws it. */
    public static void main(String[] arguments) throws Exception {
        Plan plan = plan();
        var navigator = new Navigator(plan, Runnable::run);
        navigator.choose(Places.Items.BOATS);
        navigator.open(Places.boat(7));
        navigator.tell(Places.Facts.LETTERS, 3);
        System.out.println(navigator.place());
        System.out.println(plan.screens().find(Places.BOATS).orElseThrow().title().in("de").source());
        var studio = new Studio();
        var view = new View(Walk.of(plan), Device.PHONE, studio.measure());
        Files.write(Path.of(arguments[0]), studio.png(view.scene(navigator.state()), 1));
    }
}
