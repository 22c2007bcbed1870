package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Visibility;

/** What stands around the app on its page. */
class PageToolsTest extends PageToolsFixture {
    @Test
    void theMapLeadsAndIsADialogWhoseFocusComesBack() {
        browser.findElement(By.id("open-map")).click();
        WebElement map = browser.findElement(By.id("map"));
        assertTrue(map.isDisplayed());
        List<WebElement> here = map.findElements(By.cssSelector("[aria-current=page]"));
        assertEquals(1, here.size());
        new Actions(browser).sendKeys(Keys.ESCAPE).perform();
        assertFalse(map.isDisplayed());
        assertEquals("open-map", browser.switchTo().activeElement().getDomAttribute("id"));
        browser.findElement(By.id("open-map")).click();
        WebElement survey = map.findElement(By.cssSelector("[data-screen=survey]"));
        String address = survey.getDomAttribute("data-address");
        var screen = survey.getRect();
        var paper = map.findElement(By.cssSelector("svg")).getRect();
        assertTrue(screen.x > paper.x && screen.x + screen.width < paper.x + paper.width, "it lies over the picture");
        survey.click();
        assertFalse(map.isDisplayed());
        until(() -> browser.findElement(By.id("address")).getText().equals(address));
    }

    private static final Plan WORKSHOP = PlanBuilder.app("Workshop")
            .start("home")
            .device("kiosk", 700, 900, Visibility.Pointer.COARSE)
            .fact("pieces", List.of(ListEntry.of("scarf", "Blue scarf")))
            .style(
                    "dyed",
                    style -> style.background(ground -> ground.fill(fill -> fill.from("#27356b")
                            .through("#4a2d62", 0.3)
                            .to("#5a2d62")
                            .angle(90))))
            .screen("home", screen -> screen.icon("home"))
            .screen("library", screen -> screen.icon("book").web("https://patterns.example/all"))
            .screen("piece", screen -> screen.path("/pieces/{piece}"))
            .menu("main", menu -> menu.item("home")
                    .item("library")
                    .item("piece?piece={id}", item -> item.repeat("pieces", 20)))
            .bar(bar -> bar.menu("main")
                    .form(FormBuilder.rail().labels(Form.Labels.NONE).style("dyed")))
            .bar(bar -> bar.form(FormBuilder.top()))
            .build();

    @Test
    void aTesterSaysHowManyEntriesAListHas() throws Exception {
        open(WORKSHOP);
        assertEquals(3, items());
        WebElement count = browser.findElement(By.cssSelector("#facts input[name=pieces]"));
        assertEquals("1", count.getDomProperty("value"));
        for (int wanted : new int[] {4, 0, 2}) {
            count.clear();
            count.sendKeys(Integer.toString(wanted));
            until(() -> items() == 2 + wanted);
        }
        item(2).click();
        until(() -> browser.findElement(By.id("address")).getText().equals("/pieces/scarf"));
    }

    @Test
    void aDeviceOfThePlansOwnIsOfferedBesideTheUsualOnes() throws Exception {
        open(WORKSHOP);
        new Select(browser.findElement(By.id("device-name"))).selectByValue("kiosk");
        until(() -> browser.findElement(By.tagName("body")).getText().contains("Kiosk, 700 \u00d7 900"));
    }

    @Test
    void aPageOfTheWebIsNamedAndNeverLoaded() throws Exception {
        open(WORKSHOP);
        item(1).click();
        until(() -> browser.findElement(By.id("address")).getText().equals("/library"));
        until(() -> !browser.findElements(By.cssSelector("#device main a")).isEmpty());
        WebElement link = browser.findElement(By.cssSelector("#device main a"));
        assertEquals("https://patterns.example/all", link.getDomAttribute("href"));
        assertEquals("_blank", link.getDomAttribute("target"));
        Object loaded = browser.executeScript(
                "return performance.getEntriesByType('resource').filter(one => one.name.startsWith('http')).length");
        assertEquals(0L, loaded);
    }

