package org.yonderarc.form;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.build.RadialBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** A round button that fans items out: what it holds, where its items stand, how they come. */
class FanTest {
    private static final List<String> SCREENS = List.of("a", "b", "c", "d", "e", "f", "g", "h", "i", "j");

    private static Plan plan(int count, RadialBuilder radial) {
        PlanBuilder plan = PlanBuilder.app("Shore").start("a").languages("en", "ar");
        SCREENS.forEach(id -> plan.screen(id, screen -> screen.icon("droplet")));
        return plan.menu("quick", menu -> {
                    SCREENS.subList(0, count).forEach(menu::item);
                })
                .bar(bar -> bar.menu("quick").form(radial))
                .topBar()
                .build();
    }

    private static State opened(Walk walk) {
        return walk.step(walk.start(), new Step.Toggle("quick")).after();
    }

    private static Layout.Bar fan(Plan plan, Device device) {
        Walk walk = Walk.of(plan);
        Fitting fitting = Fitter.fit(walk, device, opened(walk));
        return Layouter.layOut(fitting, new PlainMeasure())
                .one(Form.Kind.RADIAL)
                .orElseThrow();
    }

    private static List<String> ids(Layout.Bar bar) {
        return bar.slots().stream().map(slot -> slot.item().id()).toList();
    }

    @Test
    void whatItHasNoRoomForGoesToTheOverflow() {
        assertEquals(List.of("a", "b", "c", "d"), ids(fan(plan(4, FormBuilder.radial()), Device.PHONE)));
        assertEquals(List.of("a", "b", "c", "d", "more:quick"), ids(fan(plan(8, FormBuilder.radial()), Device.PHONE)));
        assertEquals(
                List.of("a", "more:quick"), ids(fan(plan(8, FormBuilder.radial().maxItems(2)), Device.PHONE)));
    }

    /** Turned sideways a phone has less height, so a column holds fewer items. */
    @Test
    void aDeviceThatIsTurnedHoldsFewer() {
        Plan plan = plan(8, FormBuilder.radial().maxItems(8));
        int upright = fan(plan, Device.PHONE).slots().size();
        int turned = fan(plan, Device.named("824x384")).slots().size();
        assertEquals(8, upright);
        assertTrue(turned >= 2 && turned < upright, "turned sideways it holds " + turned);
    }

