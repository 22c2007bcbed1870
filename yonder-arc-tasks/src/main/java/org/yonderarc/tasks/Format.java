package org.yonderarc.tasks;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A format of files that tasks make. */
public enum Format {
    /** Scalable Vector Graphics. */
    SVG("svg", "image/svg+xml"),
    /** Portable Network Graphics. */
    PNG("png", "image/png"),
    /** An animated picture. */
    GIF("gif", "image/gif"),
    /** A page of the web. */
    HTML("html", "text/html; charset=utf-8"),
    /** Comma-separated values, RFC 4180. */
    CSV("csv", "text/csv; charset=utf-8"),
    /** Design tokens, in the format of the W3C Design Tokens Community Group. */
    TOKENS("tokens.json", "application/json"),
    /** Conformance vectors, in JSON. */
    VECTORS("vectors.json", "application/json"),
    /** JSON, RFC 8259. */
    JSON("json", "application/json"),
    /** Plain text for people. */
    TEXT("txt", "text/plain; charset=utf-8"),
    /** Findings in SARIF 2.1.0. */
    SARIF("sarif", "application/sarif+json"),
    /** A Java class. */
    JAVA("java", "text/plain; charset=utf-8"),
    /** A TypeScript module. */
    TYPESCRIPT("ts", "text/plain; charset=utf-8"),
    /** A Kotlin object. */
    KOTLIN("kt", "text/plain; charset=utf-8"),
    /** A Swift type. */
    SWIFT("swift", "text/plain; charset=utf-8"),
    /** A state machine in SCXML 1.0. */
    SCXML("scxml", "application/xml");

    private final String extension;
    private final String mediaType;

    Format(String extension, String mediaType) {
        this.extension = extension;
        this.mediaType = mediaType;
    }

    /** What the names of such files end in, without the dot. */
    public String extension() {
        return extension;
    }

    /** The media type (RFC 6838), with the encoding of text. */
    public String mediaType() {
        return mediaType;
    }

    /** The format of a file of this name, in capitals or not; {@code a.tokens.json} is {@link #TOKENS}. */
    public static Optional<Format> ofName(String fileName) {
        String name = fileName.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(format -> name.endsWith("." + format.extension))
                .max(Comparator.comparingInt(format -> format.extension.length()));
    }

    /** Their extensions as a choice, {@code .svg, .png or .csv}; at least one. */
    public static String choice(List<Format> formats) {
        List<String> names =
                formats.stream().map(format -> "." + format.extension).toList();
        int last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " or " + names.get(last);
    }

    /** This format, if it is one of those that are made. */
    Format among(List<Format> made) {
        if (!made.contains(this)) {
            throw new InvalidRequestException("." + extension + " is not made here; choose " + choice(made) + ".");
        }
        return this;
    }
}
