package org.yonderarc.journey;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.finding.Brief;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.navigator.Navigator;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/**
 * Rehearses journeys. In a test of an app's own:
 *
 * <pre>{@code
 * @TestFactory
 * Stream<DynamicTest> journeys() {
 *     return journeys.stream().map(journey ->
 *             DynamicTest.dynamicTest(journey.name(), () -> Rehearsal.require(plan, journey)));
 * }
 * }</pre>
 */
public final class Rehearsal {
    private final Walk walk;
    private final Journey journey;
    private final Device device;
    private final Function<Step, Change> take;
    private final Supplier<State> now;
    private final List<String> told = new ArrayList<>();

    private Rehearsal(Walk walk, Journey journey, Function<Step, Change> take, Supplier<State> now) {
        this.walk = walk;
        this.journey = journey;
        this.device = journey.on(walk.plan());
        this.take = take;
        this.now = now;
    }

    /**
     * What came of a journey.
     *
     * @param journey the journey
     * @param difference the first thing that was not as expected, with the steps before it; no value where all was
     * @param state the state at the difference, or at the end
     */
    public record Outcome(Journey journey, Optional<String> difference, State state) {}

    /**
     * Walks a journey up to the first difference.
     *
     * @throws IllegalArgumentException if there is no such device
     */
    public static Outcome of(Plan plan, Journey journey) {
        return on(plan, journey).run();
    }

    /**
     * Walks a journey with a navigator of the app's own, from where it is, and so with its gates and its listeners. A step
     * that a gate turns back or lets wait changes nothing.
     */
    public static Outcome of(Navigator navigator, Journey journey) {
        return on(navigator, journey).run();
    }

    /**
     * Walks a journey.
     *
     * @throws AssertionError with the first difference, if there is one
     */
    public static void require(Plan plan, Journey journey) {
        of(plan, journey).difference().ifPresent(difference -> {
            throw new AssertionError(difference);
        });
    }

    /**
     * A journey that is walked leg by leg.
     *
     * @throws IllegalArgumentException if there is no such device
     */
    public static Rehearsal on(Plan plan, Journey journey) {
        var walk = Walk.of(plan);
        var at = new Object() {
            State state = walk.start();
        };
        Function<Step, Change> take = step -> {
            Change change = walk.step(at.state, step);
            at.state = change.after();
            return change;
        };
        return new Rehearsal(walk, journey, take, () -> at.state);
    }

    /** As {@link #on(Plan, Journey)}, with a navigator of the app's own, from where it is. */
    public static Rehearsal on(Navigator navigator, Journey journey) {
        return new Rehearsal(Walk.of(navigator.plan()), journey, navigator::take, navigator::state);
    }

    /** The plan that it is walked through. */
    public Plan plan() {
        return walk.plan();
    }

    /** The state that has been come to. */
    public State state() {
        return now.get();
    }

    /** Tells the journey's facts, before its first leg; gives why that can't be done. */
    public Optional<String> begin() {
        try {
            for (String fact : journey.facts()) {
                take.apply(Steps.tell(walk.plan(), fact));
            }
            return Optional.empty();
        } catch (IllegalArgumentException wrong) {
            return Optional.of(told(Brief.of(wrong), 0));
        }
    }

    /** Walks one leg; gives the first thing that was not as expected, with the steps before it. */
    public Optional<String> walk(Journey.Leg leg) {
        return difference(leg).map(difference -> told(difference, leg.line()));
    }

    private Optional<String> difference(Journey.Leg leg) {
        Change change = new Change(new Step.Close(), now.get(), now.get(), List.of(), "");
        if (!leg.step().isEmpty()) {
            told.add(leg.step());
            try {
                Step step = Steps.parse(walk.plan(), leg.step());
                change = step instanceof Step.Choose choose && isElsewhere(choose.item())
                        ? Change.refused(
                                now.get(), step, "\"" + choose.item() + "\" isn't shown on " + device.id() + ".")
                        : take.apply(step);
            } catch (IllegalArgumentException wrong) {
                return Optional.of(Brief.of(wrong));
            }
        }
        boolean mayBeRefused = leg.expected().stream().anyMatch(one -> one.what() == Journey.What.REFUSED);
        if (change.refusal().isPresent() && !mayBeRefused) {
            return Optional.of("the step was refused: " + change.refusal().get());
        }
        Change came = change;
        return leg.expected().stream()
                .flatMap(one -> difference(one, came).stream())
                .findFirst();
    }

    /** Whether an item shows on other devices only. */
    private boolean isElsewhere(String id) {
        String kind = DeviceKind.at(walk.plan().deviceKinds(), device.width());
        return walk.plan().items().filter(item -> item.id().equals(id)).anyMatch(item -> !item.visibility()
                .shows(kind, device.width(), device.height(), device.pointer()));
    }

    private Outcome run() {
        Optional<String> difference = begin();
        for (int i = 0; difference.isEmpty() && i < journey.legs().size(); i++) {
            difference = walk(journey.legs().get(i));
        }
        return new Outcome(journey, difference, now.get());
    }

    private String told(String difference, int line) {
        String trail = now.get().trail().places().stream().map(Place::text).collect(Collectors.joining(" > "));
        return journey.name() + (line > 0 ? ", line " + line : "") + ": " + difference + "\n  after  "
                + (told.isEmpty() ? "the start" : String.join(" ", told)) + "\n  trail  " + trail;
    }

    private Optional<String> difference(Journey.Expectation expected, Change change) {
        State state = change.after();
        Fitting fitting = Fitter.fit(walk, device, state);
        String value = expected.value();
        return switch (expected.what()) {
            case AT -> compare("at", value, fitting.place().text());
            case TITLE -> compare("the title", value, fitting.title());
            case SELECTED -> compare("selected", value, walk.selected(state).orElse("none"));
            case SHOWN ->
                items(fitting).anyMatch(item -> item.id().equals(value))
                        ? Optional.empty()
                        : Optional.of("\"" + value + "\" isn't shown; shown: " + ids(fitting));
            case HIDDEN ->
                items(fitting).noneMatch(item -> item.id().equals(value))
                        ? Optional.empty()
                        : Optional.of("\"" + value + "\" is shown");
            case EFFECT -> {
                List<String> effects =
                        change.effects().stream().map(Effect::text).collect(toList());
                yield effects.contains(value)
                        ? Optional.empty()
                        : Optional.of("the effect should be \"" + value + "\", but is "
                                + (effects.isEmpty() ? "none" : String.join(", ", effects)));
            }
            case BACK -> {
                Change back = walk.step(state, new Step.Back());
                boolean leaves = back.effects().contains(new Effect.Leave());
                yield compare(
                        "back",
                        value,
                        leaves ? "leave" : walk.shown(back.after()).text());
            }
            case REFUSED ->
                change.refusal().filter(reason -> reason.contains(value)).isPresent()
                        ? Optional.empty()
                        : Optional.of("the step should be refused with \"" + value + "\", but "
                                + change.refusal()
                                        .map(reason -> "the reason is \"" + reason + "\"")
                                        .orElse("it was taken"));
        };
    }

    private static Optional<String> compare(String what, String wanted, String is) {
        return wanted.equals(is)
                ? Optional.empty()
                : Optional.of(what + " should be \"" + wanted + "\", but is \"" + is + "\"");
    }

    private static String ids(Fitting fitting) {
        return items(fitting).map(FittedItem::id).collect(Collectors.joining(", "));
    }

    /** Every item that some bar shows. */
    private static Stream<FittedItem> items(Fitting fitting) {
        return fitting.bars().stream().flatMap(bar -> bar.shown().stream());
    }
}
