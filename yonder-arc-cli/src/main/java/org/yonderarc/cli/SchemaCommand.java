package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.bind.PlanReference;
import org.yonderarc.files.JourneyFile;
import org.yonderarc.files.PlanFile;
import org.yonderarc.journey.Journeys;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "schema",
        description = "Prints the JSON Schema of plan files or of journeys, for editors.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Example:",
            "  yonder schema > plan.schema.json",
            "  yonder schema --journeys > journeys.schema.json"
        })
final class SchemaCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--markdown", description = "The same for people: a table of keys for each part of a plan.")
    private boolean markdown;

    @Option(names = "--journeys", description = "Of files of journeys, not of plans.")
    private boolean journeys;

    @Override
    public Integer call() {
        spec.commandLine().getOut().print(journeys ? ofJourneys() : ofPlans());
        return Main.FINE;
    }

    private String ofPlans() {
        return markdown ? PlanReference.markdown() : PlanFile.schema();
    }

    private String ofJourneys() {
        return markdown ? Journeys.reference() : JourneyFile.schema();
    }
}
