package org.pier;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.icons.IconSearch;
import org.yonderarc.draw.NavigationMap;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.PlanFile;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** Builds a plan, writes and reads it, and draws it, with what the modules have in them. */
public final class Pier {
    private Pier() {}

    /** Draws the start. */
    public static void main(String[] arguments) throws Exception {
        Plan built = PlanBuilder.app("Pier")
                .start("tides")
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("crew", screen -> screen.icon("users"))
                .menu("main", menu -> menu.item("tides").item("crew"))
                .build();
        Plan plan = PlanFile.require("pier.yaml", PlanFile.toYaml(built));
        var studio = new Studio();
        var walk = Walk.of(plan);
        var view = new View(walk, Device.PHONE, studio.measure());
        Files.write(Path.of(arguments[0]), studio.png(view.scene(walk.start()), 1));
        try {
            NavigationMap.of(
                    new Shot(plan, Setting.of(Device.PHONE), Optional.empty(), List.of(), Optional.empty()), studio.measure());
        } catch (IllegalStateException withoutItsLibrary) {
            System.out.println(withoutItsLibrary.getMessage());
        }
        System.out.println(Pier.class.getModule() + " " + studio.icons().all().size() + " icons, "
                + new IconSearch().find("water", 1).size() + " for water");
    }
}
