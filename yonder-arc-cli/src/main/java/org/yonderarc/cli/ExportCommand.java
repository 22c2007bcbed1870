package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.Scxml;
import org.yonderarc.places.Generated;
import org.yonderarc.places.JavaPlaces;
import org.yonderarc.places.TypeScriptPlaces;
import org.yonderarc.plan.Plan;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "export",
        description = "Writes the plan's names as Java or TypeScript, or the navigation as a state machine in SCXML.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder export brinelight.yaml -o Places.java --package org.brinelight.app",
            "  yonder export brinelight.yaml -o places.ts",
            "  yonder export brinelight.yaml -o brinelight.scxml",
        })
final class ExportCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description =
                    "What is written; its ending says which: .java, .ts or .scxml. A Java class is named as its file.")
    private Path output;

    @Option(names = "--package", paramLabel = "NAME", description = "The package of a Java class; without it, none.")
    private String packageName;

    @Override
    public Integer call() throws Exception {
        String name = output.getFileName().toString();
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (!name.contains(".") || !ending.matches("java|ts|scxml")) {
            throw new Refusal(
                    output + ": the name ends in .java or .ts for the plan's names, in .scxml for a state machine.");
        }
        if (packageName != null && !ending.equals("java")) {
            throw new Refusal("--package is for a Java class; " + output + " is none.");
        }
        Plan sound = plan.sound(spec.commandLine().getErr());
        plan.inputs(sound).spare(output);
        if (!ending.equals("scxml") && !Generated.isReplaceable(output)) {
            throw new Refusal(output + ": this file was not made by yonder export, and is kept. Name another one.");
        }
        try {
            SafeFile.write(output, text(sound, ending, name.substring(0, name.lastIndexOf('.'))));
        } catch (IllegalArgumentException impossible) {
            throw new Refusal(impossible.getMessage() + ".");
        }
        spec.commandLine().getOut().println("Wrote " + output + ".");
        return Main.FINE;
    }

    private String text(Plan sound, String ending, String name) {
        String from = Path.of(plan.name()).getFileName().toString();
        return switch (ending) {
            case "java" -> JavaPlaces.write(sound, from, packageName == null ? "" : packageName, name);
            case "ts" -> TypeScriptPlaces.write(sound, from);
            default -> Scxml.write(sound);
        };
    }
}
