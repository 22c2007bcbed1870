package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.Shore;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;

class WalkTest {
    private final Walk walk = Walk.of(Shore.plan());

    /** Steps, and then the branch, the trail and the effects of the last step. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "                                                    | tides   | tides                            | ",
                "choose:surveys                                      | surveys | surveys                          | ",
                "choose:surveys open:survey?survey=41                | surveys | surveys > survey?survey=41       | ",
                "choose:surveys open:survey?survey=41 choose:map choose:surveys | surveys | surveys > survey?survey=41 | ",
                "choose:surveys open:survey?survey=41 choose:surveys | surveys | surveys                          | ",
                "choose:surveys choose:surveys                       | surveys | surveys                          | ChosenAgain[item=surveys]",
                "choose:surveys open:survey?survey=41 back           | surveys | surveys                          | ",
                "choose:surveys back                                 | tides   | tides                            | ",
                "open:survey?survey=1 choose:map back                | tides   | tides > survey?survey=1          | ",
                "back                                                | tides   | tides                            | Leave[]",
                "open:tides                                          | tides   | tides                            | ",
                "tell:drafts=3                                       | tides   | tides                            | ",
            })
    void stepsLeadWhereTheTableSays(String steps, String branch, String trail, String effects) {
        State state = walk.start();
        List<Effect> last = List.of();
        for (String step : steps == null ? new String[0] : steps.split(" ")) {
            Change change = walk.step(state, Steps.parse(walk.plan(), step));
            assertEquals(Optional.empty(), change.refusal());
            assertEquals(change.moved(), !change.before().equals(change.after()), step);
            state = change.after();
            last = change.effects();
        }
        assertEquals(branch, state.branch());
        assertEquals(trail, state.trail().places().stream().map(Place::text).collect(Collectors.joining(" > ")));
        assertEquals(
                effects == null ? "" : effects,
                last.stream().map(Object::toString).collect(Collectors.joining()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "choose:survys        | There is no item \"survys\". Did you mean \"surveys\"?",
                "open:srvey?survey=1  | There is no screen \"srvey\". Did you mean \"survey\"",
                "open:survey          | \"survey\" needs the parameter {survey}",
                "open:tides?x=1       | \"tides\" has no parameter {x}",
            })
    void whatCannotBeDoneIsRefusedAndChangesNothing(String step, String reason) {
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), step));
        assertSame(change.before(), change.after());
        assertTrue(change.refusal().orElseThrow().startsWith(reason), change.refusal()::get);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "jump           | there is no step \"jump\"",
                "chose:tides    | there is no step \"chose\". Did you mean \"close\" or \"choose\"?",
                "choose         | the step needs an item",
                "open:a?b       | \"b\" is not name=value",
                "open:a?b=%2    | \"b=%2\" is badly percent-encoded",
                "open:a?b=1&b=2 | parameter \"b\" is given twice",
                "tell:drafts    | \"drafts\" has no \"=\"",
                "tell:drafts=x  | the fact \"drafts\" takes a number, not \"x\"",
                "tell:draft=1   | there is no fact \"draft\". Did you mean \"drafts\"?",
            })
    void stepsThatCannotBeReadSayWhy(String step, String reason) {
        var wrong = assertThrows(IllegalArgumentException.class, () -> Steps.parse(walk.plan(), step));
        assertTrue(wrong.getMessage().startsWith(reason), wrong.getMessage());
    }

    @Test
    void factsKeepTheirType() {
        Change told = walk.step(walk.start(), Steps.parse(walk.plan(), "tell:signed-in=true"));
        assertEquals(new FactValue.Flag(true), told.after().facts().get("signed-in"));
        Change wrong = walk.step(walk.start(), new Step.Tell("drafts", new FactValue.Text("3")));
        assertEquals(
                "The fact \"drafts\" takes a number, not a text.",
                wrong.refusal().orElseThrow());
    }

    @Test
    void whoComesFromOutsideFindsTheScreensAboveOnTheTrail() {
        State state = walk.arriveAt(walk.start(), Place.parse("sightings?survey=41"));
        assertEquals("surveys", state.branch());
        assertEquals(
                "[surveys, survey?survey=41, sightings?survey=41]",
                state.trail().toString());
    }

    @Test
    void addressesAndPlacesAreEachOthersInverse() {
        Place place = new Place("survey", Map.of("survey", "a b/ü"));
        assertEquals("/surveys/a%20b%2F%C3%BC", walk.addressOf(place));
        assertEquals(Optional.of(place), walk.placeAt("/surveys/a%20b%2F%C3%BC"));
        assertEquals(Optional.of(Place.of("new-survey")), walk.placeAt("/surveys/new"), "static before parameter");
        for (String nowhere : List.of("", "/", "surveys", "/surveys/", "/surveys/%zz", "/surveys/1/2", "/x")) {
            assertEquals(Optional.empty(), walk.placeAt(nowhere), nowhere);
        }
    }
}
