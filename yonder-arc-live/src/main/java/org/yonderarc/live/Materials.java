package org.yonderarc.live;

import java.nio.file.Path;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Icons;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.PlanIcons;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;

/** What a plan is drawn with: the icons, pictures and fonts of its folder. They are read once, and anew when one of them changes. */
record Materials(Path folder, Icons icons, Pictures pictures, Fonts fonts) {
    /** Read once: they never change. */
    private static final Icons BUNDLED = new BundledIcons();

    static Materials of(Path plan) {
        Path folder = plan.toAbsolutePath().getParent();
        return new Materials(folder, PlanIcons.beside(plan, BUNDLED), Pictures.in(folder), Fonts.in(folder));
    }

    PlanFile read(SourceText source) {
        return PlanFile.inFolder(source, icons, folder, new PlanFolder(pictures, fonts));
    }

    Studio studio(Plan plan) {
        return new Studio(icons.in(plan.theme().icons()), pictures, Typeface.of(plan, fonts));
    }
}
