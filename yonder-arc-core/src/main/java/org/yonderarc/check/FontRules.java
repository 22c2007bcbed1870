package org.yonderarc.check;

import java.util.stream.Collectors;
import org.yonderarc.finding.Code;
import org.yonderarc.plan.Template;

/** The plan's own font: it can be used, and has the letters that its texts need. */
final class FontRules {
    private static final String WHERE = "/theme/font";
    /** More letters than these say nothing more. */
    private static final int MOST_LETTERS = 12;

    private FontRules() {}

    static void file(Subject subject, String file, String pointer) {
        subject.files()
                .trouble(file)
                .ifPresent(trouble -> subject.tell(
                        Code.BAD_FONT,
                        pointer,
                        "The font \"" + file + "\" isn't used as it is: " + trouble + ".",
                        "Name a TTF or OTF file of one weight, whose makers let you embed it."));
    }

    /** Told once where both files lack the same letters, as those of one family do. */
    static void letters(Subject subject) {
        String all = subject.mentioned().texts.stream()
                .flatMap(said -> said.words().byLanguage().values().stream())
                .map(Template::source)
                .collect(Collectors.joining());
        subject.plan().theme().font().ifPresent(font -> {
            String regular = subject.files().lacking(font.regular(), all);
            lacks(subject, font.regular(), WHERE + "/regular", regular);
            font.semibold().ifPresent(semibold -> {
                String lacking = subject.files().lacking(semibold, all);
                if (!lacking.equals(regular)) {
                    lacks(subject, semibold, WHERE + "/semibold", lacking);
                }
            });
        });
    }

    private static void lacks(Subject subject, String file, String pointer, String letters) {
        if (!letters.isEmpty()) {
            subject.tell(
                    Code.FONT_LACKS,
                    pointer,
                    "The font \"" + file + "\" has no " + named(letters) + ", which texts of the plan need.",
                    "Choose a font that has them, or look at how the bundled one sets them in a picture.");
        }
    }

    private static String named(String letters) {
        int count = letters.codePointCount(0, letters.length());
        String first = letters.substring(0, letters.offsetByCodePoints(0, Math.min(count, MOST_LETTERS)));
        String listed = first.codePoints()
                .mapToObj(letter -> "\"" + Character.toString(letter) + "\"")
                .collect(Collectors.joining(", "));
        return count > MOST_LETTERS ? listed + " and " + (count - MOST_LETTERS) + " more" : listed;
    }
}
