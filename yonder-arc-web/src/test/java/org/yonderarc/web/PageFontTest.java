package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Typeface;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.layout.Type;

/** A plan's own font in a real browser: the same widths as in pictures, and capitals in the same place. */
class PageFontTest {
    private static final List<String> WORDS =
            List.of("Gezeiten", "AVATAR To Ty", "office affix flow", "Überfähre", "0123456789", "Wattführung, 7:45");

    /** Of each word its width; of a line 1.2 em high the middle of a capital, for the page's font and the bundled one. */
    private static final String MEASURE =
            """
            const [words] = arguments;
            const families = getComputedStyle(document.getElementById('device')).fontFamily;
            const pen = document.createElement('canvas').getContext('2d');
            const widths = [400, 600].map(weight => words.map(word => {
              pen.font = weight + ' 100px ' + families;
              return pen.measureText(word).width;
            }));
            const middles = [families, 'Inter'].map(family => {
              const line = document.createElement('div');
              line.style = 'position:absolute;top:0;left:0;line-height:1.2;font-size:100px';
              line.style.fontFamily = family;
              line.innerHTML = 'H<span style="display:inline-block;width:1px;height:0"></span>';
              document.body.append(line);
              const baseline = line.lastChild.getBoundingClientRect().bottom - line.getBoundingClientRect().top;
              line.remove();
              pen.font = '100px ' + family;
              return baseline - pen.measureText('H').actualBoundingBoxAscent / 2;
            });
            return {widths, middles, families};
            """;

    @TempDir
    static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void open() throws Exception {
        browser = Chromium.start(1280, 800);
        for (String style : List.of("", "-Bold")) {
            try (InputStream in = PageFontTest.class.getResourceAsStream(
                    "/net/sf/jasperreports/fonts/dejavu/DejaVuSerif" + style + ".ttf")) {
                Files.write(folder.resolve("serif" + style + ".ttf"), in.readAllBytes());
            }
        }
    }

    @AfterAll
    static void close() {
        Chromium.done(browser);
    }

    @Test
    void textsAreSetAsInPictures() throws Exception {
        var plan = PlanBuilder.app("Fontane")
                .font("serif.ttf", "serif-Bold.ttf")
                .start("a")
                .screen("a", screen -> screen.title("Gezeiten").icon("home"))
                .screen("b", screen -> screen.title("Boote").icon("ship"))
                .menu("main", menu -> menu.item("a").item("b"))
                .build();
        Path page = folder.resolve("own.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.in(folder)).page(plan));
        browser.get(page.toUri().toString());
        new WebDriverWait(browser, Duration.ofSeconds(20))
                .until(driver ->
                        !driver.findElements(By.cssSelector("#device a")).isEmpty());
        var told = (Map<?, ?>) browser.executeScript(MEASURE, WORDS);
        assertTrue(told.get("families").toString().startsWith("\"DejaVu Serif\", Inter"), told.toString());
        var measure = Typeface.of(plan, Fonts.in(folder)).measure();
        var widths = (List<?>) told.get("widths");
        for (Type.Weight weight : Type.Weight.values()) {
            var row = (List<?>) widths.get(weight.ordinal());
            for (int i = 0; i < WORDS.size(); i++) {
                double ours = measure.width(WORDS.get(i), new Type(100, weight));
                assertEquals(((Number) row.get(i)).doubleValue(), ours, ours * 0.003, WORDS.get(i) + " " + weight);
            }
        }
        var middles = (List<?>) told.get("middles");
        assertEquals(
                ((Number) middles.get(1)).doubleValue(),
                ((Number) middles.get(0)).doubleValue(),
                1,
                "capitals stand centred");
        assertEquals(List.of(), Chromium.complaints(browser));
    }
}
