package org.yonderarc.cli;

import com.github.difflib.DiffUtils;
import java.io.PrintWriter;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanStore;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Severity;
import org.yonderarc.tasks.Assets;
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
            "  set:/screens/map/title/de=Karte",
            "                            also where it is written short: \"map: Map\"",
            "  add:/menus/main=species   add to the end of a list",
            "  before:/menus/main/1=crew add to a list, or a key to a map, before another",
            "  remove:/menus/main/2      remove a key or a line",
            "  remove:screen/tides       remove a screen, and all that refers to it",
            "  move:/menus/main/3=0      move a line within its list",
            "  move:/menus/main/3=/menus/side/0",
            "                            move it to another list",
            "  section:/menus/main/1..3=People",
            "                            put lines into a section",
            "  screen:tides=today        rename a screen, and all that refers to it",
            "  item:crew=people          rename an item; so do menu:, bar:, fact:,",
            "                            style:, colour: and kind:",
            "  own-icon:kelp=seaweed     rename an icon of your own: its file, and all that uses",
            "                            it; remove:own-icon/kelp removes it likewise",
            "  icon:crew=users           give an item another icon",
            "  relink:crew=outing        let an item lead to another screen",
            "  copy:item/crew=guests     put another one like it behind it; so do",
            "                            screen/, menu/, bar/, style/ and others",
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

    @Option(names = "--undo", description = "Takes the last run of this command back; given again, the one before.")
    private boolean undo;

    @Option(names = "--redo", description = "Brings back what --undo took back last.")
    private boolean redo;

    @Option(names = "--force", description = "Writes the plan even if the change brings new errors.")
    private boolean force;

    @Override
    public Integer call() throws Exception {
        if (undo && redo || (undo || redo) != edits.isEmpty()) {
            throw new Refusal(
                    undo || redo
                            ? "--undo and --redo stand alone; leave the rest out."
                            : "there is no edit. Write one, such as icon:crew=users, or --undo.");
        }
        try (var store = PlanStore.open(plan.file())) {
            if (undo || redo) {
                return takeBack(store);
            }
            return change(store);
        }
    }

    private int takeBack(PlanStore store) throws Exception {
        SourceText before = store.source();
        Optional<Instant> other = undo ? store.undoesOther() : Optional.empty();
        if (undo) {
            store.undo();
        } else {
            store.redo();
        }
        tell(before, store.source());
        spec.commandLine()
                .getOut()
                .println((undo ? "Took the last change of " : "Made the change again of ")
                        + plan.file()
                        + (undo ? " back." : "."));
        other.ifPresent(when -> spec.commandLine()
                .getOut()
                .println("Another program wrote it, at "
                        + DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm").format(when.atZone(ZoneId.systemDefault()))
                        + ". --redo brings it back."));
        return Main.FINE;
    }

    private int change(PlanStore store) throws Exception {
        SourceText source = store.source();
        var editor = store.editor();
        for (String text : edits) {
            try {
                editor.apply(Edit.parse(text));
            } catch (EditException trouble) {
                throw new Refusal(text + ": " + trouble.getMessage() + " Nothing was written.");
            }
        }
        PlanFile before = plan.assets().read(source);
        store.prepare(editor);
        PlanFile after = Assets.beside(plan.file()).read(editor.source());
        PrintWriter out = spec.commandLine().getOut();
        if (after.count(Severity.ERROR) > before.count(Severity.ERROR) && !force) {
            out.print(FindingText.report(after, Terminal.colours()));
            out.flush();
            throw new Refusal("the change would bring new errors; nothing was written. Fix them, or give --force.");
        }
        store.save(editor);
        tell(source, editor.source());
        if (editor.source().text().equals(source.text())) {
            out.println("Changed the icons beside " + plan.file() + "; what was removed is kept in icons/removed.");
            return Main.FINE;
        }
        out.println("Changed " + plan.file() + "; \"yonder edit " + plan.file() + " --undo\" takes it back.");
        return after.plan().isPresent() ? Main.FINE : Main.PLAN_HAS_ERRORS;
    }

    /** What differs, in the order of the file: what went before what came. */
    private void tell(SourceText before, SourceText after) {
        PrintWriter out = spec.commandLine().getOut();
        DiffUtils.diff(before.lines(), after.lines()).getDeltas().forEach(delta -> {
            delta.getSource().getLines().forEach(line -> out.println("- " + FindingText.visible(line)));
            delta.getTarget().getLines().forEach(line -> out.println("+ " + FindingText.visible(line)));
        });
    }
}
