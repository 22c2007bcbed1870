package org.yonderarc.plan;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What the plan is of.
 *
 * @param name the app's name, as people read it
 * @param start the id of the screen that is shown first; a plan without one has a finding
 * @param languages the language tags (BCP 47) that its texts come in, the default one first; may be empty
 * @param required the ids of screens and signals that people must always be able to reach
 * @param links the schemes that web addresses may have beside http, https, mailto and tel
 */
public record App(
        String name, Optional<String> start, List<String> languages, List<String> required, List<String> links) {
    public App {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(start, "start");
        languages = List.copyOf(languages);
        required = List.copyOf(required);
        links = List.copyOf(links);
    }

    /** The language that texts are shown in where nobody chooses another. */
    public String language() {
        return languages.isEmpty() ? Words.ANY : languages.get(0);
    }
}
