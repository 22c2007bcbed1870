package org.yonderarc.motion;

import org.yonderarc.plan.Spring;

/**
 * A film that is driven by hand: a drawer that is pulled, a screen that is swiped back. While it is held, the finger says how
 * far it is; when it is let go, a spring takes it to the end that it is on the way to, with the velocity it had.
 */
public final class Drag {
    /** A spring that is critically damped: quick, and it never swings over. */
    private static final double STIFFNESS = 400;

    private final Film film;
    private double share;

    /** A drag of a film, from its start. */
    public Drag(Film film) {
        this.film = film;
    }

    /**
     * Moves it.
     *
     * @param to how much of the way, 0 to 1; beyond is held at the end
     */
    public void move(double to) {
        share = Math.max(0, Math.min(1, to));
    }

    /** How much of the way it is. */
    public double share() {
        return share;
    }

    /** The scene where it is held. */
    public org.yonderarc.scene.Scene scene() {
        return film.at(share * film.duration());
    }

    /**
     * What follows when it is let go.
     *
     * @param goes whether it goes on to the end; otherwise it goes back to the start
     * @param duration how long it takes, in ms
     */
    public record Release(boolean goes, double duration, java.util.function.DoubleUnaryOperator share) {}

    /**
     * Lets it go.
     *
     * @param velocity how fast it is, in ways for each second; negative for backwards
     */
    public Release release(double velocity) {
        // A fling decides, else the side of the middle.
        return release(Math.abs(velocity) > 0.8 ? velocity > 0 : share >= 0.5, velocity);
    }

    /** Takes it back to the start, whatever it was on the way to. */
    public Release giveUp() {
        return release(false, 0);
    }

    /** Takes it on to its end. */
    public Release goOn() {
        return release(true, 0);
    }

    private Release release(boolean goes, double velocity) {
        double target = goes ? 1 : 0;
        double distance = target - share;
        if (distance == 0) {
            return new Release(goes, 0, ms -> target);
        }
        var spring = new Spring(1, STIFFNESS, 2 * Math.sqrt(STIFFNESS), velocity / distance);
        double start = share;
        return new Release(goes, spring.settling(), ms -> start + distance * spring.progress(ms));
    }
}
