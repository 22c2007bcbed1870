package org.yonderarc.stage;

import java.util.Optional;
import org.yonderarc.motion.Swipe;

/** What pointers, and wheels do. One pointer counts at a time: a second one ends what the first began. */
final class Pointers {
    /** The farthest that a swipe goes up or down, as a share of how far it goes sideways: about 35 degrees. */
    private static final double FLAT = 0.7;

    /** So long a finger is held on what shows no name until the name is told, in ms. */
    private static final double HOLD = 500;

    private enum Doing {
        /** The pointer has not moved far enough to say. */
        PRESSING,
        SWIPING,
        SCROLLING,
        /** It moved, and nothing comes of that. */
        NOTHING
    }

    private final Stage stage;
    private final RestingScene still;
    private final Scrolls scrolls;
    private final Playback playback;
    /** Whether the stage scrolls, and not its host. */
    private final boolean scrollsHere;

    private Optional<Input.Down> down = Optional.empty();
    private Optional<String> region = Optional.empty();
    private Doing doing = Doing.NOTHING;
    private Velocity velocity = new Velocity(0, 0, 0);
    /** When the pointer came down, in ms. */
    private double since;

    private double lastX;
    private double lastY;

    Pointers(Stage stage, RestingScene still, Scrolls scrolls, Playback playback, boolean scrollsHere) {
        this.scrollsHere = scrollsHere;
        this.stage = stage;
        this.still = still;
        this.scrolls = scrolls;
        this.playback = playback;
    }

    boolean take(Input input, double now) {
        if (input instanceof Input.Down pressed) {
            return down(pressed, now);
        }
        if (input instanceof Input.Move move) {
            return move(move, now);
        }
        if (input instanceof Input.Up up) {
            return up(up, now);
        }
        if (input instanceof Input.Cancel cancel) {
            return isDown(cancel.id()) && cancel(now);
        }
        if (input instanceof Input.Leave) {
            stage.touched(still.touch().hover(Optional.empty()), now);
            return true;
        }
        return input instanceof Input.Wheel wheel && wheel(wheel, now);
    }

    /** Forgets what a pointer began: something else moves now. */
    void drop() {
        down = Optional.empty();
        doing = Doing.NOTHING;
        still.with(still.touch().press(Optional.empty()).tell(Optional.empty()));
    }

    /** As {@link #drop}, in the short motion that the plan has for states. */
    private void release(double now) {
        down = Optional.empty();
        doing = Doing.NOTHING;
        stage.touched(still.touch().press(Optional.empty()).tell(Optional.empty()), now);
    }

    /** When something comes of a finger that is held still, in ms; no value where nothing does. */
    Optional<Double> due() {
        boolean waits = doing == Doing.PRESSING
                && down.filter(Input.Down::touches).isPresent()
                && still.touch().pressed().flatMap(HitTarget::hint).isPresent();
        return waits ? Optional.of(since + HOLD) : Optional.empty();
    }

    /** What has been held long enough tells its name, and isn't chosen any more. */
    void advance(double now) {
        if (due().filter(at -> at <= now).isPresent()) {
            doing = Doing.NOTHING;
            Touch touch = still.touch();
            stage.touched(touch.press(Optional.empty()).tell(touch.pressed()), now);
        }
    }

    private boolean isDown(int id) {
        return down.filter(held -> held.id() == id).isPresent();
    }

    private boolean down(Input.Down pressed, double now) {
        if (down.isPresent()) {
            return cancel(now);
        }
        if (!pressed.main()) {
            return false;
        }
        boolean stopped = scrolls.until().isPresent();
        scrolls.stop();
        Hit hit = still.hit(pressed.x(), pressed.y());
        down = Optional.of(pressed);
        since = now;
        region = hit.scrolls()
                .flatMap(scrolls::region)
                .filter(any -> !any.isHosted())
                .map(Scrolls.Region::path);
        // A finger that stops what scrolls chooses nothing.
        doing = stopped ? Doing.NOTHING : Doing.PRESSING;
        velocity = new Velocity(pressed.x(), pressed.y(), now);
        lastX = pressed.x();
        lastY = pressed.y();
        if (stopped && region.isPresent() && pressed.touches()) {
            doing = Doing.SCROLLING;
            return true;
        }
        Touch touch = still.touch().focus(still.touch().focused(), false);
        stage.touched(touch.press(hit.target()), now);
        return hit.target().isPresent();
    }

