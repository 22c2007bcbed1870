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

/** A stage tells films ahead for hosts that play them by themselves. */
class ToldTest {
    @Test
    void aFilmIsToldOnceAndUntilItEnds() {
        var on = new Theatre(bottom(), Device.PHONE);
        assertTrue(on.stage.told(on.now).isEmpty(), "at rest");
        on.step("choose:surveys");
        Told told = on.stage.told(on.now).orElseThrow();
        assertEquals(on.now, told.start());
        assertEquals(on.stage.until().orElseThrow(), told.end());
        assertSame(told, on.stage.told(told.end() - 1).orElseThrow());
        assertTrue(on.stage.told(told.end()).isEmpty(), "it is over");
        assertFalse(on.stage.moves());
        assertSame(on.stage.still(), on.stage.scene(told.end()));
    }

    /** Who presses an item starts a film of its looks, and interrupts it when the finger is lifted: nothing has moved till then. */
    @Test
    void whatAFingerChoosesIsToldToo() {
        var on = new Theatre(bottom(), Device.PHONE);
        Box item = on.part("Map").box();
        on.down(item.centerX(), item.centerY());
        on.pass(30);
        assertTrue(on.stage.moves(), "the press shows");
        on.up(item.centerX(), item.centerY());
        Told told = on.stage.told(on.now).orElseThrow();
        assertTrue(told.tracks().scene().nodes().stream()
                .anyMatch(node -> node.key().equals("screen:map")));
    }

    @Test
    void whatGoesOnFromAFilmThatMovedOrIsHeldIsPaintedFrameByFrame() {
        var on = new Theatre(bottom(), Device.PHONE);
        on.step("choose:surveys");
        Told first = on.stage.told(on.now).orElseThrow();
        on.pass(100);
        on.step("choose:tides");
        assertTrue(on.stage.told(on.now).isEmpty(), "the screen goes on with its velocity");
        on.rest();
        on.step("choose:surveys");
        assertNotSame(first, on.stage.told(on.now).orElseThrow());
        on.rest();
        on.step("open:survey?survey=1");
        on.rest();
        on.down(8, 300);
        on.move(100, 300);
        assertTrue(on.stage.told(on.now).isEmpty(), "a finger holds it");
    }
}
