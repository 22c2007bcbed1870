package org.yonderarc.cli;

import java.util.stream.Collectors;
import org.yonderarc.files.FindingText;
import org.yonderarc.fit.Fitter;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** A walk told for people: a paragraph for each step. */
final class WalkStory {
    private final Walk walk;
    private final StringBuilder out = new StringBuilder();

    WalkStory(Walk walk) {
        this.walk = walk;
    }

    void start(State state) {
        out.append("start\n");
        where(state);
    }

    void add(Change change) {
        out.append('\n')
                .append(change.step().text())
                .append("\n  ")
                .append(change.because())
                .append('\n');
        change.effects().forEach(effect -> line("effect", effect.text()));
        where(change.after());
    }

    private void where(State state) {
        Place place = walk.shown(state);
        String title = Fitter.title(walk.plan(), place, state);
        String trail = state.trail().places().stream().map(Place::text).collect(Collectors.joining(" > "));
        String selected = walk.plan()
                .items()
                .map(Item::id)
                .filter(state.branch()::equals)
                .findFirst()
                .orElse("none");
        String leading = state.trail()
                .below()
                .map(below -> "back to " + Fitter.title(walk.plan(), below.top(), state))
                .orElse("nothing");
        line("at", title + "  " + walk.addressOf(place));
        line("trail", trail);
        line("selected", selected);
        line("leading", leading);
    }

    private void line(String name, String value) {
        out.append("  ")
                .append(name)
                .append(" ".repeat(11 - name.length()))
                .append(FindingText.visible(value))
                .append('\n');
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
