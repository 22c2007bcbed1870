package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.InterFont;
import org.yonderarc.draw.WebFont;
import org.yonderarc.layout.Type;

/** The font of a page against the makers' own file, both set by the browser. */
class WebFontTest {
    private static final String LETTERS =
            "AÀBCDEFGHIJKLMNOPQRSTUVWXYZabcdeéfghijklmnopqrstuvwxyz0123456789.,:;'\"!?()[]/-–“”‘’ æøåßŁłđ";
    /** The widths of all pairs, and where each letter has ink. */
    private static final String COMPARE =
            """
            const [letters, done] = arguments;
            const canvas = document.createElement('canvas');
            canvas.width = canvas.height = 1200;
            const pen = canvas.getContext('2d', {willReadFrequently: true});
            pen.textBaseline = 'alphabetic';
            // What changes with the letters around is left out of the page, so it is off in both.
            canvas.style.fontFeatureSettings = '"calt" 0, "ccmp" 0, "liga" 0';
            document.body.append(canvas);
            Promise.all([document.fonts.load('100px own'), document.fonts.load('100px whole')]).then(loaded => {
              const wrong = [];
              let moved = 0;
              for (const a of letters) for (const b of letters) {
                const widths = ['own', 'whole', 'whole'].map((family, i) => {
                  pen.fontKerning = i == 2 ? 'none' : 'normal';
                  pen.font = '100px ' + family;
                  return pen.measureText(a + b).width;
                });
                if (Math.abs(widths[0] - widths[1]) > 0.01) wrong.push(a + b + ' ' + widths);
                if (Math.abs(widths[1] - widths[2]) > 0.01) moved++;
              }
              pen.fontKerning = 'normal';
              const inks = ['own', 'whole'].map(family => {
                pen.clearRect(0, 0, 1200, 1200);
                pen.font = '90px ' + family;
                // What is turned is not fitted to the rows of pixels.
                [...letters].forEach((letter, i) => {
                  pen.setTransform(0.8, 0.6, -0.6, 0.8, 60 + i % 10 * 110, 60 + Math.floor(i / 10) * 110);
                  pen.fillText(letter, 0, 30);
                });
                return pen.getImageData(0, 0, 1200, 1200).data;
              });
              let ink = 0, other = 0;
              for (let i = 3; i < inks[0].length; i += 4) {
                if (inks[1][i] > 128) ink++;
                if (Math.abs(inks[0][i] - inks[1][i]) > 64) other++;
              }
              done([loaded.flat().length, wrong.slice(0, 9), moved, ink, other]);
            });
            """;

    @TempDir
    static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void open() throws Exception {
        browser = Chromium.start(1280, 800);
    }

    @AfterAll
    static void close() {
        Chromium.done(browser);
    }

    @Test
    void everyPairIsAsWideAndEveryLetterLooksAsInTheWholeFont() throws Exception {
        int[] letters = IntStream.concat(LETTERS.codePoints(), IntStream.of('\n', 0x3042))
                .toArray();
        for (Type.Weight weight : Type.Weight.values()) {
            byte[] own = WebFont.woff(new InterFont(), weight, letters);
            assertTrue(own.length < 12_000, weight + ": " + own.length + " bytes");
            String style = weight == Type.Weight.REGULAR ? "Regular" : "SemiBold";
            byte[] whole;
            try (InputStream in =
                    getClass().getResourceAsStream("/org/yonderarc/fonts/inter/Inter-" + style + ".otf")) {
                whole = in.readAllBytes();
            }
            Path page = folder.resolve(weight + ".html");
            Files.writeString(
                    page,
                    "<!DOCTYPE html><meta charset=utf-8><style>" + face("own", own) + face("whole", whole)
                            + "</style>");
            browser.get(page.toUri().toString());
            List<?> told = (List<?>) browser.executeAsyncScript(COMPARE, LETTERS);
            assertEquals(2L, told.get(0), "both fonts load");
            assertEquals(List.of(), told.get(1), "widths of pairs");
            assertTrue((Long) told.get(2) > 1000, "pairs that move: " + told.get(2));
            assertTrue((Long) told.get(3) > 5000, "points of ink: " + told.get(3));
            assertTrue((Long) told.get(4) < 50, "points of other ink: " + told.get(4) + " of " + told.get(3));
            assertEquals(List.of(), Chromium.complaints(browser));
        }
    }

    private static String face(String family, byte[] font) {
        return "@font-face{font-family:" + family + ";src:url(data:font/otf;base64,"
                + Base64.getEncoder().encodeToString(font) + ")}";
    }
}
