package org.yonderarc.walk;

import java.util.AbstractMap;
import java.util.AbstractSet;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.FactValue;

/**
 * The values of facts. Immutable; a table with another value shares all but a few dozen references with the one it is made
 * of, so that telling one fact of thousands costs no more than telling one of ten.
 */
final class FactTable extends AbstractMap<String, FactValue> {
    /** How many facts share a bucket, on average. */
    private static final int TOGETHER = 8;

    private final Object[][] buckets;
    private final int size;

    private FactTable(Object[][] buckets, int size) {
        this.buckets = buckets;
        this.size = size;
    }

    /** A table with these values; the same instance for one that is a table already. */
    static FactTable of(Map<String, FactValue> facts) {
        if (facts instanceof FactTable table) {
            return table;
        }
        int count = 1;
        while (count * TOGETHER < facts.size()) {
            count *= 2;
        }
        var table = new FactTable(new Object[count][0], 0);
        for (var fact : facts.entrySet()) {
            table = table.with(
                    Objects.requireNonNull(fact.getKey(), "fact"), Objects.requireNonNull(fact.getValue(), "value"));
        }
        return table;
    }

    /** The same table with another value of one fact. */
    FactTable with(String fact, FactValue value) {
        int index = index(fact);
        Object[] bucket = buckets[index];
        int at = find(bucket, fact);
        boolean isNew = at < 0;
        Object[] changed = Arrays.copyOf(bucket, bucket.length + (isNew ? 2 : 0));
        int place = isNew ? bucket.length : at;
        changed[place] = fact;
        changed[place + 1] = value;
        Object[][] all = Arrays.copyOf(buckets, buckets.length);
        all[index] = changed;
        return new FactTable(all, size + (isNew ? 1 : 0));
    }

    private int index(String fact) {
        int hash = fact.hashCode();
        return (hash ^ hash >>> 16) & (buckets.length - 1);
    }

    private static int find(Object[] bucket, Object fact) {
        for (int i = 0; i < bucket.length; i += 2) {
            if (bucket[i].equals(fact)) {
                return i;
            }
        }
        return -1;
    }

    @Override
    public @Nullable FactValue get(Object fact) {
        if (!(fact instanceof String id)) {
            return null;
        }
        Object[] bucket = buckets[index(id)];
        int at = find(bucket, id);
        return at < 0 ? null : (FactValue) bucket[at + 1];
    }

    @Override
    public boolean containsKey(Object fact) {
        return get(fact) != null;
    }

    @Override
    public int size() {
        return size;
    }

    @Override
    public Set<Entry<String, FactValue>> entrySet() {
        return new AbstractSet<>() {
            @Override
            public Iterator<Entry<String, FactValue>> iterator() {
                return new Facts(buckets);
            }

            @Override
            public int size() {
                return size;
            }
        };
    }

    /** All facts, bucket by bucket. */
    private static final class Facts implements Iterator<Entry<String, FactValue>> {
        private final Object[][] buckets;
        private int bucket;
        private int next;

        Facts(Object[][] buckets) {
            this.buckets = buckets;
            settle();
        }

        private void settle() {
            while (bucket < buckets.length && next >= buckets[bucket].length) {
                bucket++;
                next = 0;
            }
        }

        @Override
        public boolean hasNext() {
            return bucket < buckets.length;
        }

        @Override
        public Entry<String, FactValue> next() {
            if (!hasNext()) {
                throw new NoSuchElementException();
            }
            var fact =
                    new SimpleImmutableEntry<>((String) buckets[bucket][next], (FactValue) buckets[bucket][next + 1]);
            next += 2;
            settle();
            return fact;
        }
    }
}
