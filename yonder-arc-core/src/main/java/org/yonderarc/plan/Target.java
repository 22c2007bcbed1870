package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.List;
import java.util.Map;
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
     * @param navigates whether the person goes there; if not, the item only tells the app that it was chosen
     */
    record ToScreen(Place place, boolean navigates) implements Target {
        public ToScreen {
            Objects.requireNonNull(place, "place");
        }
    }

    /**
     * An address on the web.
     *
     * @param address an absolute URI (RFC 3986) with the scheme http, https, mailto or tel
     * @param openIn where it opens
     */
    record ToWeb(String address, OpenIn openIn) implements Target {
        public ToWeb {
            Objects.requireNonNull(address, "address");
            Objects.requireNonNull(openIn, "openIn");
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

    /**
     * A fact that is set: a filter, a choice, a switch.
     *
     * @param fact the fact's id
     * @param value the value that it gets; no value for the opposite of true or false
     */
    record ToFact(String fact, Optional<FactValue> value) implements Target {
        public ToFact {
            Ids.require(fact, "fact");
            Objects.requireNonNull(value, "value");
        }

        /** What an item that says nothing else is called: the text that the fact gets, or the fact and its value. */
        public String named() {
            boolean isText = value.filter(FactValue.Text.class::isInstance).isPresent();
            return (isText ? "" : fact + " ") + value.map(FactValue::text).orElse("");
        }

        /** Whether the fact has that value already. */
        public boolean holds(Map<String, FactValue> facts) {
            FactValue now = facts.get(fact);
            return now != null && now.equals(value.orElse(FactValue.of(true)));
        }
    }

    /** The names of the holes that it has: {@code id} of {@code survey?survey={id}}. */
    default List<String> holes() {
        if (this instanceof ToScreen to) {
            return to.place.parameters().values().stream()
                    .flatMap(text -> Template.holesOf(text).stream())
                    .collect(toList());
        }
        if (this instanceof ToFact to) {
            return Template.holesOf(to.value.map(FactValue::text).orElse(""));
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
            return new ToScreen(new Place(to.place.screen(), parameters), to.navigates);
        }
        if (this instanceof ToFact to && to.value.orElse(null) instanceof FactValue.Text text) {
            return new ToFact(to.fact, Optional.of(FactValue.of(Template.fill(text.text(), values))));
        }
        return this instanceof ToWeb to
                ? new ToWeb(Template.fill(to.address, values.andThen(any -> any.map(Percent::encode))), to.openIn)
                : this;
    }

    /** Where a web address opens. */
    enum OpenIn {
        /** Inside of the app. */
        APP,
        /** In the person's browser. */
        BROWSER
    }
}
