package org.yonderarc.android;

import android.graphics.Canvas;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Scene;
import org.yonderarc.stage.RunningTracks;
import org.yonderarc.stage.Stage;

/** What is seen of a stage: at rest, as a film that is played from its tracks, or frame by frame. */
final class Frames {
    private final Stage stage;
    private final ScenePainter painter;
    private final ContentViews views;
    private List<Piece> pieces = List.of();
    private @Nullable Scene painted;
    private @Nullable RunningTracks playing;

    Frames(Stage stage, ScenePainter painter, ContentViews views) {
        this.stage = stage;
        this.painter = painter;
        this.views = views;
    }

    /** Goes on with the film that plays, without asking the stage; gives whether one does. */
    boolean playsOn(double now) {
        if (playing == null || now >= playing.end()) {
            return false;
        }
        stand(now - playing.start());
        return true;
    }

    /**
     * Takes everything to where it is at a time.
     *
     * @param isAnew whether the app's own views are to be laid out anew
     * @return whether anything is to be painted anew
     */
    boolean show(double now, boolean isAnew) {
        Optional<RunningTracks> running = stage.tracks(now);
        if (running.isPresent()) {
            RunningTracks film = running.get();
            if (film != playing) {
                playing = film;
                pieces = Piece.film(stage.layers(film.tracks().scene()), film.tracks(), painter, views);
            }
            painted = null;
            stand(now - film.start());
            return true;
        }
        Scene scene = stage.scene(now);
        playing = null;
        if (scene == painted && !isAnew) {
            return false;
        }
        painted = scene;
        pieces = stage.moves()
                ? Piece.moving(stage.layers(now), painter, views)
                : Piece.resting(stage.layers(now), painter, views);
        stand(0);
        return true;
    }

    private void stand(double ms) {
        views.begin();
        for (Piece piece : pieces) {
            piece.advance(ms);
        }
        views.end();
    }

    /** Paints it on a canvas of so many pixels. */
    void draw(Canvas canvas, int width, int height, double density) {
        int before = canvas.save();
        // What stands beside it is not its own, whatever its parent clips.
        canvas.clipRect(0, 0, width, height);
        Colour ground = stage.still().background();
        canvas.drawColor(ScenePainter.argb(ground));
        canvas.scale((float) density, (float) density);
        for (Piece piece : pieces) {
            piece.draw(canvas, density);
        }
        canvas.restoreToCount(before);
    }
}
