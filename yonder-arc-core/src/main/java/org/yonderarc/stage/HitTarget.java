package org.yonderarc.stage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.FactValue;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Step;

/**
 * Something that can be chosen.
 *
 * @param path the keys from the scene down to it, each behind a slash
 * @param box where it is, in dp
 * @param part what part of the app it is
 * @param step the step that choosing it takes
 * @param hint its name, where it shows none
 */
public record HitTarget(String path, Box box, Part part, Step step, Optional<String> hint) {
    /** The target that a group is, if it is one. */
    static Optional<HitTarget> of(SceneNode.Group group, String path) {
        Optional<Step> step = group.meaning() instanceof Meaning.Link link
                ? Optional.of(link.step())
                : group.meaning() instanceof Meaning.Button button
                        ? Optional.of(button.step())
                        : group.meaning() instanceof Meaning.Field field
                                ? Optional.of(tell(field, field.text()))
                                : Optional.empty();
        return step.map(taken -> new HitTarget(path, group.area(), group.part(), taken, hint(group)));
    }

    /** The step that types a text into a field. */
    private static Step tell(Meaning.Field field, String text) {
        return new Step.Tell(field.fact(), new FactValue.Text(text));
    }

    /** Whether it is a field into which people type. */
    boolean isField() {
        return part == Part.Plain.FIELD;
    }

    /** What is typed into it; empty where it is no field. */
    String typed() {
        return step instanceof Step.Tell tell && tell.value() instanceof FactValue.Text text ? text.text() : "";
    }

    /** The step that types a text into it. */
    Step typing(String text) {
        return new Step.Tell(((Step.Tell) step).fact(), new FactValue.Text(text));
    }

    /** The name of a link or a button that shows no text: what hosts say where a pointer rests on it. */
    public static Optional<String> hint(SceneNode.Group group) {
        Optional<String> name = group.meaning() instanceof Meaning.Link link
                ? Optional.of(link.label())
                : group.meaning() instanceof Meaning.Button button ? Optional.of(button.label()) : Optional.empty();
        boolean isBare = group.children().stream().noneMatch(SceneNode.Text.class::isInstance);
        return name.filter(any -> isBare && group.part() != Part.Plain.SCRIM);
    }

    /** All that can be chosen among nodes, in the order in which they are painted. */
    static List<HitTarget> all(List<SceneNode> nodes) {
        var out = new ArrayList<HitTarget>();
        collect(nodes, "", out);
        return out;
    }

    private static void collect(List<SceneNode> nodes, String above, List<HitTarget> out) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                String path = above + "/" + group.key();
                of(group, path).ifPresent(out::add);
                collect(group.children(), path, out);
            }
        }
    }

    /** The id of the item that it is. */
    Optional<String> item() {
        return part instanceof Part.Item item ? Optional.of(item.id()) : Optional.empty();
    }

    /** Whether it is what lies between the content and a bar over it. */
    boolean isScrim() {
        return part == Part.Plain.SCRIM;
    }
}
