package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Wireframe;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

class PaintersTest extends PaintersFixture {
    private static final String HOSTILE = "</text><script>alert(1)</script>\u0007 \"&'";

    @Test
    void svgIsWellFormedAndSafeAndUsesEachIconOnce() throws Exception {
        Plan plan = PlanBuilder.app(HOSTILE)
                .start("a")
                .screen("a", screen -> screen.title(HOSTILE)
                        .icon("droplet")
                        .wireframe(Wireframe.Kind.LIST)
                        .row(HOSTILE, HOSTILE, HOSTILE, "a")
                        .row("B", "", "", "a"))
                .screen("b", screen -> screen.icon("droplet"))
                .menu("main", menu -> menu.item("a").item("b"))
                .build();
        String svg = studio.svg(scene(plan, Scheme.LIGHT));
        Document document = DocumentBuilderFactory.newDefaultNSInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertEquals(0, document.getElementsByTagName("script").getLength());
        assertEquals(
                "</text><script>alert(1)</script>\uFFFD \"&' \u2013 " + HOSTILE.replace('\u0007', '\uFFFD'),
                document.getElementsByTagName("title").item(0).getTextContent());
        var symbols = document.getElementsByTagName("symbol");
        assertEquals(3, symbols.getLength(), "droplet, its filled variant and the chevron");
        assertEquals(4, document.getElementsByTagName("use").getLength());
        assertEquals("img", document.getDocumentElement().getAttribute("role"));
    }

    @Test
    void theSameSceneGivesTheSameBytes() {
        Scene scene = scene(small(), Scheme.DARK);
        assertEquals(studio.svg(scene), new Studio().svg(scene));
        assertArrayEquals(studio.png(scene, 1.5), new Studio().png(scene, 1.5));
    }

