package org.yonderarc.maven;

import java.io.File;
import java.nio.file.Files;
import java.util.List;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;

/** Compares the plan with a saved one, a baseline: fails the build where they differ, and draws what looks different. */
@Mojo(name = "compare", defaultPhase = LifecyclePhase.VERIFY, threadSafe = true)
public final class CompareGoal extends PlanGoal {
    /** The plan as it was saved. */
    @Parameter(property = "yonder.baseline", defaultValue = "${project.basedir}/src/test/resources/baseline.yaml")
    private File baseline;

    /** Whether a difference fails the build; otherwise it is only told. */
    @Parameter(property = "yonder.failOnDifference", defaultValue = "true")
    private boolean failOnDifference;

    /** The folder of the picture. */
    @Parameter(defaultValue = "${project.build.directory}/yonder-reports")
    private File reports;

    /** Made by Maven. */
    public CompareGoal() {}

    @Override
    void run() throws MojoExecutionException, MojoFailureException {
        if (!baseline.exists()) {
            throw new MojoExecutionException(
                    baseline + ": there is no such file. Copy the plan there once, to compare with it from then on.");
        }
        try {
            Files.createDirectories(reports.toPath());
        } catch (java.io.IOException failed) {
            throw new MojoExecutionException(
                    reports + ": the folder can't be made (" + failed.getMessage() + ").", failed);
        }
        File picture = new File(reports, "changes.png");
        int status = yonder(List.of("compare", baseline.getPath(), plan.getPath(), "--output", picture.getPath()));
        if (status == 3 && failOnDifference) {
            throw new MojoFailureException("The plan is another one than " + baseline
                    + ". If that is meant, copy the plan over it. What looks different is in " + picture + ".");
        }
        if (status != 0 && status != 3) {
            throw new MojoExecutionException("The plans can't be compared; the reason is above.");
        }
    }
}
