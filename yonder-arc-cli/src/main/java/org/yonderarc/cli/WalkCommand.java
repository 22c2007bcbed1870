package org.yonderarc.cli;

import java.util.List;
import java.util.concurrent.Callable;
import org.yonderarc.tasks.Project;
import org.yonderarc.tasks.WalkReport;
import org.yonderarc.tasks.WalkTask;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "walk",
        description = "Walks through a plan and tells what happens at each step.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Steps:",
            "  choose:ITEM          a person chooses an item",
            "  open:SCREEN?NAME=X   a place is opened on top",
            "  back, up             a person goes back, or up to the screen above",
            "  link:/surveys/41     an address from outside is followed",
            "  replace:PLACE  reset:PLACE  finish:RESULT",
            "  toggle:BAR  close  fold:BAR   a drawer or an overflow",
            "  tell:FACT=VALUE      the app tells a fact",
            "",
            "Example:",
            "  yonder walk brinelight.yaml choose:surveys 'open:survey?survey=41' back",
        })
final class WalkCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(index = "1..*", arity = "0..*", paramLabel = "STEP", description = "What is done, in order.")
    private List<String> steps = List.of();

    @Option(names = "--json", description = "The walk as JSON: an object for each step.")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Project project = plan.project(spec.commandLine().getErr());
        WalkReport report = WalkTask.builder().steps(steps).build().run(project);
        spec.commandLine().getOut().print(json ? report.json() : report.text());
        if (report.refusal().isPresent()) {
            throw new Refusal(report.refusal().get());
        }
        return Main.FINE;
    }
}
