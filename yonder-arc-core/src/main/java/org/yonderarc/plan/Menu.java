package org.yonderarc.plan;

import java.util.List;

/**
 * An ordered list of items, defined once and shown by any number of bars.
 *
 * @param id its id
 * @param items its items in order
 */
public record Menu(String id, List<Item> items) implements Identified {
    public Menu {
        Ids.require(id, "menu");
        items = List.copyOf(items);
    }
}
