package org.yonderarc.tasks;

import java.nio.file.Path;
import java.util.List;
import org.yonderarc.interchange.JavaPlaces;
import org.yonderarc.interchange.KotlinPlaces;
import org.yonderarc.interchange.Scxml;
import org.yonderarc.interchange.SwiftPlaces;
import org.yonderarc.interchange.TypeScriptPlaces;
import org.yonderarc.interchange.VectorsJson;
import org.yonderarc.plan.Plan;

/** A plan for other programs: its names as Java, Kotlin, Swift or TypeScript, the navigation as a state machine, or conformance vectors. */
public final class ExportTask implements Task<Artifact> {
    private final Format format;
    private final String packageName;
    private final String className;

    private ExportTask(Builder set) {
        format = set.format;
        packageName = set.packageName;
        className = set.className;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private Format format = Format.JAVA;
        private String packageName = "";
        private String className = "Places";

        private Builder() {}

        /** {@link Format#JAVA}, {@link Format#KOTLIN}, {@link Format#SWIFT} or {@link Format#TYPESCRIPT} for the plan's names, {@link Format#SCXML} for a state machine,
         * {@link Format#VECTORS} for conformance vectors. Default: Java. */
        public Builder format(Format value) {
            format = value;
            return this;
        }

        /** The package of a Java class or a Kotlin object; empty for none. */
        public Builder packageName(String value) {
            packageName = value;
            return this;
        }

        /** The name of the class, object or type. Default: {@code Places}. */
        public Builder className(String value) {
            className = value;
            return this;
        }

        /** The task. */
        public ExportTask build() {
            return new ExportTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        format.among(
                List.of(Format.JAVA, Format.KOTLIN, Format.SWIFT, Format.TYPESCRIPT, Format.SCXML, Format.VECTORS));
        Plan plan = project.plan();
        String from = Path.of(project.file().source().name()).getFileName().toString();
        try {
            return Artifact.of(
                    format,
                    switch (format) {
                        case JAVA -> JavaPlaces.write(plan, from, packageName, className);
                        case KOTLIN -> KotlinPlaces.write(plan, from, packageName, className);
                        case SWIFT -> SwiftPlaces.write(plan, from, className);
                        case TYPESCRIPT -> TypeScriptPlaces.write(plan, from);
                        case VECTORS -> VectorsJson.write(plan);
                        default -> Scxml.write(plan);
                    },
                    "");
        } catch (IllegalArgumentException impossible) {
            throw InvalidRequestException.of("", impossible);
        }
    }
}
