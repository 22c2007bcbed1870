package org.yonderarc.files;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.bind.PlanReader;
import org.yonderarc.bind.Reading;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Place;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** Where the names of screens and items stand in a plan's tree, so that a renaming reaches all of them. */
final class References {
    private final Value root;
    private final List<Edit> steps = new ArrayList<>();

    References(Value root) {
        this.root = root;
    }

    /** An item of a menu as it stands in the file. */
    private record Found(String pointer, Value value, String id) {}

    /** The edits of one place that an edit comes to, in the order in which they have to be done. */
    List<Edit> steps(Edit edit) throws EditTrouble {
        if (edit instanceof Edit.RenameScreen rename) {
            renameScreen(rename);
        } else if (edit instanceof Edit.RenameItem rename) {
            renameItem(rename);
        } else if (edit instanceof Edit.Icon icon) {
            give(item(icon.item()), "icon", icon.icon());
        } else if (edit instanceof Edit.Relink relink) {
            relink(relink);
        } else {
            steps.add(edit instanceof Edit.Set set ? reaching(set) : edit);
        }
        return steps;
    }

    /** A setting whose maps above it are there: those that are not become part of the value. */
    private Edit.Set reaching(Edit.Set set) throws EditTrouble {
        Splice.names(set.pointer());
        String pointer = set.pointer();
        Value value = set.value();
        while (Splice.parent(pointer).length() > 0
                && value(Splice.parent(pointer)).isEmpty()) {
            value = Trees.map(Splice.last(pointer), value);
            pointer = Splice.parent(pointer);
        }
        return new Edit.Set(pointer, value);
    }

    private void renameScreen(Edit.RenameScreen rename) throws EditTrouble {
        MapValue screens = map(root, "screens");
        List<String> ids = screens.entries().stream().map(MapValue.Entry::key).toList();
        known("screen", rename.from(), ids);
        free("screen", rename.to(), ids);
        Reading reading = reading();
        var names = new Names(reading);
        names.put(Noun.SCREEN, rename.from(), rename.to());
        names.put(Noun.REQUIRED, rename.from(), rename.to());
        boolean followsScreen = items().stream()
                .anyMatch(item -> item.id.equals(rename.from())
                        && member(item.value, "id").isEmpty());
        if (followsScreen) {
            names.put(Noun.ITEM, rename.from(), rename.to());
        }
        PlanMentions.tell(reading.draft(), names);
        steps.add(new Edit.RenameKey(Spot.child("/screens", rename.from()), rename.to()));
    }

    private void renameItem(Edit.RenameItem rename) throws EditTrouble {
        Found item = item(rename.from());
        free("item", rename.to(), items().stream().map(Found::id).toList());
        Reading reading = reading();
        give(item, "id", rename.to());
        var names = new Names(reading);
        names.put(Noun.ITEM, rename.from(), rename.to());
        PlanMentions.tell(reading.draft(), names);
    }

    private Reading reading() throws EditTrouble {
        Reading reading = PlanReader.read(root);
        if (!reading.dropped().isEmpty()) {
            throw new EditTrouble("The plan has lines that can't be read, such as "
                    + reading.findings().get(0).spot().pointer() + ": "
                    + reading.findings().get(0).message()
                    + " Mend them first, so that the renaming reaches everything.");
        }
        return reading;
    }

    /** Writes the new name wherever the plan mentions the old one. */
    private final class Names implements Mentions {
        private final Reading reading;
        private final Map<Noun, String> from = new EnumMap<>(Noun.class);
        private final Map<Noun, String> to = new EnumMap<>(Noun.class);

        Names(Reading reading) {
            this.reading = reading;
        }

        void put(Noun noun, String old, String now) {
            from.put(noun, old);
            to.put(noun, now);
        }

        @Override
        public void name(Noun noun, String id, String pointer) {
            if (id.equals(from.get(noun))) {
                write(pointer, to.get(noun));
            }
        }

        @Override
        public void place(Place place, String pointer) {
            if (place.screen().equals(from.get(Noun.SCREEN))) {
                String rest = place.text().substring(place.screen().length());
                write(pointer, to.get(Noun.SCREEN) + rest);
            }
        }

        @Override
        public void pointer(String path, String pointer) {
            if (from.get(Noun.SCREEN) == null) {
                return;
            }
            String old = Spot.child("/screens", from.get(Noun.SCREEN));
            if (path.equals(old) || path.startsWith(old + "/")) {
                write(pointer, Spot.child("/screens", to.get(Noun.SCREEN)) + path.substring(old.length()));
            }
        }

