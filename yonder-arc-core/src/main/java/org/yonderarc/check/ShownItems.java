package org.yonderarc.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Titles;

/**
 * What a menu shows on devices of a kind, worked out once for all bars that show it.
 *
 * @param items the items, in order
 * @param count how many there are at first, what is repeated counted as often as it shows
 * @param withoutIcon the ids of those that have no icon
 * @param withoutTwin those whose icon has no filled variant and that say no other for their selected state
 * @param alike the first two with the same icon; no value where all differ
 */
record ShownItems(
        List<Subject.PlacedItem> items,
        long count,
        List<String> withoutIcon,
        List<Subject.PlacedItem> withoutTwin,
        Optional<Alike> alike) {

    /** Two items with the same icon. */
    record Alike(String first, String second, String icon) {}

    static ShownItems of(Subject subject, List<Subject.PlacedItem> items) {
        var withoutIcon = new ArrayList<String>();
        var withoutTwin = new ArrayList<Subject.PlacedItem>();
        Optional<Alike> alike = Optional.empty();
        Map<String, String> byIcon = new HashMap<>();
        long count = 0;
        for (Subject.PlacedItem placed : items) {
            Item item = placed.item();
            count += item.repeat().isEmpty()
                    ? 1
                    : item.repeated(subject.initialFacts()).count();
            Optional<String> icon = subject.icon(item);
            if (icon.isEmpty()) {
                withoutIcon.add(Titles.of(subject.plan(), item));
                continue;
            }
            String other = byIcon.putIfAbsent(icon.get(), Titles.of(subject.plan(), item));
            if (other != null && alike.isEmpty()) {
                alike = Optional.of(new Alike(other, Titles.of(subject.plan(), item), icon.get()));
            }
            boolean wantsTwin = item.place().isPresent() && item.selectedIcon().isEmpty();
            if (wantsTwin && !subject.icons().hasFilled(icon.get())) {
                withoutTwin.add(placed);
            }
        }
        return new ShownItems(items, count, List.copyOf(withoutIcon), List.copyOf(withoutTwin), alike);
    }
}
