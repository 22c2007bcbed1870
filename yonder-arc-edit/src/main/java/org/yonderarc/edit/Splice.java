package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.Comparator;
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
import org.yonderarc.files.SourceText;
import org.yonderarc.finding.Brief;
import org.yonderarc.tree.JsonPointer;

/** Cuts into the text of a plan file where a value stands, and leaves every other character alone. JSON is YAML here. */
final class Splice {
    private final String text;
    private final Node root;
    private final String newline;

    Splice(String text) throws EditException {
        this.text = text;
        newline = text.contains("\r\n") ? "\r\n" : "\n";
        var settings = LoadSettings.builder()
                .setCodePointLimit((int) SourceText.LARGEST)
                .setUseMarks(true)
                .setBufferSize(text.length() + 2)
                .build();
        try {
            root = new Compose(settings)
                    .composeString(text)
                    .orElseThrow(() -> new EditException("The file is empty; there is nothing to change."));
        } catch (YamlEngineException wrong) {
            throw new EditException("The file can't be read. Run \"yonder check\", and fix it first.");
        }
    }

    /** One member of a map or a list: where it starts and ends. */
    private record Part(int start, int end) {}

    /** A change of the text: what stands from {@code start} to {@code end} becomes {@code now}. */
    record Cut(int start, int end, String now) {}

    /** The text with these changes, none of which touch. */
    String with(List<Cut> cuts) {
        var out = new StringBuilder(text);
        cuts.stream()
                .sorted(Comparator.comparingInt(Cut::start).reversed())
                .forEach(cut -> out.replace(cut.start, cut.end, cut.now));
        return out.toString();
    }

    /** Another value at {@code pointer}. */
    Cut set(String pointer, String value) throws EditException {
        Node node = find(pointer);
        int start = at(node.getStartMark());
        int end = end(node);
        String gap = start == end && start > 0 && text.charAt(start - 1) == ':' ? " " : "";
        return new Cut(start, end, gap + value);
    }

    /** Another key in place of the last name of {@code pointer}. */
    Cut rename(String pointer, String key) throws EditException {
        MappingNode map = (MappingNode) find(JsonPointer.parent(pointer));
        Node old = map.getValue().get(index(map, JsonPointer.last(pointer))).getKeyNode();
        return new Cut(at(old.getStartMark()), at(old.getEndMark()), key);
    }

    /** A key more at the end of the map at {@code pointer}. */
    Cut addKey(String pointer, String key, String value) throws EditException {
        Node node = find(pointer);
        if (!(node instanceof MappingNode)) {
            throw new EditException("\"" + pointer + "\" is not a map, so it has no keys. Use \"add\" for a list.");
        }
        return add(node, Integer.MAX_VALUE, key + ": " + value);
    }

    /** A key more in the map at {@code pointer}, before another. */
    Cut addKey(String pointer, String key, String value, String before) throws EditException {
        Node node = find(pointer);
        return add(node, index(node, before), key + ": " + value);
    }

    /** A value more in the list at {@code pointer}. */
    Cut addItem(String pointer, int index, String value) throws EditException {
        return add(find(pointer), index, value);
    }

    private Cut add(Node node, int index, String member) throws EditException {
        boolean isMap = node instanceof MappingNode;
        if (!(node instanceof CollectionNode<?> collection)) {
            throw new EditException("There is no map or list to add to.");
        }
        List<Part> parts = parts(node);
        if (parts.isEmpty()) {
            String brackets = isMap ? "{ " + member + " }" : "[ " + member + " ]";
            return new Cut(at(node.getStartMark()), end(node), brackets);
        }
        boolean atEnd = index >= parts.size();
        Part next = parts.get(atEnd ? parts.size() - 1 : index);
        if (collection.getFlowStyle() == FlowStyle.FLOW) {
            FlowMembers members = members(node, parts);
            if (members.hasComments()) {
                return members.with(member, Math.min(index, parts.size()));
            }
            String gap = isFirstOnLine(next.start) ? newline + indent(next.start) : " ";
            return atEnd
                    ? new Cut(next.end, next.end, "," + gap + member)
                    : new Cut(next.start, next.start, member + "," + gap);
        }
        int start = isMap ? parts.get(0).start : dash(parts.get(0).start);
        String line = " ".repeat(column(start)) + (isMap ? "" : "- ") + member;
        String gap = areApart(parts, isMap) ? newline : "";
        if (atEnd) {
            int at = lineEnd(next.end);
            return new Cut(at, at, newline + gap + line);
        }
        int at = above(isMap ? next.start : dash(next.start));
        return new Cut(at, at, line + newline + gap);
    }

