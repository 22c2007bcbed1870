package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitting;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.form.OwnIcons;
import org.yonderarc.kit.RandomPlans;
import org.yonderarc.plan.BottomForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.GridForm;
import org.yonderarc.plan.Indicator;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.Layouter;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What holds for the layout of every plan, in every form, on every device, at every text scale. */
class LayoutInvariantsTest {
    /** So many random plans; more with -Dyonder.layouts=60000. */
    private static final int CASES = Integer.getInteger("yonder.layouts", 500);
    /** The icons that point somewhere. */
    private static final List<String> DIRECTED = List.of(
            OwnIcons.BACK,
            OwnIcons.MENU,
            OwnIcons.COLLAPSE,
            OwnIcons.EXPAND,
            OwnIcons.COLLAPSE_TRAILING,
            OwnIcons.EXPAND_TRAILING);

    @Test
    void holdForRandomPlansOnRandomDevices() {
        for (int seed = 0; seed < CASES; seed++) {
            var random = new Random(seed);
            var walk = Walk.of(RandomPlans.bare(random));
            Device device = device(random);
            State state = state(walk, random);
            Fitting fitting = Fitter.fit(walk, device, state);
            Layout layout = Layouter.layOut(fitting, new PlainMeasure());
            String context = "seed " + seed + ": " + device;
            assertTrue(layout.screen().contains(layout.content()), context);
            layout.bars().forEach(bar -> bar(bar, device, context));
            layout.one(Form.Kind.BOTTOM).ifPresent(bar -> equal(bar, context));
            layout.one(Form.Kind.TOP).ifPresent(bar -> title(bar, layout, context));
            layout.bars().stream()
                    .filter(bar -> bar.fitted().form().edge() != Form.Edge.CONTENT)
                    .filter(bar -> bar.fitted().form().edge() != Form.Edge.ABOVE)
                    .filter(bar -> bar.ground().scrim() == Layout.Scrim.NONE)
                    .filter(bar -> layout.aside().isEmpty())
                    .filter(bar -> bar.ground().radius() == 0
                            && bar.box().bottom() >= bar.box().y())
                    .filter(bar -> !floats(bar))
                    .forEach(bar -> assertFalse(bar.box().overlaps(layout.content()), context));
        }
    }

    /** Everything else that forms, styles and items may say: floating widths, sheets, rows of top bars, logos, notes, lists. */
    @Test
    void holdForAllThatFormsStylesAndItemsMaySay() {
        for (int seed = 0; seed < CASES / 2; seed++) {
            var random = new Random(seed);
            var walk = Walk.of(RandomPlans.rich(random));
            Device device = device(random);
            Layout layout = Layouter.layOut(Fitter.fit(walk, device, state(walk, random)), new PlainMeasure());
            String context = "rich seed " + seed + ": " + device;
            layout.bars().stream().filter(bar -> !isSheet(bar)).forEach(bar -> bar(bar, device, context));
            layout.bars().stream()
                    .flatMap(bar -> bar.slots().stream())
                    .forEach(slot -> slot.body().value().ifPresent(value -> slot.label()
                            .forEach(line ->
                                    assertFalse(value.box().overlaps(line.box()), "value on label: " + context))));
            new View(walk, device, new PlainMeasure()).scene(state(walk, random));
        }
    }

    private static boolean isSheet(Layout.Bar bar) {
        return bar.fitted().form() instanceof GridForm grid && grid.sheet();
    }

    private static boolean floats(Layout.Bar bar) {
        return bar.fitted().form() instanceof BottomForm bottom
                && (bottom.floating().isPresent() || bottom.onScroll() == Form.Scrolling.HIDE);
    }

    private static State state(Walk walk, Random random) {
        State state = walk.start();
        if (random.nextBoolean()) {
            state = walk.step(state, new Step.Open(Place.of("c0"))).after();
        }
        for (String folds : List.of("main", "main.folds")) {
            state = random.nextInt(3) == 0
                    ? walk.step(state, new Step.Collapse(folds)).after()
                    : state;
        }
        return random.nextBoolean() ? walk.step(state, new Step.Toggle("main")).after() : state;
    }

