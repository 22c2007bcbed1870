package org.yonderarc.android;

import android.graphics.Canvas;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.yonderarc.layout.Box;
import org.yonderarc.motion.Track;
import org.yonderarc.motion.Tracks;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Layer;
import org.yonderarc.stage.Surface;

/** A part of what is shown, painted in order. */
abstract class Piece {
    /** The app's own views, as pieces know them. */
    interface Views {
        /** Takes a view to where a surface is. */
        void stand(Surface surface);

        /** Draws the view of a surface; the canvas has pixels as its units, and the origin of the host. */
        void draw(Canvas canvas, Surface surface);
    }

    /** The time of the film, in ms. */
    private double now;

    /** Takes it to a time of the film, in ms. */
    void advance(double ms) {
        now = ms;
    }

    /** The time of the film that it was taken to, in ms. */
    final double now() {
        return now;
    }

    /**
     * Paints it.
     *
     * @param canvas its units are dp
     * @param density pixels for each dp
     */
    abstract void draw(Canvas canvas, double density);

    /** What doesn't move for now: painted once. */
    static List<Piece> resting(List<Layer> layers, ScenePainter painter, Views views) {
        var out = new ArrayList<Piece>();
        for (Layer layer : layers) {
            out.add(
                    layer instanceof Layer.Content content
                            ? new Own(content.surface(), Map.of(), views)
                            : new Still(Recording.of(painter, ((Layer.Painted) layer).nodes())));
        }
        return out;
    }

    /** One frame of what moves: there will be another. */
    static List<Piece> moving(List<Layer> layers, ScenePainter painter, Views views) {
        var out = new ArrayList<Piece>();
        for (Layer layer : layers) {
            out.add(
                    layer instanceof Layer.Content content
                            ? new Own(content.surface(), Map.of(), views)
                            : new Frame(painter, ((Layer.Painted) layer).nodes()));
        }
        return out;
    }

    /** A film: what doesn't move in it is painted once. */
    static List<Piece> film(List<Layer> layers, Tracks tracks, ScenePainter painter, Views views) {
        var moves = new HashMap<String, Moves>();
        for (Track track : tracks.tracks()) {
            moves.computeIfAbsent(track.path(), path -> new Moves()).add(track);
        }
        // The paths of what moves, and of the groups in which something does.
        var stirred = new HashSet<String>();
        for (String path : moves.keySet()) {
            for (int end = path.length(); end > 0; end = path.lastIndexOf('/', end - 1)) {
                stirred.add(path.substring(0, end));
            }
        }
        var out = new ArrayList<Piece>();
        for (Layer layer : layers) {
            if (layer instanceof Layer.Content content) {
                out.add(new Own(content.surface(), moves, views));
            } else {
                film(((Layer.Painted) layer).nodes(), "", moves, stirred, painter, out);
            }
        }
        return out;
    }

    private static void film(
            List<SceneNode> nodes,
            String above,
            Map<String, Moves> moves,
            Set<String> stirred,
            ScenePainter painter,
            List<Piece> out) {
        var still = new ArrayList<SceneNode>();
        for (SceneNode node : nodes) {
            String path = above + "/" + node.key();
            if (!stirred.contains(path)) {
                still.add(node);
                continue;
            }
            Moves own = moves.getOrDefault(path, new Moves());
            flush(still, painter, out);
            if (node instanceof SceneNode.Group group) {
                var inner = new ArrayList<Piece>();
                film(group.children(), path, moves, stirred, painter, inner);
                out.add(new Moved(group, own, inner));
            } else {
                out.add(new Leaf(node, own, painter));
            }
        }
        flush(still, painter, out);
    }

    private static void flush(List<SceneNode> still, ScenePainter painter, List<Piece> out) {
        if (!still.isEmpty()) {
            out.add(new Still(Recording.of(painter, List.copyOf(still))));
            still.clear();
        }
    }

    /** How one node moves. */
    private static final class Moves {
        private @Nullable Track shift;
        private @Nullable Track fade;
        private @Nullable Track tint;
        private @Nullable Track size;

        void add(Track track) {
            if (track.move() instanceof Track.Shift) {
                shift = track;
            } else if (track.move() instanceof Track.Fade) {
                fade = track;
            } else if (track.move() instanceof Track.Tint) {
                tint = track;
            } else {
                size = track;
            }
        }

        double dx(double ms) {
            return shift == null
                    ? 0
                    : ((Track.Shift) shift.move()).dx() * (1 - shift.pace().share(ms));
        }

        double dy(double ms) {
            return shift == null
                    ? 0
                    : ((Track.Shift) shift.move()).dy() * (1 - shift.pace().share(ms));
        }

        double opacity(double ms) {
            if (fade == null) {
                return 1;
            }
            var move = (Track.Fade) fade.move();
            return Math.max(
                    0,
                    Math.min(
                            1,
                            move.from()
                                    + (move.to() - move.from()) * fade.pace().share(ms)));
        }

        /** A leaf in the size and the colour that it has at a time. */
        SceneNode at(SceneNode leaf, double ms) {
            SceneNode sized =
                    size == null ? leaf : sized(leaf, size.move(), size.pace().share(ms));
            return tint == null
                    ? sized
                    : coloured(sized, ((Track.Tint) tint.move()).at(tint.pace().share(ms)));
        }

