package org.yonderarc.cli;

import java.util.Optional;
import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.PictureOptions;
import picocli.CommandLine.Option;

/** The file that a picture is written to, and how large. */
final class PictureFile {
    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The file that is made; its ending says which kind: .svg, .png, or .gif for a film.")
    private OutputFile output;

    @Option(
            names = "--scale",
            paramLabel = "N",
            description =
                    "Pixels of a PNG or GIF for each dp, 0.25 to 8, of a film to 4. Default: that of the plan's own device, else 2; of a film 1.")
    private Double scale;

    @Option(
            names = "--outlines",
            description = "Texts of an SVG become shapes, for programs that read no embedded fonts.")
    private boolean isOutlined;

    /** How many pixels for each dp, if that was said. */
    Optional<Double> scale() {
        return Optional.ofNullable(scale);
    }

    boolean isOutlined() {
        return isOutlined;
    }

    OutputFile output() {
        return output;
    }

    /** How the picture is painted; refuses what can't be, before any work is done. */
    PictureOptions options() throws Refusal {
        PictureOptions options = PictureOptions.of(output.format(Format.SVG, Format.PNG));
        options = scale == null ? options : options.scale(scale);
        return isOutlined ? options.outlined() : options;
    }
}
