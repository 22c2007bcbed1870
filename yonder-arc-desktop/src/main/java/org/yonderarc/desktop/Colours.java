package org.yonderarc.desktop;

import java.awt.Color;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Theme;
import org.yonderarc.stage.Surroundings;

/** The colours of a theme as Swing takes them. */
final class Colours {
    private Colours() {}

    /** All colours by their roles, in the scheme and the contrast that are shown. */
    static Map<Role, Color> of(Theme usual, Surroundings around) {
        var colours = new EnumMap<Role, Color>(Role.class);
        around.palette(usual).forEach((role, colour) -> {
            int alpha = (int) Math.round(colour.alpha() * 255);
            colours.put(role, new Color(colour.red(), colour.green(), colour.blue(), alpha));
        });
        return Collections.unmodifiableMap(colours);
    }
}
