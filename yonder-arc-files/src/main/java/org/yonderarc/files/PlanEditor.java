package org.yonderarc.files;

import java.util.ArrayDeque;
import java.util.Deque;
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
    private SourceText source;

    /** An editor of this text. */
    public PlanEditor(SourceText source) {
        this.source = source;
    }

    /** The text as it is now. */
    public SourceText source() {
        return source;
    }

    /**
     * Does an edit.
     *
     * @throws EditTrouble with the reason, if it can't be done; nothing is changed then
     */
    public void apply(Edit edit) throws EditTrouble {
        String text = source.text();
        for (Edit small : new References(tree(text)).steps(edit)) {
            text = step(text, small);
        }
        if (text.equals(source.text())) {
            throw new EditTrouble("The plan says so already; nothing was changed.");
        }
        done.push(source);
        undone.clear();
        source = new SourceText(source.name(), text);
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

    /** One edit that changes one place. */
    private String step(String text, Edit edit) throws EditTrouble {
        var splice = new Splice(text);
        boolean json = source.isJson();
        String after;
        if (edit instanceof Edit.Set set) {
            String value = FlowText.write(set.value(), json);
            String key = FlowText.text(JsonPointer.last(set.pointer()), json);
            after = splice.has(set.pointer())
                    ? splice.set(set.pointer(), value)
                    : splice.addKey(JsonPointer.parent(set.pointer()), key, value);
        } else if (edit instanceof Edit.Add add) {
            after = splice.addItem(add.pointer(), add.index(), FlowText.write(add.value(), json));
        } else if (edit instanceof Edit.Remove remove) {
            after = splice.has(remove.pointer()) ? splice.remove(remove.pointer()) : missing(remove.pointer());
        } else if (edit instanceof Edit.Move move) {
            after = splice.has(move.pointer()) ? splice.move(move.pointer(), move.index()) : missing(move.pointer());
        } else {
            Edit.RenameKey key = (Edit.RenameKey) edit;
            after = splice.rename(key.pointer(), FlowText.text(key.name(), json));
        }
        Value wanted = Trees.pointed(TreeEdit.apply(tree(text), edit));
        if (!Trees.pointed(tree(after)).equals(wanted)) {
            throw new EditTrouble("This place is written in a way that can't be changed safely"
                    + " (an alias, or text over several lines). Change it by hand.");
        }
        return after;
    }

    private static String missing(String pointer) throws EditTrouble {
        throw new EditTrouble("There is nothing at \"" + pointer + "\". Look at the plan for the right path.");
    }

    private Value tree(String text) throws EditTrouble {
        try {
            return source.isJson() ? JsonTree.parse(text) : YamlTree.parse(text);
        } catch (ParseTrouble trouble) {
            throw new EditTrouble("The file can't be read: " + trouble.finding().message() + " Mend it first.");
        }
    }
}
