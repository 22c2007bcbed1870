package org.yonderarc.icons;

import static java.util.stream.Collectors.toList;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.yonderarc.finding.Suggestion;

/** Finds icons of the bundled set by what they mean: by their names, and by the words that the set files them under. */
public final class IconSearch {
    /** Words that people look for and the set doesn't know, each with words that it does know. */
    private static final Map<String, List<String>> ALSO = Map.ofEntries(
            Map.entry("boat", List.of("sailboat", "speedboat", "ferry", "kayak")),
            Map.entry("ship", List.of("ferry", "sailboat")),
            Map.entry("house", List.of("home", "building")),
            Map.entry("person", List.of("user", "user-circle")),
            Map.entry("people", List.of("users", "users-group")),
            Map.entry("member", List.of("user", "users", "id-badge")),
            Map.entry("customer", List.of("user", "users")),
            Map.entry("login", List.of("login", "door-enter")),
            Map.entry("logout", List.of("logout", "door-exit")),
            Map.entry("water", List.of("droplet", "droplets")),
            Map.entry("money", List.of("cash", "coin", "wallet")),
            Map.entry("time", List.of("clock")),
            Map.entry("place", List.of("map-pin")),
            Map.entry("location", List.of("map-pin")),
            Map.entry("shop", List.of("shopping-bag", "building-store")),
            Map.entry("shore", List.of("beach", "wave", "ocean", "sea")),
            Map.entry("coast", List.of("beach", "wave", "ocean", "sea")),
            Map.entry("tide", List.of("wave", "water", "moon")),
            Map.entry("crew", List.of("users", "people", "friends")),
            Map.entry("team", List.of("users", "people", "friends")),
            Map.entry("survey", List.of("clipboard", "checklist", "form")),
            Map.entry("preferences", List.of("settings", "adjustments")),
            Map.entry("profile", List.of("user", "account")),
            Map.entry("quit", List.of("logout", "exit")),
            Map.entry("notes", List.of("note", "notebook")),
            Map.entry("payments", List.of("payment", "money")),
            Map.entry("chat", List.of("message", "messages")),
            Map.entry("notification", List.of("bell")),
            Map.entry("notifications", List.of("bell")),
            Map.entry("delete", List.of("trash")),
            Map.entry("edit", List.of("pencil")),
            Map.entry("favourites", List.of("heart", "star", "bookmark")),
            Map.entry("picture", List.of("photo")),
            Map.entry("image", List.of("photo")),
            Map.entry("play", List.of("player-play")),
            Map.entry("pause", List.of("player-pause")),
            Map.entry("layers", List.of("stack", "stack-2")),
            Map.entry("cog", List.of("settings")),
            Map.entry("gear", List.of("settings")),
            Map.entry("course", List.of("school", "book", "certificate")),
            Map.entry("thread", List.of("needle", "fabric")),
            Map.entry("about", List.of("info", "help")),
            Map.entry("swap", List.of("exchange", "transfer", "switch")),
            Map.entry("species", List.of("animal", "plant", "fish")));

    /** Categories that the set misspells. */
    private static final Map<String, String> CORRECTED = Map.of("sytem", "system");

    private final List<Entry> entries = new ArrayList<>();

    /** An icon and the words for it. */
    private record Entry(String name, String category, List<String> words) {
        /** How well a word fits: the name itself, a part of it, a word for it, its category, the start of any. */
        int score(String word) {
            if (name.equals(word)) {
                return 100;
            }
            List<String> parts = List.of(name.split("-"));
            if (parts.contains("off") && !word.equals("off")) {
                // The struck-out variants mean the opposite.
                return 0;
            }
            if (parts.contains(word)) {
                return 60 - parts.size();
            }
            if (words.contains(word)) {
                return 50 - parts.size();
            }
            if (category.equals(word)) {
                return 30 - parts.size();
            }
            if (word.length() <= 2) {
                return 0;
            }
            if (parts.stream().anyMatch(part -> part.startsWith(word))) {
                return 25 - parts.size();
            }
            return words.stream().anyMatch(tag -> tag.startsWith(word)) ? 15 - parts.size() : 0;
        }
    }

    /**
     * An icon that was found.
     *
     * @param name its name
     * @param category what the set files it under, in lower case; may be empty
     * @param words other words for it, in lower case; may be empty
     */
    public record Found(String name, String category, List<String> words) {}

