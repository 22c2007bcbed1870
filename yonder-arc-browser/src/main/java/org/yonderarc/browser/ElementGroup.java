package org.yonderarc.browser;

import java.util.List;
import java.util.Optional;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.xml.Element;
import org.teavm.jso.dom.xml.Node;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.HitTarget;
import org.yonderarc.tree.Decimals;

/** The children of one group as elements of its own; their places are relative to it. */
final class ElementGroup implements SceneNode.Visitor {
    private static final String SVG = "http://www.w3.org/2000/svg";
    /** From the top of a line that is 1.2 em high to its baseline, in em, by the font's ascent and descent. */
    private static final double BASELINE = 0.9637;

    private static final double LINE_HEIGHT = 1.2;
    /** Up to this thickness in dp a rectangle is a line. */
    private static final double HAIRLINE = 1.5;

    /** A box within a button, which holds no others (HTML, section 4.10.6: phrasing content). */
    private static final String PHRASING = "span.box";

    private final DomPainter painter;
    private final RenderedElement parent;
    /** The kind of element of what only has a place. */
    private final String box;

    private final double originX;
    private final double originY;
    private Node before;
    /** The place of each node in the order of painting, where that is another than the order of reading. */
    private List<SceneNode> depths = List.of();

    ElementGroup(DomPainter painter, RenderedElement parent, double originX, double originY) {
        this.painter = painter;
        this.parent = parent;
        this.originX = originX;
        this.originY = originY;
        this.box = parent.isPhrasing() ? PHRASING : "div";
    }

    /** The elements stand in the order in which the eye goes over them, and lie above each other as they are painted. */
    void paint(List<SceneNode> nodes) {
        List<SceneNode> read = painter.inReadingOrder(nodes);
        depths = read == nodes ? List.of() : nodes;
        // What lies above what is settled within: nothing of it lies above what stands beside the whole.
        Page.style(parent.element(), "isolation", depths.isEmpty() ? "auto" : "isolate");
        read.forEach(node -> node.accept(this));
    }

    /** The element for a node, made or found, standing behind the one before it. */
    private RenderedElement element(SceneNode node, String tag) {
        RenderedElement known = parent.children().get(node.key());
        if (known == null || !known.tag().equals(tag)) {
            known = made(node, tag, known);
        }
        known.seen(painter.frame());
        Page.style(known.element(), "z-index", depths.isEmpty() ? "auto" : Integer.toString(depth(node)));
        if (known.entry(parent.isList())) {
            DomPainter.attribute(
                    known.outer(), "aria-level", Entries.level(node).filter(level -> parent.isList()));
        }
        Node next = before == null ? parent.inner().getFirstChild() : before.getNextSibling();
        if (next != known.outer()) {
            parent.inner().insertBefore(known.outer(), next);
        }
        before = known.outer();
        return known;
    }

    /** A new element, in place of one of another kind where there was one. */
    private RenderedElement made(SceneNode node, String tag, RenderedElement known) {
        String full = parent.path() + "/" + node.key();
        boolean isPhrasing = tag.equals(PHRASING);
        Element element = tag.equals("svg")
                ? painter.document().createElementNS(SVG, tag)
                : painter.document().createElement(isPhrasing ? "span" : tag);
        if (isPhrasing) {
            element.setAttribute("class", "box");
        }
        Element outer = element;
        if (Entries.isEntry(node)) {
            outer = contents();
            outer.appendChild(element);
        }
        var made = new RenderedElement(element, outer, tag, full, parent.isPhrasing() || tag.equals("button"));
        if (known != null) {
            parent.inner().removeChild(known.outer());
            made.children().putAll(known.children());
        }
        Page.name(element, full);
        parent.children().put(node.key(), made);
        painter.made(made);
        return made;
    }

    private void place(RenderedElement shown, Box box) {
        shown.place(box.x() - originX, box.y() - originY, box);
    }

    @Override
    public void rect(SceneNode.Rect node) {
        RenderedElement shown = element(node, box);
        place(shown, node.area());
        boolean stays = shown.had() instanceof SceneNode.Rect had
                && had.radius() == node.radius()
                && had.fill().equals(node.fill());
        if (!stays) {
            Page.style(shown.element(), "border-radius", RenderedElement.px(node.radius()));
            Page.style(shown.element(), "background", RenderedElement.css(node.fill()));
            Page.toggle((HTMLElement) shown.element(), "line", isLine(node.area()));
        }
        shown.has(node);
    }

    /** How far the baseline of a text is below the top of its element, in px. */
    static double ascent(TextLine line) {
        return BASELINE * line.type().size();
    }

