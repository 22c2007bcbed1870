package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.bind.PlanReference;
import org.yonderarc.files.PlanFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "schema",
        description = "Prints the JSON Schema of plan files, for editors.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  yonder schema > plan.schema.json"})
final class SchemaCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--markdown", description = "The same for people: a table of keys for each part of a plan.")
    private boolean markdown;

    @Override
    public Integer call() {
        spec.commandLine().getOut().print(markdown ? PlanReference.markdown() : PlanFile.schema());
        return Main.FINE;
    }
}
