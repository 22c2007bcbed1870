package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.ListEntry;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;

/** What stands around the app on its page. */
class PageToolsTest {
    private static final PageWriter WRITER = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);

    private static final Plan SHORE = PlanBuilder.app("Shore")
            .start("surveys")
            .screen("surveys", screen -> screen.wireframe(Wireframe.Kind.LIST)
                    .row("Gull Point", "This morning", "3", "survey?survey=41"))
            .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
            .screen("map")
            .menu("main", menu -> menu.item("surveys").item("map"))
            .build();

    private static final Plan SETTINGS = PlanBuilder.app("Shore")
            .start("settings")
            .fact("drafts", 3)
            .screen("settings", screen -> screen.wireframe(Wireframe.Kind.FORM)
                    .row("Remind me", "", "on")
                    .row("Warn me", "", "off"))
            .screen("tides", screen -> screen.wireframe(Wireframe.Kind.CHART).row("Next low tide", "", "12:10"))
            .menu("main", menu -> menu.item("settings", item -> item.badge("drafts"))
                    .item("tides"))
            .build();

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1280, 800);
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() throws Exception {
        open(SHORE);
    }

    @AfterEach
    void nothingWasComplainedAbout() {
        assertEquals(List.of(), Chromium.complaints(browser));
    }

    private static void open(Plan plan) throws Exception {
        show(WRITER.page(plan));
    }

    private static void show(String html) throws Exception {
        Path page = Files.writeString(folder.resolve("page.html"), html);
        browser.get("about:blank");
        browser.get(page.toUri().toString());
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
    }

    private static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

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

    private static int items() {
        return browser.findElements(By.cssSelector("#device nav [role=listitem]"))
                .size();
    }

    private static WebElement item(int index) {
        return browser.findElements(By.cssSelector("#device nav [role=listitem] a"))
                .get(index);
    }

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
    void theSkipLinkLeadsToTheAppAndLeavesTheAddressAlone() {
        browser.executeScript("document.body.focus()");
        new Actions(browser).sendKeys(Keys.TAB, Keys.ENTER).perform();
        assertEquals("app", browser.switchTo().activeElement().getDomAttribute("id"));
        assertFalse(browser.getCurrentUrl().contains("#app"));
        assertFalse(browser.findElement(By.id("happened")).getText().contains("Nothing is at"));
    }

    @Test
    void aWebAddressIsALinkThatOpensElsewhere() throws Exception {
        Plan plan = PlanBuilder.app("Shore")
                .colour(Scheme.LIGHT, Role.ACCENT, "#7a3b8f")
                .start("tides")
                .screen("tides")
                .screen("map")
                .menu("main", menu -> menu.item("tides").item("map").web("https://shore.example/club", item -> item.id(
                                "club")
                        .label("Club")))
                .build();
        open(plan);
        WebElement club = browser.findElement(By.cssSelector("#device a[href='https://shore.example/club']"));
        assertEquals("_blank", club.getDomAttribute("target"));
        assertTrue(club.getDomAttribute("rel").contains("noopener"));
        assertEquals("link", club.getAriaRole());
        new Actions(browser).sendKeys(Keys.TAB).perform();
        browser.executeScript("arguments[0].focus({focusVisible: true})", club);
        assertEquals(
                "rgb(122, 59, 143)",
                club.getCssValue("outline-color").replace("rgba", "rgb").replace(", 1)", ")"));
        assertEquals(
                "\"10:24\"",
                browser.executeScript(
                        "return getComputedStyle(document.getElementById('device'), '::before').content"));
        new Select(browser.findElement(By.id("device-name"))).selectByValue("desktop");
        until(() -> browser.executeScript(
                        "return getComputedStyle(document.getElementById('device'), '::before').content")
                .equals("none"));
    }

    @Test
    void moreContrastIsTakenFromTheSystemAndFromTheTools() throws Exception {
        String usual = quiet();
        browser.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-contrast", "value", "more"))));
        open(SHORE);
        String more = quiet();
        assertNotEquals(usual, more);
        new Select(browser.findElement(By.id("contrast"))).selectByValue("usual");
        until(() -> quiet().equals(usual));
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        new Select(browser.findElement(By.id("contrast"))).selectByValue("more");
        until(() -> quiet().equals(more));
        browser.navigate().refresh();
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
        assertEquals(more, quiet(), "it survives reloading");
    }

    /** The colour of the label of an item that isn't selected. */
    private static String quiet() {
        return browser.findElement(By.cssSelector("#device nav a:not([aria-current]) span"))
                .getCssValue("color");
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

    /** Each of several devices is a region with a name of its own; one alone is the page. */
    @Test
    void devicesBesideEachOtherAreRegions() throws Exception {
        open(PlanBuilder.app("Shore")
                .start("surveys")
                .screen("surveys")
                .menu("main", menu -> menu.item("surveys"))
                .build());
        assertEquals(List.of(), regions());
        browser.findElement(By.id("beside")).click();
        until(() -> regions().size() == 2);
        assertTrue(regions().get(0).startsWith("1. "), regions()::toString);
        assertTrue(regions().get(1).startsWith("2. "), regions()::toString);
        browser.findElements(By.cssSelector(".label button")).stream()
                .filter(button -> button.getText().equals("Remove this device"))
                .findFirst()
                .orElseThrow()
                .click();
        until(() -> regions().isEmpty());
    }

    private static List<String> regions() {
        return browser.findElements(By.cssSelector("#desk [role=region]")).stream()
                .map(region -> region.getAttribute("aria-label"))
                .toList();
    }

    /** As the browser tells assistive technology: entries that are counted, each with its link. */
    @Test
    void itemsAndRowsAreListsOfAsManyEntries() throws Exception {
        open(PlanBuilder.app("Shore")
                .start("surveys")
                .screen("surveys", screen -> screen.wireframe(Wireframe.Kind.LIST)
                        .row("Gull Point", "", "", "survey?survey=41")
                        .row("Old Harbour", "", "", "survey?survey=38")
                        .row("Not to be opened", "", ""))
                .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
                .screen("map")
                .screen("crew")
                .menu("main", menu -> menu.item("surveys").item("map").item("crew"))
                .build());
        assertEquals(List.of("main: 3", "navigation: 3"), lists());
        browser.findElement(By.cssSelector("#device nav [aria-label='Crew']")).click();
        until(() -> lists().equals(List.of("navigation: 3")));
        browser.findElement(By.cssSelector("#device nav [aria-label='Surveys']"))
                .click();
        until(() -> lists().equals(List.of("main: 3", "navigation: 3")));
    }

    /** A fact that makes two items of one makes a list of them, and takes the focus from neither. */
    @Test
    void anItemThatComesLeavesTheFocusWhereItIs() throws Exception {
        open(PlanBuilder.app("Shore")
                .start("surveys")
                .fact("club", false)
                .screen("surveys")
                .screen("map")
                .menu("main", menu -> menu.item("surveys").item("map", item -> item.when("club")))
                .build());
        assertEquals(List.of(), lists());
        WebElement surveys = browser.findElement(By.cssSelector("#device nav a"));
        browser.executeScript(
                """
                arguments[0].focus();
                arguments[1].checked = true;
                arguments[1].dispatchEvent(new Event('change', {bubbles: true}));
                """,
                surveys,
                browser.findElement(By.name("club")));
        until(() -> lists().equals(List.of("navigation: 2")));
        assertEquals(surveys, browser.switchTo().activeElement());
    }

    @Test
    void whatIsOnlyDrawnIsSaid() throws Exception {
        open(SETTINGS);
        assertEquals(List.of("on", "off"), images());
        browser.findElement(By.cssSelector("#device [aria-label='Tides']")).click();
        until(() -> images().equals(List.of("Next low tide")));
    }

    /** What the browser calls images within the app. */
    private static List<Object> images() {
        Map<String, Object> tree = browser.executeCdpCommand("Accessibility.getFullAXTree", Map.of());
        return ((List<?>) tree.get("nodes"))
                .stream()
                        .map(node -> (Map<?, ?>) node)
                        .filter(node -> role(node).equals("image"))
                        .<Object>map(node -> ((Map<?, ?>) node.get("name")).get("value"))
                        .toList();
    }

    /** Where a browser takes its own colours, grounds are gone: edges, badges and switches have outlines instead. */
    @Test
    void forcedColoursKeepEdgesBadgesAndSwitches() throws Exception {
        browser.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "forced-colors", "value", "active"))));
        open(SETTINGS);
        assertEquals("1px", css("#device .badge > div + div", "border-top-width"));
        assertEquals(4L, browser.executeScript("return document.querySelectorAll('#device .switch > div').length"));
        assertEquals("2px", css("#device .switch > div", "border-top-width"));
        String ink = css("#device .switch > div:last-child", "background-color");
        assertNotEquals(css("#device", "background-color"), ink);
        assertEquals(ink, css("#device nav .line", "background-color"), "the edge of the bar");
        assertEquals("solid", css("#device a[aria-current]", "outline-style"), "what is selected");
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        assertEquals("0px", css("#device .switch > div", "border-top-width"));
    }

    private static String css(String selector, String property) {
        return browser.findElement(By.cssSelector(selector)).getCssValue(property);
    }

    @Test
    void axeFindsNothingInTheMapAndInTheFindings() throws Exception {
        show(WRITER.page(PlanFile.read(
                new SourceText(
                        "plan.yaml",
                        "yonder: 1\napp: { name: Shore, start: tides }\nscreens: { tides: { icon: droplet }, lonely: Lonely }\n"
                                + "menus: { main: [ tides ] }\n"),
                IconNames.ANY)));
        assertTrue(browser.findElement(By.id("findings-title")).isDisplayed());
        assertEquals("", Chromium.violations(browser));
        browser.findElement(By.id("open-map")).click();
        assertEquals("", Chromium.violations(browser));
    }

    /** A map of so many screens shows nobody anything; then there is no way to it. */
    @Test
    void withMoreScreensThanAMapShowsThereIsNoButtonForIt() {
        assertTrue(button(1000).contains(">Map<"));
        assertFalse(button(1000).contains("hidden"));
        assertTrue(button(1001).contains("hidden"));
    }

    private static String button(int screens) {
        var plan = PlanBuilder.app("Large").start("s0");
        for (int i = 0; i < screens; i++) {
            String above = "s" + i / 2;
            int number = i;
            plan.screen("s" + i, screen -> {
                if (number > 0) {
                    screen.under(above);
                }
            });
        }
        String page = WRITER.page(plan.menu("main", menu -> menu.item("s0")).build());
        int at = page.indexOf("<button type=\"button\" id=\"open-map\"");
        return page.substring(at, page.indexOf("</button>", at) + 1);
    }

    /** The lists of the accessible tree, with what they stand in and how many entries they have. */
    private static List<String> lists() {
        var nodes = new HashMap<Object, Map<?, ?>>();
        Map<String, Object> tree = browser.executeCdpCommand("Accessibility.getFullAXTree", Map.of());
        for (Object node : (List<?>) tree.get("nodes")) {
            nodes.put(((Map<?, ?>) node).get("nodeId"), (Map<?, ?>) node);
        }
        var lists = new ArrayList<String>();
        for (Map<?, ?> node : nodes.values()) {
            if (role(node).equals("list")) {
                Map<?, ?> above = nodes.get(node.get("parentId"));
                while (above != null && !role(above).matches("main|navigation|complementary|dialog")) {
                    above = nodes.get(above.get("parentId"));
                }
                long entries = ((List<?>) node.get("childIds"))
                        .stream()
                                .filter(id -> role(nodes.get(id)).equals("listitem"))
                                .count();
                if (above != null && !role(above).equals("complementary")) {
                    lists.add(role(above) + ": " + entries);
                }
            }
        }
        lists.sort(null);
        return lists;
    }

    private static String role(Map<?, ?> node) {
        Map<?, ?> role = (Map<?, ?>) node.get("role");
        return role == null ? "" : String.valueOf(role.get("value"));
    }
}
