package org.yonderarc.cli;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.yonderarc.examples.Brinelight;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.sheet.Axes;

/** Pictures, sheets, maps and pages that the command makes. */
class DrawCommandTest extends CommandFixture {
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
    void aGuardedScreenIsDrawnAsWhatIsShownInItsPlace() throws Exception {
        Path svg = folder.resolve("crew.svg");
        assertEquals(0, yonder("draw", plan.toString(), "-o", svg.toString(), "--screen", "crew"));
        assertTrue(Files.readString(svg).contains(">Sign in</text>"));
        assertEquals(
                0,
                yonder("draw", plan.toString(), "-o", svg.toString(), "--screen", "crew", "--tell", "signed-in=true"));
        assertTrue(Files.readString(svg).contains(">Spring tide weekend</text>"));
    }
}