    /** Whatever the corner and the labels: items stand inside of the free room, apart from each other and the button. */
    @ParameterizedTest
    @EnumSource(RadialForm.Corner.class)
    void itemsStandApartInEveryCorner(RadialForm.Corner corner) {
        for (RadialForm.Beside labels : RadialForm.Beside.values()) {
            for (String size : List.of("384x824", "824x384", "1280x800", "240x500")) {
                Plan plan = plan(
                        10, FormBuilder.radial().position(corner).labels(labels).maxItems(8));
                Device device = Device.named(size);
                Layout.Bar bar = fan(plan, device);
                var boxes = new ArrayList<Box>();
                bar.buttons().forEach(button -> boxes.add(button.target()));
                bar.slots().forEach(slot -> boxes.add(slot.target()));
                String context = corner + " " + labels + " " + size;
                for (int i = 0; i < boxes.size(); i++) {
                    Box box = boxes.get(i);
                    assertTrue(
                            new Box(0, 0, device.width(), device.height()).contains(box),
                            context + " leaves the screen: " + box);
                    for (Box other : boxes.subList(0, i)) {
                        assertFalse(other.inset(1e-6).overlaps(box.inset(1e-6)), context + ": " + other + " " + box);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"LOWER_END, 1, 1", "LOWER_START, -1, 1", "LOWER, 0, 1", "END, 1, 0", "START, -1, 0"})
    void theButtonStandsWhereThePlanSays(RadialForm.Corner corner, int across, int down) {
        Layout.Bar bar = fan(plan(3, FormBuilder.radial().position(corner)), Device.PHONE);
        Box button = bar.buttons().get(0).target();
        double x = (button.centerX() - Device.PHONE.width() / 2) / (Device.PHONE.width() / 2);
        double y = (button.centerY() - Device.PHONE.height() / 2) / (Device.PHONE.height() / 2);
        assertEquals(across, Math.round(x));
        assertEquals(down, Math.round(y));
    }

    private static Scene scene(Plan plan, String language, State state) {
        return new View(Walk.of(plan), Setting.of(Device.PHONE).in(language), new PlainMeasure()).scene(state);
    }

    @Test
    void rightToLeftItIsMirrored() {
        Plan plan = plan(4, FormBuilder.radial());
        State open = opened(Walk.of(plan));
        List<Box> left = items(scene(plan, "en", open));
        List<Box> right = items(scene(plan, "ar", open));
        assertEquals(4, left.size());
        for (int i = 0; i < left.size(); i++) {
            assertEquals(
                    Device.PHONE.width(), left.get(i).centerX() + right.get(i).centerX(), 0.01);
            assertEquals(left.get(i).centerY(), right.get(i).centerY(), 0.01);
        }
    }

    private static List<Box> items(Scene scene) {
        var out = new ArrayList<Box>();
        collect(scene.bar("radial").orElseThrow(), out);
        return out;
    }

    private static void collect(SceneNode.Group group, List<Box> out) {
        for (SceneNode.Group child : group.groups()) {
            if (child.part() instanceof Part.Item) {
                out.add(child.area());
            } else {
                collect(child, out);
            }
        }
    }

    /** While it opens, each item is farther on its way than the one behind it. */
    @Test
    void itemsComeOneAfterTheOther() {
        Plan plan = plan(4, FormBuilder.radial());
        Walk walk = Walk.of(plan);
        Change change = walk.step(walk.start(), new Step.Toggle("quick"));
        Scene to = scene(plan, "en", change.after());
        Film film = Film.of(scene(plan, "en", change.before()), to, Score.of(Passage.of(walk, change), plan.motion()));
        List<Double> seen = opacities(film.at(film.duration() * 0.35));
        assertEquals(4, seen.size());
        var sorted = new ArrayList<>(seen);
        sorted.sort(null);
        assertTrue(seen.equals(sorted) || reversed(seen).equals(sorted), "in order: " + seen);
        assertTrue(sorted.get(3) > sorted.get(0) + 0.1, "not all at once: " + seen);
        assertEquals(to, film.at(film.duration()), "at last it is the scene itself");
    }

    private static List<Double> reversed(List<Double> list) {
        var out = new ArrayList<>(list);
        java.util.Collections.reverse(out);
        return out;
    }

    private static List<Double> opacities(Scene scene) {
        var out = new ArrayList<Double>();
        opacities(scene.bar("radial").orElseThrow(), out);
        return out;
    }

    private static void opacities(SceneNode.Group group, List<Double> out) {
        for (SceneNode.Group child : group.groups()) {
            if (child.part() instanceof Part.Item) {
                out.add(child.opacity());
            } else {
                opacities(child, out);
            }
        }
    }

    /** What is open stays open when the device shows the menu in another form. */
    @Test
    void anOpenOverflowStaysOpenInAnotherForm() {
        Plan plan = PlanBuilder.app("Shore")
                .start("a")
                .screen("a")
                .screen("b")
                .screen("c")
                .screen("d")
                .menu("quick", menu -> menu.item("a").item("b").item("c").item("d"))
                .bar(bar -> bar.menu("quick")
                        .form("phone", FormBuilder.radial().maxItems(2))
                        .form("tablet", FormBuilder.bottom().maxItems(2)))
                .build();
        Walk walk = Walk.of(plan);
        State open = walk.step(walk.start(), new Step.Toggle(Step.Toggle.overflow("quick")))
                .after();
        for (Device device : List.of(Device.PHONE, Device.named("tablet"))) {
            Optional<FittedBar> more = Fitter.fit(walk, device, open).overflow();
            assertEquals(
                    List.of("b", "c", "d"),
                    more.orElseThrow().items().stream().map(FittedItem::id).toList(),
                    device.id());
        }
        Change refused = walk.step(walk.start(), new Step.Toggle(Step.Toggle.overflow("nowhere")));
        assertTrue(refused.refusal().orElseThrow().contains("no bar \"nowhere\""), refused.because());
    }
}
