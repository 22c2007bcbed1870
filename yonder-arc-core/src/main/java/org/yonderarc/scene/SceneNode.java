package org.yonderarc.scene;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Colour;

/** Something to paint. Later nodes lie over earlier ones. */
public sealed interface SceneNode {
    /** The node's name, unique among its siblings and the same in every scene that shows the same thing. */
    String key();

    /** Calls the method of {@code visitor} for this kind of node. */
    void accept(Visitor visitor);

    /** What every painter has to be able to paint. */
    interface Visitor {
        /** A rectangle. */
        void rect(Rect node);

        /** A line of text. */
        void text(Text node);

        /** An icon. */
        void icon(Icon node);

        /** A path. */
        void path(Path node);

        /** A group. */
        void group(Group node);
    }

    /**
     * A rectangle.
     *
     * @param key its key
     * @param box its box
     * @param radius the radius of its corners in dp, at most half of its shorter side
     * @param fill its colour
     */
    record Rect(String key, Box box, double radius, Colour fill) implements SceneNode {
        public Rect {
            Objects.requireNonNull(key, "key");
            Objects.requireNonNull(fill, "fill");
            radius = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.rect(this);
        }
    }

    /**
     * A line of text.
     *
     * @param key its key
     * @param line the text in its place
     * @param fill its colour
     */
    record Text(String key, TextLine line, Colour fill) implements SceneNode {
        @Override
        public void accept(Visitor visitor) {
            visitor.text(this);
        }
    }

    /**
     * An icon.
     *
     * @param key its key
     * @param box its box, square
     * @param name its name in the icon set
     * @param filled whether its filled twin is wanted; without a twin the outline stands in
     * @param fill its colour
     */
    record Icon(String key, Box box, String name, boolean filled, Colour fill) implements SceneNode {
        @Override
        public void accept(Visitor visitor) {
            visitor.icon(this);
        }
    }

    /**
     * A path, filled or stroked with round caps and joins.
     *
     * @param key its key
     * @param outline its outline
     * @param fill its colour
     * @param stroke the width of its stroke in dp; no value where it is filled
     */
    record Path(String key, Outline outline, Colour fill, Optional<Double> stroke) implements SceneNode {
        @Override
        public void accept(Visitor visitor) {
            visitor.path(this);
        }
    }

    /**
     * A group.
     *
     * @param key its key
     * @param meaning what it is to a person who doesn't see it
     * @param area its box: where it can be touched, and what it is clipped to
     * @param clip the radius in dp to which the corners of the clip are rounded; no value where nothing is clipped
     * @param children its nodes
     */
    record Group(String key, Meaning meaning, Box area, Optional<Double> clip, List<SceneNode> children)
            implements SceneNode {
        public Group {
            children = List.copyOf(children);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.group(this);
        }
    }
}
