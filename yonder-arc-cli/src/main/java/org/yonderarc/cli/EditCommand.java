package org.yonderarc.cli;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.yonderarc.files.Edit;
import org.yonderarc.files.EditTrouble;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanEditor;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SafeFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Severity;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "edit",
        description = "Changes a plan file; comments and formatting stay.",
        mixinStandardHelpOptions = true,
        sortOptions = false,
        footer = {
            "",
            "Edits:",
            "  set:/app/name=Shore       set a value; the path is a JSON Pointer",
            "  add:/menus/main=species   add to the end of a list",
            "  remove:/menus/main/2      remove a key or a line",
            "  move:/menus/main/3=0      move a line within its list",
            "  screen:tides=today        rename a screen, and all that refers to it",
            "  item:crew=people          rename an item; and so menu:, bar:, fact:, style: and kind:",
            "  icon:crew=users           give an item another icon",
            "  relink:crew=outing        let an item lead to another screen",
            "",
            "Example:",
            "  yonder edit brinelight.yaml screen:tides=today icon:crew=users",
        })
final class EditCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private PlanArgument plan;

    @Parameters(index = "1..*", arity = "0..*", paramLabel = "EDIT", description = "What is changed, in order.")
    private List<String> edits = List.of();

    @Option(names = "--undo", description = "Takes the last run of this command back; given again, brings it back.")
    private boolean undo;

    @Option(names = "--force", description = "Writes the plan even if the change brings new errors.")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        if (undo == !edits.isEmpty()) {
            throw new Refusal(
                    undo
                            ? "--undo stands alone; leave the edits out."
                            : "there is no edit. Write one, such as icon:crew=users, or --undo.");
        }
        SourceText source = SourceText.read(plan.file());
        Path kept = plan.file().resolveSibling(plan.file().getFileName() + ".undo");
        return undo ? takeBack(source, kept) : change(source, kept);
    }

    private int takeBack(SourceText source, Path kept) throws Exception {
        if (!Files.isRegularFile(kept)) {
            throw new Refusal("there is nothing to take back: " + kept + " isn't there.");
        }
        SourceText before = SourceText.read(kept);
        SafeFile.write(plan.file(), before.text());
        SafeFile.write(kept, source.text());
        spec.commandLine().getOut().println("Took the last change of " + plan.file() + " back.");
        return Main.FINE;
    }

    private int change(SourceText source, Path kept) throws Exception {
        var editor = new PlanEditor(source);
        for (String text : edits) {
            try {
                editor.apply(Edit.parse(text));
            } catch (EditTrouble trouble) {
                throw new Refusal(text + ": " + trouble.getMessage() + " Nothing was written.");
            }
        }
        PlanFile before = PlanFile.inFolder(source, plan.icons(), plan.folder());
        PlanFile after = PlanFile.inFolder(editor.source(), plan.icons(), plan.folder());
        PrintWriter out = spec.commandLine().getOut();
        if (after.count(Severity.ERROR) > before.count(Severity.ERROR) && !force) {
            out.print(FindingText.report(after, Terminal.colours()));
            out.flush();
            throw new Refusal("the change would bring new errors; nothing was written. Mend them, or give --force.");
        }
        SafeFile.write(kept, source.text());
        SafeFile.write(plan.file(), editor.source().text());
        List<String> old = source.lines();
        List<String> now = editor.source().lines();
        now.stream().filter(line -> !old.contains(line)).forEach(line -> out.println("+ " + FindingText.visible(line)));
        old.stream().filter(line -> !now.contains(line)).forEach(line -> out.println("- " + FindingText.visible(line)));
        out.println("Changed " + plan.file() + "; \"yonder edit " + plan.file() + " --undo\" takes it back.");
        return after.plan().isPresent() ? Main.FINE : Main.PLAN_HAS_ERRORS;
    }
}
