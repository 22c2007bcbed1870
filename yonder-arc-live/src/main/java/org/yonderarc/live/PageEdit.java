package org.yonderarc.live;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.edit.Things;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * Something that a person does with a thing of the plan. It names things, not places in the file, so that it finds them also in a file
 * that somebody has changed meanwhile; each comes to edits of the library.
 */
final class PageEdit {
    private final PlanEditor editor;
    private final Value asked;
    private final String thing;

    private PageEdit(PlanEditor editor, Value asked) {
        this.editor = editor;
        this.asked = asked;
        this.thing = Json.text(asked, "thing");
    }

    /**
     * Does it in the editor's text.
     *
     * @throws EditException with the reason, if it can't be done
     */
    static void apply(PlanEditor editor, Value asked) throws EditException {
        try {
            new PageEdit(editor, asked).apply();
        } catch (IllegalArgumentException outOfRange) {
            throw new EditException(outOfRange.getMessage());
        }
    }

    private void apply() throws EditException {
        boolean isOfBars = thing.startsWith("bar:") || Json.text(asked, "to").equals("bars");
        if (isOfBars && things().value("/bars").isEmpty()) {
            // Bars that are there by default are written before they are changed.
            Value bars = Trees.list(UsualBars.of(things().draft()));
            editor.apply(new Edit.Set("/bars", bars));
        }
        String what = Json.text(asked, "do");
        switch (what) {
            case "put" -> put();
            case "drop" -> drop();
            case "rename" -> rename();
            case "target" -> target();
            case "move" -> move();
            case "add" -> add();
            case "copy" -> copy();
            case "wrap" ->
                editor.apply(new Edit.Section(pointer(thing), (int) number("count", 1), Json.text(asked, "heading")));
            case "unwrap" -> unwrap();
            case "edit" -> editor.apply(Edit.parse(Json.text(asked, "edit")));
            default -> throw new EditException("Nobody knows how to \"" + what + "\".");
        }
    }

    private Things things() throws EditException {
        return editor.things();
    }

    private String pointer(String name) throws EditException {
        return things().pointer(name);
    }

    private Value required(String key) throws EditException {
        return Json.get(asked, key)
                .map(Trees::pointed)
                .orElseThrow(() -> new EditException("\"" + key + "\" is missing."));
    }

    private double number(String key, double otherwise) {
        return Json.get(asked, key)
                .filter(NumberValue.class::isInstance)
                .map(value -> ((NumberValue) value).number())
                .orElse(otherwise);
    }

    /** Sets a key of a thing; without a value it goes, and the thing has its default there. */
    private void put() throws EditException {
        String at = pointer(thing) + "/" + Json.text(asked, "key");
        Optional<Value> value = Json.get(asked, "value").map(Trees::pointed);
        if (value.isPresent()) {
            editor.apply(new Edit.Set(at, value.get()));
            return;
        }
        if (things().value(at).isPresent()) {
            editor.apply(new Edit.Remove(at));
            tidy(JsonPointer.parent(at));
        }
    }

    /** A map that has lost its last key says nothing any more. */
    private void tidy(String pointer) throws EditException {
        boolean isEmpty = things().value(pointer)
                .filter(value -> value instanceof MapValue map && map.entries().isEmpty())
                .isPresent();
        boolean isPart = JsonPointer.names(pointer).size() > 2;
        if (isEmpty && isPart && JsonPointer.index(JsonPointer.last(pointer)) < 0) {
            editor.apply(new Edit.Remove(pointer));
            tidy(JsonPointer.parent(pointer));
        }
    }

    private void drop() throws EditException {
        int colon = thing.indexOf(':');
        for (Noun noun : Noun.values()) {
            if (noun != Noun.REQUIRED && colon > 0 && noun.word().equals(thing.substring(0, colon))) {
                editor.apply(new Edit.Erase(noun, thing.substring(colon + 1)));
                return;
            }
        }
        editor.apply(new Edit.Remove(pointer(thing)));
    }

    private void rename() throws EditException {
        int colon = thing.indexOf(':');
        for (Noun noun : Noun.values()) {
            if (noun != Noun.REQUIRED && colon > 0 && noun.word().equals(thing.substring(0, colon))) {
                editor.apply(new Edit.Rename(noun, thing.substring(colon + 1), Json.text(asked, "to")));
                return;
            }
        }
        throw new EditException("\"" + thing + "\" has no id that could be another.");
    }

