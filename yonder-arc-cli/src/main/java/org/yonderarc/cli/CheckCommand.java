package org.yonderarc.cli;

import java.util.concurrent.Callable;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

@Command(
        name = "check",
        description = "Finds the problems in a plan.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example:", "  yonder check brinelight.yaml"})
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Override
    public Integer call() throws Exception {
        PlanFile read = plan.read();
        spec.commandLine().getOut().print(FindingText.report(read, Terminal.colours()));
        return read.plan().isPresent() ? Main.FINE : Main.PLAN_HAS_ERRORS;
    }
}
