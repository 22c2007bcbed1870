package org.yonderarc.stage;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.tree.Decimals;

/**
 * Something that a person does to a stage, as a host hands it in. Positions are in dp from the upper left corner of the stage;
 * they are refused with an {@link IllegalArgumentException} where they aren't finite or lie beyond {@link #FURTHEST}.
 */
public sealed interface Input {
    /** Positions and ways are finite and not further than this, in dp. */
    double FURTHEST = 1e9;

    /**
     * A pointer comes down.
     *
     * @param id which pointer, as long as it is down
     * @param main whether it is a finger, a pen or the main button of a mouse; other buttons choose nothing
     * @param touches whether it is a finger, which scrolls what it drags
     */
    record Down(int id, double x, double y, boolean main, boolean touches) implements Input {
        public Down {
            near(x);
            near(y);
        }
    }

    /** A pointer moves, whether it is down or only hovers. */
    record Move(int id, double x, double y) implements Input {
        public Move {
            near(x);
            near(y);
        }
    }

    /** A pointer is lifted. */
    record Up(int id, double x, double y) implements Input {
        public Up {
            near(x);
            near(y);
        }
    }

    /** A pointer was taken away by the system: nothing comes of what it did. */
    record Cancel(int id) implements Input {}

    /** The mouse left the stage. */
    record Leave() implements Input {}

    /** A wheel turns, or two fingers move on a pad: by how much what lies there is to be scrolled, in dp. */
    record Wheel(double x, double y, double across, double down) implements Input {
        public Wheel {
            near(x);
            near(y);
            near(across);
            near(down);
        }
    }

    /** A key, by what it means. */
    record Key(Meant meant) implements Input {
        public Key {
            Objects.requireNonNull(meant, "meant");
        }
    }

    /** What a key means. */
    enum Meant {
        /** The focus goes to the next that can be chosen: Tab. */
        NEXT,
        /** The focus goes to the one before: Shift and Tab. */
        PREVIOUS,
        /** What has the focus is chosen: Enter, Space. */
        CHOOSE,
        /** What is open closes; else the person goes back: Escape. */
        CLOSE,
        /** An arrow. */
        UP,
        /** An arrow. */
        DOWN,
        /** An arrow. */
        LEFT,
        /** An arrow. */
        RIGHT,
        /** To the start. */
        HOME,
        /** To the end. */
        END,
        /** A page up. */
        PAGE_UP,
        /** A page down. */
        PAGE_DOWN,
        /** The last character of the field that has the focus goes: Backspace. */
        ERASE
    }

    /**
     * The host's own focus comes to something on the stage, or leaves it.
     *
     * @param path the path of what has it now; no value for nothing
     */
    record Focus(Optional<String> path) implements Input {
        public Focus {
            Objects.requireNonNull(path, "path");
        }
    }

    /** Something is chosen without a pointer: by an assistive technology, or by the host's own means. */
    record Choose(String path) implements Input {
        public Choose {
            Objects.requireNonNull(path, "path");
        }
    }

    /** A character is typed, or several: into the field that has the focus. */
    record Type(String text) implements Input {
        public Type {
            Objects.requireNonNull(text, "text");
        }
    }

    /**
     * A host with fields of its own says what one of them holds now.
     *
     * @param path the path of the field
     * @param text all of its text
     */
    record Fill(String path, String text) implements Input {
        public Fill {
            Objects.requireNonNull(path, "path");
            Objects.requireNonNull(text, "text");
        }
    }

    /**
     * A host that scrolls by itself has scrolled something.
     *
     * @param path the path of what is scrolled
     * @param across how far it is scrolled to the right now, in dp; negative for those who read from right to left
     * @param down how far it is scrolled downwards now, in dp
     */
    record Scrolled(String path, double across, double down) implements Input {
        public Scrolled {
            Objects.requireNonNull(path, "path");
            near(across);
            near(down);
        }
    }

    /**
     * The system's own gesture to go back is under way: what it leads to follows it. Refused where nothing is shown of it; it may come to its end
     * all the same.
     *
     * @param share how far it has come, 0 to 1
     */
    record BackGesture(double share) implements Input {
        public BackGesture {
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException("a share is 0 to 1, not " + Decimals.text(share));
            }
        }
    }

    /**
     * The system's own gesture to go back, or its button, has come to its end.
     *
     * @param goes whether the person goes back; otherwise they thought better of it
     */
    record BackEnd(boolean goes) implements Input {}

    private static void near(double dp) {
        if (!(Math.abs(dp) <= FURTHEST)) {
            throw new IllegalArgumentException(
                    "a position or a way is a finite number of dp, not " + Decimals.text(dp));
        }
    }
}
