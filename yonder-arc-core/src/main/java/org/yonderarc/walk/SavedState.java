package org.yonderarc.walk;

import static org.yonderarc.portable.Lists.toList;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Percent;
import org.yonderarc.plan.Place;
import org.yonderarc.tree.Decimals;
import org.yonderarc.tree.Split;

/** Writes states as text, reads them back, and moves states from one plan to another. */
public final class SavedState {
    /** The longest text that is read: 1 MiB. */
    public static final int LONGEST = 1 << 20;

    private static final String VERSION = "yonder1";

    private SavedState() {}

    /**
     * A state that was read or moved for a plan.
     *
     * @param state the state
     * @param dropped what was left out because the plan has it no longer, each in one sentence; never null
     */
    public record Restored(State state, List<String> dropped) {
        public Restored {
            dropped = List.copyOf(dropped);
        }
    }

    /** The whole state as a short text, with its version and a checksum. */
    public static String write(State state) {
        return write(state, fact -> true);
    }

    /** As {@link #write(State)}, with the facts whose ids are accepted; the others are as at first when it is read. */
    public static String write(State state, Predicate<String> saved) {
        var out = new StringBuilder(VERSION);
        part(out, 'b', List.of(state.branch()));
        state.open().ifPresent(open -> part(out, 'o', List.of(open)));
        part(out, 'f', state.collapsed().stream().sorted().collect(toList()));
        part(out, 'v', state.visited());
        new TreeMap<>(state.trails()).forEach((branch, trail) -> {
            var words = new ArrayList<String>();
            words.add(branch);
            trail.places().forEach(place -> words.add(place.text()));
            part(out, 't', words);
        });
        new TreeMap<>(state.facts()).forEach((id, value) -> {
            if (!saved.test(id)) {
                return;
            }
            char kind = value instanceof FactValue.Flag
                    ? 'b'
                    : value instanceof FactValue.Number ? 'n' : value instanceof FactValue.Entries ? 'l' : 't';
            part(out, 'x', List.of(id, kind + value.text()));
        });
        return out + "!" + checksum(out.toString());
    }

    private static void part(StringBuilder out, char name, List<String> words) {
        if (!words.isEmpty()) {
            out.append(';').append(name);
            words.forEach(word -> out.append(',').append(Percent.encode(word)));
        }
    }

    /** FNV-1a with 32 bits, in hexadecimal: enough to notice what was damaged on the way. */
    private static String checksum(String text) {
        int hash = 0x811C9DC5;
        for (int i = 0; i < text.length(); i++) {
            hash = (hash ^ text.charAt(i)) * 0x01000193;
        }
        return Integer.toHexString(hash);
    }

