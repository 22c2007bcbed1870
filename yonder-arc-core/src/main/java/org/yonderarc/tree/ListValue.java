package org.yonderarc.tree;

import java.util.List;

/**
 * A list.
 *
 * @param spot where it stands
 * @param items the items in order
 */
public record ListValue(Spot spot, List<Value> items) implements Value {
    public ListValue {
        items = List.copyOf(items);
    }

    @Override
    public String kind() {
        return "a list";
    }
}
