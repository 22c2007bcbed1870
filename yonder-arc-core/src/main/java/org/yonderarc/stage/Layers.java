package org.yonderarc.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/** Cuts a scene where an app's own views stand in it: what lies below a view is painted before it, what lies above after it. */
final class Layers {
    private final Predicate<Place> hosted;
    private final Predicate<Place> takesInput;
    /** Where the bar at the upper edge ends: content that goes on beneath a clear one is painted, an app's own view is not. */
    private final double upper;

    private final List<Layer> done = new ArrayList<>();

    /** The path, the clips and the opacity of the groups around. */
    private record Around(String path, List<Surface.Clip> clips, double opacity) {
        Around within(SceneNode.Group group) {
            String inner = path + "/" + group.key();
            if (group.clip().isEmpty()) {
                return new Around(inner, clips, opacity * group.opacity());
            }
            var all = new ArrayList<>(clips);
            all.add(new Surface.Clip(inner, group.area(), group.clip().get()));
            return new Around(inner, all, opacity * group.opacity());
        }
    }

    private Layers(Predicate<Place> hosted, Predicate<Place> takesInput, double upper) {
        this.upper = upper;
        this.hosted = hosted;
        this.takesInput = takesInput;
    }

    static List<Layer> of(Scene scene, Predicate<Place> hosted, Predicate<Place> takesInput) {
        double upper = scene.first(part -> part instanceof Part.Bar bar && bar.edge() == Form.Edge.UPPER)
                .map(bar -> bar.area().bottom())
                .orElse(0.0);
        var layers = new Layers(hosted, takesInput, upper);
        List<SceneNode> last = layers.cut(scene.nodes(), new Around("", List.of(), 1));
        layers.flush(last);
        return layers.done;
    }

    private void flush(List<SceneNode> nodes) {
        if (!nodes.isEmpty()) {
            done.add(new Layer.Painted(nodes));
        }
    }

    /** Adds what is finished to the layers, and gives the nodes above the last view. */
    private List<SceneNode> cut(List<SceneNode> nodes, Around around) {
        List<SceneNode> open = new ArrayList<>();
        for (SceneNode node : nodes) {
            if (!(node instanceof SceneNode.Group group) || !holds(group)) {
                open.add(node);
                continue;
            }
            flush(open);
            open = new ArrayList<>();
            int before = done.size();
            List<SceneNode> rest = group.part() instanceof Part.Screen screen && hosted.test(screen.place())
                    ? view(group, screen.place(), around.within(group))
                    : cut(group.children(), around.within(group));
            // What was finished inside of the group is still clipped and faded by it.
            for (int i = before; i < done.size(); i++) {
                if (done.get(i) instanceof Layer.Painted painted) {
                    done.set(i, new Layer.Painted(List.of(group.with(painted.nodes()))));
                }
            }
            if (!rest.isEmpty()) {
                open.add(group.with(rest));
            }
        }
        return open;
    }

    private boolean holds(SceneNode.Group group) {
        return group.part() instanceof Part.Screen screen && hosted.test(screen.place())
                || group.groups().stream().anyMatch(this::holds);
    }

    /** The bars at the head of the content stay; the view has what is below them. */
    private List<SceneNode> view(SceneNode.Group group, Place place, Around around) {
        var below = new ArrayList<SceneNode>();
        var above = new ArrayList<SceneNode>();
        Box area = group.area();
        double top = Math.max(area.y(), Math.min(upper, area.bottom()));
        for (SceneNode node : group.children()) {
            if (node instanceof SceneNode.Group bar && bar.part() instanceof Part.Bar) {
                above.add(bar);
                top = Math.max(top, bar.area().bottom());
            } else {
                below.add(node);
            }
        }
        flush(below);
        var box = new Box(area.x(), top, area.width(), Math.max(0, area.bottom() - top));
        done.add(new Layer.Content(
                new Surface(place, around.path(), box, around.clips(), around.opacity(), takesInput.test(place))));
        return above;
    }
}
