package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** The findings that an author accepts name places in the file; where an edit moves what stands there, they follow it. */
final class Accepted {
    private Accepted() {}

    /**
     * The settings by which accepted findings follow an edit.
     *
     * @param root the plan's tree before it
     * @param edit the edit
     * @param steps the edits of one place that it comes to
     */
    static List<Edit> following(Value root, Edit edit, List<Edit> steps) {
        var file = new References(root);
        int count = file.value("/accepted")
                .filter(ListValue.class::isInstance)
                .map(list -> ((ListValue) list).items().size())
                .orElse(0);
        var out = new ArrayList<Edit>();
        for (int i = 0; i < count; i++) {
            String at = "/accepted/" + i + "/at";
            Optional<String> before = file.textAt(at).filter(pointer -> pointer.startsWith("/"));
            before.map(pointer -> after(pointer, edit, steps))
                    .filter(now -> !now.equals(before.get()))
                    .ifPresent(now -> out.add(new Edit.Set(at, Trees.text(now))));
        }
        return out;
    }

    private static String after(String pointer, Edit edit, List<Edit> steps) {
        if (edit instanceof Edit.Section section) {
            return after(pointer, section);
        }
        String now = pointer;
        for (Edit step : steps) {
            now = after(now, step);
        }
        return now;
    }

    private static String after(String pointer, Edit step) {
        if (step instanceof Edit.Add add) {
            return behind(pointer, add.pointer(), add.index());
        }
        if (step instanceof Edit.Remove remove) {
            return isUnder(pointer, remove.pointer()) ? pointer : TreeEdit.without(pointer, remove.pointer());
        }
        if (step instanceof Edit.Move move) {
            String list = JsonPointer.parent(move.pointer());
            return isUnder(pointer, move.pointer())
                    ? JsonPointer.child(list, Integer.toString(move.index())) + rest(pointer, move.pointer())
                    : behind(TreeEdit.without(pointer, move.pointer()), list, move.index());
        }
        if (step instanceof Edit.MoveTo move) {
            String list = TreeEdit.without(move.list(), move.pointer());
            return isUnder(pointer, move.pointer()) && move.index() < Integer.MAX_VALUE
                    ? JsonPointer.child(list, Integer.toString(move.index())) + rest(pointer, move.pointer())
                    : behind(TreeEdit.without(pointer, move.pointer()), list, move.index());
        }
        if (step instanceof Edit.RenameKey rename && isUnder(pointer, rename.pointer())) {
            return JsonPointer.child(JsonPointer.parent(rename.pointer()), rename.name())
                    + rest(pointer, rename.pointer());
        }
        return pointer;
    }

    private static String after(String pointer, Edit.Section section) {
        String list = JsonPointer.parent(section.pointer());
        int first = JsonPointer.index(JsonPointer.last(section.pointer()));
        int index = index(pointer, list);
        if (index < first) {
            return pointer;
        }
        String rest = rest(pointer, JsonPointer.child(list, Integer.toString(index)));
        return index < first + section.count()
                ? section.pointer() + "/items/" + (index - first) + rest
                : JsonPointer.child(list, Integer.toString(index - section.count() + 1)) + rest;
    }

    /** What a place is called when a value was added to a list. */
    private static String behind(String pointer, String list, int added) {
        int index = index(pointer, list);
        return index >= 0 && index >= added
                ? JsonPointer.child(list, Integer.toString(index + 1))
                        + rest(pointer, JsonPointer.child(list, Integer.toString(index)))
                : pointer;
    }

    /** Which value of a list a place is in; -1 where it is in none. */
    private static int index(String pointer, String list) {
        if (!pointer.startsWith(list + "/")) {
            return -1;
        }
        int end = pointer.indexOf('/', list.length() + 1);
        return JsonPointer.index(pointer.substring(list.length() + 1, end < 0 ? pointer.length() : end));
    }

    private static boolean isUnder(String pointer, String above) {
        return pointer.equals(above) || pointer.startsWith(above + "/");
    }

    private static String rest(String pointer, String above) {
        return pointer.substring(above.length());
    }
}
