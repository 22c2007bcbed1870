package org.yonderarc.maven;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingText;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.RehearsalReport;
import org.yonderarc.tasks.RehearseTask;

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
        Project project = require(plan);
        var files = new ArrayList<RehearseTask.Source>();
        for (File file : journeys) {
            try {
                files.add(RehearseTask.Source.read(file.toPath()));
            } catch (FileException trouble) {
                throw new MojoExecutionException(FindingText.visible(trouble.getMessage()));
            }
        }
        RehearsalReport report =
                run(RehearseTask.builder().journeys(files).pictures(true).build(), project);
        Map<RehearsalReport.Entry, String> names = report.pictureNames();
        for (RehearsalReport.Entry entry : report.entries()) {
            entry.outcome().difference().stream().flatMap(String::lines).forEach(line -> getLog().error(
                            FindingText.visible(line)));
            if (entry.picture().isPresent()) {
                write(
                        reports.toPath().resolve(names.get(entry)),
                        entry.picture().get());
            }
        }
        write(
                reports.toPath().resolve("TEST-yonder.xml"),
                report.junit(entry -> Optional.ofNullable(names.get(entry))
                                .map(name -> reports.toPath().resolve(name).toString()))
                        .getBytes(StandardCharsets.UTF_8));
        getLog().info(report.entries().size() + " journeys, " + report.failed() + " failed.");
        if (report.failed() > 0) {
            throw new MojoFailureException("Journeys failed. Pictures and a report are in " + reports + ".");
        }
    }
}
