package org.yonderarc.browser;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.teavm.jso.dom.html.HTMLDocument;
import org.teavm.jso.dom.html.HTMLElement;
import org.teavm.jso.dom.xml.Element;
import org.teavm.jso.dom.xml.Node;
import org.yonderarc.motion.Tracks;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Access;
import org.yonderarc.stage.AccessTree;
import org.yonderarc.stage.Retreat;
import org.yonderarc.tree.Decimals;

/**
 * Paints scenes as elements that mean what they show: navigation, links, buttons, a heading. An element stays as long
 * as its key stays, so bars keep their focus and don't blink. What each element shows is told by {@link ElementGroup}.
 */
final class DomPainter {
    private static final String MAIN = "main, .main";
    private static final String HEADER = "header, .header";

    private final HTMLDocument document;
    private final HTMLElement root;
    private final RenderedElement whole;
    private final Map<String, RenderedElement> painted = new HashMap<>();
    /** The paths whose elements were made since something was said of them. */
    private final Set<String> fresh = new HashSet<>();

    private AccessTree told;
    /** The path of the bar that lies over everything else; empty for none. */
    private String dialog = "";
    /** How far the top bar goes up with content that is scrolled, in px. */
    private double leaving;

    /** What a field with a path holds: a film may still show what it held. */
    private UnaryOperator<String> typed = path -> "";

    private UnaryOperator<List<SceneNode>> order = nodes -> nodes;

    private TrackPlayer player = new TrackPlayer(0, 1);
    private int frame;

    /** Whether its bars and its content are landmarks: of several devices, those of the first alone, as a page has one main content. */
    private final boolean hasLandmarks;

    DomPainter(HTMLDocument document, HTMLElement root, boolean hasLandmarks) {
        this.document = document;
        this.root = root;
        this.hasLandmarks = hasLandmarks;
        this.whole = new RenderedElement(root, root, "div", "", false);
        // The still that showed before the script ran.
        root.setTextContent("");
    }

    /** Sets how far the top bar goes up with content that is scrolled, in px; 0 where it stays. */
    void leaving(double most) {
        leaving = most;
    }

    /** Moves the top bar as the content is scrolled. */
    void leave() {
        HTMLElement content = root.querySelector(MAIN);
        Element bar = root.querySelector(HEADER);
        if (content != null && bar != null) {
            double gone = Math.min(leaving, content.getScrollTop());
            Page.style(bar, "transform", gone > 0 ? "translateY(" + RenderedElement.px(-gone) + ")" : "none");
            Page.style(bar, "--gone", Decimals.brief(leaving > 0 ? gone / leaving : 0));
        }
    }

    /**
     * Moves the bar at the lower edge as the content is scrolled.
     *
     * @param glides whether it takes its time: nobody's finger is on it
     */
    void retreat(Retreat bar, boolean glides) {
        RenderedElement shown = painted.get(bar.path());
        if (shown != null) {
            Page.style(shown.element(), "transition", glides ? "transform 160ms ease-out" : "none");
            Page.style(
                    shown.element(),
                    "transform",
                    bar.distance() > 0 ? "translateY(" + RenderedElement.px(bar.distance()) + ")" : "none");
        }
    }

    /** Sets who knows in which order nodes beside each other are read. */
    void order(UnaryOperator<List<SceneNode>> byPlace) {
        order = byPlace;
    }

    List<SceneNode> inReadingOrder(List<SceneNode> nodes) {
        return order.apply(nodes);
    }

    /** Sets who knows what fields hold, by their paths. */
    void typed(UnaryOperator<String> now) {
        typed = now;
    }

    /** What the field with a path holds. */
    String typed(String path) {
        return typed.apply(path);
    }

    /** Sets which bar lies over everything else: it is an element of another kind, since a dialog is no navigation. */
    void dialog(Optional<String> path) {
        dialog = path.orElse("");
    }

    /** Scrolls what has a path; gives whether it is there, and as long as that. */
    boolean scroll(String path, double to) {
        RenderedElement found = painted.get(path);
        // A new element is at 0 already, and setting that would force a layout.
        boolean isAtStart = to == 0 && fresh.contains(path);
        return found != null && (isAtStart || Page.scrollTo(found.element(), to));
    }