    private static Device device(Random random) {
        double width = random.nextBoolean() ? 240 + random.nextInt(500) : 240 + random.nextDouble() * 3760;
        double side = random.nextInt(3) == 0 ? random.nextInt(60) : 0;
        double other = random.nextInt(3) == 0 ? random.nextInt(50) : 0;
        double text = random.nextInt(3) == 0 ? 0.8 + random.nextDouble() * 2.2 : 1;
        return new Device(
                "random",
                width,
                400 + random.nextInt(1000),
                new Insets(random.nextInt(60), side, random.nextInt(40), other),
                text,
                Visibility.Pointer.COARSE);
    }

    private static void bar(Layout.Bar bar, Device device, String context) {
        boolean isHead = bar.fitted().form().edge() == Form.Edge.CONTENT;
        // What stands at the head of content may be longer than the screen, and is scrolled.
        double longest = isHead ? 100_000 : device.height();
        inside(new Box(0, 0, device.width(), longest), bar.box(), context);
        var targets = new ArrayList<Box>();
        for (Layout.Slot slot : bar.slots()) {
            Box target = slot.target();
            assertTrue(target.height() >= 48, context);
            boolean scrolls = !bar.list().view().contains(target);
            boolean isRaised = bar.apart().contains(slot) && bar.fitted().form() instanceof BottomForm;
            if (isRaised) {
                // The main action is raised out of the bar.
                assertEquals(bar.box().centerX(), target.centerX(), bar.box().width() / 2, context);
                assertTrue(target.bottom() <= bar.box().bottom() + 1e-6, context);
            } else if (!scrolls
                    || bar.fitted().form() instanceof BottomForm bottom && bottom.whenFull() != Form.WhenFull.SCROLL) {
                inside(bar.box(), target, context);
            }
            if (!scrolls) {
                targets.forEach(other -> assertFalse(
                        other.inset(1e-9).overlaps(target.inset(1e-9)), "targets lie on each other: " + context));
                targets.add(target);
            }
            for (TextLine line : slot.label()) {
                inside(target, line.box(), context);
                if (slot.item().icon().isPresent()) {
                    assertFalse(slot.icon().inset(1e-9).overlaps(line.box()), "icon on label: " + context);
                }
            }
            slot.badge().ifPresent(badge -> {
                // The badge of a raised icon stands on the rim of its circle, above the slot.
                double top = slot.mark()
                        .filter(mark -> mark.kind() == Indicator.Kind.NOTCH)
                        .map(mark -> mark.box().y() - badge.box().height() / 2)
                        .filter(above -> above < target.y())
                        .orElse(target.y());
                inside(new Box(target.x(), top, target.width(), target.bottom() - top), badge.box(), context);
                badge.text().ifPresent(text -> inside(badge.box(), text.box(), context));
            });
            slot.mark()
                    .filter(mark -> mark.kind() != Indicator.Kind.NOTCH)
                    .filter(mark -> !scrolls)
                    .ifPresent(mark -> inside(bar.box(), mark.box(), context));
        }
        bar.buttons().forEach(button -> {
            assertTrue(button.target().width() >= 48 && button.target().height() >= 48, context);
            inside(bar.box(), button.target(), context);
            targets.forEach(target -> assertFalse(button.target().overlaps(target), "button on item: " + context));
        });
        Stream.concat(bar.head().title().stream(), bar.list().headings().stream())
                .forEach(line -> assertTrue(
                        line.left() >= bar.box().x() - 1e-9
                                && line.left() + line.width() <= bar.box().right() + 1e-9,
                        context));
    }

    private static void equal(Layout.Bar bar, String context) {
        var bottom = (BottomForm) bar.fitted().form();
        boolean beside =
                bottom.iconPosition() == Form.IconPosition.BEFORE || bottom.iconPosition() == Form.IconPosition.AFTER;
        if (bottom.labels() == Form.Labels.SELECTED && beside
                || bar.list().slots().isEmpty()) {
            return;
        }
        double width = bar.list().slots().get(0).target().width();
        bar.list()
                .slots()
                .forEach(slot -> assertEquals(width, slot.target().width(), "equal to the last bit: " + context));
    }

