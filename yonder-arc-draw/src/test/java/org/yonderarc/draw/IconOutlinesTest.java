package org.yonderarc.draw;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.IconSet;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** The outlines of icons are what a reader of SVG that none of us wrote draws of them. */
class IconOutlinesTest {
    private static final int SIDE = 48;
    /** The side of the squares that are compared, in pixels. */
    private static final int SQUARE = 3;
    /** The most by which the mean of a square differs, of 255: the other one flattens curves more coarsely than we or a browser. */
    private static final int MOST = 25;

    /** Every so manieth icon; -Dicons.step=1 for all, which takes a minute. */
    private static final int STEP = Integer.getInteger("icons.step", 7);

    @ParameterizedTest
    @EnumSource(IconSet.class)
    void outlinesAreWhatTheSvgShows(IconSet set) {
        Icons icons = new BundledIcons().in(set);
        var painter = new PngPainter(new BundledIcons(), Pictures.NONE, Typeface.bundled());
        int seen = 0;
        var wrong = new ArrayList<String>();
        for (String name : icons.all()) {
            for (boolean filled : new boolean[] {false, true}) {
                // A corner of these the other one cuts off; a browser draws it as we do.
                boolean isCut = filled && name.contains("square-rounded");
                boolean isAsked =
                        Math.floorMod(name.hashCode(), STEP) == 0 && !isCut && (!filled || icons.hasFilled(name));
                if (isAsked) {
                    seen++;
                    IconArt art = icons.art(name, filled).orElseThrow();
                    differs(reference(painter, set, name, filled), drawn(art))
                            .ifPresent(where -> wrong.add(art.key() + " at " + where));
                }
            }
        }
        assertEquals(List.of(), wrong);
        assertTrue(seen >= 1500 / STEP, "icons: " + seen);
    }

    private static BufferedImage reference(PngPainter painter, IconSet set, String name, boolean filled) {
        var icon = new SceneNode.Icon("icon", new Box(0, 0, SIDE, SIDE), set, name, filled, Colour.rgb(0));
        return painter.image(new Scene(SIDE, SIDE, Colour.rgb(0xffffff), name, List.of(icon)), 1);
    }

    private static BufferedImage drawn(IconArt art) {
        var image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, SIDE, SIDE);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(SIDE / IconArt.GRID, SIDE / IconArt.GRID);
        graphics.setColor(Color.BLACK);
        Outlines.draw(art, graphics);
        graphics.dispose();
        return image;
    }

    /** Where squares of two pictures differ by more than they may. */
    private static Optional<String> differs(BufferedImage one, BufferedImage other) {
        for (int y = 0; y + SQUARE <= SIDE; y++) {
            for (int x = 0; x + SQUARE <= SIDE; x++) {
                int by = Math.abs(ink(one, x, y) - ink(other, x, y)) / (SQUARE * SQUARE);
                if (by > MOST) {
                    return Optional.of(x + ", " + y + " by " + by);
                }
            }
        }
        return Optional.empty();
    }

    private static int ink(BufferedImage image, int left, int top) {
        int sum = 0;
        for (int i = 0; i < SQUARE * SQUARE; i++) {
            sum += image.getRGB(left + i % SQUARE, top + i / SQUARE) & 255;
        }
        return sum;
    }

    private static List<Outline.Part> parts(String data) {
        return new IconArt("any", false, List.of("<path d=\"" + data + "\"/>"), false, 2)
                .outlines()
                .get(0)
                .outline()
                .parts();
    }

    /** As SVG 1.1, section 8.3.2 asks for what is wrong: it is drawn up to the fault. */
    @Test
    void whatStandsBeforeAFaultIsDrawn() {
        assertEquals(2, parts("M1 2 L3 4 L5 x 6 L7 8").size());
        assertEquals(List.of(), parts("L1 2"));
        assertEquals(List.of(), parts(""));
        assertEquals(new Outline.Line(6, 8), parts("m1 2 5 6").get(1), "more numbers after a move are lines");
        assertEquals(new Outline.Line(-0.5, 0.25), parts("M0 0L-.5.25").get(1), "numbers need no space between");
        assertEquals(new Outline.Line(150, 0), parts("M0,0h1.5e2").get(1));
        assertEquals(1, parts("M0 0 A 1 1 0 2 0 3 3").size(), "a flag is 0 or 1");
    }
}
