package org.yonderarc.walk;

import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Target;

/** Something that the app has to do or know because of a step. */
public sealed interface Effect {
    /** The effect in words: {@code signal: sign-out}. */
    String text();

    /** What comes of choosing an item that leads to no place of the app. */
    static Effect of(Item item) {
        Target target = item.target();
        if (target instanceof Target.ToWeb web) {
            return new OpenWeb(web.address(), web.openIn());
        }
        if (target instanceof Target.ToDocument document) {
            return new OpenDocument(document.file());
        }
        return target instanceof Target.ToApp app ? new Signal(app.name()) : new Chosen(item.id());
    }

    /** The person wants to leave the app. */
    record Leave() implements Effect {
        @Override
        public String text() {
            return "leave";
        }
    }

    /** The selected item was chosen again at the root of its branch: a good moment to scroll to the top. */
    record ChosenAgain(String item) implements Effect {
        @Override
        public String text() {
            return "chosen again: " + item;
        }
    }

    /** An item was chosen that leaves the person where they are. */
    record Chosen(String item) implements Effect {
        @Override
        public String text() {
            return "chosen: " + item;
        }
    }

    /** A signal for the app. */
    record Signal(String name) implements Effect {
        @Override
        public String text() {
            return "signal: " + name;
        }
    }

    /** A web address is to be opened. */
    record OpenWeb(String address, Target.OpenIn where) implements Effect {
        @Override
        public String text() {
            return "open on the web: " + address;
        }
    }

    /** A document or a media file in the plan's folder is to be opened. */
    record OpenDocument(String file) implements Effect {
        @Override
        public String text() {
            return "open the document: " + file;
        }
    }

    /** A place was closed with a result for the place that is shown now. */
    record Result(Place to, String result) implements Effect {
        @Override
        public String text() {
            return "result for " + to.text() + ": " + result;
        }
    }

    /** The step can't be taken; nothing changed. */
    record Refused(String reason) implements Effect {
        @Override
        public String text() {
            return "refused: " + reason;
        }
    }
}
