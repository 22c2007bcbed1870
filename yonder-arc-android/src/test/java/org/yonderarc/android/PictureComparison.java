package org.yonderarc.android;

import android.graphics.Bitmap;
import java.awt.image.BufferedImage;

/** Compares pictures of the system with our own. */
final class PictureComparison {
    /** The side of the squares over which differences are averaged, in pixels: as wide as a stroke of a letter and the softness beside it. */
    private static final int SIDE = 8;

    private PictureComparison() {}

    /** The share of squares whose mean colours differ by more than so much of a channel. */
    static double share(Bitmap one, BufferedImage other, double most) {
        if (one.getWidth() != other.getWidth() || one.getHeight() != other.getHeight()) {
            throw new AssertionError(one.getWidth() + " x " + one.getHeight() + ", and not " + other.getWidth() + " x "
                    + other.getHeight());
        }
        int all = 0;
        int far = 0;
        for (int y = 0; y + SIDE <= one.getHeight(); y += SIDE) {
            for (int x = 0; x + SIDE <= one.getWidth(); x += SIDE) {
                all++;
                far += square(one, other, x, y) > most ? 1 : 0;
            }
        }
        return far / (double) all;
    }

    private static double square(Bitmap one, BufferedImage other, int left, int top) {
        var ours = new int[SIDE * SIDE];
        one.getPixels(ours, 0, SIDE, left, top, SIDE, SIDE);
        int[] theirs = other.getRGB(left, top, SIDE, SIDE, null, 0, SIDE);
        double most = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            int sum = 0;
            for (int i = 0; i < ours.length; i++) {
                sum += (ours[i] >> shift & 255) - (theirs[i] >> shift & 255);
            }
            most = Math.max(most, Math.abs(sum) / (255.0 * ours.length));
        }
        return most;
    }
}
