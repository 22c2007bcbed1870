package org.yonderarc.navigator;

import static org.yonderarc.portable.Lists.toList;

import java.util.Collection;
import java.util.List;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;

/** Refuses ids that a plan doesn't have: whoever observes one would never be told anything. */
final class Known {
    private Known() {}

    /**
     * A fact.
     *
     * @throws IllegalArgumentException if the plan has no such fact
     */
    static void fact(Plan plan, String id) {
        require("fact", id, plan.facts().ids());
    }

    /**
     * An item. Those that are repeated for the entries of a list are known only while the app runs.
     *
     * @throws IllegalArgumentException if the plan has no such item
     */
    static void item(Plan plan, String id) {
        List<String> all = plan.items().map(Item::id).collect(toList());
        if (plan.items().noneMatch(item -> item.repeat().isPresent())) {
            require("item", id, all);
        }
    }

    private static void require(String noun, String id, Collection<String> all) {
        if (!all.contains(id)) {
            throw new IllegalArgumentException("there is no " + noun + " \"" + id + "\". "
                    + Suggestion.sentence(id, all, "The plan has none like it."));
        }
    }
}
