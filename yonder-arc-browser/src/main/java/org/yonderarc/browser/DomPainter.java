package org.yonderarc.browser;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.xml.Element;
import org.teavm.jso.dom.xml.Node;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.AccessTree;
import org.yonderarc.stage.Stage;
import org.yonderarc.tree.Decimals;

/**
 * Paints scenes as elements that mean what they show: navigation, links, buttons, a heading. An element stays as long
 * as its key stays, so bars keep their focus and don't blink.
 */
final class DomPainter {
    private static final String SVG = "http://www.w3.org/2000/svg";
    /** From the top of a line that is 1.2 em high to its baseline, in em, by the font's ascent and descent. */
    private static final double BASELINE = 0.9637;

    private static final double LINE_HEIGHT = 1.2;

    private final HTMLDocument document;
    private final HTMLElement root;
    private final Shown whole;
    private final Map<String, Shown> painted = new HashMap<>();
    /** The paths whose elements were made since something was said of them. */
    private final Set<String> fresh = new HashSet<>();

    private AccessTree told;
    /** The path of the bar that lies over everything else; empty for none. */
    private String dialog = "";
    /** How far the top bar goes up with content that is scrolled, in px. */
    private double leaving;

    private int frame;

    DomPainter(HTMLDocument document, HTMLElement root) {
        this.document = document;
        this.root = root;
        this.whole = new Shown(root, root, "div", "");
        // The still that showed before the script ran.
        root.setTextContent("");
    }

    /** Sets how far the top bar goes up with content that is scrolled, in px; 0 where it stays. */
    void leaving(double most) {
        leaving = most;
    }

    /** Moves the top bar as the content is scrolled. */
    void leave() {
        HTMLElement content = root.querySelector("main");
        Element bar = root.querySelector("header");
        if (content != null && bar != null) {
            double gone = Math.min(leaving, content.getScrollTop());
            style(bar, "transform", gone > 0 ? "translateY(" + px(-gone) + ")" : "none");
            style(bar, "--gone", Decimals.brief(leaving > 0 ? gone / leaving : 0));
        }
    }

    /** Sets which bar lies over everything else: it is an element of another kind, since a dialog is no navigation. */
    void dialog(Optional<String> path) {
        dialog = path.orElse("");
    }

    /** Scrolls what has a path; gives whether it is there, and as long as that. */
    boolean scroll(String path, double to) {
        Shown found = painted.get(path);
        return found != null && Page.scrollTo(found.element(), to);
    }

    /** Gives the browser's focus to what has a path; gives whether it is there. */
    boolean focus(String path) {
        Shown found = painted.get(path);
        if (found != null) {
            Page.focus((HTMLElement) found.element());
        }
        return found != null;
    }

    /** Shows whether what the mouse is on can be chosen. */
    void hands(boolean isTarget) {
        style(root, "cursor", isTarget ? "pointer" : "default");
    }

    boolean hasFocus() {
        return Page.holdsFocus(root);
    }

    /** Says to assistive technology what it can't read from the elements: what is open, where the person is, what is out of reach. */
    void tell(AccessTree tree) {
        boolean isNews = tree != told;
        told = tree;
        if (isNews || !fresh.isEmpty()) {
            tree.all().stream()
                    .filter(part -> isNews || fresh.contains(part.path()))
                    .forEach(this::tell);
            // What stands in something out of reach is out of reach with it.
            tree.roots().forEach(part -> element(part)
                    .ifPresent(any -> attribute(any, "inert", part.inert() ? Optional.of("") : Optional.empty())));
        }
        fresh.clear();
    }

    private void tell(Access part) {
        element(part).ifPresent(element -> {
            attribute(element, "aria-expanded", part.expanded().map(open -> open ? "true" : "false"));
            attribute(element, "aria-disabled", part.enabled() ? Optional.empty() : Optional.of("true"));
            attribute(
                    element,
                    "aria-current",
                    switch (part.current()) {
                        case NO -> Optional.empty();
                        case PAGE -> Optional.of("page");
                        case BRANCH -> Optional.of("true");
                    });
            if (part.role() == Access.Role.DIALOG) {
                attribute(element, "role", Optional.of("dialog"));
                attribute(element, "aria-modal", Optional.of("true"));
            }
        });
    }

