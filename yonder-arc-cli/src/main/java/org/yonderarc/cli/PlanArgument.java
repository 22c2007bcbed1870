package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.draw.BundledIcons;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Icons;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.PlanFolder;
import org.yonderarc.draw.PlanIcons;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;
import picocli.CommandLine.Parameters;

/** The plan that a command works on. */
final class PlanArgument {
    @Parameters(
            paramLabel = "PLAN",
            description =
                    "The plan: a YAML file, or a JSON file with the ending .json. Where nothing in it is changed, - stands for standard input.")
    private Path file;

    private Pictures pictures;
    private Fonts fonts;
    private Studio studio;

    PlanArgument() {}

    PlanArgument(Path file) {
        this.file = file;
    }

    /**
     * The file.
     *
     * @throws Refusal if the plan comes from standard input, for what only a file can be used
     */
    Path file() throws Refusal {
        if (isStandardInput()) {
            throw new Refusal("this command needs a plan that is a file, and not standard input.");
        }
        return file;
    }

    /** What the plan is called in messages and in what is made of it. */
    String name() {
        return isStandardInput() ? "-" : file.toString();
    }

    private boolean isStandardInput() {
        return file.toString().equals("-");
    }

    /** The pictures in the plan's folder. */
    Pictures pictures() {
        if (pictures == null) {
            pictures = Pictures.in(folder());
        }
        return pictures;
    }

    /** The fonts in the plan's folder. */
    Fonts fonts() {
        if (fonts == null) {
            fonts = Fonts.in(folder());
        }
        return fonts;
    }

    /** What the plan is drawn with: its icons, its pictures, its font. */
    Studio studio(Plan plan) {
        return studio(plan, iconsOf(plan));
    }

    /** The same, with the icons of another plan that this one lacks. */
    Studio beside(Plan plan, Icons others) {
        return studio(plan, iconsOf(plan).or(others));
    }

    private Studio studio(Plan plan, Icons icons) {
        studio = new Studio(icons, pictures(), Typeface.of(plan, fonts()));
        return studio;
    }

    /** The icons of the plan's set, and its own. */
    Icons iconsOf(Plan plan) {
        return icons().in(plan.theme().icons());
    }

    /** Tells of letters that were drawn in a font of this machine, or in none. */
    void notes(PrintWriter err) {
        studio.notes().forEach(note -> err.println("Note: " + FindingText.visible(note)));
        err.flush();
    }

    /** The folder that the plan is in. */
    Path folder() {
        return file.toAbsolutePath().getParent();
    }

    PlanFile read() throws FileTrouble, Refusal {
        var looks = new PlanFolder(pictures(), fonts());
        PlanFile read = isStandardInput()
                ? PlanFile.inFolder(SourceText.read("standard input", System.in), icons(), folder(), looks)
                : PlanFile.read(file, icons(), looks);
        Optional<String> locale = read.plan().map(PlanMentions::files).flatMap(Locales::problem);
        if (locale.isPresent()) {
            throw new Refusal(locale.get());
        }
        return read;
    }

    /** The icons that the plan can use: its own, and the usual set or the one that it names. */
    Icons icons() {
        return PlanIcons.beside(file, new BundledIcons());
    }

    /** The plan's own files, none of which a command replaces. */
    Inputs inputs(Plan plan) {
        return isStandardInput() ? new Inputs() : new Inputs().plan(file, plan);
    }

    /**
     * The plan, ready for use.
     *
     * @see #checked
     */
    Plan sound(PrintWriter err) throws FileTrouble, Refusal {
        return checked(err).plan().orElseThrow();
    }

    /**
     * The file of a plan that is ready for use. Errors go to {@code err}; of what doesn't keep anybody from working, only how
     * much there is: who draws twenty pictures has read it once.
     *
     * @throws Refusal if the plan has errors
     */
    PlanFile checked(PrintWriter err) throws FileTrouble, Refusal {
        PlanFile read = read();
        if (read.plan().isEmpty()) {
            err.print(FindingText.report(read, Terminal.colours()));
            err.flush();
            throw new Refusal("the plan has errors; nothing was made of it. Mend them first.", Main.PLAN_HAS_ERRORS);
        }
        if (!read.findings().isEmpty()) {
            err.println(FindingText.summary(read) + ". See them with: yonder check " + name());
            err.flush();
        }
        return read;
    }
}
