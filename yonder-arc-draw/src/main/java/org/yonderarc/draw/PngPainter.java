package org.yonderarc.draw;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * Paints scenes as PNG. Text is painted as outlines, so the machine's own fonts and hinting have no say. The same scene
 * gives the same bytes. Thread-safe.
 */
public final class PngPainter {
    /** The smallest scale: smaller pictures can't be read. */
    public static final double SMALLEST_SCALE = 0.25;
    /** The largest scale: a phone becomes 3,000 by 6,600 pixels. */
    public static final double LARGEST_SCALE = 8;

    /** The most pixels that are painted: more can't be held in memory, nor looked at. */
    public static final long MOST_PIXELS = 120_000_000;

    private static final Color NOTHING = new Color(0, true);

    /** So many icons, each in one colour, are kept as they were parsed. */
    private static final int MOST_ICONS = 512;

    /** Images are painted in strips of this many pixels, side by side on all cores. Fixed, so that the bytes are the same on every machine. */
    private static final int STRIP = 256;

    private final Icons icons;
    private final Pictures pictures;
    private final Typeface face;
    private final RecentCache<SVGDocument> documents = new RecentCache<>(MOST_ICONS);

    /** A painter with these icons, these pictures and this typeface. */
    public PngPainter(Icons icons, Pictures pictures, Typeface face) {
        this.icons = icons;
        this.pictures = pictures;
        this.face = face;
    }

    /**
     * The scene as the bytes of a PNG file.
     *
     * @param scale pixels for each dp
     * @throws IllegalArgumentException if the scale is below {@link #SMALLEST_SCALE} or above {@link #LARGEST_SCALE}, or
     *     the picture would have more than {@link #MOST_PIXELS}
     */
    public byte[] paint(Scene scene, double scale) {
        return PngFile.write(image(scene, scale));
    }

    /** The scene as an opaque image; parameters as in {@link #paint}. */
    public BufferedImage image(Scene scene, double scale) {
        if (!(scale >= SMALLEST_SCALE && scale <= LARGEST_SCALE)) {
            throw new IllegalArgumentException(
                    "a scale is " + SMALLEST_SCALE + " to " + LARGEST_SCALE + ", not " + scale);
        }
        return image(
                scene.nodes(),
                scene.width(),
                scene.height(),
                scale,
                BufferedImage.TYPE_INT_RGB,
                color(scene.background()));
    }

    /**
     * Nodes on nothing, as an image that can be seen through.
     *
     * @param width the width in dp
     * @param height the height in dp
     * @param scale pixels for each dp, as in {@link #paint}
     */
    public BufferedImage layer(List<SceneNode> nodes, double width, double height, double scale) {
        return image(nodes, width, height, scale, BufferedImage.TYPE_INT_ARGB_PRE, NOTHING);
    }

    private BufferedImage image(
            List<SceneNode> nodes, double widthInDp, double heightInDp, double scale, int type, Color ground) {
        int width = (int) Math.ceil(widthInDp * scale);
        int height = (int) Math.ceil(heightInDp * scale);
        if ((long) width * height > MOST_PIXELS) {
            throw new IllegalArgumentException("a picture of " + width + " x " + height
                    + " pixels is too large: more than " + MOST_PIXELS / 1_000_000 + " million");
        }
        var image = new BufferedImage(width, height, type);
        var decoded = new Decoded(pictures);
        IntStream.range(0, (height + STRIP - 1) / STRIP).parallel().forEach(strip -> {
            int top = strip * STRIP;
            BufferedImage part = image.getSubimage(0, top, width, Math.min(STRIP, height - top));
            paint(nodes, ground, scale, part, top, decoded);
        });
        return image;
    }

    /** Paints what of the nodes is seen in a strip whose upper edge is at {@code top} pixels. */
    private void paint(
            List<SceneNode> nodes, Color ground, double scale, BufferedImage strip, int top, Decoded decoded) {
        Graphics2D graphics = strip.createGraphics();
        try {
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
            graphics.setColor(ground);
            graphics.fillRect(0, 0, strip.getWidth(), strip.getHeight());
            graphics.translate(0, -top);
            graphics.scale(scale, scale);
            var run = new Run(graphics, scale, new Rectangle(0, top, strip.getWidth(), strip.getHeight()), decoded);
            nodes.forEach(node -> node.accept(run));
        } finally {
            graphics.dispose();
        }
    }

    /** One painting. */
    private final class Run implements SceneNode.Visitor {
        private final Graphics2D graphics;
        private final double scale;
        /** What is painted, in pixels of the whole picture. */
        private final Rectangle window;

        private final Decoded decoded;

