package org.yonderarc.tasks;

import java.util.List;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.DevicePreset;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Frame;
import org.yonderarc.view.Explanation;
import org.yonderarc.walk.Walk;

/** One picture of a plan: a screen on a device. Its summary is the title of the screen. */
public final class DrawTask implements Task<Artifact> {
    private final ViewOptions view;
    private final PictureOptions picture;
    private final boolean framed;

    private DrawTask(Builder set) {
        view = set.view;
        picture = set.picture;
        framed = set.framed;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private ViewOptions view = ViewOptions.DEFAULT;
        private PictureOptions picture = PictureOptions.png();
        private boolean framed;

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

        /** Whether the device is drawn around the picture. */
        public Builder framed(boolean value) {
            framed = value;
            return this;
        }

        /** The task. */
        public DrawTask build() {
            return new DrawTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        Plan plan = project.plan();
        var studio = project.studio();
        var walk = Walk.of(plan);
        var at = view.view(walk, studio.measure());
        Scene scene = at.scene(view.state(walk));
        Device device = at.setting().device();
        double scale = plan.devices()
                .find(device.id())
                .flatMap(DevicePreset::pixelRatio)
                .orElse(PictureOptions.DEFAULT_SCALE);
        return picture.paint(framed ? Frame.around(scene, device) : scene, studio, scene.title(), scale);
    }

    /** Why each bar and item of the picture is shown, hidden or selected: a sentence each, with the same look. */
    public List<String> explain(Project project) {
        var walk = Walk.of(project.plan());
        var at = view.view(walk, project.studio().measure());
        return Explanation.explain(walk, at.setting(), view.state(walk));
    }
}
