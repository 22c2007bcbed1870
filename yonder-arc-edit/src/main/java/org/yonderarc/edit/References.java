package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.files.ParseException;
import org.yonderarc.files.YamlTree;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Target;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Where the things of a plan stand in its file, and the small edits that an edit of one of them comes to. */
final class References {
    private final Value root;
    private final List<String> ownIcons;
    private final List<Edit> steps = new ArrayList<>();

    References(Value root) {
        this(root, List.of());
    }

    /** The same, with the icons that stand in files beside the plan. */
    References(Value root, List<String> ownIcons) {
        this.root = root;
        this.ownIcons = ownIcons;
    }

    List<String> ownIcons() {
        return ownIcons;
    }

    /** Where the entries of lists name an icon. */
    List<String> ofEntries(String icon) {
        var out = new ArrayList<String>();
        for (String fact : keys("/facts")) {
            for (String list : List.of("/facts/" + fact, "/facts/" + fact + "/value")) {
                for (int i = 0; value(list + "/" + i).isPresent(); i++) {
                    String pointer = list + "/" + i + "/icon";
                    if (textAt(pointer).filter(icon::equals).isPresent()) {
                        out.add(pointer);
                    }
                }
            }
        }
        return out;
    }

    /** An item of a menu as it stands in the file. */
    private record Found(String pointer, Value value, String id) {}

    /** The edits of one place that an edit comes to, in the order in which they have to be done. */
    List<Edit> steps(Edit edit) throws EditException {
        if (edit instanceof Edit.Rename rename) {
            steps.addAll(new Renaming(this, rename).steps());
        } else if (edit instanceof Edit.Erase erase) {
            steps.addAll(new Erasing(this, erase).steps());
        } else if (edit instanceof Edit.Icon icon) {
            steps.add(giving(item(icon.item()), "icon", icon.icon()));
        } else if (edit instanceof Edit.Copy copy) {
            copy(copy);
        } else if (edit instanceof Edit.Relink relink) {
            relink(relink);
        } else if (edit instanceof Edit.Before before) {
            steps.add(before(before));
        } else if (edit instanceof Edit.Section section) {
            section(section);
        } else {
            steps.add(edit instanceof Edit.Set set ? reaching(set) : edit);
        }
        return steps;
    }

    /** Another one like it, right behind it, under an id of its own. */
    private void copy(Edit.Copy copy) throws EditException {
        Things things = new Things(this);
        String at = things.pointer(copy.thing());
        Value like = value(at)
                .map(Trees::pointed)
                .orElseThrow(
                        () -> new EditException("There is nothing at \"" + copy.thing() + "\" that could be copied."));
        String word = copy.thing().substring(0, Math.max(0, copy.thing().indexOf(':')));
        int index = JsonPointer.index(JsonPointer.last(at));
        boolean hasId = index < 0 || word.equals("item") || word.equals("bar");
        if (hasId && isTaken(things, word + ":" + copy.id())) {
            throw new EditException(
                    "\"" + copy.id() + "\" is the id of another " + word + " already. Choose another one.");
        }
        if (hasId && !Ids.is(copy.id())) {
            throw new EditException(
                    "\"" + copy.id() + "\" is no id: small letters, digits and hyphens, a letter first.");
        }
        steps.add(
                index < 0
                        ? new Edit.Set(JsonPointer.parent(at) + "/" + copy.id(), elsewhere(copy.id(), like))
                        : new Edit.Add(JsonPointer.parent(at), index + 1, hasId ? under(copy.id(), like) : like));
    }

    /** Two screens can't have one path: that of the new one begins with its id. */
    private static Value elsewhere(String id, Value value) {
        return value instanceof MapValue map
                        && map.entry("path").map(MapValue.Entry::value).orElse(value) instanceof TextValue path
                ? with(map, "path", "/" + id + path.text())
                : value;
    }

    private static boolean isTaken(Things things, String thing) {
        try {
            things.pointer(thing);
            return true;
        } catch (EditException isFree) {
            return false;
        }
    }

    private static Value under(String id, Value value) {
        Value like = value instanceof TextValue screen ? Trees.map("screen", screen) : value;
        return like instanceof MapValue map ? with(map, "id", id) : like;
    }

    /** The map with a text under a key, which goes to its end. */
    private static Value with(MapValue map, String key, String text) {
        var rest =
                map.entries().stream().filter(entry -> !entry.key().equals(key)).toList();
        return Trees.with(new MapValue(map.spot(), rest), key, Trees.text(text));
    }

