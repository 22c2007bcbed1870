package org.yonderarc.examples;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.kit.Host;
import org.yonderarc.kit.Raster;
import org.yonderarc.kit.Reference;
import org.yonderarc.kit.Script;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Scheme;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.tree.Decimals;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.State;

/** The page as a host of a script, in a browser whose clock is set by hand. */
final class PageHost implements Host {
    /** Before anything of the page runs: its time, its frames and what it opens beside itself are ours. */
    private static final String CLOCK =
            """
            (() => {
              let now = %s, due = [], timers = [], playing = [];
              const animate = Element.prototype.animate, later = window.setTimeout;
              // A film that the browser plays goes on with our clock, too.
              Element.prototype.animate = function(...all) {
                const animation = animate.apply(this, all), born = now;
                animation.pause();
                playing.push({animation, born});
                return animation;
              };
              window.setTimeout = (then, ms) => ms > 0 ? timers.push({at: now + ms, then}) : later(then, ms);
              const pass = at => {
                now = at;
                playing = playing.filter(film => film.animation.playState !== 'idle');
                playing.forEach(film => {
                  film.before ??= film.animation.currentTime - film.born;
                  film.animation.currentTime = film.before + at;
                });
                const over = timers.filter(timer => timer.at <= at);
                timers = timers.filter(timer => timer.at > at);
                over.forEach(timer => timer.then());
                const all = due;
                due = [];
                all.forEach(frame => frame(now));
              };
              performance.now = () => now;
              window.requestAnimationFrame = frame => due.push(frame);
              window.open = address => { kit.opened.push(address); };
              window.kit = {
                opened: [],
                set: at => { now = at; },
                tick: pass,
                part: path => [...document.querySelectorAll('#device *')].find(any => any.yonderPath === path),
                pointer: (what, x, y) => {
                  const device = document.getElementById('device'), box = device.getBoundingClientRect();
                  const at = {clientX: box.left + x, clientY: box.top + y};
                  const on = what === 'pointerdown' && document.elementFromPoint(at.clientX, at.clientY) || device;
                  on.dispatchEvent(new PointerEvent(what,
                    {bubbles: true, pointerId: 1, pointerType: 'touch', button: what === 'pointermove' ? -1 : 0, ...at}));
                }
              };
              addEventListener('DOMContentLoaded', () => {
                const style = document.createElement('style');
                style.textContent = '.device{border-radius:0!important;box-shadow:none!important;position:fixed!important;left:0;top:0;z-index:9}'
                  + '.strip::before,.strip::after{display:none!important}'
                  + '.device :focus-visible{outline:none!important;box-shadow:none!important}';
                document.head.append(style);
              });
            })();
            """
                    .formatted(Decimals.brief(Script.START));

    private static final String TICK =
            """
            kit.tick(arguments[0]);
            const on = document.activeElement;
            return document.getElementById('device').contains(on) && on.yonderPath || null;
            """;

    private final ChromeDriver browser;
    private final double width;
    private final double height;
    private Optional<String> focus = Optional.empty();

    /** Stops the clocks of all pages that the browser opens from now on. */
    static void stopClock(ChromeDriver browser) {
        browser.executeCdpCommand("Page.addScriptToEvaluateOnNewDocument", Map.of("source", CLOCK));
    }

    PageHost(ChromeDriver browser, Path folder, Script script, String html) throws IOException {
        this.browser = browser;
        this.width = script.around().device().width();
        this.height = script.around().device().height();
        Path page = Files.writeString(folder.resolve("page.html"), html);
        browser.get("about:blank");
        browser.get(page.toUri() + "#view=on=" + Percent.encode(preferences(script.around())));
        Chromium.waiting(browser)
                .until(driver -> Boolean.TRUE.equals(browser.executeScript("return !!window.yonderApp")));
    }

    private static String preferences(Surroundings around) {
        return String.join(
                "~",
                around.device().id(),
                "",
                "true",
                around.scheme() == Scheme.DARK ? "dark" : "light",
                around.language(),
                Decimals.brief(around.device().textScale()),
                around.lessMotion() ? "less" : "",
                around.moreContrast() ? "more" : "usual");
    }

    @Override
    public void take(Input input, double at) {
        if (input instanceof Input.Choose choose) {
            run("kit.set(arguments[0]); kit.part(arguments[1]).click()", at, choose.path());
        } else if (input instanceof Input.Down down) {
            pointer("pointerdown", at, down.x(), down.y());
        } else if (input instanceof Input.Move move) {
            pointer("pointermove", at, move.x(), move.y());
        } else if (input instanceof Input.Up up) {
            pointer("pointerup", at, up.x(), up.y());
        } else if (input instanceof Input.Cancel) {
            pointer("pointercancel", at, 0, 0);
        } else {
            throw new IllegalArgumentException("the page is not told " + input);
        }
    }

    private void pointer(String what, double at, double x, double y) {
        run("kit.set(arguments[0]); kit.pointer(arguments[1], arguments[2], arguments[3])", at, what, x, y);
    }

    private Object run(String script, Object... arguments) {
        return browser.executeScript(script, arguments);
    }

    @Override
    @SuppressWarnings("unchecked")
    public Map<String, String> names() {
        return (Map<String, String>) run("const names = {};"
                + " document.querySelectorAll('#device [aria-label]:not(input):not([aria-hidden])')"
                + ".forEach(part => { names[part.yonderPath] = part.getAttribute('aria-label'); }); return names;");
    }

    @Override
    @SuppressWarnings("unchecked")
    public List<String> opened() {
        return (List<String>) run("return kit.opened");
    }

    /** Its history tells of a way back later. */
    @Override
    public void reaches(State state) {
        String saved = SavedState.write(state);
        Chromium.waiting(browser)
                .withMessage(() -> "the page is at " + run("return yonderApp.state()") + ", not at " + saved)
                .until(driver -> saved.equals(run("return yonderApp.state()")));
    }

    @Override
    public void frame(Reference reference, double at) {
        var now = Optional.ofNullable((String) run(TICK, at));
        reference.stage().scene(at);
        if (!now.equals(focus)) {
            focus = now;
            reference.take(new Input.Focus(now), at);
            run(TICK, at);
        }
    }

    @Override
    public Raster shown() throws IOException {
        var clip = Map.of("x", 0, "y", 0, "width", width, "height", height, "scale", 1);
        Map<String, Object> shot = browser.executeCdpCommand(
                "Page.captureScreenshot", Map.of("format", "png", "optimizeForSpeed", true, "clip", clip));
        return Images.raster(
                ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode((String) shot.get("data")))));
    }
}
