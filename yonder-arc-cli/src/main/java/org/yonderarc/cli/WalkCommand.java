package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.WalkReport;
import org.yonderarc.tasks.WalkTask;
import org.yonderarc.walk.Step;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "walk",
        description =
                "Takes steps through a plan and tells what happens at each; or walks journeys, and reports what isn't as expected.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Steps:",
            "  choose:ITEM          a person chooses an item",
            "  open:SCREEN?NAME=X   a place is opened on top",
            "  back, up             a person goes back, or up to the screen above",
            "  link:/surveys/41     an address from outside is followed",
            "  replace:PLACE  reset:PLACE  finish:RESULT",
            "  toggle:BAR  close    a drawer or an overflow opens or closes",
            "  collapse:BAR         a bar collapses to icons, or a section: collapse:MENU.SECTION",
            "  tell:FACT=VALUE      the app tells a fact",
            "",
            "A leg of a journey: { do: choose:crew, at: sign-in, back: tides }",
            "",
            "Examples:",
            "  yonder walk brinelight.yaml choose:surveys 'open:survey?survey=41' back",
            "  yonder walk brinelight.yaml journeys.yaml --junit report.xml -o failed",
        })
final class WalkCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(
            index = "1..*",
            arity = "0..*",
            paramLabel = "STEP|FILE",
            description = "Steps in order, or files of journeys (.yaml, .json).")
    private List<String> words = List.of();

    @Option(
            names = {"-o", "--output"},
            paramLabel = "DIR",
            description = "Of journeys: a folder for a picture of each that fails. Default: no pictures.")
    private Optional<OutputFile> output = Optional.empty();

    @ArgGroup(exclusive = true)
    private Form form = new Form();

    private static final class Form {
        @Option(names = "--json", description = "What came of each step, or of each journey, as JSON.")
        private boolean json;

        @Option(
                names = "--junit",
                paramLabel = "FILE",
                description = "Of journeys: also a report as JUnit XML, for build servers.")
        private Optional<Path> junit = Optional.empty();
    }

    @Override
    public Integer call() throws Exception {
        List<String> files = words.stream().filter(WalkCommand::isFile).toList();
        if (!files.isEmpty()) {
            if (files.size() < words.size()) {
                throw new Refusal("\"" + files.get(0)
                        + "\" is a file of journeys, which have their own steps. Give steps, or files.");
            }
            return new JourneyRun(spec, plan, files.stream().map(Path::of).toList(), output, form.json, form.junit)
                    .status();
        }
        if (output.isPresent() || form.junit.isPresent()) {
            throw new Refusal((output.isPresent() ? "-o" : "--junit")
                    + " is for journeys. Name a file of them: one that ends in .yaml or .json.");
        }
        Project project = plan.project(spec.commandLine().getErr());
        WalkReport report = WalkTask.builder().steps(words).build().run(project);
        spec.commandLine().getOut().print(form.json ? report.json() : report.text());
        if (report.refusal().isPresent()) {
            throw new Refusal(report.refusal().get());
        }
        return Main.FINE;
    }

    /** A word that ends as files of journeys do, and doesn't begin as a step does. */
    private static boolean isFile(String word) {
        return word.toLowerCase(Locale.ROOT).matches("(?s).*\\.(ya?ml|json)")
                && Arrays.stream(Step.Kind.values()).noneMatch(kind -> word.startsWith(kind.word() + ":"));
    }
}
