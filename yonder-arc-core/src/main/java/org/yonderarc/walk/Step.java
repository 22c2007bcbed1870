package org.yonderarc.walk;

import java.util.Objects;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;

/** What a person or the app does. */
public sealed interface Step {
    /** The step as it is written on the command line: {@code choose:surveys}. */
    String text();

    /** A person chooses an item of a menu. */
    record Choose(String item) implements Step {
        public Choose {
            Objects.requireNonNull(item, "item");
        }

        @Override
        public String text() {
            return "choose:" + item;
        }
    }

    /** A place is opened on top of the current trail. */
    record Open(Place place) implements Step {
        public Open {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public String text() {
            return "open:" + place.text();
        }
    }

    /** A person goes back. */
    record Back() implements Step {
        @Override
        public String text() {
            return "back";
        }
    }

    /** A place takes the place of the one that is shown. */
    record Replace(Place place) implements Step {
        public Replace {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public String text() {
            return "replace:" + place.text();
        }
    }

    /** A place is opened as the only one of its branch: the trail starts anew there. */
    record Reset(Place place) implements Step {
        public Reset {
            Objects.requireNonNull(place, "place");
        }

        @Override
        public String text() {
            return "reset:" + place.text();
        }
    }

    /** The place that is shown closes, and tells a result to the one below it. */
    record Finish(String result) implements Step {
        public Finish {
            Objects.requireNonNull(result, "result");
        }

        @Override
        public String text() {
            return "finish:" + result;
        }
    }

    /** A person goes up: to the screen above, made if it was never visited. */
    record Up() implements Step {
        @Override
        public String text() {
            return "up";
        }
    }

    /** An address from outside is followed: a path, or a URI with one. */
    record Link(String address) implements Step {
        public Link {
            Objects.requireNonNull(address, "address");
        }

        @Override
        public String text() {
            return "link:" + address;
        }
    }

    /** The drawer or the overflow of a bar opens, or closes if it is open. */
    record Toggle(String bar) implements Step {
        public Toggle {
            Objects.requireNonNull(bar, "bar");
        }

        @Override
        public String text() {
            return "toggle:" + bar;
        }
    }

    /** The drawer or the overflow that is open closes. */
    record Close() implements Step {
        @Override
        public String text() {
            return "close";
        }
    }

    /** A bar is collapsed to icons, or expanded if it is collapsed. */
    record Fold(String bar) implements Step {
        public Fold {
            Objects.requireNonNull(bar, "bar");
        }

        @Override
        public String text() {
            return "fold:" + bar;
        }
    }

    /** The app tells the value of a fact. */
    record Tell(String fact, FactValue value) implements Step {
        public Tell {
            Objects.requireNonNull(fact, "fact");
            Objects.requireNonNull(value, "value");
        }

        @Override
        public String text() {
            return "tell:" + fact + "=" + value.text();
        }
    }
}
