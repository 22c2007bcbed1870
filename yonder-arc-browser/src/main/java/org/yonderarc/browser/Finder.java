package org.yonderarc.browser;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.stage.Stage;
import org.yonderarc.stage.Surroundings;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Walk;

/** Which thing of the plan each part of a picture shows. */
final class Finder {
    private final Plan plan;
    private final List<FittedBar> bars;
    private final List<Found> all = new ArrayList<>();

    /**
     * A part of a picture.
     *
     * @param path its path
     * @param thing what of the plan it shows: {@code item:ID}, {@code bar:ID}, {@code row:SCREEN/INDEX}, {@code screen:ID}
     */
    record Found(String path, String thing) {}

    Finder(Walk walk, State state, Stage stage) {
        plan = walk.plan();
        Surroundings around = stage.surroundings();
        var setting = Setting.of(around.device()).in(around.language()).with(around.scheme());
        bars = Fitter.fit(walk, setting, state).bars();
        String screen = walk.shown(state).screen();
        stage.still().nodes().forEach(node -> collect(node, "", "screen:" + screen, screen));
    }

    /** What the part with a path shows; empty for a path that there is not. */
    String thing(String path) {
        return all.stream()
                .filter(found -> found.path.equals(path))
                .map(Found::thing)
                .findFirst()
                .orElse("");
    }

    /** The paths of what shows a thing, from the outermost only. */
    List<String> paths(String thing) {
        var out = new ArrayList<String>();
        for (Found found : all) {
            boolean isWithin = out.stream().anyMatch(path -> found.path.startsWith(path + "/"));
            if (found.thing.equals(thing) && !isWithin) {
                out.add(found.path);
            }
        }
        return out;
    }

    private void collect(SceneNode node, String above, String thing, String screen) {
        String path = above + "/" + node.key();
        Optional<Part> part = node instanceof SceneNode.Group group ? Optional.of(group.part()) : Optional.empty();
        String own = part.map(any -> named(any, thing, screen)).orElse(thing);
        all.add(new Found(path, own));
        if (node instanceof SceneNode.Group group) {
            group.children().forEach(child -> collect(child, path, own, screen));
        }
    }

    private String named(Part part, String outer, String screen) {
        if (part instanceof Part.Bar bar) {
            return bars.stream()
                    .filter(one -> one.word().equals(bar.word()))
                    .findFirst()
                    .map(one -> "bar:" + one.id())
                    .orElse(outer);
        }
        if (part instanceof Part.Item item) {
            return "item:" + written(item.id());
        }
        if (part instanceof Part.Row row) {
            return "row:" + screen + "/" + row.index();
        }
        if (part == Part.Plain.TITLE) {
            return "screen:" + screen;
        }
        if (part == Part.Plain.LOGO) {
            return "app";
        }
        return part instanceof Part.Screen place ? "screen:" + place.place().screen() : outer;
    }

    /** The item that stands in the plan: of a repeated one there are many in the picture. */
    private String written(String id) {
        return plan.items()
                .filter(item -> item.id().equals(id) || item.repeat().isPresent() && id.startsWith(item.id() + "-"))
                .map(Item::id)
                .findFirst()
                .orElse(id);
    }
}
