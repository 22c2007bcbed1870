package org.yonderarc.edit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.files.JsonTree;
import org.yonderarc.files.ParseException;
import org.yonderarc.files.SourceText;
import org.yonderarc.files.YamlTree;
import org.yonderarc.finding.Brief;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Edits the text of a plan file. The author's comments, order and formatting stay outside of what changed; each edit is
 * compared with the same edit of the plan's tree before it counts, and can be undone. Not thread-safe.
 *
 * <pre>{@code
 * var editor = new PlanEditor(file.source());
 * editor.apply(new Edit.RenameScreen("tides", "today"));
 * editor.apply(Edit.parse("icon:crew=users"));
 * editor.undo();
 * SafeFile.write(path, editor.source().text());
 * }</pre>
 */
public final class PlanEditor {
    private final Deque<SourceText> done = new ArrayDeque<>();
    private final Deque<SourceText> undone = new ArrayDeque<>();
    private final List<Edit.Rename> renames = new ArrayList<>();
    private final List<String> removedIcons = new ArrayList<>();
    private final List<String> ownIcons;
    private SourceText source;

    /** An editor of this text. */
    public PlanEditor(SourceText source) {
        this(source, List.of());
    }

    /** The same, of a plan with icons of its own beside it. */
    PlanEditor(SourceText source, List<String> ownIcons) {
        this.source = source;
        this.ownIcons = new ArrayList<>(ownIcons);
    }

    /** The text as it is now. */
    public SourceText source() {
        return source;
    }

    /**
     * Does an edit.
     *
     * @throws EditException with the reason, if it can't be done; nothing is changed then
     */
    public void apply(Edit edit) throws EditException {
        if (PlanReader.isNewer(tree(source.text()))) {
            throw new EditException(
                    "This plan is made for a newer Yonder Arc, and is left as it is. Update Yonder Arc first.");
        }
        SourceText before = source;
        source = Fixes.renamed(source);
        try {
            applyToday(edit, before);
        } catch (EditException refused) {
            source = before;
            throw refused;
        }
    }

    /** Does an edit of a text that has no old names. */
    private void applyToday(Edit edit, SourceText before) throws EditException {
        String text = source.text();
        Edit meant = edit instanceof Edit.Set set ? new LongForm(tree(text)).of(set) : edit;
        List<Edit> steps = new References(tree(text), ownIcons).steps(meant);
        if (edit instanceof Edit.Rename) {
            text = steps(text, steps);
        } else {
            for (Edit small : steps) {
                text = steps(text, List.of(small));
            }
        }
        List<Edit> following = Accepted.following(tree(source.text()), meant, steps);
        if (!following.isEmpty()) {
            text = steps(text, following);
        }
        if (text.equals(source.text()) && !ofIcons(edit)) {
            throw new EditException("The plan says so already; nothing was changed.");
        }
        text = readable(text);
        keepsComments(edit, text);
        if (edit instanceof Edit.Rename rename) {
            renames.addAll(JourneysBeside.with(rename, tree(source.text())));
        }
        if (edit instanceof Edit.Rename rename && rename.noun() == Noun.OWN_ICON) {
            ownIcons.remove(rename.from());
            ownIcons.add(rename.to());
        } else if (edit instanceof Edit.Erase erase && erase.noun() == Noun.OWN_ICON) {
            ownIcons.remove(erase.id());
            removedIcons.add(erase.id());
        }
        become(before, text);
    }

    /** Whether an edit changes files too, and so perhaps nothing in the text. */
    private static boolean ofIcons(Edit edit) {
        return edit instanceof Edit.Rename rename && rename.noun() == Noun.OWN_ICON
                || edit instanceof Edit.Erase erase && erase.noun() == Noun.OWN_ICON;
    }

    /** The icons of one's own whose files are to go. */
    List<String> removedIcons() {
        return removedIcons;
    }

    /** What is removed or replaced takes its comments along; all others stay. */
    private void keepsComments(Edit edit, String after) throws EditException {
        if (source.isJson() || edit instanceof Edit.Remove || edit instanceof Edit.Erase) {
            return;
        }
        List<Comments.Comment> lost = Comments.lost(Comments.of(source.text()), Comments.of(after));
        if (edit instanceof Edit.Set set && !lost.isEmpty()) {
            var splice = new Splice(source.text());
            lost = lost.stream()
                    .filter(comment -> !splice.isWithin(set.pointer(), comment.at()))
                    .toList();
        }
        if (!lost.isEmpty()) {
            throw new EditException("The comment \"" + Brief.value(lost.get(0).text())
                    + "\" would be lost. Change this place by hand, or move the comment first.");
        }
    }

    /** The same, with the lines broken that it has made too long; as it is where that would change what it says. */
    private String readable(String text) throws EditException {
        if (source.isJson()) {
            return text;
        }
        String broken = Blocks.of(source.text(), text);
        try {
            return Trees.pointed(tree(broken)).equals(Trees.pointed(tree(text))) ? broken : text;
        } catch (EditException unreadable) {
            return text;
        }
    }

    private void become(SourceText before, String text) {
        done.push(before);
        undone.clear();
        source = new SourceText(source.name(), text);
    }

    /** What is called otherwise since the start: for files that name it too, and for states that do. */
    public List<Edit.Rename> renames() {
        return List.copyOf(renames);
    }

