package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Wireframe;

/** A browser, and a plan to open in it. */
abstract class PageToolsFixture {
    static final PageWriter WRITER = new PageWriter(new BundledIcons(), Pictures.NONE, Fonts.NONE);

    static final Plan SHORE = PlanBuilder.app("Shore")
            .start("surveys")
            .screen("surveys", screen -> screen.wireframe(Wireframe.Kind.LIST)
                    .row("Gull Point", "This morning", "3", "survey?survey=41"))
            .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
            .screen("map")
            .menu("main", menu -> menu.item("surveys").item("map"))
            .build();

    @TempDir
    static Path folder;

    static ChromeDriver browser;

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

    static void open(Plan plan) throws Exception {
        show(WRITER.page(plan));
    }

    static void show(String html) throws Exception {
        Path page = Files.writeString(folder.resolve("page.html"), html);
        browser.get("about:blank");
        browser.get(page.toUri().toString());
        until(() -> !browser.findElements(By.cssSelector("#device main")).isEmpty());
    }

    static void until(BooleanSupplier holds) {
        Chromium.waiting(browser).until(driver -> holds.getAsBoolean());
    }

    static int items() {
        return browser.findElements(By.cssSelector("#device nav [role=listitem]"))
                .size();
    }

    static WebElement item(int index) {
        return browser.findElements(By.cssSelector("#device nav [role=listitem] a"))
                .get(index);
    }

    static String button(int screens) {
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

    static String role(Map<?, ?> node) {
        Map<?, ?> role = (Map<?, ?>) node.get("role");
        return role == null ? "" : String.valueOf(role.get("value"));
    }
}