    /** Reads the words of the bundled set; takes some tens of milliseconds. */
    public IconSearch() {
        String path = IconPackage.LINE.path("icons.json");
        try (InputStream in = IconSearch.class.getResourceAsStream(path);
                JsonParser json = new JsonFactory().createParser(in)) {
            json.nextToken();
            while (json.nextToken() == JsonToken.FIELD_NAME) {
                String name = json.currentName();
                json.nextToken();
                entries.add(entry(name, json));
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("the words of the bundled icons can't be read", failed);
        }
    }

    private static Entry entry(String name, JsonParser json) throws IOException {
        String category = "";
        var words = new ArrayList<String>();
        while (json.nextToken() == JsonToken.FIELD_NAME) {
            String field = json.currentName();
            json.nextToken();
            if (field.equals("category")) {
                String filed = json.getValueAsString("").toLowerCase(Locale.ROOT);
                category = CORRECTED.getOrDefault(filed, filed);
            } else if (field.equals("tags")) {
                while (json.nextToken() != JsonToken.END_ARRAY) {
                    words.add(json.getText().toLowerCase(Locale.ROOT));
                }
            } else {
                json.skipChildren();
            }
        }
        return new Entry(name, category, words);
    }

    /** The icons for a word or several, best first, at most {@code most}; may be empty. */
    public List<Found> find(String words, int most) {
        return find(words, Optional.empty(), most);
    }

    /**
     * As {@link #find(String, int)}, of one category only. An icon that all words mean comes first; where none is meant by
     * all of them, those that more of them mean.
     *
     * @param words one or several, between spaces or hyphens; none for all of a category
     * @param category one of {@link #categories()}, in lower case
     */
    public List<Found> find(String words, Optional<String> category, int most) {
        List<String> wanted = List.of(words.strip().toLowerCase(Locale.ROOT).split("[\\s-]+")).stream()
                .filter(word -> !word.isEmpty())
                .collect(toList());
        List<Scored> scored = scored(wanted, category);
        int best = scored.stream().mapToInt(Scored::matched).max().orElse(0);
        return found(scored.stream().filter(one -> wanted.isEmpty() || one.matched == best && best > 0), most);
    }

    /** Icons that all parts of a name mean, best first, at most {@code most}; may be empty. */
    public List<String> meaning(String name, int most) {
        List<String> wanted = List.of(name.split("-"));
        return found(scored(wanted, Optional.empty()).stream().filter(one -> one.matched == wanted.size()), most)
                .stream()
                .map(Found::name)
                .collect(toList());
    }

    private static List<Found> found(Stream<Scored> scored, int most) {
        return scored.sorted(Comparator.comparingInt(Scored::score).reversed().thenComparing(one -> one.entry.name))
                .limit(most)
                .map(one -> new Found(one.entry.name, one.entry.category, one.entry.words))
                .collect(toList());
    }

    /** How well an icon fits: how many of the words mean it, and how well they do. */
    private record Scored(Entry entry, int matched, int score) {}

    private List<Scored> scored(List<String> wanted, Optional<String> category) {
        return entries.stream()
                .filter(entry -> category.isEmpty() || entry.category.equals(category.get()))
                .map(entry -> {
                    List<Integer> scores =
                            wanted.stream().map(word -> score(entry, word)).collect(toList());
                    int joined = joined(entry, wanted);
                    int matched = joined > 0
                            ? wanted.size()
                            : (int) scores.stream().filter(score -> score > 0).count();
                    return new Scored(
                            entry,
                            matched,
                            Math.max(
                                    joined,
                                    scores.stream().mapToInt(Integer::intValue).sum()));
                })
                .collect(toList());
    }

    /** One and many mean the same. */
    private static int score(Entry entry, String word) {
        return forms(word)
                .mapToInt(form -> scoreOf(entry, form) - (form.equals(word) ? 0 : 1))
                .max()
                .orElse(0);
    }

    private static Stream<String> forms(String word) {
        if (word.length() < 4) {
            return Stream.of(word);
        }
        String other = word.endsWith("ies")
                ? word.substring(0, word.length() - 3) + "y"
                : word.endsWith("s") && !word.endsWith("ss") ? word.substring(0, word.length() - 1) : word + "s";
        return Stream.of(word, other);
    }

    /** The icon of that very name comes first, then those that people expect, then what the set files under the word. */
    private static int scoreOf(Entry entry, String word) {
        List<String> kin = ALSO.getOrDefault(word, List.of());
        int expected = kin.contains(entry.name) ? 95 - kin.indexOf(entry.name) : 0;
        int akin = kin.stream().mapToInt(entry::score).max().orElse(0) * 3 / 4;
        return Math.max(entry.score(word), Math.max(expected, akin));
    }

    /** Words that the set writes as one: "log in" is "login". */
    private static int joined(Entry entry, List<String> wanted) {
        if (wanted.size() < 2) {
            return 0;
        }
        int together = Math.max(score(entry, String.join("", wanted)), score(entry, String.join("-", wanted)));
        return together >= 50 ? together + 100 : 0;
    }

    /** The words for an icon of the usual set: its name, its parts, and what it is filed under. */
    private List<String> words(String name) {
        return Stream.concat(
                        Stream.concat(
                                Stream.of(name),
                                // A number tells variants apart, and says nothing.
                                Stream.of(name.split("-")).filter(part -> !part.matches("\\d+"))),
                        entries.stream()
                                .filter(entry -> entry.name.equals(name))
                                .flatMap(entry -> entry.words.stream()))
                .collect(toList());
    }

    /** Icons of another set that mean what an icon of the usual one does, best first, at most {@code most}; may be empty. */
    public List<String> like(String name, Collection<String> others, int most) {
        List<String> words = words(name);
        record Scored(String name, int at) {}
        return others.stream()
                .map(other -> new Scored(other, rank(other, words)))
                .filter(scored -> scored.at < Integer.MAX_VALUE)
                .sorted(Comparator.comparingInt(Scored::at).thenComparing(Scored::name))
                .limit(most)
                .map(Scored::name)
                .collect(toList());
    }

    /** How early a word stands that an icon is called, or that is one of its parts. */
    private static int rank(String name, List<String> words) {
        int whole = words.indexOf(name);
        if (whole >= 0) {
            return whole;
        }
        List<String> parts = List.of(name.split("-"));
        for (int i = 0; i < words.size(); i++) {
            if (parts.get(0).equals(words.get(i))) {
                return words.size() * parts.size() + i;
            }
        }
        return Integer.MAX_VALUE;
    }

    /** What the set files its icons under, in lower case. */
    public List<String> categories() {
        var all = new TreeSet<String>();
        entries.stream().map(Entry::category).filter(one -> !one.isEmpty()).forEach(all::add);
        return List.copyOf(all);
    }

    /** Words that are written like {@code word} and that icons are filed under, best first. */
    public List<String> near(String word) {
        var known = new TreeSet<String>();
        entries.forEach(entry -> {
            known.addAll(entry.words);
            known.addAll(List.of(entry.name.split("-")));
        });
        return Suggestion.near(word.strip().toLowerCase(Locale.ROOT), known, 3);
    }
}
