package org.yonderarc.tasks;

import java.util.List;
import org.yonderarc.files.FindingJson;
import org.yonderarc.files.FindingText;
import org.yonderarc.files.PlanFile;
import org.yonderarc.interchange.FindingSarif;

/** A report of what the check has found in a plan, which may have errors; {@link Project#findings} has the same as values. Its summary counts them. */
public final class CheckTask implements Task<Artifact> {
    private final Format format;

    private CheckTask(Builder set) {
        format = set.format;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private Format format = Format.TEXT;

        private Builder() {}

        /** {@link Format#TEXT}, {@link Format#JSON} or {@link Format#SARIF}. Default: text. */
        public Builder format(Format value) {
            format = value;
            return this;
        }

        /** The task. */
        public CheckTask build() {
            return new CheckTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        format.among(List.of(Format.TEXT, Format.JSON, Format.SARIF));
        PlanFile file = project.file();
        return Artifact.of(
                format,
                switch (format) {
                    case JSON -> FindingJson.report(file);
                    case SARIF -> FindingSarif.report(file);
                    default -> FindingText.report(file, FindingText.Colours.NONE);
                },
                FindingText.summary(file));
    }
}