    @Override
    public void text(SceneNode.Text node) {
        RenderedElement shown = element(node, "span");
        TextLine line = node.line();
        double size = line.type().size();
        shown.place(line.left() - originX, line.baseline() - ascent(line) - originY);
        boolean stays = shown.had() instanceof SceneNode.Text had
                && had.line().text().equals(line.text())
                && had.line().type().equals(line.type())
                && had.fill().equals(node.fill());
        if (!stays) {
            Element element = shown.element();
            Page.style(element, "font-size", RenderedElement.px(size));
            Page.style(element, "line-height", Decimals.brief(LINE_HEIGHT));
            Page.style(
                    element,
                    "font-weight",
                    Integer.toString(line.type().weight().css()));
            Page.style(element, "color", RenderedElement.css(node.fill()));
            if (!line.text().equals(element.getTextContent())) {
                element.setTextContent(line.text());
            }
        }
        shown.has(node);
    }

    @Override
    public void icon(SceneNode.Icon node) {
        RenderedElement shown = element(node, "svg");
        place(shown, node.area());
        boolean stays = shown.had() instanceof SceneNode.Icon had
                && had.name().equals(node.name())
                && had.filled() == node.filled()
                && had.flipped() == node.flipped()
                && had.turn() == node.turn()
                && had.fill().equals(node.fill());
        if (!stays) {
            String filled = "icon-" + node.name() + "-filled";
            boolean hasFilled = node.filled() && painter.document().getElementById(filled) != null;
            Element element = shown.element();
            Page.style(element, "color", RenderedElement.css(node.fill()));
            element.setAttribute("class", "icon");
            element.setAttribute("aria-hidden", "true");
            Page.style(element, "transform", transform(node));
            child(element, "use").setAttribute("href", "#" + (hasFilled ? filled : "icon-" + node.name()));
        }
        shown.has(node);
    }

    private static String shaded(List<Fill.Shade> shades, double angle) {
        var out = new StringBuilder("linear-gradient(")
                .append(Decimals.brief(angle))
                .append("deg");
        for (Fill.Shade shade : shades) {
            out.append(',').append(RenderedElement.css(shade.colour())).append(' ');
            out.append(Decimals.brief(shade.at() * 100)).append('%');
        }
        return out.append(')').toString();
    }

    /** What of a box is seen, from its own corner. */
    private static String cut(Outline seen, Box box) {
        Outline own = seen.mapped(x -> RenderedElement.exact(x - box.x()), y -> RenderedElement.exact(y - box.y()));
        return "path('" + own.pathData() + "')";
    }

    @Override
    public void gradient(SceneNode.Gradient node) {
        RenderedElement shown = element(node, box);
        place(shown, node.area());
        boolean stays = shown.had() instanceof SceneNode.Gradient had
                && had.radius() == node.radius()
                && had.angle() == node.angle()
                && had.within().equals(node.within())
                // What is cut is told from the corner of the box.
                && (node.within().isEmpty() || had.area().equals(node.area()))
                && had.shades().equals(node.shades());
        if (!stays) {
            // Where an outline cuts it, that alone does.
            Page.style(
                    shown.element(),
                    "border-radius",
                    RenderedElement.px(node.within().isPresent() ? 0 : node.radius()));
            Page.style(shown.element(), "background", shaded(node.shades(), node.angle()));
            Page.style(
                    shown.element(),
                    "clip-path",
                    node.within().map(seen -> cut(seen, node.area())).orElse("none"));
        }
        shown.has(node);
    }

    @Override
    public void picture(SceneNode.Picture node) {
        String uri = Page.picture(node.file());
        if (uri.isEmpty()) {
            return;
        }
        RenderedElement shown = element(node, "img");
        place(shown, node.area());
        boolean stays = shown.had() instanceof SceneNode.Picture had
                && had.radius() == node.radius()
                && had.fit() == node.fit()
                && had.file().equals(node.file());
        if (!stays) {
            Element element = shown.element();
            Page.style(element, "border-radius", RenderedElement.px(node.radius()));
            Page.style(element, "object-fit", node.fit().isWhole() ? "contain" : "cover");
            Page.style(element, "object-position", Decimals.brief(node.fit().across() * 100) + "% 50%");
            element.setAttribute("alt", "");
            element.setAttribute("src", uri);
        }
        shown.has(node);
    }

