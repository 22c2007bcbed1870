package org.yonderarc.stage;

import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** Plans that a stage shows in its tests. */
final class StagePlans {
    static final int ROWS = 30;

    private StagePlans() {}

    static PlanBuilder builder() {
        return PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("drafts", 2)
                .fact("signed-in", false)
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("surveys", screen -> {
                    screen.icon("clipboard-list").wireframe(Wireframe.Kind.LIST);
                    for (int i = 1; i <= ROWS; i++) {
                        screen.row("Survey " + i, "on the shore", "", "survey?survey=" + i);
                    }
                })
                .screen("survey", screen -> screen.title("Survey {survey}")
                        .path("/surveys/{survey}")
                        .under("surveys"))
                .screen("map", screen -> screen.title("Shore map"))
                .menu("main", menu -> menu.item("tides")
                        .item("surveys", item -> item.badge("drafts"))
                        .item("map", item -> item.label("Map")))
                .topBar();
    }

    static Plan bottom() {
        return builder().bar(bar -> bar.menu("main").form(FormBuilder.bottom())).build();
    }

    static Plan drawer(DrawerForm.Opening opens) {
        return builder()
                .bar(bar ->
                        bar.menu("main").form(FormBuilder.drawer().opens(opens).width(DrawerForm.Width.dp(280))))
                .build();
    }
}
