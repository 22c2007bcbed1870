package org.yonderarc.plan;

import java.util.Objects;

/** Where and how a menu, or the place's title, is shown. */
public sealed interface Bar {
    /** The word for the form in a plan file. */
    String form();

    /**
     * A bar at the lower edge with an equal slot for each item.
     *
     * @param menu the id of the menu it shows
     */
    record Bottom(String menu) implements Bar {
        public Bottom {
            Objects.requireNonNull(menu, "menu");
        }

        @Override
        public String form() {
            return "bottom";
        }
    }

    /** A bar at the upper edge with the place's title and, where there is a way back, a back button. */
    record Top() implements Bar {
        @Override
        public String form() {
            return "top";
        }
    }
}
