package org.yonderarc.tasks;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CancellationException;
import org.yonderarc.draw.FilmStrip;
import org.yonderarc.draw.GifWriter;
import org.yonderarc.draw.Studio;
import org.yonderarc.fit.Interaction;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Motion;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** A film of what a step changes, of an item that is touched, or of another device that takes over. Its summary says what was filmed, and how many ms it takes. */
public final class FilmTask implements Task<Artifact> {
    private final ViewOptions view;
    private final List<String> steps;
    private final Optional<String> turn;
    private final Format format;
    private final int frames;
    private final boolean reduced;
    private final double scale;

    private FilmTask(Builder set) {
        view = set.view;
        steps = set.steps;
        turn = set.turn;
        format = set.format;
        frames = set.frames;
        reduced = set.reduced;
        scale = set.scale.orElse(1);
        if (set.scale.isPresent() && format == Format.SVG) {
            throw PictureOptions.noPixels();
        }
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private ViewOptions view = ViewOptions.DEFAULT;
        private List<String> steps = List.of();
        private Optional<String> turn = Optional.empty();
        private Format format = Format.GIF;
        private int frames = 6;
        private boolean reduced;
        private OptionalDouble scale = OptionalDouble.empty();

        private Builder() {}

        /** What is shown, and on what device. */
        public Builder view(ViewOptions value) {
            view = value;
            return this;
        }

        /** What is done, in order, each as text; the last one is filmed. */
        public Builder steps(List<String> values) {
            steps = List.copyOf(values);
            return this;
        }

        /** Films how another device, or a window of another size, takes over instead of a step. */
        public Builder turn(String device) {
            turn = Optional.of(device);
            return this;
        }

        /** An animation ({@link Format#GIF}), or a strip of frames with times ({@link Format#PNG} or {@link Format#SVG}). Default: GIF. */
        public Builder format(Format value) {
            format = value;
            return this;
        }

        /**
         * How many frames a strip has.
         *
         * @param count 3 to 12
         */
        public Builder frames(int count) {
            if (count < 3 || count > 12) {
                throw new InvalidRequestException("frames", count + " is outside of 3 to 12.");
            }
            frames = count;
            return this;
        }

        /** As for people who want less motion. */
        public Builder reduced(boolean value) {
            reduced = value;
            return this;
        }

        /**
         * Pixels for each dp, of a GIF or a PNG. Default: 1.
         *
         * @param pixels 0.25 to 4
         */
        public Builder scale(double pixels) {
            if (!(pixels >= 0.25 && pixels <= 4)) {
                throw new InvalidRequestException("scale", pixels + " is outside of 0.25 to 4.");
            }
            scale = OptionalDouble.of(pixels);
            return this;
        }

        /** The task. */
        public FilmTask build() {
            return new FilmTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        format.among(List.of(Format.GIF, Format.PNG, Format.SVG));
        var walk = Walk.of(project.plan());
        var studio = project.studio();
        View from = view.view(walk, studio.measure());
        State state = view.state(walk);
        Optional<Change> change = Optional.empty();
        for (String text : steps) {
            Change next = walk.step(state, WalkTask.parse(walk.plan(), text));
            if (next.refusal().isPresent()) {
                throw new InvalidRequestException(text + ": " + next.refusal().get());
            }
            change = Optional.of(next);
            state = next.after();
        }
        Film film = film(walk, from, state, change);
        String what = turn.orElseGet(steps.isEmpty() ? view::touch : () -> steps.get(steps.size() - 1));
        return new Artifact(
                format,
                bytes(film, studio, progress),
                what + ", " + Math.round(film.duration()) + " ms",
                studio.notes());
    }

    private Film film(Walk walk, View from, State state, Optional<Change> change) {
        boolean isTouched = !from.setting().touch().equals(Interaction.NONE);
        if (change.isEmpty() && turn.isEmpty() && !isTouched) {
            throw new InvalidRequestException("there is nothing to film. Name a step such as choose:surveys, another"
                    + " device (turn), or the state of an item (touch).");
        }
        Film film = turn.isPresent()
                ? turned(walk, from, state)
                : change.map(one -> changed(walk, from, one)).orElseGet(() -> touched(walk, from, state));
        if (film.duration() == 0) {
            throw new InvalidRequestException(change.map(one -> one.step().text() + " changes nothing that moves ("
                            + one.because() + "); there is nothing to film.")
                    .orElse("nothing is shown otherwise there; there is nothing to film."));
        }
        return film;
    }

    private byte[] bytes(Film film, Studio studio, ProgressListener progress) {
        if (format == Format.GIF) {
            return new GifWriter(studio, scale).write(film, (done, all) -> {
                if (!progress.update(done, all)) {
                    throw new CancellationException("the film was cancelled");
                }
            });
        }
        Scene strip = FilmStrip.of(film, frames, studio.measure());
        return format == Format.SVG ? studio.svg(strip).getBytes(StandardCharsets.UTF_8) : studio.png(strip, scale);
    }

    private Film turned(Walk walk, View from, State state) {
        View to = view.view(walk, from.measure(), turn.orElseThrow());
        return Film.of(
                from.scene(state),
                to.scene(state),
                score(walk, from, walk.plan().motion()));
    }

    /** An item on its way into the state in which it is touched. */
    private Film touched(Walk walk, View to, State state) {
        var untouched = new View(walk, to.setting().with(Interaction.NONE), to.measure());
        Motion own = walk.plan().motion();
        var motion = new Motion(own.states(), own.states(), own.drawers(), own.transition(), own.reduced());
        return Film.of(untouched.scene(state), to.scene(state), score(walk, to, motion));
    }

    private Score score(Walk walk, View at, Motion motion) {
        return new Score(Optional.empty(), motion, reduced, at.setting().isRightToLeft(walk.plan()), Optional.empty());
    }

    private Film changed(Walk walk, View at, Change change) {
        Scene from = at.scene(change.before());
        Scene to = at.scene(change.after());
        return Film.of(
                from,
                to,
                new Score(
                        Passage.of(walk, change),
                        walk.plan().motion(),
                        reduced,
                        at.setting().isRightToLeft(walk.plan()),
                        Score.origin(from, to, change.step())));
    }
}
