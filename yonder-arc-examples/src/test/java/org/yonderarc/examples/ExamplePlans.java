package org.yonderarc.examples;

import java.nio.file.Path;
import java.util.List;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Plan;

/** The example plans, as they stand in their folder. */
final class ExamplePlans {
    static final List<String> NAMES = List.of("brinelight", "crumbtray", "hutline", "loomstead", "marlstep");
    static final Path FOLDER = Path.of("src/main/resources/org/yonderarc/examples");

    private ExamplePlans() {}

    static Plan plan(String name) throws FileException {
        return PlanFile.read(
                        FOLDER.resolve(name + ".yaml"),
                        new BundledIcons(),
                        new PlanFolder(Pictures.in(FOLDER), Fonts.in(FOLDER)))
                .plan()
                .orElseThrow();
    }
}
