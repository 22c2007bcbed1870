package org.yonderarc.stage;

import org.yonderarc.motion.Tracks;

/**
 * A film that runs, as tracks.
 *
 * @param tracks what moves in it
 * @param start when it began, in ms of the stage's time
 */
public record RunningTracks(Tracks tracks, double start) {
    /** When it ends, in ms of the stage's time. */
    public double end() {
        return start + tracks.duration();
    }
}
