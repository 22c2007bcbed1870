package org.yonderarc.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.DrawerBuilder;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.MotionBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** SVG as a real browser shows it, and PNG as we paint it, differ by the smoothing of edges alone. */
class PicturesAgreeTest {
    /** A pixel is another one where a channel differs by more than this of 255: more than smoothing does to a flat area. */
    private static final int SMOOTHING = 96;
    /** The largest share of such pixels; they lie on the edges of letters, which browsers smooth in their own way. */
    private static final double MOST_OTHER = 0.004;
    /** The largest mean difference of a channel, of 255. */
    private static final double MOST_MEAN = 1.0;

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

    private Studio studio = new Studio();

    @BeforeAll
    static void startBrowser() throws Exception {
        browser = Chromium.start(1000, 1100);
    }

    @AfterAll
    static void stopBrowser() {
        Chromium.done(browser);
    }

    @ParameterizedTest
    @EnumSource(Wireframe.Kind.class)
    void forEveryKindOfContent(Wireframe.Kind kind) throws Exception {
        Scheme scheme = kind.ordinal() % 2 == 0 ? Scheme.LIGHT : Scheme.DARK;
        agree(scene(kind, scheme), kind.toString());
    }

    /** Forms of bars with what they alone have: gradients, notches, shadows, clips, groups that are seen in part. */
    @ParameterizedTest
    @CsvSource({
        "notch, 384, ''",
        "dyed, 384, ''",
        "beneath, 384, toggle:side",
        "over, 384, toggle:side",
        "rail, 800, ''",
        "kept, 900, collapse:side",
        "radial, 384, toggle:main",
        "grid, 384, ''",
    })
    void forEveryFormOfBars(String form, double width, String step) throws Exception {
        Walk walk = Walk.of(forms(form));
        State state = step.isEmpty()
                ? walk.start()
                : walk.step(walk.start(), Steps.parse(walk.plan(), step)).after();
        var setting =
                new Setting(new Device("window", width, 760, new Insets(20, 0, 10, 0)), "", Interaction.focus("a"));
        agree(new View(walk, setting, studio.measure()).scene(state), form);
    }

    @Test
    void forAFontOfOnesOwn() throws Exception {
        for (String style : List.of("", "-Bold")) {
            try (var in =
                    getClass().getResourceAsStream("/net/sf/jasperreports/fonts/dejavu/DejaVuSerif" + style + ".ttf")) {
                Files.write(folder.resolve("serif" + style + ".ttf"), in.readAllBytes());
            }
        }
        Plan plan = PlanBuilder.app("Brinelight")
                .font("serif.ttf", "serif-Bold.ttf")
                .start("a")
                .screen("a", screen -> screen.title("Office of tides")
                        .icon("droplet")
                        .wireframe(Wireframe.Kind.LIST)
                        .row("Gull Point", "Flow and ebb at AV 7", "0.4 m"))
                .screen("b", screen -> screen.title("Map").icon("map-pin"))
                .menu("main", menu -> menu.item("a").item("b"))
                .build();
        studio = new Studio(new BundledIcons(), Pictures.NONE, Typeface.of(plan, Fonts.in(folder)));
        var walk = Walk.of(plan);
        agree(new View(walk, Device.PHONE, studio.measure()).scene(walk.start()), "own font");
    }

