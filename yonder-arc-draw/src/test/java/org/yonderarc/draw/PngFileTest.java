package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.Random;
import java.util.concurrent.ForkJoinPool;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is written, the toolkit's own reader reads as it was, whatever the number of cores. */
class PngFileTest {
    @ParameterizedTest
    @CsvSource({"1, 1, noise", "3, 127, noise", "5, 128, areas", "7, 129, noise", "640, 700, noise", "768, 1648, areas"
    })
    void pixelsAreReadAsTheyWere(int width, int height, String what) throws Exception {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var random = new Random(7);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(
                        x,
                        y,
                        what.equals("noise")
                                ? random.nextInt()
                                : new Color(x / 40 * 9 % 256, y / 60 % 256, 200).getRGB());
            }
        }
        byte[] png = PngFile.write(image);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(png));
        assertEquals(width + " x " + height, read.getWidth() + " x " + read.getHeight());
        assertArrayEquals(
                image.getRGB(0, 0, width, height, null, 0, width), read.getRGB(0, 0, width, height, null, 0, width));
        var one = new ForkJoinPool(1);
        try {
            assertArrayEquals(png, one.submit(() -> PngFile.write(image)).get());
        } finally {
            one.shutdown();
        }
    }
}
