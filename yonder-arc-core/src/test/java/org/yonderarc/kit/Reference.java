package org.yonderarc.kit;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.stage.Input;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** An app in no host at all: what it shows, says and does is what every host has to show, say and do. */
public final class Reference implements Stage.Host {
    private final Walk walk;
    private final Stage stage;
    private final boolean scrolls;
    private final List<Effect> effects = new ArrayList<>();
    private State state;
    private double now;

    /**
     * An app as it starts.
     *
     * @param scrolls whether the host scrolls by itself
     */
    public Reference(Plan plan, Surroundings around, TextMeasure measure, boolean scrolls) {
        this.scrolls = scrolls;
        walk = Walk.of(plan);
        state = walk.start();
        stage = new Stage(walk, state, around, measure, this);
    }

    /** The stage: its scenes, its accessible tree, its focus. */
    public Stage stage() {
        return stage;
    }

    /** Where the person is, and what is told. */
    public State state() {
        return state;
    }

    /** What was to be done outside, since the start. */
    public List<Effect> effects() {
        return List.copyOf(effects);
    }

    /** Something is done at a time, in ms. */
    public void take(Input input, double at) {
        now = at;
        stage.take(input, at);
    }

    @Override
    public boolean take(Step step) {
        Change change = walk.step(state, step);
        state = change.after();
        effects.addAll(change.effects());
        stage.changed(change, now);
        return change.moved();
    }

    @Override
    public boolean scrolls() {
        return scrolls;
    }
}
