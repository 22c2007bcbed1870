package org.yonderarc.draw;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.icons.Icons;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.layout.Type;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.IconSet;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Icons as a picture: each outlined, and filled where it has a twin, with its name below. */
public final class IconSheet {
    private static final double CELL = 144;
    private static final double HEIGHT = 112;
    private static final double ICON = 32;
    private static final double MARGIN = 32;
    private static final double HEAD = 48;
    private static final int COLUMNS = 8;
    private static final Type TITLE = Type.semibold(15);
    private static final Type NAME = Type.regular(12);

    private IconSheet() {}

    /** The picture of icons with these names, of a set. */
    public static Scene of(String title, List<String> names, IconSet set, Icons icons, TextMeasure measure) {
        int columns = Math.max(1, Math.min(COLUMNS, names.size()));
        int rows = (names.size() + columns - 1) / columns;
        double titled = measure.width(title, TITLE);
        double width = Math.max(columns * CELL, titled) + 2 * MARGIN;
        var nodes = new ArrayList<SceneNode>();
        Colour text = colour(Role.TEXT);
        double baseline = TITLE.baselineAround(MARGIN);
        nodes.add(new SceneNode.Text(
                "title", TextLine.of(title, TextLine.Anchor.START, MARGIN, baseline, width, TITLE, measure), text));
        for (int i = 0; i < names.size(); i++) {
            double x = MARGIN + i % columns * CELL;
            double y = MARGIN + HEAD / 2 + i / columns * HEIGHT;
            cell(names.get(i), set, new Box(x, y, CELL - 8, HEIGHT - 8), icons.in(set), measure, nodes);
        }
        return new Scene(width, MARGIN + HEAD / 2 + rows * HEIGHT + MARGIN - 8, colour(Role.BACKGROUND), title, nodes);
    }

    private static void cell(
            String name, IconSet set, Box box, Icons icons, TextMeasure measure, List<SceneNode> nodes) {
        nodes.add(new SceneNode.Rect("card-" + name, box, 12, colour(Role.SURFACE)));
        boolean hasFilled = icons.hasFilled(name);
        double middle = box.y() + 40;
        double x = hasFilled ? box.centerX() - ICON * 0.7 : box.centerX();
        nodes.add(new SceneNode.Icon(
                "icon-" + name, Box.around(x, middle, ICON, ICON), set, name, false, colour(Role.TEXT)));
        if (hasFilled) {
            Box twin = Box.around(box.centerX() + ICON * 0.7, middle, ICON, ICON);
            nodes.add(new SceneNode.Icon("twin-" + name, twin, set, name, true, colour(Role.ACCENT)));
        }
        double baseline = NAME.baselineAround(box.bottom() - 20);
        nodes.add(new SceneNode.Text(
                "name-" + name,
                TextLine.of(name, TextLine.Anchor.MIDDLE, box.centerX(), baseline, box.width() - 12, NAME, measure),
                colour(Role.MUTED)));
    }

    private static Colour colour(Role role) {
        return Theme.DEFAULT.colour(Scheme.LIGHT, role);
    }
}
