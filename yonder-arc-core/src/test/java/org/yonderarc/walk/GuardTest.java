package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.Target;

/** Places that need a condition, and items that don't lead to a place. */
class GuardTest {
    private final Walk walk = Walk.of(PlanBuilder.app("Brinelight")
            .start("tides")
            .fact("signed-in", false)
            .fact("trusted", false)
            .fact("drafts", 0)
            .screen("tides")
            .screen("crew", screen -> screen.needs("signed-in", "sign-in"))
            .screen("vault", screen -> screen.needs("trusted", "crew").under("crew"))
            .screen("sign-in", screen -> screen.noBars())
            .menu("main", menu -> menu.item("tides")
                    .item("crew")
                    .item("crew", item -> item.id("crew-news").stays())
                    .web("https://tables.example/tides", item -> item.label("Tables")
                            .openIn(Target.OpenIn.APP))
                    .document("papers/rules.pdf", item -> item.label("Rules"))
                    .signal("send", item -> item.enabled("drafts > 0")))
            .build());

    /** Steps, where the trail ends, and what is shown. */
    @ParameterizedTest
    @CsvSource({
        "choose:crew, crew, sign-in",
        "choose:crew tell:signed-in=true, crew, crew",
        "choose:crew open:vault, vault, sign-in",
        "choose:crew open:vault tell:signed-in=true, vault, crew",
        "choose:crew open:vault tell:signed-in=true tell:trusted=true, vault, vault",
        "tell:signed-in=true choose:crew tell:signed-in=false, crew, sign-in",
        "choose:crew back, tides, tides",
    })
    void conditionsAreSettledBeforeAnythingIsShown(String steps, String wanted, String shown) {
        State state = after(steps);
        assertEquals(wanted, state.place().text());
        assertEquals(shown, walk.shown(state).text());
    }

    @Test
    void whoComesFromOutsideToAPlaceThatNoItemLeadsToHasAWayBack() {
        State state = walk.arriveAt(walk.start(), org.yonderarc.plan.Place.of("sign-in"));
        assertEquals("[tides, sign-in]", state.trail().toString());
        assertEquals(walk.start(), walk.step(state, new Step.Back()).after());
        assertEquals(walk.start(), walk.arriveAt(walk.start(), org.yonderarc.plan.Place.of("tides")));
    }

    @Test
    void theReasonSaysWhereThePersonWasSent() {
        Change change = walk.step(walk.start(), new Step.Choose("crew"));
        assertTrue(change.because().endsWith("so \"sign-in\" is shown until it does."), change.because());
    }

    @ParameterizedTest
    @CsvSource({
        "crew-news, chosen: crew-news",
        "tables, open on the web: https://tables.example/tides",
        "rules, open the document: papers/rules.pdf",
    })
    void itemsThatLeadToNoPlaceTellTheAppAndThePersonStays(String item, String effect) {
        Change change = walk.step(walk.start(), new Step.Choose(item));
        assertSame(change.before(), change.after());
        assertEquals(
                List.of(effect), change.effects().stream().map(Effect::text).toList());
    }

    @Test
    void itemsCanBeChosenOnlyWhileTheyAreEnabled() {
        assertEquals(
                "The item \"send\" can't be chosen now.",
                walk.step(walk.start(), new Step.Choose("send")).refusal().orElseThrow());
        Change change = walk.step(after("tell:drafts=1"), new Step.Choose("send"));
        assertEquals(List.of(new Effect.Signal("send")), change.effects());
    }

    @Test
    void aPlaceWithNothingInItsPlaceIsRefusedAndLeftWhenItsConditionFails() {
        Walk closed = Walk.of(PlanBuilder.app("A")
                .start("a")
                .fact("open", false)
                .screen("a")
                .screen("b", screen -> screen.under("a").needsOnly("open"))
                .build());
        Step.Open open = new Step.Open(org.yonderarc.plan.Place.of("b"));
        assertTrue(closed.step(closed.start(), open).refusal().isPresent());
        State inside =
                closed.step(tell(closed, closed.start(), "open=true"), open).after();
        assertEquals("b", closed.shown(inside).text());
        assertEquals("a", closed.shown(tell(closed, inside, "open=false")).text());
    }

    private static State tell(Walk walk, State state, String fact) {
        return walk.step(state, Steps.tell(walk.plan(), fact)).after();
    }

    private State after(String steps) {
        State state = walk.start();
        for (String step : steps.split(" ")) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }
}
