package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.layout.Box;
import org.yonderarc.scene.SceneNode;

/**
 * Nodes that go on moving as the film before would have moved them, less and less.
 *
 * @param then where everything was when the film before was interrupted, by the path of its keys
 * @param now where it would be now
 * @param weight how much of the difference counts, 0 to 1
 */
record Carried(Map<String, Box> then, Map<String, Box> now, double weight) {
    /** The boxes of all nodes, by the path of their keys. */
    static Map<String, Box> boxes(List<SceneNode> nodes) {
        var out = new HashMap<String, Box>();
        collect(nodes, "", out);
        return out;
    }

    /** Whether all that is there at two times is at one place. */
    static boolean stays(Map<String, Box> then, Map<String, Box> now) {
        return then.entrySet().stream().allMatch(entry -> {
            Box a = entry.getValue();
            Box b = now.getOrDefault(entry.getKey(), a);
            return a.centerX() == b.centerX() && a.centerY() == b.centerY();
        });
    }

    private static void collect(List<SceneNode> nodes, String path, Map<String, Box> out) {
        for (SceneNode node : nodes) {
            String full = path + "/" + node.key();
            node.box().ifPresent(box -> out.put(full, box));
            if (node instanceof SceneNode.Group group) {
                collect(group.children(), full, out);
            }
        }
    }

    List<SceneNode> all(List<SceneNode> nodes) {
        return all(nodes, "");
    }

    private List<SceneNode> all(List<SceneNode> nodes, String path) {
        var out = new ArrayList<SceneNode>();
        for (SceneNode node : nodes) {
            String full = path + "/" + node.key();
            Box a = then.get(full);
            Box b = now.get(full);
            double dx = a == null || b == null ? 0 : (b.centerX() - a.centerX()) * weight;
            double dy = a == null || b == null ? 0 : (b.centerY() - a.centerY()) * weight;
            if (node instanceof SceneNode.Group group) {
                Box area = group.area();
                out.add(group.at(new Box(area.x() + dx, area.y() + dy, area.width(), area.height()))
                        .with(all(group.children(), full)));
            } else {
                out.add(node.moved(dx, dy));
            }
        }
        return out;
    }
}
