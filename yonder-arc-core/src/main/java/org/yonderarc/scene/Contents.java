package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.fit.FittedContent;
import org.yonderarc.fit.FittedRow;
import org.yonderarc.plan.Wireframe;

/** The kinds of sample content. Who adds one writes a class with a method that draws it, and names it here. */
public final class Contents {
    /** Wider lines of text are hard to read. */
    private static final double READABLE = 760;
    /** Content in columns. */
    private static final double WIDE = 1180;

    private Contents() {}

    /** Draws rows of one kind of content. */
    @FunctionalInterface
    interface Drawing {
        void draw(List<FittedRow> rows, Canvas art);
    }

    /**
     * One kind of content.
     *
     * @param drawing draws it
     * @param fills whether it fills its screen, however large, and isn't scrolled
     * @param widest how wide it is at most, in dp; on wider screens it is centred
     */
    private record Content(Drawing drawing, boolean fills, double widest) {
        static Content of(Drawing drawing) {
            return upTo(READABLE, drawing);
        }

        static Content upTo(double widest, Drawing drawing) {
            return new Content(drawing, false, widest);
        }
    }

    private static Content of(Wireframe.Kind kind) {
        return switch (kind) {
            case EMPTY -> Content.of((rows, art) -> EmptyContent.draw(art));
            case LIST -> Content.upTo(WIDE, ListContent::draw);
            case CARDS -> Content.upTo(WIDE, PictureContent::cards);
            case GALLERY -> Content.upTo(WIDE, PictureContent::gallery);
            case DETAIL -> Content.of(PictureContent::detail);
            case FORM -> Content.of(FormContent::draw);
            case MAP -> new Content(MapContent::draw, true, Double.MAX_VALUE);
            case CHART -> Content.upTo(WIDE, ChartContent::draw);
            case CHAT -> Content.of(ChatContent::draw);
            case MEDIA -> Content.of(MediaContent::draw);
        };
    }

    /** In a narrower room no sample content is drawn, in dp. */
    public static final double NARROWEST = 96;

    /** Draws sample content. */
    public static void draw(FittedContent content, Canvas art) {
        of(content.kind()).drawing().draw(content.rows(), art);
    }

    /** How wide content of this kind is at most, in dp. */
    public static double widest(Wireframe.Kind kind) {
        return of(kind).widest();
    }

    /** Whether content of this kind fills its screen, however large, and isn't scrolled. */
    public static boolean fills(Wireframe.Kind kind) {
        return of(kind).fills();
    }
}
