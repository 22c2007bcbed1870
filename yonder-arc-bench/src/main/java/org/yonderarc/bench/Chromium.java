package org.yonderarc.bench;

import java.io.File;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;

/** Starts the browser that is measured beside us. */
final class Chromium {
    private Chromium() {}

    static ChromeDriver start(int width, int height) {
        var options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new", "--no-sandbox", "--disable-gpu", "--window-size=" + width + "," + height);
        var service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new File("/usr/bin/chromedriver"))
                .usingAnyFreePort()
                .build();
        return new ChromeDriver(service, options);
    }
}
