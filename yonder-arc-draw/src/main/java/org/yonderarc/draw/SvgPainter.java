package org.yonderarc.draw;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Markup;

/** Paints scenes as SVG 1.1 documents: text as text, each icon once as a symbol. The same scene gives the same bytes. */
public final class SvgPainter {
    private final Icons icons;
    private final Pictures pictures;
    private final Typeface face;
    private final String rules;
    /** What the ids of a part start with, so that they are unique in its page. */
    private final String prefix;

    private SvgPainter(Icons icons, Pictures pictures, Typeface face, String rules, String prefix) {
        this.prefix = prefix;
        this.icons = icons;
        this.pictures = pictures;
        this.face = face;
        this.rules = rules;
    }

    /** A painter of documents that stand alone: they bring the plan's own font with them. */
    public static SvgPainter alone(Icons icons, Pictures pictures, Typeface face) {
        String rules = FaceRules.ofDocument(face);
        return new SvgPainter(icons, pictures, face, rules.isEmpty() ? "" : "<style>\n" + rules + "</style>\n", "");
    }

    /**
     * A painter of a part of a page, which has the fonts already.
     *
     * @param prefix what the part's ids start with: no other part of the page has it
     */
    public static SvgPainter within(Icons icons, Pictures pictures, Typeface face, String prefix) {
        return new SvgPainter(icons, pictures, face, "", prefix);
    }

    /** The scene as a document; one unit is one dp. */
    public String paint(Scene scene) {
        var run = new Run();
        scene.nodes().forEach(node -> node.accept(run));
        String width = Decimals.brief(scene.width());
        String height = Decimals.brief(scene.height());
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" width=\""
                + width
                + "\" height=\"" + height + "\" viewBox=\"0 0 " + width + " " + height
                + "\" role=\"img\" aria-labelledby=\"" + prefix + "title\" font-family=\"" + FaceRules.families(face)
                + "\">\n"
                + "<title id=\"" + prefix + "title\">" + Markup.escape(scene.title()) + "</title>\n"
                + rules
                + run.defs()
                + "<rect width=\"" + width + "\" height=\"" + height + "\" fill=\""
                + scene.background().hex() + "\"/>\n"
                + run.body
                + "</svg>\n";
    }

    /** One painting. */
    private final class Run implements SceneNode.Visitor {
        private final StringBuilder body = new StringBuilder();
        private final Map<String, IconArt> symbols = new LinkedHashMap<>();
        private final StringBuilder clips = new StringBuilder();
        private int clipCount;

        String defs() {
            if (symbols.isEmpty() && clips.isEmpty()) {
                return "";
            }
            var out = new StringBuilder("<defs>\n");
            symbols.values().forEach(art -> {
                out.append("<symbol id=\"")
                        .append(prefix)
                        .append("icon-")
                        .append(art.key())
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
            var line = node.line();
            if (line.text().isEmpty()) {
                return;
            }
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
            Optional<IconArt> art = icons.art(node.name(), node.filled());
            art.ifPresent(icon -> {
                symbols.putIfAbsent(icon.key(), icon);
                body.append("<use xlink:href=\"#")
                        .append(prefix)
                        .append("icon-")
                        .append(icon.key())
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
            body.append("<g");
            if (node.clip().isPresent()) {
                String id = prefix + "clip-" + ++clipCount;
                clips.append("<clipPath id=\"").append(id).append("\"><rect").append(box(node.area()));
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
            node.children().forEach(child -> child.accept(this));
            body.append("</g>\n");
        }
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
