package org.yonderarc.sheet;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Pictures of a plan against two axes, with captions. */
public final class Sheet {
    /** More pictures than this are no overview. */
    public static final int MOST = 400;

    static final Colour DESK = Colour.rgb(0xE6ECEE);
    static final Colour INK = Colour.rgb(0x14252B);
    static final Colour QUIET = Colour.rgb(0x4C5C63);
    /** Sheets that would be wider go on below, in dp. */
    private static final double WIDEST = 3200;

    private static final double MARGIN = 40;
    private static final double GAP = 32;
    private static final double HEAD = 72;
    private static final double CAPTION = 36;
    private static final Type TITLE = Type.semibold(24);
    private static final Type LABEL = Type.semibold(15);

    private Sheet() {}

    /**
     * The sheet: a column for each value of {@code across}, a row for each of {@code down}.
     *
     * @throws IllegalArgumentException if it would have more than {@link #MOST} pictures, or one can't be taken
     */
    public static Scene of(Shot base, Axis across, Axis down, TextMeasure measure) {
        int count = across.choices().size() * down.choices().size();
        if (count > MOST) {
            throw new IllegalArgumentException("the sheet would have " + count + " pictures; " + MOST
                    + " are the most. Name fewer values: device=phone,tablet");
        }
        var rows = new ArrayList<List<Scene>>();
        for (Axis.Choice row : down.choices()) {
            rows.add(across.choices().stream()
                    .map(column -> column.apply().apply(row.apply().apply(base)).scene(measure))
                    .collect(toList()));
        }
        String title = base.plan().app().name();
        return laidOut(
                title,
                rows,
                across.choices().stream().map(Axis.Choice::caption).collect(toList()),
                down.choices().stream().map(Axis.Choice::caption).collect(toList()),
                measure);
    }

    /** Pictures in rows, with captions above the columns and beside the rows. */
    static Scene laidOut(
            String title, List<List<Scene>> rows, List<String> columns, List<String> sides, TextMeasure measure) {
        double side = sides.stream()
                .mapToDouble(text -> measure.width(text, LABEL))
                .max()
                .orElse(0);
        double left = MARGIN + (side > 0 ? side + 24 : 0);
        var widths = new double[columns.size()];
        for (List<Scene> row : rows) {
            for (int i = 0; i < row.size(); i++) {
                widths[i] = Math.max(widths[i], Math.max(row.get(i).width(), measure.width(columns.get(i), LABEL)));
            }
        }
        var nodes = new ArrayList<SceneNode>();
        // Above the pictures, whose own ground would hide them.
        var captions = new ArrayList<SceneNode>();
        text(nodes, "title", title, TITLE, MARGIN, MARGIN + 12, measure);
        double y = MARGIN + HEAD;
        double right = MARGIN + measure.width(title, TITLE);
        for (int from = 0; from < widths.length; ) {
            int to = end(widths, from, WIDEST - left - MARGIN);
            double x = left;
            for (int i = from; i < to; i++) {
                double above = x + inset(rows.get(0).get(i));
                text(
                        captions,
                        "column-" + i,
                        columns.get(i),
                        LABEL,
                        above,
                        y - CAPTION / 2 + inset(rows.get(0).get(i)) / 2,
                        measure);
                x += widths[i] + GAP;
            }
            right = Math.max(right, x - GAP);
            for (int r = 0; r < rows.size(); r++) {
                double middle = y + 12 + inset(rows.get(r).get(from));
                text(captions, "row-" + r + "-" + from, sides.get(r), LABEL, MARGIN, middle, measure);
                y = row(nodes, rows.get(r), new Band(r, from, to), widths, left, y) + GAP;
            }
            from = to;
            y += from < widths.length ? CAPTION + GAP : 0;
        }
        nodes.addAll(captions);
        return new Scene(right + MARGIN, y - GAP + MARGIN, DESK, title, nodes);
    }

    /** How far the picture of a device stands within its scene, which holds its shadow too. */
    private static double inset(Scene scene) {
        return scene.background().equals(DESK) ? Frame.MARGIN : 0;
    }

    /** Where a band of columns ends that starts at {@code from}: the others go on below it. */
    private static int end(double[] widths, int from, double room) {
        int to = from + 1;
        double used = widths[from];
        while (to < widths.length && used + GAP + widths[to] <= room) {
            used += GAP + widths[to++];
        }
        return to;
    }

    /** The part of a row from one column to before another. */
    private record Band(int row, int from, int to) {}

    /** The pictures of one row of a band; gives where they end. */
    private static double row(
            List<SceneNode> nodes, List<Scene> row, Band band, double[] widths, double left, double y) {
        double x = left;
        double height = 0;
        for (int i = band.from(); i < band.to(); i++) {
            Scene scene = row.get(i);
            double radius = Math.min(24, scene.height() / 8);
            // A picture on the sheet's own ground, as of a device in its frame, has no edge to show.
            if (!scene.background().equals(DESK)) {
                nodes.add(new SceneNode.Rect(
                        "edge-" + band.row() + "-" + i,
                        new Box(x - 1, y - 1, scene.width() + 2, scene.height() + 2),
                        radius + 1,
                        new Colour(8, 24, 30, 0.14)));
            }
            nodes.add(scene.placed("shot-" + band.row() + "-" + i, x, y, 1, radius));
            x += widths[i] + GAP;
            height = Math.max(height, scene.height());
        }
        return y + height;
    }

    static void text(
            List<SceneNode> nodes, String key, String text, Type type, double x, double middle, TextMeasure measure) {
        nodes.add(new SceneNode.Text(
                key,
                TextLine.of(
                        text, TextLine.Anchor.START, x, type.baselineAround(middle), Double.MAX_VALUE, type, measure),
                type == TITLE ? INK : QUIET));
    }

    /** A note on a sheet. */
    static SceneNode note(String key, String text, double x, double middle, Colour colour, TextMeasure measure) {
        Type type = Type.regular(12);
        return new SceneNode.Text(
                key,
                TextLine.of(text, TextLine.Anchor.START, x, type.baselineAround(middle), 4000, type, measure),
                colour);
    }
}
