package org.yonderarc.cli;

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
import picocli.CommandLine.Option;

/** The options that say what is looked at, and on what. */
final class LookOptions {

    @Option(
            names = "--screen",
            paramLabel = "PLACE",
            description = "Where the person is: surveys, or survey?survey=41. Default: the start screen.")
    private Optional<String> screen = Optional.empty();

    @Option(
            names = "--device",
            paramLabel = "NAME",
            description = "A preset such as phone (default), tablet or desktop, or a size: 800x1180.")
    private String device = Device.PHONE.id();

    @Option(names = "--scheme", paramLabel = "NAME", description = "light (default) or dark.")
    private String scheme = Scheme.LIGHT.word();

    @Option(names = "--more-contrast", description = "As for people who want more contrast.")
    private boolean moreContrast;

    @Option(names = "--language", paramLabel = "TAG", description = "The language: de, ar. Default: the plan's first.")
    private String language = "";

    @Option(names = "--text-scale", paramLabel = "N", description = "How much larger texts are, 0.8 to 3. Default: 1.")
    private double textScale = 1;

    @Option(names = "--scroll", paramLabel = "DP", description = "How far the content is scrolled. Default: 0.")
    private double scroll;

    @Option(
            names = "--touch",
            paramLabel = "STATE:ITEM",
            description = "The state of an item: hover:map, pressed:map or focused:map.")
    private String touch = "";

    @Option(names = "--open", paramLabel = "BAR", description = "The bar whose drawer or overflow is open.")
    private String open = "";

    @Option(names = "--fold", paramLabel = "BAR", description = "The bar that is collapsed to icons.")
    private String fold = "";

    @Option(names = "--tell", paramLabel = "FACT=VALUE", description = "The value of a fact; may be given many times.")
    private List<String> facts = List.of();

    View view(Walk walk, TextMeasure measure) throws Refusal {
        return view(walk, measure, device);
    }

    /** The same look on another device. */
    View view(Walk walk, TextMeasure measure, String name) throws Refusal {
        return new View(walk, setting(device(name, walk.plan()), walk.plan()), measure);
    }

    private Setting setting(Device on, Plan plan) throws Refusal {
        List<String> schemes = Arrays.stream(Scheme.values()).map(Scheme::word).toList();
        Scheme chosen = Scheme.of(scheme)
                .orElseThrow(() -> new Refusal("there is no scheme \"" + scheme + "\". "
                        + Suggestion.sentence(scheme, schemes, choose(schemes))));
        try {
            return new Setting(on, language(plan), touch(plan), scroll, chosen, moreContrast);
        } catch (IllegalArgumentException wrong) {
            throw new Refusal("--scroll: " + wrong.getMessage() + ".");
        }
    }

    private Device device(String name, Plan plan) throws Refusal {
        try {
            return Device.named(name, plan).withText(textScale);
        } catch (IllegalArgumentException wrong) {
            throw new Refusal(wrong.getMessage());
        }
    }

    private String language(Plan plan) throws Refusal {
        List<String> known = plan.app().languages();
        if (!language.isEmpty() && !known.isEmpty() && !known.contains(language)) {
            throw new Refusal("--language: the plan has no texts in \"" + language + "\". "
                    + Suggestion.sentence(language, known, choose(known)));
        }
        return language;
    }

    /** The state of an item as it was asked for: hover:map; empty for none. */
    String touch() {
        return touch;
    }

    private Interaction touch(Plan plan) throws Refusal {
        int colon = touch.indexOf(':');
        if (!touch.isEmpty() && colon < 1) {
            throw noTouch();
        }
        String item = touch.substring(colon + 1);
        List<String> items = plan.items().map(Item::id).toList();
        boolean isOverflow = Step.Toggle.isOverflow(item);
        if (colon > 0 && !items.contains(item) && !isOverflow) {
            throw new Refusal("--touch: there is no item \"" + item + "\". "
                    + Suggestion.sentence(item, items, "The items are " + String.join(", ", items) + "."));
        }
        return switch (touch.isEmpty() ? "" : touch.substring(0, colon)) {
            case "" -> Interaction.NONE;
            case "hover" -> Interaction.hover(item);
            case "pressed" -> Interaction.press(item);
            case "focused" -> Interaction.focus(item);
            default -> throw noTouch();
        };
    }

    private Refusal noTouch() {
        return new Refusal(
                "--touch: \"" + touch + "\" is not a state of an item. Write hover:map, pressed:map or focused:map.");
    }

    /** The same look as a shot, for sheets. */
    Shot shot(Plan plan, Optional<String> part) throws Refusal {
        var walk = Walk.of(plan);
        View view = view(walk, new PlainMeasure());
        state(walk);
        var steps = new ArrayList<Step>();
        for (String fact : facts) {
            steps.add(tell(plan, fact));
        }
        if (!fold.isEmpty()) {
            steps.add(new Step.Fold(Steps.bar(plan, fold)));
        }
        if (!open.isEmpty()) {
            steps.add(new Step.Toggle(Steps.bar(plan, open)));
        }
        return new Shot(plan, view.setting(), screen.map(Place::parse), steps, part);
    }

    State state(Walk walk) throws Refusal {
        State state = walk.start();
        for (String fact : facts) {
            state = walk.step(state, tell(walk.plan(), fact)).after();
        }
        try {
            State at = screen.isEmpty()
                    ? state
                    : walk.arriveAt(state, Samples.of(walk.plan()).filled(Place.parse(screen.get())));
            at = fold.isEmpty() ? at : taken(walk, at, new Step.Fold(Steps.bar(walk.plan(), fold)));
            return open.isEmpty() ? at : taken(walk, at, new Step.Toggle(Steps.bar(walk.plan(), open)));
        } catch (IllegalArgumentException wrong) {
            throw new Refusal(wrong.getMessage());
        }
    }

    private static State taken(Walk walk, State state, Step step) {
        Change change = walk.step(state, step);
        change.refusal().ifPresent(reason -> {
            throw new IllegalArgumentException(reason);
        });
        return change.after();
    }

    private static Step tell(Plan plan, String fact) throws Refusal {
        try {
            return Steps.tell(plan, fact);
        } catch (IllegalArgumentException wrong) {
            throw new Refusal("--tell: " + wrong.getMessage());
        }
    }

    private static String choose(List<String> names) {
        return "Choose " + Suggestion.choice(names) + ".";
    }
}
