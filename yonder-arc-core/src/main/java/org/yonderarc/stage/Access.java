package org.yonderarc.stage;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.walk.Step;

/**
 * One node of the accessible tree.
 *
 * @param path the keys from the scene down to it, each behind a slash
 * @param role what it is
 * @param name its accessible name; empty for none. What a field holds is no part of it: {@link Stage#typed} tells that
 * @param box where it is, in dp
 * @param step what choosing it does; no value where it can't be chosen
 * @param address the address that it leads to; no value where it leads to none
 * @param current whether it leads to where the person is
 * @param expanded whether what it opens is open; no value where it opens nothing
 * @param pressed whether what a button switches is on; no value for one that switches nothing
 * @param enabled whether it can be chosen now
 * @param inert whether it is out of reach, since something lies over it that has to be closed first
 * @param children its parts, in reading order
 */
public record Access(
        String path,
        Role role,
        String name,
        Box box,
        Optional<Step> step,
        Optional<String> address,
        Current current,
        Optional<Boolean> expanded,
        Optional<Boolean> pressed,
        boolean enabled,
        boolean inert,
        List<Access> children) {
    public Access {
        Objects.requireNonNull(path, "path");
        Objects.requireNonNull(role, "role");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(box, "box");
        Objects.requireNonNull(step, "step");
        Objects.requireNonNull(address, "address");
        Objects.requireNonNull(current, "current");
        Objects.requireNonNull(expanded, "expanded");
        Objects.requireNonNull(pressed, "pressed");
        children = List.copyOf(children);
    }

    /** What a part is; the names are those of WAI-ARIA 1.2 roles. */
    public enum Role {
        /** The top bar. */
        BANNER,
        /** A bar. */
        NAVIGATION,
        /** A bar that lies over everything else, and has to be closed first. */
        DIALOG,
        /** The content. */
        MAIN,
        /** A heading. */
        HEADING,
        /** Something that leads to a place. */
        LINK,
        /** Something that does something. */
        BUTTON,
        /** A field into which people type: a searchbox. */
        FIELD,
        /** A picture that says something. */
        IMAGE,
        /** A text, or several that belong together. */
        TEXT
    }

    /** How a link stands to where the person is. */
    public enum Current {
        /** It leads elsewhere. */
        NO,
        /** It leads to the place that is shown. */
        PAGE,
        /** The person is on its branch, further down. */
        BRANCH
    }

    /** A part that can't be chosen. */
    static Access plain(String path, Role role, String name, Box box, boolean inert, List<Access> children) {
        return new Access(
                path,
                role,
                name,
                box,
                Optional.empty(),
                Optional.empty(),
                Current.NO,
                Optional.empty(),
                Optional.empty(),
                true,
                inert,
                children);
    }

    /** Whether the focus can come to it. */
    boolean takesFocus() {
        return step.isPresent() && !inert;
    }
}
