package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.motion.Curve;
import org.yonderarc.plan.Easing;

/** Easings against a real browser's own evaluation of the same text. */
class EasingInChromiumTest {
    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(400, 300);
        browser.get("about:blank");
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "linear",
                "ease",
                "ease-in",
                "ease-out",
                "ease-in-out",
                "step-start",
                "step-end",
                "cubic-bezier(0.2, 0, 0, 1)",
                "cubic-bezier(0, 0, 0, 0)",
                "cubic-bezier(1, 1, 1, 1)",
                "cubic-bezier(0.9, -1.5, 0.1, 2.5)",
                "cubic-bezier(0.01, 0.99, 0.99, 0.01)",
                "steps(1)",
                "steps(4, jump-start)",
                "steps(4, jump-end)",
                "steps(4, jump-none)",
                "steps(4, jump-both)",
                "steps(3, start)",
                "steps(7, end)",
                "linear(0, 1)",
                "linear(0, 0.25, 1)",
                "linear(0, 0.5 20% 40%, 1)",
                "linear(0, 1.2 50%, 0.9 75%, 1)",
                "linear(-0.2, 0.3 30%, 0.3 30%, 1.4)",
                "linear(0 10%, 1 90%)",
            })
    void isThatOfTheBrowser(String text) {
        // Times beside the jumps, where a browser's clock of whole microseconds could fall on either side.
        Object found = browser.executeScript(
                """
                const effect = new KeyframeEffect(document.body, [{opacity: 0}, {opacity: 1}],
                    {duration: 1000, easing: arguments[0], fill: 'both'});
                const animation = new Animation(effect, document.timeline);
                const out = [];
                for (let i = 0; i <= 400; i++) {
                  animation.currentTime = Math.min(1000, i * 2.5 + (i > 0 && i < 400 ? 0.01 : 0));
                  out.push(effect.getComputedTiming().progress);
                }
                return out;
                """,
                text);
        Easing easing = Easing.parse(text);
        List<?> progress = (List<?>) found;
        for (int i = 0; i <= 400; i++) {
            double time = Math.min(1000, i * 2.5 + (i > 0 && i < 400 ? 0.01 : 0)) / 1000;
            assertEquals(
                    ((Number) progress.get(i)).doubleValue(), Curve.progress(easing, time), 1e-6, text + " at " + time);
        }
    }
}
