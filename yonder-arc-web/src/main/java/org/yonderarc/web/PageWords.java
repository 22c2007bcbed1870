package org.yonderarc.web;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Properties;
import org.yonderarc.files.JsonText;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Markup;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** What the tools around the app say, in the plan's language where that is known, else in English. */
final class PageWords {
    /** What the script says by itself; all else stands in the page. */
    private static final List<String> SCRIPTS =
            List.of("tools", "close", "away", "copied", "started", "nothing", "followed", "at");

    private final String language;
    private final Properties texts;

    private PageWords(String language, Properties texts) {
        this.language = language;
        this.texts = texts;
    }

    static PageWords of(Plan plan) {
        String base = Locale.forLanguageTag(plan.app().language()).getLanguage();
        // Bokmål is what Norwegian is taken for; Hebrew has an older tag, which Java may give.
        String known = base.equals("no") ? "nb" : base.equals("iw") ? "he" : base;
        return read(known, "en");
    }

    static PageWords english() {
        return read("en", "en");
    }

    private static PageWords read(String language, String otherwise) {
        try (InputStream in = PageWords.class.getResourceAsStream("words/" + language + ".properties")) {
            if (language.isEmpty() || in == null) {
                return read(otherwise, otherwise);
            }
            var texts = new Properties();
            texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            return new PageWords(language, texts);
        } catch (IOException failed) {
            throw new UncheckedIOException("the words of the page can't be read", failed);
        }
    }

    /** The language tag of the texts. */
    String language() {
        return language;
    }

    String direction() {
        return Setting.isRightToLeft(language) ? "rtl" : "ltr";
    }

    /** What a device is called; one of a plan's own has its id. */
    String device(String id) {
        return Markup.escape(texts.getProperty(id, id.replace('-', ' ')));
    }

    /** A text as markup writes it. */
    String get(String key) {
        String text = texts.getProperty(key);
        if (text == null) {
            throw new IllegalStateException("the page has no word \"" + key + "\" in " + language);
        }
        return Markup.escape(text);
    }

    /** What the script says, as JSON. */
    String ofScript() {
        var all = new LinkedHashMap<String, Value>();
        SCRIPTS.forEach(key -> all.put(key, Trees.text(texts.getProperty(key))));
        return JsonText.write(Trees.map(all)).replace("<", "\\u003c");
    }
}