    private Optional<Element> element(Access part) {
        return Optional.ofNullable(painted.get(part.path())).map(Shown::element);
    }

    private static void attribute(Element element, String name, Optional<String> value) {
        if (value.isEmpty()) {
            element.removeAttribute(name);
        } else if (!value.get().equals(element.getAttribute(name))) {
            element.setAttribute(name, value.get());
        }
    }

    void paint(Scene scene) {
        style(root, "width", px(scene.width()));
        style(root, "height", px(scene.height()));
        style(root, "background-color", css(scene.background()));
        // What is gone leaves first: an element that is moved, even in its place, would lose the focus.
        frame++;
        drop(whole, scene.nodes());
        new Level(whole, 0, 0).paint(scene.nodes());
        if (leaving > 0) {
            leave();
        }
    }

    /** Takes away what an element had and no longer has, all the way down. */
    private void drop(Shown parent, List<SceneNode> nodes) {
        Map<String, Shown> children = parent.children();
        for (SceneNode node : nodes) {
            Shown child = children.get(node.key());
            if (child != null) {
                child.seen(frame);
                drop(child, node instanceof SceneNode.Group group ? group.children() : List.of());
            }
        }
        children.entrySet().removeIf(entry -> {
            Shown child = entry.getValue();
            boolean gone = !child.isOf(frame);
            if (gone) {
                forget(child);
                Node outer = child.outer();
                outer.getParentNode().removeChild(outer);
            }
            return gone;
        });
    }

    private static boolean isEntry(SceneNode node) {
        return node instanceof SceneNode.Group group
                && (group.part() instanceof Part.Item || group.part() instanceof Part.Row);
    }

    /** An element without a box of its own, around others. */
    private Element contents() {
        Element around = document.createElement("div");
        around.setAttribute("class", "contents");
        return around;
    }

    private void forget(Shown gone) {
        painted.remove(gone.path());
        gone.children().values().forEach(this::forget);
    }

    /** One group's children: positions are relative to the group. */
    private final class Level implements SceneNode.Visitor {
        private final Shown parent;
        private final double originX;
        private final double originY;
        private Node before;
        /** The place of each node in the order of painting, where that is another than the order of reading. */
        private List<SceneNode> depths = List.of();

        Level(Shown parent, double originX, double originY) {
            this.parent = parent;
            this.originX = originX;
            this.originY = originY;
        }

        /** The elements stand in the order in which the eye goes over them, and lie above each other as they are painted. */
        void paint(List<SceneNode> nodes) {
            List<SceneNode> read = Stage.inReadingOrder(nodes);
            depths = read == nodes ? List.of() : nodes;
            read.forEach(node -> node.accept(this));
        }

        /** The element for a node, made or found, standing behind the one before it. */
        private Shown element(SceneNode node, String tag) {
            Shown known = parent.children().get(node.key());
            if (known == null || !known.tag().equals(tag)) {
                known = made(node, tag, known);
            }
            known.seen(frame);
            known.entry(parent.isList());
            Node next = before == null ? parent.inner().getFirstChild() : before.getNextSibling();
            if (next != known.outer()) {
                parent.inner().insertBefore(known.outer(), next);
            }
            before = known.outer();
            return known;
        }

        /** A new element, in place of one of another kind where there was one. */
        private Shown made(SceneNode node, String tag, Shown known) {
            String full = parent.path() + "/" + node.key();
            Element element = tag.equals("svg") ? document.createElementNS(SVG, tag) : document.createElement(tag);
            Element outer = element;
            if (isEntry(node)) {
                outer = contents();
                outer.appendChild(element);
            }
            var made = new Shown(element, outer, tag, full);
            if (known != null) {
                parent.inner().removeChild(known.outer());
                made.children().putAll(known.children());
            }
            Page.name(element, full);
            parent.children().put(node.key(), made);
            painted.put(full, made);
            fresh.add(full);
            return made;
        }

