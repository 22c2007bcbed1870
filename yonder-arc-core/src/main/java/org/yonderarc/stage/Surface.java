package org.yonderarc.stage;

import java.util.List;
import java.util.Objects;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Place;

/**
 * Where an app's own view of a place is.
 *
 * @param place the place
 * @param path the path of its group in the scene: {@link RunningTracks} tell by it how the view moves
 * @param box where the view is, in dp, also while it moves
 * @param clips what of it can be seen: it is cut off at each of these, the outermost first
 * @param opacity how much of it, as a whole, is seen, 0 to 1
 * @param takesInput whether it is the place where the person is, and nothing lies over it that has to be closed first
 */
public record Surface(Place place, String path, Box box, List<Clip> clips, double opacity, boolean takesInput) {
    public Surface {
        Objects.requireNonNull(place, "place");
        Objects.requireNonNull(path, "path");
        Objects.requireNonNull(box, "box");
        clips = List.copyOf(clips);
    }

    /**
     * Something that cuts off what lies in it.
     *
     * @param path the path of its group in the scene
     * @param box its box in dp
     * @param radius the radius of its corners in dp
     */
    public record Clip(String path, Box box, double radius) {}
}
