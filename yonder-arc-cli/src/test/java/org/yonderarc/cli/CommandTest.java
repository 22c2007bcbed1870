package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.examples.Brinelight;

class CommandTest extends CommandFixture {
    @Test
    void checkTellsWhatIsWrongAndEndsWithOne() {
        assertEquals(0, yonder("check", plan.toString()));
        assertTrue(out.toString().endsWith("nothing to report (11 screens, 5 items, 2 bars)\n"), out.toString());
        assertEquals(1, yonder("check", folder.resolve("faulty.yaml").toString()));
        assertTrue(out.toString().contains("faulty.yaml:9:10  error [unknown-screen]"), out.toString());
        assertEquals("", err.toString());
    }

    /** The commands of earlier versions do what they did, and say what they are called now. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sheet PLAN -o s.svg --across scheme | draw",
                "map PLAN -o m.svg | draw --map",
                "film PLAN choose:surveys -o f.svg | draw --film",
                "rehearse PLAN j.yaml | walk",
                "schema | export --schema plan",
                "schema --journeys --markdown | export --schema journeys",
                "completion | export --completion",
                "completion zsh | export --completion",
            })
    void wordsOfEarlierVersionsStillWork(String line, String now) throws Exception {
        Files.writeString(folder.resolve("j.yaml"), "journeys: { Out: [ { do: choose:surveys, at: surveys } ] }\n");
        String[] words = line.replace("PLAN", plan.toString())
                .replaceAll("\\b([a-z]\\.[a-z]+)", folder + "/$1")
                .split(" ");
        assertEquals(0, yonder(words), err::toString);
        String told = "Note: \"yonder " + words[0] + "\" is \"yonder " + now + "\" now;";
        assertTrue(err.toString().startsWith(told), err::toString);
        String before = out.toString();
        out.getBuffer().setLength(0);
        String[] today = (now + line.substring(words[0].length()).replace(" --journeys", ""))
                .replace("PLAN", plan.toString())
                .replaceAll("\\b([a-z]\\.[a-z]+)", folder + "/$1")
                .split(" ");
        if (!line.equals("completion")) {
            assertEquals(0, yonder(today), err::toString);
            assertEquals(before, out.toString());
        }
    }

    /** Asked for together, or for another kind of drawing, options are refused rather than left aside. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-o a.svg --map --across scheme | are three things",
                "-o a.gif --map | are three things",
                "choose:surveys -o a.png | steps are for a film",
                "-o a.png --reduced | --reduced is for a film",
                "-o a.png --map --frame | --frame is for a picture or a sheet",
                "-o a.png --across scheme --why | --why is for one picture",
                "choose:surveys -o a.gif --outlines | --outlines is for an SVG",
            })
    void nothingIsAskedForInVain(String options, String reason) {
        assertEquals(2, yonder(("draw " + plan + " " + options).split(" ")));
        assertTrue(err.toString().contains(reason), err::toString);
    }

    @Test
    void walkTellsWhatHappensAtEachStep() {
        assertEquals(
                0, yonder("walk", plan.toString(), "choose:surveys", "open:survey?survey=41", "back", "back", "back"));
        assertTrue(
                out.toString()
                        .contains(
                                """
                open:survey?survey=41
                  Opened on top of the trail.
                  at              Survey 41  /surveys/41
                  trail           surveys > survey?survey=41
                  selected        surveys
                  leading button  back to Surveys
                """),
                out.toString());
        assertTrue(out.toString().contains("  effect          leave\n"), out.toString());
    }

    @Test
    void walksAreToldToProgramsToo() {
        assertEquals(0, yonder("walk", plan.toString(), "--json", "choose:crew", "back", "back"));
        String json = out.toString();
        assertTrue(json.startsWith("["), json);
        assertTrue(json.contains("\"step\" : \"choose:crew\""), json);
        assertTrue(json.contains("\"screen\" : \"sign-in\""), json);
        assertTrue(json.contains("\"leave\""), json);
    }

    @Test
    void demoMakesEverythingItNames() throws Exception {
        Path made = folder.resolve("demo");
        assertEquals(0, yonder("demo", "-o", made.toString()), err::toString);
        assertTrue(Files.readString(made.resolve("brinelight.html")).contains("Content-Security-Policy"));
        try (var pictures = Files.list(made.resolve("screens"))) {
            assertEquals(44, pictures.count());
        }
        assertTrue(out.toString().lines().count() < 30 && out.toString().contains("44 pictures"), out.toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"bottom", "drawer", "wide"})
    void newPlansCheckCleanAndKeepWhatIsThere(String arrangement) throws Exception {
        Path file = folder.resolve("shore.yaml");
        assertEquals(0, yonder("new", "Shore Walks: 2", "--as", arrangement, "-o", file.toString()), err::toString);
        assertEquals(0, yonder("check", file.toString(), "--strict"));
        assertTrue(out.toString().contains("nothing to report"), out.toString());
        assertTrue(Files.readString(file).contains("{ name: \"Shore Walks: 2\""));
        assertEquals(2, yonder("new", "Other", "-o", file.toString()));
        assertTrue(err.toString().contains("exists already"), err.toString());
    }

    @Test
    void iconsAreFoundByMeaning() {
        assertEquals(0, yonder("icons", "money", "--filled"));
        assertTrue(out.toString().lines().allMatch(line -> line.contains("filled variant")), out.toString());
        assertTrue(out.toString().contains("coin"), out.toString());
        assertEquals(0, yonder("icons", "shoar"));
        assertTrue(out.toString().contains("No icon means \"shoar\". Did you mean"), out.toString());
    }

    @Test
    void severalWordsAndCategoriesNarrowTheSearchAndItCanBeDrawn() throws Exception {
        assertEquals(0, yonder("icons", "arrow", "left", "--most", "5"));
        assertTrue(out.toString().startsWith("arrow-left "), out.toString());
        assertEquals(0, yonder("icons", "chat", "--most", "6"));
        assertTrue(out.toString().lines().anyMatch(line -> line.startsWith("message")), out.toString());
        assertTrue(out.toString().lines().noneMatch(line -> line.startsWith("cat ")), out.toString());
        assertEquals(0, yonder("icons", "--category", "animals", "--most", "500"));
        assertTrue(out.toString().lines().anyMatch(line -> line.startsWith("fish ")), out.toString());
        assertEquals(2, yonder("icons", "--category", "animls"));
        assertTrue(err.toString().contains("Did you mean \"animals\"?"), err.toString());
        assertEquals(0, yonder("icons", "school", "--filled", "--category", "animals"));
        Path picture = folder.resolve("icons.svg");
        assertEquals(0, yonder("icons", "heart", "--most", "3", "-o", picture.toString()));
        String svg = Files.readString(picture);
        assertTrue(svg.contains(">heart</text>") || svg.contains(">heart<"), svg.substring(0, 400));
        assertEquals(2, yonder("icons", "heart", "-o", "heart.gif"));
        assertTrue(err.toString().contains("ends in .svg or .png"), err.toString());
    }

    @Test
    void checkWritesForProgramsAndIsStrictWhenAsked() throws Exception {
        Path odd =
                Files.writeString(folder.resolve("odd.yaml"), Brinelight.yaml().replace("    - species\n", ""));
        assertEquals(0, yonder("check", odd.toString(), "--json"));
        assertTrue(out.toString().contains("\"code\" : \"unreachable-screen\""), out.toString());
        assertEquals(1, yonder("check", odd.toString(), "--sarif", "--strict"));
        assertTrue(out.toString().contains("\"version\" : \"2.1.0\""), out.toString());
    }

    @Test
    void fixMendsTheFileAndSaysWhatItDid() throws Exception {
        Path faulty = folder.resolve("faulty.yaml");
        Files.writeString(
                faulty, Files.readString(faulty).replace("tidse", "tdes").replace("badge: drafts", "bagde: drafts"));
        assertEquals(0, yonder("check", "--fix", faulty.toString()));
        assertTrue(err.toString().contains("Fixed line 9: tdes is now tides"), err.toString());
        assertTrue(err.toString().contains("bagde is now badge"), err.toString());
        assertEquals(Brinelight.yaml(), Files.readString(faulty));
        assertEquals(0, yonder("check", "--fix", faulty.toString()));
        assertTrue(err.toString().endsWith("Nothing can be fixed automatically.\n"), err.toString());
    }

    @Test
    void schemaIsPrintedForEditorsAndForPeople() {
        assertEquals(0, yonder("schema"));
        assertTrue(out.toString().contains("https://json-schema.org/draft/2020-12/schema"));
        assertEquals(0, yonder("export", "--schema", "plan", "--markdown"));
        assertTrue(out.toString().contains("| `needs` | a condition |"), out.toString());
    }

    /** Arguments with {@code P} for a good plan and {@code D} for the folder; then the message. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "chek                          | there is no command \"chek\"",
                "check                         | Missing required parameter: 'PLAN'",
                "check D/none.yaml             | none.yaml: there is no such file",
                "walk D                        | this is a directory",
                "draw P                        | Missing required option: '--output=FILE'",
                "draw P -o D/a.bmp             | the name ends in .svg or .png",
                "draw P -o D/no/a.png          | Make the folder first",
                "draw P -o /proc/a.png         | the file can't be written",
                "draw P -o D/a.svg --screen survys | There is no screen \"survys\". Did you mean \"surveys\"",
                "draw P -o D/a.svg --screen survey?depth=2 | \"survey\" has no parameter {depth}",
                "draw P -o D/a.svg --screen a?b    | \"b\" is not name=value",
                "draw P -o D/a.svg --device phon   | there is no device \"phon\". Did you mean \"phone\"",
                "draw P -o D/a.svg --scheme drak   | there is no scheme \"drak\". Did you mean \"dark\"",
                "draw P -o D/a.svg --tell drafts=x | the fact \"drafts\" takes a number",
                "draw P -o D/a.svg --scale 0       | --scale: 0.0 is outside of 0.25 to 8.0",
                "draw P -o D/a.svg --scale 2       | --scale: an SVG has no pixels; leave it out, or make a PNG.",
                "draw P choose:surveys -o D/a.svg --film --scale 2 | --scale: an SVG has no pixels; leave it out, or make a PNG.",
                "compare P P -o D/a.svg --scale 2  | --scale: an SVG has no pixels; leave it out, or make a PNG.",
                "draw P -o D/a.svg --sceme dark    | Possible solutions: --scale, --screen, --scheme",
                "walk P jump                   | there is no step \"jump\". A step is",
                "draw P -o O.png --scroll few  | 'few' is not a number",
                "sheet P -o O.png --across devise | there is no axis \"devise\". Did you mean \"device\"?",
                "walk P choose:survys          | There is no item \"survys\". Did you mean \"surveys\"",
                "page P -o D/a.txt             | the name ends in .html",
                "demo -o P                     | the folder can't be made",
                "check P --json --sarif        | mutually exclusive",
                "new Shore --as rial           | there is no arrangement \"rial\"",
                "icons water --most 0          | --most: 0 is outside of 1 to 500",
            })
    void mistakesGetAMessageAndTheStatusTwo(String arguments, String message) throws Exception {
        String[] words = arguments == null
                ? new String[0]
                : arguments.replace("P", plan.toString()).split(" ");
        for (int i = 0; i < words.length; i++) {
            words[i] = words[i].equals("D") || words[i].startsWith("D/") ? folder + words[i].substring(1) : words[i];
        }
        assertEquals(2, yonder(words));
        assertTrue(err.toString().contains(message), err.toString());
        assertFalse(err.toString().contains("\tat "), "no stack trace");
        assertFalse(Files.exists(folder.resolve("a.svg")), "nothing was written");
    }
}