        Run(Graphics2D graphics, double scale, Rectangle window, Decoded decoded) {
            this.decoded = decoded;
            this.graphics = graphics;
            this.scale = scale;
            this.window = window;
        }

        /** Whether anything from {@code top} to {@code bottom}, in dp, can be seen; a pixel more, for soft edges. */
        private boolean isSeen(double top, double bottom) {
            return bottom * scale >= window.y - 1 && top * scale <= window.y + window.height + 1;
        }

        private boolean isSeen(Box box) {
            return isSeen(box.y(), box.bottom());
        }

        @Override
        public void rect(SceneNode.Rect node) {
            if (!isSeen(node.area())) {
                return;
            }
            graphics.setColor(color(node.fill()));
            fill(node.area(), node.radius());
        }

        /** What ends between pixels needs soft edges; all else is filled at once, which is much faster. */
        private void fill(Box box, double radius) {
            boolean isSharp = radius <= 0
                    && isWhole(box.x())
                    && isWhole(box.y())
                    && isWhole(box.right())
                    && isWhole(box.bottom());
            if (isSharp) {
                graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
            }
            graphics.fill(shape(box, radius));
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        }

        private boolean isWhole(double dp) {
            return dp * scale == Math.rint(dp * scale);
        }

        @Override
        public void text(SceneNode.Text node) {
            var line = node.line();
            double size = line.type().size();
            if (!line.text().isEmpty() && isSeen(line.baseline() - 2 * size, line.baseline() + size)) {
                graphics.setColor(color(node.fill()));
                graphics.fill(face.outline(line.text(), line.type(), line.left(), line.baseline()));
            }
        }

        @Override
        public void icon(SceneNode.Icon node) {
            if (!isSeen(node.area())) {
                return;
            }
            icons.in(node.set()).art(node.name(), node.filled()).ifPresent(art -> {
                Box box = node.area();
                var view = new ViewBox((float) box.x(), (float) box.y(), (float) box.width(), (float) box.height());
                Graphics2D own = (Graphics2D) graphics.create();
                if (node.fill().alpha() < 1) {
                    own.setComposite(
                            AlphaComposite.SrcOver.derive((float) node.fill().alpha()));
                }
                if (node.turn() != 0) {
                    own.rotate(Math.toRadians(node.turn()), box.centerX(), box.centerY());
                }
                if (node.flipped()) {
                    own.transform(new AffineTransform(-1, 0, 0, 1, 2 * box.centerX(), 0));
                }
                document(node, art).render((java.awt.Component) null, own, view);
                own.dispose();
            });
        }

        @Override
        public void gradient(SceneNode.Gradient node) {
            if (!isSeen(node.area())) {
                return;
            }
            graphics.setPaint(Shading.of(node));
            graphics.fill(
                    node.within().<Shape>map(PngPainter::path2d).orElseGet(() -> shape(node.area(), node.radius())));
        }

        @Override
        public void picture(SceneNode.Picture node) {
            if (!isSeen(node.area())) {
                return;
            }
            decoded.art(node.file()).ifPresent(art -> {
                art.shapes().ifPresent(document -> shapes(node, document));
                art.pixels().ifPresent(image -> pixels(node, image));
            });
        }

        private void shapes(SceneNode.Picture node, SVGDocument document) {
            if (node.radius() > 0) {
                var square = new SceneNode.Picture(node.key(), node.area(), 0, node.file(), node.fit());
                rounded(SceneNode.Group.of(
                                Part.Plain.OTHER, node.key(), new Meaning.Plain(), node.area(), List.of(square))
                        .clipped(node.radius()));
                return;
            }
            var size = document.size();
            Box fitted = fitted(node.area(), size.width, size.height, node.fit());
            Graphics2D own = clipped(node);
            document.render(
                    (java.awt.Component) null,
                    own,
                    new ViewBox(
                            (float) fitted.x(), (float) fitted.y(), (float) fitted.width(), (float) fitted.height()));
            own.dispose();
        }

        private void pixels(SceneNode.Picture node, BufferedImage image) {
            Box fitted = fitted(node.area(), image.getWidth(), image.getHeight(), node.fit());
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            graphics.setPaint(new java.awt.TexturePaint(
                    image, new Rectangle2D.Double(fitted.x(), fitted.y(), fitted.width(), fitted.height())));
            Box seen = node.fit().isWhole() ? fitted : node.area();
            graphics.fill(shape(seen, node.radius()));
        }

        private Graphics2D clipped(SceneNode.Picture node) {
            Graphics2D own = (Graphics2D) graphics.create();
            own.clip(shape(node.area(), node.radius()));
            return own;
        }

