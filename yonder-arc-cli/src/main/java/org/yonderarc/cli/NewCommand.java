package org.yonderarc.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.plan.Ids;
import org.yonderarc.tasks.Starter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "new",
        description = "Writes a plan to start from, with comments, and the schema by which editors complete its keys.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Arrangements:",
            "  bottom   a bottom bar with four items",
            "  drawer   a drawer with sections, and a sign-in",
            "  wide     one menu: bottom bar on phones, rail on tablets, drawer on desktops",
            "",
            "Example:",
            "  yonder new \"Shore Walks\" --as wide",
        })
final class NewCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "NAME", description = "The app's name, as people read it.")
    private String name;

    @Option(names = "--as", paramLabel = "ARRANGEMENT", description = "bottom (default), drawer or wide.")
    private String arrangement = Starter.ARRANGEMENTS.get(0);

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "The plan file. Default: the name in lower case, with .yaml.")
    private Optional<OutputFile> output = Optional.empty();

    @Override
    public Integer call() throws Exception {
        Path file = output.orElse(new OutputFile(Ids.slug(name) + ".yaml")).path();
        if (Files.exists(file)) {
            throw new Refusal(file + ": this file exists already, and is left as it is. Name another with -o.");
        }
        boolean hasSchema = Starter.write(file, name, arrangement);
        spec.commandLine()
                .getOut()
                .println("Wrote " + file + (hasSchema ? ", and beside it " + Starter.SCHEMA + " for editors" : "")
                        + ". Next: yonder page " + file + " -o prototype.html");
        return Main.FINE;
    }
}