    @Test
    void inTheMiddleOfAFan() throws Exception {
        Walk walk = Walk.of(forms("radial"));
        var view = new View(walk, Device.PHONE, studio.measure());
        Change change = walk.step(walk.start(), new Step.Toggle("main"));
        Film film = Film.of(
                view.scene(change.before()),
                view.scene(change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
        agree(film.at(film.duration() * 0.3), "fan");
    }

    @Test
    void inTheMiddleOfAFilm() throws Exception {
        Walk walk = Walk.of(forms("over"));
        var view = new View(walk, Device.PHONE, studio.measure());
        Change change = walk.step(walk.start(), new Step.Choose("b"));
        Film film = Film.of(
                view.scene(change.before()),
                view.scene(change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
        agree(film.at(film.duration() * 0.4), "film");
    }

    private static Plan forms(String form) {
        FormBuilder<?> main =
                switch (form) {
                    case "rail" -> FormBuilder.rail().border(true);
                    case "radial" -> FormBuilder.radial();
                    case "grid" -> FormBuilder.grid("a");
                    case "notch" ->
                        FormBuilder.bottom()
                                .floating(bar -> bar.inset(16).radius(24).shadow(true))
                                .style(style -> style.indicator(Indicator.Kind.NOTCH));
                    case "dyed" ->
                        FormBuilder.bottom()
                                .action("b")
                                .style(style -> style.background(ground -> ground.fill(fill ->
                                        fill.from("#7a1f5c").to("#12305a").angle(90))));
                    default -> FormBuilder.bottom();
                };
        DrawerForm.Opening opening = form.equals("kept")
                ? DrawerForm.Opening.ALWAYS
                : form.equals("beneath") ? DrawerForm.Opening.BENEATH : DrawerForm.Opening.OVER;
        DrawerBuilder side = FormBuilder.drawer().opens(opening).header(head -> head.picture("none.png")
                .title("Maren Vik")
                .note("Gull Point")
                .background(fill -> fill.from("accent").to("#12305a").angle(120)));
        boolean isKept = form.equals("kept");
        return PlanBuilder.app("Brinelight")
                .start("a")
                .screen("a", screen -> screen.title("Tides")
                        .icon("droplet")
                        .wireframe(Wireframe.Kind.LIST)
                        .row("Gull Point", "Ledge", "0.4 m"))
                .screen("b", screen -> screen.title("Map")
                        .icon("map-pin")
                        .wireframe(Wireframe.Kind.CARDS)
                        .row("Old Harbour", "Weir", "1.1 m"))
                .menu("main", menu -> menu.item("a").item("b"))
                .menu("side", menu -> menu.signal("send", item -> item.icon("send"))
                        .divider()
                        .signal("out", item -> item.icon("logout")))
                .screenMotion(MotionBuilder.lasting(300).kind(Transition.Kind.FADE))
                .bar(bar -> (form.equals("rail") ? bar.showOn("tablet") : bar)
                        .menu("main")
                        .form(main))
                .bar(bar -> (form.equals("rail") ? bar.showOn("phone") : bar)
                        .menu("side")
                        .form(isKept ? side.collapsedWidth(80) : side))
                .topBar()
                .build();
    }

    private void agree(Scene scene, String kind) throws Exception {
        BufferedImage painted = ImageIO.read(new ByteArrayInputStream(studio.png(scene, 1)));
        BufferedImage shown = shown(studio.svg(scene));
        assertEquals(painted.getWidth(), shown.getWidth());
        assertEquals(painted.getHeight(), shown.getHeight());
        long sum = 0;
        int others = 0;
        for (int y = 0; y < painted.getHeight(); y++) {
            for (int x = 0; x < painted.getWidth(); x++) {
                int worst = 0;
                for (int shift : new int[] {0, 8, 16}) {
                    int difference =
                            Math.abs((painted.getRGB(x, y) >> shift & 255) - (shown.getRGB(x, y) >> shift & 255));
                    sum += difference;
                    worst = Math.max(worst, difference);
                }
                others += worst > SMOOTHING ? 1 : 0;
            }
        }
        double pixels = (double) painted.getWidth() * painted.getHeight();
        assertTrue(sum / pixels / 3 < MOST_MEAN, kind + ": mean difference " + sum / pixels / 3);
        assertTrue(others / pixels < MOST_OTHER, kind + ": other pixels " + others / pixels);
    }

    private Scene scene(Wireframe.Kind kind, Scheme scheme) {
        Plan plan = PlanBuilder.app("Brinelight")
                .start("a")
                .fact("n", 120)
                .screen("a", screen -> screen.title("Tides").icon("droplet"))
                .screen("b", screen -> screen.title("Gull Point, lower shore")
                        .under("a")
                        .wireframe(kind)
                        .row("Beadlet anemone", "Dark red, jelly-like, middle shore", "212", "b")
                        .row("Common limpet", "Patella vulgata", "on", "b")
                        .row("Shore crab", "", "off"))
                .screen("c", screen -> screen.title("Crew").icon("user"))
                .menu("main", menu -> menu.item("a", item -> item.badge("n")).item("c"))
                .build();
        var walk = Walk.of(plan);
        var state = walk.step(walk.start(), new Step.Open(org.yonderarc.plan.Place.of("b")))
                .after();
        return new View(walk, Setting.of(Device.PHONE).with(scheme), studio.measure()).scene(state);
    }

    /** The document in the browser, where no font is installed but those that it brings along. */
    private static BufferedImage shown(String svg) throws Exception {
        Path document = Files.writeString(folder.resolve("picture.svg"), svg);
        browser.get(document.toUri().toString());
        browser.executeAsyncScript("document.fonts.ready.then(arguments[0])");
        byte[] png = browser.findElement(By.tagName("svg")).getScreenshotAs(OutputType.BYTES);
        return ImageIO.read(new ByteArrayInputStream(png));
    }
}
