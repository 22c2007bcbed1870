package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Suggestion;
import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.BuiltInText;
import org.yonderarc.plan.Ids;
import org.yonderarc.plan.Mentions;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Template;
import org.yonderarc.plan.Words;

/** Texts: their holes can be filled, they are complete in every language, and they hide nothing. */
final class TextRules {
    /** Where the words stand that the app says of itself. */
    private static final String OWN = "/app/built-in-texts/";

    /** Words of more characters are cut off in the slot of a small phone's bar. */
    private static final int LONGEST_WORD = 14;

    private TextRules() {}

    static void holes(Subject subject) {
        for (Mentioned.Said said : subject.mentioned().texts) {
            said.words().holes().forEach(hole -> hole(subject, hole, said.pointer(), screenOf(subject, said)));
        }
    }

    /** The screen whose parameters a text knows. */
    private static Optional<Screen> screenOf(Subject subject, Mentioned.Said said) {
        return said.text() == Mentions.Text.TITLE || said.text() == Mentions.Text.SAMPLE
                ? subject.plan().screens().find(said.pointer().split("/")[2])
                : Optional.empty();
    }

    /** A hole is a fact; in the title of a screen and in its sample content, it may be a parameter too. */
    private static void hole(Subject subject, String hole, String pointer, Optional<Screen> screen) {
        if (pointer.startsWith(OWN)) {
            if (!hole.equals(BuiltInText.PLACE) || !pointer.equals(OWN + BuiltInText.BACK_TO.word())) {
                subject.tell(
                        Code.UNKNOWN_FACT,
                        pointer,
                        "{" + hole + "} can't be filled here.",
                        "Leave it out. The only hole is {place}, in \"" + BuiltInText.BACK_TO.word() + "\".");
            }
            return;
        }
        if (screen.isEmpty()) {
            subject.fact(hole, pointer);
            return;
        }
        boolean isKnown = subject.plan().facts().find(hole).isPresent()
                || screen.get().path().names().contains(hole);
        if (!isKnown) {
            Set<String> known = new HashSet<>(screen.get().path().names());
            if (subject.findings().wants(Code.UNKNOWN_FACT)) {
                known.addAll(subject.plan().facts().ids());
            }
            subject.tell(
                    Code.UNKNOWN_FACT,
                    pointer,
                    "{" + hole + "} is neither a parameter of the path "
                            + screen.get().path() + " nor a fact.",
                    Suggestion.sentence(hole, known, "Add it to the path, or below \"facts\"."));
        }
    }

    /** The app's own words are known in each language of the plan, or the plan has them. */
    static void ownWords(Subject subject) {
        App app = subject.plan().app();
        boolean isTyped = subject.plan().bars().stream()
                .flatMap(bar -> bar.forms().values().stream())
                .anyMatch(form -> form.typed().isPresent());
        for (int i = 0; i < app.languages().size(); i++) {
            String language = app.languages().get(i);
            List<String> missing = BuiltInText.isKnown(language)
                    ? List.of()
                    : Stream.of(BuiltInText.values())
                            .filter(word -> !app.isWorded(word, language))
                            .filter(word -> isTyped || word != BuiltInText.FIND && word != BuiltInText.NOTHING)
                            .map(BuiltInText::word)
                            .collect(toList());
            if (!missing.isEmpty()) {
                subject.tell(
                        Code.MISSING_LANGUAGE,
                        "/app/languages/" + i,
                        "What the app says of itself isn't known in " + language + ", and would be English: "
                                + String.join(", ", missing) + ".",
                        "Word it below \"built-in-texts\" of the app: \"built-in-texts: { " + missing.get(0)
                                + ": { ..., " + language + ": ... } }\".");
            }
        }
    }

