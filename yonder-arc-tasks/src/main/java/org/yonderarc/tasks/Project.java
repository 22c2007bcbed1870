package org.yonderarc.tasks;

import java.nio.file.Path;
import java.util.List;
import org.yonderarc.check.PlanRule;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.plan.Plan;

/** A plan that was read and checked, with the icons, pictures and fonts that it is drawn with: what tasks run on. Immutable. */
public final class Project {
    private final PlanFile file;
    private final Assets assets;

    private Project(PlanFile file, Assets assets) {
        this.file = file;
        this.assets = assets;
    }

    /**
     * Reads and checks a plan, with what lies beside it.
     *
     * @param own rules of one's own
     * @throws FileException if the file can't be read; a plan with errors is no failure here, {@link #plan} tells them
     */
    public static Project open(Path file, PlanRule... own) throws FileException {
        var assets = Assets.beside(file).with(List.of(own));
        return new Project(assets.read(file), assets);
    }

    /** A plan that was read already. */
    public static Project of(PlanFile file, Assets assets) {
        return new Project(file, assets);
    }

    /**
     * A plan that was built in Java. It is checked as if it were read.
     *
     * @param folder where the files lie that it names
     */
    public static Project of(Plan plan, Path folder) {
        Path name = folder.resolve("plan.yaml");
        var assets = Assets.beside(name);
        return new Project(assets.read(new SourceText(name.toString(), PlanFile.toYaml(plan))), assets);
    }

    /**
     * The plan.
     *
     * @throws InvalidPlanException with a report, if it has errors
     */
    public Plan plan() {
        return file.require();
    }

    /** The plan's text, and what the check has found. */
    public PlanFile file() {
        return file;
    }

    /** What the check has found. */
    public List<Finding> findings() {
        return file.findings();
    }

    /** What the plan is drawn with. */
    public Assets assets() {
        return assets;
    }

    Studio studio() {
        return assets.studio(plan());
    }
}
