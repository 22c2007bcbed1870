package org.yonderarc.edit;

import java.util.Objects;
import org.yonderarc.files.ParseException;
import org.yonderarc.files.YamlTree;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NullValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** A change of a plan file. Places in the file are named by JSON Pointers (RFC 6901), things of the plan by their ids. */
public sealed interface Edit {
    /**
     * Sets a value; a key that isn't there is added.
     *
     * @param pointer where
     * @param value the value
     */
    record Set(String pointer, Value value) implements Edit {
        public Set {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(value, "value");
        }
    }

    /**
     * Adds a value to a list.
     *
     * @param pointer the list
     * @param index where in it, from 0; the list's size, or more, for its end
     * @param value the value
     */
    record Add(String pointer, int index, Value value) implements Edit {
        public Add {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(value, "value");
        }
    }

    /**
     * Adds a key to a map, before another.
     *
     * @param pointer the map
     * @param key the key
     * @param value its value
     * @param before the key that comes behind it
     */
    record AddKey(String pointer, String key, Value value, String before) implements Edit {
        public AddKey {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(key, "key");
            Objects.requireNonNull(value, "value");
            Objects.requireNonNull(before, "before");
        }
    }

    /**
     * Adds something before what stands at a place: a value in a list, a key in a map.
     *
     * @param pointer what comes behind it
     * @param value the value; for a map, a map with the key and its value alone
     */
    record Before(String pointer, Value value) implements Edit {
        public Before {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(value, "value");
        }
    }

    /**
     * Puts values of a menu that stand behind each other into a section.
     *
     * @param pointer the first of them
     * @param count how many, 1 or more
     * @param heading what stands above them
     */
    record Section(String pointer, int count, String heading) implements Edit {
        public Section {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(heading, "heading");
            if (count < 1) {
                throw new IllegalArgumentException("a section holds one value or more, not " + count);
            }
        }
    }

    /**
     * Removes a key of a map or a value of a list.
     *
     * @param pointer what
     */
    record Remove(String pointer) implements Edit {
        public Remove {
            Objects.requireNonNull(pointer, "pointer");
        }
    }

    /**
     * Moves a value within its list.
     *
     * @param pointer what
     * @param index where to, from 0, counted without it
     */
    record Move(String pointer, int index) implements Edit {
        public Move {
            Objects.requireNonNull(pointer, "pointer");
        }
    }

    /**
     * Moves a value of a list to another list.
     *
     * @param pointer what
     * @param list the other list
     * @param index where to in it, from 0; the list's size, or more, for its end
     */
    record MoveTo(String pointer, String list, int index) implements Edit {
        public MoveTo {
            Objects.requireNonNull(pointer, "pointer");
            Objects.requireNonNull(list, "list");
        }
    }

    /**
     * Gives a key of a map another name; what refers to it stays as it is.
     *
     * @param pointer the value under the key
     * @param name the new name
     */
    record RenameKey(String pointer, String name) implements Edit {}

    /**
     * Gives something of the plan another id, and every reference to it.
     *
     * @param noun what it is: anything but {@link Noun#REQUIRED}, which has no ids of its own and is refused
     * @param from its id
     * @param to its new id
     */
    record Rename(Noun noun, String from, String to) implements Edit {
        public Rename {
            Objects.requireNonNull(from, "from");
            Objects.requireNonNull(to, "to");
            if (noun == Noun.REQUIRED) {
                throw new IllegalArgumentException("a screen is renamed, or a signal; not what is required");
            }
        }
    }

    /**
     * Takes something out of the plan, and all that refers to it: the items that lead to a screen, the bars that show a menu, the
     * keys that name a style. Texts stay, also where a fact filled a hole of theirs.
     *
     * @param noun what it is: anything but {@link Noun#REQUIRED}
     * @param id its id
     */
    record Erase(Noun noun, String id) implements Edit {
        public Erase {
            Objects.requireNonNull(id, "id");
            if (noun == Noun.REQUIRED) {
                throw new IllegalArgumentException("a screen is taken out, or an item; not what is required");
            }
        }
    }

    /**
     * Puts another one like it behind a thing.
     *
     * @param thing what, as {@link Things#pointer} takes it: {@code item:crew}
     * @param id the id of the new one; without a meaning for what has no id
     */
    record Copy(String thing, String id) implements Edit {
        public Copy {
            Objects.requireNonNull(thing, "thing");
            Objects.requireNonNull(id, "id");
        }
    }

    /**
     * Gives an item another icon.
     *
     * @param item its id
     * @param icon the icon's name
     */
    record Icon(String item, String icon) implements Edit {}

    /**
     * Lets an item lead to another screen.
     *
     * @param item its id
     * @param place the screen, with its parameters if it takes any
     */
    record Relink(String item, String place) implements Edit {}

