package org.yonderarc.kit;

import java.util.Optional;

/** Compares pictures by the means of blocks: edges of letters differ between rasterisers, but not where they are. */
final class Pixels {
    /** The side of a block in pixels. */
    private static final int BLOCK = 8;
    /** The most by which a channel's mean in a block may differ, of 255. */
    private static final int TOLERANCE = 20;

    /** The ways by which a block may be moved, each across and down, in pixels. */
    private static final int[] WAYS = {0, -1, 0, 1, -1, 0, 1, 0, -1, -1, 1, -1, -1, 1, 1, 1};

    private Pixels() {}

    /** Says where two pictures differ most; no value where they agree. */
    static Optional<String> differ(Raster expected, Raster shown) {
        int width = expected.width();
        int height = expected.height();
        if (width != shown.width() || height != shown.height()) {
            return Optional.of("it is of another size: " + shown.width() + " x " + shown.height());
        }
        int[] ours = expected.rgb();
        int[] theirs = shown.rgb();
        double worst = 0;
        int blocks = 0;
        String where = "";
        for (int top = 0; top < height; top += BLOCK) {
            for (int left = 0; left < width; left += BLOCK) {
                // All of them whole: a part of a letter says little.
                int x = Math.min(left, width - BLOCK);
                int y = Math.min(top, height - BLOCK);
                double differs = differs(ours, theirs, x, y, width, height);
                blocks += differs > TOLERANCE ? 1 : 0;
                if (differs > worst) {
                    worst = differs;
                    where = x + "," + y;
                }
            }
        }
        return blocks == 0 ? Optional.empty() : Optional.of(blocks + " blocks, " + Math.round(worst) + " at " + where);
    }

    /** By how much the means of a channel differ in a block, at most, wherever it is moved to by less than a pixel. */
    private static double differs(int[] ours, int[] theirs, int left, int top, int width, int height) {
        double worst = 0;
        for (int shift : new int[] {0, 8, 16}) {
            double mean = mean(theirs, left, top, shift, width, height);
            double here = mean - mean(ours, left, top, shift, width, height);
            // Letters and lines stand on whole pixels in a browser, and where they are in a picture.
            for (int way = 0; Math.abs(here) > TOLERANCE && way < WAYS.length; way += 2) {
                double near = mean - mean(ours, left + WAYS[way], top + WAYS[way + 1], shift, width, height);
                here = here * near < 0 ? 0 : Math.abs(near) < Math.abs(here) ? near : here;
            }
            worst = Math.max(worst, Math.abs(here));
        }
        return worst;
    }

    private static double mean(int[] pixels, int left, int top, int shift, int width, int height) {
        int sum = 0;
        for (int y = top; y < top + BLOCK; y++) {
            int row = Math.max(0, Math.min(height - 1, y)) * width;
            for (int x = left; x < left + BLOCK; x++) {
                sum += pixels[row + Math.max(0, Math.min(width - 1, x))] >> shift & 255;
            }
        }
        return (double) sum / (BLOCK * BLOCK);
    }
}
