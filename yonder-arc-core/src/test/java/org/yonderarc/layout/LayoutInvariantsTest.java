package org.yonderarc.layout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.Shore;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Fitter;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Place;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/** What holds for the layout of every plan on every device. */
class LayoutInvariantsTest {
    private static final int CASES = 4000;

    @Test
    void holdForRandomPlansOnRandomDevices() {
        for (int seed = 0; seed < CASES; seed++) {
            var random = new Random(seed);
            var walk = Walk.of(Shore.random(random));
            Device device = device(random);
            var state = walk.start();
            if (random.nextBoolean()) {
                state = walk.step(state, new Step.Open(Place.of("c0"))).after();
            }
            Layout layout = Layouter.layOut(Fitter.fit(walk, device, state), new PlainMeasure());
            String context = "seed " + seed + ": " + device;
            bottom(layout.bottom().orElseThrow(), device, context);
            top(layout.top().orElseThrow(), device, context);
            assertEquals(layout.top().get().bar().bottom(), layout.content().y(), context);
            assertEquals(layout.bottom().get().bar().y(), layout.content().bottom(), 1e-9, context);
        }
    }

    private static Device device(Random random) {
        double width = random.nextBoolean() ? 240 + random.nextInt(500) : 240 + random.nextDouble() * 3760;
        double side = random.nextInt(3) == 0 ? random.nextInt(60) : 0;
        double other = random.nextInt(3) == 0 ? random.nextInt(50) : 0;
        return new Device(
                "random",
                width,
                400 + random.nextInt(1000),
                new Insets(random.nextInt(60), side, random.nextInt(40), other));
    }

    private static void bottom(Layout.Bottom bottom, Device device, String context) {
        Insets safe = device.safe();
        var free =
                new Box(safe.left(), 0, device.width() - safe.left() - safe.right(), device.height() - safe.bottom());
        List<Layout.Slot> slots = bottom.slots();
        for (int i = 0; i < slots.size(); i++) {
            Layout.Slot slot = slots.get(i);
            Box target = slot.target();
            assertEquals(slots.get(0).target().width(), target.width(), "equal to the last bit: " + context);
            if (i > 0) {
                assertEquals(slots.get(i - 1).target().right(), target.x(), "side by side without a gap: " + context);
            }
            assertTrue(target.height() >= 48, context);
            assertTrue(free.contains(target), "inside the safe area: " + context);
            assertTrue(bottom.bar().contains(target), context);
            assertEquals(target.centerX(), slot.icon().centerX(), 1e-9, context);
            inside(target, slot.label().box(), context);
            if (slot.item().icon().isPresent()) {
                assertFalse(slot.icon().overlaps(slot.label().box()), context);
            }
            slot.badge().ifPresent(badge -> {
                inside(target, badge.box(), context);
                badge.text().ifPresent(text -> inside(badge.box(), text.box(), context));
            });
        }
        double left = slots.get(0).target().x() - safe.left();
        double right = device.width()
                - safe.right()
                - slots.get(slots.size() - 1).target().right();
        assertTrue(left + right <= (slots.size() + 2) / 64.0, "the slots fill the bar: " + context);
    }

    private static void top(Layout.Top top, Device device, String context) {
        Box title = top.title().box();
        assertEquals(device.width() / 2, title.centerX(), 1e-9, "centred on the bar: " + context);
        inside(top.bar(), title, context);
        assertTrue(title.y() >= device.safe().top(), context);
        top.back().ifPresent(back -> {
            assertTrue(back.target().width() >= 48 && back.target().height() >= 48, context);
            assertTrue(top.bar().contains(back.target()) && back.target().contains(back.icon()), context);
            assertTrue(back.target().x() >= device.safe().left(), context);
            assertFalse(back.target().overlaps(title), context);
        });
    }

    private static void inside(Box outer, Box inner, String context) {
        assertTrue(outer.inset(-1e-9).contains(inner), () -> inner + " leaves " + outer + ", " + context);
    }
}
