package org.yonderarc.draw;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.yonderarc.icons.IconArt;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.IconSet;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Markup;

/**
 * Paints scenes as SVG 1.1 documents: each icon once as a symbol, nothing that would lie outside of the picture. The same scene gives the
 * same bytes.
 */
public final class SvgPainter {
    private final Icons icons;
    private final Pictures pictures;
    private final Typeface face;
    private final Texts texts;
    /** What the ids of a part start with, so that they are unique in its page. */
    private final String prefix;

    /** How texts are drawn. */
    public enum Texts {
        /** As texts, whose font the document brings along: the letters that it uses, as browsers read them. */
        EMBEDDED,
        /** As shapes: the same in programs that read no embedded fonts, but no longer text there. */
        OUTLINES,
        /** As texts in the font of the page around them. */
        OF_PAGE
    }

    private SvgPainter(Icons icons, Pictures pictures, Typeface face, Texts texts, String prefix) {
        this.prefix = prefix;
        this.icons = icons;
        this.pictures = pictures;
        this.face = face;
        this.texts = texts;
    }

    /** A painter of documents that stand alone. */
    public static SvgPainter alone(Icons icons, Pictures pictures, Typeface face, Texts texts) {
        return new SvgPainter(icons, pictures, face, texts, "");
    }

    /**
     * A painter of a part of a page, which has the fonts already.
     *
     * @param prefix what the part's ids start with: no other part of the page has it
     */
    public static SvgPainter within(Icons icons, Pictures pictures, Typeface face, String prefix) {
        return new SvgPainter(icons, pictures, face, Texts.OF_PAGE, prefix);
    }

    /** The scene as a document; one unit is one dp. */
    public String paint(Scene scene) {
        double wide = Math.ceil(scene.width());
        double high = Math.ceil(scene.height());
        var run = new Run(new Box(0, 0, wide, high));
        scene.nodes().forEach(run::visible);
        String width = Decimals.brief(wide);
        String height = Decimals.brief(high);
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" width=\""
                + width
                + "\" height=\"" + height + "\" viewBox=\"0 0 " + width + " " + height
                + "\" role=\"img\" aria-labelledby=\"" + prefix + "title\" font-family=\"" + FaceRules.families(face)
                + "\">\n"
                + "<title id=\"" + prefix + "title\">" + Markup.escape(scene.title()) + "</title>\n"
                + run.defs()
                + "<rect width=\"" + width + "\" height=\"" + height + "\" fill=\""
                + scene.background().hex() + "\"/>\n"
                + run.body
                // At the end, where two pictures that are compared line by line differ last.
                + run.rules()
                + "</svg>\n";
    }

    /** One painting. */
    private final class Run implements SceneNode.Visitor {
        private final StringBuilder body = new StringBuilder();
        private final Map<String, IconArt> symbols = new LinkedHashMap<>();
        private final StringBuilder clips = new StringBuilder();
        private final Map<Type.Weight, TreeSet<Integer>> letters = new EnumMap<>(Type.Weight.class);
        private int clipCount;
        /** What can be seen of what is painted now. */
        private Box seen;

        Run(Box canvas) {
            this.seen = canvas;
        }

        /** Paints what lies within what can be seen, at least in part. */
        void visible(SceneNode node) {
            if (extent(node).map(box -> box.overlaps(seen)).orElse(true)) {
                node.accept(this);
            }
        }

        /** The letters that are used, in the bundled font, and the plan's own font. */
        String rules() {
            if (texts != Texts.EMBEDDED || letters.isEmpty()) {
                return "";
            }
            return "<style>\n" + FaceRules.ofDocument(face, letters) + "</style>\n";
        }

        String defs() {
            if (symbols.isEmpty() && clips.isEmpty()) {
                return "";
            }
            var out = new StringBuilder("<defs>\n");
            symbols.forEach((id, art) -> {
                out.append("<symbol id=\"")
                        .append(prefix)
                        .append("icon-")
                        .append(id)
                        .append("\" viewBox=\"0 0 24 24\">");
                art.shapes().forEach(out::append);
                out.append("</symbol>\n");
            });
            return out.append(clips).append("</defs>\n").toString();
        }

        @Override
        public void rect(SceneNode.Rect node) {
            body.append("<rect").append(box(node.area()));
            if (node.radius() > 0) {
                body.append(" rx=\"").append(Decimals.brief(node.radius())).append('"');
            }
            body.append(paint("fill", node.fill())).append("/>\n");
        }

