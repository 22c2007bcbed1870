package org.yonderarc.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Passage;

/** Finds what belongs together in two scenes, by their keys, in the order in which it is painted. */
final class Pairing {
    private final Optional<Passage> passage;

    private Pairing(Optional<Passage> passage) {
        this.passage = passage;
    }

    static List<Pair> of(Scene from, Scene to, Optional<Passage> passage) {
        boolean shares = passage.filter(found -> found.transition().kind() == Transition.Kind.SHARED)
                .isPresent();
        List<SceneNode> a = shares ? Shared.lifted(from, to) : from.nodes();
        List<SceneNode> b = shares ? Shared.lifted(to, from) : to.nodes();
        return new Pairing(passage).of(a, b, Pair.Part.SCREEN, true, false);
    }

    private List<Pair> of(List<SceneNode> a, List<SceneNode> b, Pair.Part part, boolean isTop, boolean keeps) {
        var old = new HashMap<String, SceneNode>();
        var names = names(a, isTop);
        for (int i = 0; i < a.size(); i++) {
            old.put(names.get(i), a.get(i));
        }
        List<String> newNames = names(b, isTop);
        var out = new ArrayList<Pair>();
        int next = 0;
        for (int i = 0; i < b.size(); i++) {
            SceneNode mate = old.get(newNames.get(i));
            if (mate != null) {
                // What the old scene has before this one and the new one hasn't, keeps its place in the paint order.
                for (; next < a.size() && !names.get(next).equals(newNames.get(i)); next++) {
                    if (!newNames.contains(names.get(next))) {
                        out.add(pair(a.get(next), null, part, isTop, keeps));
                    }
                }
                next = Math.max(next, names.indexOf(newNames.get(i)) + 1);
            }
            out.add(pair(mate, b.get(i), part, isTop, keeps));
        }
        for (; next < a.size(); next++) {
            if (!newNames.contains(names.get(next))) {
                out.add(pair(a.get(next), null, part, isTop, keeps));
            }
        }
        return isTop ? ordered(out) : out;
    }

    /** The keys, a number added to those that stand there twice; screens share one name where they are to glide. */
    private List<String> names(List<SceneNode> nodes, boolean isTop) {
        boolean shares = passage.filter(passage -> passage.transition().kind() == Transition.Kind.SHARED)
                .isPresent();
        Map<String, Integer> seen = new HashMap<>();
        return nodes.stream()
                .map(node -> {
                    String key = shares ? shared(node, isTop) : isTop ? bar(node.key()) : node.key();
                    int count = seen.merge(key, 1, (had, one) -> had + one);
                    return count == 1 ? key : key + "#" + count;
                })
                .toList();
    }

    /** Where screens share what they show: one name for both screens, and for rows only if they lead to the same place. */
    private static String shared(SceneNode node, boolean isTop) {
        if (isTop) {
            return Pair.isScreen(node) ? "screen:" : bar(node.key());
        }
        boolean isRow = node.key().startsWith("row:") || node.key().startsWith("card:");
        return isRow && node instanceof SceneNode.Group group ? node.key() + group.meaning() : node.key();
    }

    /** A bottom bar and a rail are one bar in two forms: turned, the one becomes the other. */
    private static String bar(String key) {
        return key.equals("rail") ? "bottom" : key;
    }

    private Pair pair(SceneNode a, SceneNode b, Pair.Part outer, boolean isTop, boolean keeps) {
        SceneNode one = b == null ? a : b;
        Pair.Part part = keeps ? outer : part(one.key(), outer, isTop);
        if (a instanceof SceneNode.Group from && b instanceof SceneNode.Group to && !from.equals(to)) {
            boolean moves = !from.area().equals(to.area());
            boolean inner = to.key().equals("page");
            return new Pair(
                    a,
                    b,
                    part,
                    of(from.children(), to.children(), part, inner, keeps || moves && !isTop || inner && moves));
        }
        return new Pair(a, b, part, List.of());
    }

    private static Pair.Part part(String key, Pair.Part outer, boolean isTop) {
        if (isTop) {
            return switch (key) {
                case "drawer", "scrim", "page", "page-shadow", "more" -> Pair.Part.DRAWER;
                case "bottom", "rail" -> Pair.Part.SELECT;
                default -> Pair.Part.SCREEN;
            };
        }
        return outer;
    }

    /** The screen that moves over the other is painted above it: the new one, or on the way back the one that goes as it came. */
    private List<Pair> ordered(List<Pair> all) {
        boolean goesOver = passage.filter(found -> !found.forward())
                .filter(found -> switch (found.transition().kind()) {
                    case COVER, RISE, GROW -> true;
                    default -> false;
                })
                .isPresent();
        int leaving = -1;
        int arriving = -1;
        for (int i = 0; i < all.size(); i++) {
            Pair pair = all.get(i);
            leaving = pair.b() == null && Pair.isScreen(pair.a()) ? i : leaving;
            arriving = pair.a() == null && Pair.isScreen(pair.b()) ? i : arriving;
        }
        int above = goesOver ? leaving : arriving;
        int below = goesOver ? arriving : leaving;
        if (above >= 0 && below > above) {
            Pair over = all.remove(above);
            all.add(below, over);
        }
        return all;
    }
}
