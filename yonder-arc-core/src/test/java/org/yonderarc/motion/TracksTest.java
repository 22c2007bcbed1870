package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.motion.FilmPlans.film;
import static org.yonderarc.motion.FilmPlans.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The tracks of a film are the film. */
class TracksTest {
    private static final List<Class<? extends Track.Move>> ORDER =
            List.of(Track.Resize.class, Track.Scale.class, Track.Shift.class, Track.Tint.class, Track.Fade.class);
    /** So many random plans, six films of each; more with -Dyonder.films=1000. */
    private static final int FILMS = Integer.getInteger("yonder.films", 40);

    /** What is seen of a node: where, what, in which colour, how much. */
    private record Seen(Box box, String what, double[] colour) {}

    @Test
    void tracksAreTheFilmAtEachTime() {
        int tracked = 0;
        int all = 0;
        for (int seed = 0; seed < FILMS; seed++) {
            var random = new Random(seed);
            Walk walk = Walk.of(plan(random, false));
            State state = walk.start();
            for (int i = 0; i < 6; i++) {
                String step = FilmPlans.STEPS.get(random.nextInt(FilmPlans.STEPS.size()));
                Change change = walk.step(state, Steps.parse(walk.plan(), step));
                state = change.after();
                Film film = film(walk, change);
                if (film.duration() > 0) {
                    all++;
                    tracked += agree(film, "seed " + seed + ", " + step) ? 1 : 0;
                }
            }
        }
        // What bends, grows out of something or lies over a notch isn't; these plans have much of that.
        assertTrue(tracked * 3 > all, tracked + " of " + all + " have tracks");
    }

    @Test
    void aFadeForLessMotionHasTracks() {
        Walk walk = Walk.of(plan(new Random(5), false));
        Change change = walk.step(walk.start(), Steps.parse(walk.plan(), "choose:c"));
        var less = new Score(Passage.of(walk, change), walk.plan().motion(), true, false, Optional.empty());
        Film film = Film.of(FilmPlans.scene(walk, change.before()), FilmPlans.scene(walk, change.after()), less);
        assertTrue(agree(film, "less motion"));
    }

    @Test
    void aFilmThatInterruptsOneHasTracksWhereNothingMovedInThat() {
        Walk walk = Walk.of(plan(new Random(2), false));
        Scene start = FilmPlans.scene(walk, walk.start());
        var pressed = new ArrayList<SceneNode>(start.nodes());
        pressed.add(new SceneNode.Rect("press", new Box(10, 10, 20, 20), 4, new Colour(9, 9, 9, 1)));
        var moved = new ArrayList<SceneNode>(start.nodes());
        moved.replaceAll(node -> node.moved(40, 0));
        Score score = Score.of(Optional.empty(), walk.plan().motion());
        Film press = Film.of(start, with(start, pressed), score);
        Film move = Film.of(start, with(start, moved), score);
        assertTrue(agree(press.interrupted(press.duration() / 3, start, score), "pressed"));
        assertTrue(move.interrupted(move.duration() / 3, start, score).tracks().isEmpty());
    }

    private static Scene with(Scene scene, List<SceneNode> nodes) {
        return new Scene(scene.width(), scene.height(), scene.background(), scene.title(), nodes);
    }

    /** Whether a film has tracks; they are the film. */
    private static boolean agree(Film film, String context) {
        Optional<Tracks> tracks = film.tracks();
        tracks.ifPresent(told -> agree(film, told, context));
        return tracks.isPresent();
    }

    private static void agree(Film film, Tracks tracks, String context) {
        for (int i = 1; i < 40; i++) {
            double ms = film.duration() * i / 40;
            Map<String, Seen> exact = seen(film.at(ms));
            Map<String, Seen> told = seen(at(tracks, ms));
            assertEquals(exact.keySet(), told.keySet(), context + ", " + ms);
            exact.forEach((path, one) -> agree(one, told.get(path), path + " at " + ms + ": " + context));
        }
    }

    private static void agree(Seen exact, Seen told, String context) {
        assertEquals(exact.what(), told.what(), context);
        assertEquals(exact.box().x(), told.box().x(), 0.25, context);
        assertEquals(exact.box().y(), told.box().y(), 0.25, context);
        assertEquals(exact.box().width(), told.box().width(), 0.25, context);
        assertEquals(exact.box().height(), told.box().height(), 0.25, context);
        for (int i = 0; i < exact.colour().length; i++) {
            // The film itself has whole steps of a colour.
            assertEquals(exact.colour()[i], told.colour()[i], 1.5 / 255, context + ", channel " + i);
        }
    }

    private static Scene at(Tracks tracks, double ms) {
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
                    icon.key(), area, icon.name(), icon.filled(), icon.fill(), icon.flipped(), icon.turn());
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
            return new SceneNode.Icon(
                    icon.key(), icon.area(), icon.name(), icon.filled(), colour, icon.flipped(), icon.turn());
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
