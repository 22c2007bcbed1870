package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** What tracks show at a time, and whether that is what a scene shows. */
public final class TrackScenes {
    private static final List<Class<? extends Track.Move>> ORDER =
            List.of(Track.Resize.class, Track.Scale.class, Track.Shift.class, Track.Tint.class, Track.Fade.class);

    /** What is seen of a node: where, what, in which colour, how much. */
    private record Seen(Box box, String what, double[] colour) {}

    private TrackScenes() {}

    /** Fails where something is seen otherwise, by more than tracks promise. */
    public static void agree(Scene exact, Scene tracked, String context) {
        Map<String, Seen> ours = seen(exact);
        Map<String, Seen> theirs = seen(tracked);
        assertEquals(ours.keySet(), theirs.keySet(), context);
        ours.forEach((path, one) -> agree(one, theirs.get(path), path + ": " + context));
    }

    private static void agree(Seen exact, Seen told, String context) {
        assertEquals(exact.what(), told.what(), context);
        assertEquals(exact.box().x(), told.box().x(), 0.25, context);
        assertEquals(exact.box().y(), told.box().y(), 0.25, context);
        assertEquals(exact.box().width(), told.box().width(), 0.25, context);
        assertEquals(exact.box().height(), told.box().height(), 0.25, context);
        for (int i = 0; i < exact.colour().length; i++) {
            // The film has whole steps of red, green and blue, and so have tracks here; an opacity has none.
            boolean hasSteps = exact.colour().length > 1 && i < 3;
            double most = (hasSteps ? 1.5 : 1) / 255;
            assertEquals(exact.colour()[i], told.colour()[i], most, context + ", channel " + i);
        }
    }

    /** The scene of tracks after so many ms. */
    public static Scene at(Tracks tracks, double ms) {
        Map<String, List<Track>> byPath = tracks.tracks().stream().collect(Collectors.groupingBy(Track::path));
        Scene scene = tracks.scene();
        return new Scene(
                scene.width(), scene.height(), scene.background(), scene.title(), at(scene.nodes(), "", byPath, ms));
    }

    private static List<SceneNode> at(List<SceneNode> nodes, String above, Map<String, List<Track>> tracks, double ms) {
        var out = new ArrayList<SceneNode>();
        for (SceneNode node : nodes) {
            String path = above + "/" + node.key();
            SceneNode now =
                    node instanceof SceneNode.Group group ? group.with(at(group.children(), path, tracks, ms)) : node;
            // A fade comes last: it is of all that is there.
            List<Track> own = new ArrayList<>(tracks.getOrDefault(path, List.of()));
            own.sort(Comparator.comparing(track -> ORDER.indexOf(track.move().getClass())));
            assertEquals(
                    own.size(),
                    own.stream()
                            .map(track -> track.move().getClass())
                            .distinct()
                            .count(),
                    "one of each kind: " + path);
            for (Track track : own) {
                now = moved(now, track.move(), track.pace().share(ms));
            }
            out.add(now);
        }
        return out;
    }

    private static SceneNode moved(SceneNode node, Track.Move move, double share) {
        double rest = 1 - share;
        if (move instanceof Track.Shift shift) {
            return node.moved(shift.dx() * rest, shift.dy() * rest);
        }
        if (move instanceof Track.Fade fade) {
            return node.faded(Tween.lerp(fade.from(), fade.to(), share));
        }
        if (move instanceof Track.Tint tint) {
            return tinted(node, tint.at(share));
        }
        if (move instanceof Track.Resize size) {
            var rect = (SceneNode.Rect) node;
            Box own = rect.area();
            var area = new Box(
                    own.x(),
                    own.y(),
                    Math.max(0, Tween.lerp(size.width(), own.width(), share)),
                    Math.max(0, Tween.lerp(size.height(), own.height(), share)));
            return new SceneNode.Rect(
                    rect.key(), area, Math.max(0, Tween.lerp(size.radius(), rect.radius(), share)), rect.fill());
        }
        double scale = Tween.lerp(((Track.Scale) move).from(), 1, share);
        if (node instanceof SceneNode.Icon icon) {
            Box own = icon.area();
            var area = new Box(own.x(), own.y(), own.width() * scale, own.height() * scale);
            return new SceneNode.Icon(
                    icon.key(), area, icon.set(), icon.name(), icon.filled(), icon.fill(), icon.flipped(), icon.turn());
        }
        TextLine line = ((SceneNode.Text) node).line();
        var type = new Type(line.type().size() * scale, line.type().weight());
        return new SceneNode.Text(
                node.key(),
                new TextLine(line.text(), TextLine.Anchor.START, line.left(), line.baseline(), line.width(), type),
                ((SceneNode.Text) node).fill());
    }

