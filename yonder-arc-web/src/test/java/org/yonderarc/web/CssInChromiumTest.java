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
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Easing;

/** Colours and easings against what a real browser makes of the same text. */
class CssInChromiumTest {
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
    void progressIsThatOfTheBrowser(String text) {
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

    /** What CSS Color 4 says of a colour is what the browser makes of it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "#0a6c74",
                "#ABC",
                "#abc8",
                "#0a6c7480",
                "rgb(10 108 116)",
                "rgb(10, 108, 116)",
                "rgb(10 108 116 / 0.5)",
                "rgba(10, 108, 116, 25%)",
                "rgb(50% 0% 100%)",
                "rgb(300 -5 12.6)",
                "hsl(184 84% 25%)",
                "hsl(184, 84%, 25%)",
                "hsla(-30 100% 50% / 0.4)",
                "hsl(725deg 20% 80%)",
                "hsl(0 0% 100%)"
            })
    void coloursAreReadAsTheBrowserReadsThem(String css) {
        String computed = (String) browser.executeScript(
                "const e = document.createElement('i'); e.style.color = arguments[0]; document.body.append(e);"
                        + "const c = getComputedStyle(e).color; e.remove(); return c;",
                css);
        Colour expected = Colour.parse(computed);
        Colour read = Colour.parse(css);
        assertEquals(expected.hex(), read.hex(), css);
        assertEquals(expected.alpha(), read.alpha(), 0.005, css);
        assertEquals(read, Colour.parse(read.css()), css);
    }

    /** What CSS Easing Functions Level 2 takes for an easing is what the browser takes for one. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "linear",
                "ease",
                "ease-in-out",
                "step-start",
                "cubic-bezier(0.2, 0, 0, 1)",
                "cubic-bezier(0,-2,1,3)",
                "cubic-bezier(1.1, 0, 0, 1)",
                "cubic-bezier(0, 0, 1)",
                "steps(3)",
                "steps(3, start)",
                "steps(1, jump-both)",
                "steps(1, jump-none)",
                "steps(2, jump-none)",
                "steps(0)",
                "steps(2.5)",
                "steps(3, middle)",
                "linear(0, 1)",
                "linear(0, 0.5 20% 40%, 1)",
                "linear(20% 0.5, 1)",
                "linear(0 1)",
                "linear()",
                "linear(0, 20%, 1)",
                "linear(0, 0.5 10% 20% 30%, 1)",
                "linear(0, 10% 0.5 20%, 1)",
                "bounce",
                "ease()",
                ""
            })
    void easingsAreThoseOfTheBrowser(String css) {
        boolean expected =
                (boolean) browser.executeScript("return CSS.supports('transition-timing-function', arguments[0])", css);
        boolean read;
        try {
            Easing easing = Easing.parse(css);
            read = true;
            assertEquals(easing, Easing.parse(easing.text()), easing::text);
        } catch (IllegalArgumentException refused) {
            read = false;
        }
        assertEquals(expected, read, css);
    }
}
