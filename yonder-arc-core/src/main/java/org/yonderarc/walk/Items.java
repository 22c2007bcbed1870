package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Plan;

/** The items of a plan by their ids, those that are made of the entries of lists included. */
final class Items {
    private final Map<String, Item> fixed = new LinkedHashMap<>();
    private final List<Item> repeated;

    Items(Plan plan) {
        plan.items().filter(item -> item.repeat().isEmpty()).forEach(item -> fixed.putIfAbsent(item.id(), item));
        this.repeated = plan.items().filter(item -> item.repeat().isPresent()).collect(toList());
    }

    Optional<Item> find(String id, Map<String, FactValue> facts) {
        Item known = fixed.get(id);
        return known != null
                ? Optional.of(known)
                : repeated.stream()
                        .filter(item -> id.startsWith(item.id() + "-"))
                        .flatMap(item -> item.repeated(facts))
                        .filter(item -> item.id().equals(id))
                        .findFirst();
    }

    /** The ids of those that are always there. */
    Set<String> ids() {
        return fixed.keySet();
    }
}
