package org.yonderarc.cli;

import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Stream;

/** What the end of a file's name says about its kind, in capitals or not. */
final class Ending {
    private Ending() {}

    /** Whether a file has one of these endings, written without their dot. */
    static boolean is(Path file, String... endings) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return Stream.of(endings).anyMatch(ending -> name.endsWith("." + ending));
    }
}
