package org.yonderarc.live;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.chromium.Chromium;

/** The live page in a real browser, handled as a person does. */
final class LivePage {
    final ChromeDriver browser;
    final Path file;

    LivePage(ChromeDriver browser, Path file) {
        this.browser = browser;
        this.file = file;
    }

    void open(Served served) {
        browser.get(served.address().toString());
        ready();
    }

    void ready() {
        waitUntil(
                () -> Boolean.TRUE.equals(
                        browser.executeScript(
                                "return document.body.dataset.ready === 'yes' && Boolean(window.yonderApp) && Boolean(document.body.dataset.revision)")));
    }

    void waitUntil(BooleanSupplier is) {
        Chromium.waiting(browser)
                .pollingEvery(Duration.ofMillis(40))
                .withMessage(() -> "what was waited for never came; the page says \"" + told()
                        + "\", and in the sheet \"" + find("#sheet").getText() + "\"; the plan is\n" + text())
                .until(any -> is.getAsBoolean());
    }

    /** Waits until the file holds a text. */
    void saved(String text) {
        waitUntil(() -> text().contains(text));
    }

    String text() {
        try {
            return Files.readString(file);
        } catch (java.io.IOException failed) {
            throw new java.io.UncheckedIOException(failed);
        }
    }

    WebElement find(String css) {
        return browser.findElement(By.cssSelector(css));
    }

    List<WebElement> all(String css) {
        return browser.findElements(By.cssSelector(css));
    }

    void click(String css) {
        waitUntil(() -> !all(css).isEmpty());
        steadily(() -> find(css).click());
    }

    /** Presses a button by what it says, within a part of the page. */
    void press(String within, String says) {
        waitUntil(() -> button(within, says) != null);
        steadily(() -> button(within, says).click());
    }

    private WebElement button(String within, String says) {
        return (WebElement) browser.executeScript(
                "return [...document.querySelectorAll(arguments[0] + ' button')].find(b =>"
                        + " b.offsetParent && (b.textContent === arguments[1] || b.ariaLabel === arguments[1])) || null",
                within,
                says);
    }

    /** Chooses a thing in the outline. */
    void choose(String thing) {
        String css = "#outline [data-thing='" + thing + "']";
        waitUntil(() -> !all(css).isEmpty());
        steadily(() -> {
            browser.executeScript("arguments[0].scrollIntoView({block: 'center'})", find(css));
            find(css).click();
        });
    }

    private WebElement control(String key, String tags) {
        String css = "#panel [data-key='" + key + "'] :is(" + tags + ")";
        waitUntil(() -> !all(css).isEmpty());
        WebElement found = find(css);
        browser.executeScript(
                "for (let at = arguments[0]; at; at = at.parentElement) { if (at.tagName === 'DETAILS') { at.open = true; } }"
                        + " arguments[0].scrollIntoView({block: 'center'})",
                found);
        return found;
    }

    /** Writes into a field, and leaves it with Enter. */
    void write(String key, String text) {
        steadily(() -> type(key, text));
    }

    /** The panel may be shown anew while a hand is on its way: then it goes there again. */
    private static void steadily(Runnable handles) {
        for (int i = 0; ; i++) {
            try {
                handles.run();
                return;
            } catch (StaleElementReferenceException shownAnew) {
                if (i == 5) {
                    throw shownAnew;
                }
            }
        }
    }

    private void type(String key, String text) {
        WebElement field = control(key, "input, textarea");
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"));
        field.sendKeys(text.isEmpty() ? Keys.BACK_SPACE : text);
        field.sendKeys(field.getTagName().equals("textarea") ? Keys.TAB : Keys.ENTER);
    }

    void select(String key, String option) {
        steadily(() -> new Select(control(key, "select:not([aria-label])")).selectByVisibleText(option));
    }

    void check(String key) {
        control(key, "input").click();
    }

    /** Chooses an icon in the picker. */
    void icon(String name) {
        steadily(() -> control("icon", "button.iconic").click());
        waitUntil(() -> !all("#sheet[open] input[type=search]").isEmpty());
        find("#sheet input[type=search]").sendKeys(name);
        waitUntil(() -> all("#sheet .icons[aria-busy]").isEmpty());
        click("#sheet .icons button[aria-label='" + name + "']");
    }

    /** Says yes where the page asks whether somebody is sure. */
    void sure() {
        browser.executeScript("const yes = [...document.querySelectorAll('#sheet[open] button')].find(b =>"
                + " ['Do it anyway', 'Remove'].includes(b.textContent)); if (yes) { yes.click(); }");
    }

    /** Answers what the page asks in a sheet, by a name. */
    void name(String text) {
        waitUntil(() -> !all("#sheet[open] input").isEmpty());
        find("#sheet input").sendKeys(text, Keys.ENTER);
    }

    String told() {
        return find("#told").getText();
    }

    /** What the app shows as text. */
    String app() {
        return find("#device").getText();
    }

    void undo() {
        String before = text();
        find("#undo").click();
        waitUntil(() -> !text().equals(before));
    }

    /** Takes everything back. */
    void undoAll() {
        waitUntil(() -> true);
        for (int i = 0; i < 500 && find("#undo").isEnabled(); i++) {
            undo();
            String seen = text();
            waitUntil(() -> isShown(seen));
        }
    }

    /** Whether the page has seen the text that is in the file. */
    boolean isShown(String text) {
        String digest = org.yonderarc.files.Digest.of(text);
        return digest.equals(browser.executeScript("return document.body.dataset.digest"));
    }

    void settle() {
        waitUntil(() -> isShown(text()));
    }

    /** A link or button of the app, by the start of its name. */
    WebElement inApp(String name) {
        return (WebElement) browser.executeScript(
                "return [...document.querySelectorAll('#device a, #device button')].find(e =>"
                        + " (e.getAttribute('aria-label') || e.textContent).trim().startsWith(arguments[0]))",
                name);
    }

    /** Whatever of the app shows a text. */
    WebElement textInApp(String text) {
        return (WebElement) browser.executeScript(
                "return [...document.querySelectorAll('#device *')].find(e => !e.children.length && e.textContent === arguments[0])",
                text);
    }

    /** Where an element is seen: x, y, width and height in px, as it is scaled. */
    List<Double> box(WebElement element) {
        var all = (List<?>) browser.executeScript(
                "const b = arguments[0].getBoundingClientRect(); return [b.x, b.y, b.width, b.height]", element);
        return all.stream().map(one -> ((Number) one).doubleValue()).toList();
    }

    /** Drags from the middle of one element to a share of another's box. */
    void drag(WebElement from, WebElement to, double across, double down) {
        List<Double> size = box(to);
        new Actions(browser)
                .moveToElement(from)
                .clickAndHold()
                .moveByOffset(3, 8)
                .moveToElement(to, (int) ((across - 0.5) * size.get(2)), (int) ((down - 0.5) * size.get(3)))
                .pause(80)
                .release()
                .perform();
    }

    /** Something that may fail. */
    interface Asked {
        void ask() throws Exception;
    }

    /** Does what may fail where nothing may be thrown. */
    static void unchecked(Asked asked) {
        try {
            asked.ask();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }
}
