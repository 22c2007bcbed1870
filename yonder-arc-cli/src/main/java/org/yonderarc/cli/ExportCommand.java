package org.yonderarc.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.bind.PlanReference;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.PlanFile;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.interchange.Generated;
import org.yonderarc.journey.Journeys;
import org.yonderarc.tasks.ExportTask;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.Project;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "export",
        description =
                "Writes the plan's names as Java, Kotlin, Swift or TypeScript, the navigation as a state machine in SCXML,"
                        + " or conformance vectors; prints schemas for editors, and completion for shells.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "In ~/.bashrc, in ~/.zshrc behind compinit, and in ~/.config/fish/config.fish:",
            "  source <(yonder export --completion bash)",
            "  source <(yonder export --completion zsh)",
            "  yonder export --completion fish | source",
            "",
            "Examples:",
            "  yonder export brinelight.yaml -o Places.java --package org.brinelight.app",
            "  yonder export brinelight.yaml -o Places.kt",
            "  yonder export brinelight.yaml -o Places.swift",
            "  yonder export brinelight.yaml -o places.ts",
            "  yonder export brinelight.yaml -o brinelight.scxml",
            "  yonder export brinelight.yaml -o brinelight.vectors.json",
            "  yonder export --schema plan > plan.schema.json",
            "  yonder export --completion man > yonder.1",
        })
final class ExportCommand implements Callable<Integer> {
    private static final List<String> SCHEMAS = List.of("plan", "journeys");
    private static final List<String> SHELLS = List.of("bash", "zsh", "fish", "man");

    @Spec
    private CommandSpec spec;

    /** The plan; or the words on a line, the last one as far as it is written: what the scripts of shells ask. */
    @Parameters(
            arity = "0..*",
            paramLabel = "PLAN",
            description = "The plan: a YAML file, a JSON file with the ending .json, or - for standard input.")
    private List<String> words = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description =
                    "What is written; its ending says which: .java, .kt, .swift, .ts, .scxml or .vectors.json. A class, object or type is named as its file.")
    private OutputFile output;

    @Option(
            names = "--package",
            paramLabel = "NAME",
            description = "The package of a Java class or a Kotlin object; without it, none.")
    private String packageName;

    @ArgGroup(exclusive = true)
    private Printed printed = new Printed();

    private static final class Printed {
        @Option(
                names = "--schema",
                paramLabel = "NAME",
                description = "Prints the JSON Schema of plan or journeys files, for editors. Takes no plan.")
        private String schema;

        @Option(
                names = "--completion",
                paramLabel = "SHELL",
                description =
                        "Prints a script for bash, zsh or fish that completes words, options and the names of the plan"
                                + " on the line; or the manual page (man).")
        private String completion;
    }

    @Option(names = "--markdown", description = "A schema for people: a table of keys for each part.")
    private boolean markdown;

    @Override
    public Integer call() throws Exception {
        if (printed.schema != null) {
            known("schema", printed.schema, SCHEMAS);
            spec.commandLine().getOut().print(schema(printed.schema.equals("plan")));
        } else if (markdown) {
            throw new Refusal("--markdown is for a schema. Name it: --schema plan, or --schema journeys.");
        } else if (printed.completion != null) {
            complete(printed.completion);
        } else {
            places();
        }
        return Main.FINE;
    }

    private String schema(boolean isOfPlans) {
        return isOfPlans
                ? markdown ? PlanReference.markdown() : PlanFile.schema()
                : markdown ? Journeys.reference() : JourneyFile.schema();
    }

    private void complete(String shell) throws Exception {
        CommandLine root = spec.parent().commandLine();
        PrintWriter out = spec.commandLine().getOut();
        if (shell.equals("words")) {
            Candidates.of(root, words).forEach(out::println);
            return;
        }
        known("completion", shell, SHELLS);
        out.print(shell.equals("man") ? Manual.of(root) : script(shell));
    }

    private static void known(String thing, String name, List<String> names) throws Refusal {
        if (!names.contains(name)) {
            throw new Refusal("there is no " + thing + " for \"" + name + "\". "
                    + Suggestion.sentence(name, names, "Choose " + Suggestion.choice(names) + "."));
        }
    }

    private static String script(String shell) throws IOException {
        try (InputStream in = ExportCommand.class.getResourceAsStream("completion." + shell)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private void places() throws Exception {
        if (words.size() != 1 || output == null) {
            throw new ParameterException(
                    spec.commandLine(),
                    words.isEmpty()
                            ? "Missing required parameter: 'PLAN'"
                            : words.size() > 1
                                    ? "Unmatched argument: '" + words.get(1) + "'"
                                    : "Missing required option: '--output=FILE'");
        }
        var plan = new PlanArgument(Path.of(words.get(0)));
        Format format = output.format(
                Format.SCXML, Format.JAVA, Format.KOTLIN, Format.SWIFT, Format.TYPESCRIPT, Format.VECTORS);
        if (packageName != null && format != Format.JAVA && format != Format.KOTLIN) {
            throw new Refusal("--package is for a Java class or a Kotlin object; " + output + " is none.");
        }
        var task = ExportTask.builder().format(format);
        Optional.ofNullable(packageName).ifPresent(task::packageName);
        output.stem().ifPresent(task::className);
        Project project = plan.project(spec.commandLine().getErr());
        if (format != Format.SCXML
                && format != Format.VECTORS
                && !output.isStandardOutput()
                && !Generated.isReplaceable(output.path())) {
            throw new Refusal(output + ": this file was not made by yonder export, and is kept. Name another one.");
        }
        output.write(task.build().run(project), plan.inputs(project), spec);
        output.said(spec).println("Wrote " + output + ".");
    }
}
