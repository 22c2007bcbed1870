package org.yonderarc.maven;

import java.io.File;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.MapTask;
import org.yonderarc.tasks.PageTask;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.SheetTask;
import org.yonderarc.tasks.Task;

/** Makes what a site shows of the plan: sheets of its devices and of its screens, the map, and the page to click. */
@Mojo(name = "pictures", defaultPhase = LifecyclePhase.PRE_SITE, threadSafe = true)
public final class PicturesGoal extends PlanGoal {
    /** The folder that they are put into. */
    @Parameter(property = "yonder.output", defaultValue = "${project.build.directory}/site/yonder")
    private File output;

    /** Made by Maven. */
    public PicturesGoal() {}

    @Override
    void run() throws MojoExecutionException, MojoFailureException {
        Project project = require(plan);
        make(
                project,
                "devices.png",
                SheetTask.builder().across("device").down("scheme").build());
        make(project, "screens.png", SheetTask.builder().across("screen").build());
        make(project, "map.svg", MapTask.builder().picture(PictureOptions.svg()).build());
        make(project, "index.html", PageTask.builder().build());
    }

    private void make(Project project, String name, Task<Artifact> task) throws MojoExecutionException {
        write(output.toPath().resolve(name), run(task, project));
    }
}
