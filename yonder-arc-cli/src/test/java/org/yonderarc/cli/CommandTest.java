package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.sheet.Axes;

class CommandTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path plan;

    @BeforeEach
    void writePlan() throws Exception {
        plan = Files.writeString(folder.resolve("plan.yaml"), Brinelight.yaml());
        Files.writeString(folder.resolve("faulty.yaml"), Brinelight.yaml().replace("start: tides", "start: tidse"));
    }

    private int yonder(String... arguments) {
        return Main.run(new PrintWriter(out), new PrintWriter(err), arguments);
    }

    @Test
    void checkTellsWhatIsWrongAndEndsWithOne() {
        assertEquals(0, yonder("check", plan.toString()));
        assertTrue(out.toString().endsWith("nothing to report (11 screens, 5 items, 2 bars)\n"), out.toString());
        assertEquals(1, yonder("check", folder.resolve("faulty.yaml").toString()));
        assertTrue(out.toString().contains("faulty.yaml:9:10  error [unknown-screen]"), out.toString());
        assertEquals("", err.toString());
    }

    /** What docs/page.md says of a page's size: it can't grow unsaid. */
    @Test
    void theSizeOfAPageIsAsTheDocsSay() throws Exception {
        Path page = folder.resolve("page.html");
        assertEquals(0, yonder("page", plan.toString(), "-o", page.toString()));
        String text = Files.readString(page);
        var said = Pattern.compile("has (\\d+) KB gzipped, of which the script has (\\d+) and the two fonts (\\d+)")
                .matcher(Files.readString(Path.of("../docs/page.md")));
        assertTrue(said.find());
        double script = Pattern.compile("<script[^>]*>(.*?)</script>", Pattern.DOTALL)
                .matcher(text)
                .results()
                .mapToDouble(found -> gzipped(found.group(1)))
                .max()
                .orElseThrow();
        double fonts = Pattern.compile("data:font/woff;base64,([^)\"]+)")
                .matcher(text)
                .results()
                .mapToDouble(found -> gzipped(found.group(1)))
                .sum();
        double[] measured = {gzipped(text), script, fonts};
        for (int i = 0; i < measured.length; i++) {
            double told = Double.parseDouble(said.group(i + 1));
            assertEquals(told, measured[i] / 1000, told * 0.02, said.group());
        }
    }

    private static double gzipped(String text) {
        var out = new ByteArrayOutputStream();
        try (var zip = new GZIPOutputStream(out)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.size();
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
    void theHelpOfSheetsNamesEveryAxis() {
        assertEquals(0, yonder("draw", "--help"));
        for (String axis : Axes.NAMES) {
            assertTrue(out.toString().matches("(?s).*What differs:[^.]*\\b" + axis + "\\b.*"), axis);
        }
    }

    /** Who draws has read the findings once; errors are said in full, since nothing is drawn. */
    @Test
    void drawingOnlyCountsWhatTheCheckHasFound() throws Exception {
        Path odd = Files.writeString(
                folder.resolve("odd.yaml"), Brinelight.yaml().replace("screens:", "screens:\n  lonely: Lonely\n"));
        String picture = folder.resolve("odd.png").toString();
        assertEquals(0, yonder("draw", odd.toString(), "-o", picture, "--scale", "0.25"));
        assertEquals(odd + ": 0 errors, 1 warning. See them with: yonder check " + odd + "\n", err.toString());
        err.getBuffer().setLength(0);
        assertEquals(1, yonder("draw", folder.resolve("faulty.yaml").toString(), "-o", picture));
        assertTrue(err.toString().contains("error [unknown-screen]"), err.toString());
        assertTrue(err.toString().contains("Did you mean \"tides\""), err.toString());
        err.getBuffer().setLength(0);
        String page = folder.resolve("odd.html").toString();
        assertEquals(0, yonder("page", odd.toString(), "-o", page));
        assertTrue(err.toString().startsWith(odd + ": 0 errors, 1 warning."), err.toString());
        assertTrue(Files.readString(Path.of(page)).contains("No item, row or parent leads to &quot;Lonely&quot;."));
    }

    @Test
    void moreContrastReachesThePicture() throws Exception {
        Path usual = folder.resolve("usual.svg");
        Path more = folder.resolve("more.svg");
        assertEquals(0, yonder("draw", plan.toString(), "-o", usual.toString()));
        assertEquals(0, yonder("draw", plan.toString(), "-o", more.toString(), "--more-contrast"));
        String muted = Theme.DEFAULT.colour(Scheme.LIGHT, Role.MUTED).hex();
        String stronger =
                Theme.DEFAULT.moreContrast().colour(Scheme.LIGHT, Role.MUTED).hex();
        assertTrue(Files.readString(usual).contains(muted)
                && !Files.readString(usual).contains(stronger));
        assertTrue(Files.readString(more).contains(stronger)
                && !Files.readString(more).contains(muted));
    }

    /** A device of the plan's own may say how many pixels its pictures have for each dp; the command's word goes before. */
    @Test
    void aDeviceOfThePlansOwnHasAScale() throws Exception {
        Path own = Files.writeString(
                folder.resolve("own.yaml"),
                Brinelight.yaml() + "devices: { reader: { width: 300, height: 400, scale: 1.5 } }\n");
        Path png = folder.resolve("own.png");
        assertEquals(0, yonder("draw", own.toString(), "-o", png.toString(), "--device", "reader"), err.toString());
        assertEquals(450, javax.imageio.ImageIO.read(png.toFile()).getWidth());
        assertEquals(0, yonder("draw", own.toString(), "-o", png.toString(), "--device", "reader", "--scale", "1"));
        assertEquals(300, javax.imageio.ImageIO.read(png.toFile()).getWidth());
    }

    @Test
    void drawWritesSvgAndPng() throws Exception {
        Path svg = folder.resolve("a.svg");
        assertEquals(
                0,
                yonder(
                        "draw",
                        plan.toString(),
                        "-o",
                        svg.toString(),
                        "--screen",
                        "survey?survey=7",
                        "--tell",
                        "drafts=120"));
        assertTrue(Files.readString(svg).contains(">Survey 7</text>"));
        assertTrue(Files.readString(svg).contains(">99+</text>"));
        Path png = folder.resolve("a.png");
        assertEquals(
                0,
                yonder(
                        "draw",
                        plan.toString(),
                        "-o",
                        png.toString(),
                        "--scheme",
                        "dark",
                        "--device",
                        "phone-small",
                        "--scale",
                        "1"));
        assertArrayEquals(new byte[] {(byte) 0x89, 'P', 'N', 'G'}, java.util.Arrays.copyOf(Files.readAllBytes(png), 4));
    }

    /** Every kind of picture, and what each refuses. */
    @Test
    void sheetsMapsAndMeasuresAreDrawn() throws Exception {
        String file = plan.toString();
        Path sheet = folder.resolve("sheet.svg");
        assertEquals(
                0,
                yonder(
                        "draw",
                        file,
                        "-o",
                        sheet.toString(),
                        "--across",
                        "state",
                        "--down",
                        "scheme",
                        "--part",
                        "bottom"),
                err::toString);
        assertTrue(Files.readString(sheet).contains(">state: disabled</text>"));
        Path map = folder.resolve("map.svg");
        assertEquals(0, yonder("draw", "--map", file, "-o", map.toString()), err::toString);
        assertTrue(Files.readString(map).contains(">/surveys/{survey}</text>"));
        Path csv = folder.resolve("bottom.csv");
        assertEquals(0, yonder("measure", file, "bottom", "-o", csv.toString()), err::toString);
        assertTrue(Files.readString(csv).contains("item:tides label"));
        Path tokens = folder.resolve("bottom.tokens.json");
        assertEquals(0, yonder("measure", file, "bottom", "-o", tokens.toString()), err::toString);
        assertTrue(Files.readString(tokens).contains("\"colorSpace\" : \"srgb\""));
        assertEquals(2, yonder("draw", file, "-o", sheet.toString(), "--across", "shceme"));
        assertTrue(err.toString().contains("Did you mean \"scheme\"?"), err.toString());
        assertEquals(2, yonder("draw", file, "-o", sheet.toString(), "--part", "bottom"));
        assertTrue(err.toString().contains("--part is for a sheet. Give --across or --down."), err.toString());
        assertEquals(2, yonder("measure", file, "rail", "-o", csv.toString()));
        assertTrue(err.toString().contains("no rail is shown on phone"), err.toString());
        assertEquals(2, yonder("draw", file, "-o", sheet.toString(), "--device", "20000x10"));
        assertEquals(2, yonder("draw", file, "-o", sheet.toString(), "--touch", "tapped:map"));
        assertEquals(2, yonder("draw", file, "-o", sheet.toString(), "--touch", "hover:mpa"));
        assertTrue(err.toString().contains("Did you mean \"map\"?"), err.toString());
        assertEquals(0, yonder("draw", file, "-o", sheet.toString(), "--device", "900x600", "--why"));
        assertTrue(out.toString().contains("so its kind is tablet."), out.toString());
        assertTrue(out.toString().contains("item tides: shown; selected, the person is on its branch"), out.toString());
    }

    @Test
    void whatChangedBetweenTwoPlansIsSaidAndDrawn() throws Exception {
        Path old = Files.copy(plan, folder.resolve("old.yaml"));
        assertEquals(0, yonder("edit", plan.toString(), "move:/menus/main/2=0", "icon:map=anchor"), err::toString);
        Path picture = folder.resolve("changes.svg");
        assertEquals(3, yonder("compare", old.toString(), plan.toString(), "-o", picture.toString()), err::toString);
        assertTrue(out.toString().contains("moved      item species: place 3 of main, now place 1"), out.toString());
        assertTrue(out.toString().contains("restyled   item map"), out.toString());
        assertTrue(Files.readString(picture).contains(">Before</text>"));
        assertEquals(0, yonder("edit", plan.toString(), "--undo"));
        assertEquals(-1, Files.mismatch(old, plan), "taken back letter by letter");
        assertEquals(0, yonder("compare", old.toString(), plan.toString()));
        assertTrue(out.toString().contains("Nothing changed."), out.toString());
        assertEquals(2, yonder("edit", plan.toString(), "remove:/screens/map"));
        assertEquals(-1, Files.mismatch(old, plan), "an edit that brings errors is not written");
    }

    @Test
    void aPlanWithErrorsLeavesTheOldPictureAlone() throws Exception {
        Path svg = Files.writeString(folder.resolve("a.svg"), "old");
        assertEquals(1, yonder("draw", folder.resolve("faulty.yaml").toString(), "-o", svg.toString()));
        assertEquals("old", Files.readString(svg));
        assertTrue(err.toString().contains("Did you mean \"tides\""), err.toString());
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
    void picturesHaveThePlansColoursInBothSchemes() throws Exception {
        String themed = Brinelight.yaml()
                .replace(
                        "facts:\n",
                        "theme: { light: { accent: '#7a3b8f' }, dark: { accent: hsl(286 60% 80%) } }\nfacts:\n");
        Path violet = Files.writeString(folder.resolve("violet.yaml"), themed);
        Path svg = folder.resolve("violet.svg");
        assertEquals(0, yonder("draw", violet.toString(), "-o", svg.toString()), err::toString);
        assertTrue(Files.readString(svg).contains("fill=\"#7a3b8f\""));
        assertEquals(0, yonder("draw", violet.toString(), "-o", svg.toString(), "--scheme", "dark"));
        assertTrue(Files.readString(svg).contains("fill=\"#dcadeb\""), "hsl(286 60% 80%)");
    }

    @Test
    void schemaIsPrintedForEditorsAndForPeople() {
        assertEquals(0, yonder("schema"));
        assertTrue(out.toString().contains("https://json-schema.org/draft/2020-12/schema"));
        assertEquals(0, yonder("export", "--schema", "plan", "--markdown"));
        assertTrue(out.toString().contains("| `needs` | a condition |"), out.toString());
    }

    @Test
    void aGuardedScreenIsDrawnAsWhatIsShownInItsPlace() throws Exception {
        Path svg = folder.resolve("crew.svg");
        assertEquals(0, yonder("draw", plan.toString(), "-o", svg.toString(), "--screen", "crew"));
        assertTrue(Files.readString(svg).contains(">Sign in</text>"));
        assertEquals(
                0,
                yonder("draw", plan.toString(), "-o", svg.toString(), "--screen", "crew", "--tell", "signed-in=true"));
        assertTrue(Files.readString(svg).contains(">Spring tide weekend</text>"));
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
