package org.yonderarc.scene;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.Outline;
import org.yonderarc.layout.TextLine;
import org.yonderarc.plan.Colour;
import org.yonderarc.plan.Fill;
import org.yonderarc.plan.IconSet;

/** Something to paint. Later nodes lie over earlier ones. */
public sealed interface SceneNode {
    /** The node's name, unique among its siblings and the same in every scene that shows the same thing. */
    String key();

    /** Calls the method of {@code visitor} for this kind of node. */
    void accept(Visitor visitor);

    /** Its box; no value for a path, whose outline says more. */
    Optional<Box> box();

    /** The node moved, scaled or mirrored. */
    SceneNode through(Shift shift);

    /** The node, only a share of it, 0 to 1, to be seen. */
    SceneNode faded(double share);

    /** The node under another key. */
    SceneNode renamed(String other);

    /** The node moved by a distance in dp. */
    default SceneNode moved(double dx, double dy) {
        return dx == 0 && dy == 0 ? this : through(new Shift(false, 1, dx, dy));
    }

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

    private static Colour faint(Colour colour, double share) {
        return share >= 1 ? colour : colour.withAlpha(colour.alpha() * Math.max(0, share));
    }

    /**
     * A rectangle.
     *
     * @param key its key
     * @param area its box
     * @param radius the radius of its corners in dp, at most half of its shorter side
     * @param fill its colour
     */
    record Rect(String key, Box area, double radius, Colour fill) implements SceneNode {
        public Rect {
            Objects.requireNonNull(key, "key");
            Objects.requireNonNull(fill, "fill");
            radius = Math.min(radius, Math.min(area.width(), area.height()) / 2);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.rect(this);
        }

        @Override
        public Optional<Box> box() {
            return Optional.of(area);
        }

        @Override
        public Rect through(Shift shift) {
            return new Rect(key, shift.box(area), shift.length(radius), fill);
        }

        @Override
        public Rect faded(double share) {
            return new Rect(key, area, radius, faint(fill, share));
        }

        @Override
        public Rect renamed(String other) {
            return new Rect(other, area, radius, fill);
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

        @Override
        public Optional<Box> box() {
            return Optional.of(line.box());
        }

        @Override
        public Text through(Shift shift) {
            return new Text(key, shift.line(line), fill);
        }

        @Override
        public Text faded(double share) {
            return new Text(key, line, faint(fill, share));
        }

        @Override
        public Text renamed(String other) {
            return new Text(other, line, fill);
        }
    }

    /**
     * A rectangle with a gradient, from one end of it to the other.
     *
     * @param key its key
     * @param area its box
     * @param radius the radius of its corners in dp
     * @param shades its colours, the first at 0, the last at 1
     * @param angle its direction in degrees, as CSS Images Level 3, section 3.1 has it: 0 upwards, 90 to the right
     * @param within what of it is seen; no value for all of its box, but for the corners
     */
    record Gradient(
            String key, Box area, double radius, List<Fill.Shade> shades, double angle, Optional<Outline> within)
            implements SceneNode {
        /** All of its box. */
        public Gradient(String key, Box area, double radius, List<Fill.Shade> shades, double angle) {
            this(key, area, radius, shades, angle, Optional.empty());
        }

        public Gradient {
            shades = List.copyOf(shades);
        }

        /** The x of its start. */
        public double startX() {
            return area.centerX() - Math.sin(Math.toRadians(angle)) * length() / 2;
        }

        /** The y of its start. */
        public double startY() {
            return area.centerY() + Math.cos(Math.toRadians(angle)) * length() / 2;
        }

        /** The x of its end. */
        public double endX() {
            return 2 * area.centerX() - startX();
        }

        /** The y of its end. */
        public double endY() {
            return 2 * area.centerY() - startY();
        }

        private double length() {
            double turn = Math.toRadians(angle);
            return Math.abs(area.width() * Math.sin(turn)) + Math.abs(area.height() * Math.cos(turn));
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.gradient(this);
        }

        @Override
        public Optional<Box> box() {
            return Optional.of(area);
        }

        @Override
        public Gradient through(Shift shift) {
            double turned = shift.mirrors() ? -angle : angle;
            return new Gradient(
                    key,
                    shift.box(area),
                    shift.length(radius),
                    shades,
                    turned,
                    within.map(outline -> outline.mapped(shift::x, shift::y)));
        }

        @Override
        public Gradient faded(double share) {
            return new Gradient(
                    key,
                    area,
                    radius,
                    shades.stream()
                            .map(shade -> new Fill.Shade(shade.at(), faint(shade.colour(), share)))
                            .collect(toList()),
                    angle,
                    within);
        }

        @Override
        public Gradient renamed(String other) {
            return new Gradient(other, area, radius, shades, angle, within);
        }
    }

    /**
     * A picture from a file of the plan's folder, scaled to cover its box. Where there is none, nothing is painted.
     *
     * @param key its key
     * @param area its box
     * @param radius the radius of its corners in dp
     * @param file the file's path
     * @param fit how it is scaled to its box
     */
    record Picture(String key, Box area, double radius, String file, Fit fit) implements SceneNode {
        /** How a picture is scaled to its box. */
        public enum Fit {
            /** It covers the box; what is too much is cut off. */
            COVER,
            /** All of it is seen, in the middle of the box. */
            WHOLE,
            /** All of it is seen, at the left end of the box. */
            LEFT,
            /** All of it is seen, at the right end of the box. */
            RIGHT;

            /** Whether all of it is seen. */
            public boolean isWhole() {
                return this != COVER;
            }

            /** Where it stands across its box, from 0 at the left to 1 at the right. */
            public double across() {
                return this == LEFT ? 0 : this == RIGHT ? 1 : 0.5;
            }

