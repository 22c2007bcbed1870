package org.yonderarc.browser;

import java.util.HashMap;
import java.util.Map;
import org.teavm.jso.dom.xml.Element;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;

/**
 * An element, and what it shows. Most of a picture stays from frame to frame, and texts are dear: what is as it was is not
 * written again.
 */
final class Shown {
    /** Nothing of a page is finer than this, in dp. */
    private static final double FINENESS = 0.001;

    private final Element element;
    private final String tag;
    private final String path;
    /** What stands in it, by key. */
    private final Map<String, Shown> children = new HashMap<>();

    private SceneNode node;
    private Outline drawn;
    private int frame;
    private double left = Double.NaN;
    private double top = Double.NaN;
    private double width = Double.NaN;
    private double height = Double.NaN;

    Shown(Element element, String tag, String path) {
        this.element = element;
        this.tag = tag;
        this.path = path;
    }

    Element element() {
        return element;
    }

    String tag() {
        return tag;
    }

    /** The keys from the top down to it. */
    String path() {
        return path;
    }

    Map<String, Shown> children() {
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

    static String px(double dp) {
        return Decimals.brief(dp) + "px";
    }

    /** A number as exact as a page shows it: what only differs by rounding is the same. */
    static double exact(double dp) {
        return Math.rint(dp / FINENESS) * FINENESS;
    }
}
