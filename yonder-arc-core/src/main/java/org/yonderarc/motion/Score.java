package org.yonderarc.motion;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Motion;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.Step;

/**
 * How a film is to be played.
 *
 * @param passage how one screen follows another; no value where the same one stays
 * @param motion the plan's motion
 * @param reduced whether the person wants less of it
 * @param rightToLeft whether everything is mirrored
 * @param origin the box of the chosen item, for what grows from it
 */
public record Score(
        Optional<Passage> passage, Motion motion, boolean reduced, boolean rightToLeft, Optional<Box> origin) {
    public Score {
        Objects.requireNonNull(passage, "passage");
        Objects.requireNonNull(motion, "motion");
        Objects.requireNonNull(origin, "origin");
    }

    /** A score for people who read from left to right and want all of the motion. */
    public static Score of(Optional<Passage> passage, Motion motion) {
        return new Score(passage, motion, false, false, Optional.empty());
    }

    /**
     * The box from which a new screen grows, or into which it shrinks on the way back: that of the chosen item, or of the row
     * that opens it.
     */
    public static Optional<Box> origin(Scene from, Scene to, Step step) {
        return step instanceof Step.Choose choose
                ? from.first(part -> part instanceof Part.Item item && item.id().equals(choose.item()))
                        .map(SceneNode.Group::area)
                : Shared.row(from, to).or(() -> Shared.row(to, from)).map(SceneNode.Group::area);
    }

    Progress screens() {
        return passage.map(found -> found.transition().kind() == org.yonderarc.plan.Transition.Kind.NONE
                        ? Progress.AT_ONCE
                        : Progress.of(found.transition().timing()))
                .orElse(Progress.AT_ONCE);
    }
}
