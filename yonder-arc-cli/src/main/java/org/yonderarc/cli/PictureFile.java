package org.yonderarc.cli;

import org.yonderarc.tasks.Format;
import org.yonderarc.tasks.PictureOptions;
import picocli.CommandLine.Option;

/** The file that a picture is written to, and how large. */
final class PictureFile {
    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The picture; its ending says which kind: .svg or .png.")
    private OutputFile output;

    @Option(
            names = "--scale",
            paramLabel = "N",
            description = "Pixels of a PNG for each dp, 0.25 to 8. Default: that of the plan's own device, else 2.")
    private Double scale;

    @Option(
            names = "--outlines",
            description = "Texts of an SVG become shapes, for programs that read no embedded fonts.")
    private boolean isOutlined;

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
