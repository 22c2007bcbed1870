package org.yonderarc.keys;

import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import javax.lang.model.element.TypeElement;
import org.jspecify.annotations.Nullable;

/** What the documentation of a record says of it and its components. */
final class Docs {
    private static final Pattern PARAM = Pattern.compile("(?m)^\\s*@param\\s+(\\w+)\\s+((?:.|\\n)*?)(?=^\\s*@|\\z)");
    private static final Pattern SENTENCE = Pattern.compile("(?s)(.*?\\.)(\\s.*)?");
    /** The schema has a range in numbers. */
    private static final Pattern WITHIN = Pattern.compile("[,;]? within \\{@link [^}]*\\}");

    /** A link to what is in another class, whose name need not be known where this is read. */
    private static final Pattern OTHERS = Pattern.compile("\\{@link (\\w[\\w.]*)#(\\w+)\\}");

    private static final Pattern TAG = Pattern.compile("\\{@\\w+ ([^}]*)\\}");

    private final TypeElement type;
    private final String text;
    private final Map<String, String> params = new HashMap<>();

    Docs(TypeElement type, @Nullable String text) {
        this.type = type;
        if (text == null) {
            throw new KeyException("it has no documentation", type);
        }
        this.text = text;
        PARAM.matcher(text).results().forEach(found -> params.put(found.group(1), oneLine(found.group(2))));
    }

    private static String oneLine(String text) {
        return text.strip().replaceAll("\\s+", " ");
    }

    /** Its first sentence. */
    String summary() {
        var found = SENTENCE.matcher(oneLine(text));
        if (!found.matches()) {
            throw new KeyException("its documentation has no sentence", type);
        }
        return found.group(1);
    }

    /** What is said of a component, as it is written: without a capital and a full stop. */
    String of(String component) {
        String said = params.get(component);
        if (said == null) {
            throw new KeyException("nothing is said of \"" + component + "\": add \"@param " + component + "\"", type);
        }
        return said;
    }

    /** The same as another class says it: links to what is in {@code owner} name it, others are names alone. */
    static String from(String said, String owner) {
        return OTHERS.matcher(said).replaceAll("{@code $1.$2}").replace("{@link #", "{@link " + owner + "#");
    }

    /** The same as a plain sentence, without the range, which a schema has in numbers. */
    static String sentence(String said) {
        String plain = TAG.matcher(WITHIN.matcher(said).replaceAll("")).replaceAll("$1");
        return plain.substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + plain.substring(1)
                + (plain.endsWith(".") ? "" : ".");
    }
}
