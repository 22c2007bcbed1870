package org.yonderarc.motion;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.NullUnmarked;
import org.yonderarc.plan.Transition;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.Passage;

/** Finds what belongs together in two scenes, by their keys and parts, in the order in which it is painted. */
@NullUnmarked // null says that there is none, within this file and those that ask it
final class Pairing {
    /** Whose nodes are paired. */
    private enum Level {
        /** Those of a scene, or of its page. */
        TOP,
        /** Those within a group. */
        WITHIN
    }

    private final Optional<Passage> passage;
    private final boolean shares;

    private Pairing(Optional<Passage> passage) {
        this.passage = passage;
        this.shares = passage.filter(found -> found.transition().kind() == Transition.Kind.SHARED)
                .isPresent();
    }

    static List<Pair> of(Scene from, Scene to, Optional<Passage> passage) {
        var pairing = new Pairing(passage);
        List<SceneNode> a = pairing.shares ? Shared.lifted(from, to) : from.nodes();
        List<SceneNode> b = pairing.shares ? Shared.lifted(to, from) : to.nodes();
        return pairing.of(a, b, Level.TOP, Optional.empty());
    }

    /** The pairs of two lists of nodes, all timed by {@code kept} where it has a value, else each by what it is. */
    private List<Pair> of(List<SceneNode> a, List<SceneNode> b, Level level, Optional<Part.Tempo> kept) {
        var old = new HashMap<String, SceneNode>();
        List<String> names = names(a, level);
        for (int i = 0; i < a.size(); i++) {
            old.put(names.get(i), a.get(i));
        }
        List<String> newNames = names(b, level);
        var out = new ArrayList<Pair>();
        int next = 0;
        for (int i = 0; i < b.size(); i++) {
            SceneNode mate = old.get(newNames.get(i));
            if (mate != null) {
                // What the old scene has before this one and the new one hasn't, keeps its place in the paint order.
                for (; next < a.size() && !names.get(next).equals(newNames.get(i)); next++) {
                    if (!newNames.contains(names.get(next))) {
                        out.add(pair(a.get(next), null, level, kept));
                    }
                }
                next = Math.max(next, names.indexOf(newNames.get(i)) + 1);
            }
            out.add(pair(mate, b.get(i), level, kept));
        }
        for (; next < a.size(); next++) {
            if (!newNames.contains(names.get(next))) {
                out.add(pair(a.get(next), null, level, kept));
            }
        }
        return distinct(level == Level.TOP ? ordered(out) : out);
    }

    /** Everything under a key of its own: what leaves makes way for what is there, and for what a change leaves behind. */
    private static List<Pair> distinct(List<Pair> all) {
        var taken = new HashSet<String>();
        for (Pair pair : all) {
            SceneNode one = pair.b() == null ? pair.a() : pair.b();
            if (Pair.isScreen(one)) {
                taken.addAll(Screens.edgeKeys(one.key()));
            }
        }
        var out = new ArrayList<Pair>();
        for (Pair pair : all) {
            SceneNode b = pair.b() == null ? null : own(pair.b(), taken);
            out.add(new Pair(pair.a(), b, pair.tempo(), pair.children()));
            if (pair.a() != null && b != null) {
                taken.add(b.key() + Tween.LEAVING);
            }
        }
        out.replaceAll(
                pair -> pair.b() != null ? pair : new Pair(own(pair.a(), taken), null, pair.tempo(), pair.children()));
        return out;
    }

    /** The node, with another key where its own is taken. */
    private static SceneNode own(SceneNode node, Set<String> taken) {
        String key = node.key();
        while (!taken.add(key)) {
            key += Tween.LEAVING;
        }
        return key.equals(node.key()) ? node : node.renamed(key);
    }

    /** The names by which nodes are paired, a number added to those that stand there twice. */
    private List<String> names(List<SceneNode> nodes, Level level) {
        Map<String, Integer> seen = new HashMap<>();
        return nodes.stream()
                .map(node -> {
                    String name = name(node, level);
                    int count = seen.merge(name, 1, (had, one) -> had + one);
                    return count == 1 ? name : name + "#" + count;
                })
                .collect(toList());
    }

    private String name(SceneNode node, Level level) {
        Part part = Pair.part(node);
        if (level == Level.TOP) {
            if (shares && part instanceof Part.Screen) {
                // Screens that share what they show have one name, so that it glides.
                return "screen";
            }
            // Bars at one edge are one bar in several forms: turned, one becomes the other. From edge to edge, items
            // would
            // cross what stands between.
            return part instanceof Part.Bar bar && bar.tempo() == Part.Tempo.SELECT
                    ? "bar at " + bar.edge()
                    : node.key();
        }
        // Rows share a name only if they lead to the same place.
        return shares && part instanceof Part.Row && node instanceof SceneNode.Group group
                ? node.key() + group.meaning()
                : node.key();
    }

    private Pair pair(SceneNode a, SceneNode b, Level level, Optional<Part.Tempo> kept) {
        SceneNode one = b == null ? a : b;
        // One screen follows another in its own time, also in a page that comes back from a drawer meanwhile.
        boolean follows = (a == null || b == null) && Pair.isScreen(one);
        Part.Tempo tempo = staysOpen(a, b)
                ? Part.Tempo.SELECT
                : follows ? Part.Tempo.SCREENS : kept.orElseGet(() -> tempo(Pair.part(one)));
        if (a instanceof SceneNode.Group from && b instanceof SceneNode.Group to && !from.equals(to)) {
            boolean moves = !from.area().equals(to.area());
            boolean isPage = to.part() == Part.Plain.PAGE;
            Level within = isPage ? Level.TOP : Level.WITHIN;
            // Within a page that stays, each part has its own tempo; everything else goes with what it is in.
            Optional<Part.Tempo> inner = isPage && !moves ? kept : Optional.of(tempo);
            return new Pair(a, b, tempo, of(from.children(), to.children(), within, inner));
        }
        return new Pair(a, b, tempo, List.of());
    }

    /** Whether the items of a bar stay where they are: another of them is selected, whatever the bar's other parts do. */
    private static boolean staysOpen(SceneNode a, SceneNode b) {
        return a instanceof SceneNode.Group from
                && b instanceof SceneNode.Group to
                && to.part() == Part.Plain.LIST
                && from.area().equals(to.area());
    }

    private static Part.Tempo tempo(Part part) {
        if (part instanceof Part.Bar bar) {
            return bar.tempo();
        }
        boolean isDrawers = part == Part.Plain.SCRIM || part == Part.Plain.PAGE || part == Part.Plain.PAGE_SHADOW;
        return isDrawers ? Part.Tempo.DRAWERS : Part.Tempo.SCREENS;
    }

    /** The screen that moves over the other is painted above it: the new one, or on the way back the one that goes as it came. */
    private List<Pair> ordered(List<Pair> all) {
        boolean goesOver = passage.filter(found -> !found.forward())
                .filter(found -> found.transition().kind().liesOver())
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
