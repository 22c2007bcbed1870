package org.yonderarc.draw;

import java.util.List;
import org.yonderarc.icons.BundledIcons;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * Everything needed for pictures: the icons, the font, the exact measure and the painters, loaded once.
 *
 * <pre>{@code
 * var studio = new Studio();
 * var walk = Walk.of(plan);
 * Scene scene = new View(walk, Device.PHONE, studio.measure()).scene(walk.start());
 * byte[] png = studio.png(scene, 2);
 * }</pre>
 */
public final class Studio {
    private final Icons icons;
    private final Pictures pictures;
    private final Typeface face;
    private final TextMeasure measure;
    private final SvgPainter svg;
    private final SvgPainter shapes;
    private final PngPainter png;

    /** A studio with the bundled icons and font. */
    public Studio() {
        this(new BundledIcons(), Pictures.NONE);
    }

    /** A studio with these icons and pictures, and the bundled font. */
    public Studio(Icons icons, Pictures pictures) {
        this(icons, pictures, Typeface.bundled());
    }

    /** A studio with these icons, these pictures and this typeface. */
    public Studio(Icons icons, Pictures pictures, Typeface face) {
        this.icons = icons;
        this.pictures = pictures;
        this.face = face;
        this.measure = face.measure();
        this.svg = SvgPainter.alone(icons, pictures, face, SvgPainter.Texts.EMBEDDED);
        this.shapes = SvgPainter.alone(icons, pictures, face, SvgPainter.Texts.OUTLINES);
        this.png = new PngPainter(icons, pictures, face);
    }

    /** The icons. */
    public Icons icons() {
        return icons;
    }

    /** The exact measure of the typeface. */
    public TextMeasure measure() {
        return measure;
    }

    /** The font in which texts of a type are set: for components of an app's own. */
    public java.awt.Font font(Type type) {
        return face.font(type);
    }

    /** What people should know of letters that only a font of this machine has, or none, in sentences. */
    public List<String> notes() {
        return face.notes();
    }

    /** The scene as an SVG document, which brings the letters of the font along that it uses. */
    public String svg(Scene scene) {
        return svg.paint(scene);
    }

    /**
     * The scene as an SVG element for a page that has the font already.
     *
     * @param prefix what the ids in it start with: no other part of the page has it
     */
    public String part(Scene scene, String prefix) {
        String document = SvgPainter.within(icons, pictures, face, prefix).paint(scene);
        return document.substring(document.indexOf("<svg"));
    }

    /** The scene as an SVG document whose texts are shapes, for programs that read no embedded fonts. */
    public String outlines(Scene scene) {
        return shapes.paint(scene);
    }

    /** The scene as an image, {@code scale} pixels for each dp. */
    public java.awt.image.BufferedImage image(Scene scene, double scale) {
        return png.image(scene, scale);
    }

    /** Nodes on nothing, as an image of so many dp that can be seen through, {@code scale} pixels for each dp. */
    public java.awt.image.BufferedImage layer(List<SceneNode> nodes, double width, double height, double scale) {
        return png.layer(nodes, width, height, scale);
    }

    /** The scene as the bytes of a PNG file, {@code scale} pixels for each dp. */
    public byte[] png(Scene scene, double scale) {
        return png.paint(scene, scale);
    }
}
