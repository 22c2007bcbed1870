package org.yonderarc.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** The panel in a real window on a screen of its own (Xvfb), with a real mouse and keyboard. */
class AppPanelTest {
    @Test
    void isUsedByMouseAndKeyboardInARealWindow() throws Exception {
        String java = System.getProperty("java.home") + "/bin/java";
        String path = System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
        Process probe = new ProcessBuilder(
                        "xvfb-run", "-a", "-s", "-screen 0 1280x1024x24", java, "-cp", path, Probe.class.getName())
                .redirectErrorStream(true)
                .start();
        String told = new String(probe.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(probe.waitFor(60, TimeUnit.SECONDS), told);
        assertFalse(told.contains("Exception"), told);
        assertEquals(
                List.of(
                        "start tides",
                        "click surveys",
                        "panel 1 at species",
                        "escape tides",
                        "enter map",
                        "short survey?survey=41",
                        "swipe map Shore map \u2013 Brinelight",
                        "wide 900.0"),
                told.lines()
                        .filter(line -> line.matches("(start|click|panel|escape|enter|short|swipe|wide) .*"))
                        .toList(),
                told);
    }
}
