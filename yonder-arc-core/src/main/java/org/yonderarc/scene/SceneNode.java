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

        /** A rectangle with a gradient. */
        void gradient(Gradient node);

        /** A picture from a file. */
        void picture(Picture node);

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
     * A rectangle with a gradient between two colours, from one end of it to the other.
     *
     * @param key its key
     * @param box its box
     * @param radius the radius of its corners in dp
     * @param from the colour at the start
     * @param to the colour at the end
     * @param angle its direction in degrees, as CSS Images Level 3, section 3.1 has it: 0 upwards, 90 to the right
     */
    record Gradient(String key, Box box, double radius, Colour from, Colour to, double angle) implements SceneNode {
        /** The x of its start. */
        public double startX() {
            return box.centerX() - Math.sin(Math.toRadians(angle)) * length() / 2;
        }

        /** The y of its start. */
        public double startY() {
            return box.centerY() + Math.cos(Math.toRadians(angle)) * length() / 2;
        }

        /** The x of its end. */
        public double endX() {
            return 2 * box.centerX() - startX();
        }

        /** The y of its end. */
        public double endY() {
            return 2 * box.centerY() - startY();
        }

        private double length() {
            double turn = Math.toRadians(angle);
            return Math.abs(box.width() * Math.sin(turn)) + Math.abs(box.height() * Math.cos(turn));
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.gradient(this);
        }
    }

    /**
     * A picture from a file of the plan's folder, scaled to cover its box. Where there is none, nothing is painted.
     *
     * @param key its key
     * @param box its box
     * @param radius the radius of its corners in dp
     * @param file the file's path
     * @param whole whether all of it is shown, and not its middle where it has another shape
     */
    record Picture(String key, Box box, double radius, String file, boolean whole) implements SceneNode {
        public Picture {
            radius = Math.min(radius, Math.min(box.width(), box.height()) / 2);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.picture(this);
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
     * @param flipped whether it is mirrored, left to right
     */
    record Icon(String key, Box box, String name, boolean filled, Colour fill, boolean flipped) implements SceneNode {
        /** An icon as it is in its set. */
        public Icon(String key, Box box, String name, boolean filled, Colour fill) {
            this(key, box, name, filled, fill, false);
        }

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
     * @param opacity how much of it, as a whole, is seen, 0 to 1
     */
    record Group(String key, Meaning meaning, Box area, Optional<Double> clip, List<SceneNode> children, double opacity)
            implements SceneNode {
        public Group {
            children = List.copyOf(children);
            opacity = Math.max(0, Math.min(1, opacity));
        }

        /** A group that is seen as it is. */
        public Group(String key, Meaning meaning, Box area, Optional<Double> clip, List<SceneNode> children) {
            this(key, meaning, area, clip, children, 1);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.group(this);
        }
    }
}
