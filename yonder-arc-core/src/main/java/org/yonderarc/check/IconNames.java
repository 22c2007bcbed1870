package org.yonderarc.check;

import java.util.Collection;
import java.util.List;
import org.yonderarc.plan.IconSet;

/** The port through which the check asks about icons. */
public interface IconNames {
    /** Knows every name: for places where no icon set is at hand. */
    IconNames ANY = new IconNames() {
        @Override
        public boolean has(String name) {
            return true;
        }

        @Override
        public boolean hasFilled(String name) {
            return true;
        }

        @Override
        public Collection<String> all() {
            return List.of();
        }
    };

    /** The same of another bundled set, where there are several. */
    default IconNames in(IconSet set) {
        return this;
    }

    /** Whether there is an icon with this name. */
    boolean has(String name);

    /** Whether the icon has a filled variant. */
    boolean hasFilled(String name);

    /** The names of the plan's own icons; never null, may be empty. */
    default Collection<String> own() {
        return List.of();
    }

    /** What was left out of a plan's own icon because it isn't safe: "a script"; never null, may be empty. */
    default List<String> unsafe(String name) {
        return List.of();
    }

    /** What is odd about a plan's own icon: "it is 24 wide and 16 high"; never null, may be empty. */
    default List<String> odd(String name) {
        return List.of();
    }

    /** A few icons that every part of a name describes, best first: proposals for a name that no icon has; never null, may be empty. */
    default List<String> like(String name) {
        return List.of();
    }

    /** All names, for suggestions; never null, may be empty. */
    Collection<String> all();
}
