package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * What the plan is of.
 *
 * @param name the app's name, as people read it
 * @param start the id of the screen that is shown first; a plan without one has a finding
 */
public record App(String name, Optional<String> start) {
    public App {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(start, "start");
    }
}
