package org.yonderarc.live;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * What the live page says, from a table for each language. There is one in English alone: what the plan's keys mean, findings and what
 * edits did are in English too, and a page in two languages would be harder to read than one in a foreign one.
 */
final class LiveWords {
    private static final Pattern SLOT = Pattern.compile("\\{\\{say ([a-z-]+)}}");
    private static final Properties TEXTS = read("en");

    private LiveWords() {}

    private static Properties read(String language) {
        String file = "words/" + language + ".properties";
        try (InputStream in = LiveWords.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException("there is no " + file);
            }
            var texts = new Properties();
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            return texts;
        } catch (IOException failed) {
            throw new UncheckedIOException("the words of the live page can't be read", failed);
        }
    }

    /** A page with its words in the places for them; {@code {0}} is what is named in them. */
    static String fill(String page, String named) {
        return SLOT.matcher(page.replace("{{live-words}}", ofScript())).replaceAll(slot -> {
            String text = TEXTS.getProperty(slot.group(1));
            if (text == null) {
                throw new IllegalStateException("the live page has no words for " + slot.group(1));
            }
            return Matcher.quoteReplacement(Markup.escape(text.replace("{0}", named)));
        });
    }

    /** All words as JSON, in the order of their keys. */
    private static String ofScript() {
        var all = new LinkedHashMap<String, Value>();
        new TreeSet<>(TEXTS.stringPropertyNames()).forEach(key -> all.put(key, Trees.text(TEXTS.getProperty(key))));
        return JsonText.write(Trees.map(all)).replace("<", "\\u003c");
    }
}
