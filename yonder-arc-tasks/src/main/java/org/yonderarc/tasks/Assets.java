package org.yonderarc.tasks;

import java.nio.file.Path;
import java.util.List;
import org.yonderarc.check.PlanRule;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.IconFolder;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;
import org.yonderarc.plan.Plan;

/** Everything that plans of one folder are drawn with: the icons, pictures and fonts in it, and the bundled ones. They are read when first used. */
public final class Assets {
    /** Read once: they never change. */
    private static final Icons BUNDLED = new BundledIcons();

    private final Path folder;
    private final Icons icons;
    private final Pictures pictures;
    private final Fonts fonts;
    private final List<PlanRule> rules;

    private Assets(Path folder, Icons icons, Pictures pictures, Fonts fonts, List<PlanRule> rules) {
        this.folder = folder;
        this.icons = icons;
        this.pictures = pictures;
        this.fonts = fonts;
        this.rules = List.copyOf(rules);
    }

    /** What lies beside a plan's file, which need not exist. */
    public static Assets beside(Path plan) {
        Path folder = SafeFile.folder(plan);
        return new Assets(folder, IconFolder.beside(plan, BUNDLED), Pictures.in(folder), Fonts.in(folder), List.of());
    }

    /** The same, with rules of one's own in each check. */
    public Assets with(List<PlanRule> own) {
        return new Assets(folder, icons, pictures, fonts, own);
    }

    /**
     * Reads and checks a plan's file.
     *
     * @throws FileException if the file can't be read
     */
    public PlanFile read(Path file) throws FileException {
        return read(SourceText.read(file));
    }

    /** Reads and checks the text of a plan in this folder. */
    public PlanFile read(SourceText source) {
        return PlanFile.inFolder(source, icons, folder, new PlanFolder(pictures, fonts), rules);
    }

    /** The folder. */
    public Path folder() {
        return folder;
    }

    /** The bundled icons, and those of the folder. */
    public Icons icons() {
        return icons;
    }

    /** The pictures of the folder. */
    public Pictures pictures() {
        return pictures;
    }

    /** The fonts of the folder. */
    public Fonts fonts() {
        return fonts;
    }

    /** What a plan is drawn with: its icons, pictures and font. Each studio has notes of its own. */
    public Studio studio(Plan plan) {
        return studio(plan, icons);
    }

    /** The same with other icons. */
    Studio studio(Plan plan, Icons own) {
        return new Studio(own, pictures, Typeface.of(plan, fonts));
    }
}
