package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.Scxml;
import org.yonderarc.plan.Plan;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "export",
        description = "Writes the navigation as a state machine in SCXML, for other tools.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  yonder export brinelight.yaml -o brinelight.scxml"})
final class ExportCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The state machine; its name ends in .scxml.")
    private Path output;

    @Override
    public Integer call() throws Exception {
        if (!output.toString().endsWith(".scxml")) {
            throw new Refusal(output + ": a state machine's name ends in .scxml.");
        }
        Plan sound = plan.sound(spec.commandLine().getErr());
        plan.inputs(sound).spare(output);
        try {
            SafeFile.write(output, Scxml.write(sound));
        } catch (IllegalArgumentException tooMany) {
            throw new Refusal(tooMany.getMessage() + ".");
        }
        spec.commandLine().getOut().println("Wrote " + output + ".");
        return Main.FINE;
    }
}
