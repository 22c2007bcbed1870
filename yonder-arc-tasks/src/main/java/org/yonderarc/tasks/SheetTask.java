package org.yonderarc.tasks;

import java.util.Optional;
import org.yonderarc.scene.Scene;
import org.yonderarc.sheet.Axes;
import org.yonderarc.sheet.Axis;
import org.yonderarc.sheet.Sheet;
import org.yonderarc.sheet.Shot;

/** A sheet: pictures of a plan against one or two axes, with captions. */
public final class SheetTask implements Task<Artifact> {
    private final ViewOptions view;
    private final PictureOptions picture;
    private final Optional<String> across;
    private final Optional<String> down;
    private final Optional<String> bar;
    private final boolean framed;

    private SheetTask(Builder set) {
        view = set.view;
        picture = set.picture;
        across = set.across;
        down = set.down;
        bar = set.bar;
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
        private Optional<String> across = Optional.empty();
        private Optional<String> down = Optional.empty();
        private Optional<String> bar = Optional.empty();
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

        /** What differs from column to column: an axis such as {@code scheme}, or one with its values, {@code device=phone,tablet}. */
        public Builder across(String axis) {
            across = Optional.of(axis);
            return this;
        }

        /** What differs from row to row, as for {@link #across}. */
        public Builder down(String axis) {
            down = Optional.of(axis);
            return this;
        }

        /** Only this bar, by its place or its menu; otherwise whole screens. */
        public Builder bar(String name) {
            bar = Optional.of(name);
            return this;
        }

        /** Whether the device is drawn around each picture; for whole screens only. */
        public Builder framed(boolean value) {
            framed = value;
            return this;
        }

        /** The task. */
        public SheetTask build() {
            return new SheetTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        if (across.isEmpty() && down.isEmpty()) {
            throw new InvalidRequestException(
                    "name an axis with across or down: " + String.join(", ", Axes.NAMES) + ".");
        }
        if (framed && bar.isPresent()) {
            throw new InvalidRequestException(
                    "frame", "it is drawn around whole screens, and not around a bar; leave one of them out.");
        }
        var studio = project.studio();
        Shot base = view.shot(project.plan(), bar).framed(framed);
        Scene scene;
        try {
            Axis columns = across.isPresent() ? Axes.parse(across.get(), base) : Axis.NONE;
            Axis rows = down.isPresent() ? Axes.parse(down.get(), base) : Axis.NONE;
            scene = Sheet.of(base, columns, rows, studio.measure());
        } catch (IllegalArgumentException wrong) {
            throw InvalidRequestException.of("", wrong);
        }
        return picture.paint(scene, studio, "");
    }
}
