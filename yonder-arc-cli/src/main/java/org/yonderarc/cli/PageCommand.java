package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.web.PageWriter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "page",
        description = "Writes a prototype to click: one HTML file that needs no network.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {"", "Example:", "  yonder page brinelight.yaml -o brinelight.html"})
final class PageCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The page; its name ends in .html.")
    private Path output;

    @Option(
            names = "--without-tools",
            description = "Leaves the tools around the app out, for people who are to use it as if it were finished.")
    private boolean isBare;

    @Override
    public Integer call() throws Exception {
        if (!Ending.is(output, "html")) {
            throw new Refusal(output + ": a page's name ends in .html.");
        }
        PlanFile checked = plan.checked(spec.commandLine().getErr());
        var writer = new PageWriter(plan.icons(), plan.pictures(), plan.fonts());
        String page = (isBare ? writer.withoutTools() : writer).page(checked);
        plan.inputs(checked.plan().orElseThrow()).spare(output);
        SafeFile.write(output, page);
        spec.commandLine()
                .getOut()
                .println("Wrote " + output + " (" + page.length() / 1024 + " KiB). Open it in a browser.");
        return Main.FINE;
    }
}
