package org.yonderarc.interchange;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;

/** Recognises source files that were generated from a plan, so that a person's own are never overwritten. */
public final class Generated {
    private static final String START = "// Made from ";

    private Generated() {}

    /**
     * Whether a file may be replaced by a newer one: there is none, or it was generated from a plan.
     *
     * @param file never null
     */
    public static boolean isReplaceable(Path file) {
        if (!Files.exists(file)) {
            return true;
        }
        try (var in = Files.newInputStream(file)) {
            return new String(in.readNBytes(START.length()), StandardCharsets.UTF_8).equals(START);
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** The first line; the name is one that may stand in a comment. */
    static String head(String from) {
        return START + from + " by \"yonder export\". Make it again when the plan changes.";
    }

    /** A text within a comment: nothing in it begins or ends a comment, ends the line, or turns the direction. */
    static String comment(String text) {
        return text.strip()
                .codePoints()
                .mapToObj(c -> isPlain(c) ? Character.toString(c) : " ")
                .collect(Collectors.joining())
                .replace("/*", "/ *")
                .replace("*/", "* /");
    }

    /** Whether a character stays in its line and takes no part in how others are read. */
    static boolean isPlain(int c) {
        return !Character.isISOControl(c)
                && !Character.isWhitespace(c)
                && Character.getType(c) != Character.FORMAT
                && Character.getType(c) != Character.SURROGATE;
    }
}
