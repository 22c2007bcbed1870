package org.yonderarc.maven;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.maven.plugin.AbstractMojo;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.files.FileException;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.InvalidRequestException;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.Task;

/** What all goals have: a plan. */
abstract class PlanGoal extends AbstractMojo {
    /** The plan: a YAML file, or a JSON file with the ending {@code .json}. */
    @Parameter(property = "yonder.plan", defaultValue = "${project.basedir}/src/main/resources/plan.yaml")
    protected File plan;

    /** Whether the goal does nothing. */
    @Parameter(property = "yonder.skip", defaultValue = "false")
    protected boolean skip;

    @Override
    public final void execute() throws MojoExecutionException, MojoFailureException {
        if (skip) {
            getLog().info("yonder is skipped.");
            return;
        }
        run();
    }

    abstract void run() throws MojoExecutionException, MojoFailureException;

    /** The plan, read and checked with its icons, pictures and fonts; it may have errors. */
    Project read() throws MojoExecutionException {
        return read(plan);
    }

    static Project read(File file) throws MojoExecutionException {
        try {
            return Project.open(file.toPath());
        } catch (FileException trouble) {
            throw new MojoExecutionException(
                    FindingText.visible(trouble.getMessage()) + " Or name another one: <plan>...</plan>.");
        }
    }

    /** A plan without errors. */
    static Project require(File file) throws MojoExecutionException, MojoFailureException {
        Project project = read(file);
        if (project.file().plan().isEmpty()) {
            throw new MojoFailureException(
                    FindingText.report(project.file(), FindingText.Colours.NONE).strip());
        }
        return project;
    }

    /** Runs a task; what can't be made fails the build. */
    static <R> R run(Task<R> task, Project project) throws MojoExecutionException {
        try {
            return task.run(project);
        } catch (InvalidRequestException wrong) {
            throw new MojoExecutionException(FindingText.visible(wrong.sentence()));
        }
    }

    /** Writes what was made, and the folder that it is in. */
    void write(Path file, Artifact made) throws MojoExecutionException {
        write(file, made.bytes());
        getLog().info("Wrote " + file + ".");
        made.notes().forEach(note -> getLog().info(FindingText.visible(note)));
    }

    /** Writes a file, and the folder that it is in. */
    static void write(Path file, byte[] content) throws MojoExecutionException {
        try {
            Files.createDirectories(file.getParent());
        } catch (IOException failed) {
            throw new MojoExecutionException(
                    file.getParent() + ": the folder can't be made (" + failed.getMessage() + ").", failed);
        }
        try {
            SafeFile.write(file, content);
        } catch (FileException trouble) {
            throw new MojoExecutionException(trouble.getMessage(), trouble);
        }
    }
}
