package org.yonderarc.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.yonderarc.fit.FittedContent;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.plan.Wireframe;

/** Sample content: on narrow and wide screens, with rows and without. */
class SampleContentTest {
    private static Canvas drawn(FittedContent wireframe, double width, double height) {
        var area = new Box(0, 0, Math.min(width, Contents.widest(wireframe.kind())), height);
        var canvas = new Canvas(area, Palette.of(Theme.DEFAULT, Scheme.LIGHT), new PlainMeasure(), 1, IconSet.LINE);
        Contents.draw(wireframe, canvas);
        return canvas;
    }

    private static Stream<Box> rows(Canvas canvas) {
        return canvas.nodes().stream()
                .filter(node -> node instanceof SceneNode.Group group && group.part() instanceof Part.Row)
                .map(node -> ((SceneNode.Group) node).area());
    }

    private static FittedContent of(Wireframe.Kind kind, int count) {
        return new FittedContent(
                kind,
                IntStream.range(0, count)
                        .mapToObj(i -> new FittedRow(
                                "Row " + i, "What is said of it", "", "Row " + i, Optional.empty(), Optional.empty()))
                        .toList());
    }

    @ParameterizedTest
    @EnumSource(Wireframe.Kind.class)
    void withoutRowsSomethingIsShownAndNothingReachesBeyondTheScreen(Wireframe.Kind kind) {
        for (double width : new double[] {320, 412, 800, 1280}) {
            Canvas canvas = drawn(of(kind, 0), width, 700);
            assertTrue(!canvas.nodes().isEmpty(), kind.name());
            canvas.nodes().stream().flatMap(node -> node.box().stream()).forEach(box -> {
                assertTrue(box.width() >= 0 && box.height() >= 0, kind + " " + box);
                assertTrue(
                        box.x() >= -4 && box.right() <= canvas.area().right() + 4, kind + " at " + width + ": " + box);
            });
        }
    }

    @Test
    void onWideScreensCardsStandInColumnsAndAListBesideTheFirstOfItsThings() {
        assertEquals(
                1,
                rows(drawn(of(Wireframe.Kind.CARDS, 6), 412, 900))
                        .map(Box::x)
                        .distinct()
                        .count());
        assertEquals(
                2,
                rows(drawn(of(Wireframe.Kind.CARDS, 6), 800, 900))
                        .map(Box::x)
                        .distinct()
                        .count());
        assertEquals(
                3,
                rows(drawn(of(Wireframe.Kind.CARDS, 6), 1280, 900))
                        .map(Box::x)
                        .distinct()
                        .count());
        Canvas narrow = drawn(of(Wireframe.Kind.LIST, 4), 800, 900);
        assertTrue(rows(narrow).allMatch(box -> box.width() > 700));
        Canvas wide = drawn(of(Wireframe.Kind.LIST, 4), 1280, 900);
        double end = rows(wide).mapToDouble(Box::right).max().orElseThrow();
        assertTrue(end < 440, "the list is as wide as on a phone");
        assertTrue(wide.nodes().stream()
                .anyMatch(node -> node instanceof SceneNode.Text text
                        && text.key().equals("detail-title")
                        && text.line().text().equals("Row 0")
                        && text.line().left() > end));
    }

    @Test
    void linesOfTextStayReadableOnAnyScreen() {
        assertEquals(760, Contents.widest(Wireframe.Kind.DETAIL));
        assertTrue(Contents.widest(Wireframe.Kind.GALLERY) > 1000);
    }
}
