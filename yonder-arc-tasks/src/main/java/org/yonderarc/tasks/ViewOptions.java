package org.yonderarc.tasks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Samples;
import org.yonderarc.plan.Scheme;
import org.yonderarc.sheet.Shot;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/**
 * What is shown, and on what device. Without options it is the start screen on a phone, in the light scheme. Whether a plan has what is
 * named is asked when a task runs.
 */
public final class ViewOptions {
    /** The start screen on a phone in the light scheme. */
    public static final ViewOptions DEFAULT = builder().build();

    private final Builder set;

    private ViewOptions(Builder set) {
        this.set = set;
    }

    /** Options to be set. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets the options; each returns the builder. */
    public static final class Builder {
        private Optional<String> screen = Optional.empty();
        private String device = Device.PHONE.id();
        private String scheme = Scheme.LIGHT.word();
        private boolean moreContrast;
        private String language = "";
        private double textScale = 1;
        private double scroll;
        private String touch = "";
        private String open = "";
        private String collapse = "";
        private List<String> facts = List.of();

        private Builder() {}

        /** Where the person is: {@code surveys}, or {@code survey?survey=41}. Default: the start screen. */
        public Builder screen(String place) {
            screen = Optional.of(place);
            return this;
        }

        /** A device of the plan, a preset such as {@code tablet}, or a size in dp: {@code 800x1180}. Default: {@code phone}. */
        public Builder device(String name) {
            device = name;
            return this;
        }

        /** {@code light} or {@code dark}. */
        public Builder scheme(String name) {
            scheme = name;
            return this;
        }

        /** As for people who want more contrast. */
        public Builder moreContrast(boolean isMore) {
            moreContrast = isMore;
            return this;
        }

        /** A language of the plan, as a tag of BCP 47. Default: the plan's first. */
        public Builder language(String tag) {
            language = tag;
            return this;
        }

        /** How much larger texts are, 0.8 to 3. */
        public Builder textScale(double scale) {
            textScale = scale;
            return this;
        }

        /** How far the content is scrolled, in dp, 0 or more. */
        public Builder scroll(double dp) {
            scroll = dp;
            return this;
        }

        /** The state of an item: {@code hover:map}, {@code pressed:map} or {@code focused:map}; empty for none. */
        public Builder touch(String stateAndItem) {
            touch = stateAndItem;
            return this;
        }

        /** The bar whose drawer or overflow is open; empty for none. */
        public Builder open(String bar) {
            open = bar;
            return this;
        }

        /** The bar that is collapsed to icons; empty for none. */
        public Builder collapse(String bar) {
            collapse = bar;
            return this;
        }

        /** The values of facts, each as {@code fact=value}. */
        public Builder tell(List<String> namesAndValues) {
            facts = List.copyOf(namesAndValues);
            return this;
        }

        private Builder copy() {
            var copy = new Builder();
            copy.screen = screen;
            copy.device = device;
            copy.scheme = scheme;
            copy.moreContrast = moreContrast;
            copy.language = language;
            copy.textScale = textScale;
            copy.scroll = scroll;
            copy.touch = touch;
            copy.open = open;
            copy.collapse = collapse;
            copy.facts = facts;
            return copy;
        }

        /** The options as they are set now. */
        public ViewOptions build() {
            return new ViewOptions(copy());
        }
    }

    View view(Walk walk, TextMeasure measure) {
        return view(walk, measure, set.device);
    }

    /** The same on another device. */
    View view(Walk walk, TextMeasure measure, String device) {
        return new View(walk, setting(device(device, walk.plan()), walk.plan()), measure);
    }

    /** The state of an item as it was asked for; empty for none. */
    String touch() {
        return set.touch;
    }

    private Setting setting(Device on, Plan plan) {
        List<String> schemes = Arrays.stream(Scheme.values()).map(Scheme::word).toList();
        Scheme scheme = Scheme.of(set.scheme)
                .orElseThrow(() -> new InvalidRequestException("there is no scheme \"" + set.scheme + "\". "
                        + Suggestion.sentence(set.scheme, schemes, choose(schemes))));
        try {
            return new Setting(on, language(plan), touch(plan), set.scroll, scheme, set.moreContrast);
        } catch (IllegalArgumentException wrong) {
            throw InvalidRequestException.of("scroll", wrong);
        }
    }

