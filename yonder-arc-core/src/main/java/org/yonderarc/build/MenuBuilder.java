package org.yonderarc.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.yonderarc.plan.Item;

/** Defines one menu of a {@link PlanBuilder}. */
public final class MenuBuilder {
    private final List<Item> items = new ArrayList<>();

    MenuBuilder() {}

    /** Adds an item that leads to {@code screen}. */
    public MenuBuilder item(String screen) {
        return item(screen, UnaryOperator.identity());
    }

    /** Adds an item that leads to {@code screen}. */
    public MenuBuilder item(String screen, UnaryOperator<ItemBuilder> define) {
        items.add(define.apply(new ItemBuilder(screen)).build());
        return this;
    }

    List<Item> items() {
        return items;
    }
}
