package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import org.yonderarc.files.SourceText;

/**
 * Breaks lines that an edit has made too long to read: what stands in braces or brackets there gets a line for each of its members. The
 * members themselves stay as they are written.
 */
final class Blocks {
    /** Longer lines are broken where an edit has added them. */
    private static final int LONGEST = 120;
    /** A line that was there before keeps its style until it is longer than this. */
    private static final int LONGEST_KEPT = 140;
    /** A member that is longer gets lines of its own too. */
    private static final int LONG_MEMBER = 100;

    private static final int STEP = 2;

    private final String text;
    private final Set<String> known;
    private final int longest;
    private final List<Splice.Cut> cuts = new ArrayList<>();

    private Blocks(String text, Set<String> known, int longest) {
        this.longest = longest;
        this.text = text;
        this.known = known;
    }

    /** The text after an edit, with the lines broken that were not as long before it. */
    static String of(String before, String after) {
        var known = new HashSet<>(before.lines().toList());
        boolean isAdded = after.lines().count() > before.lines().count();
        int longest = isAdded ? LONGEST : LONGEST_KEPT;
        if (after.lines().noneMatch(line -> line.length() > longest && !known.contains(line))) {
            return after;
        }
        var settings = LoadSettings.builder()
                .setCodePointLimit((int) SourceText.LARGEST)
                .setUseMarks(true)
                .setBufferSize(after.length() + 2)
                .build();
        try {
            Optional<Node> root = new Compose(settings).composeString(after);
            var run = new Blocks(after, known, longest);
            root.ifPresent(run::look);
            var out = new StringBuilder(after);
            for (int i = run.cuts.size() - 1; i >= 0; i--) {
                Splice.Cut cut = run.cuts.get(i);
                out.replace(cut.start(), cut.end(), cut.now());
            }
            return out.toString();
        } catch (YamlEngineException unreadable) {
            return after;
        }
    }

    /** From the outside in: what stands within something that is broken goes with it. */
    private void look(Node node) {
        if (node instanceof MappingNode map && map.getFlowStyle() == FlowStyle.BLOCK) {
            for (NodeTuple tuple : map.getValue()) {
                Node value = tuple.getValueNode();
                if (isBroken(value)) {
                    int indent = column(tuple.getKeyNode()) + STEP;
                    cuts.add(new Splice.Cut(
                            colon(tuple.getKeyNode()), end(value), newline() + lines(value, indent, true)));
                } else {
                    look(value);
                }
            }
        } else if (node instanceof SequenceNode list && list.getFlowStyle() == FlowStyle.BLOCK) {
            for (Node item : list.getValue()) {
                if (item instanceof MappingNode && isBroken(item)) {
                    cuts.add(new Splice.Cut(start(item), end(item), lines(item, column(item), false)));
                } else {
                    look(item);
                }
            }
        }
    }

    /** Whether it is braces or brackets alone at the end of a line that is too long. */
    private boolean isBroken(Node node) {
        if (!(node instanceof CollectionNode<?> collection)
                || collection.getFlowStyle() != FlowStyle.FLOW
                || collection.getValue().isEmpty()
                || node.getAnchor().isPresent()) {
            return false;
        }
        int from = text.lastIndexOf('\n', start(node) - 1) + 1;
        int to = text.indexOf('\n', start(node));
        String line = text.substring(from, to < 0 ? text.length() : to);
        String bare = line.endsWith("\r") ? line.substring(0, line.length() - 1) : line;
        boolean endsThere = end(node) == from + bare.stripTrailing().length();
        return bare.length() > longest
                && !known.contains(bare)
                && endsThere
                && !bare.contains(" &")
                && !bare.contains(" *");
    }

    /** Its members, a line each. */
    private String lines(Node node, int indent, boolean indentsFirst) {
        var out = new ArrayList<String>();
        if (node instanceof MappingNode map) {
            for (NodeTuple tuple : map.getValue()) {
                String key = written(tuple.getKeyNode()) + ":";
                Node value = tuple.getValueNode();
                out.add(
                        isLong(value, indent + key.length() + 1)
                                ? key + newline() + lines(value, indent + STEP, true)
                                : key + " " + written(value));
            }
        } else {
            for (Node item : ((SequenceNode) node).getValue()) {
                out.add(
                        item instanceof MappingNode && isLong(item, indent + STEP)
                                ? "- " + lines(item, indent + STEP, false)
                                : "- " + written(item));
            }
        }
        String gap = " ".repeat(indent);
        return (indentsFirst ? gap : "") + String.join(newline() + gap, out);
    }

    private boolean isLong(Node node, int column) {
        return node instanceof CollectionNode<?> collection
                && !collection.getValue().isEmpty()
                && column + written(node).length() > LONG_MEMBER;
    }

    private String written(Node node) {
        return text.substring(start(node), end(node));
    }

    private String newline() {
        return text.contains("\r\n") ? "\r\n" : "\n";
    }

    /** Behind the colon that follows a key. */
    private int colon(Node key) {
        return text.indexOf(':', end(key)) + 1;
    }

    private int column(Node node) {
        return start(node) - (text.lastIndexOf('\n', start(node) - 1) + 1);
    }

    private int start(Node node) {
        return at(node.getStartMark());
    }

    private int end(Node node) {
        return at(node.getEndMark());
    }

    /** Marks count characters beyond the basic plane as one. */
    private int at(Optional<Mark> mark) {
        return text.offsetByCodePoints(0, mark.orElseThrow().getIndex());
    }
}