    private Device device(String name, Plan plan) {
        try {
            return Device.named(name, plan).withText(set.textScale);
        } catch (IllegalArgumentException wrong) {
            throw InvalidRequestException.of("", wrong);
        }
    }

    private String language(Plan plan) {
        List<String> known = plan.app().languages();
        if (!set.language.isEmpty() && !known.isEmpty() && !known.contains(set.language)) {
            throw new InvalidRequestException(
                    "language",
                    "the plan has no texts in \"" + set.language + "\". "
                            + Suggestion.sentence(set.language, known, choose(known)));
        }
        return set.language;
    }

    private Interaction touch(Plan plan) {
        int colon = set.touch.indexOf(':');
        if (!set.touch.isEmpty() && colon < 1) {
            throw noTouch();
        }
        String item = set.touch.substring(colon + 1);
        List<String> items = plan.items().map(Item::id).toList();
        if (colon > 0 && !items.contains(item) && !Step.Toggle.isOverflow(item)) {
            throw new InvalidRequestException(
                    "touch",
                    "there is no item \"" + item + "\". "
                            + Suggestion.sentence(item, items, "The items are " + String.join(", ", items) + "."));
        }
        return switch (set.touch.isEmpty() ? "" : set.touch.substring(0, colon)) {
            case "" -> Interaction.NONE;
            case "hover" -> Interaction.hover(item);
            case "pressed" -> Interaction.press(item);
            case "focused" -> Interaction.focus(item);
            default -> throw noTouch();
        };
    }

    private InvalidRequestException noTouch() {
        return new InvalidRequestException(
                "touch",
                "\"" + set.touch + "\" is not a state of an item. Write hover:map, pressed:map or focused:map.");
    }

    /** The same as a shot, for sheets. */
    Shot shot(Plan plan, Optional<String> bar) {
        var walk = Walk.of(plan);
        View view = view(walk, new PlainMeasure());
        // What can't be reached is told before anything is drawn.
        state(walk);
        var steps = new ArrayList<Step>();
        for (String fact : set.facts) {
            steps.add(tell(plan, fact));
        }
        if (!set.collapse.isEmpty()) {
            steps.add(new Step.Collapse(Steps.bar(plan, set.collapse)));
        }
        if (!set.open.isEmpty()) {
            steps.add(new Step.Toggle(Steps.bar(plan, set.open)));
        }
        return new Shot(plan, view.setting(), set.screen.map(Place::parse), steps, bar);
    }

    State state(Walk walk) {
        State state = walk.start();
        for (String fact : set.facts) {
            state = walk.step(state, tell(walk.plan(), fact)).after();
        }
        try {
            if (set.screen.isPresent()) {
                state = walk.arriveAt(state, Samples.of(walk.plan()).filled(Place.parse(set.screen.get())));
            }
            if (!set.collapse.isEmpty()) {
                state = taken(walk, state, new Step.Collapse(Steps.bar(walk.plan(), set.collapse)));
            }
            return set.open.isEmpty() ? state : taken(walk, state, new Step.Toggle(Steps.bar(walk.plan(), set.open)));
        } catch (IllegalArgumentException wrong) {
            throw InvalidRequestException.of("", wrong);
        }
    }

    private static State taken(Walk walk, State state, Step step) {
        Change change = walk.step(state, step);
        change.refusal().ifPresent(reason -> {
            throw new InvalidRequestException(reason);
        });
        return change.after();
    }

    private static Step tell(Plan plan, String fact) {
        try {
            return Steps.tell(plan, fact);
        } catch (IllegalArgumentException wrong) {
            throw InvalidRequestException.of("tell", wrong);
        }
    }

    private static String choose(List<String> names) {
        return "Choose " + Suggestion.choice(names) + ".";
    }
}
