package org.yonderarc.navigator;

import java.util.Map;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.Parameter;
import org.yonderarc.plan.Plan;

/** The plan that the tests of the navigator share. */
final class NavigatorPlan {
    static final Plan PLAN = PlanBuilder.app("Quay")
            .languages("en", "de")
            .start("projects")
            .fact("crates", 2)
            .fact("port", "north")
            .fact("signed-in", false)
            .screen("projects", screen -> screen.title(Map.of("en", "Projects", "de", "Projekte")))
            .screen("project", screen -> screen.path("/projects/{project}")
                    .parameter("project", Parameter.Kind.NUMBER)
                    .under("projects")
                    .title("Project {project}"))
            .screen("named", screen -> screen.path("/projects/{project}/{name}").under("projects"))
            .screen("any", screen -> screen.path("/{first}/{second}"))
            .screen("help", screen -> screen.title("Help for {port}"))
            .screen("office", screen -> screen.needs("signed-in", "projects"))
            .menu("main", menu -> menu.item("projects", item -> item.badge("crates"))
                    .item("project?project=7", item -> item.id("seven"))
                    .item("project?project=8", item -> item.id("eight"))
                    .item("help")
                    .item("office"))
            .menu("side", menu -> menu.item("help"))
            .bar(bar -> bar.menu("main"))
            .bar(bar -> bar.id("drawer").menu("side").within("help").form(FormBuilder.drawer()))
            .build();

    private NavigatorPlan() {}
}
