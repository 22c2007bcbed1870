package org.yonderarc.stage;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The accessible tree of what is shown.
 *
 * @param roots the parts, in reading order
 * @param dialog the path of the bar that lies over everything else; no value where none does
 */
public record AccessTree(List<Access> roots, Optional<String> dialog) {
    public AccessTree {
        roots = List.copyOf(roots);
    }

    /** All parts, each before its children. */
    public List<Access> all() {
        var out = new ArrayList<Access>();
        collect(roots, out);
        return out;
    }

    private static void collect(List<Access> parts, List<Access> out) {
        for (Access part : parts) {
            out.add(part);
            collect(part.children(), out);
        }
    }

    /** The part with this path. */
    public Optional<Access> find(String path) {
        return all().stream().filter(part -> part.path().equals(path)).findFirst();
    }

    /** The paths that the focus goes to, in order. */
    public List<String> order() {
        return all().stream().filter(Access::takesFocus).map(Access::path).collect(toList());
    }

    /** The path of the content, where the focus goes when nothing else can have it. */
    public Optional<String> content() {
        return all().stream()
                .filter(part -> part.role() == Access.Role.MAIN)
                .map(Access::path)
                .findFirst();
    }
}
