package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.scene.Scene;

/**
 * A film as keyframes, for a host whose system can play movements by itself: a browser's compositor, a phone's render thread. At any time between
 * its start and its end, {@code scene} with its tracks is what {@link Film#at} gives, within 0.25 dp, 1/255 of an opacity and, as colours have whole
 * steps, 1.5/255 of a colour. A group that clips nothing has the size of the end throughout.
 *
 * @param scene all that is seen within the film, each node as it is at share 1 of its tracks: what leaves is where it goes to, not yet faded
 * @param duration how long it lasts, in ms
 * @param tracks what moves in it; at most one of each kind for a node
 */
public record Tracks(Scene scene, double duration, List<Track> tracks) {
    public Tracks {
        tracks = List.copyOf(tracks);
    }
}
