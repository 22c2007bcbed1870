package org.yonderarc.motion;

import java.util.List;
import org.yonderarc.scene.Scene;

/**
 * A film as keyframes, for a host that can play movements without asking for each frame: with a browser's compositor, or a phone's render
 * thread. At any time between its start and its end, {@code scene} with its tracks is what {@link Film#at} gives, within 0.25 dp and within 1 of
 * 255 steps of a colour or an opacity. The boxes of groups that clip nothing and change their size have the size of the end.
 *
 * @param scene all that is seen within the film, each node where the film ends or, of what leaves, begins
 * @param duration how long it lasts, in ms
 * @param tracks what moves in it; at most one of each kind for a node
 */
public record Tracks(Scene scene, double duration, List<Track> tracks) {
    public Tracks {
        tracks = List.copyOf(tracks);
    }
}
