package org.yonderarc.maven;

import java.io.File;
import java.nio.file.Path;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.files.FindingText;
import org.yonderarc.sheet.Comparison;
import org.yonderarc.tasks.CompareTask;
import org.yonderarc.tasks.PictureOptions;
import org.yonderarc.tasks.Project;

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
        Project before = require(baseline);
        CompareTask.Differences differences = run(
                CompareTask.builder(before)
                        .picture(PictureOptions.png().scale(1))
                        .build(),
                require(plan));
        for (Comparison.Difference difference : differences.all()) {
            getLog().info(difference.what() + " " + FindingText.visible(difference.text()));
        }
        Path picture = reports.toPath().resolve("changes.png");
        if (differences.picture().isPresent()) {
            write(picture, differences.picture().get());
        }
        if (!differences.all().isEmpty() && failOnDifference) {
            throw new MojoFailureException("The plan is another one than " + baseline
                    + ". If that is meant, copy the plan over it."
                    + (differences.picture().isPresent() ? " What looks different is in " + picture + "." : ""));
        }
    }
}
