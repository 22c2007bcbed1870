package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.bind.PlanMentions;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Noun;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Style;
import org.yonderarc.plan.Transition;
import org.yonderarc.plan.Words;

/** Everything that a plan mentions, each with the JSON Pointer to it, in the order of the plan. */
final class Mentioned implements Mentions {
    /** A name that refers to something of the plan. */
    record Name(Noun noun, String id, String pointer) {}

    /** A text that people read. */
    record Said(Words words, Text text, String pointer) {}

    /** Anything else. */
    record At<T>(T value, String pointer) {}

    final List<Name> names = new ArrayList<>();
    final List<Said> texts = new ArrayList<>();
    final List<At<Place>> places = new ArrayList<>();
    final List<At<String>> icons = new ArrayList<>();
    final List<At<String>> files = new ArrayList<>();
    final List<At<String>> fonts = new ArrayList<>();
    final List<At<Condition>> conditions = new ArrayList<>();
    final List<At<Style>> styles = new ArrayList<>();
    final List<At<Transition>> transitions = new ArrayList<>();

    private Mentioned() {}

    static Mentioned in(Plan plan) {
        var all = new Mentioned();
        PlanMentions.tell(plan, all);
        return all;
    }

    /** The names that refer to something of this sort. */
    List<Name> names(Noun noun) {
        return names.stream().filter(name -> name.noun == noun).collect(toList());
    }

    @Override
    public void name(Noun noun, String id, String pointer) {
        names.add(new Name(noun, id, pointer));
    }

    @Override
    public void place(Place place, String pointer) {
        places.add(new At<>(place, pointer));
    }

    @Override
    public void words(Words words, Text text, String pointer) {
        texts.add(new Said(words, text, pointer));
    }

    @Override
    public void icon(String name, String pointer) {
        icons.add(new At<>(name, pointer));
    }

    @Override
    public void file(String path, String pointer) {
        files.add(new At<>(path, pointer));
    }

    @Override
    public void font(String path, String pointer) {
        fonts.add(new At<>(path, pointer));
    }

    @Override
    public void condition(Condition condition, String pointer) {
        conditions.add(new At<>(condition, pointer));
    }

    @Override
    public void style(Style style, String pointer) {
        styles.add(new At<>(style, pointer));
    }

    @Override
    public void transition(Transition transition, String pointer) {
        transitions.add(new At<>(transition, pointer));
    }
}