    @Override
    public void path(SceneNode.Path node) {
        RenderedElement shown = element(node, "svg");
        shown.place(0, 0, new Box(0, 0, 1, 1));
        Element path = child(shown.element(), "path");
        Outline seen =
                node.outline().mapped(x -> RenderedElement.exact(x - originX), y -> RenderedElement.exact(y - originY));
        if (shown.draws(seen)) {
            path.setAttribute("d", seen.pathData());
        }
        boolean stays = shown.had() instanceof SceneNode.Path had
                && had.fill().equals(node.fill())
                && had.stroke().equals(node.stroke());
        if (!stays) {
            shown.element().setAttribute("aria-hidden", "true");
            Page.style(path, "fill", node.stroke().isPresent() ? "none" : RenderedElement.css(node.fill()));
            Page.style(path, "stroke", node.stroke().isPresent() ? RenderedElement.css(node.fill()) : "none");
            Page.style(path, "stroke-width", Decimals.brief(node.stroke().orElse(0.0)));
        }
        shown.has(node);
    }

    private Element child(Element svg, String tag) {
        if (svg.getFirstChild() == null) {
            svg.appendChild(painter.document().createElementNS(SVG, tag));
        }
        return (Element) svg.getFirstChild();
    }

    @Override
    public void group(SceneNode.Group node) {
        if (node.meaning() instanceof Meaning.Field field) {
            field(node, field);
            return;
        }
        boolean isDialog = painter.isDialog(parent.path() + "/" + node.key());
        String usual = node.meaning() instanceof Meaning.Heading && !hasText(node) ? "div" : tag(node.meaning());
        boolean isLandmark = List.of("main", "nav", "header").contains(usual);
        RenderedElement shown =
                element(node, isDialog || isLandmark && !painter.hasLandmarks() || usual.equals("div") ? box : usual);
        Element element = shown.element();
        Box area = node.area();
        if (painter.leaving() > 0 && node.meaning() instanceof Meaning.Main) {
            // The content reaches under the bar, so that it is there when the bar has left.
            area = new Box(area.x(), area.y() - painter.leaving(), area.width(), area.height() + painter.leaving());
        }
        place(shown, area);
        boolean stays = shown.had() instanceof SceneNode.Group had
                && had.meaning().equals(node.meaning())
                && had.part().equals(node.part())
                && had.clip().equals(node.clip())
                && had.opacity() == node.opacity();
        if (!stays) {
            look(element, node);
            mean(element, node);
            if (isLandmark && !isDialog && !painter.hasLandmarks()) {
                element.setAttribute("role", "group");
                Page.toggle((HTMLElement) element, usual, true);
            }
        }
        shown.has(node);
        if (node.meaning() instanceof Meaning.Main main) {
            // What is last can be scrolled clear of a bar over it: see the page's style. The height changes with the
            // device.
            Page.style(element, "--end", RenderedElement.px(area.height() + main.reach()));
        }
        // A top bar has a title among its actions.
        boolean isBanner = node.meaning() instanceof Meaning.Banner;
        if (!isBanner && !shown.isHolding() && node.children().stream().anyMatch(Entries::isEntry)) {
            shown.hold(contents());
        }
        shown.list(!isBanner && Entries.are(node.children()));
        new ElementGroup(painter, shown, area.x(), area.y()).paint(node.children());
    }

    /** A field of the browser's own, where the scene has the text: with it, everything that people know of fields. */
    private void field(SceneNode.Group node, Meaning.Field field) {
        RenderedElement shown = element(node, "input");
        Element element = shown.element();
        place(shown, node.area());
        Page.value(element, painter.typed(shown.path()));
        if (!node.equals(shown.had())) {
            element.setAttribute("type", "search");
            element.setAttribute("autocomplete", "off");
            element.setAttribute("aria-label", field.label());
            element.setAttribute("placeholder", field.label());
            for (SceneNode child : node.children()) {
                if (child instanceof SceneNode.Text text) {
                    TextLine line = text.line();
                    Page.style(
                            element, "font-size", RenderedElement.px(line.type().size()));
                    Page.style(element, "color", RenderedElement.css(text.fill()));
                    Page.style(element, "padding-inline-start", RenderedElement.px(start(node.area(), line)));
                }
            }
        }
        shown.has(node);
    }

    /** How far a text begins from the edge where lines start. */
    private static double start(Box box, TextLine line) {
        return line.anchor() == TextLine.Anchor.END ? box.right() - line.x() : line.x() - box.x();
    }

    /** Whether it is a hairline: where a browser takes its own colours, what it parts has to be parted still. */
    private static boolean isLine(Box box) {
        return Math.min(box.width(), box.height()) <= HAIRLINE;
    }

    private int depth(SceneNode node) {
        int depth = 0;
        while (depths.get(depth) != node) {
            depth++;
        }
        return depth;
    }

