package org.yonderarc.tasks;

import java.util.Optional;
import org.yonderarc.draw.NavigationMap;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;

/** The whole navigation as one picture: every screen, and what leads where. */
public final class MapTask implements Task<Artifact> {
    private final ViewOptions view;
    private final PictureOptions picture;

    private MapTask(Builder set) {
        view = set.view;
        picture = set.picture;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private ViewOptions view = ViewOptions.DEFAULT;
        private PictureOptions picture = PictureOptions.png();

        private Builder() {}

        /** What is shown, and on what device. */
        public Builder view(ViewOptions value) {
            view = value;
            return this;
        }

        /** The format and the size. Default: a PNG. */
        public Builder picture(PictureOptions value) {
            picture = value;
            return this;
        }

        /** The task. */
        public MapTask build() {
            return new MapTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        Plan plan = project.plan();
        var studio = project.studio();
        Scene scene;
        try {
            scene = NavigationMap.of(view.shot(plan, Optional.empty()), studio.measure());
        } catch (IllegalArgumentException tooMany) {
            throw InvalidRequestException.of("", tooMany);
        }
        return picture.paint(scene, studio, plan.screens().list().size() + " screens");
    }
}
