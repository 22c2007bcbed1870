package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.support.ui.Select;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.IconNames;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Wireframe;

/** What assistive technology finds in the page: lists, roles, links, forced colours. */
class PageMarkupTest extends PageToolsFixture {
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
}
