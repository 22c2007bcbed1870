package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Rectangle;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;

/** Devices of the page: how they fit, stand beside each other, and are printed. */
class PageDevicesTest extends PageFixture {
    @Test
    void everyDeviceFitsAndItsScaleIsSaid() {
        var devices = new Select(browser.findElement(By.id("device-name")));
        for (Device device : Device.PRESETS) {
            devices.selectByValue(device.id());
            until(() -> number(browser, "document.getElementById('device').offsetWidth") == device.width());
            Rectangle box = box(0);
            assertTrue(box.x >= 304 && box.x + box.width <= 1280, device.id() + " at " + box.x + ", " + box.width);
            assertTrue(
                    box.y >= 0 && box.y + box.height <= number(browser, "innerHeight"),
                    device.id() + " at " + box.y + ", " + box.height);
            String label = browser.findElement(By.cssSelector(".label")).getText();
            assertEquals(box.width < device.width() - 1, label.contains("%"), label);
        }
    }

    @Test
    void theWindowItselfIsADeviceWithoutAFrame() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        assertEquals(0, browser.findElement(By.id("device")).getRect().x);
        browser.findElement(By.id("open-tools")).click();
        new Select(browser.findElement(By.id("device-name"))).selectByValue("phone");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 384);
        assertTrue(browser.findElement(By.id("tools")).isDisplayed());
    }

    /** At four times the size, a window has a quarter of its width and height. */
    @Test
    void aWindowThatIsEnlargedLeavesRoomForContent() {
        browser.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 320, "height", 200, "deviceScaleFactor", 4, "mobile", false));
        try {
            // Beside the bar by which it is scrolled.
            until(() -> number(browser, "document.getElementById('device').offsetWidth") >= 300
                    && number(browser, "document.getElementById('device').offsetWidth") <= 320);
            assertEquals(300, number(browser, "document.getElementById('device').offsetHeight"));
            assertTrue(number(browser, "document.querySelector('#device main').offsetHeight") > 200);
            browser.executeScript("document.getElementById('desk').scrollTop = 500");
            assertEquals(100, number(browser, "document.getElementById('desk').scrollTop"), "all of it is reached");
            assertFalse(browser.findElement(By.id("tools")).isDisplayed());
        } finally {
            browser.executeCdpCommand("Emulation.clearDeviceMetricsOverride", Map.of());
        }
    }

    @Test
    void theToolsAreDraggedOutOfTheWayOrLeftOut() throws Exception {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("");
        WebElement button = browser.findElement(By.id("open-tools"));
        until(button::isDisplayed);
        int top = button.getRect().y;
        new Actions(browser).dragAndDropBy(button, 0, 150).perform();
        assertEquals(top + 150, button.getRect().y, 2);
        assertEquals("false", button.getAttribute("aria-expanded"), "what was dragged is not clicked");
        button.click();
        assertEquals("true", button.getAttribute("aria-expanded"));
        var writer = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);
        Files.writeString(folder.resolve("bare.html"), writer.withoutTools().page(DRAWER));
        open(browser, "bare");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        assertFalse(browser.findElement(By.id("open-tools")).isDisplayed());
        assertFalse(browser.findElement(By.id("tools")).isDisplayed());
    }

    @Test
    void whatIsPrintedIsTheScreenAlone() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("desktop");
        until(() -> number(browser, "document.getElementById('device').offsetWidth") == 1280);
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", "print"));
        try {
            browser.executeScript("dispatchEvent(new Event('beforeprint'))");
            var box = box(0);
            assertEquals(List.of(0, 0, 680), List.of(box.x, box.y, box.width));
            assertFalse(browser.findElement(By.id("tools")).isDisplayed());
            assertFalse(browser.findElement(By.cssSelector(".label")).isDisplayed());
        } finally {
            browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("media", ""));
        }
        browser.executeScript("dispatchEvent(new Event('afterprint'))");
        until(() -> box(0).width > 680);
    }

    /** The title is the app's, in its language; the tools have that of the plan. */
    @Test
    void languagesAreThoseOfWhatIsSaid() {
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        until(() -> "ar".equals(browser.executeScript("return document.documentElement.lang")));
        assertEquals("en", browser.executeScript("return document.body.lang"));
        assertEquals("ar", browser.executeScript("return document.getElementById('said').lang"));
        var screens = new Select(browser.findElement(By.id("screen-name")));
        assertEquals(
                List.of("a screen", "Tides", "Surveys", "Survey 1", "Map", "Crew"),
                screens.getOptions().stream().map(WebElement::getText).toList());
    }

    @Test
    void devicesStandBesideEachOtherInStep() {
        browser.findElement(By.id("beside")).click();
        until(() -> browser.findElements(By.cssSelector(".device main, .device .main"))
                        .size()
                == 2);
        new Select(browser.findElement(By.id("device-name"))).selectByValue("tablet");
        until(() -> browser.findElements(By.cssSelector(".device")).get(1).getSize().height > 100);
        List<WebElement> both = browser.findElements(By.cssSelector(".device"));
        Rectangle left = box(0);
        Rectangle right = box(1);
        String where = left.x + ", " + left.width + " and " + right.x + ", " + right.width;
        assertTrue(left.x + left.width < right.x && right.x + right.width <= 1280, where);
        both.get(1).findElement(By.cssSelector("[aria-label='Menu']")).click();
        until(() -> browser.findElements(By.cssSelector("[role=dialog]")).size() == 2);
        WebElement map = both.get(0).findElement(By.cssSelector("[aria-label='Map']"));
        // The drawer comes from outside of the device, where other things take the click.
        until(() -> map.getRect().x >= left.x);
        map.click();
        until(() -> both.stream()
                .allMatch(
                        device -> device.findElement(By.tagName("h1")).getText().equals("Map")));
        assertEquals(
                "dark",
                new Select(browser.findElement(By.id("scheme")))
                        .getFirstSelectedOption()
                        .getText());
        browser.findElements(By.cssSelector(".label button")).get(2).click();
        until(() -> browser.findElements(By.cssSelector(".device")).size() == 1);
    }

    @Test
    void textsOfAnotherLanguageRunTheirOwnWay() {
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        double first = number(browser, letter(0));
        assertTrue(first < number(browser, letter(3)), "the number stands before its unit");
    }

    private static String letter(int index) {
        return "(() => { const span = Array.from(document.querySelectorAll('#device main span'))"
                + ".find(any => any.textContent.startsWith('12 m')).firstChild, range = document.createRange();"
                + " range.setStart(span, " + index + "); range.setEnd(span, " + (index + 1) + ");"
                + " return range.getBoundingClientRect().left; })()";
    }

    @Test
    void theStartShowsWithoutTheScriptAndTheLicencesAreThere() throws Exception {
        String page = Files.readString(folder.resolve("drawer.html"));
        Path still = folder.resolve("still.html");
        Files.writeString(still, page.replace("setTimeout(main, 0);", ""));
        browser.get(still.toUri().toString());
        WebElement picture = browser.findElement(By.cssSelector("#device .still"));
        assertTrue(picture.isDisplayed() && picture.getText().contains("Tides"), picture.getText());
        assertTrue(page.contains("<noscript><p"));
        String licences = browser.findElement(By.cssSelector("details pre")).getDomProperty("textContent");
        assertTrue(licences.contains("SIL OPEN FONT LICENSE") && licences.contains("MIT License"), licences);
        assertTrue(licences.contains("TeaVM") && licences.contains("Apache License"), licences);
        Chromium.complaints(browser);
        open(browser, "drawer");
        assertTrue(browser.findElements(By.cssSelector(".still")).isEmpty());
    }
}
