package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * A menu item that leads to a screen. It is a branch: it has a trail of its own.
 *
 * @param id its id, the screen's by default; unique in the plan
 * @param screen the id of the screen it leads to
 * @param label what it says; the screen's title by default
 * @param icon the name of its icon; the screen's by default
 * @param badge the id of the fact that its badge shows; hidden where the fact is zero, false or empty
 */
public record Item(String id, String screen, Optional<String> label, Optional<String> icon, Optional<String> badge)
        implements Identified {
    public Item {
        Ids.require(id, "item");
        Objects.requireNonNull(screen, "screen");
        Objects.requireNonNull(label, "label");
        Objects.requireNonNull(icon, "icon");
        Objects.requireNonNull(badge, "badge");
    }
}