    private static SceneNode tinted(SceneNode node, Colour colour) {
        if (node instanceof SceneNode.Rect rect) {
            return new SceneNode.Rect(rect.key(), rect.area(), rect.radius(), colour);
        }
        if (node instanceof SceneNode.Text text) {
            return new SceneNode.Text(text.key(), text.line(), colour);
        }
        if (node instanceof SceneNode.Icon icon) {
            return icon.coloured(colour);
        }
        var path = (SceneNode.Path) node;
        return new SceneNode.Path(path.key(), path.outline(), colour, path.stroke());
    }

    private static Map<String, Seen> seen(Scene scene) {
        var out = new TreeMap<String, Seen>();
        scene.nodes().forEach(node -> collect(node, "", out));
        return out;
    }

    private static void collect(SceneNode node, String above, Map<String, Seen> out) {
        String path = above + "/" + node.key();
        Box nothing = new Box(0, 0, 0, 0);
        if (node instanceof SceneNode.Group group) {
            Box area = group.clip().isPresent() ? group.area() : nothing;
            out.put(path, new Seen(area, "group " + group.clip(), new double[] {group.opacity()}));
            group.children().forEach(child -> collect(child, path, out));
        } else if (node instanceof SceneNode.Rect rect) {
            out.put(path, new Seen(rect.area(), "rect", with(channels(rect.fill()), rect.radius() / 255)));
        } else if (node instanceof SceneNode.Text text) {
            var line = text.line();
            var box = new Box(line.left(), line.baseline(), 0, line.type().size());
            out.put(path, new Seen(box, "text " + line.text() + line.type().weight(), channels(text.fill())));
        } else if (node instanceof SceneNode.Icon icon) {
            String what = icon.name() + icon.filled() + icon.flipped() + icon.turn();
            out.put(path, new Seen(icon.area(), what, channels(icon.fill())));
        } else if (node instanceof SceneNode.Path line) {
            out.put(path, new Seen(corners(line.outline()), "path " + line.stroke(), channels(line.fill())));
        } else {
            out.put(path, new Seen(node.box().orElse(nothing), node.getClass().getSimpleName(), new double[0]));
        }
    }

    /** The box around the numbers of an outline. */
    private static Box corners(Outline outline) {
        var xs = new ArrayList<Double>();
        var ys = new ArrayList<Double>();
        outline.mapped(
                x -> {
                    xs.add(x);
                    return x;
                },
                y -> {
                    ys.add(y);
                    return y;
                });
        double left = Collections.min(xs);
        double top = Collections.min(ys);
        return new Box(left, top, Collections.max(xs) - left, Collections.max(ys) - top);
    }

    private static double[] with(double[] channels, double more) {
        double[] out = Arrays.copyOf(channels, channels.length + 1);
        out[channels.length] = more;
        return out;
    }

    private static double[] channels(Colour colour) {
        double alpha = colour.alpha();
        return new double[] {
            colour.red() / 255.0 * alpha, colour.green() / 255.0 * alpha, colour.blue() / 255.0 * alpha, alpha
        };
    }
}
