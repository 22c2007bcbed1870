package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.check.Check;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.IconSearch;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Composer;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** The bundled sets of icons. */
class IconSetsTest {
    private final Icons line = new BundledIcons();
    private final Icons slim = line.in(IconSet.SLIM);

    private static Plan plan(IconSet set, String icon) {
        return PlanBuilder.app("Sets")
                .iconSet(set)
                .start("a")
                .screen("a", screen -> screen.title("A").icon(icon))
                .screen("b", screen -> screen.title("B").icon("book"))
                .menu("main", menu -> menu.item("a").item("b"))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom()))
                .build();
    }

    @ParameterizedTest
    @EnumSource(IconSet.class)
    void eachHasWhatScenesUseOfThemselves(IconSet set) {
        Icons icons = line.in(set);
        assertEquals(
                List.of(),
                Composer.OWN_ICONS.stream()
                        .filter(name -> icons.art(name, false).isEmpty())
                        .toList());
        assertTrue(icons.all().size() > 1000, "so many: " + icons.all().size());
        assertFalse(icons.all().stream().anyMatch(name -> name.endsWith("-fill")), "twins are no icons of their own");
        assertTrue(Licences.of(set).contains("MIT"));
    }

    @Test
    void theSlimOneHasTwinsUnderTheNameOfTheirIcon() {
        assertTrue(slim.has("house") && slim.hasFilled("house"));
        assertFalse(slim.has("home") || slim.has("house-fill"));
        assertNotEquals(
                slim.art("house", false).orElseThrow().shapes(),
                slim.art("house", true).orElseThrow().shapes());
        assertEquals("house-filled", slim.art("house", true).orElseThrow().key());
        assertTrue(line.has("home") && line.in(IconSet.LINE).has("home"));
    }

    @Test
    void iconsOfBothFillTheirBoxes() {
        for (IconSet set : IconSet.values()) {
            Plan plan = plan(set, set == IconSet.LINE ? "home" : "house");
            var studio = new Studio(line.in(set), Pictures.NONE);
            var walk = Walk.of(plan);
            BufferedImage image = studio.image(new View(walk, Device.PHONE, studio.measure()).scene(walk.start()), 1);
            int top = Integer.MAX_VALUE;
            int bottom = 0;
            // The icon of the first of two items, in the accent; its label stands below.
            for (int y = 740; y < 776; y++) {
                for (int x = 60; x < 132; x++) {
                    int red = image.getRGB(x, y) >> 16 & 255;
                    int blue = image.getRGB(x, y) & 255;
                    if (blue - red > 60) {
                        top = Math.min(top, y);
                        bottom = Math.max(bottom, y);
                    }
                }
            }
            assertTrue(bottom - top >= 14 && bottom - top <= 24, set + ": " + (bottom - top) + " dp high");
        }
    }

    /** Whoever paints doesn't choose the set: the plan has, also where plans of both sets stand in one picture. */
    @Test
    void everyPainterDrawsTheSetOfThePlan() {
        var studio = new Studio();
        Scene[] scenes = Stream.of(IconSet.values())
                .map(set -> Walk.of(plan(set, "map")))
                .map(walk -> new View(walk, Device.PHONE, studio.measure()).scene(walk.start()))
                .toArray(Scene[]::new);
        var both = new Scene(
                800,
                824,
                scenes[0].background(),
                "both",
                List.of(scenes[0].placed("one", 0, 0, 1, 0), scenes[1].placed("other", 400, 0, 1, 0)));
        BufferedImage image = studio.image(both, 1);
        for (int i = 0; i < scenes.length; i++) {
            Icons only = line.in(IconSet.values()[i]);
            Box place = icon(scenes[i]).area();
            BufferedImage alone =
                    new PngPainter(new OneSet(only), Pictures.NONE, Typeface.bundled()).image(scenes[i], 1);
            assertEquals(List.of(), differing(image, 400 * i, alone, place), IconSet.values()[i].toString());
            String svg = studio.svg(both);
            String shape = only.art("book", false).orElseThrow().shapes().get(0);
            assertTrue(svg.contains(shape), svg.length() + " letters without " + shape);
        }
        assertNotEquals(
                List.of(),
                differing(image, 0, studio.image(scenes[1], 1), icon(scenes[1]).area()));
    }

    /** The icons of one set, whichever is asked for. */
    private record OneSet(Icons icons) implements Icons {
        @Override
        public Optional<IconArt> art(String name, boolean filled) {
            return icons.art(name, filled);
        }

        @Override
        public boolean has(String name) {
            return icons.has(name);
        }

        @Override
        public boolean hasFilled(String name) {
            return icons.hasFilled(name);
        }

        @Override
        public Collection<String> all() {
            return icons.all();
        }
    }

    private static SceneNode.Icon icon(Scene scene) {
        return scene.nodes().stream()
                .flatMap(IconSetsTest::icons)
                .filter(icon -> icon.name().equals("book"))
                .findFirst()
                .orElseThrow();
    }

    private static Stream<SceneNode.Icon> icons(SceneNode node) {
        return node instanceof SceneNode.Group group
                ? group.children().stream().flatMap(IconSetsTest::icons)
                : node instanceof SceneNode.Icon icon ? Stream.of(icon) : Stream.empty();
    }

    /** Where two pictures differ within a box of the other one, which stands so far to the right in the first. */
    private static List<String> differing(BufferedImage image, int right, BufferedImage other, Box place) {
        var out = new ArrayList<String>();
        for (int y = (int) place.y(); y < place.bottom(); y++) {
            for (int x = (int) place.x(); x < place.right(); x++) {
                if (image.getRGB(right + x, y) != other.getRGB(x, y)) {
                    out.add(x + ", " + y);
                }
            }
        }
        return out;
    }

    @Test
    void theCheckKnowsThoseOfThePlansSet() {
        assertTrue(Check.plan(plan(IconSet.SLIM, "house"), line).stream()
                .noneMatch(finding -> finding.code() == Code.UNKNOWN_ICON));
        assertTrue(Check.plan(plan(IconSet.SLIM, "home"), line).stream()
                .anyMatch(finding -> finding.code() == Code.UNKNOWN_ICON));
    }

    /** What a name means comes before names that look like it; one with a slip is mended. */
    @ParameterizedTest
    @CsvSource({
        "LINE, bar-chart, chart-bar",
        "LINE, play, player-play",
        "LINE, log-in, login",
        "LINE, hoem, home",
        "SLIM, clipboard-list, clipboard"
    })
    void aNameThatThereIsntProposesOthers(IconSet set, String name, String first) {
        String remedy = Check.plan(plan(set, name), line).stream()
                .filter(finding -> finding.code() == Code.UNKNOWN_ICON)
                .findFirst()
                .orElseThrow()
                .remedy();
        assertTrue(remedy.startsWith("Did you mean \"" + first + "\""), remedy);
    }

    @Test
    void whatMeansTheSameIsOffered() {
        var search = new IconSearch();
        assertEquals("house", search.like("home", slim.all(), 4).get(0));
        assertEquals("droplet", search.like("droplet", slim.all(), 4).get(0));
        assertTrue(
                search.like("settings", slim.all(), 8).contains("gear"),
                search.like("settings", slim.all(), 8).toString());
        assertEquals(List.of(), search.like("nothing-of-that-name", List.of("house"), 4));
    }
}
