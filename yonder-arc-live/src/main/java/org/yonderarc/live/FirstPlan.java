package org.yonderarc.live;

import java.nio.file.Path;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Ids;

/** The smallest plan: one screen, a bottom bar that leads there, and its title above. */
public final class FirstPlan {
    private FirstPlan() {}

    /**
     * Writes it, for an app with the file's name.
     *
     * @param file the plan; its name ends in .yaml, .yml or .json
     * @throws FileException if it can't be written
     */
    public static void write(Path file) throws FileException {
        String name = file.getFileName().toString();
        String title = Ids.asTitle(Ids.slug(name.substring(0, name.lastIndexOf('.'))));
        String text =
                """
                yonder: 1

                app:
                  name: "%s"
                  start: home

                screens:
                  home:
                    icon: home

                menus:
                  main:
                    - home

                bars:
                  - { menu: main, form: bottom }
                  - top
                """
                        .formatted(title);
        SafeFile.write(file, name.endsWith(".json") ? json(text) : text);
    }

    private static String json(String yaml) {
        return PlanFile.toJson(PlanFile.read(new SourceText("new.yaml", yaml), IconNames.ANY)
                .plan()
                .orElseThrow());
    }
}
