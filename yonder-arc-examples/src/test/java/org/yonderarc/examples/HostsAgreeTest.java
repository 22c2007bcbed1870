package org.yonderarc.examples;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.chrome.ChromeDriver;
import org.yonderarc.chromium.Chromium;
import org.yonderarc.draw.Fonts;
import org.yonderarc.draw.Pictures;
import org.yonderarc.draw.Studio;
import org.yonderarc.draw.Typeface;
import org.yonderarc.fit.Device;
import org.yonderarc.kit.RandomPlans;
import org.yonderarc.kit.Reference;
import org.yonderarc.kit.Script;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Effect;
import org.yonderarc.web.PageWriter;

/**
 * The page in a browser shows what the picture shows: of all example plans and of random ones, at rest, within films and while a finger
 * pulls. What differs is kept in {@code target/hosts}, as both pictures and their difference.
 */
class HostsAgreeTest {
    /** The plans in which something differed once. */
    private static final List<Integer> KNOWN = List.of(101, 108, 136, 194, 308, 319);
    /** So many others from {@code yonder.seed} on, in their place, with -Dyonder.hosts=500. */
    private static final int PLANS = Integer.getInteger("yonder.hosts", 0);
    /** On so many devices is each example plan. */
    private static final int DEVICES = Integer.getInteger("yonder.devices", 2);
    /** So often something is done. */
    private static final int DEEDS = Integer.getInteger("yonder.deeds", 3);

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

    private static List<String> addresses(List<Effect> effects) {
        return effects.stream()
                .filter(Effect.OpenWeb.class::isInstance)
                .map(effect -> ((Effect.OpenWeb) effect).address())
                .toList();
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
        var pictures = Pictures.in(ExamplePlans.FOLDER);
        var icons = ExamplePlans.icons(plan);
        var studio = new Studio(icons, pictures, Typeface.of(plan, Fonts.in(ExamplePlans.FOLDER)));
        Surroundings around = around(plan, random);
        var script = Script.random(name, plan, around, studio.measure(), DEEDS, random);
        var reference = new Reference(plan, around, studio.measure(), true);
        var page = new PageHost(
                browser, folder, script, new PageWriter(icons, pictures, Fonts.in(ExamplePlans.FOLDER)).page(plan));
        var outliers = new ArrayList<String>();
        int number = 0;
        for (Script.Moment moment : script.moments()) {
            if (moment.does().isPresent()) {
                reference.take(moment.does().get(), moment.at());
                page.take(moment.does().get(), moment.at());
                page.reaches(reference.state());
                assertEquals(addresses(reference.effects()), page.opened());
            } else {
                page.frame(reference, moment.at());
                var painted = studio.image(reference.stage().scene(moment.at()), 1);
                Pixels.compare(name + "-" + number++, painted, page.shown())
                        .ifPresent(what -> outliers.add(what + " (" + around + ")"));
            }
        }
        assertEquals(List.of(), Chromium.complaints(browser));
        return outliers;
    }
}
