package org.yonderarc.stage;

import java.util.List;

/** What a host paints, one above the other. */
public sealed interface Layer {
    /** Bars, grounds and sample content. */
    record Painted(List<org.yonderarc.scene.SceneNode> nodes) implements Layer {
        public Painted {
            nodes = List.copyOf(nodes);
        }
    }

    /** An app's own view. */
    record Content(Surface surface) implements Layer {}
}
