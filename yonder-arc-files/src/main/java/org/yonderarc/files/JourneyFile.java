package org.yonderarc.files;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.InvalidPlanException;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Journeys;

/** Reads files of journeys. */
public final class JourneyFile {
    private JourneyFile() {}

    /**
     * The journeys of a YAML file, or of a JSON file with the ending .json, in order.
     *
     * @throws FileException with the place and the reason, if it can't be read
     */
    public static List<Journey> read(Path file) throws FileException {
        return read(SourceText.read(file));
    }

    /**
     * The journeys in a text, in order.
     *
     * @throws FileException with the place and the reason, if it can't be read
     */
    public static List<Journey> read(SourceText source) throws FileException {
        String name = source.name();
        if (source.text().isBlank()) {
            throw new FileException(name, "the file is empty.", "Write \"journeys:\" and the steps of each below it.");
        }
        try {
            Journeys read =
                    Journeys.read(source.isJson() ? JsonTree.parse(source.text()) : YamlTree.parse(source.text()));
            if (Finding.anyError(read.findings())) {
                throw new FileException(name, "", told(read.findings()));
            }
            return read.list();
        } catch (ParseException trouble) {
            throw new FileException(name, "", told(List.of(trouble.finding())));
        }
    }

    /**
     * The journeys of a file, for use.
     *
     * @throws InvalidPlanException with the place and the reason, if it can't be read
     */
    public static List<Journey> require(Path file) {
        try {
            return read(file);
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /**
     * The journeys in a text, for use.
     *
     * @param name what messages call it; it ends in {@code .json} for JSON
     * @throws InvalidPlanException with the place and the reason, if it can't be read
     */
    public static List<Journey> require(String name, String text) {
        try {
            return read(new SourceText(name, text));
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /**
     * The journeys in a resource, for use.
     *
     * @param resource its name, as {@link Class#getResource} takes it: beside the class, or from the top of the class path
     * @throws InvalidPlanException with the place and the reason, if there is none or it can't be read
     */
    public static List<Journey> require(Class<?> owner, String resource) {
        try {
            return read(
                    ResourceFiles.around(owner, resource)
                            .text(ResourceFiles.name(resource))
                            .orElseThrow(
                                    () -> new FileException(
                                            resource,
                                            "there is no such resource beside " + owner.getName() + ".",
                                            "Put it in the folder of its package; a named module opens that package to org.yonderarc.files.")));
        } catch (FileException trouble) {
            throw new InvalidPlanException(trouble);
        }
    }

    /** Everything that is wrong, a line each. */
    private static String told(List<Finding> findings) {
        return findings.stream()
                .map(finding -> "line " + finding.spot().line() + ": " + finding.message() + " " + finding.remedy())
                .collect(Collectors.joining("\n  "));
    }

    /** The JSON Schema (draft 2020-12) of such files. */
    public static String schema() {
        return JsonText.write(Journeys.schema());
    }
}
