package org.yonderarc.live;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.yonderarc.bind.PlanWriter;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanStore;
import org.yonderarc.files.Digest;
import org.yonderarc.files.FileException;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Plan;
import org.yonderarc.tasks.Assets;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** Does what people ask for with the plan's file: checked, saved at once, refused with the reason. */
final class EditService {
    /** So many edits are remembered. */
    private static final int MEMORY = 40;
    /** The most operations of one request. */
    static final int MOST = 200;
    /** So long one request may hold the plan, in s. */
    private static final int TIME = 3;

    private final LivePlan plan;
    private final Conflicts conflicts;
    /** The renamings of edits, by the texts before and behind. */
    private final BoundedMap<List<Edit.Rename>> renamings = new BoundedMap<>(MEMORY);

    EditService(LivePlan plan) {
        this.plan = plan;
        conflicts = new Conflicts(MEMORY);
        remember();
    }

    /** Keeps the plan as it is now. */
    void remember() {
        LivePlan.Now now = plan.now();
        now.read().plan().ifPresent(known -> conflicts.remember(now.digest(), known));
    }

    /** Does one or several things, all of them or none. */
    MapValue edit(MapValue asked) throws FileException {
        List<Value> operations = Json.list(asked, "operations");
        if (operations.size() > MOST) {
            return refused("At most " + MOST + " changes are made at once.", List.of(), false);
        }
        return plan.alone(() -> {
            // What somebody else wrote meanwhile is read first, so that nothing of it is lost.
            plan.refresh();
            remember();
            try (var store = PlanStore.open(plan.file())) {
                SourceText source = store.source();
                Optional<String> conflict =
                        conflicts.of(Json.text(asked, "base"), Digest.of(source.text()), read(source), operations);
                if (conflict.isPresent()) {
                    return refused(conflict.get(), List.of(), false);
                }
                var editor = store.editor();
                long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(TIME);
                for (int i = 0; i < operations.size(); i++) {
                    PageEdit.apply(editor, operations.get(i));
                    // What is done is done, however busy the machine is: it is one more that isn't begun.
                    if (i + 1 < operations.size() && System.nanoTime() > end) {
                        return refused("This takes too long at once; nothing was changed.", List.of(), false);
                    }
                }
                PlanFile before = read(source);
                Assets assets = store.prepare(editor) ? Assets.beside(plan.file()) : plan.assets();
                PlanFile after = assets.read(editor.source());
                if (Json.flag(asked, "try")) {
                    return tried(before, after);
                }
                List<Finding> news = ChangeReport.of(before, after, Severity.ERROR);
                if (after.count(Severity.ERROR) > before.count(Severity.ERROR)) {
                    return refused("This would break the plan; nothing was changed.", news, false);
                }
                List<Finding> doubts = ChangeReport.of(before, after, Severity.WARNING);
                if (!doubts.isEmpty() && !Json.flag(asked, "anyway")) {
                    return refused("People would stumble over this.", doubts, true);
                }
                store.save(editor);
                return done(
                        before, after, ChangeReport.words(before, after, editor.renames()), doubts, editor.renames());
            } catch (EditException trouble) {
                return refused(trouble.getMessage(), List.of(), false);
            }
        });
    }

    /** Goes once through all that an edit takes, without one, so that the first one finds everything loaded. */
    void warm() {
        String name = "{\"do\":\"put\",\"thing\":\"app\",\"key\":\"name\",\"value\":\"-\"}";
        try {
            edit(Json.read("{\"try\":true,\"operations\":[" + name + "]}"));
        } catch (FileException unreadable) {
            // It is told when somebody asks.
            return;
        }
    }

