package org.yonderarc.examples;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.yonderarc.kit.Raster;

/** Pictures of Java's as the kit compares them. */
public final class Images {
    private static final Path KEPT = Path.of("target", "hosts");

    private Images() {}

    /** The pixels of a picture. */
    public static Raster raster(BufferedImage image) {
        var plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(image, 0, 0, null);
        return new Raster(
                plain.getWidth(),
                plain.getHeight(),
                ((DataBufferInt) plain.getRaster().getDataBuffer()).getData());
    }

    /** Keeps two pictures and their difference beside each other. */
    static void keep(String name, Raster expected, Raster shown) throws IOException {
        Files.createDirectories(KEPT);
        int width = expected.width();
        var all = new BufferedImage(3 * width, expected.height(), BufferedImage.TYPE_INT_RGB);
        for (int at = 0; at < expected.rgb().length; at++) {
            int x = at % width;
            int y = at / width;
            int ours = expected.rgb()[at];
            int theirs = x < shown.width() && y < shown.height() ? shown.rgb()[y * shown.width() + x] : 0;
            int other = 0;
            for (int shift : new int[] {0, 8, 16}) {
                other |= Math.abs((ours >> shift & 255) - (theirs >> shift & 255)) << shift;
            }
            all.setRGB(x, y, ours);
            all.setRGB(width + x, y, theirs);
            all.setRGB(2 * width + x, y, other);
        }
        ImageIO.write(all, "png", KEPT.resolve(name + ".png").toFile());
    }
}
