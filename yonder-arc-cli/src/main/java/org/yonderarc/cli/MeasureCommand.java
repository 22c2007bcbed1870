package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.SafeFile;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Plan;
import org.yonderarc.sheet.MeasurePicture;
import org.yonderarc.sheet.MeasureTable;
import org.yonderarc.sheet.MeasureTokens;
import org.yonderarc.sheet.Measures;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "measure",
        description = "Measures a bar: every size, distance, colour and type, for the hand-off.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Examples:",
            "  yonder measure brinelight.yaml bottom -o bottom.png",
            "  yonder measure brinelight.yaml bottom -o bottom.csv",
            "  yonder measure brinelight.yaml bottom -o bottom.tokens.json",
        })
final class MeasureCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(
            index = "1",
            paramLabel = "BAR",
            completionCandidates = BarWords.class,
            description = "One of ${COMPLETION-CANDIDATES}.")
    private String part;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "A red-lined picture (.svg, .png), a table (.csv, .json), or design tokens (.tokens.json).")
    private Path output;

    @Option(
            names = "--token-texts",
            description =
                    "Values of tokens are texts, \"#0a6c74\" and \"24px\", for tools that don't read the objects of DTCG 2025.10.")
    private boolean areTexts;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        String name = output.toString();
        if (!Ending.is(output, "svg", "png", "csv", "json")) {
            throw new Refusal(output + ": its name ends in .svg, .png, .csv, .json or .tokens.json.");
        }
        if (areTexts && !Ending.is(output, "tokens.json")) {
            throw new Refusal("--token-texts is for a .tokens.json; " + output + " is none.");
        }
        Plan sound = plan.sound(spec.commandLine().getErr());
        var studio = plan.studio(sound);
        Measures measures;
        try {
            measures = new Measures(look.shot(sound, Optional.of(part)), studio.measure());
        } catch (IllegalArgumentException wrong) {
            throw new Refusal(wrong.getMessage() + ". Name one that is: " + Suggestion.choice(BarWords.ALL) + ".");
        }
        plan.inputs(sound).spare(output);
        if (Ending.is(output, "csv")) {
            SafeFile.write(output, MeasureTable.csv(measures));
        } else if (Ending.is(output, "json")) {
            SafeFile.write(
                    output,
                    JsonText.write(
                            Ending.is(output, "tokens.json")
                                    ? MeasureTokens.tokens(measures, areTexts)
                                    : MeasureTable.json(measures)));
        } else if (Ending.is(output, "svg")) {
            SafeFile.write(output, studio.svg(MeasurePicture.of(measures, studio.measure())));
        } else {
            SafeFile.write(output, studio.png(MeasurePicture.of(measures, studio.measure()), 1));
        }
        plan.notes(spec.commandLine().getErr());
        spec.commandLine().getOut().println("Measured " + measures.all().size() + " parts in " + output + ".");
        return Main.FINE;
    }
}
