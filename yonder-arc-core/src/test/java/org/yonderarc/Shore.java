package org.yonderarc;

import java.util.Random;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.Plan;

/** The plans of these tests. */
public final class Shore {
    private Shore() {}

    /** Three items; below the second a survey with a parameter, and below that its sightings. */
    public static Plan plan() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("drafts", 2)
                .fact("signed-in", false)
                .fact("observer", "Maren")
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("surveys", screen -> screen.icon("clipboard-list"))
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .path("/surveys/{survey}")
                        .under("surveys"))
                .screen("sightings", screen -> screen.path("/surveys/{survey}/sightings")
                        .under("survey"))
                .screen("new-survey", screen -> screen.path("/surveys/new").under("surveys"))
                .screen("map", screen -> screen.title("Shore map"))
                .menu("main", menu -> menu.item("tides")
                        .item("surveys", item -> item.badge("drafts"))
                        .item("map", item -> item.label("Map")))
                .build();
    }

    /** A plan with one to seven items, whose labels are short or very long. */
    public static Plan random(Random random) {
        var builder = PlanBuilder.app("Random").start("s0").fact("n", random.nextInt(300));
        int items = 1 + random.nextInt(7);
        for (int i = 0; i < items; i++) {
            String title = "Wax".repeat(1 + random.nextInt(12)) + (random.nextBoolean() ? " and wane" : "");
            boolean hasIcon = random.nextInt(4) > 0;
            builder.screen("s" + i, screen -> {
                screen.title(title);
                if (hasIcon) {
                    screen.icon("droplet");
                }
            });
            builder.screen("c" + i, screen -> screen.title(title + title).under("s0"));
        }
        return builder.menu("main", menu -> {
                    for (int i = 0; i < items; i++) {
                        boolean badge = random.nextBoolean();
                        menu.item("s" + i, item -> {
                            if (badge) {
                                item.badge("n");
                            }
                        });
                    }
                })
                .build();
    }
}
