package org.yonderarc.stage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.stage.StagePlans.bottom;

import org.junit.jupiter.api.Test;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.scene.Scene;

/** A stage gives films as tracks to hosts that play them by themselves. */
class RunningTracksTest {
    @Test
    void aFilmHasTheSameTracksUntilItEnds() {
        var on = new Theatre(bottom(), Device.PHONE);
        assertTrue(on.stage.tracks(on.now).isEmpty(), "at rest");
        on.step("choose:surveys");
        RunningTracks tracks = on.stage.tracks(on.now).orElseThrow();
        assertEquals(on.now, tracks.start());
        assertEquals(on.stage.until().orElseThrow(), tracks.end());
        assertSame(tracks, on.stage.tracks(tracks.end() - 1).orElseThrow());
        assertTrue(on.stage.tracks(tracks.end()).isEmpty(), "it is over");
        assertFalse(on.stage.moves());
        assertSame(on.stage.still(), on.stage.scene(tracks.end()));
    }

    /** Who presses an item starts a film of its looks, and interrupts it when the finger is lifted: nothing has moved till then. */
    @Test
    void whatAFingerChoosesHasTracksToo() {
        var on = new Theatre(bottom(), Device.PHONE);
        Box item = on.part("Map").box();
        on.down(item.centerX(), item.centerY());
        on.pass(30);
        assertTrue(on.stage.moves(), "the press shows");
        on.up(item.centerX(), item.centerY());
        RunningTracks tracks = on.stage.tracks(on.now).orElseThrow();
        assertTrue(tracks.tracks().scene().nodes().stream()
                .anyMatch(node -> node.key().equals("screen:map")));
    }

    @Test
    void whatGoesOnFromAFilmThatMovedOrIsHeldIsPaintedFrameByFrame() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        RunningTracks first = on.stage.tracks(on.now).orElseThrow();
        on.pass(100);
        on.step("choose:tides");
        assertTrue(on.stage.tracks(on.now).isEmpty(), "the screen goes on with its velocity");
        on.rest();
        on.step("choose:surveys");
        assertNotSame(first, on.stage.tracks(on.now).orElseThrow());
        on.rest();
        on.step("open:survey?survey=1");
        on.rest();
        on.down(8, 300);
        on.move(100, 300);
        assertTrue(on.stage.tracks(on.now).isEmpty(), "a finger holds it");
    }

    @Test
    void whatOnlyLooksDifferentIsHeardInTheSameTree() {
        var on = new Theatre(bottom(), Device.PHONE);
        AccessTree before = on.stage.tree();
        Scene shown = on.stage.still();
        Box item = on.part("Map").box();
        on.down(item.centerX(), item.centerY());
        assertNotSame(shown, on.stage.still());
        assertSame(before, on.stage.tree());
        on.up(item.centerX(), item.centerY());
        assertNotSame(before, on.stage.tree());
    }
}
