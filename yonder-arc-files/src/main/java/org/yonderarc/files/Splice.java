package org.yonderarc.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.CollectionNode;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import org.yonderarc.tree.JsonPointer;

/** Cuts into the text of a plan file where a value stands, and leaves every other character alone. JSON is YAML here. */
final class Splice {
    private final String text;
    private final Node root;

    Splice(String text) throws EditTrouble {
        this.text = text;
        var settings = LoadSettings.builder()
                .setCodePointLimit((int) SourceText.LARGEST)
                .setUseMarks(true)
                .setBufferSize(text.length() + 2)
                .build();
        try {
            root = new Compose(settings)
                    .composeString(text)
                    .orElseThrow(() -> new EditTrouble("The file is empty; there is nothing to change."));
        } catch (YamlEngineException wrong) {
            throw new EditTrouble("The file can't be read; mend it first: run the check.");
        }
    }

    /** One member of a map or a list: where it starts and ends. */
    private record Part(int start, int end) {}

    /** The text with another value at {@code pointer}. */
    String set(String pointer, String value) throws EditTrouble {
        Node node = find(pointer);
        int start = at(node.getStartMark());
        int end = end(node);
        String gap = start == end && start > 0 && text.charAt(start - 1) == ':' ? " " : "";
        return text.substring(0, start) + gap + value + text.substring(end);
    }

    /** The text with another key in place of the last name of {@code pointer}. */
    String rename(String pointer, String key) throws EditTrouble {
        MappingNode map = (MappingNode) find(JsonPointer.parent(pointer));
        Node old = map.getValue().get(index(map, JsonPointer.last(pointer))).getKeyNode();
        return text.substring(0, at(old.getStartMark())) + key + text.substring(at(old.getEndMark()));
    }

    /** The text with a key more at the end of the map at {@code pointer}. */
    String addKey(String pointer, String key, String value) throws EditTrouble {
        Node node = find(pointer);
        if (!(node instanceof MappingNode)) {
            throw new EditTrouble("\"" + pointer + "\" is no map, so it has no keys. Use \"add\" for a list.");
        }
        return add(node, Integer.MAX_VALUE, key + ": " + value);
    }

    /** The text with a value more in the list at {@code pointer}. */
    String addItem(String pointer, int index, String value) throws EditTrouble {
        return add(find(pointer), index, value);
    }

    private String add(Node node, int index, String member) throws EditTrouble {
        boolean isMap = node instanceof MappingNode;
        if (!(node instanceof CollectionNode<?> collection)) {
            throw new EditTrouble("There is no map or list to add to.");
        }
        List<Part> parts = parts(node);
        if (parts.isEmpty()) {
            String brackets = isMap ? "{ " + member + " }" : "[ " + member + " ]";
            return text.substring(0, at(node.getStartMark())) + brackets + text.substring(end(node));
        }
        boolean atEnd = index >= parts.size();
        Part next = parts.get(atEnd ? parts.size() - 1 : index);
        if (collection.getFlowStyle() == FlowStyle.FLOW) {
            String gap = isFirstOnLine(next.start) ? "\n" + indent(next.start) : " ";
            return atEnd
                    ? text.substring(0, next.end) + "," + gap + member + text.substring(next.end)
                    : text.substring(0, next.start) + member + "," + gap + text.substring(next.start);
        }
        int start = isMap ? parts.get(0).start : dash(parts.get(0).start);
        String line = " ".repeat(column(start)) + (isMap ? "" : "- ") + member;
        if (atEnd) {
            int at = lineEnd(next.end);
            return text.substring(0, at) + "\n" + line + text.substring(at);
        }
        int at = lineStart(dash(next.start));
        return text.substring(0, at) + line + "\n" + text.substring(at);
    }

    /** The text without the member at {@code pointer}. */
    String remove(String pointer) throws EditTrouble {
        Node node = find(JsonPointer.parent(pointer));
        List<Part> parts = parts(node);
        int index = index(node, JsonPointer.last(pointer));
        Part part = parts.get(index);
        boolean isFlow = ((CollectionNode<?>) node).getFlowStyle() == FlowStyle.FLOW;
        if (parts.size() == 1) {
            String nothing = node instanceof MappingNode ? "{}" : "[]";
            return text.substring(0, at(node.getStartMark())) + nothing + text.substring(end(node));
        }
        if (isFlow && index > 0) {
            return text.substring(0, parts.get(index - 1).end) + text.substring(part.end);
        }
        int start = node instanceof SequenceNode && !isFlow ? dash(part.start) : part.start;
        if (isFlow || !isFirstOnLine(start)) {
            return text.substring(0, part.start) + text.substring(parts.get(index + 1).start);
        }
        int end = lineEnd(part.end);
        return text.substring(0, lineStart(start)) + text.substring(Math.min(text.length(), end + 1));
    }

