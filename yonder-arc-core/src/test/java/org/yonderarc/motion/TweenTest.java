package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.IconSet;
import org.yonderarc.scene.SceneNode;

/** Every kind of node on its way to every other kind. */
class TweenTest {
    private static final Colour RED = Colour.rgb(0xC02030);
    private static final Colour BLUE = Colour.rgb(0x2030C0);

    /** Two of each kind, the second elsewhere, larger and in another colour. */
    private static List<List<SceneNode>> kinds() {
        var here = new Box(10, 10, 20, 20);
        var there = new Box(50, 90, 40, 60);
        return List.of(
                List.of(new SceneNode.Rect("n", here, 4, RED), new SceneNode.Rect("n", there, 20, BLUE)),
                List.of(text("One", here, RED), text("Another", there, BLUE)),
                List.of(
                        new SceneNode.Icon("n", here, IconSet.LINE, "map", false, RED),
                        new SceneNode.Icon("n", there, IconSet.LINE, "book", true, BLUE)),
                List.of(path(here, RED), path(there, BLUE)),
                List.of(
                        new SceneNode.Gradient("n", here, 0, shades(RED, BLUE), 0),
                        new SceneNode.Gradient("n", there, 8, shades(BLUE, RED), 90)),
                List.of(
                        new SceneNode.Picture("n", here, 0, "a.png", SceneNode.Picture.Fit.WHOLE),
                        new SceneNode.Picture("n", there, 8, "b.png", SceneNode.Picture.Fit.COVER)));
    }

    private static SceneNode text(String text, Box box, Colour fill) {
        var line = new TextLine(text, TextLine.Anchor.START, box.x(), box.bottom(), 30, Type.regular(box.width() / 2));
        return new SceneNode.Text("n", line, fill);
    }

    private static SceneNode path(Box box, Colour fill) {
        return new SceneNode.Path("n", Outline.rounded(box, 4), fill, Optional.of(box.width() / 10));
    }

    private static List<SceneNode> at(SceneNode a, SceneNode b, double p) {
        var out = new ArrayList<SceneNode>();
        Tween.node(a, b, p, out);
        return out;
    }

    /** At both ends only the one or the other is seen, whatever the two are; in the middle there is always something. */
    private static List<Fill.Shade> shades(Colour... colours) {
        var shades = new ArrayList<Fill.Shade>();
        for (int i = 0; i < colours.length; i++) {
            shades.add(new Fill.Shade((double) i / (colours.length - 1), colours[i]));
        }
        return shades;
    }

    @Test
    void gradientsWithOtherNumbersOfColoursFadeIntoEachOther() {
        var area = new Box(0, 0, 10, 10);
        var two = new SceneNode.Gradient("n", area, 0, shades(RED, BLUE), 0);
        var three = new SceneNode.Gradient("n", area, 0, shades(RED, RED, BLUE), 0);
        assertEquals(2, at(two, three, 0.5).size());
        assertEquals(1, at(two, two, 0.5).size());
    }

    @Test
    void everyKindBecomesEveryOther() {
        for (List<SceneNode> from : kinds()) {
            for (List<SceneNode> to : kinds()) {
                SceneNode a = from.get(0);
                SceneNode b = to.get(1);
                String what =
                        a.getClass().getSimpleName() + " to " + b.getClass().getSimpleName();
                assertEquals(List.of(kind(a)), seen(at(a, b, 0)), what + " at its start");
                assertEquals(List.of(kind(b)), seen(at(a, b, 1)), what + " at its end");
                assertTrue(at(a, b, 0.4).stream().anyMatch(node -> share(node) > 0.15), what + " on its way");
                for (double p : new double[] {-0.3, 1.4}) {
                    for (SceneNode node : at(a, b, p)) {
                        assertTrue(share(node) >= 0 && share(node) <= 1, what + " at " + p + ": " + node);
                    }
                }
            }
        }
    }

