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
 * @param linkSchemes the schemes that web addresses may have beside http, https, mailto and tel
 * @param logos the logo's picture file by scheme, inside of the plan's folder
 * @param smallLogos its small form by scheme, for bars with little room
 * @param back where going back leads at the root of a branch
 * @param builtInTexts what the app says of itself, where that is other than usual
 * @param textFiles the files with texts of other languages, inside of the plan's folder, with a hole for the language
 */
public record App(
        String name,
        Optional<String> start,
        List<String> languages,
        List<String> required,
        List<String> linkSchemes,
        Map<Scheme, String> logos,
        Map<Scheme, String> smallLogos,
        Back back,
        Map<BuiltInText, Words> builtInTexts,
        Optional<String> textFiles) {
    /** Where going back leads at the root of a branch. */
    public enum Back {
        /** To the start's branch; there, out of the app. */
        START,
        /** To the branch before, as far as there is one; then out of the app. */
        HISTORY,
        /** Out of the app. */
        LEAVE
    }

    public App {
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(start, "start");
        languages = List.copyOf(languages);
        required = List.copyOf(required);
        linkSchemes = List.copyOf(linkSchemes);
        logos = Map.copyOf(logos);
        smallLogos = Map.copyOf(smallLogos);
        Objects.requireNonNull(back, "back");
        builtInTexts = Map.copyOf(builtInTexts);
        Objects.requireNonNull(textFiles, "textFiles");
    }

    /** The app with this name, with all defaults. */
    public static App of(String name) {
        return new App(
                name,
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                Map.of(),
                Map.of(),
                Back.START,
                Map.of(),
                Optional.empty());
    }

    /** What the app says of itself in a language: as the plan words it, or as is usual there. */
    public String own(BuiltInText word, String language) {
        return own(word, language, "");
    }

    /** What the app says of itself in a language, with the title of a place where that belongs. */
    public String own(BuiltInText word, String language, String place) {
        return isWorded(word, language)
                ? Objects.requireNonNull(builtInTexts.get(word))
                        .fill(language, hole -> Optional.of(hole.equals(BuiltInText.PLACE) ? place : ""))
                : word.in(language, place);
    }

    /** Whether the plan words this for a language, or for all. */
    public boolean isWorded(BuiltInText word, String language) {
        Words worded = builtInTexts.get(word);
        return worded != null
                && (worded.byLanguage().containsKey(language)
                        || worded.byLanguage().containsKey(Words.ANY));
    }

    /** The language that texts are shown in where nobody chooses another. */
    public String language() {
        return languages.isEmpty() ? Words.ANY : languages.get(0);
    }
}