    private boolean move(Input.Move move, double now) {
        if (down.isEmpty()) {
            Optional<HitTarget> over = still.hit(move.x(), move.y()).target().filter(any -> !any.isScrim());
            stage.touched(still.touch().hover(over), now);
            return over.isPresent();
        }
        if (!isDown(move.id())) {
            return false;
        }
        Input.Down start = down.get();
        double dx = move.x() - start.x();
        double dy = move.y() - start.y();
        velocity.move(move.x(), move.y(), now);
        if (doing == Doing.PRESSING && Math.max(Math.abs(dx), Math.abs(dy)) >= Swipe.SLOP) {
            decide(start, dx, dy, now);
        }
        if (doing == Doing.SWIPING) {
            playback.move(dx);
        } else if (doing == Doing.SCROLLING) {
            drag(move);
        }
        lastX = move.x();
        lastY = move.y();
        return true;
    }

    private void decide(Input.Down start, double dx, double dy, double now) {
        boolean isFlat = Math.abs(dy) <= Math.abs(dx) * FLAT;
        Optional<Swipe> swipe = isFlat ? swipe(start.x(), dx) : Optional.empty();
        boolean drags = start.touches() && scrollsHere && region.isPresent();
        if (swipe.isPresent()) {
            stage.settle();
            playback.hold(swipe.get());
            doing = Doing.SWIPING;
        } else if (drags) {
            doing = Doing.SCROLLING;
        } else {
            // A mouse that wanders off and comes back still presses what it pressed.
            return;
        }
        stage.touched(still.touch().press(Optional.empty()), now);
    }

    private Optional<Swipe> swipe(double x, double dx) {
        return Swipe.begin(still.view(), still.state(), x, dx, still.around().lessMotion(), still::scene);
    }

    /** The system's own gesture to go back; gives whether anything is seen of it. */
    boolean back(double share) {
        if (down.isPresent()) {
            // A finger has the stage.
            return false;
        }
        if (!playback.isHeld()) {
            Optional<Swipe> swipe =
                    Swipe.back(still.view(), still.state(), still.around().lessMotion(), still::scene);
            if (swipe.isEmpty()) {
                return false;
            }
            drop();
            stage.settle();
            playback.hold(swipe.get());
        }
        playback.pull(share);
        return true;
    }

    /** That gesture comes to its end; gives whether anything was seen of it. */
    boolean backEnds(boolean goes, double now) {
        boolean isHeld = playback.isHeld() && down.isEmpty();
        if (isHeld && goes) {
            playback.goOn(now);
        } else if (isHeld) {
            playback.giveUp(now);
        }
        return isHeld;
    }

    private void drag(Input.Move move) {
        region.flatMap(scrolls::region)
                .filter(held -> scrolls.by(held, lastX - move.x(), lastY - move.y()))
                .ifPresent(held -> still.isScrolled());
    }

    private boolean up(Input.Up up, double now) {
        if (!isDown(up.id())) {
            return false;
        }
        velocity.move(up.x(), up.y(), now);
        Doing done = doing;
        Optional<HitTarget> pressed = still.touch().pressed();
        release(now);
        if (done == Doing.SWIPING) {
            playback.letGo(velocity.across(now), now);
        } else if (done == Doing.SCROLLING) {
            region.flatMap(scrolls::region)
                    .ifPresent(held -> scrolls.fling(held, -velocity.across(now), -velocity.down(now), now));
        } else if (done == Doing.PRESSING) {
            Optional<String> over = still.hit(up.x(), up.y()).target().map(HitTarget::path);
            pressed.map(HitTarget::path)
                    .filter(path -> over.filter(path::equals).isPresent())
                    .ifPresent(path -> stage.choose(path, now));
        }
        return true;
    }

    private boolean cancel(double now) {
        boolean swiped = doing == Doing.SWIPING;
        release(now);
        if (swiped) {
            playback.giveUp(now);
        }
        return true;
    }

    private boolean wheel(Input.Wheel wheel, double now) {
        Optional<Scrolls.Region> at = still.hit(wheel.x(), wheel.y())
                .scrolls()
                .flatMap(scrolls::region)
                .filter(any -> !any.isHosted());
        // A wheel turns one way only: what scrolls sideways takes it too.
        boolean moved = at.filter(held -> held.down() == 0 && wheel.across() == 0
                        ? scrolls.by(held, wheel.down(), 0)
                        : scrolls.by(held, wheel.across(), wheel.down()))
                .isPresent();
        if (moved) {
            still.isScrolled();
        }
        return moved;
    }
}
