package org.yonderarc.tree;

import java.util.ArrayList;
import java.util.List;

/** The JSON Pointers (RFC 6901) with which places in a plan are named. */
public final class JsonPointer {
    /** Longer numbers are no index of any list that a plan can hold. */
    private static final int LONGEST_INDEX = 8;

    private JsonPointer() {}

    /**
     * The names of a pointer, unescaped; none for the whole document.
     *
     * @throws IllegalArgumentException if it doesn't start with a slash
     */
    public static List<String> names(String pointer) {
        if (pointer.isEmpty()) {
            return List.of();
        }
        if (!pointer.startsWith("/")) {
            throw new IllegalArgumentException("\"" + pointer + "\" is not a path. It starts with a slash: /app/name.");
        }
        var names = new ArrayList<String>();
        for (String name : Split.at(pointer.substring(1), '/')) {
            names.add(unescaped(name));
        }
        return names;
    }

    /** The pointer of the member {@code name} below {@code pointer}, escaped as section 3 says. */
    public static String child(String pointer, String name) {
        return pointer + "/" + name.replace("~", "~0").replace("/", "~1");
    }

    /** The pointer of what holds the value at {@code pointer}; the whole document holds itself. */
    public static String parent(String pointer) {
        return pointer.substring(0, Math.max(0, pointer.lastIndexOf('/')));
    }

    /** The last name of a pointer, unescaped; empty for the whole document. */
    public static String last(String pointer) {
        return unescaped(pointer.substring(pointer.lastIndexOf('/') + 1));
    }

    /** The index in a list that a name stands for (section 4: digits without a leading zero), or -1. */
    public static int index(String name) {
        boolean isIndex = !name.isEmpty()
                && name.length() <= LONGEST_INDEX
                && name.chars().allMatch(c -> c >= '0' && c <= '9')
                && (name.length() == 1 || name.charAt(0) != '0');
        return isIndex ? Integer.parseInt(name) : -1;
    }

    private static String unescaped(String name) {
        return name.replace("~1", "/").replace("~0", "~");
    }
}
