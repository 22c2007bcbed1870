package org.yonderarc.stage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;

/**
 * How far the content of each place and each list is scrolled, and how it goes on by itself. What is remembered of a place is
 * there again when the person comes back.
 */
final class Scrolls {
    /** The time in which what was flung loses most of its velocity, in ms. */
    private static final double FLING = 325;
    /** The same for what is taken somewhere. */
    private static final double TRIP = 90;
    /** What is nearer than this to where it goes is there, in dp. */
    private static final double NEAR = 0.5;

    /**
     * Something that scrolls.
     *
     * @param id what its offset is remembered by
     * @param path its path in the scene
     * @param box what of it can be seen
     * @param across how far it can be scrolled in reading direction
     * @param down how far it can be scrolled downwards
     * @param isHosted whether it is an app's own view, which scrolls itself
     */
    record Region(String id, String path, Box box, double across, double down, boolean isHosted) {}

    /** On its way by itself: nearer to {@code to}, ever more slowly. */
    private record Glide(String id, Offset from, Offset to, double start, double time) {
        Offset at(double now) {
            double left = Math.exp(-Math.max(0, now - start) / time);
            return new Offset(
                    to.across() + (from.across() - to.across()) * left, to.down() + (from.down() - to.down()) * left);
        }

        boolean isOver(double now) {
            Offset at = at(now);
            return Math.abs(to.across() - at.across()) < NEAR && Math.abs(to.down() - at.down()) < NEAR;
        }

        /** When it is over. */
        double until() {
            double distance = Math.max(Math.abs(to.across() - from.across()), Math.abs(to.down() - from.down()));
            return distance <= NEAR ? start : start + time * Math.log(distance / NEAR);
        }
    }

    private final Map<String, Offset> offsets = new HashMap<>();
    private List<Region> regions = List.of();
    private Optional<Glide> glide = Optional.empty();
    private double side = 1;
    /** What content is shown, how far a bar at the lower edge can leave with it, and how far it has. */
    private String content = "";

    private double distance;
    private double retreat;

    /** The offset that is remembered by {@code id}. */
    Offset of(String id) {
        return offsets.getOrDefault(id, Offset.NONE);
    }

    /** Takes in what scrolls in a scene; what is scrolled beyond its end goes back to it. */
    void learn(Scene scene, String shown, boolean rightToLeft, boolean isHosted) {
        if (!shown.equals(content)) {
            content = shown;
            retreat = 0;
        }
        side = rightToLeft ? -1 : 1;
        var found = new ArrayList<Region>();
        collect(scene.nodes(), "", shown, isHosted, found);
        regions = found;
        regions.forEach(region -> put(region, of(region.id)));
    }

    private static void collect(
            List<SceneNode> nodes, String above, String content, boolean isHosted, List<Region> out) {
        for (SceneNode node : nodes) {
            if (node instanceof SceneNode.Group group) {
                String path = above + "/" + group.key();
                if (group.meaning() instanceof Meaning.Main main) {
                    out.add(new Region(content, path, group.area(), 0, main.reach(), isHosted));
                } else if (group.meaning() instanceof Meaning.Scroll scroll) {
                    out.add(new Region(path, path, group.area(), scroll.across(), scroll.down(), false));
                }
                collect(group.children(), path, content, isHosted, out);
            }
        }
    }

    Optional<Region> region(String path) {
        return regions.stream().filter(region -> region.path.equals(path)).findFirst();
    }

    /** The innermost region that something with this path stands in. */
    Optional<Region> around(String path) {
        return regions.stream()
                .filter(region -> region.across + region.down > 0)
                .filter(region -> path.equals(region.path) || path.startsWith(region.path + "/"))
                .reduce((outer, inner) -> inner);
    }

    /** Sets how far a bar at the lower edge can leave, in dp; 0 where none does. */
    void leaves(double dp) {
        distance = dp;
        retreat = Math.min(retreat, dp);
    }

    /** How far that bar has left: down with the content, and back as soon as the content goes up. */
    double retreat(String shown) {
        return shown.equals(content) ? retreat : 0;
    }

    /** Forgets how far a place was scrolled. */
    void forget(String id) {
        offsets.remove(id);
    }

    private boolean put(Region region, Offset wanted) {
        Offset next = within(region, wanted);
        Offset before = of(region.id);
        if (next.equals(before)) {
            return false;
        }
        if (region.id.equals(content)) {
            retreat = clamp(retreat + next.down() - before.down(), distance);
        }
        if (next.isNone()) {
            offsets.remove(region.id);
        } else {
            offsets.put(region.id, next);
        }
        return true;
    }

    private Offset within(Region region, Offset wanted) {
        double across = clamp(wanted.across() * side, region.across) * side;
        // Minus zero is another value than zero.
        return new Offset(across == 0 ? 0 : across, clamp(wanted.down(), region.down));
    }

    private static double clamp(double offset, double reach) {
        return Math.max(0, Math.min(reach, offset));
    }

    /** Scrolls a region further; gives whether it moved. */
    boolean by(Region region, double across, double down) {
        stop();
        Offset now = of(region.id);
        return put(region, new Offset(now.across() + across, now.down() + down));
    }

    /** Sets how far a region is scrolled, as the host did it; what is no news stops nothing. */
    boolean to(Region region, Offset wanted) {
        Offset now = of(region.id);
        boolean isNews =
                Math.abs(now.across() - wanted.across()) >= NEAR || Math.abs(now.down() - wanted.down()) >= NEAR;
        if (isNews) {
            stop();
        }
        return isNews && put(region, wanted);
    }

    /** Takes a region somewhere in a short motion, or at once. */
    boolean trip(Region region, Offset wanted, boolean atOnce, double now) {
        Offset from = of(region.id);
        Offset to = within(region, wanted);
        if (to.equals(from)) {
            return false;
        }
        if (atOnce) {
            return put(region, to);
        }
        glide = Optional.of(new Glide(region.id, from, to, now, TRIP));
        return true;
    }

    /** Lets a region go on with a velocity in dp for each second. */
    void fling(Region region, double across, double down, double now) {
        Offset from = of(region.id);
        glide = Optional.of(new Glide(
                        region.id,
                        from,
                        new Offset(from.across() + across * FLING / 1000, from.down() + down * FLING / 1000),
                        now,
                        FLING))
                .filter(any -> !any.isOver(now));
    }

    void stop() {
        glide = Optional.empty();
    }

    /** When it will rest; no value where it does. */
    Optional<Double> until() {
        return glide.map(Glide::until);
    }

    /** Goes on to a time; gives whether anything moved. */
    boolean advance(double now) {
        if (glide.isEmpty()) {
            return false;
        }
        Glide going = glide.get();
        Optional<Region> region =
                regions.stream().filter(any -> any.id.equals(going.id)).findFirst();
        if (region.isEmpty()) {
            stop();
            return false;
        }
        boolean isOver = going.isOver(now);
        Offset wanted = isOver ? going.to : going.at(now);
        boolean moved = put(region.get(), wanted);
        boolean isAtEnd = !of(going.id).equals(wanted);
        if (isOver || isAtEnd) {
            stop();
        }
        return moved;
    }
}
