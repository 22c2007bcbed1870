package org.yonderarc.tasks;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Suggestion;

/** Plans to start from, with comments and without a finding. */
public final class Starter {
    /** The arrangements, the usual one first. */
    public static final List<String> ARRANGEMENTS = List.of("bottom", "drawer", "wide");

    /** The schema beside a plan, which editors find by the plan's first line. */
    public static final String SCHEMA = ".plan.schema.json";

    private Starter() {}

    /**
     * Writes a plan, and beside it the JSON Schema by which editors complete its keys: the hidden file {@code .plan.schema.json}, which
     * the plan's first line names; a file of that name that is no schema of plans stays. A plan in JSON has no comments, and no schema is written for it.
     *
     * @param file the plan; with the ending .json it is written as JSON, else as YAML
     * @param name the app's name, as people read it
     * @param arrangement one of {@link #ARRANGEMENTS}
     * @return whether the schema was written
     * @throws InvalidRequestException if the name or the arrangement can't be used
     * @throws FileException if a file can't be written
     */
    public static boolean write(Path file, String name, String arrangement) throws FileException {
        String fileName = file.getFileName().toString();
        String text = plan(name, arrangement, fileName);
        if (fileName.toLowerCase(Locale.ROOT).endsWith(".json")) {
            SafeFile.write(
                    file,
                    PlanFile.toJson(PlanFile.read(new SourceText("new.yaml", text), IconNames.ANY)
                            .plan()
                            .orElseThrow()));
            return false;
        }
        Path schema = file.resolveSibling(SCHEMA);
        boolean isOurs = isOurs(schema);
        if (isOurs) {
            SafeFile.write(schema, PlanFile.schema());
        }
        SafeFile.write(file, "# yaml-language-server: $schema=" + SCHEMA + "\n" + text);
        return isOurs;
    }

    /** Whether the schema may be written: there is none, or one of ours. */
    private static boolean isOurs(Path schema) {
        try {
            return !Files.exists(schema) || Files.readString(schema).contains("\"urn:yonder-arc:plan:");
        } catch (IOException unreadable) {
            return false;
        }
    }

    private static String plan(String name, String arrangement, String file) {
        if (!ARRANGEMENTS.contains(arrangement)) {
            throw new InvalidRequestException("there is no arrangement \"" + arrangement + "\". "
                    + Suggestion.sentence(
                            arrangement, ARRANGEMENTS, "Choose " + Suggestion.choice(ARRANGEMENTS) + "."));
        }
        if (name.isBlank() || name.chars().anyMatch(c -> Character.isISOControl(c) || c == '"' || c == '\\')) {
            throw new InvalidRequestException(
                    "\"" + name + "\" is not a name for an app. Write one without quotes and backslashes.");
        }
        try (InputStream in = Starter.class.getResourceAsStream("starter-" + arrangement + ".yaml")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("{{name}}", name)
                    .replace("{{file}}", file);
        } catch (IOException failed) {
            throw new UncheckedIOException("the plan to start from can't be read", failed);
        }
    }
}
