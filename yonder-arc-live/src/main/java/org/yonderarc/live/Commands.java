package org.yonderarc.live;

import java.util.List;

/** Runs the command's parts, so that what is handed over from the page is what they make. */
@FunctionalInterface
public interface Commands {
    /**
     * Runs one of them.
     *
     * @param arguments its name and its arguments
     * @return why it could not be done; empty where it was
     */
    String run(List<String> arguments);
}
