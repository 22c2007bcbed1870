package org.yonderarc.browser;

import java.util.List;
import java.util.Optional;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.SceneNode;

/** Which nodes are entries of a list for assistive technology: items of bars, and rows. */
final class Entries {
    private Entries() {}

    static boolean isEntry(SceneNode node) {
        return node instanceof SceneNode.Group group
                && (group.part() instanceof Part.Item || group.part() instanceof Part.Row);
    }

    /** Whether nodes are a list: several entries, and nothing else that is read (WAI-ARIA 1.2, required owned elements). */
    static boolean are(List<SceneNode> nodes) {
        return nodes.stream().filter(Entries::isEntry).count() > 1
                && nodes.stream().noneMatch(Entries::isReadBeside);
    }

    private static boolean isReadBeside(SceneNode node) {
        return node instanceof SceneNode.Group group
                && !isEntry(group)
                && (group.part() == Part.Plain.LIST || !(group.meaning() instanceof Meaning.Plain));
    }

    /** How deep an entry stands in its list, where that is not at the top (WAI-ARIA 1.2, aria-level). */
    static Optional<String> level(SceneNode node) {
        return node instanceof SceneNode.Group group && group.part() instanceof Part.Item item && item.nested()
                ? Optional.of("2")
                : Optional.empty();
    }

    /** Whether something in a node takes the focus. */
    static boolean takesFocus(SceneNode node) {
        return node instanceof SceneNode.Group group
                && (group.meaning() instanceof Meaning.Link
                        || group.meaning() instanceof Meaning.Button
                        || group.meaning() instanceof Meaning.Field
                        || group.children().stream().anyMatch(Entries::takesFocus));
    }
}
