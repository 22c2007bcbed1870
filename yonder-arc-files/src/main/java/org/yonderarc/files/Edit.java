package org.yonderarc.files;

import java.util.Objects;
import org.yonderarc.plan.Noun;
import org.yonderarc.tree.JsonPointer;
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
     * {@code remove:/menus/main/2}, {@code move:/menus/main/3=0}, {@code screen:tides=today}, {@code item:crew=people},
     * {@code menu:}, {@code bar:}, {@code fact:}, {@code style:} and {@code kind:} likewise, {@code icon:crew=users},
     * {@code relink:crew=outing}. Values are YAML.
     *
     * @throws EditTrouble if it is none of these
     */
    static Edit parse(String text) throws EditTrouble {
        int colon = text.indexOf(':');
        int equals = text.indexOf('=');
        String word = colon < 0 ? text : text.substring(0, colon);
        String left = colon < 0 ? "" : text.substring(colon + 1, equals > colon ? equals : text.length());
        String right = equals > colon ? text.substring(equals + 1) : "";
        if (left.isEmpty() || right.isEmpty() && !word.equals("remove")) {
            throw new EditTrouble("\"" + text + "\" is no edit. Write WORD:WHAT=VALUE, such as icon:crew=users.");
        }
        return switch (word) {
            case "set" -> new Set(left, value(right));
            case "add" -> new Add(left, Integer.MAX_VALUE, value(right));
            case "remove" -> new Remove(left);
            case "move" -> new Move(left, index(right));
            case "icon" -> new Icon(left, right);
            case "relink" -> new Relink(left, right);
            default -> new Rename(noun(word), left, right);
        };
    }

    private static Noun noun(String word) throws EditTrouble {
        for (Noun noun : Noun.values()) {
            if (noun != Noun.REQUIRED && noun.word().equals(word)) {
                return noun;
            }
        }
        throw new EditTrouble("There is no edit \"" + word + "\". Write set, add, remove, move, icon or relink,"
                + " or what is renamed: screen, item, bar, menu, fact, style or kind.");
    }

    /** A value as YAML; what would be a comment, such as a colour, is a text. */
    private static Value value(String yaml) throws EditTrouble {
        if (yaml.startsWith("#")) {
            return Trees.text(yaml);
        }
        try {
            return Trees.pointed(YamlTree.parse(yaml));
        } catch (ParseTrouble notYaml) {
            throw new EditTrouble(
                    "\"" + yaml + "\" is no value: " + notYaml.finding().message() + " Put texts in quotes.");
        }
    }

    private static int index(String text) throws EditTrouble {
        int index = JsonPointer.index(text);
        if (index < 0) {
            throw new EditTrouble("\"" + text + "\" is no place in a list. Write a number from 0.");
        }
        return index;
    }
}
