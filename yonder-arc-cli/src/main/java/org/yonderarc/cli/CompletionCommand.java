package org.yonderarc.cli;

import java.util.concurrent.Callable;
import picocli.AutoComplete;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

@Command(
        name = "completion",
        description = "Prints a script by which bash and zsh complete the command's words.",
        mixinStandardHelpOptions = true,
        footer = {"", "Example, in ~/.bashrc or ~/.zshrc:", "  source <(yonder completion)"})
final class CompletionCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        spec.commandLine()
                .getOut()
                .print(AutoComplete.bash("yonder", spec.parent().commandLine()));
        return Main.FINE;
    }
}
