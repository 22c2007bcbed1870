package org.yonderarc.files;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import org.yonderarc.finding.Finding;
import org.yonderarc.journey.Journey;
import org.yonderarc.journey.Journeys;

/** Reads files of journeys. */
public final class JourneyFile {
    private JourneyFile() {}

    /**
     * The journeys of a YAML file, or of a JSON file with the ending .json, in order.
     *
     * @throws FileTrouble with the place and the reason, if it can't be read
     */
    public static List<Journey> read(Path file) throws FileTrouble {
        SourceText source = SourceText.read(file);
        if (source.text().isBlank()) {
            throw new FileTrouble(file, "the file is empty.", "Write \"journeys:\" and the steps of each below it.");
        }
        try {
            Journeys read =
                    Journeys.read(source.isJson() ? JsonTree.parse(source.text()) : YamlTree.parse(source.text()));
            if (Finding.anyError(read.findings())) {
                throw new FileTrouble(file, "", told(read.findings()));
            }
            return read.list();
        } catch (ParseTrouble trouble) {
            throw new FileTrouble(file, "", told(List.of(trouble.finding())));
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