            Fit mirrored() {
                return this == LEFT ? RIGHT : this == RIGHT ? LEFT : this;
            }
        }

        public Picture {
            radius = Math.min(radius, Math.min(area.width(), area.height()) / 2);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.picture(this);
        }

        @Override
        public Optional<Box> box() {
            return Optional.of(area);
        }

        @Override
        public Picture through(Shift shift) {
            return new Picture(
                    key, shift.box(area), shift.length(radius), file, shift.mirrors() ? fit.mirrored() : fit);
        }

        /** A picture has no colour to fade: it is seen through the group around it. */
        @Override
        public SceneNode faded(double share) {
            return share >= 1
                    ? this
                    : Group.of(Part.Plain.OTHER, key + "-faded", new Meaning.Plain(), area, List.of(this))
                            .faded(share);
        }

        @Override
        public Picture renamed(String other) {
            return new Picture(other, area, radius, file, fit);
        }
    }

    /**
     * An icon.
     *
     * @param key its key
     * @param area its box, square
     * @param set the icon set that it is from, where it isn't one of the plan's own
     * @param name its name in the set
     * @param filled whether its filled variant is wanted; without a twin the outline stands in
     * @param fill its colour
     * @param flipped whether it is mirrored, left to right
     * @param turn by how much it is turned around its middle, in degrees clockwise
     */
    record Icon(
            String key, Box area, IconSet set, String name, boolean filled, Colour fill, boolean flipped, double turn)
            implements SceneNode {
        /** An icon as it is in its set. */
        public Icon(String key, Box area, IconSet set, String name, boolean filled, Colour fill) {
            this(key, area, set, name, filled, fill, false, 0);
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.icon(this);
        }

        @Override
        public Optional<Box> box() {
            return Optional.of(area);
        }

        @Override
        public Icon through(Shift shift) {
            boolean flips = shift.flips(name);
            double turned = shift.mirrors() ? -turn : turn;
            return new Icon(key, shift.box(area), set, name, filled, fill, flipped ^ flips, turned);
        }

        @Override
        public Icon faded(double share) {
            return coloured(faint(fill, share));
        }

        /** The icon in another colour. */
        public Icon coloured(Colour other) {
            return new Icon(key, area, set, name, filled, other, flipped, turn);
        }

        @Override
        public Icon renamed(String other) {
            return new Icon(other, area, set, name, filled, fill, flipped, turn);
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

        @Override
        public Optional<Box> box() {
            return Optional.empty();
        }

        @Override
        public Path through(Shift shift) {
            return new Path(key, outline.mapped(shift::x, shift::y), fill, stroke.map(shift::length));
        }

        @Override
        public Path faded(double share) {
            return new Path(key, outline, faint(fill, share), stroke);
        }

        @Override
        public Path renamed(String other) {
            return new Path(other, outline, fill, stroke);
        }
    }

    /**
     * A group.
     *
     * @param part what part of the app it is
     * @param key its key
     * @param meaning what it is to a person who doesn't see it
     * @param area its box: where it can be touched, and what it is clipped to
     * @param clip the radius in dp to which the corners of the clip are rounded; no value where nothing is clipped
     * @param children its nodes
     * @param opacity how much of it, as a whole, is seen, 0 to 1
     */
    record Group(
            Part part,
            String key,
            Meaning meaning,
            Box area,
            Optional<Double> clip,
            List<SceneNode> children,
            double opacity)
            implements SceneNode {
        public Group {
            Objects.requireNonNull(part, "part");
            children = List.copyOf(children);
            opacity = Math.max(0, Math.min(1, opacity));
        }

        /** A group of nodes that is no part of an app, seen as it is. */
        public Group(String key, Meaning meaning, Box area, Optional<Double> clip, List<SceneNode> children) {
            this(Part.Plain.OTHER, key, meaning, area, clip, children, 1);
        }

        /** A part of an app that is seen as it is, beyond its box too. */
        public static Group of(Part part, String key, Meaning meaning, Box area, List<SceneNode> children) {
            return new Group(part, key, meaning, area, Optional.empty(), children, 1);
        }

        /** The same, cut off at its box, whose corners have a radius in dp. */
        public Group clipped(double radius) {
            return new Group(part, key, meaning, area, Optional.of(radius), children, opacity);
        }

        /** The same with other nodes. */
        public Group with(List<SceneNode> other) {
            return new Group(part, key, meaning, area, clip, other, opacity);
        }

        /** The same with another box; its nodes stay where they are. */
        public Group at(Box other) {
            return new Group(part, key, meaning, other, clip, children, opacity);
        }

        /** The groups among its nodes. */
        public List<Group> groups() {
            var groups = new ArrayList<Group>();
            for (SceneNode child : children) {
                if (child instanceof Group group) {
                    groups.add(group);
                }
            }
            return groups;
        }

        @Override
        public void accept(Visitor visitor) {
            visitor.group(this);
        }

        @Override
        public Optional<Box> box() {
            return Optional.of(area);
        }

        @Override
        public Group through(Shift shift) {
            return new Group(
                    part, key, meaning, shift.box(area), clip.map(shift::length), shift.all(children), opacity);
        }

        @Override
        public Group moved(double dx, double dy) {
            return dx == 0 && dy == 0 ? this : through(new Shift(false, 1, dx, dy));
        }

        @Override
        public Group faded(double share) {
            return share >= 1
                    ? this
                    : new Group(part, key, meaning, area, clip, children, opacity * Math.max(0, share));
        }

        @Override
        public Group renamed(String other) {
            return new Group(part, other, meaning, area, clip, children, opacity);
        }
    }
}
