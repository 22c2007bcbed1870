package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.plan.Row;
import org.yonderarc.plan.Wireframe;

/** The kinds of sample content. Who adds one writes a class with a method that draws it, and names it here. */
public final class Contents {
    private Contents() {}

    /** Draws rows of one kind of content. */
    @FunctionalInterface
    interface Drawing {
        void draw(List<Row> rows, Canvas art);
    }

    /**
     * One kind of content.
     *
     * @param drawing draws it
     * @param fills whether it fills its screen, however large, and isn't scrolled
     */
    private record Content(Drawing drawing, boolean fills) {
        static Content of(Drawing drawing) {
            return new Content(drawing, false);
        }
    }

    private static Content of(Wireframe.Kind kind) {
        return switch (kind) {
            case EMPTY -> Content.of((rows, art) -> EmptyContent.draw(art));
            case LIST -> Content.of(ListContent::draw);
            case CARDS -> Content.of(PictureContent::cards);
            case GALLERY -> Content.of(PictureContent::gallery);
            case DETAIL -> Content.of(PictureContent::detail);
            case FORM -> Content.of(FormContent::draw);
            case MAP -> new Content(MapContent::draw, true);
            case CHART -> Content.of(ChartContent::draw);
            case CHAT -> Content.of(ChatContent::draw);
            case MEDIA -> Content.of(MediaContent::draw);
        };
    }

    /** Draws a wireframe. */
    public static void draw(Wireframe wireframe, Canvas art) {
        of(wireframe.kind()).drawing().draw(wireframe.rows(), art);
    }

    /** Whether content of this kind fills its screen, however large, and isn't scrolled. */
    public static boolean fills(Wireframe.Kind kind) {
        return of(kind).fills();
    }
}
