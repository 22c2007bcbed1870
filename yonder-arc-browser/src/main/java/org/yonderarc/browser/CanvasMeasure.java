package org.yonderarc.browser;

import java.util.HashMap;
import java.util.Map;
import org.teavm.jso.JSBody;
import org.teavm.jso.canvas.CanvasRenderingContext2D;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.tree.Decimals;

/** Measures texts with the font that the browser really shows. */
final class CanvasMeasure implements TextMeasure {
    /** As in the page's style sheet. */
    private final String families = families();

    private final CanvasRenderingContext2D canvas = newCanvas();
    private final Map<String, Double> widths = new HashMap<>();

    @Override
    public double width(String text, Type type) {
        String font = type.weight().css() + " " + Decimals.brief(type.size()) + "px " + families;
        return widths.computeIfAbsent(font + '\n' + text, key -> {
            canvas.setFont(font);
            return canvas.measureText(text).getWidth();
        });
    }

    @JSBody(script = "return getComputedStyle(document.documentElement).getPropertyValue('--face');")
    private static native String families();

    @JSBody(script = "return document.createElement('canvas').getContext('2d');")
    private static native CanvasRenderingContext2D newCanvas();
}