        /** What has a long form may stand in its short one: then the text itself stands where the map would. */
        private void write(String pointer, String text) {
            String inFile = reading.inTheFile(pointer);
            String at = textAt(inFile).isPresent() ? inFile : Splice.parent(inFile);
            if (textAt(at).isPresent()) {
                steps.add(new Edit.Set(at, Trees.text(text)));
            }
        }
    }

    private void relink(Edit.Relink relink) throws EditTrouble {
        Found item = item(relink.item());
        if (item.value instanceof TextValue) {
            steps.add(new Edit.Set(item.pointer, Trees.map(ordered("screen", relink.place(), "id", relink.item()))));
            return;
        }
        for (String other : List.of("web", "document", "signal", "opens")) {
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
    private void give(Found item, String key, String value) {
        steps.add(
                item.value instanceof TextValue screen
                        ? new Edit.Set(item.pointer, Trees.map(ordered("screen", screen.text(), key, value)))
                        : new Edit.Set(item.pointer + "/" + key, Trees.text(value)));
    }

    private static java.util.Map<String, Value> ordered(String... pairs) {
        var out = new java.util.LinkedHashMap<String, Value>();
        for (int i = 0; i < pairs.length; i += 2) {
            out.put(pairs[i], Trees.text(pairs[i + 1]));
        }
        return out;
    }

    private Found item(String id) throws EditTrouble {
        List<Found> all = items();
        known("item", id, all.stream().map(Found::id).toList());
        return all.stream().filter(item -> item.id.equals(id)).findFirst().orElseThrow();
    }

    private List<Found> items() {
        var all = new ArrayList<Found>();
        value("/menus").filter(MapValue.class::isInstance).ifPresent(menus -> ((MapValue) menus)
                .entries()
                .forEach(menu -> collect(Spot.child("/menus", menu.key()), menu.value(), all)));
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

    private static Optional<String> id(Value line) {
        if (line instanceof TextValue text) {
            return Optional.of(screen(text.text())).filter(id -> !id.equals("divider"));
        }
        return text(line, "id")
                .or(() -> text(line, "screen").map(References::screen))
                .or(() -> text(line, "signal"))
                .or(() -> text(line, "label").map(Ids::slug));
    }

    private static String screen(String place) {
        int question = place.indexOf('?');
        return question < 0 ? place : place.substring(0, question);
    }

    private Optional<Value> value(String pointer) {
        Optional<Value> at = Optional.of(root);
        for (String name : pointer.substring(1).split("/")) {
            at = at.flatMap(value -> value instanceof ListValue list
                    ? list.items().stream().skip(index(name, list)).findFirst()
                    : member(value, name.replace("~1", "/").replace("~0", "~")));
        }
        return at;
    }

    private static int index(String name, ListValue list) {
        boolean isNumber = !name.isEmpty() && name.length() < 9 && name.chars().allMatch(c -> c >= '0' && c <= '9');
        return isNumber ? Integer.parseInt(name) : list.items().size();
    }

    private Optional<String> textAt(String pointer) {
        return value(pointer).filter(TextValue.class::isInstance).map(text -> ((TextValue) text).text());
    }

    private static MapValue map(Value root, String key) throws EditTrouble {
        return member(root, key)
                .filter(MapValue.class::isInstance)
                .map(MapValue.class::cast)
                .orElseThrow(() -> new EditTrouble("The plan has no \"" + key + "\"."));
    }

    private static Optional<Value> member(Value value, String key) {
        return value instanceof MapValue map ? map.entry(key).map(MapValue.Entry::value) : Optional.empty();
    }

    private static Optional<String> text(Value value, String key) {
        return member(value, key).filter(TextValue.class::isInstance).map(text -> ((TextValue) text).text());
    }

    private static void known(String noun, String id, List<String> ids) throws EditTrouble {
        if (!ids.contains(id)) {
            throw new EditTrouble("There is no " + noun + " \"" + id + "\". "
                    + Suggestion.sentence(id, ids, "Look at the plan for its name."));
        }
    }

    private static void free(String noun, String id, List<String> ids) throws EditTrouble {
        Optional<String> problem = Ids.problem(id);
        if (problem.isPresent()) {
            throw new EditTrouble("\"" + id + "\" is no id: " + problem.get() + ".");
        }
        if (ids.contains(id)) {
            throw new EditTrouble("There is a " + noun + " \"" + id + "\" already. Choose another name.");
        }
    }
}
