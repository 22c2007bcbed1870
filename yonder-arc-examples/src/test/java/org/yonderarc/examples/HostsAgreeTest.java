package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.desktop.WindowHost;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.kit.Agreement;
import org.yonderarc.kit.RandomPlans;
import org.yonderarc.kit.Reference;
import org.yonderarc.kit.Script;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.web.PageWriter;

/**
 * The page in a browser and the panel of a window show what the picture shows: of all example plans and of random ones, at rest, within
 * films and while a finger or a mouse pulls. What differs is kept in {@code target/hosts}, as both pictures and their difference.
 */
class HostsAgreeTest {
    /** The plans in which something differed once. */
    private static final List<Integer> KNOWN = List.of(101, 108, 136, 194, 308, 319, 7022);
    /** So many others from {@code yonder.seed} on, in their place, with -Dyonder.hosts=500. */
    private static final int PLANS = Integer.getInteger("yonder.hosts", 0);
    /** On so many devices is each example plan. */
    private static final int DEVICES = Integer.getInteger("yonder.devices", 1);
    /** So often something is done. */
    private static final int OPERATIONS = Integer.getInteger("yonder.operations", 3);

    @TempDir
    private static Path folder;

    private static ChromeDriver browser;

    @BeforeAll
    static void start() throws Exception {
        browser = Chromium.start(1800, 1400);
        PageHost.stopClock(browser);
    }

    @AfterAll
    static void stop() {
        Chromium.done(browser);
    }

    @Test
    void onTheExamplePlans() throws Exception {
        var outliers = new ArrayList<String>();
        for (String name : ExamplePlans.NAMES) {
            Plan plan = ExamplePlans.plan(name);
            var random = new Random(name.hashCode());
            for (int i = 0; i < DEVICES; i++) {
                outliers.addAll(compare(name + "-" + i, plan, random));
            }
        }
        assertEquals(List.of(), outliers);
    }

    @Test
    void onRandomPlans() throws Exception {
        var outliers = new ArrayList<String>();
        int first = Integer.getInteger("yonder.seed", 1000);
        List<Integer> seeds = PLANS == 0
                ? KNOWN
                : IntStream.range(first, first + PLANS).boxed().toList();
        for (int seed : seeds) {
            var random = new Random(seed);
            outliers.addAll(compare("random-" + seed, RandomPlans.plan(random), random));
        }
        assertEquals(List.of(), outliers);
    }

    /** What a finger pulls is seen at each of its moves, from both sides, and on the way back from a screen below. */
    @ParameterizedTest
    @CsvSource({"leading, en, '', true", "trailing, en, '', false", "mirrored, ar, '', true", "back, en, Below, true"})
    void whileAFingerPulls(String name, String language, String first, boolean fromLeft) throws Exception {
        Plan plan = PlanBuilder.app("Pulled")
                .languages("en", "ar")
                .start("a")
                .screen("a", screen -> screen.icon("droplet")
                        .wireframe(Wireframe.Kind.LIST)
                        .row("Below", "", "", "below"))
                .screen("below", screen -> screen.under("a").wireframe(Wireframe.Kind.DETAIL))
                .screen("b", screen -> screen.icon("map"))
                .menu("main", menu -> menu.item("a").item("b"))
                .menu("side", menu -> menu.signal("send", item -> item.icon("send")))
                .bar(bar -> bar.menu("main").form(FormBuilder.drawer()))
                .bar(bar -> bar.menu("side").form(FormBuilder.drawer().side(Form.Side.TRAILING)))
                .topBar()
                .build();
        var around = Surroundings.of(Device.PHONE).in(language);
        Script script = Script.pulling(name, plan, around, studio(plan).measure(), first, fromLeft);
        var reference = new Reference(plan, around, studio(plan).measure(), true);
        var seen = new HashSet<Scene>();
        for (Script.Moment moment : script.moments()) {
            moment.does().ifPresent(input -> reference.take(input, moment.at()));
            Scene scene = reference.stage().scene(moment.at());
            moment.does().filter(Input.Move.class::isInstance).ifPresent(move -> seen.add(scene));
        }
        assertTrue(seen.size() >= 4, "it follows the finger: " + seen.size());
        assertEquals(List.of(), compare(script));
        assertTrue(
                first.isEmpty()
                        ? reference.state().open().isPresent()
                        : reference.state().place().text().equals("a"),
                "it came");
    }

    /** Somewhere, in some language, scheme and size of text. */
    private static Surroundings around(Plan plan, Random random) {
        List<Device> devices = Device.presets(plan);
        List<String> languages = plan.app().languages();
        double text = random.nextInt(4) == 0 ? List.of(0.8, 1.3, 2.0).get(random.nextInt(3)) : 1;
        Device any = devices.get(random.nextInt(devices.size()));
        var device = new Device(any.id(), any.width(), any.height(), any.safe(), text, any.pointer());
        return new Surroundings(
                device,
                languages.isEmpty() || random.nextBoolean() ? "" : languages.get(random.nextInt(languages.size())),
                random.nextBoolean() ? Scheme.LIGHT : Scheme.DARK,
                random.nextInt(6) == 0,
                random.nextInt(4) == 0);
    }

    private static List<String> compare(String name, Plan plan, Random random) throws Exception {
        Surroundings around = around(plan, random);
        Studio studio = studio(plan);
        List<String> outliers = compare(Script.random(name, plan, around, studio.measure(), OPERATIONS, true, random));
        Device device = around.device();
        var window = new Device(
                "window", device.width(), device.height(), Insets.NONE, device.textScale(), Visibility.Pointer.FINE);
        Script clicks = Script.random(
                name + "-window",
                plan,
                around.on(window),
                studio.measure(),
                OPERATIONS,
                false,
                new Random(name.hashCode()));
        var reference = new Reference(plan, clicks.around(), studio.measure(), false);
        try (var host = new WindowHost(clicks, studio)) {
            outliers.addAll(Agreement.outliers(
                    clicks, reference, host, scene -> Images.raster(studio.image(scene, 1)), Images::keep));
        }
        return outliers;
    }

    private static Studio studio(Plan plan) {
        return new Studio(
                new BundledIcons(), Pictures.in(ExamplePlans.FOLDER), Typeface.of(plan, Fonts.in(ExamplePlans.FOLDER)));
    }

    private static List<String> compare(Script script) throws Exception {
        Plan plan = script.plan();
        Studio studio = studio(plan);
        var writer =
                new PageWriter(new BundledIcons(), Pictures.in(ExamplePlans.FOLDER), Fonts.in(ExamplePlans.FOLDER));
        var page = new PageHost(browser, folder, script, writer.page(plan));
        var reference = new Reference(plan, script.around(), studio.measure(), true);
        List<String> outliers = Agreement.outliers(
                script, reference, page, scene -> Images.raster(studio.image(scene, 1)), Images::keep);
        assertEquals(List.of(), Chromium.complaints(browser));
        return outliers;
    }
}
