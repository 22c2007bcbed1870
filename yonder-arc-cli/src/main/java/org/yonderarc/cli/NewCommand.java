package org.yonderarc.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Ids;
import org.yonderarc.tasks.Format;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "new",
        description = "Writes a plan to start from, with comments.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Arrangements:",
            "  bottom   a bottom bar with four items",
            "  drawer   a drawer with sections, and a sign-in",
            "  wide     one menu: bottom bar on phones, rail on tablets, drawer on desktops",
            "",
            "Example:",
            "  yonder new \"Shore Walks\" --as wide",
        })
final class NewCommand implements Callable<Integer> {
    /** The arrangements, the usual one first. */
    static final List<String> ARRANGEMENTS = List.of("bottom", "drawer", "wide");

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "NAME", description = "The app's name, as people read it.")
    private String name;

    @Option(names = "--as", paramLabel = "ARRANGEMENT", description = "bottom (default), drawer or wide.")
    private String arrangement = ARRANGEMENTS.get(0);

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "The plan file. Default: the name in lower case, with .yaml.")
    private Optional<OutputFile> output = Optional.empty();

    @Override
    public Integer call() throws Exception {
        if (!ARRANGEMENTS.contains(arrangement)) {
            throw new Refusal("there is no arrangement \"" + arrangement + "\". "
                    + Suggestion.sentence(
                            arrangement, ARRANGEMENTS, "Choose " + Suggestion.choice(ARRANGEMENTS) + "."));
        }
        if (name.isBlank() || name.chars().anyMatch(c -> Character.isISOControl(c) || c == '"' || c == '\\')) {
            throw new Refusal("\"" + name + "\" is not a name for an app. Write one without quotes and backslashes.");
        }
        Path file = output.orElse(new OutputFile(Ids.slug(name) + ".yaml")).path();
        if (Files.exists(file)) {
            throw new Refusal(file + ": this file exists already, and is left as it is. Name another with -o.");
        }
        String text = plan(name, arrangement, file.getFileName().toString());
        SafeFile.write(file, Format.ofName(file.toString()).equals(Optional.of(Format.JSON)) ? json(text) : text);
        spec.commandLine().getOut().println("Wrote " + file + ". Next: yonder page " + file + " -o prototype.html");
        return Main.FINE;
    }

    /** The same plan in JSON, which has no comments. */
    private static String json(String yaml) {
        return PlanFile.toJson(PlanFile.read(new SourceText("new.yaml", yaml), IconNames.ANY)
                .plan()
                .orElseThrow());
    }

    /** The text of a starter plan. */
    static String plan(String name, String arrangement, String file) throws IOException {
        try (InputStream in = NewCommand.class.getResourceAsStream(arrangement + ".yaml")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replace("{{name}}", name)
                    .replace("{{file}}", file);
        }
    }
}
