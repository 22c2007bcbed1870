package org.yonderarc.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.yonderarc.draw.PngPainter;
import org.yonderarc.draw.Studio;
import org.yonderarc.files.FileTrouble;
import org.yonderarc.files.SafeFile;
import org.yonderarc.scene.Scene;
import picocli.CommandLine.Option;

/** The file that a picture is written to, and how large. */
final class PictureFile {
    /** Pixels for each dp, where nobody says how many. */
    static final double USUAL = 2;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            required = true,
            description = "The picture; its ending says which kind: .svg or .png.")
    private Path output;

    @Option(
            names = "--scale",
            paramLabel = "N",
            description = "Pixels of a PNG for each dp, 0.25 to 8. Default: that of the plan's own device, else 2.")
    private Double scale;

    @Option(
            names = "--outlines",
            description = "Texts of an SVG become shapes, for programs that read no embedded fonts.")
    private boolean isOutlined;

    Path output() {
        return output;
    }

    boolean endsWith(String ending) {
        return Ending.is(output, ending);
    }

    /** Refuses what can't be written, before any work is done. */
    void check() throws Refusal {
        if (!endsWith("svg") && !endsWith("png")) {
            throw new Refusal(output + ": a picture's name ends in .svg or .png.");
        }
        if (isOutlined && !endsWith("svg")) {
            throw new Refusal("--outlines is for an .svg; " + output + " is none.");
        }
        if (scale != null && !(scale >= PngPainter.SMALLEST_SCALE && scale <= PngPainter.LARGEST_SCALE)) {
            throw new Refusal("--scale: " + scale + " is outside of " + PngPainter.SMALLEST_SCALE + " to "
                    + PngPainter.LARGEST_SCALE + ".");
        }
    }

    /** Writes the picture, unless that would replace what it was made from. */
    void write(Scene scene, Studio studio, Inputs inputs) throws FileTrouble, Refusal {
        write(scene, studio, inputs, USUAL);
    }

    /** The same, with so many pixels for each dp where the command doesn't say how many. */
    void write(Scene scene, Studio studio, Inputs inputs, double usual) throws FileTrouble, Refusal {
        double each = scale == null ? usual : scale;
        inputs.spare(output);
        if (endsWith("svg")) {
            SafeFile.write(
                    output, (isOutlined ? studio.outlines(scene) : studio.svg(scene)).getBytes(StandardCharsets.UTF_8));
            return;
        }
        if (scene.width() * scene.height() * each * each > PngPainter.MOST_PIXELS) {
            throw new Refusal("the picture would have " + Math.round(scene.width() * each) + " by "
                    + Math.round(scene.height() * each)
                    + " pixels. Give a smaller --scale, fewer values, or write an .svg.");
        }
        SafeFile.write(output, studio.png(scene, each));
    }
}