        private static Box fitted(Box box, double width, double height, SceneNode.Picture.Fit fit) {
            double across = box.width() / width;
            double down = box.height() / height;
            double scale = fit.isWhole() ? Math.min(across, down) : Math.max(across, down);
            double left = box.x() + (box.width() - width * scale) * fit.across();
            double top = box.centerY() - height * scale / 2;
            return new Box(left, top, width * scale, height * scale);
        }

        @Override
        public void path(SceneNode.Path node) {
            graphics.setColor(color(node.fill()));
            Path2D path = path2d(node.outline());
            if (node.stroke().isPresent()) {
                float width = node.stroke().get().floatValue();
                graphics.setStroke(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                graphics.draw(path);
            } else {
                graphics.fill(path);
            }
        }

        @Override
        public void group(SceneNode.Group node) {
            if (node.opacity() < 1) {
                faint(node);
            } else {
                solid(node);
            }
        }

        /** A group as it is, however much of it is seen. */
        private void solid(SceneNode.Group node) {
            if (node.clip().isEmpty()) {
                node.children().forEach(child -> child.accept(this));
            } else if (node.clip().get() > 0) {
                rounded(node);
            } else {
                Shape before = graphics.getClip();
                graphics.clip(shape(node.area(), 0));
                node.children().forEach(child -> child.accept(this));
                graphics.setClip(before);
            }
        }

        /** A group that is seen in part only is painted beside as a whole, and laid on. */
        private void faint(SceneNode.Group node) {
            if (node.opacity() <= 0) {
                return;
            }
            var layer = new BufferedImage(window.width, window.height, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D beside = beside(layer, window);
            var run = new Run(beside, scale, window, decoded);
            run.solid(node);
            beside.dispose();
            Graphics2D on = (Graphics2D) graphics.create();
            on.setTransform(new AffineTransform());
            on.setComposite(AlphaComposite.SrcOver.derive((float) node.opacity()));
            on.drawImage(layer, 0, 0, null);
            on.dispose();
        }

        /** Java2D clips without antialiasing, so a rounded clip is painted beside and laid on with a soft edge. */
        private void rounded(SceneNode.Group node) {
            Box area = node.area();
            int x = (int) Math.floor(area.x() * scale);
            int y = (int) Math.floor(area.y() * scale);
            int width = (int) Math.ceil(area.right() * scale) - x;
            int height = (int) Math.ceil(area.bottom() * scale) - y;
            Rectangle part = new Rectangle(x, y, width, height).intersection(window);
            if (part.isEmpty()) {
                return;
            }
            var layer = new BufferedImage(part.width, part.height, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D beside = beside(layer, part);
            var run = new Run(beside, scale, part, decoded);
            node.children().forEach(child -> child.accept(run));
            beside.dispose();
            Graphics2D on = (Graphics2D) graphics.create();
            on.setPaint(new java.awt.TexturePaint(
                    layer,
                    new Rectangle2D.Double(part.x / scale, part.y / scale, part.width / scale, part.height / scale)));
            on.fill(shape(area, node.clip().get()));
            on.dispose();
        }

        private Graphics2D beside(BufferedImage layer, Rectangle part) {
            Graphics2D beside = layer.createGraphics();
            beside.setRenderingHints(graphics.getRenderingHints());
            beside.translate(-part.x, -part.y);
            beside.scale(scale, scale);
            return beside;
        }
    }

    private SVGDocument document(SceneNode.Icon node, IconArt art) {
        Colour colour = node.fill();
        return documents.get(node.set() + " " + art.key() + colour.hex(), key -> {
            String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"24\" height=\"24\" viewBox=\"0 0 24 24\" "
                    + art.paint(colour.hex()) + ">" + String.join("", art.shapes()) + "</svg>";
            var in = new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8));
            SVGDocument document = new SVGLoader().load(in, null, LoaderContext.createDefault());
            if (document == null) {
                throw new IllegalStateException("the icon " + art.key() + " can't be painted");
            }
            return document;
        });
    }

    private static Shape shape(Box box, double radius) {
        return radius > 0
                ? new RoundRectangle2D.Double(box.x(), box.y(), box.width(), box.height(), 2 * radius, 2 * radius)
                : new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height());
    }

    static Path2D path2d(Outline outline) {
        var path = new Path2D.Double();
        outline.draw(new Outline.Pen() {
            @Override
            public void move(double x, double y) {
                path.moveTo(x, y);
            }

            @Override
            public void line(double x, double y) {
                path.lineTo(x, y);
            }

            @Override
            public void curve(double x1, double y1, double x2, double y2, double x, double y) {
                path.curveTo(x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                path.closePath();
            }
        });
        return path;
    }

    static Color color(Colour colour) {
        return new Color(colour.red(), colour.green(), colour.blue(), (int) Math.round(colour.alpha() * 255));
    }
}
