package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.ScreenBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** The content of a page scrolls as far as it reaches, on every device, and by keyboard. */
class PageContentTest {
    private static final Plan PLAN = PlanBuilder.app("Quay")
            .start("chart")
            .screen("chart", screen -> screen.icon("map").wireframe(Wireframe.Kind.MAP))
            .screen("log", screen -> rows(screen.icon("list"), ""))
            .screen("boats", screen -> rows(screen.icon("sailboat"), "chart"))
            .menu("main", menu -> menu.item("chart").item("log").item("boats"))
            .topBar()
            .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
            .build();

    @TempDir
    private Path folder;

    private static void rows(ScreenBuilder screen, String place) {
        screen.wireframe(Wireframe.Kind.LIST);
        for (int i = 0; i < 20; i++) {
            screen.row("Row " + i, "", "", place);
        }
    }

    private static Object main(ChromeDriver browser, String what) {
        return browser.executeScript("const main = document.querySelector('#device main'); return " + what);
    }

    private static void go(ChromeDriver browser, String label, String title) {
        browser.findElement(By.cssSelector("#device nav [aria-label='" + label + "']"))
                .click();
        Chromium.waiting(browser)
                .until(driver ->
                        driver.findElements(By.cssSelector("#device main")).size() == 1
                                && title.equals(main(browser, "main.ariaLabel")));
    }

    @Test
    void scrollsAsFarAsItReachesAndByKeyboard() throws Exception {
        Path page = folder.resolve("page.html");
        Files.writeString(page, new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE).page(PLAN));
        ChromeDriver browser = Chromium.start(1280, 1000);
        browser.get(page.toUri().toString());
        Chromium.waiting(browser).until(driver -> !driver.findElements(By.cssSelector("#device nav a"))
                .isEmpty());
        // A map fills its screen; on a lower device nothing is left to scroll of the higher one.
        for (String device : new String[] {"phone-large", "phone-small"}) {
            new Select(browser.findElement(By.xpath("//select[option[@value='phone-small']]"))).selectByValue(device);
            Chromium.waiting(browser)
                    .until(driver -> Boolean.TRUE.equals(
                            main(browser, "main.clientWidth === " + (device.equals("phone-small") ? 320 : 432))));
            assertEquals(0L, main(browser, "main.scrollHeight - main.clientHeight"), device);
        }
        assertEquals(-1L, main(browser, "main.tabIndex"));
        go(browser, "Log", "Log");
        assertEquals(0L, main(browser, "main.tabIndex"), "nothing in it takes the focus");
        go(browser, "Boats", "Boats");
        assertEquals(-1L, main(browser, "main.tabIndex"), "its rows do");
        assertEquals("", Chromium.violations(browser));
        Chromium.done(browser);
    }
}
