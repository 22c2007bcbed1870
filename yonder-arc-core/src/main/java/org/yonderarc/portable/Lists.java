package org.yonderarc.portable;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collector;

/** Lists for platforms whose streams have no {@code toList()} of their own: Android below API 34. */
public final class Lists {
    private Lists() {}

    /** Collects into a list that can't be changed; it may hold null. */
    public static <T> Collector<T, ?, List<T>> toList() {
        return Collector.<T, List<T>, List<T>>of(
                ArrayList::new,
                List::add,
                (first, second) -> {
                    first.addAll(second);
                    return first;
                },
                Collections::unmodifiableList);
    }
}
