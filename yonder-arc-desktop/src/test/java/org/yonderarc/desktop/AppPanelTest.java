package org.yonderarc.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
        assertEquals(
                List.of(
                        "start: tides",
                        "click: species",
                        "escape: tides",
                        "focused: Map",
                        "enter: map",
                        "short: kind?kind=shore-crab",
                        "swipe: species Species \u2013 Brinelight",
                        "wide: 900.0",
                        "own: true",
                        "table: survey?survey=40",
                        "typed: Survey 40: limpets and two crabs",
                        "same: true",
                        "stays: survey?survey=40 Survey 40: limpets and two crabs",
                        "tabs: Crew; note",
                        "away: false",
                        "kept: true Survey 40: limpets and two crabs",
                        "flood: true Surveys, 9",
                        "closed: Surveys, 9",
                        "hint: Menu",
                        "before: note",
                        "over: panel Survey true",
                        "through: panel",
                        "beside: false note",
                        "map: map true",
                        "mirrored: true false",
                        "dark: #0d1518",
                        "look: ff152024 Inter",
                        "told: ff0d1518 scheme=LIGHT ffffffffLIGHT",
                        "fact: DARK true #0d1518",
                        "fact: LIGHT true #f6f8f9",
                        "contrast: false true false",
                        "language: the plan has no texts in \"xx\"; it has them in en, ar",
                        "wheel: 144",
                        "held: list true true true true",
                        "answered: map false false true"),
                told.lines().toList(),
                told);
    }
}