    @Test
    void pngHasTheSizeAndTheColoursOfTheScene() throws Exception {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(studio.png(scene(small(), Scheme.LIGHT), 2)));
        assertEquals(768, image.getWidth());
        assertEquals(1648, image.getHeight());
        assertEquals(0xFFFFFFFF, image.getRGB(4, 1640), "the bar's surface");
        // The filled droplet stands in the middle of the first of two slots, 10 to 34 dp below the bar's edge.
        int accent = 0xFF000000
                | Integer.decode("0x"
                        + Palette.of(Theme.DEFAULT, Scheme.LIGHT).accent().hex().substring(1));
        assertEquals(accent, image.getRGB(192, 2 * (824 - 20 - 64 + 24)));
        assertThrows(IllegalArgumentException.class, () -> studio.png(scene(small(), Scheme.LIGHT), 9));
        assertThrows(IllegalArgumentException.class, () -> studio.png(scene(small(), Scheme.LIGHT), Double.NaN));
    }

    @Test
    void roundedClipsHideTheCornersAndKeepTheMiddle() {
        Colour red = Colour.rgb(0xFF0000);
        var box = new Box(10, 10, 20, 20);
        var child = new SceneNode.Rect("r", new Box(0, 0, 40, 40), 0, red);
        var group = new SceneNode.Group("g", new Meaning.Plain(), box, Optional.of(10.0), List.of(child));
        var scene = new Scene(40, 40, Colour.rgb(0xFFFFFF), "clip", List.of(group));
        BufferedImage image = new PngPainter(studio.icons(), Pictures.NONE, Typeface.bundled()).image(scene, 2);
        assertEquals(0xFFFF0000, image.getRGB(40, 40));
        assertEquals(0xFFFFFFFF, image.getRGB(21, 21), "inside of the box, outside of its round corner");
        assertEquals(0xFFFFFFFF, image.getRGB(70, 40), "outside of the box");
    }

    /** CSS Images Level 3, section 3.1: 180 degrees run downwards, 90 to the right; the ends have the colours themselves. */
    @Test
    void gradientsRunAsInCss() {
        Colour from = Colour.rgb(0x000000);
        Colour to = Colour.rgb(0xFFFFFF);
        var box = new Box(0, 0, 40, 40);
        for (double angle : new double[] {90, 180}) {
            var gradient = new SceneNode.Gradient("g", box, 0, shades(0, from, 1, to), angle);
            var scene = new Scene(40, 40, Colour.rgb(0xFF0000), "gradient", List.of(gradient));
            BufferedImage image = studio.image(scene, 1);
            for (int at : new int[] {0, 13, 20, 39}) {
                int pixel = angle == 90 ? image.getRGB(at, 7) : image.getRGB(7, at);
                // A pixel of tolerance: Java samples at the edge of a pixel, browsers in its middle.
                assertEquals((at + 0.5) / 40 * 255, pixel & 255, 255 / 40.0, angle + " degrees at " + at);
            }
            String svg = studio.svg(scene);
            assertTrue(svg.contains("<linearGradient") && svg.contains("#000000") && svg.contains("#ffffff"), svg);
        }
    }

    private static List<Fill.Shade> shades(Object... placesAndColours) {
        var shades = new ArrayList<Fill.Shade>();
        for (int i = 0; i < placesAndColours.length; i += 2) {
            double at = ((Number) placesAndColours[i]).doubleValue();
            shades.add(new Fill.Shade(at, (Colour) placesAndColours[i + 1]));
        }
        return shades;
    }

    /** CSS Images Level 3, section 3.4.3: two stops at one place are a hard edge, at the ends of the line too. */
    @Test
    void gradientsMayHaveHardEdges() {
        Colour red = Colour.rgb(0xFF0000);
        Colour blue = Colour.rgb(0x0000FF);
        var box = new Box(0, 0, 40, 10);
        for (double edge : new double[] {0, 0.5, 1}) {
            var shades = shades(0, red, edge, red, edge, blue, 1, blue);
            var gradient = new SceneNode.Gradient("g", box, 0, shades, 90);
            BufferedImage image = studio.image(new Scene(40, 10, Colour.rgb(0xFFFFFF), "hard", List.of(gradient)), 1);
            for (int x : new int[] {2, 17, 22, 37}) {
                int expected = x < edge * 40 ? 0xFFFF0000 : 0xFF0000FF;
                assertEquals(expected, image.getRGB(x, 5), edge + " at " + x);
            }
        }
    }

    /** Pictures are painted in strips side by side: moved, the strips end elsewhere, and nothing else may differ. */
    @Test
    void noSeamShowsWhereStripsMeet() {
        Scene still = scene(small(), Scheme.DARK);
        double down = 61;
        var moved = new Scene(
                still.width(),
                still.height() + down,
                still.background(),
                "moved",
                List.of(still.placed("p", 0, down, 1, 0)));
        BufferedImage one = studio.image(still, 2);
        BufferedImage other = studio.image(moved, 2);
        long off = 0;
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                int difference = difference(one.getRGB(x, y), other.getRGB(x, y + (int) (2 * down)));
                assertTrue(
                        difference <= 24, difference + " at " + x + ", " + y + ": more than a finer edge of a curve");
                off += difference;
            }
        }
        assertTrue(off / (3.0 * one.getWidth() * one.getHeight()) < 0.02, "all together: " + off);
    }

    private static int difference(int a, int b) {
        int red = Math.abs((a >> 16 & 255) - (b >> 16 & 255));
        int green = Math.abs((a >> 8 & 255) - (b >> 8 & 255));
        return Math.max(Math.max(red, green), Math.abs((a & 255) - (b & 255)));
    }

    @Test
    void thePlainMeasureIsNearTheExactOne() {
        var plain = new PlainMeasure();
        for (Type type : List.of(Type.regular(12), Type.semibold(17))) {
            for (String text : List.of(
                    "Surveys", "Species guide", "Atlas of the shore", "Gull Point, lower shore", "12:10 (0.4 m)")) {
                double exact = studio.measure().width(text, type);
                assertEquals(exact, plain.width(text, type), exact * 0.025, text + " in " + type);
            }
        }
    }

    private static Plan small() {
        return PlanBuilder.app("Small")
                .start("a")
                .screen("a", screen -> screen.icon("droplet").wireframe(Wireframe.Kind.CHART))
                .screen("b", screen -> screen.icon("book"))
                .menu("main", menu -> menu.item("a").item("b"))
                .build();
    }
}
