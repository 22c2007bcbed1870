package org.yonderarc.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.Entry;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Template;
import org.yonderarc.plan.Words;

/** Texts: their holes can be filled, they are complete in every language, and they hide nothing. */
final class TextRules {
    /** Words of more characters are cut off in the slot of a small phone's bar. */
    private static final int LONGEST_WORD = 14;

    private TextRules() {}

    /** A text, the JSON Pointer to it, and whether it stands in a bar. */
    private record Placed(Words words, String pointer, boolean inBar) {}

    private static List<Placed> all(Subject subject) {
        var all = new ArrayList<Placed>();
        for (Screen screen : subject.plan().screens()) {
            all.add(new Placed(screen.title(), Subject.screen(screen, "title"), false));
        }
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().label().ifPresent(label -> all.add(new Placed(label, placed.pointer() + "/label", true)));
            placed.item()
                    .shortLabel()
                    .ifPresent(label -> all.add(new Placed(label, placed.pointer() + "/short", true)));
            placed.item().spoken().ifPresent(label -> all.add(new Placed(label, placed.pointer() + "/spoken", false)));
        }
        for (Menu menu : subject.plan().menus()) {
            int index = 0;
            for (Entry entry : menu.entries()) {
                String pointer = Subject.pointer("menus", menu.id(), Integer.toString(index++), "section");
                if (entry instanceof Entry.Section section) {
                    all.add(new Placed(section.heading(), pointer, false));
                }
            }
        }
        return all;
    }

    static void holes(Subject subject) {
        for (Screen screen : subject.plan().screens()) {
            Set<String> known = new HashSet<>(subject.plan().facts().ids());
            known.addAll(screen.path().names());
            screen.title().holes().stream()
                    .filter(hole -> !known.contains(hole))
                    .forEach(hole -> subject.tell(
                            Code.UNKNOWN_FACT,
                            Subject.screen(screen, "title"),
                            "{" + hole + "} is neither a parameter of the path " + screen.path() + " nor a fact.",
                            Suggestion.sentence(hole, known, "Add it to the path, or below \"facts\".")));
        }
        for (Subject.PlacedItem placed : subject.items()) {
            placed.item().label().ifPresent(label -> label.holes()
                    .forEach(hole -> subject.fact(hole, placed.pointer() + "/label")));
        }
    }

    static void texts(Subject subject) {
        List<String> languages = subject.plan().app().languages();
        for (Placed placed : all(subject)) {
            for (Template template : placed.words.byLanguage().values()) {
                text(subject, template.source(), placed);
            }
            boolean inAll = placed.words.byLanguage().containsKey(Words.ANY);
            List<String> missing = languages.stream()
                    .filter(language -> !placed.words.byLanguage().containsKey(language))
                    .toList();
            if (!inAll && !missing.isEmpty()) {
                subject.tell(
                        Code.MISSING_LANGUAGE,
                        placed.pointer,
                        "The text is missing in " + String.join(", ", missing) + ".",
                        "Add it: \"{ ..., " + missing.get(0) + ": ... }\".");
            }
        }
    }

    private static void text(Subject subject, String text, Placed placed) {
        if (text.isBlank() && !placed.pointer.endsWith("/label")) {
            subject.tell(Code.EMPTY_TEXT, placed.pointer, "The text is empty.", "Write a text, or remove the key.");
        }
        if (text.codePoints().anyMatch(TextRules::isHidden)) {
            subject.tell(
                    Code.HIDDEN_CHARACTERS,
                    placed.pointer,
                    "The text holds control characters or characters that turn the direction of reading.",
                    "Type the text anew.");
        }
        for (String word : placed.inBar ? text.split("[\\s\\-\u00AD]+") : new String[0]) {
            if (word.codePointCount(0, word.length()) > LONGEST_WORD) {
                subject.tell(
                        Code.LONG_WORD,
                        placed.pointer,
                        "\"" + word + "\" has " + word.codePointCount(0, word.length()) + " characters.",
                        "Set \"short\", a label for narrow bars.");
            }
        }
    }

    /** Control characters, and the explicit directional formatting characters of UAX #9, section 2. */
    private static boolean isHidden(int c) {
        return Character.isISOControl(c) || (c >= 0x202A && c <= 0x202E) || (c >= 0x2066 && c <= 0x2069);
    }
}
