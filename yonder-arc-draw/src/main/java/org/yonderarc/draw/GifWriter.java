package org.yonderarc.draw;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import org.yonderarc.motion.Film;

/** Writes films as animated GIF (GIF89a): 50 frames a second, which is as fast as browsers play them, for ever, with a pause. */
public final class GifWriter {
    /** The time of a frame in hundredths of a second. */
    private static final int FRAME = 2;
    /** How long the first and the last picture stand, in hundredths of a second. */
    private static final int PAUSE = 80;

    private final Studio studio;
    private final double scale;

    /** A writer that paints with {@code studio}, {@code scale} pixels for each dp. */
    public GifWriter(Studio studio, double scale) {
        this.studio = studio;
        this.scale = scale;
    }

    /** Told how many frames are done, of how many. */
    @FunctionalInterface
    public interface Progress {
        /** {@code done} of {@code all} frames are painted. */
        void at(int done, int all);
    }

    /** The bytes of the animation. */
    public byte[] write(Film film, Progress progress) {
        int frames = (int) Math.ceil(film.duration() / (FRAME * 10)) + 1;
        var bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
            for (int i = 0; i < frames; i++) {
                BufferedImage image = studio.image(film.at(i * FRAME * 10.0), scale);
                boolean stands = i == 0 || i == frames - 1;
                writer.writeToSequence(
                        new IIOImage(image, null, metadata(writer, image, stands ? PAUSE : FRAME, i == 0)), null);
                progress.at(i + 1, frames);
            }
            writer.endWriteSequence();
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static IIOMetadata metadata(ImageWriter writer, BufferedImage image, int delay, boolean isFirst)
            throws IOException {
        ImageWriteParam parameters = writer.getDefaultWriteParam();
        IIOMetadata metadata =
                writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), parameters);
        String format = metadata.getNativeMetadataFormatName();
        var root = (IIOMetadataNode) metadata.getAsTree(format);
        var control = child(root, "GraphicControlExtension");
        control.setAttribute("disposalMethod", "none");
        control.setAttribute("userInputFlag", "FALSE");
        control.setAttribute("transparentColorFlag", "FALSE");
        control.setAttribute("transparentColorIndex", "0");
        control.setAttribute("delayTime", Integer.toString(delay));
        if (isFirst) {
            var loop = new IIOMetadataNode("ApplicationExtension");
            loop.setAttribute("applicationID", "NETSCAPE");
            loop.setAttribute("authenticationCode", "2.0");
            loop.setUserObject(new byte[] {1, 0, 0});
            child(root, "ApplicationExtensions").appendChild(loop);
        }
        metadata.setFromTree(format, root);
        return metadata;
    }

    private static IIOMetadataNode child(IIOMetadataNode root, String name) {
        for (int i = 0; i < root.getLength(); i++) {
            if (root.item(i).getNodeName().equals(name)) {
                return (IIOMetadataNode) root.item(i);
            }
        }
        var made = new IIOMetadataNode(name);
        root.appendChild(made);
        return made;
    }
}