    /** The text with the member at {@code pointer} at another place of its list, its comments with it. */
    String move(String pointer, int to) throws EditTrouble {
        Node node = find(JsonPointer.parent(pointer));
        if (!(node instanceof SequenceNode)) {
            throw new EditTrouble("Only what stands in a list can be moved; \"" + pointer + "\" is a key of a map.");
        }
        boolean isFlow = ((CollectionNode<?>) node).getFlowStyle() == FlowStyle.FLOW;
        List<Part> slots = isFlow ? parts(node) : lines(node);
        int from = index(node, JsonPointer.last(pointer));
        var order = new ArrayList<Integer>();
        for (int i = 0; i < slots.size(); i++) {
            order.add(i);
        }
        order.add(Math.min(to, order.size() - 1), order.remove(from));
        var out = new StringBuilder(text.substring(0, slots.get(0).start));
        for (int i = 0; i < slots.size(); i++) {
            Part moved = slots.get(order.get(i));
            out.append(text, moved.start, moved.end);
            int next = i + 1 < slots.size() ? slots.get(i + 1).start : slots.get(i).end;
            out.append(text, slots.get(i).end, next);
        }
        return out.append(text.substring(slots.get(slots.size() - 1).end)).toString();
    }

    /** The members of a block list as whole lines: each from the end of the one before, so that comments go along. */
    private List<Part> lines(Node node) throws EditTrouble {
        var lines = new ArrayList<Part>();
        for (Part part : parts(node)) {
            int dash = dash(part.start);
            if (!isFirstOnLine(dash)) {
                throw new EditTrouble("The list starts within a line; its order is changed by hand.");
            }
            int start = lines.isEmpty() ? lineStart(dash) : lines.get(lines.size() - 1).end + 1;
            lines.add(new Part(start, lineEnd(part.end)));
        }
        return lines;
    }

    /** Whether something stands at {@code pointer}. */
    boolean has(String pointer) {
        try {
            find(pointer);
            return true;
        } catch (EditTrouble missing) {
            return false;
        }
    }

    private Node find(String pointer) throws EditTrouble {
        Node node = root;
        String path = "";
        for (String name : names(pointer)) {
            path += "/" + name;
            int index = index(node, name);
            if (index < 0) {
                throw new EditTrouble("There is nothing at \"" + path + "\". Look at the plan for the right path.");
            }
            node = node instanceof MappingNode map
                    ? map.getValue().get(index).getValueNode()
                    : ((SequenceNode) node).getValue().get(index);
        }
        return node;
    }

    private static int index(Node node, String name) {
        if (node instanceof MappingNode map) {
            int index = 0;
            for (NodeTuple tuple : map.getValue()) {
                if (tuple.getKeyNode() instanceof ScalarNode key
                        && key.getValue().equals(name)) {
                    return index;
                }
                index++;
            }
            return -1;
        }
        int index = JsonPointer.index(name);
        return node instanceof SequenceNode list && index < list.getValue().size() ? index : -1;
    }

    static List<String> names(String pointer) throws EditTrouble {
        try {
            return JsonPointer.names(pointer);
        } catch (IllegalArgumentException noPointer) {
            throw new EditTrouble(noPointer.getMessage());
        }
    }

    private List<Part> parts(Node node) {
        if (node instanceof MappingNode map) {
            return map.getValue().stream()
                    .map(tuple -> new Part(at(tuple.getKeyNode().getStartMark()), end(tuple.getValueNode())))
                    .toList();
        }
        return ((SequenceNode) node)
                .getValue().stream()
                        .map(item -> new Part(at(item.getStartMark()), end(item)))
                        .toList();
    }

    /** Where a node's own text ends: a block reaches to the end of its last member, not to what follows it. */
    private int end(Node node) {
        boolean isBlock = node instanceof CollectionNode<?> collection && collection.getFlowStyle() != FlowStyle.FLOW;
        if (isBlock) {
            List<Part> parts = parts(node);
            return parts.isEmpty() ? at(node.getEndMark()) : parts.get(parts.size() - 1).end;
        }
        int end = at(node.getEndMark());
        while (end > at(node.getStartMark()) && Character.isWhitespace(text.charAt(end - 1))) {
            end--;
        }
        return end;
    }

    private int at(Optional<Mark> mark) {
        return text.offsetByCodePoints(0, mark.orElseThrow().getIndex());
    }

    /** The dash before an item of a block list. */
    private int dash(int start) {
        int at = start - 1;
        while (at > 0 && text.charAt(at) != '-') {
            at--;
        }
        return at;
    }

    private int lineStart(int at) {
        return text.lastIndexOf('\n', at - 1) + 1;
    }

    private int lineEnd(int at) {
        int end = text.indexOf('\n', at);
        return end < 0 ? text.length() : end;
    }

    private int column(int at) {
        return at - lineStart(at);
    }

    private String indent(int at) {
        return text.substring(lineStart(at), at);
    }

    private boolean isFirstOnLine(int at) {
        return text.substring(lineStart(at), at).isBlank();
    }
}
