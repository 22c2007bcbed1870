package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.BackgroundBuilder;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** What lies behind bars, and what can be read on it. */
class BarGroundTest {
    private static View view(Consumer<BackgroundBuilder> ground) {
        var plan = PlanBuilder.app("Brinelight")
                .start("tides")
                .fact("drafts", 2)
                .colour("deep", "#0b4f6c", "#0a2f40")
                .style("own", style -> style.background(ground))
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("map", screen -> screen.icon("map-pin"))
                .menu("main", menu -> menu.item("tides").item("map", item -> item.badge("drafts")))
                .bar(bar -> bar.menu("main").form(FormBuilder.bottom().style("own")))
                .bar(bar -> bar.form(FormBuilder.top()))
                .build();
        return new View(Walk.of(plan), Device.PHONE, new PlainMeasure());
    }

    private static Scene scene(Consumer<BackgroundBuilder> ground, Scheme scheme) {
        View view = view(ground);
        return view.with(Setting.of(Device.PHONE).with(scheme))
                .scene(view.walk().start());
    }

    private static SceneNode.Group bar(Scene scene, String word) {
        return scene.first(part -> part instanceof Part.Bar bar && bar.word().equals(word))
                .orElseThrow();
    }

    private static Stream<SceneNode> all(SceneNode node) {
        return node instanceof SceneNode.Group group
                ? Stream.concat(Stream.of(node), group.children().stream().flatMap(BarGroundTest::all))
                : Stream.of(node);
    }

    private static SceneNode named(SceneNode.Group group, String key) {
        return group.children().stream()
                .filter(node -> node.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aNamedColourDiffersBySchemeAndOtherBarsKeepTheirs() {
        for (Scheme scheme : Scheme.values()) {
            Scene scene = scene(ground -> ground.fill("deep"), scheme);
            var own = (SceneNode.Rect) named(bar(scene, "bottom"), "ground");
            assertEquals(Colour.parse(scheme == Scheme.LIGHT ? "#0b4f6c" : "#0a2f40"), own.fill());
            var other = (SceneNode.Rect) named(bar(scene, "top"), "ground");
            assertEquals(Theme.DEFAULT.colour(scheme, Role.SURFACE), other.fill());
        }
    }

    @Test
    void whatIsReadOnAGroundStandsOutWhateverItIs() {
        var random = new Random(11);
        for (int i = 0; i < 300; i++) {
            Colour ground = Colour.rgb(random.nextInt(0x1000000));
            Scheme scheme = Scheme.values()[i % 2];
            SceneNode.Group bar = bar(scene(own -> own.fill(ground.hex()), scheme), "bottom");
            all(bar).forEach(node -> {
                if (node instanceof SceneNode.Text text && !text.key().equals("text")) {
                    assertTrue(
                            text.fill().contrastWith(ground) >= 4.5,
                            ground.hex() + ": " + text.fill().hex());
                } else if (node instanceof SceneNode.Icon icon) {
                    assertTrue(
                            icon.fill().contrastWith(ground) >= 3,
                            ground.hex() + ": " + icon.fill().hex());
                }
            });
        }
    }

    @Test
    void whatStandsOutAlreadyKeepsItsColour() {
        Theme on = Theme.DEFAULT.on(Scheme.LIGHT, List.of(Colour.parse("#fdfaf2")));
        for (Role role : List.of(Role.TEXT, Role.ACCENT, Role.BADGE)) {
            assertEquals(Theme.DEFAULT.colour(Scheme.LIGHT, role), on.colour(Scheme.LIGHT, role), role.word());
        }
        assertEquals(Theme.DEFAULT, Theme.DEFAULT.on(Scheme.LIGHT, List.of()));
    }

    /** CSS Images Level 3, section 3.4.3: stops without a place are spread evenly, and none stands before the one before it. */
    @Test
    void gradientsHaveTheirColoursWhereCssHasThem() {
        Scene scene = scene(
                ground -> ground.fill(fill -> fill.from("#000000")
                        .through("#111111")
                        .through("#222222", 0.2)
                        .to("#333333")
                        .angle(90)),
                Scheme.LIGHT);
        var gradient = (SceneNode.Gradient) named(bar(scene, "bottom"), "ground");
        assertEquals(90, gradient.angle());
        List<Double> places = gradient.shades().stream().map(Fill.Shade::at).toList();
        assertEquals(List.of(0.0, 1 / 3.0, 1 / 3.0, 1.0), places);
    }

    @Test
    void theContentGoesOnBeneathABarThatIsClear() {
        double whole = Device.PHONE.height();
        Scene hides = scene(ground -> ground.fill("surface"), Scheme.LIGHT);
        Scene clear = scene(ground -> ground.fill("surface").opacity(0.8), Scheme.LIGHT);
        assertTrue(screen(hides).area().bottom() <= bar(hides, "bottom").area().y());
        assertEquals(whole, screen(clear).area().bottom());
        assertEquals(
                0.8,
                ((SceneNode.Rect) named(bar(clear, "bottom"), "ground")).fill().alpha());
    }

    private static SceneNode.Group screen(Scene scene) {
        return scene.first(part -> part instanceof Part.Screen).orElseThrow();
    }

    @Test
    void edgesLieTowardsTheContentOrAllAroundOrNowhere() {
        SceneNode.Group towards = bar(scene(ground -> ground.border("accent", 2, false), Scheme.LIGHT), "bottom");
        var line = (SceneNode.Rect) named(towards, "line");
        assertEquals(towards.area().y(), line.area().y());
        assertEquals(2, line.area().height());
        SceneNode.Group around = bar(scene(ground -> ground.border("accent", 2, true), Scheme.LIGHT), "bottom");
        assertEquals(2, ((SceneNode.Path) named(around, "line")).stroke().orElseThrow());
        SceneNode.Group none = bar(scene(ground -> ground.border("none", 1, false), Scheme.LIGHT), "bottom");
        assertTrue(none.children().stream().noneMatch(node -> node.key().equals("line")));
    }

    @Test
    void anyBarCastsAShadowThatIsToldTo() {
        assertTrue(bar(scene(ground -> ground.shadow(true), Scheme.LIGHT), "bottom").children().stream()
                .anyMatch(node -> node.key().equals("shadow")));
        assertTrue(bar(scene(ground -> ground.fill("surface"), Scheme.LIGHT), "bottom").children().stream()
                .noneMatch(node -> node.key().equals("shadow")));
    }

    /** The selected item carries the mark at the foot of a drawer, too. */
    @Test
    void anItemAtTheFootIsMarked() {
        var plan = PlanBuilder.app("Brinelight")
                .start("settings")
                .style("own", style -> style.indicator(Indicator.Kind.LINE))
                .screen("tides", screen -> screen.icon("droplet"))
                .screen("settings", screen -> screen.icon("settings"))
                .menu("main", menu -> menu.item("tides").item("settings"))
                .bar(bar -> bar.menu("main")
                        .form(FormBuilder.drawer()
                                .opens(DrawerForm.Opening.ALWAYS)
                                .footer("settings")
                                .style("own")))
                .build();
        Walk walk = Walk.of(plan);
        View view = new View(walk, Device.DESKTOP, new PlainMeasure());
        for (String screen : List.of("settings", "tides")) {
            SceneNode.Group bar = bar(view.scene(walk.arriveAt(walk.start(), Place.of(screen))), "drawer");
            assertEquals(
                    screen.equals("settings"),
                    bar.children().stream().anyMatch(node -> node.key().equals("mark")),
                    screen);
            assertEquals(1, all(bar).filter(node -> node.key().equals("mark")).count(), screen);
        }
    }
}
