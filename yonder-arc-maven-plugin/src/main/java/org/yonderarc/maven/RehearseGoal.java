package org.yonderarc.maven;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Walks journeys through the plan; fails the build where one isn't as expected, and draws where it went. */
@Mojo(name = "rehearse", defaultPhase = LifecyclePhase.TEST, threadSafe = true)
public final class RehearseGoal extends PlanGoal {
    /** The files of journeys. */
    @Parameter(property = "yonder.journeys", required = true)
    private List<File> journeys;

    /** The folder of the report, {@code TEST-yonder.xml} in JUnit's format, and of the pictures. */
    @Parameter(defaultValue = "${project.build.directory}/yonder-reports")
    private File reports;

    /** Made by Maven. */
    public RehearseGoal() {}

    @Override
    void run() throws MojoExecutionException, MojoFailureException {
        var arguments = new ArrayList<>(List.of("rehearse", plan.getPath()));
        journeys.forEach(file -> arguments.add(file.getPath()));
        arguments.addAll(
                List.of("--output", reports.getPath(), "--junit", new File(reports, "TEST-yonder.xml").getPath()));
        switch (yonder(arguments)) {
            case 0 -> getLog().debug("All journeys are as expected.");
            case 3 ->
                throw new MojoFailureException(
                        "Journeys are not as expected. Pictures and a report are in " + reports + ".");
            default -> throw new MojoExecutionException("The journeys can't be walked; the reason is above.");
        }
    }
}