    /** A setting whose maps above it are there: those that are not become part of the value. */
    private Edit.Set reaching(Edit.Set set) throws EditException {
        Splice.names(set.pointer());
        String pointer = set.pointer();
        Value value = set.value();
        while (JsonPointer.parent(pointer).length() > 0
                && value(JsonPointer.parent(pointer)).isEmpty()) {
            value = Trees.map(JsonPointer.last(pointer), value);
            pointer = JsonPointer.parent(pointer);
        }
        return new Edit.Set(pointer, value);
    }

    /** What is added before a value is one of its list, or a key of its map. */
    private Edit before(Edit.Before edit) throws EditException {
        String parent = JsonPointer.parent(edit.pointer());
        String name = JsonPointer.last(edit.pointer());
        Value around = value(parent)
                .filter(any -> value(edit.pointer()).isPresent())
                .orElseThrow(() -> new EditException(
                        "There is nothing at \"" + edit.pointer() + "\". Look at the plan for the right path."));
        if (around instanceof ListValue) {
            return new Edit.Add(parent, JsonPointer.index(name), edit.value());
        }
        Value said = edit.value() instanceof TextValue text ? read(text.text()) : edit.value();
        if (!(said instanceof MapValue map) || map.entries().size() != 1) {
            throw new EditException("\"" + parent + "\" is a map. Write a key and its value: find: Find.");
        }
        MapValue.Entry entry = map.entries().get(0);
        if (!keys(parent).stream().filter(entry.key()::equals).toList().isEmpty()) {
            throw new EditException("\"" + parent + "\" has a key \"" + entry.key() + "\" already. Set it instead.");
        }
        return new Edit.AddKey(parent, entry.key(), entry.value(), name);
    }

    private static Value read(String typed) throws EditException {
        try {
            return Trees.pointed(YamlTree.parse(typed));
        } catch (ParseException notYaml) {
            throw new EditException("\"" + typed + "\" is not a key with a value: "
                    + notYaml.finding().message());
        }
    }

    /** The values are there. */
    private void section(Edit.Section edit) throws EditException {
        String list = JsonPointer.parent(edit.pointer());
        int first = JsonPointer.index(JsonPointer.last(edit.pointer()));
        int size = value(list)
                .filter(ListValue.class::isInstance)
                .map(any -> ((ListValue) any).items().size())
                .orElse(0);
        if (first < 0 || edit.count() > size - first) {
            throw new EditException("\"" + list + "\" has no such values: it has " + size + ", counted from 0.");
        }
        steps.add(edit);
    }

    /** The whole tree. */
    Value root() {
        return root;
    }

    /** The ids of all items, those included that follow from their screens. */
    List<String> itemIds() {
        return items().stream().map(Found::id).toList();
    }

    /** The keys of the map at {@code pointer}; none where there is no map. */
    List<String> keys(String pointer) {
        return value(pointer)
                .filter(MapValue.class::isInstance)
                .map(map -> ((MapValue) map)
                        .entries().stream().map(MapValue.Entry::key).toList())
                .orElse(List.of());
    }

    /** Whether an item has the id of this screen because none is written for it. */
    boolean itemFollowsScreen(String screen) {
        return items().stream()
                .anyMatch(item ->
                        item.id.equals(screen) && member(item.value, "id").isEmpty());
    }

    /** The edit that gives an item an id of its own. */
    Edit identifying(String item, String id) throws EditException {
        return giving(item(item), "id", id);
    }

    private void relink(Edit.Relink relink) throws EditException {
        Found item = item(relink.item());
        if (item.value instanceof TextValue) {
            steps.add(new Edit.Set(item.pointer, Trees.map(ordered("screen", relink.place(), "id", relink.item()))));
            return;
        }
        for (String other : List.of("web", "document", "signal", "sets", "open-in")) {
            if (member(item.value, other).isPresent()) {
                steps.add(new Edit.Remove(item.pointer + "/" + other));
            }
        }
        // Its id stays, so that what refers to the item still does.
        if (member(item.value, "id").isEmpty()) {
            steps.add(0, new Edit.Set(item.pointer + "/id", Trees.text(relink.item())));
        }
        steps.add(new Edit.Set(item.pointer + "/screen", Trees.text(relink.place())));
    }

