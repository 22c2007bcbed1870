package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;
import org.yonderarc.examples.Brinelight;

/** Films, journeys, icons of a plan and reasons, through the command. */
class FilmAndRehearsalTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void writePlan() throws Exception {
        Files.writeString(folder.resolve("plan.yaml"), Brinelight.yaml());
    }

    /** Runs the command; words that end in a known ending stand for files in the folder. */
    private int yonder(String line) {
        String[] words = Arrays.stream(line.split(" "))
                .map(word -> word.matches(".*\\.(yaml|gif|png|svg|bmp)|shots")
                        ? folder.resolve(word).toString()
                        : word.replace('_', ' '))
                .toArray(String[]::new);
        return Main.run(new PrintWriter(out), new PrintWriter(err), words);
    }

    /** As the format says: GIF89a, times in hundredths of a second, the application extension for looping. */
    @Test
    void aFilmIsAnAnimationThatLoopsAtTheRightPace() throws Exception {
        assertEquals(0, yonder("draw plan.yaml choose:surveys -o a.gif --scale 0.25"), err::toString);
        byte[] bytes = Files.readAllBytes(folder.resolve("a.gif"));
        assertEquals("GIF89a", new String(bytes, 0, 6, java.nio.charset.StandardCharsets.US_ASCII));
        assertTrue(new String(bytes, java.nio.charset.StandardCharsets.ISO_8859_1).contains("NETSCAPE2.0"));
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        reader.setInput(ImageIO.createImageInputStream(folder.resolve("a.gif").toFile()));
        var delays = new ArrayList<Integer>();
        for (int i = 0; i < reader.getNumImages(true); i++) {
            var root = (Element) reader.getImageMetadata(i).getAsTree("javax_imageio_gif_image_1.0");
            var control = (Element)
                    root.getElementsByTagName("GraphicControlExtension").item(0);
            delays.add(Integer.valueOf(control.getAttribute("delayTime")));
        }
        // The demo's screens take 300 ms: 15 times 20 ms, and both ends stand for a while.
        assertEquals(16, delays.size());
        assertEquals(List.of(2), delays.subList(1, 15).stream().distinct().toList());
        assertTrue(delays.get(0) >= 50 && delays.get(15) >= 50, delays::toString);
        assertEquals(96, reader.read(0).getWidth());
        assertTrue(out.toString().startsWith("Filmed choose:surveys, 300 ms, in "), out.toString());
    }

    @Test
    void aStripHasItsTimesAndTheWayOfWhatMoves() throws Exception {
        assertEquals(0, yonder("draw --film plan.yaml choose:surveys -o a.svg --frames 4"), err::toString);
        String strip = Files.readString(folder.resolve("a.svg"));
        for (String time : List.of("0 ms", "100 ms", "200 ms", "300 ms")) {
            assertTrue(strip.contains(">" + time + "</text>"), time);
        }
        assertTrue(strip.contains("s middle from left to right over the time, 192 to 576 dp"), strip);
        assertEquals(0, yonder("draw --film plan.yaml --turn tablet -o b.png --scale 0.5"), err::toString);
        assertTrue(Files.size(folder.resolve("b.png")) > 10_000);
        assertEquals(0, yonder("draw --film plan.yaml choose:surveys -o c.svg --reduced"), err::toString);
        assertTrue(out.toString().contains("120 ms"), out.toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "draw --film plan.yaml choose:surveys -o a.bmp    | the name ends in .gif, .png or .svg",
                "draw plan.yaml choose:surveys -o a.gif --frames 2 | --frames: 2 is outside of 3 to 12",
                "draw plan.yaml choose:surveys -o a.gif --scale 9  | --scale: 9.0 is outside of 0.25 to 4",
                "draw plan.yaml -o a.gif                          | there is nothing to film. Name a step",
                "draw plan.yaml choose:survys -o a.gif            | Did you mean \"surveys\"?",
                "draw plan.yaml tell:drafts=2 -o a.gif            | changes nothing that moves",
                "draw plan.yaml --turn phone -o a.gif             | nothing is shown otherwise there",
                "icons                                            | name either a word",
                "icons water --of plan.yaml                       | name either a word",
            })
    void mistakesAreSaidAndNothingIsWritten(String line, String message) {
        assertEquals(2, yonder(line));
        assertTrue(err.toString().contains(message), err.toString());
        assertFalse(Files.exists(folder.resolve("a.gif")));
    }

    @Test
    void plansOfTwoIconSetsAreComparedWithTheIconsOfEach() throws Exception {
        String plan = "yonder: 1\napp: { name: A, start: a }\nscreens: { a: { icon: ICON }, b: { icon: book } }\n"
                + "menus: { m: [ a, b ] }\nbars: [ { menu: m } ]\n";
        Files.writeString(folder.resolve("line.yaml"), plan.replace("ICON", "home"));
        Files.writeString(folder.resolve("slim.yaml"), plan.replace("ICON", "house") + "theme: { icon-set: slim }\n");
        assertEquals(3, yonder("compare line.yaml slim.yaml -o sets.svg"), err::toString);
        assertTrue(out.toString().contains("the set of icons"), out.toString());
        assertFalse(err.toString().contains("both columns"), err.toString());
        String drawn = Files.readString(folder.resolve("sets.svg"));
        assertTrue(drawn.contains("id=\"icon-home") && drawn.contains("id=\"icon-slim-house"), "no square stays empty");
        assertTrue(
                drawn.contains("href=\"#icon-book\"") && drawn.contains("href=\"#icon-slim-book\""),
                "one name, two icons");
    }

    @Test
    void aTouchIsAFilm() throws Exception {
        assertEquals(0, yonder("draw --film plan.yaml --touch pressed:map -o press.svg"), err::toString);
        assertTrue(out.toString().startsWith("Filmed pressed:map, "), out.toString());
        assertTrue(yonder("draw --film plan.yaml -o none.svg") > 0);
        assertTrue(err.toString().contains("the state of an item (touch)"), err.toString());
    }

    @Test
    void aMarkThatMovesIsAFilmWhereScreensDoNot() throws Exception {
        Files.writeString(folder.resolve("still.yaml"), Brinelight.yaml() + "\nmotion: { transition: none }\n");
        assertEquals(0, yonder("draw --film still.yaml choose:map -o still.svg"), err::toString);
        assertTrue(out.toString().contains("Filmed choose:map, 200 ms"), "as long as the mark moves: " + out);
    }

    @Test
    void aJourneyOnADeviceThatNobodyHasIsRefused() throws Exception {
        Files.writeString(folder.resolve("lost.yaml"), "device: phne\njourneys: { A: [ back ] }\n");
        assertTrue(yonder("walk plan.yaml lost.yaml") > 1);
        assertTrue(
                err.toString().contains("lost.yaml: there is no device \"phne\". Did you mean \"phone\"?"),
                err.toString());
        assertEquals("", out.toString());
    }

    @Test
    void journeysThatGoOtherwiseAreShownWithTheFirstDifference() throws Exception {
        Files.writeString(
                folder.resolve("good.yaml"),
                """
                journeys:
                  To the surveys:
                    - { do: choose:surveys, at: surveys, selected: surveys, back: tides }
                """);
        assertEquals(0, yonder("walk plan.yaml good.yaml"), err::toString);
        assertTrue(out.toString().contains("passed  To the surveys"), out.toString());
        Files.writeString(
                folder.resolve("bad.yaml"),
                """
                journeys:
                  To the map:
                    - { do: choose:surveys, at: surveys }
                    - { do: choose:map, at: species }
                """);
        Files.createDirectory(folder.resolve("shots"));
        assertEquals(3, yonder("walk plan.yaml good.yaml bad.yaml -o shots"), err::toString);
        String told = out.toString();
        assertTrue(told.contains("failed  ") && told.contains("species") && told.contains("map"), told);
        assertTrue(told.contains("2 journeys, 1 failed."), told);
        assertEquals(
                384,
                ImageIO.read(folder.resolve("shots/to-the-map.png").toFile()).getWidth());
    }

    /** The picture of a journey has the colours of the plan's theme. */
    @Test
    void aRehearsalIsPicturedInThePlansOwnColours() throws Exception {
        Files.writeString(
                folder.resolve("themed.yaml"),
                """
                yonder: 1
                app: { name: Shore, start: tides }
                theme: { light: { surface: '#fbe9d2' } }
                screens: { tides: { icon: droplet }, map: { icon: map-pin } }
                menus: { main: [ tides, map ] }
                """);
        Files.writeString(folder.resolve("lost.yaml"), "journeys: { Lost: [ { do: choose:map, at: tides } ] }\n");
        Files.createDirectory(folder.resolve("shots"));
        assertEquals(3, yonder("walk themed.yaml lost.yaml -o shots"), err::toString);
        var picture = ImageIO.read(folder.resolve("shots/lost.png").toFile());
        assertEquals(0xFFFBE9D2, picture.getRGB(4, picture.getHeight() - 4), "the bar's surface");
    }

    @Test
    void theIconsOfAPlanAndWhatCouldStandIn() throws Exception {
        assertEquals(0, yonder("icons --of plan.yaml"));
        assertTrue(
                out.toString().lines().anyMatch(line -> line.matches("droplet +filled variant +/screens/tides/icon")),
                out.toString());
        Files.writeString(folder.resolve("odd.yaml"), Brinelight.yaml().replace("icon: droplet", "icon: dropplet"));
        assertEquals(0, yonder("icons --of plan.yaml --set slim"));
        assertTrue(out.toString().contains("instead: clipboard, "), out.toString());
        assertTrue(yonder("icons --of plan.yaml --set slimm") > 0);
        assertTrue(err.toString().contains("Did you mean \"slim\"?"), err.toString());
        assertEquals(0, yonder("icons home --set slim"));
        assertTrue(out.toString().lines().anyMatch(line -> line.startsWith("house ")), out.toString());
        assertEquals(0, yonder("icons --of odd.yaml"));
        assertTrue(
                out.toString().lines().anyMatch(line -> line.matches("dropplet +missing +/screens/tides/icon")),
                out.toString());
        assertTrue(out.toString().contains("instead: droplet"), out.toString());
        Files.createDirectories(folder.resolve("icons"));
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'><path d='M2 2h20v20z'/></svg>";
        Files.writeString(folder.resolve("icons/buoy.svg"), svg);
        Files.writeString(folder.resolve("icons/cask.svg"), svg);
        Files.writeString(
                folder.resolve("other.yaml"),
                "yonder: 1\napp: { name: A, start: a }\nscreens: { a: { icon: buoy } }\nmenus: { m: [ a ] }\n");
        assertEquals(0, yonder("icons --of plan.yaml"));
        assertTrue(out.toString().contains("buoy  of your own, used by another plan in the folder"), out.toString());
        assertTrue(out.toString().contains("cask  of your own, used by no plan in the folder"), out.toString());
        assertEquals(0, yonder("icons zzzz"));
        assertTrue(out.toString().contains("No icon means \"zzzz\"."), out.toString());
    }

    @Test
    void reasonsAreGivenForEachItem() {
        assertEquals(0, yonder("draw plan.yaml -o a.svg --why --screen survey?survey=41 --device tablet"));
        String told = out.toString();
        assertTrue(told.contains("bar main: shown as rail"), told);
        assertTrue(told.contains("item surveys: shown; selected, the person is on its branch"), told);
        assertTrue(told.contains("item map: shown"), told);
    }

    /** The mark that goes from item to item is traced, and not that of a bar which comes with another screen. */
    @Test
    void theChartIsOfTheMarkThatGoesFromItemToItem() throws Exception {
        Files.writeString(
                folder.resolve("two.yaml"),
                """
                yonder: 1
                app: { name: Quarry Notes, start: board }
                motion: { transition: none }
                styles: { lined: { indicator: line } }
                screens:
                  board: { icon: home }
                  stones: { icon: diamond }
                  slate: { icon: book, under: stones }
                  chalk: { icon: map-pin, under: stones }
                menus: { main: [ board, stones ], kinds: [ slate, chalk ] }
                bars:
                  - { menu: main, form: bottom, style: lined }
                  - { id: kinds, menu: kinds, within: stones, form: top, own-row: true, style: lined }
                """);
        assertEquals(0, yonder("draw --film two.yaml choose:stones -o two.svg"), err::toString);
        String drawn = Files.readString(folder.resolve("two.svg"));
        assertTrue(drawn.contains("s middle from left to right over the time, 96 to 288 dp"), drawn);
    }
}