        private void place(Shown shown, Box box) {
            shown.place(box.x() - originX, box.y() - originY, box);
        }

        @Override
        public void rect(SceneNode.Rect node) {
            Shown shown = element(node, "div");
            place(shown, node.area());
            boolean stays = shown.had() instanceof SceneNode.Rect had
                    && had.radius() == node.radius()
                    && had.fill().equals(node.fill());
            if (!stays) {
                style(shown.element(), "border-radius", px(node.radius()));
                style(shown.element(), "background-color", css(node.fill()));
                shown.has(node);
            }
        }

        @Override
        public void text(SceneNode.Text node) {
            Shown shown = element(node, "span");
            TextLine line = node.line();
            double size = line.type().size();
            shown.place(line.left() - originX, line.baseline() - BASELINE * size - originY);
            boolean stays = shown.had() instanceof SceneNode.Text had
                    && had.line().text().equals(line.text())
                    && had.line().type().equals(line.type())
                    && had.fill().equals(node.fill());
            if (!stays) {
                Element element = shown.element();
                style(element, "font-size", px(size));
                style(element, "line-height", Decimals.brief(LINE_HEIGHT));
                style(
                        element,
                        "font-weight",
                        Integer.toString(line.type().weight().css()));
                style(element, "color", css(node.fill()));
                if (!line.text().equals(element.getTextContent())) {
                    element.setTextContent(line.text());
                }
                shown.has(node);
            }
        }

        @Override
        public void icon(SceneNode.Icon node) {
            Shown shown = element(node, "svg");
            place(shown, node.area());
            boolean stays = shown.had() instanceof SceneNode.Icon had
                    && had.name().equals(node.name())
                    && had.filled() == node.filled()
                    && had.flipped() == node.flipped()
                    && had.turn() == node.turn()
                    && had.fill().equals(node.fill());
            if (!stays) {
                String filled = "icon-" + node.name() + "-filled";
                boolean hasTwin = node.filled() && document.getElementById(filled) != null;
                Element element = shown.element();
                style(element, "color", css(node.fill()));
                element.setAttribute("aria-hidden", "true");
                style(element, "transform", transform(node));
                child(element, "use").setAttribute("href", "#" + (hasTwin ? filled : "icon-" + node.name()));
                shown.has(node);
            }
        }

        @Override
        public void gradient(SceneNode.Gradient node) {
            Shown shown = element(node, "div");
            place(shown, node.area());
            boolean stays = shown.had() instanceof SceneNode.Gradient had
                    && had.radius() == node.radius()
                    && had.angle() == node.angle()
                    && had.from().equals(node.from())
                    && had.to().equals(node.to());
            if (!stays) {
                style(shown.element(), "border-radius", px(node.radius()));
                style(
                        shown.element(),
                        "background",
                        "linear-gradient(" + Decimals.brief(node.angle()) + "deg," + css(node.from()) + ","
                                + css(node.to()) + ")");
                shown.has(node);
            }
        }

        @Override
        public void picture(SceneNode.Picture node) {
            String uri = Page.picture(node.file());
            if (uri.isEmpty()) {
                return;
            }
            Shown shown = element(node, "img");
            place(shown, node.area());
            boolean stays = shown.had() instanceof SceneNode.Picture had
                    && had.radius() == node.radius()
                    && had.whole() == node.whole()
                    && had.file().equals(node.file());
            if (!stays) {
                Element element = shown.element();
                style(element, "border-radius", px(node.radius()));
                style(element, "object-fit", node.whole() ? "contain" : "cover");
                element.setAttribute("alt", "");
                element.setAttribute("src", uri);
                shown.has(node);
            }
        }