    /** Two words are never printed over each other. */
    @Test
    void oneTextLeavesBeforeTheOtherComes() {
        var box = new Box(10, 10, 20, 20);
        for (double p = 0; p <= 1; p += 0.01) {
            double[] shares = at(text("Tides", box, RED), text("Species", box, RED), p).stream()
                    .mapToDouble(TweenTest::share)
                    .sorted()
                    .toArray();
            assertEquals(0, shares[0], 1e-9, "weaker at " + p);
            assertTrue(shares[1] > 0.3 || Math.abs(p - 0.5) < 0.13, "strongest at " + p + ": " + shares[1]);
            double bolder = at(text("Tides", box, RED), bold("Tides", box), p).stream()
                    .mapToDouble(TweenTest::share)
                    .max()
                    .orElseThrow();
            assertEquals(1, bolder, 1e-9, "a word over itself at " + p);
        }
    }

    private static SceneNode bold(String text, Box box) {
        var line = new TextLine(text, TextLine.Anchor.START, box.x(), box.bottom(), 32, Type.semibold(box.width() / 2));
        return new SceneNode.Text("n", line, RED);
    }

    @Test
    void placesSizesAndRadiiAreHalfWayInTheMiddle() {
        for (List<SceneNode> kind : kinds()) {
            SceneNode middle = at(kind.get(0), kind.get(1), 0.5).get(0);
            if (middle instanceof SceneNode.Rect rect) {
                assertEquals(new Box(30, 50, 30, 40), rect.area());
                assertEquals(12, rect.radius());
            } else if (middle instanceof SceneNode.Gradient gradient) {
                assertEquals(new Box(30, 50, 30, 40), gradient.area());
                assertEquals(45, gradient.angle());
            } else if (middle instanceof SceneNode.Icon icon) {
                assertEquals(new Box(30, 50, 30, 40), icon.area());
            } else if (middle instanceof SceneNode.Text text) {
                assertEquals(15, text.line().type().size());
                assertEquals(90, text.line().baseline());
            } else if (middle instanceof SceneNode.Path path) {
                assertEquals(3, path.stroke().orElseThrow());
            } else {
                assertEquals(new Box(30, 50, 30, 40), ((SceneNode.Picture) middle).area());
            }
        }
    }

    /** A line that lay and now stands would be a slab on its way: it fades into the other. */
    @Test
    void aLineThatTurnsFades() {
        SceneNode lies = new SceneNode.Rect("n", new Box(0, 0, 384, 1), 0, RED);
        SceneNode stands = new SceneNode.Rect("n", new Box(80, 0, 1, 800), 0, RED);
        List<SceneNode> middle = at(lies, stands, 0.5);
        assertEquals(
                List.of(new Box(0, 0, 384, 1), new Box(80, 0, 1, 800)),
                middle.stream().map(node -> ((SceneNode.Rect) node).area()).toList());
    }

    private static List<String> seen(List<SceneNode> nodes) {
        return nodes.stream()
                .filter(node -> share(node) > 0)
                .map(TweenTest::kind)
                .toList();
    }

    /** What a node shows; one that is faded as a whole counts as what it holds. */
    private static String kind(SceneNode node) {
        SceneNode inner =
                node instanceof SceneNode.Group group ? group.children().get(0) : node;
        String what = inner instanceof SceneNode.Text text
                ? text.line().text()
                : inner instanceof SceneNode.Icon icon
                        ? icon.name()
                        : inner instanceof SceneNode.Picture picture ? picture.file() : "";
        return inner.getClass().getSimpleName() + " " + what;
    }

    private static double share(SceneNode node) {
        if (node instanceof SceneNode.Rect rect) {
            return rect.fill().alpha();
        }
        if (node instanceof SceneNode.Text text) {
            return text.fill().alpha();
        }
        if (node instanceof SceneNode.Icon icon) {
            return icon.fill().alpha();
        }
        if (node instanceof SceneNode.Path path) {
            return path.fill().alpha();
        }
        if (node instanceof SceneNode.Gradient gradient) {
            return gradient.shades().get(0).colour().alpha();
        }
        return node instanceof SceneNode.Group group
                ? group.opacity() * share(group.children().get(0))
                : 1;
    }
}
