package org.yonderarc.stage;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.layout.Box;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Form;
import org.yonderarc.scene.Meaning;
import org.yonderarc.scene.Part;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;

/**
 * Reads a scene as a person hears it: what stands above comes first, then what stands at the leading edge, the content, and what
 * stands below. Where a bar lies over everything else, all but that is out of reach.
 *
 * @param state the state that the scene shows
 * @param dialog the path of the bar that lies over everything else
 * @param rightToLeft whether lines begin at the right
 */
record ReadingOrder(State state, Optional<String> dialog, boolean rightToLeft) {
    /** What stands side by side has its middle at one height, give or take this, in dp. */
    private static final double LEVEL = 16;

    static AccessTree of(Scene scene, State state, boolean rightToLeft) {
        Optional<String> dialog = dialog(scene);
        List<Access> roots = new ReadingOrder(state, dialog, rightToLeft).all(scene.nodes(), "", dialog.isPresent());
        return new AccessTree(roots, dialog);
    }

    /** Where a node comes among its siblings: as the eye goes over a screen. */
    static int rank(SceneNode node) {
        if (!(node instanceof SceneNode.Group group)) {
            return 2;
        }
        if (group.part() instanceof Part.Bar bar) {
            return bar.edge() == Form.Edge.UPPER
                    ? 0
                    : bar.edge() == Form.Edge.LEADING ? 1 : bar.edge() == Form.Edge.CONTENT ? 2 : 3;
        }
        return 2;
    }

    static Optional<String> dialog(Scene scene) {
        return dialog(scene.nodes(), "");
    }

    /**
     * The bar over everything else: that which stands above what dims or catches the touches beside it, or the drawer from beneath
     * which the page has moved.
     */
    private static Optional<String> dialog(List<SceneNode> nodes, String above) {
        for (int i = 0; i < nodes.size(); i++) {
            if (!(nodes.get(i) instanceof SceneNode.Group group)) {
                continue;
            }
            if (group.part() == Part.Plain.PAGE) {
                boolean isMoved = group.groups().stream().anyMatch(any -> any.part() == Part.Plain.SCRIM);
                Optional<String> inside = dialog(group.children(), above + "/" + group.key());
                if (inside.isPresent() || !isMoved) {
                    return inside;
                }
                return bar(nodes, 0, above);
            }
            if (group.part() == Part.Plain.SCRIM) {
                return bar(nodes, i + 1, above);
            }
        }
        return Optional.empty();
    }

    private static Optional<String> bar(List<SceneNode> nodes, int from, String above) {
        return nodes.subList(from, nodes.size()).stream()
                .filter(node -> node instanceof SceneNode.Group group && group.part() instanceof Part.Bar)
                .map(node -> above + "/" + node.key())
                .findFirst();
    }

    private List<Access> all(List<SceneNode> nodes, String above, boolean inert) {
        var out = new ArrayList<Access>();
        for (SceneNode node : inOrder(nodes, rightToLeft)) {
            if (node instanceof SceneNode.Group group) {
                group(group, above + "/" + group.key(), inert, out);
            } else if (node instanceof SceneNode.Text text && !above.isEmpty()) {
                out.add(Access.plain(
                        above + "/" + text.key(),
                        Access.Role.TEXT,
                        text.line().text(),
                        text.line().box(),
                        inert,
                        List.of()));
            }
        }
        return out;
    }

    static List<SceneNode> inOrder(List<SceneNode> nodes, boolean rightToLeft) {
        boolean hasBars = nodes.stream().anyMatch(node -> part(node) instanceof Part.Bar);
        if (hasBars) {
            return nodes.stream()
                    .sorted(Comparator.comparing(ReadingOrder::rank))
                    .collect(toList());
        }
        boolean isOfBar = nodes.stream().anyMatch(node -> part(node) == Part.Plain.LIST || isItem(node));
        return isOfBar ? inLines(nodes, rightToLeft) : nodes;
    }

    private static Part part(SceneNode node) {
        return node instanceof SceneNode.Group group ? group.part() : Part.Plain.OTHER;
    }

    /** Items of a fan stand around its button, in an order of their own. */
    private static boolean isItem(SceneNode node) {
        return part(node) instanceof Part.Item item && item.entrance().isEmpty();
    }

    /** What is in a bar, line by line; what says nothing comes first. The same list where that is its order. */
    private static List<SceneNode> inLines(List<SceneNode> nodes, boolean rightToLeft) {
        var read = new ArrayList<SceneNode>();
        var out = new ArrayList<SceneNode>();
        nodes.forEach(node -> (isRead(node) ? read : out).add(node));
        read.sort(Comparator.comparing(node -> place(node).centerY()));
        Comparator<SceneNode> across = Comparator.comparing(
                node -> rightToLeft ? -place(node).right() : place(node).x());
        int from = 0;
        for (int to = 1; to <= read.size(); to++) {
            boolean isNext = to == read.size()
                    || place(read.get(to)).centerY() - place(read.get(from)).centerY() > LEVEL;
            if (isNext) {
                read.subList(from, to).sort(across);
                from = to;
            }
        }
        out.addAll(read);
        for (int i = 0; i < nodes.size(); i++) {
            if (nodes.get(i) != out.get(i)) {
                return out;
            }
        }
        return nodes;
    }

