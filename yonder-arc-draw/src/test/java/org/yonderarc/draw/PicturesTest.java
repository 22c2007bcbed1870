package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Picture files and icons, as the painters show them. */
class PicturesTest extends PaintersFixture {
    /** A picture that is wider than high stands at an end of a wider box, in both painters (SVG 1.1, section 7.8). */
    @Test
    void picturesStandAtTheEndOfTheirBox() throws Exception {
        var square = new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB);
        var file = new java.io.ByteArrayOutputStream();
        ImageIO.write(square, "png", file);
        var own =
                new Studio(studio.icons(), name -> Optional.of(new Pictures.Picture("image/png", file.toByteArray())));
        for (SceneNode.Picture.Fit fit : SceneNode.Picture.Fit.values()) {
            if (fit.isWhole()) {
                var picture = new SceneNode.Picture("p", new Box(0, 0, 60, 20), 0, "a.png", fit);
                var scene = new Scene(60, 20, Colour.rgb(0xFFFFFF), "picture", List.of(picture));
                for (int third = 0; third < 3; third++) {
                    boolean isThere = third == fit.across() * 2;
                    assertEquals(
                            isThere ? 0xFF000000 : 0xFFFFFFFF,
                            own.image(scene, 1).getRGB(10 + 20 * third, 10),
                            fit + "");
                }
                assertTrue(
                        own.svg(scene).contains(List.of("xMin", "xMid", "xMax").get((int) (fit.across() * 2))));
            }
        }
    }

    /** A picture covers its box, or is shown whole in it; both painters say the same. */
    @Test
    void picturesCoverTheirBoxOrAreShownWhole() throws Exception {
        var wide = new BufferedImage(80, 20, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 80; x++) {
            for (int y = 0; y < 20; y++) {
                wide.setRGB(x, y, x < 40 ? 0x0000FF : 0x00FF00);
            }
        }
        var file = new java.io.ByteArrayOutputStream();
        ImageIO.write(wide, "png", file);
        var own =
                new Studio(studio.icons(), name -> Optional.of(new Pictures.Picture("image/png", file.toByteArray())));
        for (boolean whole : new boolean[] {false, true}) {
            var picture = new SceneNode.Picture(
                    "p",
                    new Box(10, 10, 40, 40),
                    0,
                    "a.png",
                    whole ? SceneNode.Picture.Fit.WHOLE : SceneNode.Picture.Fit.COVER);
            var scene = new Scene(60, 60, Colour.rgb(0xFFFFFF), "picture", List.of(picture));
            BufferedImage image = own.image(scene, 1);
            assertEquals(0xFF0000FF, image.getRGB(25, 30));
            assertEquals(0xFF00FF00, image.getRGB(35, 30));
            assertEquals(whole ? 0xFFFFFFFF : 0xFF0000FF, image.getRGB(25, 14), "above what is shown whole");
            String svg = own.svg(scene);
            assertTrue(svg.contains("href=\"data:image/png;base64,"), svg);
            assertTrue(svg.contains(whole ? "xMidYMid meet" : "xMidYMid slice"), svg);
        }
    }

    @Test
    void picturesOfAFolderNeverComeFromOutsideOfIt(@org.junit.jupiter.api.io.TempDir java.nio.file.Path outside)
            throws Exception {
        var folder = java.nio.file.Files.createDirectory(outside.resolve("plan"));
        var dot = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB), "png", dot);
        java.nio.file.Files.write(outside.resolve("secret.png"), dot.toByteArray());
        java.nio.file.Files.write(folder.resolve("own.PNG"), dot.toByteArray());
        java.nio.file.Files.write(folder.resolve("own.txt"), new byte[] {1});
        java.nio.file.Files.createSymbolicLink(folder.resolve("link.png"), outside.resolve("secret.png"));
        Pictures pictures = Pictures.in(folder);
        assertEquals(
                "data:image/png;base64," + java.util.Base64.getEncoder().encodeToString(dot.toByteArray()),
                pictures.read("own.PNG").orElseThrow().dataUri());
        for (String name : List.of("../secret.png", "link.png", "own.txt", "none.png", "a\u0000.png", ".")) {
            assertEquals(Optional.empty(), pictures.read(name), name);
        }
    }

    @Test
    void aSmallFileThatClaimsAHugePictureIsNotDecoded() throws Exception {
        Colour ground = Colour.rgb(0x336699);
        var box = new Box(0, 0, 240, 240);
        var nodes = List.<SceneNode>of(
                new SceneNode.Rect("ground", box, 0, ground),
                new SceneNode.Picture("picture", box, 0, "a.png", SceneNode.Picture.Fit.COVER));
        var scene = new Scene(240, 240, ground, "picture", nodes);
        for (int side : new int[] {100, 8000}) {
            var file = new java.io.ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(side, side, BufferedImage.TYPE_BYTE_BINARY), "png", file);
            assertTrue(file.size() < 60_000);
            Pictures pictures = name -> Optional.of(new Pictures.Picture("image/png", file.toByteArray()));
            int middle = new Studio(studio.icons(), pictures).image(scene, 1).getRGB(120, 120);
            assertEquals(side == 100 ? 0xFF000000 : 0xFF336699, middle, side + " pixels wide");
        }
        var wide = new Scene(4000, 4000, ground, "large", List.of());
        assertThrows(IllegalArgumentException.class, () -> studio.png(wide, 8), "a thousand million pixels");
    }

    @Test
    void iconsComeFromTheSetAndFromNowhereElse() {
        Icons icons = studio.icons();
        assertTrue(icons.has("droplet") && icons.hasFilled("droplet"));
        assertTrue(icons.has("users") && !icons.hasFilled("users"));
        assertFalse(icons.art("users", true).orElseThrow().filled(), "without a twin the outline stands in");
        for (String name : List.of("", "../filled/droplet", "droplet.svg", "a/b", "no-such-icon")) {
            assertFalse(icons.has(name), name);
            assertEquals(Optional.empty(), icons.art(name, true), name);
        }
        assertTrue(icons.all().size() > 4000 && icons.all().contains("map-pin"));
    }

    /** A picture that is seen in several strips is read once, and nothing is set for the whole machine. */
    @Test
    void aPictureIsReadOnceForAPainting() throws Exception {
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 400, BufferedImage.TYPE_INT_RGB), "png", bytes);
        boolean caches = ImageIO.getUseCache();
        Pictures pictures = mock(Pictures.class);
        when(pictures.read("tall.png")).thenReturn(Optional.of(new Pictures.Picture("image/png", bytes.toByteArray())));
        var picture = new SceneNode.Picture("p", new Box(0, 0, 100, 2000), 0, "tall.png", SceneNode.Picture.Fit.COVER);
        var scene = new Scene(100, 2000, Colour.rgb(0xFFFFFF), "tall", List.of(picture));
        new PngPainter(studio.icons(), pictures, Typeface.bundled()).paint(scene, 1);
        verify(pictures, times(1)).read("tall.png");
        assertEquals(caches, ImageIO.getUseCache());
    }

    @Test
    void onlyTheLastIconsAreKept() {
        var recent = new RecentCache<String>(3);
        for (String key : List.of("a", "b", "c", "a", "d")) {
            recent.get(key, made -> made + "!");
        }
        assertEquals(3, recent.size());
        assertEquals("a!", recent.get("a", made -> "made again"), "it was asked for lately");
        assertEquals("made again", recent.get("b", made -> "made again"), "it was the longest unasked for");
    }
}