        private static SceneNode sized(SceneNode leaf, Track.Move move, double share) {
            double rest = 1 - share;
            if (move instanceof Track.Resize from && leaf instanceof SceneNode.Rect rect) {
                Box to = rect.area();
                var box = new Box(
                        to.x(),
                        to.y(),
                        Math.max(0, from.width() * rest + to.width() * share),
                        Math.max(0, from.height() * rest + to.height() * share));
                double radius = Math.max(0, from.radius() * rest + rect.radius() * share);
                return new SceneNode.Rect(rect.key(), box, radius, rect.fill());
            }
            double scale = ((Track.Scale) move).from() * rest + share;
            double x = leaf instanceof SceneNode.Text text
                    ? text.line().left()
                    : leaf.box().orElseThrow().x();
            double y = leaf instanceof SceneNode.Text text
                    ? text.line().baseline()
                    : leaf.box().orElseThrow().y();
            return leaf.through(new org.yonderarc.scene.Shift(false, scale, x * (1 - scale), y * (1 - scale)));
        }

        private static SceneNode coloured(SceneNode leaf, Colour colour) {
            if (leaf instanceof SceneNode.Rect rect) {
                return new SceneNode.Rect(rect.key(), rect.area(), rect.radius(), colour);
            }
            if (leaf instanceof SceneNode.Text text) {
                return new SceneNode.Text(text.key(), text.line(), colour);
            }
            if (leaf instanceof SceneNode.Icon icon) {
                return icon.coloured(colour);
            }
            var path = (SceneNode.Path) leaf;
            return new SceneNode.Path(path.key(), path.outline(), colour, path.stroke());
        }
    }

    private static final class Still extends Piece {
        private final Recording recording;

        Still(Recording recording) {
            this.recording = recording;
        }

        @Override
        void draw(Canvas canvas, double density) {
            recording.draw(canvas);
        }
    }

    private static final class Frame extends Piece {
        private final ScenePainter painter;
        private final List<SceneNode> nodes;

        Frame(ScenePainter painter, List<SceneNode> nodes) {
            this.painter = painter;
            this.nodes = nodes;
        }

        @Override
        void draw(Canvas canvas, double density) {
            painter.paint(nodes, canvas);
        }
    }

    /** A group that moves, or in which something does. */
    private static final class Moved extends Piece {
        private final SceneNode.Group group;
        private final Moves moves;
        private final List<Piece> inner;

        Moved(SceneNode.Group group, Moves moves, List<Piece> inner) {
            this.group = group;
            this.moves = moves;
            this.inner = inner;
        }

        @Override
        void advance(double ms) {
            super.advance(ms);
            inner.forEach(piece -> piece.advance(ms));
        }

        @Override
        void draw(Canvas canvas, double density) {
            double opacity = group.opacity() * moves.opacity(now());
            if (opacity <= 0) {
                return;
            }
            int before = canvas.save();
            canvas.translate((float) moves.dx(now()), (float) moves.dy(now()));
            group.clip().ifPresent(radius -> ScenePainter.clip(canvas, group.area(), radius));
            if (opacity < 1) {
                ScenePainter.layer(canvas, opacity);
            }
            for (Piece piece : inner) {
                piece.draw(canvas, density);
            }
            canvas.restoreToCount(before);
        }
    }

    /** A rectangle, a text, an icon, a path or a picture that moves, or changes its size or its colour. */
    private static final class Leaf extends Piece {
        private final SceneNode leaf;
        private final Moves moves;
        private final ScenePainter painter;

        Leaf(SceneNode leaf, Moves moves, ScenePainter painter) {
            this.leaf = leaf;
            this.moves = moves;
            this.painter = painter;
        }

        @Override
        void draw(Canvas canvas, double density) {
            double opacity = moves.opacity(now());
            int before = canvas.save();
            canvas.translate((float) moves.dx(now()), (float) moves.dy(now()));
            painter.paint(moves.at(leaf, now()).faded(opacity), canvas);
            canvas.restoreToCount(before);
        }
    }

    /** An app's own view. */
    private static final class Own extends Piece {
        private final Surface end;
        private final Map<String, Moves> moves;
        private final Views views;
        private Surface surface;

        Own(Surface surface, Map<String, Moves> moves, Views views) {
            this.end = surface;
            this.surface = surface;
            this.moves = moves;
            this.views = views;
        }

        @Override
        void advance(double ms) {
            if (!moves.isEmpty()) {
                var clips = new ArrayList<Surface.Clip>();
                for (Surface.Clip clip : end.clips()) {
                    clips.add(new Surface.Clip(clip.path(), moved(clip.box(), clip.path(), ms), clip.radius()));
                }
                surface = new Surface(
                        end.place(),
                        end.path(),
                        moved(end.box(), end.path(), ms),
                        clips,
                        end.opacity() * opacity(ms),
                        end.takesInput());
            }
            views.stand(surface);
        }

        /** Moved with all groups around. */
        private Box moved(Box box, String path, double ms) {
            double dx = 0;
            double dy = 0;
            for (int end = path.length(); end > 0; end = path.lastIndexOf('/', end - 1)) {
                Moves own = moves.get(path.substring(0, end));
                if (own != null) {
                    dx += own.dx(ms);
                    dy += own.dy(ms);
                }
            }
            return new Box(box.x() + dx, box.y() + dy, box.width(), box.height());
        }

        private double opacity(double ms) {
            double opacity = 1;
            String path = end.path();
            for (int at = path.length(); at > 0; at = path.lastIndexOf('/', at - 1)) {
                Moves own = moves.get(path.substring(0, at));
                opacity *= own == null ? 1 : own.opacity(ms);
            }
            return opacity;
        }

        @Override
        void draw(Canvas canvas, double density) {
            if (surface.opacity() <= 0) {
                return;
            }
            int before = canvas.save();
            for (Surface.Clip clip : surface.clips()) {
                ScenePainter.clip(canvas, clip.box(), clip.radius());
            }
            canvas.scale((float) (1 / density), (float) (1 / density));
            views.draw(canvas, surface);
            canvas.restoreToCount(before);
        }
    }
}
