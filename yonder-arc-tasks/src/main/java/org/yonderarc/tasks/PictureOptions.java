package org.yonderarc.tasks;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalDouble;
import org.yonderarc.draw.PngPainter;
import org.yonderarc.draw.Studio;
import org.yonderarc.scene.Scene;

/** The format of a picture (SVG or PNG) and its size. */
public final class PictureOptions {
    /** Pixels for each dp, where nobody says how many. */
    static final double DEFAULT_SCALE = 2;

    private final Format format;
    private final OptionalDouble scale;
    private final boolean isOutlined;

    private PictureOptions(Format format, OptionalDouble scale, boolean isOutlined) {
        this.format = format.among(List.of(Format.SVG, Format.PNG));
        this.scale = scale;
        this.isOutlined = isOutlined;
    }

    /** An SVG, which brings the letters along that it uses. */
    public static PictureOptions svg() {
        return of(Format.SVG);
    }

    /** A PNG of 2 pixels for each dp, or of the scale of the plan's own device. */
    public static PictureOptions png() {
        return of(Format.PNG);
    }

    /** A picture in {@link Format#SVG} or {@link Format#PNG}. */
    public static PictureOptions of(Format format) {
        return new PictureOptions(format, OptionalDouble.empty(), false);
    }

    /**
     * The same with so many pixels of a PNG for each dp.
     *
     * @param pixels 0.25 to 8
     * @throws InvalidRequestException if it is less or more, or the picture is an SVG
     */
    public PictureOptions scale(double pixels) {
        if (!(pixels >= PngPainter.SMALLEST_SCALE && pixels <= PngPainter.LARGEST_SCALE)) {
            throw new InvalidRequestException(
                    "scale",
                    pixels + " is outside of " + PngPainter.SMALLEST_SCALE + " to " + PngPainter.LARGEST_SCALE + ".");
        }
        if (format != Format.PNG) {
            throw noPixels();
        }
        return new PictureOptions(format, OptionalDouble.of(pixels), isOutlined);
    }

    static InvalidRequestException noPixels() {
        return new InvalidRequestException("scale", "an SVG has no pixels; leave it out, or make a PNG.");
    }

    /** The same with the texts of an SVG as shapes, for programs that read no embedded fonts. */
    public PictureOptions outlined() {
        if (format != Format.SVG) {
            throw new InvalidRequestException(
                    "outlines", "only the texts of an SVG can become shapes; leave it out, or make an SVG.");
        }
        return new PictureOptions(format, scale, true);
    }

    /** Paints a scene.
     *
     * @param summary what it is, in a few words; may be empty
     */
    public Artifact paint(Scene scene, Studio studio, String summary) {
        return paint(scene, studio, summary, DEFAULT_SCALE);
    }

    /** The same, with so many pixels for each dp where nobody says how many. */
    Artifact paint(Scene scene, Studio studio, String summary, double usual) {
        byte[] bytes = format == Format.SVG ? svg(scene, studio) : png(scene, studio, scale.orElse(usual));
        return new Artifact(format, bytes, summary, studio.notes());
    }

    private byte[] svg(Scene scene, Studio studio) {
        return (isOutlined ? studio.outlines(scene) : studio.svg(scene)).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] png(Scene scene, Studio studio, double scale) {
        if (scene.width() * scene.height() * scale * scale > PngPainter.MOST_PIXELS) {
            throw new InvalidRequestException("the picture would have " + Math.round(scene.width() * scale) + " by "
                    + Math.round(scene.height() * scale)
                    + " pixels. Give a smaller scale, fewer values, or make it an SVG.");
        }
        return studio.png(scene, scale);
    }
}
