package org.yonderarc.sheet;

import java.util.Optional;
import java.util.stream.Collectors;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Changed values in words. */
final class Differing {
    private Differing() {}

    /** What became of a key: {@code label "Map" is now "Chart"}. */
    static String text(String key, Optional<Value> before, Optional<Value> after) {
        if (before.isPresent() && after.isPresent()) {
            return key + " " + text(before.get()) + " is now " + text(after.get());
        }
        return after.map(now -> key + " is now " + text(now) + ", where there was none")
                .orElseGet(() -> key + " " + text(before.orElseThrow()) + " is gone");
    }

    private static String text(Value value) {
        if (value instanceof TextValue text) {
            return isWord(text.text()) ? text.text() : "\"" + text.text() + "\"";
        }
        if (value instanceof NumberValue number) {
            return NumberValue.plain(number.number());
        }
        if (value instanceof FlagValue flag) {
            return Boolean.toString(flag.on());
        }
        if (value instanceof ListValue list) {
            return list.items().stream().map(Differing::text).collect(Collectors.joining(", ", "[", "]"));
        }
        if (value instanceof MapValue map) {
            return map.entries().stream()
                    .map(entry -> entry.key() + ": " + text(entry.value()))
                    .collect(Collectors.joining(", ", "{ ", " }"));
        }
        return "nothing";
    }

    /** Whether a text is an id or one of the format's own words, which stand without quotes. */
    private static boolean isWord(String text) {
        return !text.isEmpty() && text.chars().allMatch(c -> c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-');
    }
}