    /**
     * Reads an edit as the command line writes it: {@code set:/app/name=Shore}, {@code add:/menus/main=species},
     * {@code before:/menus/main/1=species}, {@code remove:/menus/main/2}, {@code remove:screen/tides}, {@code move:/menus/main/3=0},
     * {@code move:/menus/main/3=/menus/side/0}, {@code section:/menus/main/1..3=People}, {@code screen:tides=today}, {@code item:crew=people},
     * {@code menu:}, {@code bar:}, {@code fact:}, {@code style:} and {@code kind:} likewise, {@code icon:crew=users},
     * {@code relink:crew=outing}, {@code copy:item/crew=guests}. What stands behind the equals sign is a text without quotes, unless it begins as a YAML list, map or
     * text in quotes does, or is a number, true or false.
     *
     * @throws EditException if it is none of these
     */
    static Edit parse(String text) throws EditException {
        int colon = text.indexOf(':');
        int equals = text.indexOf('=');
        String word = colon < 0 ? text : text.substring(0, colon);
        String left = colon < 0 ? "" : text.substring(colon + 1, equals > colon ? equals : text.length());
        String right = equals > colon ? text.substring(equals + 1) : "";
        if (left.isEmpty() || right.isEmpty() && !word.equals("remove")) {
            throw new EditException("\"" + text + "\" is not an edit. Write WORD:WHAT=VALUE, such as icon:crew=users.");
        }
        return switch (word) {
            case "set" -> new Set(left, value(right));
            case "add" -> new Add(left, Integer.MAX_VALUE, value(right));
            case "before" -> new Before(left, value(right));
            case "remove" -> left.startsWith("/") ? new Remove(left) : erase(left);
            case "move" -> right.startsWith("/") ? across(left, right) : new Move(left, index(right));
            case "section" -> section(left, right);
            case "icon" -> new Icon(left, right);
            case "copy" -> new Copy(noun(before(left)).word() + ":" + behind(left), right);
            case "relink" -> new Relink(left, right);
            default -> new Rename(noun(word), left, right);
        };
    }

    /** What is named and not pointed at goes with all that refers to it: {@code screen/tides}. */
    private static Edit erase(String text) throws EditException {
        return new Erase(noun(before(text)), behind(text));
    }

    /** The word for what is named. */
    private static String before(String text) throws EditException {
        int slash = text.indexOf('/');
        if (slash <= 0) {
            throw new EditException(
                    "\"" + text + "\" is neither a path nor a name. Write /menus/main/2 or screen/tides.");
        }
        return text.substring(0, slash);
    }

    private static String behind(String text) {
        return text.substring(text.indexOf('/') + 1);
    }

    private static Noun noun(String word) throws EditException {
        for (Noun noun : Noun.values()) {
            if (noun != Noun.REQUIRED && noun.word().equals(word)) {
                return noun;
            }
        }
        throw new EditException("There is no edit \"" + word
                + "\". Write set, add, before, remove, move, section, copy, icon or relink,"
                + " or what is renamed: screen, item, bar, menu, fact, style, colour, kind or own-icon.");
    }

    /** Where to in another list: {@code /menus/side/0}, or {@code /menus/side} for its end. */
    private static Edit across(String from, String to) {
        int index = JsonPointer.index(JsonPointer.last(to));
        return index < 0 ? new MoveTo(from, to, Integer.MAX_VALUE) : new MoveTo(from, JsonPointer.parent(to), index);
    }

    /** The first and the last of what goes into a section: {@code /menus/main/1..3}, or the only one. */
    private static Edit section(String range, String heading) throws EditException {
        int dots = range.indexOf("..");
        String first = dots < 0 ? range : range.substring(0, dots);
        int from = index(JsonPointer.last(first));
        int to = dots < 0 ? from : index(range.substring(dots + 2));
        if (to < from) {
            throw new EditException("\"" + range + "\" ends before it begins. Write the smaller number first.");
        }
        return new Section(first, to - from + 1, heading);
    }

    /**
     * A text as it is typed, so that nobody has to think of quotes within quotes: what is in braces or brackets, in quotes, a
     * number, true or false is YAML.
     */
    private static Value value(String typed) throws EditException {
        boolean isList = typed.startsWith("[");
        boolean isQuoted = typed.startsWith("'") || typed.startsWith("\"");
        Value read;
        try {
            read = Trees.pointed(YamlTree.parse(typed));
        } catch (ParseException notYaml) {
            if (isList || isQuoted || typed.startsWith("{")) {
                throw new EditException(
                        "\"" + typed + "\" is not a value: " + notYaml.finding().message());
            }
            return Trees.text(typed);
        }
        boolean isMap = typed.startsWith("{") && read instanceof MapValue map && !isHole(map);
        boolean isConstant = read instanceof NumberValue || read instanceof FlagValue;
        return isList || isQuoted || isMap || isConstant ? read : Trees.text(typed);
    }

    /** Whether it is a text with a hole, such as {@code {observer}}: a map of keys without values. */
    private static boolean isHole(MapValue map) {
        return !map.entries().isEmpty() && map.entries().stream().allMatch(entry -> entry.value() instanceof NullValue);
    }

    private static int index(String text) throws EditException {
        int index = JsonPointer.index(text);
        if (index < 0) {
            throw new EditException("\"" + text + "\" is not a place in a list. Write a number from 0.");
        }
        return index;
    }
}
