package org.yonderarc.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.yonderarc.files.FindingText.Colours;

/** What the terminal can show. */
final class Terminal {
    private Terminal() {}

    /** How narrow and how wide help is written at most, in characters. */
    private static final int NARROW = 80;

    private static final int WIDE = 120;
    private static final int USUAL = 80;

    /**
     * Colours on a terminal, unless the variable {@code NO_COLOR} has a value or the terminal is a dumb one; anywhere where
     * {@code FORCE_COLOR} has a value other than 0.
     */
    static Colours colours() {
        return colours(System.getenv(), System.console() != null);
    }

    static Colours colours(Map<String, String> variables, boolean isTerminal) {
        String forced = variables.getOrDefault("FORCE_COLOR", "");
        boolean wanted = variables.getOrDefault("NO_COLOR", "").isEmpty() && !forced.equals("0");
        boolean able = isTerminal && !"dumb".equals(variables.get("TERM")) || !forced.isEmpty();
        return wanted && able ? Colours.ANSI : Colours.NONE;
    }

    /** Whether people see that a command takes its time: on a terminal that can take back what it shows, where no server is to run. */
    static boolean canWait(String... arguments) {
        return arguments.length > 0
                && !arguments[0].equals("live")
                && System.console() != null
                && !isRedirected()
                && !"dumb".equals(System.getenv("TERM"));
    }

    /** Whether errors go elsewhere, where the system tells: a console is known by its input and output alone. */
    private static boolean isRedirected() {
        try {
            String errors = Files.readSymbolicLink(Path.of("/proc/self/fd/2")).toString();
            return !errors.startsWith("/dev/pts/") && !errors.startsWith("/dev/tty");
        } catch (IOException | UnsupportedOperationException untold) {
            return false;
        }
    }

    /** So many characters a line of help has: those of the terminal, as {@code COLUMNS} says. */
    static int width(Map<String, String> variables) {
        String columns = variables.getOrDefault("COLUMNS", "");
        int wide = columns.matches("[0-9]{1,4}") ? Integer.parseInt(columns) : USUAL;
        return Math.max(NARROW, Math.min(WIDE, wide));
    }
}
