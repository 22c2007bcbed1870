package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.yonderarc.tree.Split;
import org.yonderarc.tree.Trees;
import org.yonderarc.tree.Value;

/**
 * An entry of a fact that is a list, of which a repeated item makes one item.
 *
 * @param id its id, unique in its list
 * @param label what it is called
 * @param more what else is told of it, by name: {@code icon}, {@code badge} and {@code note}, and what places take from it
 */
public record ListEntry(String id, String label, Map<String, String> more) {
    /** The longest id. */
    public static final int LONGEST_ID = 32;

    private static final String ID = "id";
    private static final String LABEL = "label";

    public ListEntry {
        if (!isId(id)) {
            throw new IllegalArgumentException(
                    "entry \"" + id + "\": an id has lower case letters, digits and single hyphens, at most "
                            + LONGEST_ID + " characters");
        }
        if (label.isBlank()) {
            throw new IllegalArgumentException("entry \"" + id + "\" has no label");
        }
        more.forEach((name, value) -> {
            Ids.require(name, "what is told of an entry");
            bounded(value);
        });
        bounded(label);
        more = java.util.Collections.unmodifiableMap(new TreeMap<>(more));
    }

    /** An entry of which nothing else is told. */
    public static ListEntry of(String id, String label) {
        return new ListEntry(id, label, Map.of());
    }

    /** Whatever is told may fill an address. */
    private static void bounded(String value) {
        if (value.length() > Place.LONGEST_VALUE) {
            throw new IllegalArgumentException(
                    "what is told of an entry has at most " + Place.LONGEST_VALUE + " characters");
        }
        if (!Percent.isEncodable(value)) {
            throw new IllegalArgumentException("what is told of an entry holds half of a character");
        }
    }

    /** It may start with a digit: it is the end of an item's id. */
    private static boolean isId(String id) {
        return id.length() <= LONGEST_ID && Ids.is("e-" + id);
    }

    /** What is told of it under a name, its id and its label included. */
    public Optional<String> value(String name) {
        return switch (name) {
            case ID -> Optional.of(id);
            case LABEL -> Optional.of(label);
            default -> Optional.ofNullable(more.get(name)).filter(text -> !text.isEmpty());
        };
    }

    /** All that is told of it, its id and its label first. */
    public Map<String, String> values() {
        var all = new LinkedHashMap<String, String>();
        all.put(ID, id);
        all.put(LABEL, label);
        all.putAll(more);
        return all;
    }

    /**
     * An entry of these values; without an id, it is made of the label.
     *
     * @throws IllegalArgumentException with the reason, if there is no label or a name is none
     */
    public static ListEntry of(Map<String, String> values) {
        var more = new LinkedHashMap<>(values);
        String label = more.remove(LABEL);
        String id = more.remove(ID);
        String known = label == null ? "" : label;
        return new ListEntry(id == null ? shortened(Ids.slug(known)) : id, known, more);
    }

    private static String shortened(String slug) {
        String cut = slug.substring(0, Math.min(LONGEST_ID, slug.length()));
        return cut.endsWith("-") ? cut.substring(0, cut.length() - 1) : cut;
    }

    /** The entry as a plan writes it. */
    public Value tree() {
        var values = new LinkedHashMap<String, Value>();
        values().forEach((name, text) -> values.put(name, Trees.text(text)));
        return Trees.map(values);
    }

    /** Entries as a text: {@code id=7&label=Blue%20scarf;id=8&label=Shawl}. */
    static String text(List<ListEntry> entries) {
        var out = new StringBuilder();
        for (ListEntry entry : entries) {
            String before = out.length() == 0 ? "" : ";";
            for (var value : entry.values().entrySet()) {
                out.append(before).append(value.getKey()).append('=').append(Percent.encode(value.getValue()));
                before = "&";
            }
        }
        return out.toString();
    }

    /** Reads entries as {@link #text} writes them; one without {@code =} is a label. */
    static Optional<List<ListEntry>> parse(String text) {
        var entries = new ArrayList<ListEntry>();
        for (String part : Split.at(text, ';')) {
            var values = new LinkedHashMap<String, String>();
            for (String pair : part.isBlank() ? List.<String>of() : Split.at(part, '&')) {
                int equals = pair.indexOf('=');
                String name = equals < 0 ? LABEL : pair.substring(0, equals).strip();
                Percent.decode(pair.substring(equals + 1)).ifPresent(value -> values.put(name, value.strip()));
            }
            try {
                if (!values.isEmpty()) {
                    entries.add(of(values));
                }
            } catch (IllegalArgumentException refused) {
                return Optional.empty();
            }
        }
        return entries.stream().map(ListEntry::id).distinct().count() == entries.size()
                ? Optional.of(entries)
                : Optional.empty();
    }
}
