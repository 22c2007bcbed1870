package org.yonderarc.browser;

import java.util.HashMap;
import java.util.Map;
import org.teavm.jso.dom.xml.Element;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.plan.Colour;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/**
 * An element, and what it shows. Most of a picture stays from frame to frame, and texts are dear: what is as it was is not
 * written again.
 */
final class RenderedElement {
    /** Nothing of a page is finer than this, in dp. */
    private static final double FINENESS = 0.001;

    private final Element element;
    private final String tag;
    private final String path;
    private final boolean isPhrasing;
    /** What stands in the page for it: the element, or an entry of a list around it. */
    private final Element outer;
    /** What its children stand in: the element, or a list within it. */
    private Element inner;

    private boolean isList;
    private boolean isEntry;
    /** What stands in it, by key. */
    private final Map<String, RenderedElement> children = new HashMap<>();

    private SceneNode node;
    private Outline drawn;
    private int frame;
    private double left = Double.NaN;
    private double top = Double.NaN;
    private double width = Double.NaN;
    private double height = Double.NaN;

    RenderedElement(Element element, Element outer, String tag, String path, boolean isPhrasing) {
        this.isPhrasing = isPhrasing;
        this.element = element;
        this.outer = outer;
        this.inner = element;
        this.tag = tag;
        this.path = path;
    }

    Element element() {
        return element;
    }

    /** Whether it is a button or stands in one. */
    boolean isPhrasing() {
        return isPhrasing;
    }

    Element outer() {
        return outer;
    }

    Element inner() {
        return inner;
    }

    /** Whether its children stand in an element of their own. */
    boolean isHolding() {
        return inner != element;
    }

    /** Has its children stand in an element of their own; those that are there move, so it is done before there are any. */
    void hold(Element within) {
        while (element.getFirstChild() != null) {
            within.appendChild(element.getFirstChild());
        }
        element.appendChild(within);
        inner = within;
    }

    /** Makes what stands in it a list, or no longer: assistive technology counts entries, and goes from one to the next. */
    void list(boolean ofEntries) {
        if (isList != ofEntries) {
            isList = ofEntries;
            role(inner, "list", ofEntries);
        }
    }

    boolean isList() {
        return isList;
    }

    /** Says whether it is an entry of the list that it stands in; gives whether that is news. */
    boolean entry(boolean ofList) {
        boolean changes = outer != element && isEntry != ofList;
        if (changes) {
            isEntry = ofList;
            role(outer, "listitem", ofList);
        }
        return changes;
    }

    private static void role(Element element, String role, boolean has) {
        if (has) {
            element.setAttribute("role", role);
        } else {
            element.removeAttribute("role");
        }
    }

    String tag() {
        return tag;
    }

    /** The keys from the top down to it. */
    String path() {
        return path;
    }

    Map<String, RenderedElement> children() {
        return children;
    }

    /** The node that it showed last, or null. */
    SceneNode had() {
        return node;
    }

    void has(SceneNode shown) {
        node = shown;
    }

    /** Says that it is part of a frame. */
    void seen(int number) {
        frame = number;
    }

    boolean isOf(int number) {
        return frame == number;
    }

    /** Puts it at a place of the element that it stands in. */
    void place(double toLeft, double toTop) {
        if (differs(left, toLeft)) {
            left = toLeft;
            Page.style(element, "left", px(toLeft));
        }
        if (differs(top, toTop)) {
            top = toTop;
            Page.style(element, "top", px(toTop));
        }
    }

    /** Puts it at a place, and gives it a size. */
    void place(double toLeft, double toTop, Box size) {
        place(toLeft, toTop);
        if (differs(width, size.width())) {
            width = size.width();
            Page.style(element, "width", px(width));
        }
        if (differs(height, size.height())) {
            height = size.height();
            Page.style(element, "height", px(height));
        }
    }

    private static boolean differs(double had, double has) {
        return !(Math.abs(had - has) < FINENESS / 2);
    }

    /** Whether it draws another outline than before, seen from where its element stands. */
    boolean draws(Outline outline) {
        boolean isNew = !outline.equals(drawn);
        drawn = outline;
        return isNew;
    }

    static String css(Colour colour) {
        return "rgba(" + colour.red() + "," + colour.green() + "," + colour.blue() + ","
                + Decimals.brief(colour.alpha()) + ")";
    }

    static String px(double dp) {
        return Decimals.brief(dp) + "px";
    }

    /** A number as exact as a page shows it: what only differs by rounding is the same. */
    static double exact(double dp) {
        return Math.rint(dp / FINENESS) * FINENESS;
    }
}
