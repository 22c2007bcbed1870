package org.yonderarc.tasks;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.JsonText;
import org.yonderarc.finding.Brief;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.sheet.MeasurePicture;
import org.yonderarc.sheet.MeasureTable;
import org.yonderarc.sheet.MeasureTokens;
import org.yonderarc.sheet.Measures;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Walk;

/** Every size, distance, colour and type of a bar, for the hand-off to developers. Its summary says how many parts were measured. */
public final class MeasureTask implements Task<Artifact> {
    private final ViewOptions view;
    private final Format format;
    private final boolean plainTokens;
    private final String bar;

    private MeasureTask(Builder set) {
        view = set.view;
        format = set.format;
        plainTokens = set.plainTokens;
        bar = set.bar;
    }

    /** A task to be set up. */
    public static Builder builder() {
        return new Builder();
    }

    /** Sets what the task does; each method returns the builder. */
    public static final class Builder {
        private ViewOptions view = ViewOptions.DEFAULT;
        private Format format = Format.PNG;
        private boolean plainTokens;
        private String bar = "";

        private Builder() {}

        /** What is shown, and on what device. */
        public Builder view(ViewOptions value) {
            view = value;
            return this;
        }

        /** A red-lined picture ({@link Format#SVG} or {@link Format#PNG}), a table ({@link Format#CSV} or {@link Format#JSON}), or {@link Format#TOKENS}. Default: PNG. */
        public Builder format(Format value) {
            format = value;
            return this;
        }

        /** Whether values of tokens are strings, {@code "24px"}, for tools that don't read the objects of DTCG 2025.10. */
        public Builder plainTokens(boolean value) {
            plainTokens = value;
            return this;
        }

        /** The bar to be measured, by its place or its menu; required. */
        public Builder bar(String name) {
            bar = name;
            return this;
        }

        /** The task. */
        public MeasureTask build() {
            return new MeasureTask(this);
        }
    }

    @Override
    public Artifact run(Project project, ProgressListener progress) {
        format.among(List.of(Format.SVG, Format.PNG, Format.CSV, Format.JSON, Format.TOKENS));
        var studio = project.studio();
        Measures measures;
        try {
            measures = new Measures(view.shot(project.plan(), Optional.of(bar)), studio.measure());
        } catch (IllegalArgumentException wrong) {
            throw wrong instanceof InvalidRequestException known ? known : notShown(project, wrong);
        }
        return new Artifact(format, bytes(measures, studio), measures.all().size() + " parts", studio.notes());
    }

    private InvalidRequestException notShown(Project project, IllegalArgumentException wrong) {
        var walk = Walk.of(project.plan());
        List<String> shown =
                Fitter.fit(walk, view.view(walk, new PlainMeasure()).setting(), view.state(walk)).bars().stream()
                        .map(FittedBar::word)
                        .distinct()
                        .toList();
        return new InvalidRequestException(
                Brief.of(wrong) + (shown.isEmpty() ? "." : ". Name one that is: " + Suggestion.choice(shown) + "."));
    }

    private byte[] bytes(Measures measures, Studio studio) {
        return switch (format) {
            case CSV -> utf8(MeasureTable.csv(measures));
            case JSON -> utf8(JsonText.write(MeasureTable.json(measures)));
            case TOKENS -> utf8(JsonText.write(MeasureTokens.tokens(measures, plainTokens)));
            case SVG -> utf8(studio.svg(MeasurePicture.of(measures, studio.measure())));
            default -> studio.png(MeasurePicture.of(measures, studio.measure()), 1);
        };
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