    /** Takes the last change back, or makes it again. */
    MapValue turn(boolean back) throws FileException {
        return plan.alone(() -> {
            plan.refresh();
            try (var store = PlanStore.open(plan.file())) {
                PlanFile before = read(store.source());
                if (back ? !store.canUndo() : !store.canRedo()) {
                    String why = back ? "There is nothing to take back." : "There is nothing to make again.";
                    return refused(why, List.of(), false);
                }
                if (back) {
                    store.undo();
                } else {
                    store.redo();
                }
                PlanFile after = plan.assets().read(store.source());
                List<Edit.Rename> renames = between(before, after);
                // What is taken back is told as it was made.
                String said = back
                        ? "Taken back: " + ChangeReport.words(after, before, inverse(renames))
                        : "Made again: " + ChangeReport.words(before, after, renames);
                return done(before, after, said, List.of(), renames);
            }
        });
    }

    /** The text read and checked: as it was already, where it is the same. */
    private PlanFile read(SourceText source) {
        PlanFile known = plan.now().read();
        return known.source().equals(source) ? known : plan.assets().read(source);
    }

    private static String path(PlanFile from, PlanFile to) {
        return Digest.of(from.source().text()) + Digest.of(to.source().text());
    }

    /** What is called otherwise between two texts that one of the edits here has led from one to the other. */
    private List<Edit.Rename> between(PlanFile from, PlanFile to) {
        List<Edit.Rename> forth = renamings.get(path(from, to)).orElse(List.of());
        if (!forth.isEmpty()) {
            return forth;
        }
        return inverse(renamings.get(path(to, from)).orElse(List.of()));
    }

    private static List<Edit.Rename> inverse(List<Edit.Rename> renames) {
        var back = new ArrayList<Edit.Rename>();
        renames.forEach(rename -> back.add(0, new Edit.Rename(rename.noun(), rename.to(), rename.from())));
        return back;
    }

    /**
     * What can be taken back and made again.
     *
     * @param undo whether there is something to take back
     * @param redo whether there is something to make again
     * @param other when another program wrote what would be taken back, as a time of ISO 8601; empty where it was changed here
     */
    record Turns(boolean undo, boolean redo, String other) {}

    Turns turns() {
        if (!Files.exists(PlanStore.historyOf(plan.file()))) {
            return new Turns(false, false, "");
        }
        try (var store = PlanStore.open(plan.file())) {
            return new Turns(
                    store.canUndo(),
                    store.canRedo(),
                    store.undoesOther().map(Object::toString).orElse(""));
        } catch (FileException unreadable) {
            return new Turns(false, false, "");
        }
    }

    private MapValue done(
            PlanFile before, PlanFile after, String said, List<Finding> doubts, List<Edit.Rename> renames) {
        plan.accept(after, renames);
        if (!renames.isEmpty()) {
            renamings.put(path(before, after), renames);
        }
        remember();
        return Json.map(
                "ok",
                true,
                "revision",
                plan.now().revision(),
                "digest",
                plan.now().digest(),
                "said",
                said,
                "findings",
                doubts.stream().map(FindingData::of).toList());
    }

    private static MapValue refused(String why, List<Finding> findings, boolean offers) {
        return Json.map(
                "ok",
                false,
                "why",
                why,
                "offers",
                offers,
                "findings",
                findings.stream().map(FindingData::of).toList());
    }

    /** What would come of it, without doing it. */
    private static MapValue tried(PlanFile before, PlanFile after) {
        List<Finding> news = new ArrayList<>(ChangeReport.of(before, after, Severity.ERROR));
        news.addAll(ChangeReport.of(before, after, Severity.WARNING));
        Optional<Plan> plan = after.plan();
        return Json.map(
                "ok", plan.isPresent(),
                "why", plan.isPresent() ? "" : "This would break the plan.",
                "plan", plan.<Value>map(PlanWriter::write).orElse(Json.map()),
                "contrasts", plan.map(known -> Contrasts.of(known.theme())).orElse(List.of()),
                "differences", ChangeReport.differences(before, after),
                "findings", news.stream().map(FindingData::of).toList());
    }
}
