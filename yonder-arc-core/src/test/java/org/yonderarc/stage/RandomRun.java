package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.DrawerForm;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** A stage whose steps a navigator takes, and a model that takes the same steps by itself. */
final class RandomRun implements Stage.Host {
    static final int EVENTS = 5_000;
    /** As long as a film or what was flung takes at most, in ms. */
    static final double LONGEST = 20_000;

    static final List<Device> DEVICES =
            List.of(Device.PHONE, Device.PHONE_SMALL, Device.PHONE_WIDE, Device.TABLET, Device.DESKTOP);

    final Random random;
    final Navigator navigator;
    final Stage stage;
    final boolean scrolls;
    final boolean owns;
    final List<String> log = new ArrayList<>();
    Walk model;
    State state;
    int thrown;
    boolean callsBack;
    double now = 1e6;
    double x = 200;
    double y = 300;

    RandomRun(int seed) {
        random = new Random(seed);
        Plan plan = plan(random);
        scrolls = random.nextInt(4) == 0;
        owns = random.nextInt(3) == 0;
        model = Walk.of(plan);
        state = model.start();
        navigator = new Navigator(plan, Runnable::run, trouble -> thrown++);
        navigator.listen(moved -> misbehave());
        stage = new Stage(model, navigator.state(), Surroundings.of(Device.PHONE), new PlainMeasure(), this);
        navigator.listen(moved -> stage.changed(moved.change(), now));
    }

    /** Listeners of apps throw, and take steps while they hear of one. */
    private void misbehave() {
        if (random.nextInt(60) == 0) {
            throw new IllegalStateException("as apps do");
        }
        if (!callsBack && random.nextInt(60) == 0) {
            callsBack = true;
            tell(new Step.Back());
            callsBack = false;
        }
    }

    /** The app goes on with another plan, or with what was saved; what is shown follows. */
    private void goOn() {
        if (random.nextBoolean()) {
            Plan other = plan(random);
            model = Walk.of(other);
            navigator.use(other);
        } else {
            navigator.restore(navigator.save());
        }
        state = navigator.state();
        stage.use(model, state);
    }

    @Override
    public boolean take(Step step) {
        // One in ten steps is refused by the app.
        if (random.nextInt(10) == 0) {
            return false;
        }
        state = model.step(state, step).after();
        return navigator.take(step).moved();
    }

    @Override
    public boolean scrolls() {
        return scrolls;
    }

    @Override
    public boolean shows(Place place) {
        return owns && place.screen().equals("b");
    }

    void tell(Step step) {
        state = model.step(state, step).after();
        navigator.take(step);
    }

    void event() {
        Surroundings around = stage.surroundings();
        int id = random.nextInt(20) == 0 ? 1 : 0;
        boolean near = random.nextBoolean();
        x = near
                ? x + random.nextInt(61) - 30
                : random.nextInt((int) around.device().width()) - 2;
        y = near
                ? y + random.nextInt(61) - 30
                : random.nextInt((int) around.device().height()) - 2;
        x = random.nextInt(12) == 0 ? random.nextInt(20) : x;
        now += random.nextInt(4) == 0 ? random.nextInt(400) : random.nextInt(17);
        // Clocks are set back now and then.
        now -= random.nextInt(80) == 0 ? random.nextInt(800) : 0;
        switch (random.nextInt(30)) {
            case 0, 1, 2, 3 -> input(new Input.Down(id, x, y, random.nextInt(9) > 0, random.nextBoolean()));
            case 4, 5, 6, 7, 8, 9, 10, 11, 12 -> input(new Input.Move(id, x, y));
            case 13, 14, 15, 16 -> input(new Input.Up(id, x, y));
            case 17 -> input(random.nextBoolean() ? new Input.Cancel(id) : new Input.Leave());
            case 18 -> input(new Input.Wheel(x, y, random.nextInt(90) - 45, random.nextInt(400) - 200));
            case 19, 20, 21 -> {
                Input.Meant[] all = Input.Meant.values();
                input(new Input.Key(all[random.nextInt(all.length)]));
            }
            case 22 -> tell(Step.Tell.class.cast(fact()));
            case 23 -> tell(new Step.Back());
            case 24 -> tell(new Step.Choose(List.of("a", "b", "c", "d").get(random.nextInt(4))));
            case 25 -> around(around);
            case 26 -> {
                List<Access> all = stage.tree().all();
                Access any = all.get(random.nextInt(all.size()));
                input(
                        random.nextBoolean()
                                ? new Input.Choose(any.path())
                                : new Input.Scrolled(any.path(), x - 200, y * 3));
            }
            case 27 -> {
                List<String> order = stage.tree().order();
                boolean isThere = !order.isEmpty() && random.nextInt(9) > 0;
                input(new Input.Focus(
                        isThere ? Optional.of(order.get(random.nextInt(order.size()))) : Optional.of("/gone")));
            }
            case 28 -> {
                if (random.nextInt(20) == 0) {
                    log.add("another plan, or what was saved");
                    goOn();
                }
            }
            default -> {
                log.add("frame " + now);
                stage.layers(now);
            }
        }
    }

