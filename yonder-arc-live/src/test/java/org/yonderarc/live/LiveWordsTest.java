package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.yonderarc.finding.Severity;
import org.yonderarc.plan.Scheme;

/** What the live page says stands in its table, and nothing else stands there. */
class LiveWordsTest {
    private static final Path RESOURCES = Path.of("src/main/resources/org/yonderarc/live");
    private static final Pattern SAID = Pattern.compile("\\bsay\\('([a-z-]+)'(?! \\+)|\\{\\{say ([a-z-]+)}}");
    /** Keys that are put together, by how they begin. */
    private static final List<String> MADE = List.of("noun-", "scheme-", "severity-");
    /** A text in quotes that begins as a sentence does; keys of a keyboard, headers and names of languages do too. */
    private static final Pattern SENTENCE = Pattern.compile(
            "['`](?!Arrow|Home|End|Delete|Enter|Escape|Content-|Aa'|Default:|Java'|TypeScript')[A-Z][a-z]+[^'`]*['`]");

    private static String source() throws Exception {
        var all = new StringBuilder();
        try (var files = Files.list(RESOURCES)) {
            for (Path file : files.filter(one -> one.toString().matches(".*\\.(js|html)"))
                    .sorted()
                    .toList()) {
                all.append(Files.readString(file)).append('\n');
            }
        }
        return all.toString();
    }

    private static Properties table() throws Exception {
        var words = new Properties();
        try (var in = Files.newBufferedReader(RESOURCES.resolve("words/en.properties"))) {
            words.load(in);
        }
        return words;
    }

    @Test
    void eachWordOfTheTableIsSaidAndEachThatIsSaidIsInTheTable() throws Exception {
        Set<String> said = new TreeSet<>();
        SAID.matcher(source()).results().forEach(one -> said.add(one.group(1) == null ? one.group(2) : one.group(1)));
        said.removeIf(key -> MADE.stream().anyMatch(key::startsWith));
        Set<String> known = new TreeSet<>(table().stringPropertyNames());
        known.removeIf(key -> MADE.stream().anyMatch(key::startsWith));
        assertEquals(known, said);
        assertTrue(known.size() > 200, known.size() + " words");
    }

    /** Those whose keys are put together: a word for each severity, each scheme, and each kind of thing that the page knows. */
    @Test
    void wordsWithKeysThatArePutTogetherAreAllThere() throws Exception {
        Set<String> expected = new TreeSet<>();
        for (Severity one : Severity.values()) {
            expected.add("severity-" + one.word());
        }
        for (Scheme one : Scheme.values()) {
            expected.add("scheme-" + one.word());
        }
        Pattern.compile("case '([a-z]+)'")
                .matcher(Files.readString(RESOURCES.resolve("model.js")))
                .results()
                .forEach(one -> expected.add("noun-" + one.group(1)));
        Set<String> made = new TreeSet<>(table().stringPropertyNames());
        made.removeIf(key -> MADE.stream().noneMatch(key::startsWith) || key.equals("noun-and-title"));
        assertEquals(expected, made);
    }

    @Test
    void noSentenceIsLeftInTheScripts() throws Exception {
        var left = new ArrayList<String>();
        SENTENCE.matcher(source().replaceAll("(?m)//.*$|(?s)/\\*\\*.*?\\*/", ""))
                .results()
                .forEach(one -> left.add(one.group()));
        assertEquals(List.of(), left);
    }

    @Test
    void aNameIsPutInAsText() {
        String page = LiveWords.fill("<h1>{{say has-errors}}</h1>", "$1<b>.yaml");
        assertEquals("<h1>$1&lt;b&gt;.yaml has errors</h1>", page);
    }
}
