package org.yonderarc.live;

import java.util.LinkedHashMap;
import java.util.List;
import org.yonderarc.check.RoleContrast;
import org.yonderarc.plan.Role;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Theme;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/** How much the colours of a theme stand out, as a page is told of it. */
final class Contrasts {
    private Contrasts() {}

    static List<MapValue> of(Theme theme) {
        return RoleContrast.of(theme).stream()
                .map(pair -> Json.map(
                        "scheme", pair.scheme().word(),
                        "front", pair.front().word(),
                        "ground", pair.ground().word(),
                        "ratio", pair.rounded(),
                        "enough", pair.isEnough(),
                        "proposal", pair.proposal().hex(),
                        "colour", theme.colour(pair.scheme(), pair.front()).hex(),
                        "behind", theme.colour(pair.scheme(), pair.ground()).hex()))
                .toList();
    }

    /** Every colour of a theme by scheme and role, those included that it has by default. */
    static MapValue roles(Theme theme) {
        return Json.map("light", roles(theme, Scheme.LIGHT), "dark", roles(theme, Scheme.DARK));
    }

    private static MapValue roles(Theme theme, Scheme scheme) {
        var out = new LinkedHashMap<String, Value>();
        for (Role role : Role.values()) {
            out.put(role.word(), Trees.text(theme.colour(scheme, role).hex()));
        }
        return Trees.map(out);
    }
}