    /** Whether an empty line stands between all members of a block, as between the parts of many plans. */
    private boolean areApart(List<Part> parts, boolean isMap) {
        return parts.size() > 1
                && parts.stream().skip(1).allMatch(part -> isEmptyBefore(above(isMap ? part.start : dash(part.start))));
    }

    /** Whether the line before the one that begins at {@code start} is empty. */
    private boolean isEmptyBefore(int start) {
        return start > 0 && text.substring(lineStart(start - 1), start).isBlank();
    }

    /** Nothing in place of the member at {@code pointer}, nor of the comments right above it. */
    Cut remove(String pointer) throws EditException {
        Node node = find(JsonPointer.parent(pointer));
        List<Part> parts = parts(node);
        int index = index(node, JsonPointer.last(pointer));
        Part part = parts.get(index);
        boolean isFlow = ((CollectionNode<?>) node).getFlowStyle() == FlowStyle.FLOW;
        if (parts.size() == 1) {
            String nothing = node instanceof MappingNode ? "{}" : "[]";
            return new Cut(at(node.getStartMark()), end(node), nothing);
        }
        if (isFlow && members(node, parts).hasComments()) {
            return members(node, parts).without(index);
        }
        if (isFlow && index > 0) {
            return new Cut(parts.get(index - 1).end, part.end, "");
        }
        int start = node instanceof SequenceNode && !isFlow ? dash(part.start) : part.start;
        if (isFlow || !isFirstOnLine(start)) {
            return new Cut(part.start, parts.get(index + 1).start, "");
        }
        int last = text.indexOf('\n', part.end);
        int end = last < 0 ? text.length() : last + 1;
        int begin = above(start);
        // Of the empty lines around it one stays.
        boolean isEmptyBehind =
                end == text.length() || text.substring(end, lineEnd(end)).isBlank();
        return new Cut(isEmptyBefore(begin) && isEmptyBehind ? lineStart(begin - 1) : begin, end, "");
    }

    /** The member at {@code pointer} at another place of its list, its comments with it. */
    Cut move(String pointer, int to) throws EditException {
        Node node = find(JsonPointer.parent(pointer));
        if (!(node instanceof SequenceNode)) {
            throw new EditException("Only what stands in a list can be moved; \"" + pointer + "\" is a key of a map.");
        }
        boolean isFlow = ((CollectionNode<?>) node).getFlowStyle() == FlowStyle.FLOW;
        int from = index(node, JsonPointer.last(pointer));
        List<Part> parts = parts(node);
        var order = new ArrayList<Integer>();
        for (int i = 0; i < parts.size(); i++) {
            order.add(i);
        }
        order.add(Math.min(to, order.size() - 1), order.remove(from));
        if (isFlow && members(node, parts).hasComments()) {
            return members(node, parts).ordered(order);
        }
        List<Part> slots = isFlow ? parts : lines(node);
        var out = new StringBuilder();
        for (int i = 0; i < slots.size(); i++) {
            Part moved = slots.get(order.get(i));
            out.append(text, moved.start, moved.end);
            int next = i + 1 < slots.size() ? slots.get(i + 1).start : slots.get(i).end;
            out.append(text, slots.get(i).end, next);
        }
        return new Cut(slots.get(0).start, slots.get(slots.size() - 1).end, out.toString());
    }