    private Step fact() {
        return random.nextBoolean()
                ? new Step.Tell("n", new org.yonderarc.plan.FactValue.Number(random.nextInt(200)))
                : new Step.Tell("in", new org.yonderarc.plan.FactValue.Flag(random.nextBoolean()));
    }

    private void around(Surroundings around) {
        Surroundings next =
                switch (random.nextInt(5)) {
                    case 0 -> around.on(DEVICES.get(random.nextInt(DEVICES.size())));
                    case 1 -> around.on(around.device().resized(240 + random.nextInt(900), 300 + random.nextInt(700)));
                    case 2 -> around.in(random.nextBoolean() ? Scheme.DARK : Scheme.LIGHT);
                    case 3 ->
                        around.in(
                                random.nextBoolean()
                                        ? ""
                                        : model.plan().app().languages().get(0));
                    default -> around.lessMotion(!around.lessMotion());
                };
        log.add("around " + next);
        stage.surround(next, now);
    }

    private void input(Input input) {
        log.add(now + " " + input);
        stage.take(input, now);
    }

    void check() {
        assertEquals(state, navigator.state());
        stage.focus()
                .ifPresent(path -> assertTrue(
                        stage.tree().find(path).isPresent(), () -> "the focus is on " + path + ", which is not there"));
        finite(stage.scene(now).nodes());
        finite(stage.still().nodes());
        Place here = model.shown(state);
        assertEquals(Optional.of(new Part.Screen(here)), stage.still().screen().map(SceneNode.Group::part));
    }

    private static void finite(List<SceneNode> nodes) {
        for (SceneNode node : nodes) {
            node.box().ifPresent(box -> assertTrue(isFinite(box), () -> node.key() + " is at " + box));
            if (node instanceof SceneNode.Group group) {
                finite(group.children());
            }
        }
    }

    private static boolean isFinite(Box box) {
        return Double.isFinite(box.x() + box.y() + box.width() + box.height());
    }

    void rest() {
        input(new Input.Cancel(0));
        input(new Input.Cancel(1));
        now = Math.max(now, stage.until().orElse(now) - LONGEST / 2);
        double start = now;
        while (stage.moves()) {
            now = Math.max(now + 1, Math.min(now + 500, stage.until().orElse(now)));
            stage.scene(now);
            assertTrue(now - start < LONGEST, "it never comes to rest");
        }
        assertSame(stage.still(), stage.scene(now));
    }

    static Plan plan(Random random) {
        int rows = random.nextInt(25);
        boolean shared = random.nextInt(4) == 0;
        var builder = PlanBuilder.app("Random")
                .languages(random.nextBoolean() ? new String[] {"en", "ar"} : new String[] {"en"})
                .start("a")
                .fact("n", 3)
                .fact("in", true)
                .screen("a", screen -> screen.icon("home"))
                .screen("b", screen -> {
                    screen.icon("droplet").wireframe(random.nextBoolean() ? Wireframe.Kind.LIST : Wireframe.Kind.CARDS);
                    for (int i = 0; i < rows; i++) {
                        screen.row("Row " + i, "a note", "", "child?n=" + i);
                    }
                })
                .screen(
                        "child",
                        screen -> screen.title("Child {n}").path("/b/{n}").under("b"))
                .screen("c", screen -> screen.needs("in", "a"))
                .screen("d")
                .screen("e")
                .screen("f");
        builder.menu("main", menu -> menu.item("a")
                .item("b", item -> item.badge("n"))
                .item("c", item -> item.when("in"))
                .item("d")
                .item("e")
                .item("f"));
        if (random.nextInt(3) > 0) {
            builder.topBar();
        }
        return builder.bar(bar -> bar.menu("main").form(form(random))).build();
    }

    static FormBuilder<?> form(Random random) {
        DrawerForm.Opening[] openings = DrawerForm.Opening.values();
        return switch (random.nextInt(7)) {
            case 0 -> FormBuilder.bottom().maxItems(4);
            case 1 -> FormBuilder.bottom().whenFull(Form.WhenFull.SCROLL);
            case 2 -> FormBuilder.rail();
            case 3 -> FormBuilder.radial();
            case 4 -> FormBuilder.grid();
            default ->
                FormBuilder.drawer()
                        .opens(openings[random.nextInt(openings.length)])
                        .width(DrawerForm.Width.dp(260))
                        .collapsedWidth(72);
        };
    }
}
