package org.yonderarc.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.yonderarc.plan.Catalog;
import org.yonderarc.plan.Condition;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;

/** Variants of plans. */
final class Plans {
    /** A condition that never holds. */
    static final Condition NEVER = Condition.parse("n < 0 and n > 0");

    private Plans() {}

    /** The plan with every item changed. */
    static Plan items(Plan plan, UnaryOperator<Item> change) {
        var menus = new ArrayList<Menu>();
        for (Menu menu : plan.menus()) {
            List<Entry> entries = menu.entries().stream()
                    .map(entry -> entry instanceof Item item
                            ? change.apply(item)
                            : entry instanceof Entry.Section section
                                    ? new Entry.Section(
                                            section.heading(),
                                            section.list().stream().map(change).toList())
                                    : entry)
                    .toList();
            menus.add(new Menu(menu.id(), entries));
        }
        return new Plan(
                plan.app(),
                plan.theme(),
                plan.styles(),
                plan.motion(),
                plan.kinds(),
                plan.facts(),
                plan.screens(),
                Catalog.of(menus),
                plan.bars(),
                plan.accepted());
    }
}
