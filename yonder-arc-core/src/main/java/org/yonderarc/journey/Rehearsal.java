package org.yonderarc.journey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
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
    private final List<String> told = new ArrayList<>();

    private Rehearsal(Walk walk, Journey journey) {
        this.walk = walk;
        this.journey = journey;
    }

    /**
     * What came of a journey.
     *
     * @param journey the journey
     * @param difference the first thing that was not as expected, with the steps before it; no value where all was
     * @param state the state at the difference, or at the end
     */
    public record Outcome(Journey journey, Optional<String> difference, State state) {}

    /** Walks a journey up to the first difference. */
    public static Outcome of(Plan plan, Journey journey) {
        return new Rehearsal(Walk.of(plan), journey).run();
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

    private Outcome run() {
        State state = walk.start();
        try {
            for (String fact : journey.facts()) {
                state = walk.step(state, Steps.tell(walk.plan(), fact)).after();
            }
        } catch (IllegalArgumentException wrong) {
            return outcome(state, wrong.getMessage(), 0);
        }
        for (Journey.Leg leg : journey.legs()) {
            Change change = new Change(new Step.Close(), state, state, List.of(), "");
            if (!leg.step().isEmpty()) {
                told.add(leg.step());
                try {
                    change = walk.step(state, Steps.parse(walk.plan(), leg.step()));
                } catch (IllegalArgumentException wrong) {
                    return outcome(state, wrong.getMessage(), leg.line());
                }
                state = change.after();
            }
            boolean mayBeRefused = leg.expected().stream().anyMatch(one -> one.what() == Journey.What.REFUSED);
            if (change.refusal().isPresent() && !mayBeRefused) {
                return outcome(
                        state, "the step was refused: " + change.refusal().get(), leg.line());
            }
            for (Journey.Expectation one : leg.expected()) {
                Optional<String> difference = difference(one, change);
                if (difference.isPresent()) {
                    return outcome(state, difference.get(), leg.line());
                }
            }
        }
        return new Outcome(journey, Optional.empty(), state);
    }

    private Outcome outcome(State state, String difference, int line) {
        String trail = state.trail().places().stream().map(Place::text).collect(Collectors.joining(" > "));
        return new Outcome(
                journey,
                Optional.of(journey.name() + (line > 0 ? ", line " + line : "") + ": " + difference + "\n  after  "
                        + (told.isEmpty() ? "the start" : String.join(" ", told)) + "\n  trail  " + trail),
                state);
    }

    private Optional<String> difference(Journey.Expectation expected, Change change) {
        State state = change.after();
        Fitting fitting = Fitter.fit(walk, journey.device(), state);
        String value = expected.value();
        return switch (expected.what()) {
            case AT -> compare("at", value, fitting.place().text());
            case TITLE -> compare("the title", value, fitting.title());
            case SELECTED ->
                compare(
                        "selected",
                        value,
                        items(fitting)
                                .filter(FittedItem::selected)
                                .map(FittedItem::id)
                                .findFirst()
                                .orElse("none"));
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
                        change.effects().stream().map(Effect::text).toList();
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
