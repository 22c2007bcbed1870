package org.yonderarc.scene;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.Shore;
import org.yonderarc.walk.Walk;

/** The shore on a phone. */
abstract class SceneFixture {
    final Walk walk = Walk.of(Shore.plan());

    static List<String> keys(SceneNode node) {
        var keys = new ArrayList<String>();
        collect(node, "", keys, new ArrayList<>());
        return keys;
    }

    static List<String> shown(SceneNode node) {
        var shown = new ArrayList<String>();
        collect(node, "", new ArrayList<>(), shown);
        return shown;
    }

    static void collect(SceneNode node, String path, List<String> keys, List<String> shown) {
        String full = path + node.key();
        keys.add(full);
        if (node instanceof SceneNode.Group group) {
            group.children().forEach(child -> collect(child, full + "/", keys, shown));
        } else if (node instanceof SceneNode.Icon icon) {
            shown.add(icon.name()
                    + (icon.filled() ? " filled " : " outline ")
                    + icon.fill().hex());
        } else if (node instanceof SceneNode.Text text) {
            shown.add(text.line().text());
        }
    }
}
