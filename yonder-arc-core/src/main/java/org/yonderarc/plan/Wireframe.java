package org.yonderarc.plan;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/**
 * A stand-in for a screen's content, so that previews look like an app.
 *
 * @param kind what kind of content
 * @param rows sample content; never null, may be empty
 */
public record Wireframe(Kind kind, List<Row> rows) {
    /** A screen of which nothing is known yet. */
    public static final Wireframe EMPTY = new Wireframe(Kind.EMPTY, List.of());

    /** The kinds of content. */
    public enum Kind {
        /** Nothing but a hint that something will come here. */
        EMPTY,
        /** Lines below each other: picture, title, note, value. */
        LIST,
        /** Large cards below each other. */
        CARDS,
        /** Pictures in two columns. */
        GALLERY,
        /** One thing: a large picture and what there is to know of it. */
        DETAIL,
        /** Fields and switches. */
        FORM,
        /** A map with a pin for each row. */
        MAP,
        /** A curve with a headline figure: the first row is the headline. */
        CHART,
        /** Messages: a row with a value is one's own, the others are from who is named in the note. */
        CHAT,
        /** A large picture with controls below it, and what comes next: the first row is what plays. */
        MEDIA;

        /** The word for it in a plan file. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** The kind with this word. */
        public static Optional<Kind> of(String word) {
            return List.of(values()).stream()
                    .filter(kind -> kind.word().equals(word))
                    .findFirst();
        }
    }

    public Wireframe {
        Objects.requireNonNull(kind, "kind");
        rows = List.copyOf(rows);
    }
}
