package org.yonderarc.cli;

import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.yonderarc.plan.Form;

/** The words that name a bar by its form, and the overflow's. */
final class BarWords implements Iterable<String> {
    static final List<String> ALL = Stream.concat(
                    Arrays.stream(Form.Kind.values()).map(Form.Kind::word), Stream.of("more"))
            .toList();

    @Override
    public Iterator<String> iterator() {
        return ALL.iterator();
    }
}
