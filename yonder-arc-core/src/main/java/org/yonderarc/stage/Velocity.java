package org.yonderarc.stage;

/** How fast a pointer is. */
final class Velocity {
    /** What came before that doesn't count, in ms. */
    private static final double RECENT = 80;

    private double lastX;
    private double lastY;
    private double last;
    private double across;
    private double down;

    Velocity(double x, double y, double now) {
        lastX = x;
        lastY = y;
        last = now;
    }

    void move(double x, double y, double now) {
        if (!(now > last)) {
            return;
        }
        boolean rested = now - last > RECENT;
        // Half of the old one, so that a single uneven event doesn't decide.
        across = rested ? 0 : (across + (x - lastX) / (now - last) * 1000) / 2;
        down = rested ? 0 : (down + (y - lastY) / (now - last) * 1000) / 2;
        lastX = x;
        lastY = y;
        last = now;
    }

    /** In dp to the right for each second; 0 after a rest. */
    double across(double now) {
        return now - last > RECENT ? 0 : across;
    }

    /** In dp downwards for each second; 0 after a rest. */
    double down(double now) {
        return now - last > RECENT ? 0 : down;
    }
}
