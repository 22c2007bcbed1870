package org.yonderarc.stage;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yonderarc.motion.Drag;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.motion.Swipe;
import org.yonderarc.scene.Scene;
import org.yonderarc.walk.Step;

/** What is shown at a time: a scene at rest, a film, a swipe that a finger holds, or one that it let go. */
final class Playback {
    private Scene shown;
    private Optional<Film> film = Optional.empty();
    /** The tracks of the film; null until somebody asks. */
    private @Nullable Optional<RunningTracks> running;

    private Optional<Swipe> swipe = Optional.empty();
    private Optional<Drag.Release> release = Optional.empty();
    private double start;
    private boolean isPulled;

    Playback(Scene first) {
        shown = first;
    }

    Scene shown() {
        return shown;
    }

    /** Whether nothing moves and nobody holds anything. */
    boolean rests() {
        return film.isEmpty() && swipe.isEmpty();
    }

    boolean isHeld() {
        return swipe.isPresent();
    }

    /** Whether it goes on without anybody: a film, or a swipe that was let go. */
    boolean runs() {
        return film.isPresent() || release.isPresent();
    }

    /** Whether a swipe was pulled on since the last frame. */
    boolean isPulled() {
        return isPulled;
    }

    /** The film that runs, as tracks; no value where none runs, or where it has none. */
    Optional<RunningTracks> tracks() {
        if (film.isEmpty()) {
            return Optional.empty();
        }
        if (running == null) {
            running = film.get().tracks().map(tracks -> new RunningTracks(tracks, start));
        }
        return running;
    }

    /** When it will rest. */
    double until() {
        return start
                + release.map(Drag.Release::duration)
                        .or(() -> film.map(Film::duration))
                        .orElse(0.0);
    }

    /** Shows a scene at once. */
    void settle(Scene scene) {
        film = Optional.empty();
        swipe = Optional.empty();
        release = Optional.empty();
        shown = scene;
    }

    /** Plays a film to a scene; what is under way goes on into it. */
    void play(Scene to, Score score, double now) {
        boolean sameSize = shown.width() == to.width() && shown.height() == to.height();
        Film next = film.filter(running -> sameSize)
                .map(running -> running.interrupted(now - start, to, score))
                .orElseGet(() -> Film.of(shown, to, score));
        swipe = Optional.empty();
        release = Optional.empty();
        if (next.duration() == 0) {
            settle(to);
            return;
        }
        film = Optional.of(next);
        running = null;
        start = now;
    }

    void hold(Swipe begun) {
        film = Optional.empty();
        release = Optional.empty();
        swipe = Optional.of(begun);
    }

    void move(double dx) {
        swipe.filter(any -> release.isEmpty()).ifPresent(held -> {
            shown = held.move(dx);
            isPulled = true;
        });
    }

    /** Takes what is held to a share of its way. */
    void pull(double share) {
        swipe.filter(any -> release.isEmpty()).ifPresent(held -> {
            shown = held.at(share);
            isPulled = true;
        });
    }

    /** Takes what is held on to its end. */
    void goOn(double now) {
        release = swipe.map(Swipe::goOn);
        start = now;
    }

    void letGo(double velocity, double now) {
        release = swipe.map(held -> held.release(velocity));
        start = now;
    }

    /** Nobody holds a swipe any more: what it showed is where the next film starts. */
    void drop() {
        swipe = Optional.empty();
        release = Optional.empty();
    }

    /** Takes a swipe back to where it began. */
    void giveUp(double now) {
        release = swipe.map(Swipe::giveUp);
        start = now;
    }

    /** Takes a swipe that was let go to its end at once; gives its step, where it goes on to it. */
    Optional<Step> arrive() {
        if (release.isEmpty()) {
            return Optional.empty();
        }
        Swipe held = swipe.orElseThrow();
        boolean goes = release.get().goes();
        shown = held.at(goes ? 1 : 0);
        swipe = Optional.empty();
        release = Optional.empty();
        return goes ? Optional.of(held.step()) : Optional.empty();
    }

    /** Goes on to a time; gives the step of a swipe that has come to its end. */
    Optional<Step> advance(double now) {
        isPulled = false;
        double ms = Math.max(0, now - start);
        if (release.isPresent()) {
            Drag.Release going = release.get();
            if (ms < going.duration()) {
                shown = swipe.orElseThrow().at(going.share().applyAsDouble(ms));
                return Optional.empty();
            }
            return arrive();
        }
        if (film.isPresent()) {
            Film running = film.get();
            shown = running.at(ms);
            if (ms >= running.duration()) {
                film = Optional.empty();
            }
        }
        return Optional.empty();
    }
}