        @Override
        public void path(SceneNode.Path node) {
            Shown shown = element(node, "svg");
            shown.place(0, 0, new Box(0, 0, 1, 1));
            Element path = child(shown.element(), "path");
            Outline seen = node.outline().mapped(x -> Shown.exact(x - originX), y -> Shown.exact(y - originY));
            if (shown.draws(seen)) {
                path.setAttribute("d", seen.pathData());
            }
            boolean stays = shown.had() instanceof SceneNode.Path had
                    && had.fill().equals(node.fill())
                    && had.stroke().equals(node.stroke());
            if (!stays) {
                shown.element().setAttribute("aria-hidden", "true");
                style(path, "fill", node.stroke().isPresent() ? "none" : css(node.fill()));
                style(path, "stroke", node.stroke().isPresent() ? css(node.fill()) : "none");
                style(path, "stroke-width", Decimals.brief(node.stroke().orElse(0.0)));
                shown.has(node);
            }
        }

        private Element child(Element svg, String tag) {
            if (svg.getFirstChild() == null) {
                svg.appendChild(document.createElementNS(SVG, tag));
            }
            return (Element) svg.getFirstChild();
        }

        @Override
        public void group(SceneNode.Group node) {
            boolean isDialog = !dialog.isEmpty() && dialog.equals(parent.path() + "/" + node.key());
            Shown shown = element(node, isDialog ? "div" : tag(node.meaning()));
            Element element = shown.element();
            style(element, "z-index", depths.isEmpty() ? "auto" : Integer.toString(depth(node)));
            Box area = node.area();
            if (leaving > 0 && node.meaning() instanceof Meaning.Main) {
                // The content reaches under the bar, so that it is there when the bar has left.
                area = new Box(area.x(), area.y() - leaving, area.width(), area.height() + leaving);
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
                shown.has(node);
            }
            // A top bar has a title among its actions.
            boolean entries = !(node.meaning() instanceof Meaning.Banner)
                    && node.children().stream().filter(DomPainter::isEntry).count() > 1;
            if (entries != shown.isList()) {
                shown.lists(entries, contents());
            }
            new Level(shown, area.x(), area.y()).paint(node.children());
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
                style(element, "overflow-x", node.meaning() instanceof Meaning.Scroll ? "auto" : "hidden");
                style(element, "overflow-y", scrolls ? "auto" : "hidden");
                style(element, "border-radius", px(node.clip().get()));
            }
            // What lies above the content lets touches through, but for its items and buttons.
            if (node.part() instanceof Part.Bar bar && bar.edge() == Form.Edge.ABOVE) {
                style(element, "pointer-events", "none");
            }
            style(element, "opacity", node.opacity() < 1 ? Decimals.brief(node.opacity()) : "");
        }

        private void mean(Element element, SceneNode.Group node) {
            Meaning meaning = node.meaning();
            if (meaning instanceof Meaning.Link link) {
                boolean isInside = link.address().startsWith("/");
                element.setAttribute("href", isInside ? "#" + link.address() : link.address());
                attribute(element, "rel", isInside ? Optional.empty() : Optional.of("external noopener noreferrer"));
                attribute(element, "target", isInside ? Optional.empty() : Optional.of("_blank"));
                element.setAttribute("aria-label", link.label());
                style(element, "pointer-events", "auto");
            } else if (meaning instanceof Meaning.Button button) {
                element.setAttribute("type", "button");
                element.setAttribute("aria-label", button.label());
                style(element, "pointer-events", "auto");
                if (node.part() == Part.Plain.SCRIM) {
                    element.setAttribute("tabindex", "-1");
                    element.setAttribute("aria-hidden", "true");
                }
            } else if (meaning instanceof Meaning.Navigation navigation) {
                element.setAttribute("aria-label", navigation.label());
            } else if (meaning instanceof Meaning.Main main) {
                element.setAttribute("aria-label", main.label());
                element.setAttribute("tabindex", "-1");
            } else if (meaning instanceof Meaning.Heading heading) {
                element.setAttribute("aria-label", heading.text());
            }
        }
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
        if (meaning instanceof Meaning.Navigation) {
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

    private static void style(Element element, String property, String value) {
        Page.style(element, property, value);
    }

    private static String px(double dp) {
        return Shown.px(dp);
    }

    private static String css(Colour colour) {
        return "rgba(" + colour.red() + "," + colour.green() + "," + colour.blue() + ","
                + Decimals.brief(colour.alpha()) + ")";
    }
}
