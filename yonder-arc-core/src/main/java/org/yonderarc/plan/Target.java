package org.yonderarc.plan;

import java.util.Objects;

/** What an item leads to. */
public sealed interface Target {
    /**
     * A screen of the app.
     *
     * @param place the screen, with its parameters
     * @param goes whether the person goes there; if not, the item only tells the app that it was chosen
     */
    record ToScreen(Place place, boolean goes) implements Target {
        public ToScreen {
            Objects.requireNonNull(place, "place");
        }
    }

    /**
     * An address on the web.
     *
     * @param address an absolute URI (RFC 3986) with the scheme http, https, mailto or tel
     * @param opens where it opens
     */
    record ToWeb(String address, Opens opens) implements Target {
        public ToWeb {
            Objects.requireNonNull(address, "address");
            Objects.requireNonNull(opens, "opens");
        }
    }

    /**
     * A document or a media file.
     *
     * @param file its path inside of the plan's folder
     */
    record ToDocument(String file) implements Target {
        public ToDocument {
            Objects.requireNonNull(file, "file");
        }
    }

    /**
     * A signal to the app.
     *
     * @param name its name
     */
    record ToApp(String name) implements Target {
        public ToApp {
            Ids.require(name, "signal");
        }
    }

    /** Where a web address opens. */
    enum Opens {
        /** Inside of the app. */
        INSIDE,
        /** In the person's browser. */
        BROWSER
    }
}