    /**
     * The value at {@code pointer} in another list: with its comments, as it is written, where both are lists of lines; else as
     * {@code value} says, below its comments.
     */
    List<Cut> moveTo(String pointer, String list, int index, String value) throws EditException {
        Node from = find(JsonPointer.parent(pointer));
        Node to = find(list);
        if (!(from instanceof SequenceNode) || !(to instanceof SequenceNode)) {
            throw new EditException("Only what stands in a list can be moved, and only to a list.");
        }
        int place = index(from, JsonPointer.last(pointer));
        if (!isBlock(from) || !isBlock(to)) {
            return List.of(remove(pointer), commented(to, index, comments(from, place), value));
        }
        Part moved = lines(from).get(place);
        List<Part> others = lines(to);
        int column = column(dash(parts(from).get(0).start));
        int by = column(dash(parts(to).get(0).start)) - column;
        String lines = indented(text.substring(moved.start, moved.end), by);
        int end = Math.min(text.length(), moved.end + newline.length());
        boolean isOnly = parts(from).size() == 1;
        String left = isOnly ? " ".repeat(column) + "[]" + text.substring(moved.end, end) : "";
        boolean isLast = index >= others.size();
        int at = isLast ? others.get(others.size() - 1).end : others.get(index).start;
        return List.of(new Cut(moved.start, end, left), new Cut(at, at, isLast ? newline + lines : lines + newline));
    }

    /** The comments that are about a member of a list: above it, within it, behind it. */
    private List<String> comments(Node node, int index) throws EditException {
        List<Part> parts = parts(node);
        if (!isBlock(node)) {
            return members(node, parts).comments(index);
        }
        Part lines = lines(node).get(index);
        return commentsWithin(lines.start, lines.end);
    }

    private List<String> commentsWithin(int start, int end) {
        return Comments.of(text).stream()
                .filter(comment -> comment.at() >= start && comment.at() < end)
                .map(Comments.Comment::text)
                .toList();
    }

    private Cut commented(Node list, int index, List<String> comments, String value) throws EditException {
        if (comments.isEmpty()) {
            return add(list, index, value);
        }
        List<Part> parts = parts(list);
        int place = Math.min(index, parts.size());
        if (isBlock(list)) {
            String gap = newline + " ".repeat(column(dash(parts.get(0).start)));
            String lines = String.join(gap, comments) + gap + "- " + value;
            return place == parts.size()
                    ? new Cut(lineEnd(parts.get(place - 1).end), lineEnd(parts.get(place - 1).end), gap + lines)
                    : new Cut(
                            above(dash(parts.get(place).start)),
                            above(dash(parts.get(place).start)),
                            gap.substring(newline.length()) + lines + newline);
        }
        if (parts.isEmpty()) {
            String gap = newline + " ".repeat(indentOf(at(list.getStartMark())) + 2);
            return new Cut(
                    at(list.getStartMark()), end(list), "[" + gap + String.join(gap, comments) + gap + value + " ]");
        }
        return members(list, parts).with(String.join("\n", comments), value, place);
    }

    /** How far the line at {@code at} is set in. */
    private int indentOf(int at) {
        int end = lineStart(at);
        while (end < text.length() && text.charAt(end) == ' ') {
            end++;
        }
        return end - lineStart(at);
    }

    /**
     * A section in place of members of a list that stand behind each other, which are within it as they are written, with their comments.
     *
     * @param value the section on one line
     */
    Cut section(String list, int first, int count, String key, String items, String heading, String value)
            throws EditException {
        Node node = find(list);
        List<Part> parts = parts(node);
        int last = first + count - 1;
        if (!isBlock(node)) {
            FlowMembers members = members(node, parts);
            String head = "{ " + key + ": " + heading + ", " + items + ": [";
            return members.hasComments()
                    ? members.within(head, first, last)
                    : new Cut(
                            parts.get(first).start,
                            parts.get(last).end,
                            head + " " + text.substring(parts.get(first).start, parts.get(last).end) + " ] }");
        }
        List<Part> lines = lines(node);
        int start = lines.get(first).start;
        int end = lines.get(last).end;
        boolean isPlain = commentsWithin(start, end).isEmpty()
                && lines.subList(first, last + 1).stream()
                        .noneMatch(line ->
                                text.substring(line.start, line.end).strip().contains("\n"));
        String indent = " ".repeat(column(dash(parts.get(first).start)));
        return new Cut(
                start,
                end,
                isPlain
                        ? indent + "- " + value
                        : indent + "- " + key + ": " + heading + newline + indent + "  " + items + ":" + newline
                                + indented(text.substring(start, end), 4));
    }

