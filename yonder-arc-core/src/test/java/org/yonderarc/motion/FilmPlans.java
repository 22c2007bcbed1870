package org.yonderarc.motion;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.build.FormBuilder;
import org.yonderarc.build.PlanBuilder;
import org.yonderarc.fit.Device;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.PlainMeasure;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** Walks and films that the tests of films share. */
final class FilmPlans {
    private FilmPlans() {}

    static Scene scene(Walk walk, State state) {
        return new View(walk, Device.PHONE, new PlainMeasure()).scene(state);
    }

    static Film film(Walk walk, Change change) {
        return Film.of(
                scene(walk, change.before()),
                scene(walk, change.after()),
                Score.of(Passage.of(walk, change), walk.plan().motion()));
    }

    static Plan turning(FormBuilder<?> phone, FormBuilder<?> desktop) {
        return PlanBuilder.app("Turn")
                .start("a")
                .screen("a", screen -> screen.title("Harbour").icon("anchor"))
                .screen("b", screen -> screen.title("Boats").icon("ship"))
                .menu("main", menu -> menu.section("At the quay", in -> in.item("a"))
                        .item("b"))
                .bar(bar -> bar.menu("main").form("phone", phone).form("desktop", desktop))
                .build();
    }

    static Map<String, Box> boxes(List<SceneNode> nodes) {
        var out = new HashMap<String, Box>();
        collect(nodes, "", out);
        return out;
    }

    static void collect(List<SceneNode> nodes, String path, Map<String, Box> out) {
        for (SceneNode node : nodes) {
            String key = path + "/" + node.key();
            if (node instanceof SceneNode.Rect rect) {
                out.put(key, rect.area());
            } else if (node instanceof SceneNode.Icon icon) {
                out.put(key, icon.area());
            } else if (node instanceof SceneNode.Group group) {
                out.put(key, group.area());
                collect(group.children(), key, out);
            }
        }
    }
}
