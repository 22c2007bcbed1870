package org.yonderarc.walk;

import java.util.Collections;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Place;

/** What a person or the app does. */
public sealed interface Step {
    /** What a step does. Whoever takes steps decides for each kind; a new one doesn't compile where that is missing. */
    enum Kind {
        /** A person chooses an item. */
        CHOOSE,
        /** A place is opened on top. */
        OPEN,
        /** A place takes the place of the one that is shown. */
        REPLACE,
        /** A place takes the place of the whole trail. */
        RESET,
        /** What is shown is closed, with a result. */
        FINISH,
        /** A person goes back. */
        BACK,
        /** A person goes up to the screen above. */
        UP,
        /** An address from outside is followed. */
        LINK,
        /** The web page of the place is opened. */
        VISIT,
        /** A drawer or an overflow opens or closes. */
        TOGGLE,
        /** What is open closes. */
        CLOSE,
        /** A bar is collapsed or spread. */
        COLLAPSE,
        /** A fact is told. */
        TELL,
        /** Several facts are told. */
        TELL_ALL,
        /** A branch is forgotten. */
        CLEAR,
        /** All starts over. */
        RESTART,
        /** A saved state is taken up. */
        RESUME;

        /** The word with which steps of this kind start where they are written: {@code choose}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Its kind. */
    Kind kind();

    /** What follows the word where the step is written, such as an item; empty for steps whose word stands alone. */
    default String what() {
        return "";
    }

    /** The step as it is written on the command line: {@code choose:surveys}. */
    default String text() {
        return switch (kind()) {
            case BACK, UP, VISIT, CLOSE, RESTART -> kind().word();
            case CHOOSE, OPEN, REPLACE, RESET, FINISH, LINK, TOGGLE, COLLAPSE, TELL, TELL_ALL, CLEAR, RESUME ->
                kind().word() + ":" + what();
        };
    }

    /** A person chooses an item of a menu. */
    record Choose(String item) implements Step {
        public Choose {
            Objects.requireNonNull(item, "item");
        }

        @Override
        public Kind kind() {
            return Kind.CHOOSE;
        }

        @Override
        public String what() {
            return item;
        }
    }

    /** A place is opened on top of the current trail. */
    record Open(Place place) implements Step {
        public Open {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public Kind kind() {
            return Kind.OPEN;
        }

        @Override
        public String what() {
            return place.text();
        }
    }

    /** A person goes back. */
    record Back() implements Step {
        @Override
        public Kind kind() {
            return Kind.BACK;
        }
    }

    /** A place takes the place of the one that is shown. */
    record Replace(Place place) implements Step {
        public Replace {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public Kind kind() {
            return Kind.REPLACE;
        }

        @Override
        public String what() {
            return place.text();
        }
    }

    /** A place is opened as the only one of its branch: the trail starts anew there. */
    record Reset(Place place) implements Step {
        public Reset {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public Kind kind() {
            return Kind.RESET;
        }

        @Override
        public String what() {
            return place.text();
        }
    }

    /** The place that is shown closes, and tells a result to the one below it. */
    record Finish(String result) implements Step {
        public Finish {
            Objects.requireNonNull(result, "result");
        }

        @Override
        public Kind kind() {
            return Kind.FINISH;
        }

        @Override
        public String what() {
            return result;
        }
    }

    /** A person goes up: to the screen above, made if it was never visited. */
    record Up() implements Step {
        @Override
        public Kind kind() {
            return Kind.UP;
        }
    }

    /** An address from outside is followed: a path, or a URI with one. */
    record Link(String address) implements Step {
        public Link {
            Objects.requireNonNull(address, "address");
        }

        @Override
        public Kind kind() {
            return Kind.LINK;
        }

        @Override
        public String what() {
            return address;
        }
    }

    /** The web page of the place that is shown is opened in the person's browser. */
    record Visit() implements Step {
        @Override
        public Kind kind() {
            return Kind.VISIT;
        }
    }

    /**
     * The drawer, the fan or the overflow of a bar opens, or closes if it is open.
     *
     * @param bar the bar's id; where a bar opens itself and has an overflow too, {@link #overflow} names the overflow
     */
    record Toggle(String bar) implements Step {
        private static final String OVERFLOW = "more:";

        public Toggle {
            Objects.requireNonNull(bar, "bar");
        }

        /** What the overflow of a bar is called, apart from the bar itself: {@code more:main}. */
        public static String overflow(String bar) {
            return OVERFLOW + bar;
        }

        /** Whether something is called as the overflow of a bar is. */
        public static boolean isOverflow(String id) {
            return id.startsWith(OVERFLOW);
        }

        /** The bar whose drawer, fan or overflow it is. */
        public String owner() {
            return isOverflow(bar) ? bar.substring(OVERFLOW.length()) : bar;
        }

        @Override
        public Kind kind() {
            return Kind.TOGGLE;
        }

        @Override
        public String what() {
            return bar;
        }
    }

    /** The drawer or the overflow that is open closes. */
    record Close() implements Step {
        @Override
        public Kind kind() {
            return Kind.CLOSE;
        }
    }

    /** A bar is collapsed to icons, or expanded if it is collapsed; a section, {@code main.at-the-hut}, folds or unfolds. */
    record Collapse(String bar) implements Step {
        public Collapse {
            Objects.requireNonNull(bar, "bar");
        }

        @Override
        public Kind kind() {
            return Kind.COLLAPSE;
        }

        @Override
        public String what() {
            return bar;
        }
    }

    /** The app tells the value of a fact. */
    record Tell(String fact, FactValue value) implements Step {
        public Tell {
            Objects.requireNonNull(fact, "fact");
            Objects.requireNonNull(value, "value");
        }

        @Override
        public Kind kind() {
            return Kind.TELL;
        }

        @Override
        public String what() {
            return fact + "=" + value.text();
        }
    }

    /** The app tells the values of several facts at once; either all are taken, or none. */
    record TellAll(Map<String, FactValue> facts) implements Step {
        public TellAll {
            facts = Collections.unmodifiableMap(new TreeMap<>(facts));
        }

        @Override
        public Kind kind() {
            return Kind.TELL_ALL;
        }

        @Override
        public String what() {
            var out = new StringBuilder();
            facts.forEach((fact, value) -> out.append(out.length() == 0 ? "" : "&")
                    .append(fact)
                    .append('=')
                    .append(Percent.encode(value.text())));
            return out.toString();
        }
    }

    /**
     * A branch is forgotten: what was opened there is gone, as after signing out.
     *
     * @param branch the id of its item
     */
    record Clear(String branch) implements Step {
        public Clear {
            Objects.requireNonNull(branch, "branch");
        }

        @Override
        public Kind kind() {
            return Kind.CLEAR;
        }

        @Override
        public String what() {
            return branch;
        }
    }

    /** Everything starts over: the person is at the start, and nothing was visited. */
    record Restart() implements Step {
        @Override
        public Kind kind() {
            return Kind.RESTART;
        }
    }

    /**
     * A saved state is taken up again.
     *
     * @param saved what {@link SavedState#write} gave
     */
    record Resume(String saved) implements Step {
        public Resume {
            Objects.requireNonNull(saved, "saved");
        }

        @Override
        public Kind kind() {
            return Kind.RESUME;
        }

        @Override
        public String what() {
            return saved;
        }
    }
}
