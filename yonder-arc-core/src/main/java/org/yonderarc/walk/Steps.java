package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.tree.Split;

/** Reads steps as they are written on the command line and in journeys. */
public final class Steps {
    private Steps() {}

    /**
     * Reads {@code choose:surveys}, {@code open:survey?survey=41}, {@code back} or {@code tell:drafts=3}. The plan
     * gives the types of facts.
     *
     * @throws IllegalArgumentException with the reason and a way out
     */
    public static Step parse(Plan plan, String text) {
        int colon = text.indexOf(':');
        String word = colon < 0 ? text : text.substring(0, colon);
        String rest = colon < 0 ? "" : text.substring(colon + 1);
        return switch (kind(word)) {
            case CHOOSE -> new Step.Choose(some(rest, "an item: choose:surveys"));
            case OPEN -> new Step.Open(Place.parse(some(rest, "a place: open:survey?survey=41")));
            case REPLACE -> new Step.Replace(Place.parse(some(rest, "a place: replace:survey?survey=41")));
            case RESET -> new Step.Reset(Place.parse(some(rest, "a place: reset:tides")));
            case FINISH -> new Step.Finish(rest);
            case BACK -> alone(new Step.Back(), colon);
            case UP -> alone(new Step.Up(), colon);
            case LINK -> new Step.Link(some(rest, "an address: link:/surveys/41"));
            case VISIT -> alone(new Step.Visit(), colon);
            case TOGGLE -> new Step.Toggle(bar(plan, some(rest, "a bar: toggle:main")));
            case CLOSE -> alone(new Step.Close(), colon);
            case COLLAPSE -> new Step.Collapse(bar(plan, some(rest, "a bar, or a section: collapse:main")));
            case TELL -> tell(plan, some(rest, "a fact and its value: tell:drafts=3"));
            case TELL_ALL -> tellAll(plan, some(rest, "facts and their values: tell-all:drafts=3&signed-in=true"));
            case CLEAR -> new Step.Clear(some(rest, "a branch: clear:surveys"));
            case RESTART -> alone(new Step.Restart(), colon);
            case RESUME -> new Step.Resume(some(rest, "a saved state"));
        };
    }

    /** The id of a bar that is named by its id, or by its form where no other bar has that; other names stay as they are. */
    public static String bar(Plan plan, String name) {
        if (plan.bars().stream().anyMatch(bar -> bar.id().equals(name))) {
            return name;
        }
        List<String> ids = plan.bars().stream()
                .filter(bar -> bar.forms().values().stream()
                        .anyMatch(form -> form.kind().word().equals(name)))
                .map(Bar::id)
                .collect(toList());
        return ids.size() == 1 ? ids.get(0) : name;
    }

    private static Step.Kind kind(String word) {
        if (word.equals("fold")) {
            return Step.Kind.COLLAPSE; // as earlier versions called it
        }
        List<Step.Kind> kinds = List.of(Step.Kind.values());
        return kinds.stream()
                .filter(kind -> kind.word().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no step \"" + word + "\". "
                        + Suggestion.sentence(
                                word,
                                kinds.stream().map(Step.Kind::word).collect(toList()),
                                "A step is choose:ITEM, open:PLACE, back, up, link:ADDRESS or tell:FACT=VALUE.")));
    }

    private static Step alone(Step step, int colon) {
        if (colon >= 0) {
            throw new IllegalArgumentException("\"" + step.text() + "\" stands alone, without \":\"");
        }
        return step;
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

    private static Step.TellAll tellAll(Plan plan, String text) {
        var facts = new LinkedHashMap<String, FactValue>();
        for (String pair : Split.at(text, '&')) {
            int equals = pair.indexOf('=');
            String value = Percent.decode(pair.substring(equals + 1))
                    .orElseThrow(() -> new IllegalArgumentException("\"" + pair + "\" is badly percent-encoded"));
            Step.Tell one = tell(plan, equals < 0 ? pair : pair.substring(0, equals + 1) + value);
            facts.put(one.fact(), one.value());
        }
        return new Step.TellAll(facts);
    }

    private static String some(String rest, String wanted) {
        if (rest.isEmpty()) {
            throw new IllegalArgumentException("the step needs " + wanted);
        }
        return rest;
    }
}