    private void look(Element element, SceneNode.Group node) {
        if (node.clip().isPresent()) {
            boolean scrolls = node.meaning() instanceof Meaning.Main || node.meaning() instanceof Meaning.Scroll;
            Page.style(element, "overflow-x", node.meaning() instanceof Meaning.Scroll ? "auto" : "hidden");
            Page.style(element, "overflow-y", scrolls ? "auto" : "hidden");
            // Whatever clips begins a region where a browser pans, and takes the finger: across, that is the app's.
            boolean across = node.meaning() instanceof Meaning.Scroll scroll && scroll.across() > 0;
            Page.style(element, "touch-action", across ? "pan-x pan-y pinch-zoom" : "pan-y pinch-zoom");
            Page.style(element, "border-radius", RenderedElement.px(node.clip().get()));
        }
        // What lies above the content lets touches through, but for its items and buttons.
        if (node.part() instanceof Part.Bar bar && bar.edge() == Form.Edge.ABOVE) {
            Page.style(element, "pointer-events", "none");
        }
        if (node.part() == Part.Plain.SHADOW) {
            Page.style(element, "pointer-events", "none");
        }
        Page.toggle((HTMLElement) element, "badge", node.part() == Part.Plain.BADGE);
        Page.toggle((HTMLElement) element, "switch", node.part() == Part.Plain.SWITCH);
        Page.style(element, "opacity", node.opacity() < 1 ? Decimals.brief(node.opacity()) : "");
    }

    private void mean(Element element, SceneNode.Group node) {
        DomPainter.attribute(element, "title", HitTarget.hint(node));
        Meaning meaning = node.meaning();
        if (meaning instanceof Meaning.Link link) {
            boolean isInside = link.address().startsWith("/");
            element.setAttribute("href", isInside ? "#" + link.address() : link.address());
            DomPainter.attribute(
                    element, "rel", isInside ? Optional.empty() : Optional.of("external noopener noreferrer"));
            DomPainter.attribute(element, "target", isInside ? Optional.empty() : Optional.of("_blank"));
            element.setAttribute("aria-label", link.label());
            Page.style(element, "pointer-events", "auto");
        } else if (meaning instanceof Meaning.Button button) {
            element.setAttribute("type", "button");
            element.setAttribute("aria-label", button.label());
            Page.style(element, "pointer-events", "auto");
            if (node.part() == Part.Plain.SCRIM) {
                element.setAttribute("tabindex", "-1");
                element.setAttribute("aria-hidden", "true");
            }
        } else if (meaning instanceof Meaning.Navigation navigation) {
            element.setAttribute("aria-label", navigation.label());
        } else if (meaning instanceof Meaning.Scroll scroll) {
            DomPainter.attribute(
                    element, "aria-label", Optional.of(scroll.navigation()).filter(name -> !name.isEmpty()));
        } else if (meaning instanceof Meaning.Main main) {
            element.setAttribute("aria-label", main.label());
            // Content that scrolls and holds nothing that takes the focus takes it itself, for those who scroll by
            // keyboard.
            boolean isTab = main.reach() > 0 && node.children().stream().noneMatch(Entries::takesFocus);
            element.setAttribute("tabindex", isTab ? "0" : "-1");
        } else if (meaning instanceof Meaning.Heading heading) {
            element.setAttribute("aria-label", heading.text());
            if (!hasText(node)) {
                // A logo: an element that is a heading would have to hold text.
                element.setAttribute("role", "heading");
                element.setAttribute("aria-level", "1");
            }
        } else if (meaning instanceof Meaning.Figure figure) {
            element.setAttribute("role", "img");
            element.setAttribute("aria-label", figure.text());
        }
    }

    private static boolean hasText(SceneNode.Group group) {
        return group.children().stream()
                .anyMatch(node ->
                        node instanceof SceneNode.Text || node instanceof SceneNode.Group inner && hasText(inner));
    }

    /** An element without a box of its own, around others. */
    private Element contents() {
        Element around = painter.document().createElement(parent.isPhrasing() ? "span" : "div");
        around.setAttribute("class", "contents");
        return around;
    }

    /** Turned around its middle, then mirrored. */
    private static String transform(SceneNode.Icon node) {
        String turned = node.turn() == 0 ? "" : "rotate(" + Decimals.brief(node.turn()) + "deg)";
        return node.flipped() ? turned + " scaleX(-1)" : turned;
    }

    private static String tag(Meaning meaning) {
        if (meaning instanceof Meaning.Link) {
            return "a";
        }
        if (meaning instanceof Meaning.Button) {
            return "button";
        }
        if (meaning instanceof Meaning.Navigation
                || meaning instanceof Meaning.Scroll scroll
                        && !scroll.navigation().isEmpty()) {
            return "nav";
        }
        if (meaning instanceof Meaning.Banner) {
            return "header";
        }
        if (meaning instanceof Meaning.Main) {
            return "main";
        }
        return meaning instanceof Meaning.Heading ? "h1" : "div";
    }
}
