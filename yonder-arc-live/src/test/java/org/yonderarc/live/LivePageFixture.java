package org.yonderarc.live;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;

/** A browser with the live page of a plan of its own for each test. */
abstract class LivePageFixture {
    static ChromeDriver browser;

    @TempDir
    Path folder;

    Served served;

    LivePage page;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1280, 940);
    }

    static final Pattern UNREACHED = Pattern.compile(
            "net::ERR_(CONNECTION_(REFUSED|RESET|CLOSED)|INCOMPLETE_CHUNKED|EMPTY_RESPONSE|SOCKET_NOT_CONNECTED)");

    @AfterAll
    static void quit() {
        Chromium.done(browser);
    }

    @BeforeEach
    void open() throws Exception {
        served = new Served(folder, Served.PLAN);
        page = new LivePage(browser, served.file);
        page.open(served);
    }

    @AfterEach
    void end() {
        served.close();
        assertEquals(
                List.of(),
                Chromium.complaints(browser).stream()
                        // The server that is stopped while the page is open.
                        .filter(line -> !UNREACHED.matcher(line).find())
                        .toList());
    }
}