    /** Where an item leads: to one thing only. Its id stays, so that what refers to it still does. */
    private void target() throws EditException {
        String kind = Json.text(asked, "kind");
        Value value = required("value");
        String id = thing.substring(thing.indexOf(':') + 1);
        if (kind.equals("screen")) {
            editor.apply(new Edit.Relink(id, Json.text(asked, "value")));
            return;
        }
        Things things = things();
        String at = things.pointer(thing);
        Value item = things.value(at)
                .orElseThrow(
                        () -> new EditException("There is nothing at \"" + thing + "\" that could lead anywhere."));
        var all = new LinkedHashMap<String, Value>();
        all.put(kind, value);
        all.put("id", Trees.text(id));
        if (item instanceof MapValue map) {
            map.entries().stream()
                    .filter(entry -> !List.of(
                                    "screen", "web", "document", "signal", "sets", "navigates", "open-in", "id")
                            .contains(entry.key()))
                    .forEach(entry -> all.put(entry.key(), Trees.pointed(entry.value())));
        }
        if (!all.containsKey("label")) {
            all.put("label", Trees.text(Ids.asTitle(id)));
        }
        editor.apply(new Edit.Set(at, Trees.map(all)));
    }

    /** Where things stand: a menu, a section, the rows of a screen, the bars. */
    private String list(String name) throws EditException {
        if (name.equals("bars")
                || name.equals("screens")
                || name.equals("facts")
                || name.equals("menus")
                || name.equals("styles")
                || name.equals("device-kinds")) {
            return "/" + name;
        }
        if (name.startsWith("rows:")) {
            return pointer("screen:" + name.substring("rows:".length())) + "/wireframe/rows";
        }
        String at = pointer(name);
        return name.startsWith("section:") ? at + "/items" : at;
    }

    private int indexIn(String list, String before) throws EditException {
        if (before.isEmpty()) {
            return size(list);
        }
        String at = pointer(before);
        if (!JsonPointer.parent(at).equals(list)) {
            throw new EditException("\"" + before + "\" stands somewhere else now. Look again, and drop it there.");
        }
        return JsonPointer.index(JsonPointer.last(at));
    }

    private int size(String list) throws EditException {
        return things().value(list)
                .filter(ListValue.class::isInstance)
                .map(any -> ((ListValue) any).items().size())
                .orElse(0);
    }

    private void move() throws EditException {
        String at = pointer(thing);
        String to = list(Json.text(asked, "to"));
        int index = indexIn(to, Json.text(asked, "before"));
        if (JsonPointer.parent(at).equals(to)) {
            int from = JsonPointer.index(JsonPointer.last(at));
            int then = index > from ? index - 1 : index;
            if (then != from) {
                editor.apply(new Edit.Move(at, then));
            }
            return;
        }
        editor.apply(new Edit.MoveTo(at, to, index));
    }

    /** Adds to a list, or under a key to a map. */
    private void add() throws EditException {
        String to = list(Json.text(asked, "to"));
        String key = Json.text(asked, "key");
        Value value = required("value");
        if (!key.isEmpty()) {
            Optional<String> problem = Ids.problem(key);
            if (problem.isPresent()) {
                throw new EditException("\"" + key + "\" can't be an id: " + problem.get() + ".");
            }
            if (things().value(JsonPointer.child(to, key)).isPresent()) {
                throw new EditException("There is \"" + key + "\" already. Choose another name.");
            }
            editor.apply(new Edit.Set(JsonPointer.child(to, key), value));
            return;
        }
        if (things().value(to).isEmpty()) {
            editor.apply(new Edit.Set(to, Trees.list(List.of(value))));
            return;
        }
        editor.apply(new Edit.Add(to, indexIn(to, Json.text(asked, "before")), value));
    }

    /** Another one like it, right behind it, under an id of its own. */
    private void copy() throws EditException {
        Things things = things();
        String at = things.pointer(thing);
        String word = thing.substring(0, Math.max(0, thing.indexOf(':')));
        boolean hasId = JsonPointer.index(JsonPointer.last(at)) < 0 || word.equals("item") || word.equals("bar");
        boolean isThere = things.value(at).isPresent();
        editor.apply(new Edit.Copy(thing, hasId && isThere ? free(word, thing.substring(thing.indexOf(':') + 1)) : ""));
    }

    /** An id that nothing of its kind has. */
    private String free(String word, String id) throws EditException {
        Things things = things();
        for (int i = 2; ; i++) {
            try {
                things.pointer(word + ":" + id + "-" + i);
            } catch (EditException isFree) {
                return id + "-" + i;
            }
        }
    }

    /** The lines of a section stand where it stood. */
    private void unwrap() throws EditException {
        String at = pointer(thing);
        if (things().value(at + "/items").isEmpty()) {
            throw new EditException("\"" + thing + "\" is no section.");
        }
        String list = JsonPointer.parent(at);
        int index = JsonPointer.index(JsonPointer.last(at));
        var count = new ArrayList<Value>(things().value(at + "/items")
                .filter(ListValue.class::isInstance)
                .map(any -> ((ListValue) any).items())
                .orElse(List.of()));
        for (int i = 0; i < count.size(); i++) {
            // Each goes out before the section, which moves on by one.
            editor.apply(new Edit.MoveTo(list + "/" + (index + i) + "/items/0", list, index + i));
        }
        editor.apply(new Edit.Remove(list + "/" + (index + count.size())));
    }
}
