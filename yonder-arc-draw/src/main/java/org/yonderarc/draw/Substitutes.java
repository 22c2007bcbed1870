package org.yonderarc.draw;

import java.awt.Font;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.yonderarc.layout.Type;

/** The letters that no bundled font has, and which of the machine's fonts set them. Thread-safe. */
final class Substitutes {
    /** So many letters of a font are named; more say nothing more. */
    private static final int MOST_NAMED = 12;

    private record Letter(int codePoint, Type.Weight weight) {}

    private final Map<Letter, Optional<Font>> all = new ConcurrentHashMap<>();

    /** The font of the machine for a letter; none where it has none. */
    Optional<Font> font(int codePoint, Type.Weight weight) {
        return all.computeIfAbsent(
                new Letter(codePoint, weight), letter -> MachineFonts.INSTANCE.font(codePoint, weight));
    }

    /** One sentence for each font, and one for what no font has. */
    List<String> notes() {
        var letters = new TreeMap<String, TreeMap<Integer, String>>();
        all.forEach((letter, font) -> letters.computeIfAbsent(
                        font.map(Font::getFamily).orElse(""), any -> new TreeMap<>())
                .put(letter.codePoint, Character.toString(letter.codePoint)));
        var notes = new ArrayList<String>();
        letters.forEach((family, set) -> {
            String named = named(new ArrayList<>(set.values()));
            notes.add(
                    family.isEmpty()
                            ? "No font here has " + named
                                    + ": they show as boxes. Install a font that has them, or name"
                                    + " one in the plan's theme."
                            : named + " are set in " + family + ", a font of this machine: another one may set them"
                                    + " otherwise.");
        });
        return notes;
    }

    private static String named(List<String> letters) {
        String first = String.join(" ", letters.subList(0, Math.min(MOST_NAMED, letters.size())));
        int more = letters.size() - MOST_NAMED;
        return "\"" + first + "\"" + (more > 0 ? " and " + more + " more letters" : "");
    }
}
