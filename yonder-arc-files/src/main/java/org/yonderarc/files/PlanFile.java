package org.yonderarc.files;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.yonderarc.bind.MergedTree;
import org.yonderarc.bind.PlanSchema;
import org.yonderarc.bind.PlanWriter;
import org.yonderarc.bind.Reading;
import org.yonderarc.check.CheckedReading;
import org.yonderarc.check.FileLook;
import org.yonderarc.check.FileNames;
import org.yonderarc.check.IconNames;
import org.yonderarc.check.PlanRule;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Plan;

/**
 * A plan file that was read and checked.
 *
 * @param source its text
 * @param findings everything noticed, with file positions, in the order of the file
 * @param plan the plan, if nothing that was found is an error
 */
public record PlanFile(SourceText source, List<Finding> findings, Optional<Plan> plan) {
    public PlanFile {
        findings = List.copyOf(findings);
    }

    /**
     * Reads and checks a plan file: JSON where its name ends in {@code .json}, YAML otherwise.
     *
     * @param icons the icons that exist
     * @throws FileException if the file can't be read
     */
    public static PlanFile read(Path file, IconNames icons) throws FileException {
        return read(file, icons, FileLook.NONE);
    }

    /**
     * As {@link #read(Path, IconNames)}, and looks into the pictures and fonts too.
     *
     * @param look looks into the files of the plan's folder
     * @throws FileException if the file can't be read
     */
    public static PlanFile read(Path file, IconNames icons, FileLook look) throws FileException {
        return inFolder(SourceText.read(file), icons, SafeFile.folder(file), look);
    }

    /** Reads and checks the text of a plan whose other files are in {@code folder}. */
    public static PlanFile inFolder(SourceText source, IconNames icons, Path folder) {
        return inFolder(source, icons, folder, FileLook.NONE);
    }

    /** As {@link #inFolder(SourceText, IconNames, Path)}, and looks into the pictures and fonts too. */
    public static PlanFile inFolder(SourceText source, IconNames icons, Path folder, FileLook look) {
        return inFolder(source, icons, folder, look, List.of());
    }

    /**
     * As {@link #inFolder(SourceText, IconNames, Path, FileLook)}.
     *
     * @param own rules of one's own
     */
    public static PlanFile inFolder(
            SourceText source, IconNames icons, Path folder, FileLook look, List<PlanRule> own) {
        return read(source, icons, new FolderFiles(folder, look), own);
    }

    /** Reads and checks the text of a plan, the files that it names taken to be there. */
    public static PlanFile read(SourceText source, IconNames icons) {
        return read(source, icons, FileNames.ANY);
    }

    /**
     * Reads and checks the text of a plan.
     *
     * @param files the files that it may name: {@link SiblingFiles} gives also what is in them, such as texts of other languages
     */
    public static PlanFile read(SourceText source, IconNames icons, FileNames files) {
        return read(source, icons, files, List.of());
    }

    private static PlanFile read(SourceText source, IconNames icons, FileNames files, List<PlanRule> own) {
        try {
            PlanTree tree = PlanTree.read(source);
            MergedTree merged = files instanceof SiblingFiles folder
                    ? Companions.merge(tree, folder)
                    : new MergedTree(tree.root(), tree.told());
            Reading reading = CheckedReading.of(merged, icons, files, own);
            return new PlanFile(source, reading.findings(), reading.plan());
        } catch (ParseException trouble) {
            return new PlanFile(source, List.of(trouble.finding()), Optional.empty());
        }
    }

    /**
     * The plan of a file, for use; warnings don't keep anybody from it, {@link #read(Path, IconNames)} tells them.
     *
     * @throws InvalidPlanException with the report, if the file can't be read or the plan has errors
     */
    public static Plan require(Path file) {
        return require(file, IconNames.ANY);
    }

    /**
     * As {@link #require(Path)}, with the icons checked too.
     *
     * @param icons the icons that exist
     */
    public static Plan require(Path file, IconNames icons) {
        try {
            return read(file, icons).require();
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /**
     * The plan in a text, for use; the files that it names are taken to be there.
     *
     * @param name what the report calls it; it ends in {@code .json} for JSON
     * @throws InvalidPlanException with the report, if the plan has errors
     */
    public static Plan require(String name, String text) {
        return read(new SourceText(name, text), IconNames.ANY).require();
    }

    /**
     * The plan in a stream of UTF-8 text, which stays open; the files that it names are taken to be there.
     *
     * @param name what the report calls it; it ends in {@code .json} for JSON
     * @throws InvalidPlanException with the report, if it can't be read or the plan has errors
     */
    public static Plan require(String name, InputStream in) {
        try {
            return read(SourceText.read(name, in), IconNames.ANY).require();
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /**
     * The plan in a resource, with the texts and the tokens that stand beside it there.
     *
     * @param resource its name, as {@link Class#getResource} takes it: {@code plan.yaml} beside the class, {@code /plan.yaml} at the
     *     top of the class path
     * @throws InvalidPlanException with the report, if there is none, it can't be read or the plan has errors
     */
    public static Plan require(Class<?> owner, String resource) {
        return require(owner, resource, IconNames.ANY);
    }

    /** The same, its icons checked. */
    public static Plan require(Class<?> owner, String resource, IconNames icons) {
        try {
            var beside = ResourceFiles.around(owner, resource);
            String name = ResourceFiles.name(resource);
            SourceText source = beside.text(name)
                    .orElseThrow(
                            () -> new FileException(
                                    resource,
                                    "there is no such resource beside " + owner.getName() + ".",
                                    "Put it in the folder of its package; a named module opens that package to org.yonderarc.files."));
            return read(source, icons, beside.beside(name)).require();
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /**
     * The plan, for use.
     *
     * @throws InvalidPlanException with the report, if it has errors
     */
    public Plan require() {
        return plan.orElseThrow(() -> new InvalidPlanException(
                FindingText.report(this, FindingText.Colours.NONE).strip(), findings));
    }

    /** How many findings there are of a severity. */
    public int count(Severity severity) {
        return (int) findings.stream()
                .filter(finding -> finding.severity() == severity)
                .count();
    }

    /** The plan as YAML; reading it gives an equal plan. */
    public static String toYaml(Plan plan) {
        return YamlText.write(PlanWriter.write(plan));
    }

    /** The plan as JSON; reading it gives an equal plan. */
    public static String toJson(Plan plan) {
        return JsonText.write(PlanWriter.write(plan));
    }

    /** The JSON Schema (draft 2020-12) of plan files, for editors. */
    public static String schema() {
        return JsonText.write(PlanSchema.schema());
    }
}
