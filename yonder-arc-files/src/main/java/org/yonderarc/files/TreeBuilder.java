package org.yonderarc.files;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.yonderarc.finding.Code;
import org.yonderarc.tree.JsonPointer;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.Value;

/** Builds a neutral tree from a parser's events, within bounds, and without recursion. */
final class TreeBuilder {
    /** The deepest nesting; a plan needs about ten. */
    static final int DEEPEST = 64;
    /** The most values, aliases followed; a plan of 10,000 screens has about 200,000. */
    static final int MOST = 2_000_000;

    private final Deque<Frame> open = new ArrayDeque<>();
    private @Nullable Value root;
    private int count;

    /** A map or a list that isn't finished. */
    private static final class Frame {
        final Spot spot;
        final boolean isMap;
        final List<MapValue.Entry> entries = new ArrayList<>();
        final List<Value> items = new ArrayList<>();

        @Nullable
        String key;

        Spot keySpot = Spot.ROOT;

        Frame(Spot spot, boolean isMap) {
            this.spot = spot;
            this.isMap = isMap;
        }
    }

    /** Whether the next scalar is a key. */
    boolean wantsKey() {
        return !open.isEmpty() && open.peek().isMap && open.peek().key == null;
    }

    /** The spot of the value that comes next, at this position of the file. */
    Spot spot(int line, int column, int length) {
        Frame frame = open.peek();
        String pointer = frame == null
                ? ""
                : JsonPointer.child(
                        frame.spot.pointer(),
                        frame.isMap ? Objects.requireNonNull(frame.key) : Integer.toString(frame.items.size()));
        return new Spot(pointer, line, column, length);
    }

    void key(String key, int line, int column, int length) {
        Frame frame = open.peek();
        frame.key = key;
        frame.keySpot = new Spot(JsonPointer.child(frame.spot.pointer(), key), line, column, length);
    }

    void start(Spot spot, boolean isMap) throws ParseException {
        if (open.size() >= DEEPEST) {
            throw new ParseException(
                    Code.TOO_DEEP,
                    spot,
                    "The nesting is deeper than " + DEEPEST + " levels.",
                    "Look for brackets or indentation that were never closed.");
        }
        counted(1, spot);
        open.push(new Frame(spot, isMap));
    }

    Value end() {
        Frame frame = open.pop();
        Value value = frame.isMap ? new MapValue(frame.spot, frame.entries) : new ListValue(frame.spot, frame.items);
        put(value);
        return value;
    }

    void scalar(Value value) throws ParseException {
        counted(1, value.spot());
        put(value);
    }

    /** Puts a value that stands elsewhere in the file, as an alias does. */
    void again(Value value, Spot spot) throws ParseException {
        counted(size(value), spot);
        put(value);
    }

    private static int size(Value value) {
        int size = 0;
        var todo = new ArrayDeque<Value>(List.of(value));
        while (!todo.isEmpty() && size <= MOST) {
            Value next = todo.pop();
            size++;
            if (next instanceof MapValue map) {
                map.entries().forEach(entry -> todo.push(entry.value()));
            } else if (next instanceof ListValue list) {
                list.items().forEach(todo::push);
            }
        }
        return size;
    }

    private void counted(int more, Spot spot) throws ParseException {
        count += more;
        if (count > MOST) {
            throw new ParseException(
                    Code.TOO_LARGE,
                    spot,
                    "The document grows beyond " + MOST + " values when its aliases are followed.",
                    "Write the parts out, or use fewer aliases.");
        }
    }

    private void put(Value value) {
        Frame frame = open.peek();
        if (frame == null) {
            root = value;
        } else if (frame.isMap) {
            frame.entries.add(new MapValue.Entry(Objects.requireNonNull(frame.key), frame.keySpot, value));
            frame.key = null;
        } else {
            frame.items.add(value);
        }
    }

    boolean isEmpty() {
        return root == null;
    }

    /** The value of the whole text; there is one unless it is empty. */
    Value root() {
        return Objects.requireNonNull(root, "a document has a root");
    }
}