    /** Sets a key of an item, which may be written as its screen's id alone. */
    private static Edit giving(Found item, String key, String value) {
        return item.value instanceof TextValue screen
                ? new Edit.Set(item.pointer, Trees.map(ordered("screen", screen.text(), key, value)))
                : new Edit.Set(item.pointer + "/" + key, Trees.text(value));
    }

    private static java.util.Map<String, Value> ordered(String... pairs) {
        var out = new java.util.LinkedHashMap<String, Value>();
        for (int i = 0; i < pairs.length; i += 2) {
            out.put(pairs[i], Trees.text(pairs[i + 1]));
        }
        return out;
    }

    /** Where an item stands. */
    String pointerOfItem(String id) throws EditException {
        return item(id).pointer;
    }

    private Found item(String id) throws EditException {
        List<Found> all = items();
        known("item", id, all.stream().map(Found::id).toList());
        return all.stream().filter(item -> item.id.equals(id)).findFirst().orElseThrow();
    }

    private List<Found> items() {
        var all = new ArrayList<Found>();
        value("/menus").filter(MapValue.class::isInstance).ifPresent(menus -> ((MapValue) menus)
                .entries()
                .forEach(menu -> collect(JsonPointer.child("/menus", menu.key()), menu.value(), all)));
        return all;
    }

    private static void collect(String pointer, Value value, List<Found> all) {
        if (!(value instanceof ListValue list)) {
            return;
        }
        for (int i = 0; i < list.items().size(); i++) {
            Value line = list.items().get(i);
            String at = pointer + "/" + i;
            Optional<Value> inner = member(line, "items");
            if (inner.isPresent()) {
                collect(at + "/items", inner.get(), all);
            } else {
                id(line).ifPresent(id -> all.add(new Found(at, line, id)));
            }
        }
    }

    /** As {@link Target.ToFact#named()}. */
    private static Optional<String> told(Value value) {
        Optional<Value> to = member(value, "value");
        Optional<String> fact = text(value, "fact").or(() -> plain(value));
        return to.filter(TextValue.class::isInstance).isPresent()
                ? to.flatMap(References::plain)
                : fact.map(id -> id + " " + to.flatMap(References::plain).orElse(""));
    }

    /** A value as it is written. */
    private static Optional<String> plain(Value value) {
        if (value instanceof NumberValue number) {
            return Optional.of(NumberValue.plain(number.number()));
        }
        return value instanceof FlagValue flag
                ? Optional.of(Boolean.toString(flag.on()))
                : value instanceof TextValue text ? Optional.of(text.text()) : Optional.empty();
    }

    private static Optional<String> id(Value line) {
        if (line instanceof TextValue text) {
            return Optional.of(screen(text.text())).filter(id -> !id.equals("divider"));
        }
        return text(line, "id")
                .or(() -> text(line, "screen").map(References::screen))
                .or(() -> text(line, "signal"))
                .or(() -> text(line, "label").map(Ids::slug))
                .or(() -> member(line, "sets").flatMap(References::told).map(Ids::slug));
    }

    private static String screen(String place) {
        int question = place.indexOf('?');
        return question < 0 ? place : place.substring(0, question);
    }

    Optional<Value> value(String pointer) {
        Optional<Value> at = Optional.of(root);
        for (String name : JsonPointer.names(pointer)) {
            at = at.flatMap(value -> value instanceof ListValue list ? item(list, name) : member(value, name));
        }
        return at;
    }

    private static Optional<Value> item(ListValue list, String name) {
        int index = JsonPointer.index(name);
        return index >= 0 && index < list.items().size()
                ? Optional.of(list.items().get(index))
                : Optional.empty();
    }

    Optional<String> textAt(String pointer) {
        return value(pointer).filter(TextValue.class::isInstance).map(text -> ((TextValue) text).text());
    }

    private static Optional<Value> member(Value value, String key) {
        return value instanceof MapValue map ? map.entry(key).map(MapValue.Entry::value) : Optional.empty();
    }

    private static Optional<String> text(Value value, String key) {
        return member(value, key).filter(TextValue.class::isInstance).map(text -> ((TextValue) text).text());
    }

    static void known(String noun, String id, List<String> ids) throws EditException {
        if (!ids.contains(id)) {
            throw new EditException("There is no " + noun + " \"" + id + "\". "
                    + Suggestion.sentence(id, ids, "Look at the plan for its name."));
        }
    }
}
