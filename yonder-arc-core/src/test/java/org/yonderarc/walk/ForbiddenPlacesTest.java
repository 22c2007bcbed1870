package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.Place;

/** What becomes of places that a person may no longer see, or wanted in vain. */
class ForbiddenPlacesTest {
    private static final Walk WALK = Walk.of(PlanBuilder.app("Quay")
            .start("today")
            .fact("signed-in", false)
            .fact("skipper", false)
            .screen("today")
            .screen("boats")
            .screen("log", screen -> screen.under("boats").needs("signed-in", "sign-in"))
            .screen("page", screen -> screen.under("log"))
            .screen("keys", screen -> screen.under("page").needs("skipper", "sign-in"))
            .screen("sign-in")
            .menu("main", menu -> menu.item("today").item("boats"))
            .build());

    private static State after(State state, String... steps) {
        State now = state;
        for (String step : steps) {
            now = WALK.step(now, Steps.parse(WALK.plan(), step)).after();
        }
        return now;
    }

    private static List<String> trail(State state, String branch) {
        return state.trails().get(branch).places().stream().map(Place::screen).toList();
    }

    @Test
    void whatIsForbiddenNowLeavesTheTrailAndTheRestStays() {
        State deep = after(
                WALK.start(),
                "tell:signed-in=true",
                "tell:skipper=true",
                "choose:boats",
                "open:log",
                "open:page",
                "open:keys");
        assertEquals(List.of("boats", "log", "page", "keys"), trail(deep, "boats"));
        State out = after(deep, "tell:signed-in=false");
        assertEquals(List.of("boats", "page", "keys"), trail(out, "boats"));
        assertEquals(List.of("boats", "page"), trail(after(out, "tell:skipper=false"), "boats"));
        State other = after(deep, "tell:skipper=false");
        assertEquals(List.of("boats", "log", "page"), trail(other, "boats"));
        assertSame(deep.trails().get("today"), other.trails().get("today"), "what loses nothing is as it was");
    }

    @Test
    void whoTurnsAwayNoLongerWaitsForWhatWasNotAllowed() {
        State waiting = after(WALK.start(), "choose:boats", "open:log");
        assertEquals("sign-in", WALK.shown(waiting).screen());
        assertEquals(List.of("boats", "log"), trail(waiting, "boats"));
        State away = after(waiting, "choose:today");
        assertEquals(List.of("boats"), trail(away, "boats"));
        assertEquals(
                "boats",
                WALK.shown(after(away, "tell:signed-in=true", "choose:boats")).screen());
    }

    @Test
    void whoTurnsAwayComesBackToWhatIsAllowed() {
        State waiting = after(WALK.start(), "choose:boats", "open:page", "open:keys");
        State away = after(waiting, "choose:today");
        assertEquals(List.of("boats", "page"), trail(away, "boats"), "what lies below is allowed");
    }

    @Test
    void whoStaysInTheBranchGoesOnWaiting() {
        State waiting = after(WALK.start(), "choose:boats", "open:log");
        State told = after(waiting, "tell:skipper=true");
        assertEquals(waiting.trails(), told.trails());
        assertEquals("log", WALK.shown(after(told, "tell:signed-in=true")).screen());
    }
}