    private static void title(Layout.Bar bar, Layout layout, String context) {
        TextLine title = bar.head().title().orElseThrow();
        if (title.anchor() == TextLine.Anchor.MIDDLE) {
            assertEquals(bar.box().centerX(), title.box().centerX(), 1e-9, "centred on the bar: " + context);
        } else {
            // What would be cut off in the middle begins beside the button: the wider side counts for both.
            Box box = bar.box();
            double start = bar.buttons().stream()
                    .filter(button -> !button.fitted().atEnd())
                    .mapToDouble(button -> button.target().right() - box.x())
                    .max()
                    .orElse(0);
            double end = Stream.concat(
                            bar.apart().stream().map(Layout.Slot::target),
                            bar.buttons().stream()
                                    .filter(button -> button.fitted().atEnd())
                                    .map(Layout.Button::target))
                    .mapToDouble(target -> box.right() - target.x())
                    .max()
                    .orElse(0);
            double whole = new PlainMeasure().width(bar.fitted().title(), title.type());
            assertTrue(
                    whole > box.width() - 2 * Math.max(start, end) - 2 * 64,
                    "there is room in the middle: " + whole + " of " + box.width() + ", " + start + ", " + end + ": "
                            + context);
        }
        assertEquals(bar.box().bottom(), layout.content().y(), context);
        bar.buttons()
                .forEach(button ->
                        assertFalse(!title.text().isEmpty() && button.target().overlaps(title.box()), context));
    }

    private static void inside(Box outer, Box inner, String context) {
        assertTrue(outer.inset(-1e-6).contains(inner), () -> inner + " leaves " + outer + ", " + context);
    }

    /** Right to left is left to right in a mirror, box by box; the device's own insets stay where they are. */
    @Test
    void rightToLeftIsTheExactMirror() {
        for (int seed = 0; seed < 300; seed++) {
            var random = new Random(seed);
            String title = "Wax".repeat(1 + random.nextInt(8));
            FormBuilder<?> form = RandomPlans.form(random);
            Walk walk = Walk.of(PlanBuilder.app("Mirror")
                    .start("a")
                    .languages("en", "he")
                    .screen("a", screen -> screen.title(Map.of("en", title, "he", title))
                            .icon("droplet"))
                    .screen("s0", screen -> screen.title(title).icon("map-pin"))
                    .menu("main", menu -> menu.item("a").item("s0"))
                    .bar(bar -> bar.menu("main").form(form))
                    .topBar()
                    .build());
            State state = state(walk, random, "s0");
            double width = 300 + random.nextInt(900);
            Scene left = scene(walk, new Device("d", width, 800, new Insets(30, 8, 20, 44)), "en", state);
            Scene right = scene(walk, new Device("d", width, 800, new Insets(30, 44, 20, 8)), "he", state);
            mirrored(left.nodes(), right.nodes(), width, "seed " + seed);
        }
    }

    private static State state(Walk walk, Random random, String open) {
        State state = walk.step(walk.start(), new Step.Open(Place.of(open))).after();
        return random.nextBoolean() ? walk.step(state, new Step.Toggle("main")).after() : state;
    }

    private static Scene scene(Walk walk, Device device, String language, State state) {
        var setting = new Setting(device, language, Interaction.NONE);
        return new View(walk, setting, new PlainMeasure()).scene(state);
    }

    private static void mirrored(List<SceneNode> left, List<SceneNode> right, double width, String context) {
        assertEquals(left.size(), right.size(), context);
        for (int i = 0; i < left.size(); i++) {
            SceneNode a = left.get(i);
            SceneNode b = right.get(i);
            assertEquals(a.key(), b.key(), context);
            if (a instanceof SceneNode.Group one && b instanceof SceneNode.Group other) {
                mirrored(one.children(), other.children(), width, context + "/" + a.key());
            } else if (a instanceof SceneNode.Text one && b instanceof SceneNode.Text other) {
                assertEquals(
                        width - one.line().left() - one.line().width(),
                        other.line().left(),
                        1e-6,
                        context);
            } else if (a instanceof SceneNode.Rect one && b instanceof SceneNode.Rect other) {
                assertEquals(width - one.area().right(), other.area().x(), 1e-6, context + "/" + a.key());
            } else if (a instanceof SceneNode.Icon one && b instanceof SceneNode.Icon other) {
                assertEquals(width - one.area().right(), other.area().x(), 1e-6, context);
                assertEquals(DIRECTED.contains(one.name()), other.flipped(), one.name() + ", " + context);
            }
        }
    }
}