    boolean hasLandmarks() {
        return hasLandmarks;
    }

    /** Gives the browser's focus to what has a path; gives whether it is there. */
    boolean focus(String path) {
        RenderedElement found = painted.get(path);
        if (found != null) {
            Page.focus((HTMLElement) found.element());
        }
        return found != null;
    }

    /** Shows whether what the mouse is on can be chosen. */
    void hands(boolean isTarget) {
        Page.style(root, "cursor", isTarget ? "pointer" : "default");
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
            quieten(tree);
        }
        fresh.clear();
    }

    /** A screen on its way out is seen for a moment more, but not heard: there is one main content at a time. */
    private void quieten(AccessTree tree) {
        Set<String> heard = new HashSet<>();
        tree.all().forEach(part -> heard.add(part.path()));
        painted.values().stream()
                .filter(shown ->
                        shown.had() instanceof SceneNode.Group group && group.meaning() instanceof Meaning.Main)
                .filter(shown -> !heard.contains(shown.path()))
                .forEach(shown -> attribute(shown.element(), "inert", Optional.of("")));
    }

    private void tell(Access part) {
        element(part).ifPresent(element -> {
            attribute(element, "aria-expanded", part.expanded().map(open -> open ? "true" : "false"));
            attribute(element, "aria-pressed", part.pressed().map(on -> on ? "true" : "false"));
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
        return Optional.ofNullable(painted.get(part.path())).map(RenderedElement::element);
    }

    static void attribute(Element element, String name, Optional<String> value) {
        if (value.isEmpty()) {
            element.removeAttribute(name);
        } else if (!value.get().equals(element.getAttribute(name))) {
            element.setAttribute(name, value.get());
        }
    }

    /** Paints all that is seen within a film, and has the browser play it until something is painted again. */
    void play(Tracks tracks, double elapsed, double rate) {
        paint(tracks.scene());
        player = new TrackPlayer(elapsed, rate);
        player.play(tracks, painted::get);
    }

    void paint(Scene scene) {
        player.stop();
        Page.style(root, "width", RenderedElement.px(scene.width()));
        Page.style(root, "height", RenderedElement.px(scene.height()));
        Page.style(root, "background-color", RenderedElement.css(scene.background()));
        // What is gone leaves first: an element that is moved, even in its place, would lose the focus.
        frame++;
        drop(whole, scene.nodes());
        new ElementGroup(this, whole, 0, 0).paint(scene.nodes());
        if (leaving > 0) {
            leave();
        }
    }

    HTMLDocument document() {
        return document;
    }

    /** The number of the frame that is painted. */
    int frame() {
        return frame;
    }

    /** Whether a path is that of the bar over everything else. */
    boolean isDialog(String path) {
        return !dialog.isEmpty() && dialog.equals(path);
    }

    /** How far the top bar goes up with content that is scrolled, in px. */
    double leaving() {
        return leaving;
    }

    /** There is a new element, of which nothing has been said yet. */
    void made(RenderedElement shown) {
        painted.put(shown.path(), shown);
        fresh.add(shown.path());
    }

    /** Takes away what an element had and no longer has, all the way down. */
    private void drop(RenderedElement parent, List<SceneNode> nodes) {
        Map<String, RenderedElement> children = parent.children();
        for (SceneNode node : nodes) {
            RenderedElement child = children.get(node.key());
            if (child != null) {
                child.seen(frame);
                drop(child, node instanceof SceneNode.Group group ? group.children() : List.of());
            }
        }
        children.entrySet().removeIf(entry -> {
            RenderedElement child = entry.getValue();
            boolean gone = !child.isOf(frame);
            if (gone) {
                forget(child);
                Node outer = child.outer();
                outer.getParentNode().removeChild(outer);
            }
            return gone;
        });
    }

    private void forget(RenderedElement gone) {
        painted.remove(gone.path());
        gone.children().values().forEach(this::forget);
    }
}
