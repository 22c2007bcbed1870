package org.yonderarc.build;

import java.util.Optional;
import org.yonderarc.plan.Item;

/** Defines one item of a {@link MenuBuilder}. */
public final class ItemBuilder {
    private final String screen;
    private String id;
    private Optional<String> label = Optional.empty();
    private Optional<String> icon = Optional.empty();
    private Optional<String> badge = Optional.empty();

    ItemBuilder(String screen) {
        this.screen = screen;
        this.id = screen;
    }

    /** Sets an id other than the screen's. */
    public ItemBuilder id(String own) {
        id = own;
        return this;
    }

    /** Sets a label other than the screen's title. */
    public ItemBuilder label(String text) {
        label = Optional.of(text);
        return this;
    }

    /** Sets an icon other than the screen's. */
    public ItemBuilder icon(String name) {
        icon = Optional.of(name);
        return this;
    }

    /** Shows a fact as the badge. */
    public ItemBuilder badge(String fact) {
        badge = Optional.of(fact);
        return this;
    }

    Item build() {
        return new Item(id, screen, label, icon, badge);
    }
}
