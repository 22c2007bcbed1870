package org.yonderarc.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.JsonText;
import org.yonderarc.files.JsonTree;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.PlanTree;
import org.yonderarc.files.SourceText;
import org.yonderarc.files.YamlTree;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;

/** Plans in the words of an earlier version mean what they meant, say so, and are rewritten with their comments. */
class RenamedKeysTest {
    private static final Path PAGE = Path.of("../docs/findings/renamed-key.md");

    private static String text(String resource) throws Exception {
        try (var in = RenamedKeysTest.class.getResourceAsStream(resource)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static PlanFile read(String name, String text) {
        return PlanFile.read(new SourceText(name, text), IconNames.ANY);
    }

    private static List<Finding> renamed(PlanFile file) {
        return file.findings().stream()
                .filter(finding -> finding.code() == Code.RENAMED_KEY)
                .toList();
    }

    /** A file with every key, as an earlier version had it. */
    @Test
    void everyKeyOfAnEarlierVersionMeansTheSame() throws Exception {
        PlanFile earlier = read("earlier.yaml", text("earlier.yaml"));
        assertTrue(earlier.plan().isPresent(), () -> FindingText.report(earlier, FindingText.Colours.NONE));
        assertTrue(renamed(earlier).stream().allMatch(finding -> finding.spot().isLocated()));
        Matcher row = Pattern.compile("(?m)^\\| [^|]+ \\| `([a-z-]+)` \\| `([a-z-]+)` \\|$")
                .matcher(Files.readString(PAGE));
        List<Finding> all = PlanTree.read(earlier.source()).renamed();
        int rows = 0;
        while (row.find()) {
            String told = "\"" + row.group(1) + "\" is called \"" + row.group(2) + "\" now.";
            assertTrue(all.stream().anyMatch(finding -> finding.message().equals(told)), told);
            rows++;
        }
        assertTrue(rows > 50);

        Fixes.Outcome mended = Fixes.apply(earlier, IconNames.ANY);
        assertEquals(List.of(), renamed(mended.file()));
        assertEquals(earlier.plan(), mended.file().plan());
        assertEquals(comments(earlier), comments(mended.file()));

        String json = JsonText.write(YamlTree.parse(text("earlier.yaml")));
        PlanFile inJson = read("earlier.json", json);
        assertEquals(earlier.plan(), inJson.plan());
        Fixes.Outcome both = Fixes.apply(inJson, IconNames.ANY);
        assertEquals(
                JsonTree.parse(
                        JsonText.write(YamlTree.parse(mended.file().source().text()))),
                JsonTree.parse(both.file().source().text()));
    }

    private static List<String> comments(PlanFile file) {
        return Comments.of(file.source().text()).stream()
                .map(Comments.Comment::text)
                .toList();
    }

    /** The first edit writes the names of today; taking it back gives the bytes that were there. */
    @Test
    void anEditWritesTheNamesOfToday() throws Exception {
        String plan =
                """
                yonder: 1
                app: { name: Shore, start: tides }
                kinds: { phone: 0, "desk": 700 } # two
                screens: { tides: Tides, map: Map }
                menus:
                  main: [ tides, { screen: map, 'short': M, off: [ desk ] } ] # short: the label
                bars: [ { menu: main, form: drawer, opens: kept, share: 0.75 }, top ]
                accepted: [ { code: little-room, at: /bars/0/share, because: wide } ]
                """;
        var editor = new PlanEditor(new SourceText("plan.yaml", plan));
        editor.apply(Edit.parse("screen:tides=today"));
        assertEquals(
                """
                yonder: 1
                app: { name: Shore, start: today }
                device-kinds: { phone: 0, "desk": 700 } # two
                screens: { today: Tides, map: Map }
                menus:
                  main: [ today, { screen: map, 'short-label': M, hide-on: [ desk ] } ] # short: the label
                bars: [ { menu: main, form: drawer, opens: always, width: 75% }, top ]
                accepted: [ { code: little-room, at: /bars/0/width, because: wide } ]
                """,
                editor.source().text());
        editor.undo();
        assertEquals(plan, editor.source().text());
    }

    /** What a newer version wrote is neither read as if it were older nor touched. */
    @Test
    void aPlanOfANewerVersionIsLeftAsItIs() {
        String plan = "yonder: 2\napp: { name: A, start: a, novel: 1 }\nscreens: { a: { short: B } }\n";
        PlanFile file = read("plan.yaml", plan);
        assertEquals(
                List.of("newer-format"),
                file.findings().stream().map(finding -> finding.code().id()).toList());
        assertEquals(plan, Fixes.apply(file, IconNames.ANY).file().source().text());
        var editor = new PlanEditor(file.source());
        var refused = assertThrows(EditException.class, () -> editor.apply(Edit.parse("screen:a=b")));
        assertTrue(refused.getMessage().contains("Update Yonder Arc first"), refused.getMessage());
        assertEquals(plan, editor.source().text());
    }

    /** A name that is old in one place and of today in another is told only where it is old. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "screens: { a: { title: T }, on: A, off: B, short: C } | 0",
                "facts: { goes: 1, tells: 2, most: 3 } | 0",
                "styles: { ground: { indicator: { kind: line, edge: inner } } } | 0",
                "styles: { ground: { ground: { edge: accent } } } | 2",
                "bars: [ { menu: m, form: bottom, floating: { max-width: 400 } } ] | 0",
                "bars: [ { menu: m, form: bottom, max-width: 400 } ] | 1",
            })
    void onlyWhatIsOldIsTold(String keys, int count) {
        String head = "yonder: 1\napp: { name: A, start: a }\nmenus: { m: [ a ] }\n";
        String screens = keys.startsWith("screens") ? "" : "screens: { a: A, b: B }\n";
        assertEquals(
                count, renamed(read("plan.yaml", head + screens + keys + "\n")).size());
    }
}
