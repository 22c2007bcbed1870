package org.yonderarc.scene;

import java.util.List;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextFit;
import org.yonderarc.walk.Step;

/** A web page that the host shows: previews say which one, and never load it. */
public final class WebContent {
    /** Its icon. */
    public static final String ICON = "world";

    private static final double DISC = 72;
    private static final double SIGN = 32;
    private static final double LINK = 48;
    private static final double LEAVES = 18;

    private WebContent() {}

    /** Draws the stand-in of the page at {@code address}. */
    public static void draw(String address, String title, Canvas art) {
        Palette palette = art.palette();
        double wide = Math.max(0, Math.min(420, art.area().width() - 2 * Canvas.PAD));
        double x = art.area().centerX();
        double line = art.room(24);
        List<String> lines = TextFit.wrap(title, art.scaled(Canvas.LARGE), wide - 2 * Canvas.PAD, 3, art.measure());
        double height = DISC + 20 + lines.size() * line + 12 + art.room(LINK) + 2 * Canvas.PAD;
        double top = art.area().y() + Math.max(Canvas.PAD, (art.area().height() - height) * 0.4);
        art.card("card", new Box(x - wide / 2, top, wide, height));
        double y = top + Canvas.PAD + DISC / 2;
        art.rect("disc", Box.around(x, y, DISC, DISC), 99, palette.quiet());
        art.icon("icon", Box.around(x, y, SIGN, SIGN), ICON, false, palette.accent());
        y += DISC / 2 + 20;
        int index = 0;
        for (String text : lines) {
            art.middle("title-" + index++, text, new Ink(Canvas.LARGE, palette.text()), x, y + line / 2, wide - 32);
            y += line;
        }
        var box = new Box(x - wide / 2 + Canvas.PAD, y + 12, wide - 2 * Canvas.PAD, art.room(LINK));
        art.link("visit", address, new Step.Visit(), box, inner -> link(address, box, inner));
    }

    private static void link(String address, Box box, Canvas art) {
        var ink = new Ink(Canvas.PLAIN, art.palette().accent());
        double most = box.width() - LEAVES - 32;
        double wide = Math.min(most, art.width(address, Canvas.PLAIN));
        double left = box.centerX() - (wide + LEAVES + 6) / 2;
        art.rect("ground", box, 12, art.palette().quiet());
        art.left("address", address, ink, left, box.centerY(), most);
        var sign = new Box(left + wide + 6, box.centerY() - LEAVES / 2, LEAVES, LEAVES);
        art.icon("leaves", sign, BarComposer.LEAVES_ICON, false, ink.colour());
    }
}
