package org.yonderarc.maven;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugin.MojoFailureException;
import org.apache.maven.plugins.annotations.LifecyclePhase;
import org.apache.maven.plugins.annotations.Mojo;
import org.apache.maven.plugins.annotations.Parameter;
import org.apache.maven.project.MavenProject;
import org.yonderarc.files.FileException;
import org.yonderarc.files.SafeFile;
import org.yonderarc.interchange.Generated;
import org.yonderarc.tasks.ExportTask;

/** Writes the plan's names as a class among the generated sources: a name that the plan doesn't have doesn't compile. */
@Mojo(name = "places", defaultPhase = LifecyclePhase.GENERATE_SOURCES, threadSafe = true)
public final class PlacesGoal extends PlanGoal {
    /** The package of the class. */
    @Parameter(property = "yonder.package", required = true)
    private String packageName;

    /** The name of the class. */
    @Parameter(property = "yonder.class", defaultValue = "Places")
    private String className;

    /** The folder of generated sources. */
    @Parameter(defaultValue = "${project.build.directory}/generated-sources/yonder")
    private File output;

    @Parameter(defaultValue = "${project}", readonly = true, required = true)
    private MavenProject project;

    /** Made by Maven. */
    public PlacesGoal() {}

    @Override
    void run() throws MojoExecutionException, MojoFailureException {
        String text = run(
                        ExportTask.builder()
                                .packageName(packageName)
                                .className(className)
                                .build(),
                        require(plan))
                .text();
        try {
            Path file = output.toPath().resolve(packageName.replace('.', '/')).resolve(className + ".java");
            if (!Generated.isReplaceable(file)) {
                throw new MojoFailureException(
                        file + ": this file was not made from a plan, and is kept. Name another class: <className>.");
            }
            // Written only when it is another one, so that nothing is compiled for nothing.
            if (!Files.exists(file) || !Files.readString(file).equals(text)) {
                Files.createDirectories(file.getParent());
                SafeFile.write(file, text);
                getLog().info("Wrote " + file + ".");
            }
        } catch (FileException refused) {
            throw new MojoExecutionException(refused.getMessage(), refused);
        } catch (java.io.IOException failed) {
            throw new MojoExecutionException("The class can't be written: " + failed.getMessage(), failed);
        }
        project.addCompileSourceRoot(output.getPath());
    }
}
