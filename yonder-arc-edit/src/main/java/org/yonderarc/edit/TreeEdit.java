package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Edits of one place, done on a plan's tree: what an edit of its text has to come to. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class TreeEdit {
    private TreeEdit() {}

    static Value apply(Value root, Edit edit) throws EditException {
        if (edit instanceof Edit.Set set) {
            return at(root, Splice.names(set.pointer()), value -> set.value());
        }
        if (edit instanceof Edit.Add add) {
            return at(root, Splice.names(add.pointer()), value -> added(value, add));
        }
        if (edit instanceof Edit.AddKey add) {
            return at(root, Splice.names(add.pointer()), value -> keyed(value, add));
        }
        if (edit instanceof Edit.MoveTo move) {
            return moved(root, move);
        }
        if (edit instanceof Edit.Section section) {
            int first = JsonPointer.index(JsonPointer.last(section.pointer()));
            return at(root, Splice.names(JsonPointer.parent(section.pointer())), value -> {
                var items = new ArrayList<>(((ListValue) value).items());
                List<Value> within = items.subList(first, first + section.count());
                Value made = section(section.heading(), List.copyOf(within));
                within.clear();
                items.add(first, made);
                return Trees.list(items);
            });
        }
        if (edit instanceof Edit.Remove remove) {
            return at(root, Splice.names(remove.pointer()), value -> null);
        }
        if (edit instanceof Edit.Move move) {
            int from = JsonPointer.index(JsonPointer.last(move.pointer()));
            return at(root, Splice.names(JsonPointer.parent(move.pointer())), value -> {
                var items = new ArrayList<>(((ListValue) value).items());
                items.add(Math.min(move.index(), items.size() - 1), items.remove(from));
                return Trees.list(items);
            });
        }
        var rename = (Edit.RenameKey) edit;
        String old = JsonPointer.last(rename.pointer());
        return at(
                root,
                Splice.names(JsonPointer.parent(rename.pointer())),
                value -> renamed((MapValue) value, old, rename));
    }

    /** A section of these values. */
    static Value section(String heading, List<Value> items) {
        var section = new LinkedHashMap<String, Value>();
        section.put("section", Trees.text(heading));
        section.put("items", Trees.list(items));
        return Trees.map(section);
    }

    /** What becomes of one value; nothing for one that goes. */
    @FunctionalInterface
    private interface Change {
        Value of(Value value) throws EditException;
    }

    private static Value added(Value value, Edit.Add add) throws EditException {
        if (!(value instanceof ListValue list)) {
            throw new EditException("\"" + add.pointer() + "\" is not a list. Set a key of it instead.");
        }
        var items = new ArrayList<>(list.items());
        items.add(Math.min(add.index(), items.size()), add.value());
        return Trees.list(items);
    }

    private static Value keyed(Value value, Edit.AddKey add) throws EditException {
        if (!(value instanceof MapValue map)) {
            throw new EditException("\"" + add.pointer() + "\" is not a map, so it has no keys.");
        }
        var entries = new ArrayList<MapValue.Entry>();
        for (MapValue.Entry entry : map.entries()) {
            if (entry.key().equals(add.before())) {
                entries.add(new MapValue.Entry(add.key(), Spot.ROOT, add.value()));
            }
            entries.add(entry);
        }
        return new MapValue(map.spot(), entries);
    }

    /** Out of one list, into another; where the other stands behind it in the same list, that is one place nearer then. */
    private static Value moved(Value root, Edit.MoveTo move) throws EditException {
        var taken = new ArrayList<Value>();
        Value without = at(root, Splice.names(move.pointer()), value -> {
            taken.add(value);
            return null;
        });
        return at(
                without,
                Splice.names(without(move.list(), move.pointer())),
                value -> added(value, new Edit.Add(move.list(), move.index(), taken.get(0))));
    }

    /** What a path is called when a value of a list is gone. */
    static String without(String pointer, String gone) {
        String list = JsonPointer.parent(gone) + "/";
        if (!pointer.startsWith(list)) {
            return pointer;
        }
        int end = pointer.indexOf('/', list.length());
        String rest = end < 0 ? "" : pointer.substring(end);
        int index = JsonPointer.index(pointer.substring(list.length(), end < 0 ? pointer.length() : end));
        int first = JsonPointer.index(JsonPointer.last(gone));
        if (index < 0 || first < 0) {
            return pointer;
        }
        return list + (index > first ? index - 1 : index) + rest;
    }

    private static Value renamed(MapValue map, String old, Edit.RenameKey rename) {
        var entries = new ArrayList<MapValue.Entry>();
        map.entries()
                .forEach(entry -> entries.add(
                        entry.key().equals(old)
                                ? new MapValue.Entry(rename.name(), entry.keySpot(), entry.value())
                                : entry));
        return new MapValue(map.spot(), entries);
    }

    private static Value at(Value value, List<String> names, Change change) throws EditException {
        if (names.isEmpty()) {
            return change.of(value);
        }
        String name = names.get(0);
        List<String> rest = names.subList(1, names.size());
        if (value instanceof MapValue map) {
            var entries = new ArrayList<MapValue.Entry>();
            boolean found = false;
            for (MapValue.Entry entry : map.entries()) {
                boolean isIt = !found && entry.key().equals(name);
                found |= isIt;
                Value after = isIt ? at(entry.value(), rest, change) : entry.value();
                if (after != null) {
                    entries.add(new MapValue.Entry(entry.key(), entry.keySpot(), after));
                }
            }
            if (!found) {
                entries.add(new MapValue.Entry(name, Spot.ROOT, at(null, rest, change)));
            }
            return new MapValue(map.spot(), entries);
        }
        if (value instanceof ListValue list) {
            var items = new ArrayList<Value>();
            for (int i = 0; i < list.items().size(); i++) {
                Value after = Integer.toString(i).equals(name)
                        ? at(list.items().get(i), rest, change)
                        : list.items().get(i);
                if (after != null) {
                    items.add(after);
                }
            }
            return new ListValue(list.spot(), items);
        }
        throw new EditException("There is no map at that place to set a key of. Set the whole value instead.");
    }
}
