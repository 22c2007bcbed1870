package org.yonderarc.tree;

/** Finds the file position of what a JSON Pointer names. */
public final class Locator {
    private Locator() {}

    /**
     * The spot of the value that {@code pointer} names in {@code root}: a scalar's own, a map's or a list's key.
     * Where the pointer leads further than the tree (a short form was written), the nearest value above answers.
     */
    public static Spot locate(Value root, String pointer) {
        Value value = root;
        Spot spot = root.spot();
        for (String name : JsonPointer.names(pointer)) {
            if (value instanceof MapValue map) {
                var entry = map.entry(name);
                if (entry.isEmpty()) {
                    break;
                }
                value = entry.get().value();
                boolean scalar = !(value instanceof MapValue) && !(value instanceof ListValue);
                spot = scalar && value.spot().isLocated()
                        ? value.spot()
                        : entry.get().keySpot();
            } else if (value instanceof ListValue list
                    && JsonPointer.index(name) >= 0
                    && JsonPointer.index(name) < list.items().size()) {
                value = list.items().get(JsonPointer.index(name));
                spot = value.spot();
            } else {
                break;
            }
        }
        return new Spot(pointer, spot.line(), spot.column(), spot.length());
    }
}