        @Override
        public void text(SceneNode.Text node) {
            TextLine line = node.line();
            if (line.text().isEmpty()) {
                return;
            }
            if (texts == Texts.OUTLINES) {
                String outline = PathText.of(face.outline(line.text(), line.type(), line.left(), line.baseline()));
                if (!outline.isEmpty()) {
                    body.append("<path d=\"")
                            .append(outline)
                            .append('"')
                            .append(paint("fill", node.fill()))
                            .append("/>\n");
                }
                return;
            }
            line.text()
                    .codePoints()
                    .forEach(letters.computeIfAbsent(line.type().weight(), any -> new TreeSet<>())::add);
            body.append("<text x=\"")
                    .append(Decimals.brief(line.x()))
                    .append("\" y=\"")
                    .append(Decimals.brief(
                            line.baseline() + face.lift() * line.type().size()))
                    .append('"');
            switch (line.anchor()) {
                case START -> {}
                case MIDDLE -> body.append(" text-anchor=\"middle\"");
                case END -> body.append(" text-anchor=\"end\"");
            }
            body.append(" font-size=\"")
                    .append(Decimals.brief(line.type().size()))
                    .append('"');
            body.append(" font-weight=\"").append(line.type().weight().css()).append('"');
            body.append(paint("fill", node.fill()))
                    .append('>')
                    .append(Markup.escape(line.text()))
                    .append("</text>\n");
        }

        @Override
        public void icon(SceneNode.Icon node) {
            Optional<IconArt> art = icons.in(node.set()).art(node.name(), node.filled());
            art.ifPresent(icon -> {
                // Two plans beside each other may have sets of their own.
                String id = node.set() == IconSet.LINE ? icon.key() : "slim-" + icon.key();
                symbols.putIfAbsent(id, icon);
                body.append("<use xlink:href=\"#")
                        .append(prefix)
                        .append("icon-")
                        .append(id)
                        .append('"')
                        .append(box(node.area()))
                        .append(' ')
                        .append(icon.paint(node.fill().hex()))
                        .append(
                                node.fill().alpha() < 1
                                        ? " opacity=\""
                                                + Decimals.brief(node.fill().alpha()) + "\""
                                        : "")
                        .append(transform(node))
                        .append("/>\n");
            });
        }

        @Override
        public void gradient(SceneNode.Gradient node) {
            String id = prefix + "gradient-" + ++clipCount;
            clips.append("<linearGradient id=\"")
                    .append(id)
                    .append("\" gradientUnits=\"userSpaceOnUse\" x1=\"")
                    .append(Decimals.brief(node.startX()))
                    .append("\" y1=\"")
                    .append(Decimals.brief(node.startY()))
                    .append("\" x2=\"")
                    .append(Decimals.brief(node.endX()))
                    .append("\" y2=\"")
                    .append(Decimals.brief(node.endY()))
                    .append("\">");
            for (Fill.Shade shade : node.shades()) {
                clips.append("<stop offset=\"")
                        .append(Decimals.brief(shade.at()))
                        .append('"');
                clips.append(paint("stop-color", shade.colour()).replace("stop-color-opacity", "stop-opacity"))
                        .append("/>");
            }
            clips.append("</linearGradient>\n");
            if (node.within().isPresent()) {
                body.append("<path d=\"").append(node.within().get().pathData()).append('"');
            } else {
                body.append("<rect").append(box(node.area()));
            }
            if (node.within().isEmpty() && node.radius() > 0) {
                body.append(" rx=\"").append(Decimals.brief(node.radius())).append('"');
            }
            body.append(" fill=\"url(#").append(id).append(")\"/>\n");
        }

        /** As SVG 1.1, section 7.8 writes it. */
        private static String aspect(SceneNode.Picture.Fit fit) {
            return switch (fit) {
                case COVER -> "xMidYMid slice";
                case WHOLE -> "xMidYMid meet";
                case LEFT -> "xMinYMid meet";
                case RIGHT -> "xMaxYMid meet";
            };
        }

