package org.yonderarc.browser;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.Plan;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** A person who stands on something that is renamed stays there: the state is the one to which the same steps lead in the newer plan. */
class RenamedTest {
    private static Plan plan(String screen, String item, String bar, String fact) {
        return PlanBuilder.app("Shore")
                .start("tides")
                .fact(fact, 2)
                .screen("tides")
                .screen(screen)
                .screen("survey", one -> one.under(screen).path("/survey/{number}"))
                .menu("main", menu -> menu.item("tides").item(screen, one -> one.id(item)))
                .bar(one -> one.id(bar).menu("main").form(FormBuilder.drawer()))
                .build();
    }

    private static State walked(String screen, String item, String bar, String fact) {
        Walk walk = Walk.of(plan(screen, item, bar, fact));
        State state = walk.start();
        for (String step :
                new String[] {"choose:" + item, "open:survey?number=7", "tell:" + fact + "=5", "toggle:" + bar}) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }

    private static State renamed(String renaming) {
        return Renamed.read(renaming).in(walked("surveys", "list", "side", "drafts"));
    }

    @Test
    void eachKindOfNameFollowsItsRenaming() {
        assertEquals(walked("counts", "list", "side", "drafts"), renamed("screen surveys counts"));
        assertEquals(walked("surveys", "counts", "side", "drafts"), renamed("item list counts"));
        assertEquals(walked("surveys", "list", "edge", "drafts"), renamed("bar side edge"));
        assertEquals(walked("surveys", "list", "side", "waiting"), renamed("fact drafts waiting"));
    }

    @Test
    void aNameOfAnotherKindStays() {
        State before = walked("surveys", "list", "side", "drafts");
        assertEquals(Optional.of("side"), before.open());
        assertEquals(before, renamed("style side edge"));
        assertEquals(before, renamed("item surveys counts"));
        assertEquals(before, renamed("screen list counts"));
    }
}
