package org.yonderarc.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** A stage with a host that takes every step at once, and a clock that is set by hand. */
final class Theatre implements Stage.Host {
    private static final PlainMeasure MEASURE = new PlainMeasure();

    final Walk walk;
    final Stage stage;
    final List<String> taken = new ArrayList<>();
    final Set<String> own;
    State state;
    double now = 1000;
    boolean refuses;
    /** Whether the app tells what comes of a step only when it is asked to. */
    boolean isLate;

    private final List<Change> untold = new ArrayList<>();
    /** How often the stage asked whose content it is: once each time that a scene is composed. */
    int asked;

    final boolean scrolls;

    Theatre(Plan plan, Device device, String... ownScreens) {
        this(plan, Surroundings.of(device), false, ownScreens);
    }

    Theatre(Plan plan, Surroundings around, boolean scrolls, String... ownScreens) {
        this.scrolls = scrolls;
        own = Set.of(ownScreens);
        walk = Walk.of(plan);
        state = walk.start();
        stage = new Stage(walk, state, around, MEASURE, this);
    }

    @Override
    public boolean take(Step step) {
        taken.add(step.text());
        if (refuses) {
            return false;
        }
        Change change = walk.step(state, step);
        state = change.after();
        untold.add(change);
        if (!isLate) {
            tell();
        }
        return change.moved();
    }

    /** Tells the stage what it has not been told. */
    void tell() {
        untold.forEach(change -> stage.changed(change, now));
        untold.clear();
    }

    @Override
    public boolean scrolls() {
        return scrolls;
    }

    @Override
    public boolean shows(Place place) {
        asked++;
        return own.contains(place.screen());
    }

    /** Takes a step as the app does it. */
    void step(String text) {
        Change change = walk.step(state, Steps.parse(walk.plan(), text));
        state = change.after();
        stage.changed(change, now);
    }

    Theatre pass(double ms) {
        now += ms;
        stage.scene(now);
        return this;
    }

    /** Frames of 16 ms until nothing moves; gives how many. */
    int rest() {
        for (int frames = 0; frames < 2000; frames++) {
            if (!stage.moves()) {
                return frames;
            }
            pass(16);
        }
        throw new AssertionError("it never comes to rest");
    }

    boolean down(double x, double y) {
        return stage.take(new Input.Down(0, x, y, true, true), now);
    }

    boolean move(double x, double y) {
        return stage.take(new Input.Move(0, x, y), now);
    }

    boolean up(double x, double y) {
        return stage.take(new Input.Up(0, x, y), now);
    }

    /** A finger that goes somewhere in ten moves of 10 ms, and is lifted. */
    void drag(double x, double y, double toX, double toY) {
        down(x, y);
        for (int i = 1; i <= 10; i++) {
            pass(10);
            move(x + (toX - x) * i / 10, y + (toY - y) * i / 10);
        }
        up(toX, toY);
    }

    boolean key(Input.Meant meant) {
        return stage.take(new Input.Key(meant), now);
    }

    Access part(String name) {
        return stage.tree().all().stream()
                .filter(part -> part.name().equals(name))
                .filter(part -> part.role() != Access.Role.TEXT && part.role() != Access.Role.HEADING)
                .filter(part -> part.role() != Access.Role.NAVIGATION && part.role() != Access.Role.DIALOG)
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing is called " + name + " in " + names()));
    }

    List<String> names() {
        return stage.tree().all().stream()
                .map(part -> part.role() + " " + part.name())
                .toList();
    }

    /** A finger taps what has this name. */
    void tap(String name) {
        Access part = part(name);
        down(part.box().centerX(), part.box().centerY());
        up(part.box().centerX(), part.box().centerY());
    }

    String focused() {
        return stage.focus()
                .map(path -> stage.tree().find(path).map(Access::name).orElse("?" + path))
                .orElse("");
    }

    String place() {
        return walk.shown(state).text();
    }
}
