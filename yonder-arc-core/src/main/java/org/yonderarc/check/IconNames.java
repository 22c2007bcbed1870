package org.yonderarc.check;

import java.util.Collection;
import java.util.List;

/** The port through which the check asks about icons. */
public interface IconNames {
    /** Knows every name: for places where no icon set is at hand. */
    IconNames ANY = new IconNames() {
        @Override
        public boolean has(String name) {
            return true;
        }

        @Override
        public boolean hasTwin(String name) {
            return true;
        }

        @Override
        public Collection<String> all() {
            return List.of();
        }
    };

    /** Whether there is an icon with this name. */
    boolean has(String name);

    /** Whether the icon has a filled twin. */
    boolean hasTwin(String name);

    /** All names, for suggestions; never null, may be empty. */
    Collection<String> all();
}
