package org.yonderarc.maven;

import java.io.File;
import java.nio.file.Files;
import java.util.List;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Makes what a site shows of the plan: sheets of its devices and of its screens, the map, and the page to click. */
@Mojo(name = "pictures", defaultPhase = LifecyclePhase.PRE_SITE, threadSafe = true)
public final class PicturesGoal extends PlanGoal {
    /** The folder that they are put into. */
    @Parameter(property = "yonder.output", defaultValue = "${project.build.directory}/site/yonder")
    private File output;

    /** Made by Maven. */
    public PicturesGoal() {}

    @Override
    void run() throws MojoExecutionException {
        try {
            Files.createDirectories(output.toPath());
        } catch (java.io.IOException failed) {
            throw new MojoExecutionException(
                    output + ": the folder can't be made (" + failed.getMessage() + ").", failed);
        }
        make("sheet", "devices.png", "--across=device", "--down=scheme");
        make("sheet", "screens.png", "--across=screen");
        make("map", "map.svg");
        make("page", "index.html");
    }

    private void make(String command, String name, String... more) throws MojoExecutionException {
        var arguments = new java.util.ArrayList<>(List.of(command, plan.getPath()));
        arguments.addAll(List.of(more));
        arguments.addAll(List.of("--output", new File(output, name).getPath()));
        if (yonder(arguments) != 0) {
            throw new MojoExecutionException(name + " can't be made; the reason is above.");
        }
    }
}