    /** CSS Images Level 3, section 3.1, as Chromium resolves it; an item without a label says its name. */
    @Test
    void gradientsAndNamesOfBareItemsReachThePage() throws Exception {
        open(WORKSHOP);
        String ground = (String) browser.executeScript("return [...document.querySelectorAll('#device nav div')]"
                + ".map(one => getComputedStyle(one).backgroundImage).find(one => one.startsWith('linear-gradient'))");
        assertEquals("linear-gradient(90deg, rgb(39, 53, 107) 0%, rgb(74, 45, 98) 30%, rgb(90, 45, 98) 100%)", ground);
        WebElement home = item(0);
        assertEquals("Home", home.getDomAttribute("title"));
    }

    @Test
    void whatTheCheckHasFoundStandsThereWithItsLine() throws Exception {
        var read = PlanFile.read(
                new SourceText(
                        "plan.yaml",
                        """
                        yonder: 1
                        app: { name: "<b>Shore</b>", start: tides }
                        screens: { tides: { icon: droplet }, lonely: Lonely & far }
                        menus: { main: [ tides ] }
                        """),
                IconNames.ANY);
        show(WRITER.page(read));
        List<String> found = browser.findElements(By.cssSelector("#findings li")).stream()
                .map(WebElement::getText)
                .toList();
        assertEquals(read.findings().size(), found.size());
        String lonely = found.stream()
                .filter(text -> text.contains("lonely"))
                .findFirst()
                .orElseThrow();
        assertTrue(lonely.startsWith("warning No item, row or parent leads to \"Lonely & far\" (lonely)."), lonely);
        assertTrue(lonely.contains("3 | screens: { tides: { icon: droplet }, lonely: Lonely & far }"), lonely);
        open(SHORE);
        assertFalse(browser.findElement(By.id("findings-title")).isDisplayed());
    }

    @Test
    void theToolsSpeakThePlansLanguage() throws Exception {
        open(PlanBuilder.app("Küste")
                .languages("de")
                .start("surveys")
                .screen("surveys", screen -> screen.title(Map.of("de", "Erhebungen")))
                .screen("map", screen -> screen.title(Map.of("de", "Karte")))
                .menu("main", menu -> menu.item("surveys").item("map"))
                .build());
        assertEquals(
                "Die App wurde gestartet.",
                browser.findElement(By.id("happened")).getText());
        assertTrue(browser.findElement(By.cssSelector(".label")).getText().contains("bei "));
        browser.executeScript("location.hash = '/nirgends'");
        until(() -> browser.findElement(By.id("happened")).getText().equals("Unter der Adresse /nirgends ist nichts."));
        browser.findElement(By.id("beside")).click();
        assertTrue(browser.findElements(By.cssSelector(".label button")).stream()
                .anyMatch(button -> button.getText().equals("Wegnehmen")));
    }

    /** The tools of a language from the right stand at the right; what is said in English runs from the left. */
    @Test
    void theToolsStandWhereTheirLanguageStarts() throws Exception {
        open(PlanBuilder.app("Shore")
                .languages("ar")
                .start("surveys")
                .screen("surveys", screen -> screen.title(Map.of("ar", "\u0645\u0633\u0648\u062d")))
                .menu("main", menu -> menu.item("surveys"))
                .build());
        assertEquals(
                "\u0647\u0627\u062a\u0641",
                browser.findElement(By.cssSelector("#device-name option[value=phone]"))
                        .getText());
        int tools = browser.findElement(By.id("tools")).getRect().x;
        assertTrue(tools > browser.findElement(By.id("device")).getRect().x, "at " + tools);
        assertEquals(0, browser.findElement(By.id("desk")).getRect().x);
    }

    /** A map of so many screens shows nobody anything; then there is no way to it. */
    @Test
    void withMoreScreensThanAMapShowsThereIsNoButtonForIt() {
        assertTrue(button(1000).contains(">Map<"));
        assertFalse(button(1000).contains("hidden"));
        assertTrue(button(1001).contains("hidden"));
    }
}
