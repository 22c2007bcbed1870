package org.yonderarc.form;

import static org.yonderarc.layout.TextLine.Anchor.MIDDLE;
import static org.yonderarc.layout.TextLine.Anchor.START;

import org.yonderarc.layout.Box;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.Metrics;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;

/**
 * Places the app's logo. Where there is no picture of it, the app's name stands in for it.
 *
 * @param appName the app's name
 */
record LogoBoxes(String appName, TextMeasure measure) {
    /** The width and height of the small form. */
    static final double SMALL = 40;

    private static final Type NAME = Type.semibold(18);

    /** The logo in the middle of a box. */
    Layout.Logo middle(Box box) {
        double y = NAME.baselineAround(box.centerY());
        var name = TextLine.of(appName, MIDDLE, box.centerX(), y, box.width(), NAME, measure);
        return new Layout.Logo(box, name, false, false);
    }

    /** The logo at the start of a row. */
    Layout.Logo start(double x, double y, double most) {
        double width = Math.max(0, Math.min(most, 1.5 * Metrics.LOGO_WIDTH));
        var box = new Box(x, y, width, Metrics.LOGO_HEIGHT);
        var name = TextLine.of(appName, START, x, NAME.baselineAround(box.centerY()), width, NAME, measure);
        return new Layout.Logo(box, name, false, true);
    }

    /** The small form, in the middle of a narrow bar. */
    Layout.Logo small(double x, double y, double most) {
        Box box = Box.around(x, y + SMALL / 2, Math.min(SMALL, most), SMALL);
        String letter = appName.isEmpty() ? "" : appName.substring(0, Character.charCount(appName.codePointAt(0)));
        double baseline = NAME.baselineAround(box.centerY());
        return new Layout.Logo(box, TextLine.of(letter, MIDDLE, x, baseline, box.width(), NAME, measure), true, false);
    }
}
