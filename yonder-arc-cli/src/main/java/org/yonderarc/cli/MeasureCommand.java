package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.tasks.Artifact;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.MeasureTask;
import org.yonderarc.tasks.Project;
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
    private OutputFile output;

    @Option(
            names = "--token-texts",
            description =
                    "Values of tokens are texts, \"#0a6c74\" and \"24px\", for tools that don't read the objects of DTCG 2025.10.")
    private boolean areTexts;

    @Mixin
    private LookOptions look;

    @Override
    public Integer call() throws Exception {
        Format format = output.format(Format.SVG, Format.PNG, Format.CSV, Format.JSON, Format.TOKENS);
        if (areTexts && format != Format.TOKENS) {
            throw new Refusal("--token-texts is for a .tokens.json; " + output + " is none.");
        }
        var task = MeasureTask.builder()
                .view(look.options())
                .bar(part)
                .format(format)
                .plainTokens(areTexts)
                .build();
        Project project = plan.project(spec.commandLine().getErr());
        Artifact made = task.run(project);
        output.write(made, plan.inputs(project), spec);
        output.said(spec).println("Measured " + made.summary() + " in " + output + ".");
        return Main.FINE;
    }
}