    /**
     * The state that {@link #write} wrote, in {@code walk}, whose plan may have changed since.
     *
     * @throws IllegalArgumentException with the reason, if it is damaged, of another version or no saved state at all
     */
    public static Restored read(Walk walk, String text) {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("the saved state is longer than " + LONGEST + " characters");
        }
        if (!text.startsWith(VERSION + ";")) {
            throw new IllegalArgumentException(
                    text.startsWith("yonder")
                            ? "the saved state is of another version than " + VERSION
                            : "this is not a saved state");
        }
        int mark = text.lastIndexOf('!');
        if (mark < 0 || !checksum(text.substring(0, mark)).equals(text.substring(mark + 1))) {
            throw new IllegalArgumentException("the saved state is damaged: its checksum is wrong");
        }
        return move(parse(text.substring(0, mark)), walk);
    }

    private static State parse(String text) {
        String branch = null;
        Optional<String> open = Optional.empty();
        var folded = new LinkedHashSet<String>();
        var visited = new ArrayList<String>();
        var trails = new LinkedHashMap<String, Trail>();
        var facts = new LinkedHashMap<String, FactValue>();
        List<String> parts = Split.at(text, ';');
        for (int i = 1; i < parts.size(); i++) {
            List<String> words = words(parts.get(i));
            String name = words.get(0);
            List<String> rest = words.subList(1, words.size());
            switch (name) {
                case "b" -> branch = one(rest);
                case "o" -> open = Optional.of(one(rest));
                case "f" -> folded.addAll(rest);
                case "v" -> visited.addAll(rest);
                case "t" -> trails.put(one(rest.subList(0, Math.min(1, rest.size()))), trail(rest));
                case "x" -> fact(rest, facts);
                default -> throw new IllegalArgumentException("the saved state has an unknown part \"" + name + "\"");
            }
        }
        if (branch == null || !trails.containsKey(branch)) {
            throw new IllegalArgumentException("the saved state doesn't say where the person is");
        }
        return new State(branch, trails, facts, open, folded, visited);
    }

    private static List<String> words(String part) {
        var words = new ArrayList<String>();
        for (String word : Split.at(part, ',')) {
            words.add(Percent.decode(word)
                    .orElseThrow(() -> new IllegalArgumentException("the saved state is badly percent-encoded")));
        }
        return words;
    }

    private static String one(List<String> words) {
        if (words.size() != 1) {
            throw new IllegalArgumentException("the saved state has a part with " + words.size() + " values");
        }
        return words.get(0);
    }

    private static Trail trail(List<String> words) {
        if (words.size() < 2 || words.size() > Walk.DEEPEST + 1) {
            throw new IllegalArgumentException("the saved state has a trail of " + (words.size() - 1) + " places");
        }
        Trail trail = Trail.at(Place.parse(words.get(1)));
        for (String place : words.subList(2, words.size())) {
            trail = trail.push(Place.parse(place));
        }
        return trail;
    }

    private static void fact(List<String> words, Map<String, FactValue> facts) {
        if (words.size() != 2 || words.get(1).isEmpty()) {
            throw new IllegalArgumentException("the saved state has a fact without a value");
        }
        String value = words.get(1).substring(1);
        facts.put(
                words.get(0),
                switch (words.get(1).charAt(0)) {
                    case 'b' -> new FactValue.Flag(value.equals("true"));
                    case 'n' ->
                        new FactValue.Number(Decimals.parse(value)
                                .orElseThrow(() ->
                                        new IllegalArgumentException("the saved state has a fact that is no number")));
                    case 'l' ->
                        new FactValue.Entries(List.of())
                                .parse(value)
                                .orElseThrow(
                                        () -> new IllegalArgumentException("the saved state has a list that is none"));
                    case 't' -> new FactValue.Text(value);
                    default -> throw new IllegalArgumentException("the saved state has a fact of an unknown kind");
                });
    }

    /** Moves a state to another plan: what that plan still has is kept, and what was left out is listed. */
    public static Restored move(State state, Walk walk) {
        var dropped = new ArrayList<String>();
        var facts = new LinkedHashMap<>(walk.start().facts());
        state.facts().forEach((id, value) -> {
            FactValue known = facts.get(id);
            if (known != null && known.kind().equals(value.kind())) {
                facts.put(id, value);
            } else if (known != null) {
                dropped.add("The fact \"" + id + "\" is " + known.kind() + " now; its value was left out.");
            }
        });
        var trails = new LinkedHashMap<String, Trail>();
        state.trails().forEach((branch, trail) -> trail(walk, branch, trail, facts, dropped)
                .ifPresent(kept -> trails.put(branch, kept)));
        String branch = state.branch();
        if (!trails.containsKey(branch)) {
            branch = walk.start().branch();
            trails.putIfAbsent(branch, walk.start().trail());
            dropped.add("The person is at the start.");
        }
        String now = branch;
        return new Restored(
                new State(
                        now,
                        trails,
                        facts,
                        state.open().filter(walk::hasBar),
                        state.collapsed().stream().filter(walk::collapses).collect(java.util.stream.Collectors.toSet()),
                        state.visited().stream()
                                .filter(trails::containsKey)
                                .filter(one -> !one.equals(now))
                                .distinct()
                                .collect(toList())),
                dropped);
    }

    /** The trail up to the first place that the plan has no longer; nothing where not even its root is left. */
    private static Optional<Trail> trail(
            Walk walk, String branch, Trail trail, Map<String, FactValue> facts, List<String> dropped) {
        boolean isLoose = branch.equals(State.LOOSE) && walk.start().branch().equals(State.LOOSE);
        Optional<Item> item = walk.item(branch, facts);
        if (!isLoose && item.flatMap(Item::place).isEmpty()) {
            dropped.add("There is no item \"" + branch + "\" any more; its trail was left out.");
            return Optional.empty();
        }
        Trail kept = null;
        for (Place place : trail.places()) {
            Optional<String> problem = walk.problem(place);
            if (problem.isPresent()) {
                dropped.add("On the trail of \"" + branch + "\": " + problem.get());
                break;
            }
            kept = kept == null ? Trail.at(place) : kept.push(place);
        }
        return Optional.ofNullable(kept);
    }
}
