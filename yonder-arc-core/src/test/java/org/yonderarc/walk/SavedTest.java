package org.yonderarc.walk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;

/** SavedState states come back whole, into a changed plan as far as it goes, and not at all where they are damaged. */
class SavedTest {
    private final Walk walk = Walk.of(Shore.plan());

    private State state(String... steps) {
        State state = walk.start();
        for (String step : steps) {
            state = walk.step(state, Steps.parse(walk.plan(), step)).after();
        }
        return state;
    }

    @Test
    void aChangedPlanKeepsWhatStillExists() {
        State state = state(
                "choose:surveys",
                "open:survey?survey=41",
                "open:sightings?survey=41",
                "tell:drafts=7",
                "tell:observer=A;b,c!%",
                "choose:map");
        Walk changed = Walk.of(PlanBuilder.app("Shore")
                .start("tides")
                .fact("drafts", 0)
                .fact("observer", true)
                .screen("tides")
                .screen("surveys")
                .screen("survey", screen -> screen.path("/surveys/{survey}").under("surveys"))
                .menu("main", menu -> menu.item("tides").item("surveys"))
                .build());
        SavedState.Restored restored = SavedState.read(changed, SavedState.write(state));
        assertEquals("tides", restored.state().branch(), "the map is gone");
        assertEquals(
                List.of("surveys", "survey?survey=41"),
                restored.state().trails().get("surveys").places().stream()
                        .map(Place::text)
                        .toList());
        assertEquals(new FactValue.Number(7), restored.state().facts().get("drafts"));
        assertEquals(4, restored.dropped().size(), restored.dropped().toString());
        assertTrue(restored.dropped().toString().contains("There is no screen \"sightings\""));
    }

    @Test
    void whatIsDamagedOrHostileIsRefused() {
        String good = SavedState.write(state("choose:surveys", "open:survey?survey=41"));
        for (String bad :
                List.of("", "x", "yonder2;b,tides!0", good.substring(3), good + "x", good.replace("41", "42"))) {
            assertThrows(IllegalArgumentException.class, () -> SavedState.read(walk, bad), bad);
        }
        assertThrows(IllegalArgumentException.class, () -> SavedState.read(walk, "yonder1;" + "b".repeat(2 << 20)));
        var random = new Random(1);
        for (int i = 0; i < 20_000; i++) {
            var text = new StringBuilder(good.substring(0, good.lastIndexOf('!')));
            for (int j = 0; j < 1 + random.nextInt(4); j++) {
                text.setCharAt(8 + random.nextInt(text.length() - 8), (char) (32 + random.nextInt(95)));
            }
            // A right checksum, as one who means harm would write it.
            int hash = 0x811C9DC5;
            for (int c = 0; c < text.length(); c++) {
                hash = (hash ^ text.charAt(c)) * 0x01000193;
            }
            String hostile = text + "!" + Integer.toHexString(hash);
            try {
                SavedState.Restored restored = SavedState.read(walk, hostile);
                walk.shown(restored.state());
                walk.step(restored.state(), new Step.Back());
            } catch (IllegalArgumentException refused) {
                assertTrue(refused.getMessage() != null, hostile);
            }
        }
    }

    /** No encoding takes half of a surrogate pair: what held one would come back as another text. */
    @Test
    void halfACharacterIsRefused() {
        for (String half : List.of("\ud83e", "a\udd80b", "\udd80\ud83e", "x\ud800")) {
            Change told = walk.step(walk.start(), new Step.Tell("observer", new FactValue.Text(half)));
            assertTrue(
                    told.refusal().orElse("").contains("half of a character"),
                    told.refusal().toString());
            assertThrows(IllegalArgumentException.class, () -> new Place("survey", java.util.Map.of("survey", half)));
        }
        String whole = "\ud83e\udd80 of \u00e9t\u00e9";
        State state = walk.step(walk.start(), new Step.Tell("observer", new FactValue.Text(whole)))
                .after();
        assertEquals(state, SavedState.read(walk, SavedState.write(state)).state());
    }
}
