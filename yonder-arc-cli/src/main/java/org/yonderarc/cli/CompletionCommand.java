package org.yonderarc.cli;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import org.yonderarc.finding.Suggestion;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "completion",
        description = {
            "Prints a script by which a shell completes the command's words, the values of options, and the names of the plan on the line;"
                    + " or the manual page."
        },
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "In ~/.bashrc, in ~/.zshrc behind compinit, and in ~/.config/fish/config.fish:",
            "  source <(yonder completion bash)",
            "  source <(yonder completion zsh)",
            "  yonder completion fish | source",
            "",
            "Example:",
            "  yonder completion man > yonder.1",
        })
final class CompletionCommand implements Callable<Integer> {
    private static final List<String> SHELLS = List.of("bash", "zsh", "fish", "man");

    @Spec
    private CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "SHELL",
            defaultValue = "bash",
            description = "bash (default), zsh, fish, or man.")
    private String shell;

    /** The words on a line, the last one as far as it is written: what the scripts ask. */
    @Parameters(index = "1..*", hidden = true)
    private List<String> words = List.of();

    @Override
    public Integer call() throws Exception {
        CommandLine root = spec.parent().commandLine();
        PrintWriter out = spec.commandLine().getOut();
        if (shell.equals("words")) {
            Candidates.of(root, words).forEach(out::println);
        } else if (!SHELLS.contains(shell)) {
            throw new Refusal("there is no completion for \"" + shell + "\". "
                    + Suggestion.sentence(shell, SHELLS, "Choose " + Suggestion.choice(SHELLS) + "."));
        } else if (shell.equals("man")) {
            out.print(Manual.of(root));
        } else {
            out.print(script());
        }
        return Main.FINE;
    }

    private String script() throws IOException {
        try (InputStream in = CompletionCommand.class.getResourceAsStream("completion." + shell)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
