package org.yonderarc.cli;

import org.yonderarc.files.FindingText.Colours;

/** What the terminal can show. */
final class Terminal {
    private Terminal() {}

    /** Colours on a terminal, unless the variable {@code NO_COLOR} has a value or the terminal is a dumb one. */
    static Colours colours() {
        String noColor = System.getenv("NO_COLOR");
        boolean wanted = noColor == null || noColor.isEmpty();
        boolean able = System.console() != null && !"dumb".equals(System.getenv("TERM"));
        return wanted && able ? Colours.ANSI : Colours.NONE;
    }
}
