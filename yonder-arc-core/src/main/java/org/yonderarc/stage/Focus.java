package org.yonderarc.stage;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Where the focus is, and where it goes when what has it is gone, when a dialog opens or closes, and on the way back. */
final class Focus {
    private Optional<String> path = Optional.empty();
    /** The path that had the focus when a place was left. */
    private final Map<String, String> left = new HashMap<>();
    /** The place and the dialog that were shown last. */
    private String content = "";

    private Optional<String> dialog = Optional.empty();
    private Optional<String> opener = Optional.empty();
    private int moves;

    Optional<String> path() {
        return path;
    }

    int moves() {
        return moves;
    }

    /** The host's own focus is there. */
    void isAt(Optional<String> now) {
        path = now;
    }

    /** The stage moves it there. */
    void goes(String to) {
        path = Optional.of(to);
        moves++;
    }

    void leaves(String place) {
        path.ifPresent(held -> left.put(place, held));
    }

    void forget(String place) {
        left.remove(place);
    }

    /** To the next, or to the one before; gives false where the focus leaves the stage. */
    boolean step(AccessTree tree, boolean forward) {
        List<String> order = tree.order();
        int now = path.map(order::indexOf).orElse(-1);
        int next = now < 0 ? (forward ? 0 : order.size() - 1) : now + (forward ? 1 : -1);
        // A dialog keeps the focus in.
        if (tree.dialog().isPresent() && !order.isEmpty()) {
            next = Math.floorMod(next, order.size());
        }
        boolean stays = next >= 0 && next < order.size();
        path = stays ? Optional.of(order.get(next)) : Optional.empty();
        return stays;
    }

    /** Whether it may have to go elsewhere in what is shown now. */
    boolean concerns(Optional<String> dialogNow) {
        return path.isPresent() || !dialogNow.equals(dialog);
    }

    /** Goes where it belongs in what is shown now; gives whether it moved. */
    boolean follow(AccessTree tree, String place) {
        Optional<String> before = path;
        if (!tree.dialog().equals(dialog)) {
            if (tree.dialog().isPresent()) {
                opener = path;
                path = first(tree);
            } else {
                path = opener.filter(held -> has(tree, held));
                opener = Optional.empty();
            }
        }
        boolean isElsewhere = !place.equals(content);
        if (path.isPresent() && !has(tree, path.get())) {
            Optional<String> known = isElsewhere ? Optional.ofNullable(left.get(place)) : Optional.empty();
            path = known.filter(held -> has(tree, held)).or(tree::content);
        }
        dialog = tree.dialog();
        content = place;
        if (path.equals(before)) {
            return false;
        }
        moves++;
        return true;
    }

    /** In a dialog the focus goes to where the person is, else to what comes first. */
    private static Optional<String> first(AccessTree tree) {
        List<Access> all = tree.all().stream().filter(Access::takesFocus).collect(toList());
        return all.stream()
                .filter(part -> part.current() != Access.Current.NO)
                .findFirst()
                .or(() -> all.stream().findFirst())
                .map(Access::path);
    }

    private static boolean has(AccessTree tree, String path) {
        return tree.find(path)
                .filter(part -> part.takesFocus() || part.role() == Access.Role.MAIN && !part.inert())
                .isPresent();
    }
}