    private static boolean isRead(SceneNode node) {
        Part part = part(node);
        return node instanceof SceneNode.Text
                || node instanceof SceneNode.Group && part != Part.Plain.MARK && part != Part.Plain.SHADOW;
    }

    /** Where something begins to be read: a list at its first item. */
    private static Box place(SceneNode node) {
        Box whole = node.box().orElseThrow();
        return part(node) == Part.Plain.LIST && node instanceof SceneNode.Group list
                ? list.children().stream()
                        .filter(ReadingOrder::isItem)
                        .findFirst()
                        .flatMap(SceneNode::box)
                        .orElse(whole)
                : whole;
    }

    private void group(SceneNode.Group group, String path, boolean inertAbove, List<Access> out) {
        boolean isDialog = dialog.filter(path::equals).isPresent();
        boolean inert = inertAbove && !isDialog;
        Meaning meaning = group.meaning();
        Box box = group.area();
        if (group.part() == Part.Plain.SCRIM) {
            // Closing the bar is an action of its own for those who touch; for all others the bar closes by a key.
            return;
        }
        if (meaning instanceof Meaning.Link link) {
            out.add(new Access(
                    path,
                    Access.Role.LINK,
                    link.label(),
                    box,
                    Optional.of(link.step()),
                    Optional.of(link.address()),
                    current(link),
                    Optional.empty(),
                    Optional.empty(),
                    link.enabled(),
                    inert,
                    List.of()));
        } else if (meaning instanceof Meaning.Button button) {
            out.add(new Access(
                    path,
                    Access.Role.BUTTON,
                    button.label(),
                    box,
                    Optional.of(button.step()),
                    Optional.empty(),
                    Access.Current.NO,
                    expanded(button.step()),
                    button.pressed(),
                    button.enabled(),
                    inert,
                    List.of()));
        } else if (meaning instanceof Meaning.Field field) {
            out.add(new Access(
                    path,
                    Access.Role.FIELD,
                    field.label(),
                    box,
                    Optional.of(new Step.Tell(field.fact(), new FactValue.Text(field.text()))),
                    Optional.empty(),
                    Access.Current.NO,
                    Optional.empty(),
                    Optional.empty(),
                    true,
                    inert,
                    List.of()));
        } else if (meaning instanceof Meaning.Heading heading) {
            out.add(Access.plain(path, Access.Role.HEADING, heading.text(), box, inert, List.of()));
        } else if (meaning instanceof Meaning.Figure figure) {
            out.add(Access.plain(path, Access.Role.IMAGE, figure.text(), box, inert, List.of()));
        } else if (group.part() instanceof Part.Row) {
            out.add(Access.plain(path, Access.Role.TEXT, texts(group), box, inert, List.of()));
        } else {
            region(group, path, isDialog, inert, out);
        }
    }

    private void region(SceneNode.Group group, String path, boolean isDialog, boolean inert, List<Access> out) {
        Meaning meaning = group.meaning();
        List<Access> inside = all(group.children(), path, isDialog ? false : inert);
        Box box = group.area();
        if (meaning instanceof Meaning.Banner) {
            out.add(Access.plain(path, Access.Role.BANNER, "", box, inert, inside));
        } else if (meaning instanceof Meaning.Main main) {
            out.add(Access.plain(path, Access.Role.MAIN, main.label(), box, inert, inside));
        } else if (meaning instanceof Meaning.Scroll scroll
                && !scroll.navigation().isEmpty()) {
            out.add(Access.plain(path, Access.Role.NAVIGATION, scroll.navigation(), box, inert, inside));
        } else if (meaning instanceof Meaning.Navigation navigation) {
            Access.Role role = isDialog ? Access.Role.DIALOG : Access.Role.NAVIGATION;
            out.add(Access.plain(path, role, navigation.label(), box, inert, inside));
        } else {
            out.addAll(inside);
        }
    }

    private Access.Current current(Meaning.Link link) {
        if (!link.current()) {
            return Access.Current.NO;
        }
        return state.trail().below().isEmpty() ? Access.Current.PAGE : Access.Current.BRANCH;
    }

    private Optional<Boolean> expanded(Step step) {
        if (step instanceof Step.Toggle toggle) {
            return Optional.of(state.open().filter(toggle.bar()::equals).isPresent());
        }
        return step instanceof Step.Collapse fold
                ? Optional.of(!state.collapsed().contains(fold.bar()))
                : Optional.empty();
    }

    private static String inside(SceneNode.Group group) {
        return group.meaning() instanceof Meaning.Figure figure ? figure.text() : texts(group);
    }

    private static String texts(SceneNode.Group group) {
        return group.children().stream()
                .map(node -> node instanceof SceneNode.Text text
                        ? text.line().text()
                        : node instanceof SceneNode.Group inner ? inside(inner) : "")
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(", "));
    }
}
