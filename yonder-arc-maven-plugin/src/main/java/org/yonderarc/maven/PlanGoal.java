package org.yonderarc.maven;

import java.io.File;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.apache.maven.plugin.AbstractMojo;
import org.apache.maven.plugin.MojoExecutionException;
import org.apache.maven.plugins.annotations.Parameter;
import org.yonderarc.cli.Main;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.PlanIcons;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;

/** What all goals have: a plan. */
abstract class PlanGoal extends AbstractMojo {
    /** The plan: a YAML file, or a JSON file with the ending {@code .json}. */
    @Parameter(property = "yonder.plan", defaultValue = "${project.basedir}/src/main/resources/plan.yaml")
    protected File plan;

    /** Whether the goal does nothing. */
    @Parameter(property = "yonder.skip", defaultValue = "false")
    protected boolean skip;

    @Override
    public final void execute() throws MojoExecutionException, org.apache.maven.plugin.MojoFailureException {
        if (skip) {
            getLog().info("yonder is skipped.");
            return;
        }
        run();
    }

    abstract void run() throws MojoExecutionException, org.apache.maven.plugin.MojoFailureException;

    /** The plan, read and checked with its icons, pictures and fonts. */
    PlanFile read() throws MojoExecutionException {
        return read(plan);
    }

    static PlanFile read(File file) throws MojoExecutionException {
        var path = file.toPath();
        var folder = path.toAbsolutePath().getParent();
        try {
            return PlanFile.read(
                    path,
                    PlanIcons.beside(path, new BundledIcons()),
                    new PlanFolder(Pictures.in(folder), Fonts.in(folder)));
        } catch (FileTrouble trouble) {
            throw new MojoExecutionException(
                    FindingText.visible(trouble.getMessage()) + " Or name another one: <plan>...</plan>.");
        }
    }

    /** Runs the command; what it says goes to Maven's log. Gives its exit status. */
    int yonder(List<String> arguments) {
        var out = new StringWriter();
        var err = new StringWriter();
        int status = Main.run(new PrintWriter(out), new PrintWriter(err), arguments.toArray(String[]::new));
        out.toString().lines().forEach(line -> getLog().info(line));
        err.toString().lines().forEach(line -> {
            if (status == 0) {
                getLog().info(line);
            } else {
                getLog().error(line);
            }
        });
        return status;
    }
}
