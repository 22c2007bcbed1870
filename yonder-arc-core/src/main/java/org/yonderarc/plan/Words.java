package org.yonderarc.plan;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A text that people read: the same in every language, or one for each.
 *
 * @param byLanguage the templates by language tag (BCP 47); a text that is the same in every language stands under the
 *     empty tag; never empty, in the order of the plan,
 *     which doesn't count in equality
 */
public record Words(Map<String, Template> byLanguage) {
    /** The tag of a text that is the same in every language. */
    public static final String ANY = "";

    public Words {
        if (byLanguage.isEmpty()) {
            throw new IllegalArgumentException("a text needs at least one language");
        }
        byLanguage = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(byLanguage));
    }

    /**
     * A text for every language.
     *
     * @throws IllegalArgumentException if it is no proper template
     */
    public static Words of(String template) {
        return new Words(Map.of(ANY, Template.parse(template)));
    }

    /** A text for every language that has no holes: its braces are braces. */
    public static Words plain(String text) {
        return of(text.replace("{", "{{").replace("}", "}}"));
    }

    /** The template for {@code language}; the first where there is none for it. */
    public Template in(String language) {
        Template exact = byLanguage.get(language);
        return exact != null ? exact : byLanguage.values().iterator().next();
    }

    /** The text for {@code language}, its holes filled. */
    public String fill(String language, Function<String, Optional<String>> values) {
        return in(language).fill(values);
    }

    /** The names of all holes, in every language. */
    public List<String> holes() {
        return byLanguage.values().stream()
                .flatMap(template -> template.holes().stream())
                .distinct()
                .collect(toList());
    }
}