    private static boolean isBlock(Node node) {
        return node instanceof CollectionNode<?> collection && collection.getFlowStyle() != FlowStyle.FLOW;
    }

    /** Lines set in further, or less far. */
    private static String indented(String lines, int by) {
        var out = new StringBuilder();
        for (String line : lines.split("(?<=\n)")) {
            int spaces = 0;
            while (spaces < line.length() && line.charAt(spaces) == ' ') {
                spaces++;
            }
            boolean isEmpty = line.isBlank();
            out.append(isEmpty ? "" : " ".repeat(Math.max(0, spaces + by)))
                    .append(isEmpty ? line : line.substring(spaces));
        }
        return out.toString();
    }

    private FlowMembers members(Node node, List<Part> parts) {
        return new FlowMembers(
                text,
                newline,
                at(node.getStartMark()) + 1,
                parts.stream().map(part -> new int[] {part.start, part.end}).toList(),
                at(node.getEndMark()) - 1);
    }

    /** The members of a block list as whole lines: each from the end of the one before, so that comments go along. */
    private List<Part> lines(Node node) throws EditException {
        var lines = new ArrayList<Part>();
        for (Part part : parts(node)) {
            int dash = dash(part.start);
            if (!isFirstOnLine(dash)) {
                throw new EditException("The list starts within a line; its order is changed by hand.");
            }
            int start = lines.isEmpty() ? above(dash) : lineStart(lines.get(lines.size() - 1).end + newline.length());
            lines.add(new Part(start, lineEnd(part.end)));
        }
        return lines;
    }

    /** The start of the line at {@code at}, or of the comment lines right above it that are set in as it is. */
    private int above(int at) {
        int start = lineStart(at);
        while (start > 0) {
            int before = lineStart(start - 1);
            String line = text.substring(before, start);
            boolean belongs = line.strip().startsWith("#") && line.indexOf('#') == column(at);
            if (!belongs) {
                break;
            }
            start = before;
        }
        return start;
    }

    /** Whether something stands at {@code pointer}. */
    boolean has(String pointer) {
        try {
            find(pointer);
            return true;
        } catch (EditException missing) {
            return false;
        }
    }

    /** Whether a place of the text lies within the value at {@code pointer}, or on its last line. */
    boolean isWithin(String pointer, int place) {
        try {
            Node node = find(pointer);
            return place >= at(node.getStartMark()) && place < lineEnd(end(node));
        } catch (EditException missing) {
            return false;
        }
    }

    private Node find(String pointer) throws EditException {
        Node node = root;
        String path = "";
        for (String name : names(pointer)) {
            path += "/" + name;
            int index = index(node, name);
            if (index < 0) {
                throw new EditException("There is nothing at \"" + path + "\". Look at the plan for the right path.");
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

    static List<String> names(String pointer) throws EditException {
        try {
            return JsonPointer.names(pointer);
        } catch (IllegalArgumentException noPointer) {
            throw new EditException(Brief.of(noPointer));
        }
    }

    private List<Part> parts(Node node) {
        var parts = new ArrayList<Part>();
        int before = 0;
        if (node instanceof MappingNode map) {
            map.getValue()
                    .forEach(tuple ->
                            parts.add(new Part(at(tuple.getKeyNode().getStartMark()), end(tuple.getValueNode()))));
        } else {
            ((SequenceNode) node).getValue().forEach(item -> parts.add(new Part(at(item.getStartMark()), end(item))));
        }
        for (Part part : parts) {
            // An alias is where its anchor is, and a key behind "?" may end before it starts.
            if (part.start < before || part.end < part.start) {
                throw new IndexOutOfBoundsException("the members stand in another order than they are in");
            }
            before = part.end;
        }
        return parts;
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
        end = end < 0 ? text.length() : end;
        return end > at && text.charAt(end - 1) == '\r' ? end - 1 : end;
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
