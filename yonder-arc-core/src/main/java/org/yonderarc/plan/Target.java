package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

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

    /** The names of the holes that it has: {@code id} of {@code survey?survey={id}}. */
    default List<String> holes() {
        if (this instanceof ToScreen to) {
            return to.place.parameters().values().stream()
                    .flatMap(text -> Template.holesOf(text).stream())
                    .collect(toList());
        }
        return this instanceof ToWeb to ? Template.holesOf(to.address) : List.of();
    }

    /** The same, a hole such as {@code {id}} that is all of a parameter's value, or stands in an address, filled. */
    default Target filled(Function<String, Optional<String>> values) {
        if (this instanceof ToScreen to) {
            var parameters = new TreeMap<String, String>();
            to.place.parameters().forEach((name, text) -> {
                parameters.put(name, Template.fill(text, values));
            });
            return new ToScreen(new Place(to.place.screen(), parameters), to.goes);
        }
        return this instanceof ToWeb to
                ? new ToWeb(Template.fill(to.address, values.andThen(any -> any.map(Percent::encode))), to.opens)
                : this;
    }

    /** Where a web address opens. */
    enum Opens {
        /** Inside of the app. */
        INSIDE,
        /** In the person's browser. */
        BROWSER
    }
}
