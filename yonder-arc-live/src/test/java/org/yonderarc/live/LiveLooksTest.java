package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;

/** Forms, icons, colours and motion, edited in the live page. */
class LiveLooksTest extends LivePageFixture {
    @Test
    void iconsAreFoundByMeaningAndBroughtAlong() throws Exception {
        page.choose("item:crew");
        page.click("#panel [data-key='icon'] .iconic");
        page.waitUntil(() -> !page.all("#sheet .icons button").isEmpty());
        page.find("#sheet input[type=search]").sendKeys("boat");
        page.waitUntil(() -> !page.all("#sheet button[aria-label='sailboat']").isEmpty());
        page.click("#sheet button[aria-label='sailboat']");
        page.saved("{ screen: crew, icon: sailboat }");
        page.settle();
        assertEquals(
                "icon-sailboat",
                browser.executeScript(
                        "return document.querySelector('#panel .iconic use').getAttribute('href').slice(1)"));
        Path drawing = Files.writeString(
                folder.resolve("Star Fish.svg"),
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><path d=\"M4 4h16v16z\"/></svg>");
        page.click("#panel [data-key='icon'] .iconic");
        page.waitUntil(() -> !page.all("#sheet input[type=file]").isEmpty());
        page.find("#sheet input[type=file]").sendKeys(drawing.toString());
        page.saved("icon: star-fish");
        assertTrue(Files.exists(folder.resolve("icons/star-fish.svg")));
    }

    /** Any form for any menu, as the schema has them; and the bars that need no menu. */
    @Test
    void aBarIsAddedInAnyForm() throws Exception {
        page.press("#outline", "Add a bar");
        page.waitUntil(() -> !page.all("#sheet .ask").isEmpty());
        List<String> offered = page.all("#sheet .ask button").stream()
                .map(button -> button.getText())
                .toList();
        assertEquals(List.of("bottom", "top", "rail", "drawer", "radial", "grid", "A top bar with the title"), offered);
        page.press("#sheet", "drawer");
        page.saved("form: drawer");
        page.saved("id: main-drawer");
    }

    @Test
    void barsAreGivenAFormByLooking() {
        page.choose("bar:main");
        page.waitUntil(() -> page.all("#panel .pictures button img").size() >= 4);
        page.press("#panel .pictures", "drawer");
        page.saved("forms: { phone: drawer, tablet: bottom, desktop: bottom }");
        page.settle();
        page.waitUntil(() -> page.app().contains("Tides") && page.inApp("Map") == null);
        page.undo();
        page.settle();
        page.select("labels", "selected");
        page.saved("{ menu: main, form: bottom, labels: selected }");
        page.settle();
        page.write("floating/inset", "24");
        page.saved("floating: { inset: 24 }");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** A number is dragged by its name, seen meanwhile, and written once. */
    @Test
    void numbersAreDragged() {
        page.choose("bar:main");
        page.write("floating/radius", "12");
        page.saved("floating: { radius: 12 }");
        page.settle();
        WebElement name = page.find("#panel [data-key='floating/radius'] label");
        new Actions(browser)
                .moveToElement(name)
                .clickAndHold()
                .moveByOffset(4, 0)
                .moveByOffset(6, 0)
                .release()
                .perform();
        page.saved("floating: { radius: 22 }");
        page.settle();
        page.undo();
        page.settle();
        page.undo();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void coloursAreToldByTheirContrastAndMended() {
        page.choose("theme");
        String before = page.find("#panel .pairs").getText();
        assertFalse(before.contains("Fix"), before);
        browser.executeScript(
                "const c = document.querySelector(\"#panel input[aria-label='accent in the light scheme']\");"
                        + "c.value = '#88ddee'; c.dispatchEvent(new Event('input')); window.colour = c;");
        // While it is dragged nothing is written, and the app shows it already.
        page.waitUntil(() -> page.find("#panel .pairs").getText().contains("Fix"));
        assertEquals(Served.PLAN, page.text());
        page.waitUntil(() -> isShown("rgb(136, 221, 238)"));
        browser.executeScript("window.colour.dispatchEvent(new Event('change'))");
        page.press("#sheet", "Leave it as it was");
        page.waitUntil(() -> !isShown("rgb(136, 221, 238)"));
        page.waitUntil(() -> !page.find("#panel .pairs").getText().contains("Fix"));
        browser.executeScript(
                "const c = document.querySelector(\"#panel input[aria-label='accent in the light scheme']\");"
                        + "c.value = '#88ddee'; c.dispatchEvent(new Event('change'));");
        page.waitUntil(() -> page.find("#sheet").isDisplayed());
        assertTrue(
                page.find("#sheet").getText().contains("contrast"),
                page.find("#sheet").getText());
        page.press("#sheet", "Do it anyway");
        page.saved("theme: { light: { accent: \"#88ddee\" } }");
        page.settle();
        page.press("#panel .pairs", "Fix");
        page.waitUntil(() -> !page.text().contains("#88ddee"));
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    /** Whether anything in the app has a colour. */
    private static boolean isShown(String colour) {
        return Boolean.TRUE.equals(browser.executeScript(
                "return [...document.querySelectorAll('#device *')].some(e => getComputedStyle(e).color === arguments[0])",
                colour));
    }

    @Test
    void aColourIsOneForBothSchemesOrOneForEach() {
        page.press("#outline", "Add a style");
        page.name("Calm");
        page.saved("styles: { calm: { selected: { label: accent, icon: accent } } }");
        page.settle();
        page.press("#panel", "Another Label in the dark scheme");
        page.saved("label: { light: accent, dark: accent }");
        page.settle();
        page.write("selected/label/dark", "text");
        page.saved("label: { light: accent, dark: text }");
        page.settle();
        page.press("#panel", "The same Label in both schemes");
        page.saved("selected: { label: accent, icon: accent }");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void motionIsACurveOrASpring() {
        page.choose("motion");
        WebElement handle = page.find("#panel circle");
        new Actions(browser)
                .moveToElement(handle)
                .clickAndHold()
                .moveByOffset(20, -10)
                .release()
                .perform();
        page.saved("easing: \"cubic-bezier(");
        page.settle();
        page.press("#panel", "A spring");
        page.saved("spring: { stiffness: 300, damping: 26 }");
        page.waitUntil(() -> page.find("#panel").getText().contains("It settles in "));
        page.settle();
        page.write("select/spring/damping", "34");
        page.saved("damping: 34");
        page.settle();
        page.undoAll();
        assertEquals(Served.PLAN, page.text());
    }

    @Test
    void picturesAreBroughtAlong() throws Exception {
        Path drawing = Files.writeString(
                folder.resolve("My Crest.svg"),
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 40 20\"><rect width=\"40\" height=\"20\" fill=\"#0a6c74\"/></svg>");
        page.choose("app");
        browser.executeScript("document.querySelector('#panel > details').open = true");
        page.find("#panel [data-key='logo'] input[type=file]").sendKeys(drawing.toString());
        page.saved("logo: pictures/my-crest.svg");
        page.settle();
        assertTrue(Files.exists(folder.resolve("pictures/my-crest.svg")));
    }
}
