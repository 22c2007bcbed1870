package org.yonderarc.plan;

import java.util.List;
import java.util.Map;
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
 * @param logos the logo's picture file by scheme, inside of the plan's folder
 * @param texts the files with texts of other languages, inside of the plan's folder, with a hole for the language
 */
public record App(
        String name,
        Optional<String> start,
        List<String> languages,
        List<String> required,
        List<String> links,
        Map<Scheme, String> logos,
        Optional<String> texts) {
    public App {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(start, "start");
        languages = List.copyOf(languages);
        required = List.copyOf(required);
        links = List.copyOf(links);
        logos = Map.copyOf(logos);
        Objects.requireNonNull(texts, "texts");
    }

    /** The app with this name, with all defaults. */
    public static App of(String name) {
        return new App(name, Optional.empty(), List.of(), List.of(), List.of(), Map.of(), Optional.empty());
    }

    /** The language that texts are shown in where nobody chooses another. */
    public String language() {
        return languages.isEmpty() ? Words.ANY : languages.get(0);
    }
}