    /** Does a renaming in a file of journeys; says whether it was in there. */
    boolean renameJourneys(Edit.Rename rename) throws EditException {
        List<Edit> edits = JourneyRenaming.edits(tree(source.text()), List.of(rename));
        if (edits.isEmpty()) {
            return false;
        }
        become(source, steps(source.text(), edits));
        return true;
    }

    /** Takes the last edit back; says whether there was one. */
    public boolean undo() {
        return swap(done, undone);
    }

    /** Does the edit again that was taken back last; says whether there was one. */
    public boolean redo() {
        return swap(undone, done);
    }

    private boolean swap(Deque<SourceText> from, Deque<SourceText> to) {
        if (from.isEmpty()) {
            return false;
        }
        to.push(source);
        source = from.pop();
        return true;
    }

    /** Edits of one place each, none of which changes where another's place is. */
    private String steps(String text, List<Edit> edits) throws EditException {
        String after;
        Value wanted = tree(text);
        try {
            var splice = new Splice(text);
            after = splice.with(changes(splice, edits));
            for (Edit edit : edits) {
                wanted = TreeEdit.apply(wanted, edit);
            }
        } catch (IndexOutOfBoundsException | java.util.NoSuchElementException | ClassCastException unforeseen) {
            throw unsafe();
        }
        try {
            if (!Trees.pointed(tree(after)).equals(Trees.pointed(wanted))) {
                throw unsafe();
            }
        } catch (EditException unreadable) {
            throw unsafe();
        }
        return after;
    }

    private List<Splice.Cut> changes(Splice splice, List<Edit> edits) throws EditException {
        var cuts = new ArrayList<Splice.Cut>();
        for (Edit edit : edits) {
            if (edit instanceof Edit.MoveTo move) {
                cuts.addAll(moveTo(splice, move));
            } else {
                cuts.add(change(splice, edit));
            }
        }
        return cuts;
    }

    private Splice.Cut change(Splice splice, Edit edit) throws EditException {
        boolean json = source.isJson();
        if (edit instanceof Edit.Set set) {
            String value = FlowText.write(set.value(), json);
            return splice.has(set.pointer())
                    ? splice.set(set.pointer(), value)
                    : splice.addKey(
                            JsonPointer.parent(set.pointer()),
                            FlowText.text(JsonPointer.last(set.pointer()), json),
                            value);
        }
        if (edit instanceof Edit.Add add) {
            return splice.addItem(add.pointer(), add.index(), FlowText.write(add.value(), json));
        }
        if (edit instanceof Edit.AddKey add) {
            return splice.addKey(
                    add.pointer(), FlowText.text(add.key(), json), FlowText.write(add.value(), json), add.before());
        }
        if (edit instanceof Edit.Remove remove) {
            return splice.remove(existing(splice, remove.pointer()));
        }
        if (edit instanceof Edit.Move move) {
            return splice.move(existing(splice, move.pointer()), move.index());
        }
        if (edit instanceof Edit.Section section) {
            return section(splice, section);
        }
        Edit.RenameKey key = (Edit.RenameKey) edit;
        return splice.rename(key.pointer(), FlowText.text(key.name(), json));
    }

    private List<Splice.Cut> moveTo(Splice splice, Edit.MoveTo move) throws EditException {
        existing(splice, move.pointer());
        existing(splice, move.list());
        if ((move.list() + "/").startsWith(move.pointer() + "/")) {
            throw new EditException("\"" + move.list() + "\" is a part of what would be moved into it.");
        }
        if (JsonPointer.parent(move.pointer()).equals(move.list())) {
            return List.of(splice.move(move.pointer(), move.index()));
        }
        Value moved = new References(tree(source.text())).value(move.pointer()).orElseThrow();
        return splice.moveTo(move.pointer(), move.list(), move.index(), FlowText.write(moved, source.isJson()));
    }

    private Splice.Cut section(Splice splice, Edit.Section section) throws EditException {
        boolean json = source.isJson();
        String list = JsonPointer.parent(section.pointer());
        int first = JsonPointer.index(JsonPointer.last(section.pointer()));
        var references = new References(tree(source.text()));
        var items = new ArrayList<Value>();
        for (int i = 0; i < section.count(); i++) {
            items.add(references.value(list + "/" + (first + i)).orElseThrow());
        }
        return splice.section(
                list,
                first,
                section.count(),
                FlowText.text("section", json),
                FlowText.text("items", json),
                FlowText.text(section.heading(), json),
                FlowText.write(TreeEdit.section(section.heading(), items), json));
    }

    private static String existing(Splice splice, String pointer) throws EditException {
        if (!splice.has(pointer)) {
            throw new EditException("There is nothing at \"" + pointer + "\". Look at the plan for the right path.");
        }
        return pointer;
    }

    private static EditException unsafe() {
        return new EditException("This place is written in a way that can't be changed safely"
                + " (an alias, a key behind \"?\", or text over several lines). Change it by hand.");
    }

    /** The things of the plan, where they stand in the text as it is now. */
    public Things things() throws EditException {
        return Things.of(source);
    }

    private Value tree(String text) throws EditException {
        try {
            return source.isJson() ? JsonTree.parse(text) : YamlTree.parse(text);
        } catch (ParseException trouble) {
            throw new EditException(
                    "The file can't be read: " + trouble.finding().message() + " Fix it first.");
        }
    }
}
