package org.yonderarc.walk;

import java.util.List;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;

/** Reads steps as they are written on the command line and in journeys. */
public final class Steps {
    private static final List<String> WORDS = List.of(
            "choose", "open", "replace", "reset", "finish", "back", "up", "link", "toggle", "close", "fold", "tell");

    private Steps() {}

    /**
     * Reads {@code choose:surveys}, {@code open:survey?survey=41}, {@code back} or {@code tell:drafts=3}. The plan
     * gives the types of facts.
     *
     * @throws IllegalArgumentException with the reason and a way out
     */
    public static Step parse(Plan plan, String text) {
        if (text.equals("back")) {
            return new Step.Back();
        }
        if (text.equals("up")) {
            return new Step.Up();
        }
        if (text.equals("close")) {
            return new Step.Close();
        }
        int colon = text.indexOf(':');
        String word = colon < 0 ? text : text.substring(0, colon);
        String rest = colon < 0 ? "" : text.substring(colon + 1);
        return switch (word) {
            case "choose" -> new Step.Choose(some(rest, "an item: choose:surveys"));
            case "open" -> new Step.Open(Place.parse(some(rest, "a place: open:survey?survey=41")));
            case "tell" -> tell(plan, some(rest, "a fact and its value: tell:drafts=3"));
            case "replace" -> new Step.Replace(Place.parse(some(rest, "a place: replace:survey?survey=41")));
            case "reset" -> new Step.Reset(Place.parse(some(rest, "a place: reset:tides")));
            case "finish" -> new Step.Finish(rest);
            case "link" -> new Step.Link(some(rest, "an address: link:/surveys/41"));
            case "toggle" -> new Step.Toggle(some(rest, "a bar: toggle:main"));
            case "fold" -> new Step.Fold(some(rest, "a bar: fold:main"));
            case "back", "up", "close" ->
                throw new IllegalArgumentException("\"" + word + "\" stands alone, without \":\"");
            default ->
                throw new IllegalArgumentException("there is no step \"" + word + "\". "
                        + Suggestion.sentence(
                                word,
                                WORDS,
                                "A step is choose:ITEM, open:PLACE, back, up, link:ADDRESS or tell:FACT=VALUE."));
        };
    }

    /** Reads {@code drafts=3} as the step that tells it. */
    public static Step.Tell tell(Plan plan, String text) {
        int equals = text.indexOf('=');
        if (equals < 0) {
            throw new IllegalArgumentException("\"" + text + "\" has no \"=\"; write fact=value, such as drafts=3");
        }
        String id = text.substring(0, equals);
        String value = text.substring(equals + 1);
        Fact fact = plan.facts()
                .find(id)
                .orElseThrow(() -> new IllegalArgumentException("there is no fact \"" + id + "\". "
                        + Suggestion.sentence(id, plan.facts().ids(), "The plan declares none like it.")));
        return new Step.Tell(
                id,
                fact.initial()
                        .parse(value)
                        .orElseThrow(() -> new IllegalArgumentException("the fact \"" + id + "\" takes "
                                + fact.initial().kind() + ", not \"" + value + "\"")));
    }

    private static String some(String rest, String wanted) {
        if (rest.isEmpty()) {
            throw new IllegalArgumentException("the step needs " + wanted);
        }
        return rest;
    }
}