    /** An id is in one language, whichever that is. */
    private static void bars(Subject subject, List<String> languages) {
        int index = 0;
        for (Bar bar : subject.plan().bars()) {
            String pointer = subject.bar(index++);
            if (bar.menu().isPresent() && bar.spokenLabel().isEmpty()) {
                subject.tell(
                        Code.ONE_LANGUAGE,
                        pointer,
                        "Screen readers call the bar \"" + bar.id() + "\" by the id of its menu, \""
                                + Ids.asTitle(bar.menu().get()) + "\", in " + String.join(", ", languages) + ".",
                        "Add \"spoken-label: { " + languages.get(0) + ": ..., " + languages.get(1) + ": ... }\".");
            }
        }
    }

    static void texts(Subject subject) {
        List<String> languages = subject.plan().app().languages();
        boolean isTranslated = languages.size() > 1
                && subject.mentioned().texts.stream()
                        .anyMatch(said -> said.words().byLanguage().size() > 1);
        if (isTranslated && !subject.plan().hasOneMenu()) {
            bars(subject, languages);
        }
        for (Mentioned.Said placed : subject.mentioned().texts) {
            if (isTranslated
                    && isName(placed)
                    && placed.words().byLanguage().keySet().equals(Set.of(Words.ANY))
                    && Objects.requireNonNull(placed.words().byLanguage().get(Words.ANY))
                            .source()
                            .codePoints()
                            .anyMatch(Character::isLetter)) {
                subject.tell(
                        Code.ONE_LANGUAGE,
                        placed.pointer(),
                        "The text is the same in " + String.join(", ", languages) + ".",
                        "Translate it: \"{ " + languages.get(0) + ": ..., " + languages.get(1)
                                + ": ... }\", or accept it, if it is a name.");
            }
            for (Template template : placed.words().byLanguage().values()) {
                text(subject, template.source(), placed);
            }
            boolean inAll = placed.words().byLanguage().containsKey(Words.ANY);
            List<String> missing = languages.stream()
                    .filter(language -> !placed.words().byLanguage().containsKey(language))
                    .collect(toList());
            // The app's own words are known in most languages; those that lack them are told by themselves.
            if (!inAll && !missing.isEmpty() && !placed.pointer().startsWith(OWN)) {
                subject.tell(
                        Code.MISSING_LANGUAGE,
                        placed.pointer(),
                        "The text is missing in " + String.join(", ", missing) + ".",
                        "Add it: \"{ ..., " + missing.get(0) + ": ... }\".");
            }
        }
    }

    private static void text(Subject subject, String text, Mentioned.Said placed) {
        if (text.isBlank() && !isLabel(placed) && placed.text() != Mentions.Text.SAMPLE) {
            subject.tell(Code.EMPTY_TEXT, placed.pointer(), "The text is empty.", "Write a text, or remove the key.");
        }
        if (text.codePoints().anyMatch(TextRules::isHidden)) {
            subject.tell(
                    Code.HIDDEN_CHARACTERS,
                    placed.pointer(),
                    "The text holds control characters or characters that turn the direction of reading.",
                    "Type the text again.");
        }
        for (String word : placed.text() == Mentions.Text.LABEL ? text.split("[\\s\\-\u00AD]+") : new String[0]) {
            if (word.codePointCount(0, word.length()) > LONGEST_WORD) {
                subject.tell(
                        Code.LONG_WORD,
                        placed.pointer(),
                        "\"" + word + "\" has " + word.codePointCount(0, word.length()) + " characters.",
                        "Set \"short-label\", a label for narrow bars.");
            }
        }
    }

    /** A screen's title, an item's label, or a name that is read aloud. */
    private static boolean isName(Mentioned.Said said) {
        return said.text() == Mentions.Text.LABEL
                || said.text() == Mentions.Text.TITLE
                || said.text() == Mentions.Text.SPOKEN;
    }

    /** The label of an item may be empty: its icon and its spoken name say what it is. */
    private static boolean isLabel(Mentioned.Said said) {
        return said.text() == Mentions.Text.LABEL && said.pointer().endsWith("/label");
    }

    /** Control characters, and the explicit directional formatting characters of UAX #9, section 2. */
    private static boolean isHidden(int c) {
        return Character.isISOControl(c) || (c >= 0x202A && c <= 0x202E) || (c >= 0x2066 && c <= 0x2069);
    }
}
