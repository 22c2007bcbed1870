package org.yonderarc.browser;

import java.util.Optional;
import org.yonderarc.motion.Drag;
import org.yonderarc.motion.Swipe;
import org.yonderarc.scene.Scene;
import org.yonderarc.walk.Step;

/** A finger on the device that swipes: the film follows it, and goes on by itself when it is lifted. */
final class Finger {
    /** What came before that doesn't count for the velocity, in ms. */
    private static final double RECENT = 80;

    /** What a finger moves. */
    interface Host {
        /** The swipe that begins where the finger came down, if there is one. */
        Optional<Swipe> begin(double x, double dx);

        /** Shows a scene on the way. */
        void show(Scene scene);

        /** Takes the step whose end is shown already. */
        void arrive(Step step);

        /** Shows the state as it is. */
        void settle();
    }

    private final Host host;
    private Optional<Swipe> swipe = Optional.empty();
    private Optional<Drag.Release> release = Optional.empty();
    private double lifted;
    private double lastX;
    private double lastTime;
    private double velocity;

    Finger(Host host) {
        this.host = host;
    }

    boolean begin(double x, double dx) {
        release = Optional.empty();
        swipe = host.begin(x, dx);
        lastX = dx;
        lastTime = Double.NEGATIVE_INFINITY;
        velocity = 0;
        return swipe.isPresent();
    }

    void move(double dx, double now) {
        if (now > lastTime) {
            double fresh = (dx - lastX) / (now - lastTime) * 1000;
            // Half of the old one, so that a single uneven event doesn't decide.
            velocity = now - lastTime > RECENT ? 0 : (velocity + fresh) / 2;
            lastX = dx;
            lastTime = now;
        }
        swipe.ifPresent(held -> host.show(held.move(dx)));
    }

    /** The finger was lifted; with {@code counts} false the browser took it away, and nothing comes of it. */
    void lift(double now, boolean counts) {
        if (swipe.isEmpty()) {
            return;
        }
        double last = counts && now - lastTime <= RECENT ? velocity : 0;
        if (!counts) {
            drop();
            host.settle();
            return;
        }
        release = Optional.of(swipe.get().release(last));
        lifted = Page.now();
        Page.onFrame(this::frame);
    }

    /** Forgets the swipe: something else moves now. */
    void drop() {
        swipe = Optional.empty();
        release = Optional.empty();
    }

    private void frame(double now) {
        if (swipe.isEmpty() || release.isEmpty()) {
            return;
        }
        Swipe held = swipe.get();
        Drag.Release going = release.get();
        double ms = Math.max(0, now - lifted);
        if (ms < going.duration()) {
            host.show(held.at(going.share().applyAsDouble(ms)));
            Page.onFrame(this::frame);
            return;
        }
        drop();
        if (going.goes()) {
            host.arrive(held.step());
        } else {
            host.settle();
        }
    }
}
