package org.yonderarc.sheet;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * What a single picture of a plan shows.
 *
 * @param plan the plan
 * @param setting on what, in which language and scheme, touched where
 * @param place where the person is; no value for the start
 * @param steps what is done then
 * @param part the key of the one bar that is shown: bottom, top, rail, drawer, radial, grid or more; no value for the whole screen
 * @param framed whether the device is drawn around the whole screen
 */
public record Shot(
        Plan plan, Setting setting, Optional<Place> place, List<Step> steps, Optional<String> part, boolean framed) {
    /** The room around a bar that is shown alone, in dp. */
    private static final double AROUND = 16;

    public Shot {
        Objects.requireNonNull(plan, "plan");
        Objects.requireNonNull(setting, "setting");
        Objects.requireNonNull(place, "place");
        steps = List.copyOf(steps);
        Objects.requireNonNull(part, "part");
    }

    /** Without a frame. */
    public Shot(Plan plan, Setting setting, Optional<Place> place, List<Step> steps, Optional<String> part) {
        this(plan, setting, place, steps, part, false);
    }

    /** The same, with or without the device around it. */
    public Shot framed(boolean isFramed) {
        return new Shot(plan, setting, place, steps, part, isFramed);
    }

    /** The state in which it is taken; a step that can't be taken is left out. */
    public State state(Walk walk) {
        State state = walk.start();
        for (Step step : steps) {
            if (step instanceof Step.Tell) {
                state = walk.step(state, step).after();
            }
        }
        if (place.isPresent()) {
            state = walk.arriveAt(state, Samples.of(plan).filled(place.get()));
        }
        for (Step step : steps) {
            if (!(step instanceof Step.Tell)) {
                state = walk.step(state, step).after();
            }
        }
        return state;
    }

    /**
     * The picture.
     *
     * @throws IllegalArgumentException if the place doesn't exist, or the part isn't shown
     */
    public Scene scene(TextMeasure measure) {
        Scene whole = whole(measure);
        if (part.isEmpty()) {
            return framed ? Frame.around(whole, setting.device()) : whole;
        }
        Box box = bar(whole).area();
        return whole.cropped(view(box));
    }

    /**
     * The bar that is this shot's part, named by its form or by its id.
     *
     * @throws IllegalArgumentException if it isn't shown
     */
    SceneNode.Group bar(Scene whole) {
        String name = part.orElseThrow(() -> new IllegalArgumentException("name a bar"));
        return whole.bar(name)
                .or(() -> plan.bars().stream()
                        .filter(bar -> bar.id().equals(name))
                        .flatMap(bar -> bar.forms().values().stream())
                        .flatMap(form -> whole.bar(form.kind().word()).stream())
                        .findFirst())
                .orElseThrow(() -> new IllegalArgumentException(
                        "no " + name + " is shown on " + setting.device().id()));
    }

    /** The whole screen, whatever part of it is shown. */
    Scene whole(TextMeasure measure) {
        var walk = Walk.of(plan);
        return new View(walk, setting, measure).scene(state(walk));
    }

    /** What is seen of the screen where a bar in {@code box} is shown alone. */
    Box view(Box box) {
        double x = Math.max(0, box.x() - AROUND);
        double y = Math.max(0, box.y() - AROUND * 2);
        return new Box(
                x,
                y,
                Math.min(setting.device().width(), box.right() + AROUND) - x,
                Math.min(setting.device().height(), box.bottom() + AROUND) - y);
    }

    /** The same on another setting. */
    public Shot with(Setting other) {
        return new Shot(plan, other, place, steps, part, framed);
    }

    /** The same in another scheme, also where a fact of the plan says which one is shown. */
    public Shot with(Scheme other) {
        Shot in = new Shot(plan, setting.with(other), place, steps, part, framed);
        return plan.theme()
                .schemeFact()
                .map(fact -> in.after(new Step.Tell(fact, FactValue.of(other.word()))))
                .orElse(in);
    }

    /** The same of another plan. */
    public Shot with(Plan other) {
        return new Shot(other, setting, place, steps, part, framed);
    }

    /** The same at another place. */
    public Shot with(Place other) {
        return new Shot(plan, setting, Optional.of(other), steps, part, framed);
    }

    /** The same after one more step. */
    public Shot after(Step step) {
        var all = new java.util.ArrayList<>(steps);
        all.add(step);
        return new Shot(plan, setting, place, all, part, framed);
    }
}
