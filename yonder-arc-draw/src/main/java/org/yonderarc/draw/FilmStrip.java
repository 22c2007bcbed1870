package org.yonderarc.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.motion.Film;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** A film on paper: frames with their times, and the way of the mark over the time below them. */
public final class FilmStrip {
    private static final double MARGIN = 32;
    private static final double GAP = 20;
    private static final double FRAME = 220;
    private static final double GRAPH = 120;
    private static final Colour DESK = Colour.rgb(0xE6ECEE);
    private static final Colour INK = Colour.rgb(0x14252B);
    private static final Colour QUIET = Colour.rgb(0x4C5C63);
    private static final Colour ACCENT = Colour.rgb(0x0A6C74);
    private static final Type TIME = Type.semibold(13);
    private static final Type NOTE = Type.regular(12);

    private FilmStrip() {}

    /** The strip of a film with so many frames, the first and the last included. */
    public static Scene of(Film film, int frames, TextMeasure measure) {
        var nodes = new ArrayList<SceneNode>();
        Scene first = film.at(0);
        Scene last = film.last();
        double wide = Math.max(first.width(), last.width());
        double frame = Math.min(2 * FRAME, FRAME * Math.max(1, wide / 500));
        double scale = frame / wide;
        double height = Math.max(first.height(), last.height()) * scale;
        double y = MARGIN + 28;
        for (int i = 0; i < frames; i++) {
            double ms = film.duration() * i / (frames - 1);
            double x = MARGIN + i * (frame + GAP);
            Scene shown = film.at(ms);
            text(nodes, "time-" + i, Math.round(ms) + " ms", TIME, x, MARGIN + 8, INK, measure);
            nodes.add(new SceneNode.Rect(
                    "edge-" + i,
                    new Box(x - 1, y - 1, shown.width() * scale + 2, shown.height() * scale + 2),
                    15,
                    new Colour(8, 24, 30, 0.16)));
            nodes.add(shown.placed("frame-" + i, x, y, scale, 14));
        }
        double width = 2 * MARGIN + frames * frame + (frames - 1) * GAP;
        double bottom = y + height + 28;
        boolean drawn = graph(film, new Box(MARGIN, bottom, width - 2 * MARGIN, GRAPH), nodes, measure);
        return new Scene(width, bottom + (drawn ? GRAPH + MARGIN : 0), DESK, "A film, frame by frame", nodes);
    }

    /** What moves, drawn over the time: the drawer or the page beside it, else the mark, else the screen. */
    private static boolean graph(Film film, Box box, List<SceneNode> nodes, TextMeasure measure) {
        for (Traced traced : Traced.values()) {
            List<Point> way = way(film, traced);
            boolean isDown = range(way, Point::y) > range(way, Point::x);
            ToDoubleFunction<Point> of = isDown ? Point::y : Point::x;
            double least = way.stream().mapToDouble(of).min().orElse(0);
            double most = least + range(way, of);
            if (way.size() > 2 && most - least > 0.5) {
                nodes.add(new SceneNode.Rect("graph", box, 12, Colour.rgb(0xFFFFFF)));
                var parts = new ArrayList<Outline.Part>();
                for (Point point : way) {
                    double x = box.x() + 16 + (box.width() - 32) * point.ms() / film.duration();
                    double y = box.bottom()
                            - 20
                            - (box.height() - 56) * (of.applyAsDouble(point) - least) / (most - least);
                    parts.add(parts.isEmpty() ? new Outline.Move(x, y) : new Outline.Line(x, y));
                }
                nodes.add(new SceneNode.Path("way", new Outline(parts), ACCENT, Optional.of(2.0)));
                String what = traced.words;
                text(
                        nodes,
                        "way-name",
                        what + (isDown ? " from top to bottom" : " from left to right") + " over the time, "
                                + Math.round(least) + " to " + Math.round(most)
                                + " dp",
                        NOTE,
                        box.x() + 16,
                        box.y() + 18,
                        QUIET,
                        measure);
                return true;
            }
        }
        return false;
    }

    /** Where the middle of something is at a time. */
    private record Point(double ms, double x, double y) {}

    private static double range(List<Point> way, ToDoubleFunction<Point> of) {
        double least = way.stream().mapToDouble(of).min().orElse(0);
        return way.stream().mapToDouble(of).max().orElse(0) - least;
    }

    private static List<Point> way(Film film, Traced traced) {
        var way = new ArrayList<Point>();
        Optional<Part> arriving = film.last().screen().map(SceneNode.Group::part);
        Optional<Part> bar = traced == Traced.MARK ? marked(film) : Optional.empty();
        if (traced == Traced.MARK && bar.isEmpty()) {
            return way;
        }
        int points = 120;
        for (int i = 0; i <= points; i++) {
            double ms = film.duration() * i / points;
            Scene scene = film.at(ms);
            bar.map(part -> mark(scene, part))
                    .orElseGet(() -> scene.first(part -> traced.is(part, arriving)))
                    .map(SceneNode.Group::area)
                    .ifPresent(box -> way.add(new Point(ms, box.centerX(), box.centerY())));
        }
        return way;
    }

    /** The bar in which a mark goes from one place to another: others come and go with their marks. */
    private static Optional<Part> marked(Film film) {
        Scene first = film.at(0);
        var found = new ArrayList<Part>();
        first.first(part -> {
            Optional<Box> from = part instanceof Part.Bar ? place(first, part) : Optional.empty();
            Optional<Box> to = from.flatMap(any -> place(film.last(), part));
            if (to.isPresent() && !to.equals(from)) {
                found.add(part);
            }
            return false;
        });
        return found.stream().findFirst();
    }

    private static Optional<Box> place(Scene scene, Part bar) {
        return mark(scene, bar).map(SceneNode.Group::area);
    }

    private static Optional<SceneNode.Group> mark(Scene scene, Part bar) {
        return scene.first(bar).flatMap(FilmStrip::mark);
    }

    private static Optional<SceneNode.Group> mark(SceneNode.Group group) {
        return group.part() == Part.Plain.MARK
                ? Optional.of(group)
                : group.groups().stream().flatMap(inner -> mark(inner).stream()).findFirst();
    }

    /** What is traced over the time: the first of these that moves. */
    private enum Traced {
        DRAWER("The middle of the drawer"),
        PAGE("The middle of the page"),
        MARK("The mark's middle"),
        SCREEN("The new screen's middle");

        private final String words;

        Traced(String words) {
            this.words = words;
        }

        private boolean is(Part part, Optional<Part> arriving) {
            return switch (this) {
                case MARK -> part == Part.Plain.MARK;
                case DRAWER -> part instanceof Part.Bar bar && bar.tempo() == Part.Tempo.DRAWERS;
                case PAGE -> part == Part.Plain.PAGE;
                case SCREEN -> arriving.filter(part::equals).isPresent();
            };
        }
    }

    private static void text(
            List<SceneNode> nodes,
            String key,
            String text,
            Type type,
            double x,
            double middle,
            Colour colour,
            TextMeasure measure) {
        nodes.add(new SceneNode.Text(
                key,
                TextLine.of(text, TextLine.Anchor.START, x, type.baselineAround(middle), 4000, type, measure),
                colour));
    }
}
