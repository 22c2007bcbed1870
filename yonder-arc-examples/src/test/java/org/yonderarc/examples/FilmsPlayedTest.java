package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.kit.Script;
import org.yonderarc.web.PageWriter;

/** A film that can be had as tracks is played by the browser itself. */
class FilmsPlayedTest {
    /** Chooses the surveys, and tells how the page gets to the middle of the film: its animations, and the changes of the document. */
    private static final String TO_THE_MIDDLE =
            """
            const start = arguments[0];
            [...document.querySelectorAll('#device nav a')].find(a => a.getAttribute('href') === '#/surveys').click();
            kit.tick(start);
            kit.tick(start + 16);
            const changes = new MutationObserver(() => {});
            changes.observe(document.getElementById('device'), {attributes: true, childList: true, subtree: true});
            const screen = kit.part('/screen:surveys');
            const from = getComputedStyle(screen).translate;
            kit.tick(start + 100);
            kit.tick(start + 150);
            return {
              animations: document.getAnimations().length,
              rate: document.getAnimations()[0]?.playbackRate ?? 0,
              changes: changes.takeRecords().length,
              moves: getComputedStyle(screen).translate !== from
            };
            """;

    @TempDir
    private Path folder;

    private ChromeDriver browser;

    @BeforeEach
    void start() throws Exception {
        browser = Chromium.start(1280, 900);
        PageHost.stopClock(browser);
    }

    @AfterEach
    void stop() {
        Chromium.done(browser);
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> toTheMiddle(String motion) throws Exception {
        var writer = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);
        Path page = Files.writeString(folder.resolve("page.html"), writer.page(Brinelight.plan()));
        browser.get(page.toUri() + "#view=on=phone~~true~light~~1~" + motion + "~usual");
        Chromium.waiting(browser)
                .until(driver -> Boolean.TRUE.equals(browser.executeScript("return !!window.yonderApp")));
        return (Map<String, Object>) browser.executeScript(TO_THE_MIDDLE, Script.START + 1000);
    }

    private long animations() {
        return (Long) browser.executeScript("return document.getAnimations().length");
    }

    @Test
    void theBrowserPlaysAFilmAndNothingIsWrittenMeanwhile() throws Exception {
        Map<String, Object> middle = toTheMiddle("");
        assertTrue((Long) middle.get("animations") > 5, middle.toString());
        assertEquals(1L, middle.get("rate"));
        assertEquals(0L, middle.get("changes"), "frames are the browser's");
        assertEquals(true, middle.get("moves"));
        browser.executeScript("kit.tick(arguments[0])", Script.START + 2000);
        assertEquals(0, animations(), "it is over");
    }

    @Test
    void slowMotionIsTheBrowsersToo() throws Exception {
        Map<String, Object> middle = toTheMiddle("slow");
        assertEquals(0.25, middle.get("rate"));
        browser.executeScript("kit.tick(arguments[0])", Script.START + 2000);
        assertTrue(animations() > 5, "four times as long");
        browser.executeScript("kit.tick(arguments[0])", Script.START + 2300);
        assertEquals(0, animations());
    }

    @Test
    void aBrowserWithoutLinearEasingsIsPaintedFrameByFrame() throws Exception {
        browser.executeCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument", Map.of("source", "CSS.supports = () => false"));
        Map<String, Object> middle = toTheMiddle("");
        assertEquals(0L, middle.get("animations"));
        assertTrue((Long) middle.get("changes") > 0);
        assertEquals(false, middle.get("moves"), "it is placed instead");
    }
}
