package org.yonderarc.scene;

import org.yonderarc.layout.Box;

/** A screen of which nothing is known yet. */
final class EmptyContent {
    private static final double ICON = 40;
    private static final double DISC = 88;

    private EmptyContent() {}

    static void draw(Canvas art) {
        double x = art.area().centerX();
        double y = art.area().y() + art.area().height() * 0.42;
        art.rect("disc", Box.around(x, y, DISC, DISC), 99, art.palette().quiet());
        art.icon(
                "icon",
                Box.around(x, y, ICON, ICON),
                Canvas.PLACEHOLDER,
                false,
                art.palette().muted());
        double below = y + DISC / 2;
        art.rect("line-1", Box.around(x, below + 24, 144, 10), 99, art.palette().quiet());
        art.rect("line-2", Box.around(x, below + 44, 96, 10), 99, art.palette().quiet());
    }
}