        @Override
        public void picture(SceneNode.Picture node) {
            pictures.read(node.file()).ifPresent(picture -> {
                String id = prefix + "clip-" + ++clipCount;
                clips.append("<clipPath id=\"").append(id).append("\"><rect").append(box(node.area()));
                clips.append(" rx=\"").append(Decimals.brief(node.radius())).append("\"/></clipPath>\n");
                body.append("<image")
                        .append(box(node.area()))
                        .append(" preserveAspectRatio=\"")
                        .append(aspect(node.fit()))
                        .append("\" clip-path=\"url(#")
                        .append(id)
                        .append(")\" xlink:href=\"")
                        .append(picture.dataUri())
                        .append("\"/>\n");
            });
        }

        @Override
        public void path(SceneNode.Path node) {
            body.append("<path d=\"").append(node.outline().pathData()).append('"');
            if (node.stroke().isPresent()) {
                body.append(" fill=\"none\" stroke-width=\"")
                        .append(Decimals.brief(node.stroke().get()))
                        .append("\" stroke-linecap=\"round\" stroke-linejoin=\"round\"")
                        .append(paint("stroke", node.fill()));
            } else {
                body.append(paint("fill", node.fill()));
            }
            body.append("/>\n");
        }

        @Override
        public void group(SceneNode.Group node) {
            int start = body.length();
            body.append("<g");
            if (node.clip().isPresent()) {
                String id = prefix + "clip-" + ++clipCount;
                Box area = node.clip().get() > 0 ? node.area() : node.area().within(seen);
                clips.append("<clipPath id=\"").append(id).append("\"><rect").append(box(area));
                if (node.clip().get() > 0) {
                    clips.append(" rx=\"")
                            .append(Decimals.brief(node.clip().get()))
                            .append('"');
                }
                clips.append("/></clipPath>\n");
                body.append(" clip-path=\"url(#").append(id).append(")\"");
            }
            if (node.opacity() < 1) {
                body.append(" opacity=\"")
                        .append(Decimals.brief(node.opacity()))
                        .append('"');
            }
            body.append(">\n");
            if (node.meaning() instanceof Meaning.Link link) {
                body.append("<title>").append(Markup.escape(link.label())).append("</title>\n");
            }
            int opened = body.length();
            Box around = seen;
            seen = node.clip().isPresent() ? node.area().within(seen) : seen;
            node.children().forEach(this::visible);
            seen = around;
            if (body.length() == opened) {
                body.setLength(start);
                return;
            }
            body.append("</g>\n");
        }
    }

    /** A box around all that a node paints; no value for a group that lets its children out. */
    private static Optional<Box> extent(SceneNode node) {
        if (node instanceof SceneNode.Group group) {
            return group.clip().map(any -> group.area());
        }
        if (node instanceof SceneNode.Path path) {
            return Optional.of(path.outline().bounds().inset(-path.stroke().orElse(0.0)));
        }
        // Letters reach beyond their line, and so do the corners of an icon that is turned.
        double beyond = node instanceof SceneNode.Text text
                ? text.line().type().size()
                : node instanceof SceneNode.Icon icon ? icon.area().width() : 0;
        return node.box().map(box -> box.inset(-beyond));
    }

    /** Turned around its middle, then mirrored. */
    private static String transform(SceneNode.Icon node) {
        var steps = new StringBuilder();
        if (node.turn() != 0) {
            steps.append("rotate(")
                    .append(Decimals.brief(node.turn()))
                    .append(' ')
                    .append(Decimals.brief(node.area().centerX()))
                    .append(' ')
                    .append(Decimals.brief(node.area().centerY()))
                    .append(')');
        }
        if (node.flipped()) {
            steps.append(steps.isEmpty() ? "" : " ")
                    .append("matrix(-1 0 0 1 ")
                    .append(Decimals.brief(2 * node.area().centerX()))
                    .append(" 0)");
        }
        return steps.isEmpty() ? "" : " transform=\"" + steps + "\"";
    }

    private static String box(Box box) {
        return " x=\"" + Decimals.brief(box.x()) + "\" y=\"" + Decimals.brief(box.y()) + "\" width=\""
                + Decimals.brief(box.width()) + "\" height=\"" + Decimals.brief(box.height()) + "\"";
    }

    private static String paint(String attribute, Colour colour) {
        String opacity =
                colour.alpha() < 1 ? " " + attribute + "-opacity=\"" + Decimals.brief(colour.alpha()) + "\"" : "";
        return " " + attribute + "=\"" + colour.hex() + "\"" + opacity;
    }
}
