package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;

/** Back, forward, reloading and links of the page. */
class PageHistoryTest extends PageFixture {
    private static String focused() {
        return String.valueOf(browser.switchTo().activeElement().getAttribute("aria-label"));
    }

    @Test
    void aDrawerIsADialogThatKeepsTheFocusAndGivesItBack() {
        browser.executeScript("document.querySelector(\"#device [aria-label='Menu']\").focus()");
        assertEquals("false", named("Menu").getAttribute("aria-expanded"));
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        until(() -> focused().equals("Tides"));
        WebElement dialog = browser.findElement(By.cssSelector("#device [role=dialog]"));
        assertEquals("Menu", dialog.getAccessibleName());
        assertEquals("true", dialog.getAttribute("aria-modal"));
        assertEquals("true", named("Menu").getAttribute("aria-expanded"));
        assertEquals(
                List.of("header", "main"),
                browser.executeScript("return Array.from(document.querySelectorAll('#device [inert]'),"
                        + " element => element.tagName.toLowerCase())"));
        var seen = new ArrayList<String>();
        for (int i = 0; i < 4; i++) {
            new Actions(browser).sendKeys(Keys.TAB).perform();
            seen.add(focused());
        }
        assertEquals(List.of("Surveys, 2", "Map", "Crew", "Tides"), seen);
        new Actions(browser).sendKeys(Keys.ESCAPE).perform();
        until(() -> focused().equals("Menu"));
        until(() -> browser.findElements(By.cssSelector("#device [role=dialog], #device [inert]"))
                .isEmpty());
    }

    @Test
    void theBrowsersBackClosesWhatIsOpenFirst() {
        browser.findElement(By.cssSelector("#device [aria-label='Menu']")).click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        named("Surveys, 2").click();
        rest("Surveys");
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        browser.navigate().back();
        until(() ->
                browser.findElements(By.cssSelector("#device [role=dialog]")).isEmpty());
        rest("Surveys");
        browser.navigate().back();
        rest("Tides");
    }

    @Test
    void goingBackGivesFocusAndScrollBack() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("document.querySelector('#device main').scrollTop = 900");
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
        browser.executeScript(
                "document.querySelector(\"#device [aria-label^='Survey 16']\").focus({preventScroll: true})");
        new Actions(browser).sendKeys(Keys.ENTER).perform();
        rest("Survey 16");
        until(() -> focused().equals("Survey 16"));
        browser.navigate().back();
        rest("Surveys");
        until(() -> focused().startsWith("Survey 16"));
        assertEquals(900, number(browser, "document.querySelector('#device main').scrollTop"), 1);
    }

    /** What was open when the page was left is not on the way of who comes again: it was closed. */
    @Test
    void forwardDoesNotOpenWhatBackClosed() {
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        browser.navigate().back();
        until(() ->
                browser.findElements(By.cssSelector("#device [role=dialog]")).isEmpty());
        browser.navigate().forward();
        until(() -> number(browser, "history.state.entry") == 1);
        browser.executeAsyncScript("requestAnimationFrame(() => requestAnimationFrame(arguments[0]))");
        assertEquals(List.of(), browser.findElements(By.cssSelector("#device [role=dialog]")));
        rest("Tides");
    }

    @Test
    void aReloadKeepsTheScrollHereAndBehind() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("document.querySelector('#device main').scrollTop = 900");
        until(() -> view().contains("down=900"));
        browser.navigate().refresh();
        rest("Surveys");
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
        named("Survey 16, 12 m from the shore").click();
        rest("Survey 16");
        assertFalse(view().contains("down="), "what is below has not been scrolled");
        browser.navigate().refresh();
        rest("Survey 16");
        browser.navigate().back();
        rest("Surveys");
        assertTrue(view().contains("down=900"), view());
        until(() -> number(browser, "document.querySelector('#device main').scrollTop") == 900);
    }

    /** A link is told as copied when it was, and can be read where it was not. */
    @Test
    void aLinkIsCopiedWithoutAClipboardToo() {
        browser.executeScript("Object.defineProperty(navigator, 'clipboard', {value: undefined});"
                + "addEventListener('copy', event => { window.copied = document.activeElement.value; });");
        browser.findElement(By.id("copy-link")).click();
        until(() -> text("happened").startsWith("A link to this view is copied"));
        assertTrue(String.valueOf(browser.executeScript("return window.copied")).contains("#view=at="));
        browser.executeScript("document.execCommand = () => false;");
        browser.findElement(By.id("copy-link")).click();
        until(() -> text("happened").contains("#view=at="));
    }

    private static String text(String id) {
        return browser.findElement(By.id(id)).getText();
    }

    @Test
    void aLinkBringsBackThisViewAndSoDoesReloading() {
        new Select(browser.findElement(By.id("device-name"))).selectByValue("tablet");
        new Select(browser.findElement(By.id("language"))).selectByValue("ar");
        new Select(browser.findElement(By.id("scheme"))).selectByValue("dark");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "7");
        new Select(browser.findElement(By.id("screen-name"))).selectByValue("map");
        rest("Map");
        String view = (String) browser.executeScript("return history.state.view");
        browser.navigate().refresh();
        rest("Map");
        back();
        browser.get("about:blank");
        browser.get(address("drawer") + "#view=" + view);
        rest("Map");
        back();
        assertTrue(browser.getCurrentUrl().endsWith("#/map"), browser.getCurrentUrl());
    }

    @Test
    void theStepsSoFarLeadBackAndABadAddressSaysSo() {
        named("Menu").click();
        until(() -> !browser.findElements(By.cssSelector("[role=dialog]")).isEmpty());
        named("Map").click();
        rest("Map");
        browser.executeScript("location.hash = '/surveys/4'");
        rest("Survey 4");
        List<WebElement> steps = browser.findElements(By.cssSelector("#steps button"));
        assertEquals("choose:map", steps.get(0).getText());
        steps.get(0).click();
        rest("Map");
        browser.executeScript("location.hash = '/nowhere/at/all'");
        until(() ->
                browser.findElement(By.id("happened")).getText().equals("Nothing is at the address /nowhere/at/all."));
        assertTrue(browser.getTitle().startsWith("Map"));
        browser.findElement(By.id("start-over")).click();
        rest("Tides");
    }

    @Test
    void reloadingKeepsTheWayBackAndStepsBringTheirFactsBack() {
        browser.executeScript("location.hash = '/surveys'");
        rest("Surveys");
        browser.executeScript("location.hash = '/surveys/4'");
        rest("Survey 4");
        browser.navigate().refresh();
        rest("Survey 4");
        browser.navigate().back();
        rest("Surveys");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "7");
        browser.findElement(By.name("drafts")).sendKeys(Keys.chord(Keys.CONTROL, "a"), "9");
        until(() -> browser.findElements(By.cssSelector("#steps button")).size() >= 2);
        browser.findElements(By.cssSelector("#steps button")).get(1).click();
        until(() -> "7".equals(browser.findElement(By.name("drafts")).getDomProperty("value")));
    }
}
