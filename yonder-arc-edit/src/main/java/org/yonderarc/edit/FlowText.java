package org.yonderarc.edit;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.yonderarc.files.JsonText;
import org.yonderarc.tree.FlagValue;
import org.yonderarc.tree.ListValue;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.NumberValue;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/** Writes a value on one line, as a person would: for YAML without quotes where none are needed. */
final class FlowText {
    /** Texts that mean themselves in YAML without quotes, in flow style too. */
    private static final Pattern PLAIN = Pattern.compile("[A-Za-z/][A-Za-z0-9_./?=&-]*( [A-Za-z0-9_./-]+)*");

    private static final List<String> WORDS = List.of("true", "false", "null", "yes", "no", "on", "off");

    private FlowText() {}

    static String write(Value value, boolean json) {
        if (value instanceof MapValue map) {
            return map.entries().isEmpty()
                    ? "{}"
                    : map.entries().stream()
                            .map(entry -> text(entry.key(), json) + ": " + write(entry.value(), json))
                            .collect(Collectors.joining(", ", "{ ", " }"));
        }
        if (value instanceof ListValue list) {
            return list.items().isEmpty()
                    ? "[]"
                    : list.items().stream()
                            .map(item -> write(item, json))
                            .collect(Collectors.joining(", ", "[ ", " ]"));
        }
        if (value instanceof NumberValue number) {
            return NumberValue.plain(number.number());
        }
        if (value instanceof FlagValue flag) {
            return Boolean.toString(flag.on());
        }
        return value instanceof TextValue text ? text(text.text(), json) : "null";
    }

    static String text(String text, boolean json) {
        boolean plain =
                !json && PLAIN.matcher(text).matches() && !WORDS.contains(text.toLowerCase(java.util.Locale.ROOT));
        return plain ? text : JsonText.quoted(text);
    }
}
