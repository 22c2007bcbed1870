package org.yonderarc.examples;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.ImageIO;

/** Compares pictures by the means of blocks: edges of letters differ between rasterisers, but not where they are. */
final class Pixels {
    /** The side of a block in pixels. */
    private static final int BLOCK = 8;
    /** The most by which a channel's mean in a block may differ, of 255. */
    private static final int TOLERANCE = 20;

    /** The ways by which a block may be moved, each across and down, in pixels. */
    private static final int[] WAYS = {0, -1, 0, 1, -1, 0, 1, 0, -1, -1, 1, -1, -1, 1, 1, 1};

    private static final Path KEPT = Path.of("target", "hosts");

    private Pixels() {}

    /** Says where two pictures differ most, and keeps them; no value where they agree. */
    static Optional<String> compare(String name, BufferedImage expected, BufferedImage shown) throws IOException {
        int width = Math.min(expected.getWidth(), shown.getWidth());
        int height = Math.min(expected.getHeight(), shown.getHeight());
        if (width != expected.getWidth() || height != expected.getHeight()) {
            return Optional.of(name + " is of another size: " + shown.getWidth() + " x " + shown.getHeight());
        }
        int[] ours = rgb(expected, width, height);
        int[] theirs = rgb(shown, width, height);
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
        if (blocks == 0) {
            return Optional.empty();
        }
        keep(name, expected, shown);
        return Optional.of(name + ": " + blocks + " blocks, " + Math.round(worst) + " at " + where);
    }

    private static int[] rgb(BufferedImage image, int width, int height) {
        var plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(image, 0, 0, null);
        return ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
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

    private static void keep(String name, BufferedImage expected, BufferedImage shown) throws IOException {
        Files.createDirectories(KEPT);
        int width = expected.getWidth();
        int height = expected.getHeight();
        int[] ours = rgb(expected, width, height);
        int[] theirs = rgb(shown, width, height);
        var all = new BufferedImage(3 * width, height, BufferedImage.TYPE_INT_RGB);
        all.createGraphics().drawImage(expected, 0, 0, null);
        all.createGraphics().drawImage(shown, width, 0, null);
        for (int at = 0; at < ours.length; at++) {
            int other = 0;
            for (int shift : new int[] {0, 8, 16}) {
                other |= Math.abs((ours[at] >> shift & 255) - (theirs[at] >> shift & 255)) << shift;
            }
            all.setRGB(2 * width + at % width, at / width, other);
        }
        ImageIO.write(all, "png", KEPT.resolve(name + ".png").toFile());
    }
}
