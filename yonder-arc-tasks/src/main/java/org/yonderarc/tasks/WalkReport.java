package org.yonderarc.tasks;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.JsonText;
import org.yonderarc.plan.Place;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/**
 * What happened at each step of a walk.
 *
 * @param text for people: a paragraph for each step
 * @param json for programs: an array with an object for each step
 * @param end where the walk ended
 * @param refusal why a step can't be taken, at which the walk ended; empty where all were
 */
public record WalkReport(String text, String json, State end, Optional<String> refusal) {

    /** Writes it down, step by step. */
    static final class Builder {
        private final Walk walk;
        private State at;
        private final StringBuilder out = new StringBuilder();
        private final List<Value> steps = new ArrayList<>();

        Builder(Walk walk) {
            this.walk = walk;
            at = walk.start();
        }

        void start(State state) {
            out.append("start\n");
            var json = new LinkedHashMap<String, Value>();
            json.put("step", Trees.text("start"));
            where(state, json);
        }

        void add(Change change) {
            out.append('\n')
                    .append(change.step().text())
                    .append("\n  ")
                    .append(change.because())
                    .append('\n');
            change.effects().forEach(effect -> line("effect", effect.text()));
            var json = new LinkedHashMap<String, Value>();
            json.put("step", Trees.text(change.step().text()));
            json.put("because", Trees.text(change.because()));
            json.put(
                    "effects",
                    Trees.texts(change.effects().stream().map(Effect::text).toList()));
            where(change.after(), json);
        }

        private void where(State state, LinkedHashMap<String, Value> json) {
            at = state;
            Place place = walk.shown(state);
            String title = Fitter.title(walk.plan(), place, state);
            String trail = state.trail().places().stream().map(Place::text).collect(Collectors.joining(" > "));
            String selected = walk.selected(state).orElse("none");
            String leading = state.trail()
                    .below()
                    .map(below -> "back to " + Fitter.title(walk.plan(), below.top(), state))
                    .orElse("none");
            line("at", title + "  " + walk.addressOf(place));
            line("trail", trail);
            line("selected", selected);
            line("leading button", leading);
            json.put("screen", Trees.text(place.screen()));
            json.put("address", Trees.text(walk.addressOf(place)));
            json.put("title", Trees.text(title));
            json.put(
                    "trail",
                    Trees.texts(state.trail().places().stream().map(Place::text).toList()));
            json.put("selected", Trees.text(selected));
            json.put("leading", Trees.text(leading));
            steps.add(Trees.map(json));
        }

        private void line(String name, String value) {
            out.append("  ")
                    .append(name)
                    .append(" ".repeat(16 - name.length()))
                    .append(FindingText.visible(value))
                    .append('\n');
        }

        WalkReport done() {
            return new WalkReport(out.toString(), JsonText.write(Trees.list(steps)), at, Optional.empty());
        }

        WalkReport refused(String reason) {
            return new WalkReport(out.toString(), JsonText.write(Trees.list(steps)), at, Optional.of(reason));
        }
    }
}
