package org.yonderarc.motion;

import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.yonderarc.motion.FilmPlans.film;
import static org.yonderarc.motion.FilmPlans.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Steps;
import org.yonderarc.walk.Walk;

/** The tracks of a film are the film. */
class TracksTest {
    /** So many random plans, six films of each; more with -Dyonder.films=1000. */
    private static final int FILMS = Integer.getInteger("yonder.films", 40);

    @Test
    void tracksAreTheFilmAtEachTime() {
        var found = new ArrayList<Boolean>();
        FilmPlans.walks(FILMS, (walk, change, context) -> {
            Film film = film(walk, change);
            if (film.duration() > 0) {
                found.add(agree(film, context));
            }
        });
        int tracked = Collections.frequency(found, true);
        // What bends or grows has none, and these plans have much of that.
        assertTrue(tracked * 3 > found.size(), tracked + " of " + found.size() + " have tracks");
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
        tracks.ifPresent(found -> {
            for (int i = 1; i < 40; i++) {
                double ms = film.duration() * i / 40;
                TrackScenes.agree(film.at(ms), TrackScenes.at(found, ms), context + ", " + ms);
            }
        });
        return tracks.isPresent();
    }
}
