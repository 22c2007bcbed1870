package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Map;
import java.util.Properties;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Plan;

/** The languages of the tools around the app. */
class PageWordsTest {
    private static Properties words(String language) throws Exception {
        var words = new Properties();
        try (var in = new InputStreamReader(
                PageWriter.class.getResourceAsStream("words/" + language + ".properties"), StandardCharsets.UTF_8)) {
            words.load(in);
        }
        return words;
    }

    private static Plan plan(String language) {
        return PlanBuilder.app("Shore")
                .languages(language)
                .start("tides")
                .screen("tides", screen -> screen.title(Map.of(language, "Tides")))
                .build();
    }

    private static String page(String language) {
        return new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan(language));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "de", "fr", "es", "it", "pt", "nl", "da", "sv", "nb", "fi", "pl", "cs", "uk", "tr", "ar", "he", "hi",
                "zh", "ja", "ko"
            })
    void eachLanguageHasEveryWord(String language) throws Exception {
        Properties english = words("en");
        Properties own = words(language);
        assertEquals(english.keySet(), own.keySet());
        int same = 0;
        for (String key : english.stringPropertyNames()) {
            String text = own.getProperty(key);
            assertFalse(text.isBlank(), key);
            assertEquals(english.getProperty(key).contains("{0}"), text.contains("{0}"), key);
            same += text.equals(english.getProperty(key)) ? 1 : 0;
        }
        assertTrue(same < 5, same + " words are the English ones");
        String page = page(language);
        assertTrue(page.contains("<html lang=\"" + language + "\">"));
        assertTrue(page.contains(own.getProperty("true-size")));
        assertFalse(page.contains("True size"));
        assertFalse(page.contains("{{say"), "a slot without its word");
    }

    @ParameterizedTest
    @CsvSource({
        "no, nb, ltr",
        "nb-NO, nb, ltr",
        "de-AT, de, ltr",
        "he, he, rtl",
        "iw, he, rtl",
        "ar-EG, ar, rtl",
        "zh-Hant, zh, ltr",
        "eo, en, ltr"
    })
    void theLanguageIsThatOfThePlanOrEnglish(String tag, String known, String direction) throws Exception {
        String page = page(tag);
        assertTrue(page.contains("<html lang=\"" + tag + "\">"), "its title is the app's");
        assertTrue(page.contains("<body lang=\"" + known + "\">"));
        assertTrue(page.contains("<aside id=\"tools\" dir=\"" + direction + "\""));
        assertTrue(page.contains(">" + words(known).getProperty("start-over") + "<"));
    }

    /** Everything that people read in the page comes from the words, but for the app's name and the licences. */
    @ParameterizedTest
    @ValueSource(strings = {"ja"})
    void nothingOfThePageIsLeftInEnglish(String language) throws Exception {
        String page = page(language).replaceAll("(?s)<(script|style|svg|pre)[ >].*?</\\1>", "");
        page = page.replaceAll("(?s)<select id=\"device-name\">.*?</select>", "");
        var left = new HashSet<String>();
        var texts = Pattern.compile(">([^<]*[A-Za-z]{3}[^<]*)<|aria-label=\"([^\"]*[A-Za-z]{3}[^\"]*)\"")
                .matcher(page);
        while (texts.find()) {
            left.add((texts.group(1) == null ? texts.group(2) : texts.group(1)).strip());
        }
        left.removeIf(text -> text.isEmpty() || text.equals("Shore") || text.equals("Tides"));
        assertEquals(new HashSet<String>(), left);
    }

    /** A letter and its mark are one sign of the font, where it has that; a mark by itself is not. */
    @ParameterizedTest
    @CsvSource({"S\u0327, Sx\u0327", "w\u0302, wx\u0302"})
    void lettersOfTwoCodePointsHaveTheirSignInTheFont(String joined, String apart) {
        assertTrue(font(joined).length() > font(apart).length());
        assertEquals(font(apart).length(), font(apart + apart).length());
    }

    private static String font(String title) {
        Plan plan = PlanBuilder.app("x")
                .start("a")
                .screen("a", screen -> screen.title(title))
                .build();
        String page = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(plan);
        int at = page.indexOf("base64,");
        return page.substring(at, page.indexOf(')', at));
    }
}
