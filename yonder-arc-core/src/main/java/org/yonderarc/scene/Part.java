package org.yonderarc.scene;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;

/**
 * What part of an app a group of nodes is. Painters and films go by it and never by keys: a key only says which node of one scene
 * belongs to which node of another.
 */
public sealed interface Part {
    /** The content of a place. */
    record Screen(Place place) implements Part {
        public Screen {
            Objects.requireNonNull(place, "place");
        }
    }

    /**
     * A bar.
     *
     * @param word the word for it on the command line: that of its form, or {@code more}
     * @param edge where it stands, and so where it comes from
     * @param tempo what times it
     */
    record Bar(String word, Form.Edge edge, Tempo tempo) implements Part {
        public Bar {
            Objects.requireNonNull(word, "word");
            Objects.requireNonNull(edge, "edge");
            Objects.requireNonNull(tempo, "tempo");
        }
    }

    /**
     * An item of a bar.
     *
     * @param id the item's id
     * @param entrance how it comes where its bar opens; no value where it stands by itself
     * @param nested whether it belongs to the item above it that folds it away
     */
    record Item(String id, Optional<Entrance> entrance, boolean nested) implements Part {
        public Item {
            Objects.requireNonNull(id, "id");
            Objects.requireNonNull(entrance, "entrance");
        }
    }

    /**
     * How an item comes out of a button.
     *
     * @param from the button's box
     * @param turn how many others come before it
     */
    record Entrance(Box from, int turn) {}

    /** A row of sample content, or something that belongs to one. */
    record Row(int index) implements Part {}

    /** Parts of which there is nothing more to say. */
    enum Plain implements Part {
        /** Everything that moves aside from a drawer beneath it. */
        PAGE,
        /** The shadow of the page on a drawer beneath it. */
        PAGE_SHADOW,
        /** What lies between the content and a bar over it. */
        SCRIM,
        /** The shadow of a bar, a mark or a card. */
        SHADOW,
        /** The items of a bar that scroll together. */
        LIST,
        /** The mark of the selected item. */
        MARK,
        /** A badge. */
        BADGE,
        /** A switch that is on or off. */
        SWITCH,
        /** The title of a top bar. */
        TITLE,
        /** The app's logo. */
        LOGO,
        /** The person, or the app, at the head of a bar. */
        FACE,
        /** A button of a bar. */
        BUTTON,
        /** A field of a bar, into which people type. */
        FIELD,
        /** Anything else. */
        OTHER
    }

    /** What times a bar. */
    enum Tempo {
        /** The transition of screens. */
        SCREENS,
        /** The motion of the selected item's mark. */
        SELECT,
        /** The motion of drawers. */
        DRAWERS
    }
}
